package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.MouseButton;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

/** Boards: how viewports share the stage, tabs of arrangements, and what never changes while one goes between them. */
class BoardsTest extends OfTheirOwn {
    private BoundingBox box(String selector) {
        return page.locator(selector).first().boundingBox();
    }

    /** Drags from the middle of a handle, as a hand does. */
    private void drag(String handle, double dx, double dy) {
        BoundingBox b = box(handle);
        page.mouse().move(b.x + b.width / 2, b.y + b.height / 2);
        page.mouse().down();
        page.mouse().move(b.x + b.width / 2 + dx, b.y + b.height / 2 + dy, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        hand.idle();
    }

    @Test
    void everyArrangementFillsTheStage() {
        Map<String, Integer> templates = Map.of(
                "single",
                1,
                "side-by-side",
                2,
                "stacked",
                2,
                "row",
                3,
                "one-over-two",
                3,
                "one-beside-three",
                4,
                "four",
                4);
        templates.forEach((template, count) -> {
            menu("[data-template=" + template + "]");
            BoundingBox stage = box("[data-stage]");
            List<Map<String, Object>> views = views();
            assertThat(views).as(template).hasSize(count);
            assertThat(page.locator("[data-viewport]:visible").count()).isEqualTo(count);
            double area = 0;
            for (Map<String, Object> v : views) {
                double[] r = rect((String) v.get("id"));
                assertThat(r[0]).isGreaterThanOrEqualTo(stage.x - 0.5);
                assertThat(r[1] + r[3]).isLessThanOrEqualTo(stage.y + stage.height + 0.5);
                area += r[2] * r[3];
            }
            assertThat(area / (stage.width * stage.height)).as(template).isGreaterThan(0.98);
        });
        menu("[data-template=one-over-two]");
        saved();
        page.reload();
        Hand.ready(page);
        assertThat(views()).hasSize(3);
    }

    @Test
    void bordersAreDraggedSnapAtEvenSharesAndEvenOutByDoubleClick() {
        double whole = rect("v1")[2] + rect("v2")[2];
        String upright = "[data-border]:not(.crossing).upright";
        drag(upright, 90, 0);
        double moved = rect("v1")[2];
        assertThat(moved).isCloseTo(whole / 2 + 90, within(3.0));
        // All borders that were in line have moved together.
        assertThat(rect("v3")[2]).isEqualTo(moved);
        drag(upright, -86, 0);
        assertThat(rect("v1")[2]).as("four pixels off an even share snap to it").isCloseTo(rect("v2")[2], within(1.0));
        drag(upright, -120, 0);
        BoundingBox b = box(upright);
        page.mouse().dblclick(b.x + b.width / 2, b.y + b.height / 2);
        hand.idle();
        assertThat(rect("v1")[2]).isCloseTo(rect("v2")[2], within(1.0));
        page.locator(upright).first().focus();
        hand.key("ArrowRight");
        assertThat(rect("v1")[2]).isGreaterThan(rect("v2")[2]);
        hand.key("Enter");
        assertThat(rect("v1")[2]).isCloseTo(rect("v2")[2], within(1.0));
    }

    @Test
    void aCrossingMovesBothBordersAndEscapePutsThemBack() {
        double[] before = rect("v4");
        drag("[data-border].crossing", -100, 60);
        double[] after = rect("v4");
        assertThat(after[0]).isCloseTo(before[0] - 100, within(2.0));
        assertThat(after[1]).isCloseTo(before[1] + 60, within(2.0));
        BoundingBox b = box("[data-border].crossing");
        page.mouse().move(b.x + 1, b.y + 1);
        page.mouse().down();
        page.mouse().move(b.x + 150, b.y - 90, new Mouse.MoveOptions().setSteps(4));
        page.keyboard().press("Escape");
        page.mouse().up();
        hand.idle();
        assertThat(rect("v4")).containsExactly(after);
    }

    @Test
    void viewportsAreSplitUpToTwelveAndClosedAndUndone() {
        for (int i = 0; i < 8; i++) {
            String widest = (String) hand.ask(
                    """
                    views().filter(v => v.shown).sort((a, b) => b.rect.width * b.rect.height - a.rect.width * a.rect.height)[0].id""",
                    null);
            plate(
                    widest,
                    "Viewport",
                    "[data-command='board.split']" + (i % 2 == 0 ? ":has-text('side')" : ":has-text('above')"));
        }
        assertThat(views()).hasSize(12);
        plate("v2", "Viewport", "[data-command='board.split']");
        assertThat(views()).hasSize(12);
        assertThat(page.locator("[data-notice]").last().textContent()).contains("at most 12");
        double[] eye = hand.eye("v2");
        plate("v2", "Viewport", "[data-command='board.close']");
        assertThat(views()).hasSize(11);
        hand.press("[data-notice] [data-command='board.undo']");
        assertThat(views()).hasSize(12);
        assertThat(hand.eye("v2")).containsExactly(eye);
    }

    @Test
    void eightViewportsShowEightDifferentThingsAndComeBackAfterARestart() {
        for (String v : List.of("v1", "v2", "v3", "v4")) {
            plate(v, "Viewport", "[data-command='board.split']:has-text('side')");
        }
        String[] ids = {"v1", "v2", "v3", "v4", "v5", "v6", "v7", "v8"};
        String[] directions = {"top", "scout", "front", "right", "bottom", "free-flat", "back", "left"};
        String[] keys = {"1", "6", "7"};
        String[] modes = {"wire", "smooth", "smooth-edges"};
        for (int i = 0; i < 8; i++) {
            hand.over(ids[i]).key(keys[i % 3]);
            choose(ids[i], directions[i]);
        }
        plate("v2", "Overlays", "[data-command='display.overlay']:has-text('Ground grid')");
        Set<Object> titles = new TreeSet<>();
        for (int i = 0; i < 8; i++) {
            assertThat(hand.view(ids[i])).containsEntry("display", modes[i % 3]);
            titles.add(hand.view(ids[i]).get("title"));
        }
        assertThat(titles).hasSize(8);
        Object before =
                hand.ask("views().map(v => [v.id, v.title, v.display, v.projection, v.eye, v.rect, v.overlays])", null);
        saved();
        RunningServer.get().restart();
        Browser.signIn(page, account, "tide-and-timber");
        hand = Hand.open(page, "boxes");
        assertThat(hand.ask(
                        "views().map(v => [v.id, v.title, v.display, v.projection, v.eye, v.rect, v.overlays])", null))
                .isEqualTo(before);
    }

    private void choose(String view, String choice) {
        Hand.noMenu(page);
        hand.press("[data-viewport=" + view + "] [data-chooser]");
        hand.press(".chooser [data-choice='" + choice + "']:visible");
        // While it fades away the keyboard is still its own.
        Hand.noMenu(page);
    }

    @Test
    void aPlateDraggedOntoAnotherSwapsTheTwo() {
        double[] first = rect("v1");
        double[] last = rect("v4");
        Map<String, Object> seen = seen("v1");
        BoundingBox chip = box("[data-viewport=v1] [data-chooser]");
        page.mouse().move(chip.x + 12, chip.y + 8);
        page.mouse().down();
        page.mouse().move(last[0] + 90, last[1] + 90, new Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
        hand.idle();
        assertThat(rect("v1")).containsExactly(last);
        assertThat(rect("v4")).containsExactly(first);
        assertThat(seen("v1")).isEqualTo(seen);
        assertThat(page.locator(".chooser:visible").count())
                .as("a drag is no click")
                .isZero();
        // The same without dragging.
        plate(
                "v1",
                "Viewport",
                "[data-command='board.swap']:has-text('" + hand.view("v4").get("title") + "')");
        assertThat(rect("v1")).containsExactly(first);
    }

    @Test
    void tabsAreAddedNamedMovedDuplicatedDeletedAndBroughtBack() {
        assertThat(tabs()).containsExactly("Four views", "One and three", "Camera and scout", "Single");
        hand.press("[data-command='board.add']");
        assertThat(tabs()).hasSize(5);
        page.locator("[data-board][aria-selected=true]").dblclick();
        page.keyboard().type("Deck <b>work</b>");
        page.keyboard().press("Enter");
        hand.idle();
        // It comes after the one it was made from.
        assertThat(tabs().get(1)).isEqualTo("Deck <b>work</b>");
        menu("[data-command='board.duplicate']");
        assertThat(tabs()).hasSize(6);
        page.locator("[data-board][aria-selected=true]").focus();
        hand.key("Control+ArrowRight");
        assertThat(tabs().get(3)).isEqualTo("Deck <b>work</b> copy");
        // By dragging, too.
        BoundingBox from = page.locator("[data-board]").nth(3).boundingBox();
        BoundingBox to = page.locator("[data-board]").nth(0).boundingBox();
        page.mouse().move(from.x + 20, from.y + 10);
        page.mouse().down();
        page.mouse().move(to.x + 10, to.y + 10, new Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
        hand.idle();
        assertThat(tabs().get(0)).isEqualTo("Deck <b>work</b> copy");
        List<String> before = tabs();
        page.locator("[data-board][aria-selected=true]").focus();
        hand.key("Delete");
        assertThat(tabs()).hasSize(5);
        hand.press("[data-notice] [data-command='board.undo']");
        assertThat(tabs()).isEqualTo(before);
        saved();
        page.reload();
        Hand.ready(page);
        assertThat(tabs()).isEqualTo(before);
    }

    @Test
    void goingFromBoardToBoardByKeyComesBackToTheVeryPose() {
        hand.over("v2").drag(MouseButton.RIGHT, 70, 30);
        hand.over("v3").wheel(-300);
        Object before = poses();
        for (int i = 0; i < 4; i++) {
            hand.key("b");
            assertThat(page.locator("[data-board][aria-selected=true]").count()).isEqualTo(1);
        }
        assertThat(poses()).isEqualTo(before);
        hand.key("Shift+B");
        assertThat(views()).hasSize(1);
        hand.over("v1").drag(MouseButton.RIGHT, 40, 0);
        hand.key("b");
        assertThat(poses()).isEqualTo(before);
    }

    /** No frame more than the one that draws the other board, so none shows a mixture of the two. */
    @Test
    void anotherBoardIsThereWithItsFirstPaint() {
        Object frames = page.evaluate(
                """
                async () => {
                  const seen = [];
                  const before = window.rhombus.stats().frames;
                  document.querySelector('[data-board=large]').click();
                  const start = performance.now();
                  while (window.rhombus.stats().frames === before && performance.now() - start < 5000) {
                    await new Promise(requestAnimationFrame);
                    seen.push(window.rhombus.stats().frames - before);
                  }
                  return seen.length;
                }""");
        assertThat(((Number) frames).intValue()).isLessThanOrEqualTo(2);
        assertThat(views()).hasSize(4);
    }

    @Test
    void arrangementsBelongToTheUserAndPosesToTheScene() {
        menu("[data-template=stacked]");
        hand.over("v1").drag(MouseButton.MIDDLE, 50, 20);
        Object poses = poses();
        saved();
        String first = page.url();
        page.navigate("/scenes");
        page.setInputFiles(Browser.SCENE_FILES, SmallScenes.upload("other.gltf", SmallScenes.boxes()));
        page.waitForURL(u -> u.contains("/scenes/") && !u.equals(first));
        Hand.ready(page);
        assertThat(views()).hasSize(2);
        assertThat(poses()).isNotEqualTo(poses);
        page.navigate(first);
        Hand.ready(page);
        assertThat(poses()).isEqualTo(poses);
    }

    @Test
    void soloAndClearDeckTouchNoViewAndFullScreenIsAskedFor() {
        hand.over("v2").drag(MouseButton.RIGHT, 40, 10);
        Object before = poses();
        double width = rect("v3")[2];
        hand.over("v3").key("q");
        assertThat(views()).hasSize(1);
        assertThat(rect("v3")[2]).isGreaterThan(1.9 * width);
        hand.key("q");
        assertThat(poses()).isEqualTo(before);
        hand.key("Shift+Q");
        assertThat(page.locator("header").count()).isZero();
        assertThat(page.locator("[data-hints]").count()).isZero();
        assertThat(box("[data-stage]").width).isEqualTo(1280);
        hand.key("Alt+Q");
        page.waitForFunction("() => document.fullscreenElement !== null");
        hand.key("Alt+Q");
        page.waitForFunction("() => document.fullscreenElement === null");
        hand.key("Shift+Q");
        assertThat(poses()).isEqualTo(before);
    }

    @Drawn
    @Test
    void theDirectionChooserShowsLivePicturesAndWorksByKeyboard() {
        hand.press("[data-drawer=scene] >> text=Tall box");
        Object selection = hand.selection();
        page.locator("[data-viewport=v2] [data-chooser]").focus();
        hand.key("Enter");
        page.waitForFunction("() => document.querySelectorAll('.chooser [data-choice] img').length >= 8");
        Object choices = page.evaluate(
                "() => [...document.querySelectorAll('.chooser [data-choice]')].map(c => c.dataset.choice)");
        assertThat((List<?>) choices).hasSize(8);
        Object different =
                page.evaluate("() => new Set([...document.querySelectorAll('.chooser img')].map(i => i.src)).size");
        assertThat(((Number) different).intValue())
                .as("pictures of different sides")
                .isGreaterThanOrEqualTo(5);
        hand.key("ArrowDown").key("ArrowUp").key("ArrowLeft").key("ArrowLeft").key("ArrowLeft");
        String first = (String) page.evaluate("() => document.activeElement.dataset.choice");
        hand.key("Enter");
        assertThat(hand.view("v2")).containsEntry("direction", first);
        assertThat(hand.selection()).isEqualTo(selection);
        plate("v2", "Overlays", ":has-text('Grid')");
        plate("v2", "Look", "[data-choice='wire']");
        assertThat(hand.selection()).isEqualTo(selection);
        page.locator("[data-viewport=v3] [data-chooser]").focus();
        assertThat((Boolean) hand.view("v3").get("active")).isTrue();
        assertThat(hand.selection()).isEqualTo(selection);
    }

    @Test
    void theFirstClickInAnotherViewportMayOnlyActivateAndAltClickAlwaysDoes() {
        double[] middle = hand.middle("Red box");
        hand.clickOn("v2", middle);
        Object selection = hand.selection();
        assertThat((List<?>) selection).hasSize(1);
        hand.clickOn("v3", hand.middle("Tall box"), "Alt");
        assertThat((Boolean) hand.view("v3").get("active")).isTrue();
        assertThat(hand.selection()).isEqualTo(selection);
        hand.habit("click.first", "Only activates");
        hand.over("v3").key("f");
        hand.clickOn("v2", hand.middle("Tall box"));
        assertThat(hand.pickHere("v2")).containsEntry("name", "Tall box");
        assertThat(hand.selection()).as("the first click").isEqualTo(selection);
        hand.click();
        assertThat(hand.selection()).as("the second").isNotEqualTo(selection);
        // Keys go where the pointer is, clicked or not.
        hand.over("v4").key("6");
        assertThat(hand.view("v4").get("display")).isNotEqualTo(hand.view("v3").get("display"));
    }

    @Test
    void linkedFlatViewsKeepInLineAndShowWhatTheyShare() {
        hand.key("Alt+B");
        assertThat(page.locator("[data-notice]").last().textContent()).contains("inked");
        double[] p = {0.5, 0.5, 0.5};
        assertInLine(p);
        hand.over("v3").down(MouseButton.MIDDLE).by(40, 25);
        page.locator("[data-shared]").first().waitFor();
        assertThat(page.locator("[data-shared]").count()).isGreaterThanOrEqualTo(2);
        hand.up(MouseButton.MIDDLE);
        assertThat(page.locator("[data-shared]").count()).isZero();
        assertInLine(p);
        Map<String, Object> scout = seen("v2");
        hand.over("v1").wheel(-240);
        assertInLine(p);
        assertThat(Hand.num(hand.view("v1"), "extent") / rect("v1")[3])
                .isCloseTo(Hand.num(hand.view("v4"), "extent") / rect("v4")[3], within(1e-9));
        assertThat(seen("v2")).isEqualTo(scout);
        hand.key("Alt+B");
        Map<String, Object> front = seen("v3");
        hand.over("v1").drag(MouseButton.MIDDLE, 30, 30);
        assertThat(seen("v3")).isEqualTo(front);
    }

    /** Top over front in the same column share x; front beside right in the same row share the height. */
    private void assertInLine(double[] p) {
        double[] top = rect("v1");
        double[] front = rect("v3");
        double[] right = rect("v4");
        double x = Hand.num(hand.project("v1", p), "x") - top[0] - top[2] / 2;
        assertThat(Hand.num(hand.project("v3", p), "x") - front[0] - front[2] / 2)
                .isCloseTo(x, within(0.01));
        double y = Hand.num(hand.project("v3", p), "y") - front[1] - front[3] / 2;
        assertThat(Hand.num(hand.project("v4", p), "y") - right[1] - right[3] / 2)
                .isCloseTo(y, within(0.01));
    }

    @Test
    void aStillBoardOfEightDrawsNothing() {
        for (String v : List.of("v1", "v2", "v3", "v4")) {
            plate(v, "Viewport", "[data-command='board.split']");
        }
        hand.over("v2");
        page.locator("[data-notice]")
                .first()
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        hand.idle();
        Object before = hand.ask("stats().frames", null);
        hand.frames(240);
        assertThat(hand.ask("stats().frames", null)).isEqualTo(before);
    }
}
