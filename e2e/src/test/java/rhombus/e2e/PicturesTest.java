package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.MouseButton;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Makes the pictures in docs/screenshots from the demo data; run by bin/pictures. */
@Tag("pictures")
class PicturesTest {
    private static final Path FOLDER = Path.of("../docs/screenshots");
    private final List<String> failures = new ArrayList<>();

    private static void take(Page page, String name) {
        page.waitForTimeout(700);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    /** The Facet, the Pad, hints with a modifier down, and a walk. */
    private static void moving(Hand hand) {
        Page page = hand.page;
        hand.over("v2").key("h").key("q");
        var facet = page.locator("[data-viewport=v2] [data-facet]").boundingBox();
        hand.move(facet.x + facet.width / 2 + 8, facet.y + facet.height / 2 - 14);
        take(page, "facet");
        hand.over("v2", 0.45, 0.55).key("g");
        var look = page.locator("[data-grip=look].pad path").first().boundingBox();
        hand.move(look.x + look.width / 2, look.y + look.height / 2);
        take(page, "pad");
        hand.key("Escape").key("q").over("v2", 0.5, 0.62);
        page.keyboard().down("Shift");
        hand.by(2, 0);
        take(page, "hints-with-shift");
        page.keyboard().up("Shift");
        hand.key("q");
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Lens']");
        hand.press("li[data-command='walk.start']:visible");
        hand.over("v2", 0.5, 0.5);
        page.keyboard().down("w");
        page.waitForTimeout(1500);
        page.keyboard().up("w");
        hand.idle();
        take(page, "walking");
        hand.key("Backspace").key("q").key("h");
    }

    @Test
    void everyMainView() throws Exception {
        Files.createDirectories(FOLDER);
        Page page = Browser.page(ColorScheme.DARK, failures);
        page.navigate("/sign-in");
        page.locator("#name").waitFor();
        take(page, "sign-in");
        Browser.signIn(page, "demo", "saltmarsh");
        page.locator("main li").first().waitFor();
        take(page, "scenes");
        Hand hand = Hand.open(page, "Saltmarsh Boatyard");
        hand.over("v2");
        take(page, "four-viewports");

        hand.press("[data-drawer=scene] >> text=Hull");
        hand.over("v2").key("f");
        hand.drag(MouseButton.RIGHT, -70, -18).key("f").key("m");
        hand.over("v3").key("f");
        hand.over("v2", 0.5, 0.55);
        take(page, "selected-with-move-handles");
        hand.key("Escape").key("Shift+K").over("v2", 0.5, 0.55).key("v");
        hand.down(MouseButton.RIGHT).by(60, -10);
        take(page, "turning-about-a-pinned-pivot");
        hand.up(MouseButton.RIGHT).key("Shift+V").key("1").key("q");
        take(page, "solo-wire");
        hand.key("7").key("q");

        moving(hand);
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Direction or camera']");
        take(page, "direction-chooser");
        page.locator("li[data-command='camera.look-through']:visible:has-text('Deck close')").click();
        hand.over("v2");
        take(page, "through-a-camera");
        hand.press("[data-viewport=v2] [data-command='camera.leave']");

        page.locator("header [data-command='app.habits']").click();
        page.locator("[data-habit='orbit.style']").waitFor();
        take(page, "habits");
        page.locator(".el-dialog:visible .el-dialog__headerbtn").click();
        page.waitForTimeout(500);
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-binding=home]").waitFor();
        take(page, "keys");
        page.locator("[data-binding=home] .trigger").click();
        page.locator("[data-capture]").waitFor();
        page.keyboard().press("f");
        page.locator("[data-clash]").waitFor();
        take(page, "keys-clash");
        page.context().close();

        Page light = Browser.page(ColorScheme.LIGHT, failures);
        Browser.signIn(light, "demo", "saltmarsh");
        Hand.open(light, "Tidal Orrery").over("v2");
        take(light, "chalk");
        light.context().close();
        assertThat(failures).isEmpty();
    }
}
