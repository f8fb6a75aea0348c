package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.demo.DemoScenes;

/** Tasks with a clock, most of them done by somebody who has a keyboard and nothing else. */
class DrillsTest extends OfTheirOwn {
    @BeforeEach
    void toTheBoatyard() {
        page.navigate("/scenes");
        byte[] boatyard = DemoScenes.all().get("Saltmarsh Boatyard").get();
        page.setInputFiles(Browser.SCENE_FILES, new FilePayload("Boatyard.glb", "model/gltf-binary", boatyard));
        page.waitForURL("**/scenes/*");
        hand = Hand.ready(page);
    }

    private void start(String drill) {
        toStage();
        page.keyboard().press("/");
        page.locator(".el-dialog:visible input").first().fill("drills");
        page.locator("[aria-selected=true]:has-text('Open the drills')").waitFor();
        page.keyboard().press("Enter");
        page.locator("[data-drill='" + drill + "'] button").focus();
        page.keyboard().press("Enter");
        page.locator("[data-drill-bar='" + drill + "']").waitFor();
        page.locator("[data-drills]").waitFor(hidden());
        toStage();
    }

    private static Locator.WaitForOptions hidden() {
        return new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN);
    }

    private void toStage() {
        page.locator("[data-stage] canvas").first().focus();
    }

    private void select(String name) {
        Object id = hand.ask("scene().objects.find(o => o.name === a).id", name);
        page.locator("[data-search]").fill(name);
        page.keyboard().press("Enter");
        page.waitForFunction(
                "(id) => [...document.querySelectorAll('[role=treeitem]')].at(-1)?.dataset.object === id", id);
        page.locator("[data-drawer=scene] [role=tree]").focus();
        // What was found comes after what it lies in.
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("ArrowDown");
        }
        page.waitForCondition(() -> {
            page.keyboard().press("Enter");
            return List.of(id).equals(hand.ask("selection()", null));
        });
        page.locator("[data-search]").fill("");
        toStage();
    }

    private String result() {
        Locator r = page.locator("[data-drill-result]");
        page.waitForCondition(() -> r.count() == 1 && !r.textContent().contains("looked at"));
        return r.textContent();
    }

    private void leave() {
        page.locator("[data-drill-leave]").focus();
        page.keyboard().press("Enter");
        page.locator("[data-drill-bar]").waitFor(hidden());
    }

    @Test
    void aStrangerWithAKeyboardAloneDoesTheFirstFive() {
        Object before = hand.ask("views().map(v => v.pose)", null);
        start("round");
        for (String v : List.of("v1", "v2", "v3", "v4")) {
            page.locator("[data-viewport=" + v + "] [data-plate] button")
                    .first()
                    .focus();
            toStage();
            page.keyboard().press("q");
            page.waitForCondition(() -> page.locator("[data-viewport]").count() == 1);
            page.keyboard().press("q");
            page.waitForCondition(() -> page.locator("[data-viewport]").count() == 4);
        }
        assertThat(result()).contains("your best so far");
        leave();
        start("rivet");
        select("Brass rivet");
        page.keyboard().press("f");
        page.waitForFunction("() => document.querySelector('[data-drill-bar] [role=progressbar]').ariaValueNow >= 50");
        page.keyboard().press("Backspace");
        assertThat(result()).contains("your best so far");
        leave();
        start("mark");
        select("Painted mark");
        page.keyboard().press("Shift+y");
        Hand.still(page);
        page.keyboard().press("f");
        assertThat(result()).contains("your best so far");
        leave();
        start("toolbox");
        select("Toolbox");
        page.keyboard().press("Shift+i");
        page.keyboard().press("f");
        assertThat(result()).contains("your best so far");
        leave();
        start("level");
        page.keyboard().press("n");
        assertThat(result()).contains("your best so far");
        // Once more, beside the ghost of the first time.
        page.locator("[data-drill-again]").focus();
        page.keyboard().press("Enter");
        page.locator("[data-ghost]").waitFor();
        toStage();
        page.keyboard().press("n");
        assertThat(result()).contains("Done in");
        leave();
        assertThat(hand.ask("views().map(v => v.pose)", null))
                .as("all is as it was")
                .isEqualTo(before);
        @SuppressWarnings("unchecked")
        List<Map<String, Object>> kept =
                (List<Map<String, Object>>) page.evaluate("() => fetch('/api/drills').then(r => r.json())");
        assertThat(kept.stream()
                        .filter(d -> !((List<?>) d.get("runs")).isEmpty())
                        .map(d -> d.get("id")))
                .containsExactly("round", "rivet", "mark", "toolbox", "level");
        // Nothing that was hidden for it was kept.
        assertThat((String) page.evaluate(
                        "(id) => fetch('/api/scenes/' + location.pathname.split('/').pop() + '/edits').then(r => r.text())",
                        null))
                .doesNotContain("hidden\":true");
    }

    @Test
    void aHintIsToldAndLeavingTakesTheBoardAway() {
        int tabs = page.locator("[data-board]").count();
        start("mark");
        page.locator("[data-drill-bar] button:has-text('A hint')").click();
        page.locator("[data-drill-bar]:has-text('Go below')").waitFor();
        leave();
        page.waitForCondition(() -> page.locator("[data-board]").count() == tabs);
        assertThat(page.locator("[data-drill-bar]").count()).isZero();
    }

    /** The viewports have other places then, which the server hears of with everything else. */
    @Test
    void aRunDuringWhichADrawerIsShutAndOpenedCounts() {
        start("round");
        boolean open = true;
        for (String v : List.of("v1", "v2", "v3", "v4")) {
            double wide = rect("v2")[2];
            page.locator("[data-help=drawer-scene]").click();
            page.waitForCondition(() -> rect("v2")[2] != wide);
            open = !open;
            assertThat(page.locator("[data-drawer=scene]").count()).isEqualTo(open ? 1 : 0);
            // Near its right border, which is elsewhere with the drawer.
            hand.over(v, 0.94, 0.5).key("q");
            page.waitForCondition(() -> page.locator("[data-viewport]").count() == 1);
            hand.key("q");
            page.waitForCondition(() -> page.locator("[data-viewport]").count() == 4);
        }
        assertThat(result()).startsWith("Done in ").contains("your best so far");
        leave();
    }

    /** Two views make a drill; its picture is the task, by keyboard as everything here. */
    @Drawn
    @Test
    void theViewToComeToIsShownAsAPicture() {
        start("stand");
        page.waitForFunction("() => document.querySelector('[data-goal]')?.naturalWidth > 100");
        // Something is on it: not every pixel is the same.
        assertThat(
                        (Boolean)
                                page.evaluate(
                                        """
                        () => {
                          const i = document.querySelector('[data-goal]');
                          const c = Object.assign(document.createElement('canvas'), {width: i.naturalWidth, height: i.naturalHeight});
                          const g = c.getContext('2d');
                          g.drawImage(i, 0, 0);
                          const d = new Uint32Array(g.getImageData(0, 0, c.width, c.height).data.buffer);
                          return new Set(d).size > 50;
                        }"""))
                .isTrue();
        leave();
        start("mark");
        assertThat(page.locator("[data-goal]").count()).isZero();
        leave();
    }

    @Test
    void aDrillOfOnesOwnIsMadeDoneAndDeleted() {
        hand.over("v2");
        toStage();
        page.keyboard().press("/");
        page.locator(".el-dialog:visible input").first().fill("drills");
        page.locator("[aria-selected=true]:has-text('Open the drills')").waitFor();
        page.keyboard().press("Enter");
        // The dialog takes the keyboard as it opens; only then is it led on.
        page.waitForFunction("() => document.querySelector('[data-drills]')?.closest('.el-dialog')"
                + "?.parentElement.contains(document.activeElement)");
        page.locator("[data-make]").focus();
        page.keyboard().press("Enter");
        page.locator("[data-making=start]").waitFor();
        page.locator("[data-drills]").waitFor(hidden());
        page.locator("[data-make-start]").focus();
        page.keyboard().press("Enter");
        page.locator("[data-making=goal]").waitFor();
        // The view from where it begins is no goal.
        page.locator("[data-make-goal]").focus();
        page.keyboard().press("Enter");
        page.locator("[data-making=goal]:has-text('go somewhere else first')").waitFor();
        toStage();
        hand.key("ArrowLeft").key("ArrowLeft");
        page.locator("[data-make-goal]").focus();
        page.keyboard().press("Enter");
        page.locator("[data-making=name] img").waitFor();
        page.keyboard().type("Round <b>the</b> hull");
        page.keyboard().press("Enter");
        Locator mine = page.locator("[data-own-drills] li:has-text('Round <b>the</b> hull')");
        mine.waitFor();
        AccessTest.check(page, "a drill of one's own");
        mine.locator("[data-help=start-drill]").focus();
        page.keyboard().press("Enter");
        page.locator("[data-drill-bar] [data-goal]").waitFor();
        page.locator("[data-drills]").waitFor(hidden());
        page.waitForFunction("() => document.querySelector('[data-goal]').naturalWidth === 264");
        toStage();
        hand.key("ArrowLeft").key("ArrowLeft");
        assertThat(result()).startsWith("Done in ").contains("your best so far");
        leave();
        toStage();
        page.keyboard().press("/");
        page.locator(".el-dialog:visible input").first().fill("drills");
        page.locator("[aria-selected=true]:has-text('Open the drills')").waitFor();
        page.keyboard().press("Enter");
        // The list shows what it knew until it hears of the run.
        page.waitForCondition(() -> !mine.locator(".best").textContent().isBlank());
        mine.locator("[data-help=drill-delete]").focus();
        page.keyboard().press("Enter");
        mine.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
    }
}
