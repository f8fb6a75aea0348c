package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;

/** Parts of the program that are fetched when they are first needed, while the server does not give them. */
class PartsTest extends OfTheirOwn {
    private static final String PROGRAM = "**/assets/**";

    private void scenes() {
        page.navigate("/scenes");
        page.locator("[data-guide]").waitFor();
        page.locator("[data-scene]").first().waitFor();
    }

    private void away() {
        page.route(PROGRAM, route -> route.abort());
    }

    private void back() {
        page.unroute(PROGRAM);
    }

    private void again() {
        page.locator("button:has-text('Try again')").click();
    }

    private Locator missing() {
        return page.locator("[data-missing]");
    }

    private void toAccount() {
        Hand.choose(page, "[data-account]", ">> text=Account");
    }

    /** Runs a command by its words. */
    private void say(String words, String command) {
        hand.over("v2");
        page.keyboard().press("/");
        page.locator("[data-palette] input").fill(words);
        page.locator("[data-found='" + command + "'][aria-selected=true]").waitFor();
        page.keyboard().press("Enter");
    }

    @Test
    void aPageThatDoesNotComeIsToldAndComesOnTheSecondTry() {
        scenes();
        away();
        toAccount();
        missing().waitFor();
        assertThat(page.url()).endsWith("/scenes");
        assertThat(page.locator("h1").textContent()).isEqualTo("Scenes");
        back();
        again();
        page.locator("h1:has-text('Account')").waitFor();
        assertThat(missing().count()).isZero();
    }

    @Test
    void whileTheServerDoesNotAnswerTryingAgainLeavesThePageAsItIs() {
        scenes();
        page.context().setOffline(true);
        toAccount();
        missing().waitFor();
        page.waitForRequest("**/account", this::again);
        missing().waitFor();
        assertThat(page.locator("h1").textContent()).isEqualTo("Scenes");
        page.context().setOffline(false);
        again();
        page.locator("h1:has-text('Account')").waitFor();
    }

    @Test
    void theGuideOfThePageOfScenesIsToldAndComesOnTheSecondTry() {
        scenes();
        away();
        page.locator("[data-guide]").click();
        missing().waitFor();
        back();
        again();
        page.locator("[data-guide-dialog] [data-page=scenes]").waitFor();
    }

    @Test
    void whatIsFetchedAheadAndDoesNotComeIsAskedForWhenASceneIsOpened() {
        // A page that has nothing of the stage yet.
        page.route(PROGRAM, route -> {
            if (route.request().url().contains("Stage")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        scenes();
        page.waitForRequest(
                "**/assets/Stage*", () -> page.locator("[data-scene]").first().hover());
        back();
        page.locator("[data-scene] a").first().click();
        hand = Hand.ready(page);
        assertThat(hand.object("Red box")).isNotNull();
        assertThat(page.evaluate("() => getComputedStyle(document.querySelector('.deck')).display"))
                .as("with its style sheet")
                .isEqualTo("grid");
    }

    @Test
    void wordsThatDoNotComeAreToldWhereSomebodyAsksAndComeOnTheSecondTry() {
        away();
        say("glossary", "app.glossary");
        page.locator("[data-glossary] [role=alert]:has-text('could not be fetched')")
                .waitFor();
        back();
        again();
        page.locator("[data-glossary] h3").waitFor();
        page.keyboard().press("Escape");
        page.locator("[data-glossary]").waitFor(Hand.HIDDEN);
        away();
        hand.over("v2");
        page.keyboard().press("F1");
        page.locator("[data-guide-dialog] [role=alert]").waitFor();
        back();
        again();
        page.locator("[data-guide-dialog] h3").waitFor();
        page.keyboard().press("Escape");
        page.locator("[data-guide-dialog]").waitFor(Hand.HIDDEN);
        away();
        hand.over("v2").key("Alt+Slash");
        page.locator("[data-what]").waitFor();
        page.locator("[data-command='app.keys']").first().hover();
        page.locator("[data-what]:has-text('could not be fetched')").waitFor();
        back();
        page.locator("[data-command='app.habits']").first().hover();
        page.locator("[data-what]:has-text('Open Habits')").waitFor();
    }
}
