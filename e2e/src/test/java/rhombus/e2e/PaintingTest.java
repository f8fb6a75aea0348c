package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.MouseButton;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import rhombus.demo.DemoScenes;
import rhombus.server.RunningServer;

/** What is drawn while views move and when they have come to rest, on a machine where the processor draws. */
@Drawn
class PaintingTest {
    private final List<String> failures = new ArrayList<>();

    private Page page() {
        Page page = Browser.page(ColorScheme.DARK, failures);
        page.setDefaultTimeout(120_000);
        return page;
    }

    private Hand open(String scene) {
        Page page = page();
        Browser.enter(page, "demo", "saltmarsh");
        return begun(Hand.open(page, scene));
    }

    private static Hand begun(Hand hand) {
        hand.over("v2", 0.3, 0.6).key("h").key("6");
        hand.idle();
        return hand;
    }

    private void close(Hand hand) {
        Browser.close(hand.page);
        assertThat(failures).isEmpty();
    }

    private static double[] middle(Hand hand) {
        var box = hand.page.locator("[data-viewport=v2]").boundingBox();
        return new double[] {box.x + box.width / 2, box.y + box.height / 2};
    }

    private static double stat(Hand hand, String name) {
        return ((Number) hand.ask("stats()[a]", name)).doubleValue();
    }

    /** A hundred thousand objects take a second a frame; in motion they are squares, at rest they are all there. */
    @Test
    void aMovingViewOfVeryMuchIsEasedAndWholeAtRest() {
        RunningServer.get().account("painter");
        Hand hand = begun(Browser.bring(
                page(),
                "painter",
                new FilePayload(
                        "Long Pier.glb",
                        "model/gltf-binary",
                        DemoScenes.all().get("Long Pier").get())));
        hand.over("v2").down(MouseButton.RIGHT).by(3, 1).by(-3, -1).up(MouseButton.RIGHT);
        hand.idle();
        double full = stat(hand, "triangles");
        hand.down(MouseButton.RIGHT);
        for (int i = 0; i < 40 && hand.page.locator("[data-eased]").count() == 0; i++) {
            hand.by(i % 2 == 0 ? 12 : -11, 2);
        }
        assertThat(hand.page.locator("[data-eased]").textContent())
                .contains("coarser")
                .endsWith("while moving");
        hand.by(12, 2).by(12, 2);
        assertThat(stat(hand, "triangles")).isLessThan(full / 2);
        hand.up(MouseButton.RIGHT);
        hand.idle();
        assertThat(hand.page.locator("[data-eased]").count()).isZero();
        assertThat(stat(hand, "triangles")).isGreaterThan(full / 2);
        hand.over("v2", 0.3, 0.6).key("h");
        hand.idle();
        close(hand);
    }

    @Test
    void aSettingSwitchesEasingOff() {
        Hand hand = open("Saltmarsh Boatyard");
        hand.habit("shown.easing", "off");
        hand.over("v2", 0.3, 0.6).key("Shift+KeyF");
        hand.idle();
        double[] at = middle(hand);
        boolean eased = false;
        hand.move(at[0], at[1]).down(MouseButton.RIGHT);
        for (int i = 0; i < 20; i++) {
            hand.move(at[0] + i % 5 * 4, at[1] + i % 2);
            eased |= hand.page.locator("[data-eased]").count() > 0;
        }
        double drawn = stat(hand, "triangles");
        hand.up(MouseButton.RIGHT);
        hand.over("v2", 0.3, 0.6).key("h");
        // Back before anything can fail: others use the same account.
        hand.habit("shown.easing", null);
        close(hand);
        assertThat(eased).isFalse();
        // The yard has 124 692 triangles, and nearly all of them are in this view.
        assertThat(drawn).isGreaterThan(115_000);
    }

    /** Sixteen frames are averaged while nothing happens: the picture changes a little, and no frame of its own is counted. */
    @Test
    void edgesGetSmoothAtRest() {
        Hand hand = open("Tidal Orrery");
        byte[] rough = unsmoothed(hand);
        double frames = stat(hand, "frames");
        hand.page.waitForFunction("() => window.rhombus.stats().smooth === 4");
        byte[] smooth = hand.page.locator("[data-stage] > canvas").screenshot();
        assertThat(Pixels.different(rough, smooth)).isGreaterThan(0.0005).isLessThan(0.2);
        assertThat(stat(hand, "frames")).isEqualTo(frames);
        hand.over("v2").down(MouseButton.RIGHT).by(20, 0).up(MouseButton.RIGHT);
        hand.idle();
        assertThat(stat(hand, "frames")).isGreaterThan(frames);
        hand.over("v2", 0.3, 0.6).key("h");
        hand.idle();
        close(hand);
    }

    /** The picture before any viewport's edges are smooth; where taking it was slower than smoothing, a motion there and back first. */
    private static byte[] unsmoothed(Hand hand) {
        byte[] picture = hand.page.locator("[data-stage] > canvas").screenshot();
        for (int i = 0; stat(hand, "smooth") > 0; i++) {
            assertThat(i).as("tries").isLessThan(10);
            for (String view : List.of("v1", "v2", "v3", "v4")) {
                hand.over(view).down(MouseButton.RIGHT).by(20, 0).by(-20, 0).up(MouseButton.RIGHT);
            }
            hand.idle();
            picture = hand.page.locator("[data-stage] > canvas").screenshot();
        }
        return picture;
    }
}
