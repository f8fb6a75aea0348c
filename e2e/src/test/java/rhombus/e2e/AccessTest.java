package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** WCAG 2.2 A and AA as far as axe-core can see, on every screen, dark and light. */
class AccessTest {
    private Page page;

    /** Also after a failure: a scene that stays open keeps the next test from saving. */
    @AfterEach
    void close() {
        Browser.close(page);
    }

    @ParameterizedTest
    @EnumSource(names = {"DARK", "LIGHT"})
    void everyScreenPasses(ColorScheme scheme) {
        page = Browser.page(scheme, new ArrayList<>());
        page.navigate("/sign-in");
        page.locator("#name").waitFor();
        check(page, "sign-in");
        Browser.signIn(page, "demo", "saltmarsh");
        page.locator("main li").first().waitFor();
        page.waitForFunction("() => [...document.querySelectorAll('[data-scene] img')].every(i => i.naturalWidth > 0)");
        check(page, "scenes");
        Hand hand = Hand.open(page, "Tidal Orrery");
        hand.press("[data-drawer=scene] .row >> nth=1");
        check(page, "stage");
        hand.press("[data-viewport=v1] [data-plate] [aria-label^='Look']");
        Hand.still(page);
        check(page, "chooser");
        hand.press("[data-edit-look]");
        hand.press("[data-part=edges][data-choice=all]");
        check(page, "changing a look");
        close(page);
        hand.over("v1").key("1");
        page.locator("[data-viewport=v2] [data-rose]").focus();
        page.keyboard().press("ArrowRight");
        check(page, "the Rose by keyboard");
        page.keyboard().press("Shift+F10");
        Hand.still(page);
        check(page, "the Rose's menu");
        close(page);
        page.evaluate("() => document.activeElement.blur()");
        hand.over("v2").key("g");
        check(page, "the Pad");
        hand.key("Escape").key("w");
        check(page, "walking");
        hand.key("Escape");
        boards(page, hand);
        cameras(page, hand);
        files(page, hand);
        help(page, hand);
        page.locator("[data-command='app.habits']").first().click();
        page.locator("[data-habit='orbit.speed']").hover();
        page.locator("[data-preview]").waitFor();
        Hand.still(page);
        check(page, "habits");
        close(page);
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-binding=home]").waitFor();
        Hand.still(page);
        check(page, "keys");
        page.locator("[data-as=picture]").click();
        page.locator("[data-picture-key=KeyD]").click();
        page.locator("input[data-give]").fill("hide");
        page.locator("[data-picture-answer] button:has-text('hide')").first().waitFor();
        check(page, "the picture of the keymap");
        page.locator("[data-deed=teach]").click();
        page.locator("[data-asks]").waitFor();
        check(page, "teaching a keymap");
        page.locator("[data-teach-deed=cancel]").click();
        page.locator("[data-as=report]").click();
        page.locator("[data-report] tr").first().waitFor();
        check(page, "the hand report");
        page.locator("[data-deed=bench]").click();
        page.locator("[data-simulate]").check();
        for (String sort : new String[] {"gamepad", "mouse3d", "pen", "fingers"}) {
            page.locator("[data-sort=" + sort + "]").click();
            page.locator("[data-hands] input").first().waitFor();
            Hand.still(page);
            check(page, "the device bench, " + sort);
        }
        page.navigate("/account");
        page.locator("[data-places] li").first().waitFor();
        page.click("text=Delete the account …");
        page.locator("#remove-password").waitFor();
        Hand.still(page);
        check(page, "the account");
    }

    @Test
    void aMotionIsSaidOnceItIsOver() {
        page = Browser.page();
        Browser.enter(page, "demo", "saltmarsh");
        Hand hand = Hand.open(page, "Tidal Orrery");
        Locator said = page.locator("[data-said][role=status]");
        hand.over("v2").key("h").key("ArrowLeft");
        page.locator("[data-said]:has-text('orbit left')")
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
        assertThat(said.textContent())
                .startsWith("Scout, view ")
                .contains(": orbit left. Looks ")
                .endsWith("Nothing is selected.");
        hand.over("v1");
        page.locator("[data-said]:has-text('Looks from the top')")
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
    }

    /** Where the system gives the colours, what is on is marked by lines, and the stage keeps its colours. */
    @Test
    void statesAreSeenWithForcedColours() {
        page = Browser.page();
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
        Browser.enter(page, "demo", "saltmarsh");
        Hand hand = Hand.open(page, "Tidal Orrery");
        String outline = "(s) => getComputedStyle(document.querySelector(s)).outlineStyle";
        assertThat(page.evaluate(outline, "[data-board][aria-selected=true]")).isEqualTo("solid");
        assertThat(page.evaluate(outline, "[data-board][aria-selected=false]")).isEqualTo("none");
        assertThat(page.evaluate(outline, "[data-help=drawer-scene]")).isEqualTo("solid");
        hand.press("[data-help=drawer-scene]");
        page.mouse().move(640, 400);
        assertThat(page.evaluate(outline, "[data-help=drawer-scene]")).isEqualTo("none");
        assertThat(
                        page.evaluate(
                                """
                        () => {
                          const of = (e) => getComputedStyle(e).backgroundColor;
                          const chips = [...document.querySelectorAll('[data-plate] .chip.lead')];
                          return chips.length === 1 && of(chips[0]) !== of(document.body);
                        }"""))
                .as("the active viewport keeps its mark")
                .isEqualTo(true);
    }

    private static void files(Page page, Hand hand) {
        hand.choose("[data-scene-menu]", "[data-thing='Save as a file']");
        page.locator("[data-format=stl]").click();
        page.locator("[data-export-preview] li").first().waitFor();
        Hand.still(page);
        check(page, "saving as a file");
        close(page);
        hand.choose("[data-scene-menu]", "[data-thing='Newer file']");
        page.setInputFiles(
                "[aria-label='Files of the newer version']", SmallScenes.upload("boxes.gltf", SmallScenes.boxes()));
        page.locator("[data-newer] :is([data-newer-report], [role=alert])").waitFor();
        assertThat(page.locator("[data-newer] [role=alert]").allTextContents()).isEmpty();
        Hand.still(page);
        check(page, "the report of a newer file");
        page.locator("button:has-text('Discard it')").click();
        page.locator("button:has-text('Choose files')").waitFor();
        close(page);
    }

    private static void help(Page page, Hand hand) {
        hand.over("v2").key("Alt+Slash");
        page.locator("[data-what]").waitFor();
        page.locator("[data-command='app.keys']").first().hover();
        page.locator("[data-what] strong").waitFor();
        check(page, "What is this?");
        page.keyboard().press("Escape");
        page.locator("[data-viewport=v2] [data-help='chip-lens']").hover();
        page.locator("[data-help-bubble]").waitFor();
        check(page, "hover help");
        page.locator("[data-help-bubble] button").click();
        page.locator("[data-picture]").waitFor();
        Hand.still(page);
        check(page, "the glossary");
        page.locator(".el-dialog:visible [data-guide=words]").click();
        page.locator("[data-page=words] img").waitFor();
        Hand.still(page);
        check(page, "the guide");
        page.keyboard().press("Escape");
        page.locator("[data-page]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        close(page);
        Hand.choose(page, "[data-help-menu]", "[data-thing='Drills']");
        page.locator("[data-drill]").first().waitFor();
        Hand.still(page);
        check(page, "drills");
        close(page);
    }

    private static void boards(Page page, Hand hand) {
        page.locator("[data-board-menu]").click();
        Hand.still(page);
        check(page, "the board's menu");
        close(page);
        hand.over("v2").key("Shift+P").key("Alt+Backspace");
        page.waitForFunction(
                "() => document.querySelector('[data-trail] img') && document.querySelector('[data-pin] img')");
        hand.press("[data-viewport=v2] [data-chooser]");
        page.waitForFunction("() => document.querySelectorAll('.chooser img').length >= 8");
        check(page, "the direction chooser, the Trail and Pins");
        close(page);
        hand.over("v2").key("Alt+Backspace").key("Control+Shift+F");
        page.locator("[data-snapshot]").waitFor();
        Hand.still(page);
        check(page, "snapshot");
        close(page);
    }

    /** A scene without cameras gets one, which is driven, numbered and listed. */
    private static void cameras(Page page, Hand hand) {
        hand.press("[data-drawer=scene] [data-command='app.shots']");
        page.locator("[data-shots]").waitFor();
        Hand.still(page);
        check(page, "a shot list without cameras or with few");
        close(page);
        hand.over("v2").key("Alt+C").key("Shift+C");
        hand.choose("[data-viewport=v2] [aria-label=Overlays]", "[data-thing='Action and title areas']");
        // What fades away has no size that counts.
        page.waitForFunction("() => [...document.querySelectorAll('.el-dropdown-menu')].every((m) => !m.offsetParent)");
        Hand.still(page);
        page.locator("[data-camera-readout]").waitFor();
        check(page, "driving a camera");
        hand.press("[data-drawer=scene] [data-command='app.shots']");
        page.locator("[data-shots] .name").first().waitFor();
        Hand.still(page);
        check(page, "the shot list");
        close(page);
        hand.over("v2").key("Control+z");
    }

    /** Closes what is open and waits until it has faded away; what the pointer rests on may say what it is. */
    private static void close(Page page) {
        page.keyboard().press("Escape");
        Hand.still(page);
        page.waitForFunction(
                "() => [...document.querySelectorAll('.el-popper:not(.help-bubble)')].every((p) => !p.checkVisibility())");
    }

    /**
     * Targets below 24 pixels with another one nearer than 12 to their middle (WCAG 2.2, 2.5.8, with the exception for spacing). Borders
     * between viewports are excepted: the arrow keys and the menu of boards do the same. What stands in a sentence is as high as that.
     */
    private static final String CRAMPED =
            """
            () => {
              const kinds = 'button, input, select, textarea, a[href], summary, [role=tab], [role=radio], [role=menuitem], [role=option], [role=slider]';
              const at = (e) => {
                const r = (e.closest('label') ?? e).getBoundingClientRect();
                return { e, r, x: r.x + r.width / 2, y: r.y + r.height / 2 };
              };
              const hit = (t) => {
                const there = document.elementFromPoint(t.x, t.y);
                return there && (t.e.contains(there) || there.contains(t.e));
              };
              const all = [...document.querySelectorAll(kinds)].filter((e) => !e.disabled && e.checkVisibility()).map(at).filter(hit);
              const gap = (t, o) => Math.hypot(Math.max(o.r.left - t.x, 0, t.x - o.r.right), Math.max(o.r.top - t.y, 0, t.y - o.r.bottom));
              return all
                .filter((t) => t.r.width < 23.5 || t.r.height < 23.5)
                .filter((t) => !t.e.closest('[role=separator], [data-page] p, [data-page] li'))
                .filter((t) => all.some((o) => o.e !== t.e && !o.e.contains(t.e) && !t.e.contains(o.e) && o.r.width && gap(t, o) < 12))
                .map((t) => t.e.outerHTML.slice(0, 120) + ' ' + Math.round(t.r.width) + ' x ' + Math.round(t.r.height));
            }""";

    private static final String DIALOG = "[role=dialog][aria-modal=true]:not([style*='display: none'])";

    /** Everything in the dark theme; in the light one its colours, since nothing else of a page is another there. */
    static void check(Page page, String screen) {
        AxeBuilder axe = new AxeBuilder(page);
        // Only what is wrong is told: the rest is long, and nobody reads it.
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        axe.options(options);
        // What lies behind a dialog cannot be reached, and was looked at before.
        if (page.locator(DIALOG).count() > 0) {
            axe.include(DIALOG);
        }
        if ("dusk".equals(page.evaluate("() => document.documentElement.dataset.theme ?? 'dusk'"))) {
            assertThat((List<?>) page.evaluate(CRAMPED))
                    .as("targets on %s", screen)
                    .isEmpty();
            axe.withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"));
        } else {
            axe.withRules(List.of("color-contrast"));
        }
        List<Rule> wrong = axe.analyze().getViolations();
        assertThat(wrong.stream()
                        .map(r -> r.getId() + ": "
                                + r.getNodes().stream()
                                        .map(n -> n.getHtml() + " " + n.getFailureSummary())
                                        .toList()))
                .as(screen)
                .isEmpty();
    }
}
