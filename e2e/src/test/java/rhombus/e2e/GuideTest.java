package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The guide inside the application. */
class GuideTest extends OfTheirOwn {
    /** Commands that open dialogs, the words they are found by, and the pages the dialogs lead to. */
    private static final List<List<String>> DIALOGS = List.of(
            List.of("app.keys", "open keys", "keys"),
            List.of("app.habits", "open habits", "habits"),
            List.of("app.snapshot", "take a snapshot", "snapshots"),
            List.of("app.shots", "shot list", "shots"),
            List.of("app.drills", "open the drills", "drills"),
            List.of("app.glossary", "glossary", "words"),
            List.of("app.versions", "show the versions", "versions"),
            List.of("app.export", "save the scene as a file", "save"),
            List.of("app.newer-file", "lay a newer file", "newer"));

    private Locator page(String id) {
        return page.locator("[data-page='" + id + "']");
    }

    private static void gone(Locator what) {
        what.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }

    @Test
    void itOpensByAKeyFindsByWordsAndTellsTheKeysInUse() {
        hand.over("v2");
        page.keyboard().press("F1");
        page("start").waitFor();
        assertThat(page("start").locator("kbd:text-is('H')").count()).isPositive();
        page.waitForFunction("() => document.querySelector('[data-page] img')?.naturalWidth === 1280");
        page.fill("[aria-label='Search the guide']", "contact shet");
        page("snapshots").waitFor();
        page.fill("[aria-label='Search the guide']", "linked flat");
        page("boards").waitFor();
        assertThat(page.locator("[aria-label='Pages of the guide'] button")
                        .first()
                        .textContent())
                .contains("Linked flat views");
        // A heading below is scrolled to.
        page.waitForFunction(
                """
                () => {
                  const a = document.querySelector('[data-page]').getBoundingClientRect();
                  const h = [...document.querySelectorAll('[data-page] h4')].find((e) => e.textContent === 'Linked flat views');
                  const r = h.getBoundingClientRect();
                  return r.top >= a.top - 1 && r.bottom <= a.bottom;
                }""");
        page.fill("[aria-label='Search the guide']", "marmalade");
        page.locator("text=Nothing in the guide is called like that.").waitFor();
        page.fill("[aria-label='Search the guide']", "");
        page.locator("[data-word=move]").click();
        String usual = page("move").textContent();
        page.keyboard().press("Escape");
        gone(page.locator("[data-page]"));
        assertThat(usual).contains("right-drag");
        hand.press("header [data-command='app.keys']");
        page.locator("[data-keymap]").selectOption("trackpad");
        page.locator(".el-dialog:visible [data-guide=keys]").click();
        page("keys").waitFor();
        page.locator("[data-word=move]").click();
        page.waitForFunction("(was) => document.querySelector('[data-page=move]')?.textContent !== was", usual);
        assertThat(page("move").textContent()).doesNotContain("right-drag");
    }

    @Test
    void everyDialogOpensItsPageAndIsThereAfterwards() {
        for (List<String> d : DIALOGS) {
            String command = d.get(0);
            hand.over("v2");
            page.keyboard().press("/");
            Locator find = page.locator("[data-palette]");
            find.locator("input").fill(d.get(1));
            find.locator("[data-found='" + command + "'][aria-selected=true]").waitFor();
            page.keyboard().press("Enter");
            gone(find);
            Locator button = page.locator(".el-dialog:visible [data-guide='" + d.get(2) + "']");
            button.click();
            page(d.get(2)).waitFor();
            page.keyboard().press("Escape");
            gone(page.locator("[data-page]"));
            assertThat(button.isVisible()).as("the dialog of %s", command).isTrue();
            page.keyboard().press("Escape");
            gone(button);
        }
    }

    @Test
    void thePagesOfScenesAndOfTheAccountHaveItToo() {
        page.navigate("/scenes");
        page.locator("[data-guide=scenes]").click();
        page("scenes").waitFor();
        page.locator("[data-word=frame]").click();
        page("frame").locator("kbd:text-is('F')").waitFor();
        // Without a scene nothing can be run from here.
        page.locator("[data-word=save]").click();
        page("save").waitFor();
        assertThat(page("save").locator("button").count()).isZero();
        page.navigate("/account");
        page.locator("[data-guide=account]").click();
        page("account").waitFor();
    }
}
