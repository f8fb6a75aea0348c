package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What a new hand is asked for on the line of hints. */
class FirstMinuteTest extends OfTheirOwn {
    private Locator asked;

    @BeforeEach
    void begin() {
        hand.habit("shown.first-steps", "From the first: orbit");
        page.waitForCondition(() -> kept().contains("\"shown.first-steps\":\"orbit\""));
        asked = page.locator("[data-first-step]");
        hand.over("v2");
    }

    private void step(String words) {
        page.locator("[data-first-step]:has-text('" + words + "')").waitFor();
    }

    @Test
    void threeStepsAreDoneByTheHandAndNotAskedForAgain() {
        step("1 of 3");
        step("right-drag");
        Object before = hand.ask("views().map(v => v.rect)", null);
        hand.drag(MouseButton.RIGHT, 80, 10);
        step("2 of 3");
        hand.wheel(-100);
        step("3 of 3");
        hand.key("f");
        step("3 of 3");
        // A thing that is selected is what framing is for.
        hand.key("k");
        hand.key("f");
        asked.waitFor(gone());
        assertThat(hand.ask("views().map(v => v.rect)", null))
                .as("no viewport gives way to it")
                .isEqualTo(before);
        // Kept with the account, not with the page.
        page.waitForCondition(() -> !kept().contains("first-steps"));
        page.reload();
        Hand.ready(page);
        hand.over("v2").drag(MouseButton.RIGHT, 30, 0);
        assertThat(asked.count()).isZero();
    }

    @Test
    void stepsAreSkippedByKeyboardAndLeft() {
        step("1 of 3");
        page.locator("[data-command='app.skip-step']").focus();
        page.keyboard().press("Enter");
        step("2 of 3");
        hand.press("[data-command='app.end-steps']");
        asked.waitFor(gone());
        page.waitForCondition(() -> !kept().contains("first-steps"));
    }

    @Test
    void aTipComesOnceWhereTheHandIsAndGoesWhenItIsFollowedOrPutAway() {
        hand.habit("shown.first-steps", "Not shown");
        hand.habit("shown.tips", "One now and then");
        Locator tip = page.locator("[data-tip]");
        for (int i = 0; i < 4; i++) {
            hand.over("v2").drag(MouseButton.RIGHT, 40, 5);
        }
        tip.waitFor();
        assertThat(tip.getAttribute("data-tip")).isEqualTo("rose");
        assertThat(tip.boundingBox().x).isGreaterThan(0);
        // It stops nothing: the hand goes on beside it and through it.
        hand.over("v2").drag(MouseButton.RIGHT, 40, 5);
        page.locator("[data-command='app.end-tip']").click();
        tip.waitFor(gone());
        page.waitForCondition(() -> kept().contains("\"shown.tips-over\":\"rose\""));
        page.reload();
        hand = Hand.ready(page);
        for (int i = 0; i < 5; i++) {
            hand.over("v2").drag(MouseButton.RIGHT, 40, 5);
        }
        assertThat(tip.count()).as("told once").isZero();
    }

    @Test
    void fingersOnATrackpadAreOfferedTheirKeymap() {
        hand.habit("shown.first-steps", "Not shown");
        hand.habit("shown.tips", "One now and then");
        hand.over("v2");
        page.waitForCondition(() -> {
            for (int i = 0; i < 9; i++) {
                page.mouse().wheel(3, -5);
            }
            return page.locator("[data-tip=trackpad]").count() == 1;
        });
        page.locator("[data-tip] [data-command='app.use-preset']").click();
        page.locator("[data-tip]").waitFor(gone());
        page.locator("[data-hints]:has-text('two-finger slide')").waitFor();
    }

    private static Locator.WaitForOptions gone() {
        return new Locator.WaitForOptions().setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED);
    }

    private String kept() {
        return (String) page.evaluate("() => fetch('/api/habits').then(r => r.text())");
    }
}
