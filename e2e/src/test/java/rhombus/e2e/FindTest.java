package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The list of all commands, by the keyboard alone, and the page of all keys. */
class FindTest extends OfTheirOwn {
    private void find() {
        hand.over("v2").key("/");
        page.waitForFunction("() => document.activeElement?.getAttribute('aria-label') === 'Words of a command'");
    }

    @Test
    void aCommandIsFoundWithASlipAndRunOnTheViewportThatWasUnderThePointer() {
        find();
        page.keyboard().type("wier");
        page.locator("[data-palette] [data-found='display.set'][aria-selected=true]")
                .waitFor();
        page.keyboard().press("Enter");
        page.locator("[data-palette]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        hand.idle();
        assertThat(hand.view("v2")).containsEntry("display", "wire");
        find();
        assertThat(page.locator("[data-palette] [data-found]").first().getAttribute("data-found"))
                .as("what was run last comes first")
                .isEqualTo("display.set");
        page.keyboard().type("add layer");
        page.locator("[data-palette] [data-found='layer.add'][aria-selected=true]")
                .waitFor();
        page.keyboard().press("Enter");
        page.waitForFunction("() => document.activeElement?.name === 'name'");
        page.keyboard().type("Rigging");
        page.keyboard().press("Enter");
        page.locator("[data-drawer=scene] >> text=Rigging").waitFor();
        find();
        page.keyboard().type("zzzzzz");
        page.locator("[data-palette] >> text=No command is called that").waitFor();
        page.keyboard().press("Enter");
        page.keyboard().press("Escape");
        assertThat(hand.view("v2")).containsEntry("display", "wire");
    }

    @Test
    void theKeysPageTellsWhatAGestureDoesAndOffersAFreeOne() {
        hand.press("[data-command='app.keys']");
        page.locator("[data-keys] [data-key-row='navigate.orbit']").waitFor();
        page.locator("[data-by-doing]").click();
        page.locator("[data-doing]").waitFor();
        page.keyboard().press("w");
        page.locator("[data-answer] >> text=while walking").waitFor();
        assertThat(page.locator("[data-answer] dd").count()).isEqualTo(2);
        assertThat(page.locator("[data-keys] [data-key-row='navigate.orbit']").count())
                .isZero();
        page.locator("[data-answer] button").click();
        page.locator("[data-keys] [data-key-row='navigate.orbit']").waitFor();
        page.locator("[data-binding=home] .trigger").click();
        page.locator("[data-capture]").waitFor();
        page.keyboard().press("f");
        page.locator("[data-choice=free]").click();
        page.locator("[data-filter=differing]").selectOption("mine");
        assertThat(page.locator("[data-keys] [data-binding]").count()).isEqualTo(1);
        String trigger = page.locator("[data-binding=home] kbd").textContent();
        assertThat(trigger).isNotEqualTo("F").isNotEqualTo("H");
        page.locator("[data-keys] button:has-text('Undo change')").click();
        page.locator("[data-keys] >> text=Nothing is called that").waitFor();
        page.locator("[data-keys] button:has-text('Redo')").click();
        assertThat(page.locator("[data-binding=home] kbd").textContent()).isEqualTo(trigger);
    }

    /** Where the eyes are, which looks are drawn, and how many objects are hidden. */
    private Object state() {
        return page.evaluate(
                """
                () => JSON.stringify([window.rhombus.views().map(v => [v.eye, v.display, v.walking]),
                    window.rhombus.scene().objects.filter(o => !o.shown).length])""");
    }

    /** Keeps the page busy, so that nothing it does is done at once. */
    private void busy(int ms) {
        page.evaluate(
                "ms => requestAnimationFrame(() => { const t = performance.now(); while (performance.now() - t < ms); })",
                ms);
    }

    /** However quickly one types and however slow the page is, keys on the way into the list are the list's. */
    @ParameterizedTest
    @ValueSource(ints = {0, 20, 60, 120})
    void whatIsTypedOnTheWayIntoTheListBelongsToIt(int delay) {
        for (String word : List.of("isolate", "wire")) {
            hand.over("v2");
            Object before = state();
            busy(500);
            page.keyboard().type("/" + word, new Keyboard.TypeOptions().setDelay(delay));
            page.waitForFunction("w => document.querySelector('[data-palette] input')?.value === w", word);
            assertThat(state()).isEqualTo(before);
            page.keyboard().press("Escape");
            page.waitForFunction("() => document.activeElement?.tagName === 'CANVAS'");
        }
        // The list is still fading away: it opens again all the same, and Enter pressed too early counts.
        page.keyboard().type("/hidden line");
        page.keyboard().press("Enter");
        page.waitForFunction("() => window.rhombus.views().some(v => v.display === 'hidden-line')");
    }

    @Test
    void escapeClosesADialogWhoseListWasJustUsedAndTheNextKeyIsTheViewports() {
        hand.press("[data-command='app.habits']");
        page.locator(".el-dialog .el-select").first().click();
        page.locator(".el-select-dropdown__item:visible").nth(1).click();
        page.waitForFunction(
                "() => document.querySelector('.el-dialog [role=combobox][aria-expanded=false]') === document.activeElement");
        page.keyboard().press("Escape");
        page.waitForFunction("() => document.activeElement?.tagName === 'CANVAS'");
        page.locator(".el-dialog").first().waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        hand.over("v2");
        Object before = hand.view("v2").get("eye");
        hand.hold("Space", 0, -60);
        assertThat(hand.view("v2").get("eye")).as("Space drives").isNotEqualTo(before);
        assertThat(page.locator(".el-dialog:visible").count()).isZero();
    }

    @Test
    void whileAFieldHasTheKeyboardHintsTellWhatKeysDoAndEscapeLeavesIt() {
        page.locator("[data-search]").click();
        hand.over("v2");
        page.waitForFunction("() => window.rhombus.hints()[0].words === 'go into the field'");
        String triggers = (String) page.evaluate("() => window.rhombus.hints().map(h => h.trigger).join()");
        assertThat(triggers).doesNotContain("hold D").contains("right-drag");
        page.keyboard().press("Escape");
        page.waitForFunction("() => window.rhombus.hints().some(h => h.trigger.includes('hold D'))");
    }

    private void read(String name, String text) {
        page.setInputFiles(
                "[data-keymap-file] input",
                new FilePayload(name, "application/json", text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void aKeymapFileIsTakenInPartByChoiceAndWhatIsNoneIsRefused() throws Exception {
        hand.press("[data-command='app.keys']");
        page.locator("[data-keys] [data-key-row='navigate.orbit']").waitFor();
        read("poem.json", "{ roses");
        page.locator("[data-keymap-file] >> text=This is no JSON").waitFor();
        read("list.json", "[1, 2]");
        page.locator("[data-keymap-file] >> text=this is no Rhombus keymap").waitFor();
        read(
                "mine.json",
                "{\"format\":\"rhombus-keymap\",\"version\":1,\"name\":\"<b>Mine</b>\",\"preset\":\"rhombus\",\"changes\":["
                        + "{\"id\":\"home\",\"trigger\":{\"kind\":\"key\",\"code\":\"F7\"},\"modifiers\":[]},"
                        + "{\"id\":\"no-such\",\"trigger\":null,\"modifiers\":[]}]}");
        page.locator("[data-keymap-file] >> text=changes[1]").waitFor();
        assertThat(page.locator("[data-binding=home] kbd").textContent()).isEqualTo("H");
        page.locator("[data-take-rest]").click();
        page.locator("[data-binding=home] kbd:has-text('F7')").waitFor();
        assertThat(page.locator("nav:has-text('<b>Mine</b>')").count()).isEqualTo(1);
        var file = page.waitForDownload(() -> page.locator("[data-keymap-file] button:has-text('Save as a file')")
                .click());
        assertThat(Files.readString(file.path())).contains("rhombus-keymap").contains("F7");
        page.locator("[data-keys] button:has-text('Undo change')").click();
        page.locator("[data-binding=home] kbd:has-text('H')").waitFor();
    }
}
