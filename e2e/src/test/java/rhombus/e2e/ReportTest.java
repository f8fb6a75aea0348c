package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The report on a hand: what it counts, what it advises, and where it is kept. */
class ReportTest {
    private static void report(Page page) {
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-as=report]").click();
        page.locator("[data-report]").waitFor();
    }

    private static void counted(Page page, String text) {
        page.locator("[data-report] tr:has-text('" + text + "')").first().waitFor();
    }

    @Test
    void whatIsRunPastTheTriggersIsOfferedOneAndTheCountsOutliveThePage() {
        List<String> failures = new ArrayList<>();
        Page page = Browser.page(ColorScheme.DARK, failures);
        Hand hand = Browser.bring(page, "counter", SmallScenes.upload("report.glb", SmallScenes.boxes()));
        report(page);
        page.locator("[data-report]:has-text('Nothing has been counted yet')").waitFor();
        page.keyboard().press("Escape");
        hand.idle();
        for (int i = 0; i < 5; i++) {
            hand.over("v2").key("/");
            page.locator("[data-palette] input").fill("next keymap");
            page.locator("[data-palette] [aria-selected=true]:has-text('keymap')")
                    .waitFor();
            page.locator("[data-palette] input").press("Enter");
            page.locator("[data-palette]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
            hand.idle();
        }
        hand.over("v2").key("h").key("Shift+F");
        report(page);
        counted(page, "go home");
        page.locator("[data-advice]:has-text('5 times from the page') button").click();
        page.locator("[data-report-told]:has-text('Done')").waitFor();
        page.locator("[data-as=list]").click();
        page.locator("[data-key-row='app.next-keymap'] kbd").first().waitFor();
        page.keyboard().press("Escape");
        hand.idle();

        // Kept in this browser.
        page.waitForFunction("() => Object.keys(localStorage).some(k => k.startsWith('rhombus:hand-report:'))");
        page.reload();
        hand = Hand.ready(page);
        report(page);
        counted(page, "frame all");
        // Kept with the account from now on, and not here any more.
        page.locator("[data-report-where]").selectOption("account");
        page.waitForFunction("() => !Object.keys(localStorage).some(k => k.startsWith('rhombus:hand-report:'))");
        page.keyboard().press("Escape");
        hand.idle();
        page.reload();
        hand = Hand.ready(page);
        report(page);
        counted(page, "frame all");
        page.locator("[data-report-erase]").click();
        page.locator("[data-report-told]:has-text('gone')").waitFor();
        page.locator("[data-report]:has-text('Nothing has been counted yet')").waitFor();
        page.locator("[data-report-where]").selectOption("off");
        page.keyboard().press("Escape");
        hand.idle();
        hand.over("v2").key("h");
        hand.idle();
        report(page);
        page.locator("[data-report]:has-text('Nothing is counted now')").waitFor();
        assertThat(page.locator("[data-report] tr").count()).isZero();
        assertThat(failures).isEmpty();
        Browser.close(page);
    }
}
