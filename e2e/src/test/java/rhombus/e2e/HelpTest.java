package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What tells a newcomer what things are. */
class HelpTest extends OfTheirOwn {
    private Locator bubble;

    @BeforeEach
    void find() {
        bubble = page.locator("[data-help-bubble]");
        hand.over("v2");
    }

    private void gone(Locator what) {
        what.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }

    @Test
    void restingOnAControlTellsWhatItIsAndLeavingItTakesThatAway() {
        page.locator("[data-command='app.habits']").first().hover();
        bubble.waitFor();
        assertThat(bubble.textContent()).contains("Open Habits").contains("Opens the settings");
        // The pointer may go to what is told, and it stays.
        bubble.hover();
        assertThat(bubble.isVisible()).isTrue();
        page.keyboard().press("Escape");
        gone(bubble);
        page.locator("[data-command='edit.undo']").hover();
        page.locator("[data-help-bubble]:has-text('Ctrl+Z')").waitFor();
        assertThat(bubble.textContent()).contains("Nothing to undo");
        hand.over("v2");
        gone(bubble);
    }

    @Test
    void theKeyboardIsToldTooAndAPressIsNot() {
        page.locator("[data-command='app.keys']").first().focus();
        page.keyboard().press("Tab");
        bubble.waitFor();
        assertThat(bubble.textContent()).contains("Open Habits");
        Object described = page.evaluate(
                "() => document.getElementById(document.activeElement.getAttribute('aria-describedby')).textContent");
        assertThat((String) described).contains("Open Habits");
        // What a menu leaves behind when it is closed is no question.
        page.keyboard().press("Shift+Tab");
        page.locator("[data-help-bubble]:has-text('Open Keys')").waitFor();
        page.keyboard().press("Enter");
        page.locator(".el-dialog:visible").waitFor();
        gone(bubble);
        page.keyboard().press("Escape");
        gone(page.locator(".el-dialog:visible"));
        page.evaluate("() => new Promise((done) => setTimeout(done, 700))");
        assertThat(bubble.count()).isZero();
    }

    @Test
    void theSettingTakesHoverHelpAway() {
        page.locator("[data-command='app.keys']").first().hover();
        bubble.waitFor();
        hand.habit("shown.hover-help", "off");
        hand.over("v2");
        gone(bubble);
        page.locator("[data-command='app.keys']").first().hover();
        // A timer that begins later and takes longer ends later; the words have been fetched before.
        page.evaluate("() => new Promise((done) => setTimeout(done, 700))");
        assertThat(bubble.count()).isZero();
    }

    @Test
    void pointingAtAnythingTellsWhatItIsAndDoesNothingElse() {
        Object before = hand.ask("views().map(v => v.pose)", null);
        page.keyboard().press("Alt+Slash");
        Locator what = page.locator("[data-what]");
        what.waitFor();
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-what]:has-text('Open Keys')").waitFor();
        assertThat(page.locator(".el-dialog").count())
                .as("the press does nothing else")
                .isZero();
        page.locator("[data-drawer='readout'] h2").first().click();
        page.locator("[data-what]:has-text('The numbers of the active view')").waitFor();
        hand.over("v2", 0.5, 0.5).click();
        page.locator("[data-what] strong").waitFor();
        assertThat(List.of("Object", "Nothing is here", "Locked object", "Rose"))
                .contains(page.locator("[data-what] strong").textContent());
        assertThat(hand.ask("selection()", null)).isEqualTo(List.of());
        assertThat(hand.ask("views().map(v => v.pose)", null)).isEqualTo(before);
        page.keyboard().press("Escape");
        gone(what);
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-keys], .el-dialog").first().waitFor();
    }

    @Test
    void theGlossaryOpensFromAWordAndItsPictureMovesAndStops() {
        page.locator("[data-viewport=v2] [data-help='chip-lens']").hover();
        bubble.waitFor();
        bubble.locator("button").click();
        Locator picture = page.locator("[data-picture='field-of-view']");
        picture.waitFor();
        gone(bubble);
        String lines = "() => document.querySelector('[data-picture] svg').innerHTML";
        String first = (String) page.evaluate(lines);
        page.waitForFunction("(was) => document.querySelector('[data-picture] svg').innerHTML !== was", first);
        picture.locator("button").click();
        page.waitForCondition(() -> "false".equals(picture.locator("button").getAttribute("aria-pressed")));
        String still = (String) page.evaluate(lines);
        page.evaluate("() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
        assertThat(page.evaluate(lines)).isEqualTo(still);
        page.locator("[data-word='field-of-view']").focus();
        page.keyboard().press("ArrowDown");
        page.locator("[data-picture='flat']").waitFor();
        page.fill("[data-glossary] [type=search]", "tumble");
        page.locator("[data-picture='orbit']").waitFor();
        assertThat(page.locator("[data-word]").count()).isEqualTo(1);
    }

    /** Each button and field of the stage, with all drawers, has a word on what it is. */
    @Test
    void everyControlOfTheStageIsExplained() {
        hand.key("k");
        page.locator("[data-ladder-open]").click();
        hand.over("v2").key("Alt+Backspace");
        page.locator("[data-trail]").waitFor();
        @SuppressWarnings("unchecked")
        List<String> bare = (List<String>)
                page.evaluate(
                        """
                () => [...document.querySelectorAll('button, input, select, [role=separator], a[href], [tabindex="0"]')]
                  .filter((e) => e.getClientRects().length && !e.closest('[data-help],[data-command],[data-about],canvas'))
                  .map((e) => e.outerHTML.slice(0, 160))
                """);
        assertThat(bare).isEmpty();
    }
}
