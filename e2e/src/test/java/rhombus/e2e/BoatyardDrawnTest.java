package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static rhombus.e2e.Hand.distance;
import static rhombus.e2e.Hand.map;
import static rhombus.e2e.Hand.num;

import com.microsoft.playwright.options.MouseButton;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What the boatyard's four viewports show in pixels, and what only a browser with a window gives: the pointer itself. */
@Drawn
class BoatyardDrawnTest extends InTheBoatyard {
    @Test
    void displayModesFollowThePointerAndShowInPixels() {
        hand.over("v2").key("6");
        assertThat(hand.view("v2").get("display")).isEqualTo("smooth");
        double smooth = lit();
        hand.key("1");
        assertThat(hand.view("v2").get("display")).isEqualTo("wire");
        assertThat(lit()).isLessThan(smooth * 0.5);
        hand.press("[data-viewport=v2] [data-plate] [aria-label^='Look']");
        hand.page
                .locator(":is(li, button)[data-command='display.set']:visible:has-text('Smooth + edges')")
                .click();
        hand.idle();
        assertThat(hand.view("v2").get("display")).isEqualTo("smooth-edges");
        assertThat(hand.view("v1").get("display")).isEqualTo("wire");
    }

    /** Share of pixels in the scout view's picture that are brighter than the ground behind everything. */
    private double lit() {
        return ((Number)
                        hand.page.evaluate(
                                """
                () => {
                  const v = window.rhombus.views()[1], c = document.querySelector('canvas'), box = c.getBoundingClientRect();
                  const gl = c.getContext('webgl2'), k = c.width / box.width, n = 60, px = new Uint8Array(4);
                  let hit = 0;
                  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) {
                    const x = (v.rect.x - box.x + (i + .5) / n * v.rect.width) * k;
                    const y = c.height - (v.rect.y - box.y + (j + .5) / n * v.rect.height) * k;
                    gl.readPixels(Math.floor(x), Math.floor(y), 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, px);
                    if (px[0] > 75) hit++;
                  }
                  return hit / n / n;
                }"""))
                .doubleValue();
    }

    @Test
    void theRivetIsSeenFromThreeCentimetres() {
        hand.press("[data-drawer=scene] >> text=Hull").over("v2").key("f");
        hand.approach("v2", hand.middle("Brass rivet"), 0.04);
        Map<String, Object> s = hand.project("v2", hand.middle("Brass rivet"));
        Map<String, Object> r = map(hand.view("v2").get("rect"));
        assertThat(Pixels.differ(hand.page, num(s, "x"), num(s, "y"), num(r, "x") + 30, num(r, "y") + 30))
                .isTrue();
        hand.over("v2").key("Shift+K").key("h");
    }

    @Test
    void aDragGoesOnBeyondTheEdgeOfTheWindow() {
        hand.over("v2", 0.5, 0.62);
        double[] before = hand.eye("v2");
        hand.down(MouseButton.RIGHT);
        hand.move(1278, 200);
        double[] atEdge = hand.eye("v2");
        // The browser gives the pointer when it comes to it; before that it ends at the edge.
        hand.page.waitForFunction("() => document.pointerLockElement !== null");
        hand.move(2200, 200);
        hand.idle();
        assertThat(distance(hand.eye("v2"), atEdge)).isGreaterThan(1);
        hand.up(MouseButton.RIGHT);
        assertThat(distance(hand.eye("v2"), before)).isGreaterThan(1);
    }
}
