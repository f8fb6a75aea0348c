package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rhombus.server.RunningServer;

/** From a page enlarged four times to the largest screens: everything is there, and the viewports own the stage. */
class ScreensTest {
    private static int accounts;

    private static Page page(int width, int height, double ratio, boolean touch) {
        return Browser.page(new NewContextOptions()
                .setViewportSize(width, height)
                .setDeviceScaleFactor(ratio)
                .setHasTouch(touch));
    }

    private static Hand open(Page page) {
        String account = "screen " + ++accounts;
        RunningServer.get().account(account);
        return Browser.bring(page, account, SmallScenes.upload("boxes.gltf", SmallScenes.boxes()));
    }

    /** Parts of what is shown that reach out of the window, and cannot be scrolled to. */
    private static final String OUTSIDE =
            """
            (within) => {
              const out = [];
              for (const e of document.querySelectorAll(within + ' :is(button, input, select, a, [role=tab])')) {
                const r = e.getBoundingClientRect();
                if (!r.width || !e.checkVisibility()) continue;
                let box = e.parentElement;
                while (box && !/auto|scroll/.test(getComputedStyle(box).overflow)) box = box.parentElement;
                if (box && box !== document.body) continue;
                if (r.left < -1 || r.right > innerWidth + 1 || r.top < -1 || r.bottom > innerHeight + 1)
                  out.push(e.outerHTML.slice(0, 120));
              }
              return out;
            }""";

    @ParameterizedTest(name = "{0} x {1}, {2} pixels each")
    @CsvSource({"1024, 700, 3", "3840, 2160, 1", "768, 1024, 2", "640, 400, 2"})
    void theViewportsOwnTheStageAndEverythingCanBeReached(int width, int height, double ratio) {
        Page page = page(width, height, ratio, width == 768);
        Hand hand = open(page);
        double[] area = {0};
        ((List<?>) hand.ask("views().filter(v => v.shown).map(v => v.rect.width * v.rect.height)", null))
                .forEach(a -> area[0] += ((Number) a).doubleValue());
        assertThat(area[0] / (width * height)).as("part of the screen").isGreaterThan(width > 700 ? 0.55 : 0.5);
        assertThat(page.evaluate(
                        "() => { const c = document.querySelector('canvas'); return c.width / c.clientWidth; }"))
                .as("pixels of the picture for each of the page")
                .satisfies(r -> assertThat(((Number) r).doubleValue()).isEqualTo(ratio));
        assertThat((List<?>) page.evaluate(OUTSIDE, "body")).isEmpty();
        // What is under the pointer is what is drawn there, whatever a pixel is.
        double[] box = hand.middle("Red box");
        hand.clickOn("v2", box);
        assertThat(hand.selection()).hasSize(1);
        boolean narrow = width < 1100;
        assertThat(page.locator("[data-drawer]:visible").count()).isEqualTo(narrow ? 0 : 2);
        hand.press("header [data-help='drawer-readout']");
        assertThat(page.locator("[data-drawer=readout]").isVisible()).isEqualTo(narrow);
        if (narrow) {
            double whole = area[0];
            assertThat(((Number) hand.ask(
                                    "views().filter(v => v.shown).reduce((s, v) => s + v.rect.width * v.rect.height, 0)",
                                    null))
                            .doubleValue())
                    .as("the drawer lies over the viewports")
                    .isEqualTo(whole);
            assertThat((List<?>) page.evaluate(OUTSIDE, "[data-drawer]")).isEmpty();
            hand.press("header [data-help='drawer-scene']");
            assertThat(page.locator("[data-drawer=scene]").isVisible()).isTrue();
            assertThat(page.locator("[data-drawer=readout]").count()).isZero();
        }
        Browser.close(page);
    }

    @ParameterizedTest(name = "{0} x {1}")
    @CsvSource({"1024, 700", "640, 400"})
    void everyDialogFitsAndScrollsOneWay(int width, int height) {
        Page page = page(width, height, 1, false);
        Hand hand = open(page);
        for (String command : List.of("keys", "habits", "drills", "glossary", "guide", "find")) {
            Hand.choose(page, "[data-help-menu]", "[data-command='app." + command + "']");
            fits(page, command);
        }
        for (String command : List.of("export", "shots", "snapshot", "versions", "newer-file")) {
            Hand.choose(page, "[data-scene-menu]", "[data-command='app." + command + "'] >> nth=0");
            fits(page, command);
        }
        hand.idle();
        Browser.close(page);
    }

    private static void fits(Page page, String what) {
        Locator dialog = page.locator(".el-dialog:visible");
        dialog.waitFor();
        Hand.still(page);
        assertThat(
                        (List<?>)
                                page.evaluate(
                                        """
                        () => {
                          const out = [];
                          const d = [...document.querySelectorAll('.el-dialog')].find((e) => e.checkVisibility());
                          const r = d.getBoundingClientRect();
                          if (r.left < -1 || r.right > innerWidth + 1) out.push('the dialog from ' + r.left + ' to ' + r.right);
                          for (const e of d.querySelectorAll('*')) {
                            const b = e.getBoundingClientRect();
                            const s = getComputedStyle(e);
                            if (!b.width || !e.checkVisibility() || s.position === 'fixed' || e.closest('svg, .hidden-words, [data-may-scroll]')) continue;
                            if (b.right > r.right + 1) out.push(e.outerHTML.slice(0, 140) + ' ' + b.right);
                          }
                          return out.slice(0, 4);
                        }"""))
                .as("what reaches out of %s", what)
                .isEmpty();
        page.locator(".el-dialog__headerbtn:visible").click();
        dialog.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }

    /** WCAG 2.2, 1.4.10: pages at 400% of a window of 1280 x 1024. */
    @Test
    void pagesReflowAtFourHundredPercent() {
        Page page = page(320, 256, 1, false);
        // What slides into its place may reach out for a moment.
        String fits = "() => [...document.querySelectorAll('body, main')].every((e) => e.scrollWidth === 320)";
        page.navigate("/sign-in");
        page.locator("#name").waitFor();
        page.waitForFunction(fits);
        Browser.signIn(page, "demo", "saltmarsh");
        page.locator("[data-scene]").first().waitFor();
        page.waitForFunction(fits);
        page.locator("[data-guide=scenes]").click();
        page.locator("[data-page=scenes]").waitFor();
        Hand.still(page);
        assertThat(page.evaluate("() => document.querySelector('[data-page]').scrollWidth <= 320"))
                .isEqualTo(true);
        page.navigate("/account");
        page.locator("[data-places] li").first().waitFor();
        page.waitForFunction(fits);
        Browser.close(page);
    }

    @Test
    void ofManyBoardsTheOneThatIsOnIsInSightAndTheMenuListsAll() {
        Page page = page(1024, 700, 1, false);
        Hand hand = open(page);
        for (int i = 0; i < 8; i++) {
            hand.press("[data-command='board.add']");
        }
        assertThat(page.locator("[data-board]").count()).isEqualTo(12);
        Hand.choose(page, "[data-board-menu]", "[data-command='board.go'] >> nth=0");
        hand.idle();
        page.waitForFunction(
                """
                () => {
                  const t = document.querySelector('[data-board][aria-selected=true]').getBoundingClientRect();
                  const s = document.querySelector('.tabs').getBoundingClientRect();
                  return t.left >= s.left - 1 && t.right <= s.right + 1;
                }""");
        assertThat(page.locator("[data-board][aria-selected=true]").getAttribute("data-board"))
                .isEqualTo(page.locator("[data-board]").first().getAttribute("data-board"));
        Browser.close(page);
    }
}
