package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.distance;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.MouseButton;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

/** Giving commands other triggers by doing them, and finding the change again. */
class KeysTest {
    /** A small scene of somebody who has just signed in. */
    private static Hand opened(String user, ColorScheme scheme, List<String> failures) {
        Page page = Browser.page(scheme, failures);
        return Browser.bring(page, user, SmallScenes.upload("keys.glb", SmallScenes.boxes()));
    }

    private static void rebind(Page page, String binding) {
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-binding='" + binding + "'] .trigger").click();
        page.locator("[data-capture]").waitFor();
    }

    @Drawn
    @Test
    void thePictureFollowsTheModifiersAndAKeyIsSetByPointingAtIt() throws IOException {
        List<String> failures = new ArrayList<>();
        Hand hand = opened("picture", ColorScheme.DARK, failures);
        Page page = hand.page;
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-as=picture]").click();
        page.locator("[data-picture-key=KeyF]:has-text('frame the selection')").waitFor();
        page.keyboard().down("Shift");
        page.locator("[data-picture-key=KeyF]:has-text('frame all')").waitFor();
        page.locator("[data-picture-key=ShiftLeft][aria-pressed=true]").waitFor();
        page.keyboard().up("Shift");
        page.locator("[data-picture-key=KeyF]:has-text('frame the selection')").waitFor();
        // The same without holding anything.
        page.locator("[data-picture-key=ShiftLeft]").click();
        page.locator("[data-picture-key=KeyF]:has-text('frame all')").waitFor();
        page.locator("[data-picture-key=ShiftLeft]").click();

        page.locator("[data-picture-key=F7]").click();
        page.locator("[data-picture-answer]:has-text('does nothing anywhere')").waitFor();
        page.locator("input[data-give]").fill("far objects");
        page.locator("[data-picture-answer] button:has-text('far objects')").click();
        page.locator("[data-choice=set]").click();
        page.locator("[data-picture-key=F7]:has-text('far objects')").waitFor();

        for (String preset :
                List.of("rhombus", "two-buttons", "trackpad", "pen", "touch", "modifier-drag", "one-button")) {
            page.locator("[data-keymap]").selectOption(preset);
            try (PDDocument printed = Loader.loadPDF(page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true)))) {
                assertThat(printed.getNumberOfPages()).as(preset).isEqualTo(1);
                assertThat(new PDFTextStripper().getText(printed)).contains("CHANGE THE SCENE");
            }
        }
        var pdf = page.waitForDownload(() -> page.locator("[data-deed=pdf]").click());
        try (PDDocument sheet = Loader.loadPDF(Files.readAllBytes(pdf.path()))) {
            assertThat(sheet.getNumberOfPages()).isEqualTo(1);
        }
        page.keyboard().press("Escape");
        hand.idle();
        assertThat(failures).isEmpty();
        Browser.close(page);
    }

    @Test
    void keymapsOfTheirOwnAreSwitchedAndOutliveThePage() {
        List<String> failures = new ArrayList<>();
        Hand hand = opened("switcher", ColorScheme.LIGHT, failures);
        Page page = hand.page;
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-keymap]").selectOption("trackpad");
        page.locator("[data-deed=copy]").click();
        page.locator("[data-deed=rename]").click();
        page.keyboard().type("Night desk");
        page.keyboard().press("Enter");
        page.locator("[data-keymap]:has-text('Night desk')").waitFor();
        page.locator("[data-deed=mirror]").click();
        page.locator("[data-binding=orbit-hold] kbd:has-text('hold K')").waitFor();
        page.locator("[data-key-row='app.next-keymap'] .add").click();
        page.locator("[data-capture]").waitFor();
        page.keyboard().press("F8");
        page.locator("[data-choice=set]").click();
        page.locator("[data-keymap]").waitFor();
        page.keyboard().press("Escape");
        hand.idle();
        page.reload();
        hand = Hand.ready(page);
        assertThat(Hand.map(hand.ask("keymap()", null)).get("name")).isEqualTo("Night desk");
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-deed=address]").click();
        page.locator("[data-address-told]").waitFor();
        String address = (String) page.evaluate("() => navigator.clipboard.readText()");
        taken(address, failures);
        page.keyboard().press("Escape");
        hand.idle();
        // The standard keys with one key, for a lesson; the Keys page brings the own ones back.
        hand.over("v2").key("F8");
        hand.idle();
        assertThat(Hand.map(hand.ask("keymap()", null)).get("name")).isEqualTo("Trackpad");
        double[] eye = hand.eye("v2");
        page.keyboard().down("d");
        hand.by(60, 0);
        page.keyboard().up("d");
        hand.idle();
        assertThat(distance(hand.eye("v2"), eye)).isGreaterThan(0.1);
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-keymap]").selectOption("own:Night desk");
        page.locator("[data-deed=delete]").click();
        page.locator("[data-deed=delete]:disabled").waitFor();
        assertThat(page.locator("[data-keymap]").textContent()).doesNotContain("Night desk");
        hand.idle();
        assertThat(failures).isEmpty();
        Browser.close(page);
    }

    /** Somebody else opens the address of a keymap, and uses it in a scene. */
    private static void taken(String address, List<String> failures) {
        Page other = Browser.page(ColorScheme.DARK, failures);
        Browser.enter(other, "taker", "tide-and-timber");
        other.navigate(address);
        other.locator("[data-brought]").waitFor();
        other.setInputFiles(Browser.SCENE_FILES, SmallScenes.upload("keys.glb", SmallScenes.boxes()));
        other.waitForURL("**/scenes/*");
        Hand hand = Hand.ready(other);
        other.locator("[data-notice]:has-text('Night desk') button").click();
        hand.idle();
        assertThat(Hand.map(hand.ask("keymap()", null)).get("name")).isEqualTo("Night desk");
        Browser.close(other);
    }

    /** With real buttons: what the hand shows is recognised, tried in the viewports, discarded and kept. */
    @Test
    void theHandTeachesAKeymapThatIsTriedAndKept() {
        List<String> failures = new ArrayList<>();
        Hand hand = opened("teacher", ColorScheme.DARK, failures);
        Page page = hand.page;
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-deed=teach]").click();
        var box = page.locator("[data-teach-pad]").boundingBox();
        page.locator("[data-asks]:has-text('orbits')").waitFor();
        hand.move(box.x + 200, box.y + 150).down(MouseButton.MIDDLE).by(60, 20);
        page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.MIDDLE));
        page.locator("[data-asks]:has-text('pans')").waitFor();
        hand.move(box.x + 200, box.y + 150).down(MouseButton.MIDDLE).by(60, 20);
        page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.MIDDLE));
        page.locator("[data-told]:has-text('already')").waitFor();
        page.keyboard().down("Shift");
        hand.move(box.x + 200, box.y + 150).down(MouseButton.MIDDLE).by(60, 20);
        page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.MIDDLE));
        page.keyboard().up("Shift");
        page.locator("[data-asks]:has-text('nearer')").waitFor();
        hand.move(box.x + 200, box.y + 150);
        page.mouse().wheel(0, 120);
        page.locator("[data-asks]:has-text('frames')").waitFor();
        page.keyboard().press("F9");
        for (int k = 0; k < 2; k++) {
            page.locator("[data-teach-deed=skip]").click();
        }
        page.locator("[data-asks]:has-text('That is your hand')").waitFor();
        page.locator("[data-teach-deed=try]").click();
        page.locator("[data-trial]").waitFor();
        hand.idle();

        double[] home = hand.over("v2").eye("v2");
        hand.down(MouseButton.MIDDLE).by(50, 10);
        page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.MIDDLE));
        hand.idle();
        double[] orbited = hand.eye("v2");
        assertThat(distance(orbited, home)).isGreaterThan(0.1);
        hand.over("v2").key("h");
        double far = focus(hand);
        hand.over("v2").wheel(240);
        assertThat(focus(hand)).as("towards the hand is nearer now").isLessThan(far);
        page.locator("[data-trial-deed=discard]").click();
        page.locator("[data-trial]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        assertThat(Hand.map(hand.ask("keymap()", null)).get("name")).isEqualTo("Rhombus");
        assertThat(Hand.map(Hand.map(hand.ask("habits()", null)).get("values"))).isEmpty();
        assertThat(failures).isEmpty();
        Browser.close(page);
    }

    private static double focus(Hand hand) {
        hand.idle();
        for (Object o : (List<?>) hand.ask("views()", null)) {
            if (Hand.map(o).get("id").equals("v2")) {
                return ((Number) Hand.map(o).get("focusDistance")).doubleValue();
            }
        }
        throw new AssertionError("no such viewport");
    }

    @Test
    void aClashIsToldAndSwappingOutlivesTheServer() {
        List<String> failures = new ArrayList<>();
        Hand hand = opened("keys", ColorScheme.DARK, failures);
        Page page = hand.page;
        rebind(page, "home");
        page.keyboard().press("f");
        assertThat(page.locator("[data-clash]").textContent()).contains("frame the selection");
        page.locator("[data-choice=swap]").click();
        page.locator("[data-binding=home] kbd:has-text('F')").waitFor();
        assertThat(page.locator("[data-binding=frame] kbd").textContent()).isEqualTo("H");
        page.keyboard().press("Escape");
        rebind(page, "orbit-drag");
        var box = page.locator("[data-capture]").boundingBox();
        hand.move(box.x + 60, box.y + 60).down(MouseButton.LEFT).by(80, 10);
        page.mouse().up();
        assertThat(page.locator("[data-clash]").textContent()).contains("marquee");
        page.locator("[data-choice=swap]").click();
        page.locator("[data-binding=orbit-drag] kbd:has-text('left-drag')").waitFor();
        page.keyboard().press("Escape");
        hand.idle();

        RunningServer.get().restart();
        page.reload();
        hand = Hand.ready(page);
        List<?> changes = (List<?>) Hand.map(hand.ask("keymap()", null)).get("changes");
        assertThat(changes).extracting(c -> Hand.map(c).get("id")).contains("home", "frame", "orbit-drag", "marquee");
        double[] eye = hand.over("v2").eye("v2");
        hand.drag(MouseButton.LEFT, 90, 0);
        assertThat(distance(hand.eye("v2"), eye)).isGreaterThan(0.1);
        hand.over("v2").key("f");
        assertThat(distance(hand.eye("v2"), eye)).isCloseTo(0, within(1e-9));
        assertThat(failures).isEmpty();
        Browser.close(page);
    }
}
