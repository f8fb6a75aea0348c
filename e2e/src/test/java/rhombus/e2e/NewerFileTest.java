package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A newer file is laid under the work on a scene, in the page. */
class NewerFileTest extends OfTheirOwn {
    private static byte[] newer() {
        return new String(SmallScenes.boxes(), StandardCharsets.UTF_8)
                .replace("Tall box", "Mill")
                .getBytes(StandardCharsets.UTF_8);
    }

    private Locator dialog() {
        hand.choose("[data-scene-menu]", "[data-thing='Newer file']");
        return page.locator("[data-newer]");
    }

    private List<?> objects() {
        return (List<?>) hand.ask("scene().objects.map(o => o.name + (o.visible ? '' : ' hidden'))", null);
    }

    /** Something was done to the scene; what it holds after that. */
    private List<?> worked() {
        hand.press("[data-drawer=scene] .row:has-text('Far box')");
        hand.over("v2").key("i");
        assertThat(objects().toString()).contains("Far box hidden");
        return objects();
    }

    private Locator propose() {
        Locator d = dialog();
        page.setInputFiles("[aria-label='Files of the newer version']", SmallScenes.upload("boxes.gltf", newer()));
        return d;
    }

    @Test
    void theReportComesFirstTheWorkStaysAndOneStepBringsTheFileBack() {
        List<?> before = worked();
        Locator d = propose();
        d.locator("[data-newer-report]").waitFor();
        assertThat(d.locator("[data-newer-report]").textContent())
                .contains("in both files")
                .contains("Tall box is now Mill");
        assertThat(objects()).as("nothing has changed yet").isEqualTo(before);
        opensAgain(() -> d.locator("[data-accept]").click(), "Undo brings the one before back", "Mill");
        Locator again = dialog();
        opensAgain(
                () -> again.locator("button:has-text('Bring back')").click(),
                "Undo brings the one before back",
                "Tall box");
        assertThat(objects()).isEqualTo(before);
    }

    @Test
    void undoAndRedoGoOverTheFileInItsPlaceInTheHistory() {
        List<?> before = worked();
        Locator d = propose();
        opensAgain(() -> d.locator("[data-accept]").click(), "Undo brings the one before back", "Mill");
        hand.over("v2");
        opensAgain(
                () -> page.keyboard().press("Control+z"), "the file of before lies under your work again", "Tall box");
        assertThat(objects()).isEqualTo(before);
        hand.over("v2").key("Control+z");
        assertThat(objects()).as("the step before it").isNotEqualTo(before);
        hand.key("Control+y");
        assertThat(objects()).isEqualTo(before);
        opensAgain(() -> page.keyboard().press("Control+y"), "Done again", "Mill");
        assertThat(objects()).hasSameSizeAs(before);
    }

    /**
     * Does something after which the scene is opened again on a new page, which says what has happened and has this object.
     * Nothing is asked of the page of before: it may go at any moment, and may say the same words.
     */
    private void opensAgain(Runnable action, String words, String object) {
        page.evaluate("() => (window.pageOfBefore = true)");
        action.run();
        page.waitForFunction("() => !window.pageOfBefore && window.rhombus?.scene().objects.length > 0");
        page.locator("[data-notice]:has-text('" + words + "')").waitFor();
        hand = Hand.ready(page);
        assertThat(hand.object(object)).isNotNull();
    }

    @Test
    void aBrokenFileSaysWhereAndNothingIsProposed() {
        Locator d = dialog();
        page.setInputFiles(
                "[aria-label='Files of the newer version']",
                SmallScenes.upload("broken.obj", "v 0 0\n".getBytes(StandardCharsets.UTF_8)));
        d.locator("[role=alert]:has-text('broken.obj line 1')").waitFor();
        assertThat(d.locator("[data-newer-report]").count()).isZero();
    }
}
