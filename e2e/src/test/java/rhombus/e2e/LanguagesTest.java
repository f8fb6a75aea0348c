package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

/** The page in another language: words, numbers and keys, kept in the browser that chose it. */
class LanguagesTest {
    private static int accounts;

    private final List<String> failures = new ArrayList<>();
    private final String account = "tongue " + ++accounts;
    private Page page;

    @BeforeEach
    void open() {
        RunningServer.get().account(account);
    }

    @AfterEach
    void close() {
        Browser.close(page);
        assertThat(failures).isEmpty();
    }

    private Hand german() {
        page = Browser.page("de-DE", failures);
        return Browser.bring(page, account, SmallScenes.upload("boxes.gltf", SmallScenes.boxes()));
    }

    @Test
    void whoHasABrowserInGermanReadsGermanAndCanReadEnglish() {
        page = Browser.page("de-DE", failures);
        page.navigate("/sign-in");
        page.locator("button[type=submit]:has-text('Anmelden')").waitFor();
        assertThat(page.getAttribute("html", "lang")).isEqualTo("de");
        page.click("[data-speak=en]");
        page.locator("button[type=submit]:has-text('Sign in')").waitFor();
        assertThat(page.getAttribute("html", "lang")).isEqualTo("en");
        // It is kept in this browser.
        page.reload();
        page.locator("button[type=submit]:has-text('Sign in')").waitFor();
        Browser.signIn(page, account, "tide-and-timber");
        Hand.choose(page, "[data-account]", "[data-speak=de]");
        page.locator("button:has-text('Szenen hinzufügen')").waitFor();
        assertThat(page.getAttribute("html", "lang")).isEqualTo("de");
    }

    @Test
    void numbersHaveTheDecimalSignOfTheLanguageAndAreReadWithIt() {
        Hand hand = german();
        hand.over("v2").key("k");
        page.locator("[data-drawer=scene] .row:has-text('Slab')").first().click();
        hand.idle();
        var x = page.locator("[data-selected] input.numbers").first();
        x.fill("1,25 m");
        x.press("Enter");
        hand.idle();
        assertThat(hand.middle("Slab")[0]).isCloseTo(1.25, within(1e-9));
        assertThat(x.inputValue()).contains("1,25").doesNotContain("1.25");
    }

    @Test
    void numbersOfHabitsAreTypedAndSteppedWithIt() {
        Hand hand = german();
        hand.press("header [data-command='app.habits']");
        var speed = page.locator("[data-habit='orbit.speed'] input");
        speed.fill("1,5");
        speed.press("Enter");
        page.locator("[data-habit='orbit.speed'] [aria-valuenow='1.5']").waitFor();
        assertThat(speed.inputValue()).isEqualTo("1,5");
        speed.press("ArrowUp");
        page.waitForFunction("() => document.querySelector(\"[data-habit='orbit.speed'] input\").value === '1,6'");
        page.locator("[data-habit='orbit.speed'] button:has-text('−')").click();
        page.waitForFunction("() => document.querySelector(\"[data-habit='orbit.speed'] input\").value === '1,5'");
        speed.fill("schnell");
        speed.press("Enter");
        page.locator("[data-notice]:has-text('schnell')").waitFor();
        assertThat(speed.inputValue()).as("what cannot be read is as it was").isEqualTo("1,5");
    }

    @Test
    void commandsKeysAndNoticesAreInTheLanguage() {
        Hand hand = german();
        hand.over("v2").key("Control+z");
        page.locator("[data-notice]:has-text('Es gibt nichts rückgängig zu machen')")
                .waitFor();
        hand.press("header [data-command='app.keys']");
        page.fill("[data-keys] .el-input input", "umkreisen");
        assertThat(page.locator("[data-keys] kbd:has-text('Rechts-Zug')").count())
                .isPositive();
        assertThat(page.locator("[data-keys] kbd:has-text('right-drag')").count())
                .isZero();
        page.keyboard().press("Escape");
    }

    /** A message that is missing shows its name, which no word of a language looks like. */
    @Test
    void noNameOfAMessageIsShown() {
        Hand hand = german();
        for (String panel : List.of("app.habits", "app.keys")) {
            hand.press("header [data-command='" + panel + "']");
            page.locator(".el-dialog:visible").waitFor();
            assertThat(names()).as(panel).isEmpty();
            page.keyboard().press("Escape");
            page.locator(".el-dialog:visible").first().waitFor(Hand.HIDDEN);
            hand.idle();
        }
        assertThat(names()).isEmpty();
    }

    private List<?> names() {
        return (List<?>)
                page.evaluate(
                        """
                        () => [...document.querySelectorAll('body *')]
                          .flatMap(e => [...e.childNodes].filter(n => n.nodeType === 3).map(n => n.textContent.trim())
                            .concat(['aria-label', 'title', 'placeholder'].map(a => e.getAttribute(a) ?? '')))
                          .filter(t => /^[a-z][a-z0-9-]*(\\.[a-z0-9-]+)+$/.test(t))""");
    }
}
