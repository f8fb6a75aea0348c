package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.distance;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.MouseButton;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import rhombus.server.RunningServer;

/** Giving commands other triggers by doing them, and finding the change again. */
class KeysTest {
    private static void rebind(Page page, String binding) {
        page.locator("[data-command='app.keys']").first().click();
        page.locator("[data-binding='" + binding + "'] .trigger").click();
        page.locator("[data-capture]").waitFor();
    }

    @Test
    void aClashIsToldAndSwappingOutlivesTheServer() {
        List<String> failures = new ArrayList<>();
        Page page = Browser.page(ColorScheme.DARK, failures);
        Browser.signIn(page, "keys", "tide-and-timber");
        page.setInputFiles("input[type=file]", SmallScenes.upload("keys.glb", SmallScenes.boxes()));
        page.waitForURL("**/scenes/*");
        Hand hand = Hand.ready(page);
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
