package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.distance;
import static rhombus.e2e.Hand.map;
import static rhombus.e2e.Hand.num;
import static rhombus.e2e.Hand.point;

import com.microsoft.playwright.options.MouseButton;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Moving through the boatyard with buttons, wheel and keys. */
class NavigationTest extends InTheBoatyard {
    /** Every test starts at home, wherever the one before ended. */
    @BeforeEach
    void home() {
        for (String v : List.of("v1", "v2", "v3", "v4")) {
            hand.over(v).key("h");
        }
        hand.over("v2");
    }

    @Test
    void fourViewportsStandOnOneStage() {
        assertThat(List.of("v1", "v3", "v4"))
                .allSatisfy(v -> assertThat(hand.view(v).get("projection")).isEqualTo("orthographic"));
        assertThat(hand.view("v1").get("direction")).isEqualTo("top");
        assertThat(hand.view("v3").get("direction")).isEqualTo("front");
        assertThat(hand.view("v4").get("direction")).isEqualTo("right");
        assertThat(hand.view("v2")).containsEntry("projection", "perspective").containsEntry("title", "Scout");
    }

    @Test
    void theViewportUnderThePointerTakesKeysAndSolos() {
        hand.over("v3");
        assertThat(hand.view("v3").get("active")).isEqualTo(true);
        double[] eye = hand.eye("v4");
        hand.key("q");
        assertThat(hand.view("v3").get("solo")).isEqualTo(true);
        assertThat(num(map(hand.view("v3").get("rect")), "width")).isGreaterThan(700);
        assertThat(hand.page.locator("[data-viewport]").count()).isEqualTo(1);
        hand.key("q");
        assertThat(hand.page.locator("[data-viewport]").count()).isEqualTo(4);
        assertThat(hand.eye("v4")).containsExactly(eye);
    }

    @Test
    void rightDragAndHeldKeyOrbitAboutTheSurfaceUnderThePointer() {
        hand.over("v2", 0.5, 0.62);
        double[] pivot = point(hand.grabbedHere());
        assertThat(map(hand.ask("pivot('v2')", null)).get("rung")).isEqualTo("surface");
        double[] before = hand.eye("v2");
        double far = distance(before, pivot);
        hand.drag(MouseButton.RIGHT, 120, -25);
        assertThat(distance(hand.eye("v2"), before)).isGreaterThan(1);
        assertThat(distance(hand.eye("v2"), pivot)).isCloseTo(far, within(1e-6));
        hand.over("v2", 0.5, 0.62);
        before = hand.eye("v2");
        pivot = point(map(hand.ask("pivot('v2')", null)).get("point"));
        far = distance(before, pivot);
        hand.hold("d", 90, 20);
        assertThat(distance(hand.eye("v2"), before)).isGreaterThan(1);
        assertThat(distance(hand.eye("v2"), pivot)).isCloseTo(far, within(1e-6));
    }

    @Test
    void panKeepsTheGrabbedPointUnderThePointerByButtonAndByKey() {
        hand.over("v2", 0.5, 0.62);
        double[] grabbed = point(hand.grabbedHere());
        hand.down(MouseButton.MIDDLE);
        for (int i = 0; i < 5; i++) {
            hand.by(23, 11);
            Map<String, Object> s = hand.project("v2", grabbed);
            assertThat(Math.hypot(num(s, "x") - hand.x(), num(s, "y") - hand.y()))
                    .isLessThan(0.5);
        }
        hand.up(MouseButton.MIDDLE);
        hand.over("v1", 0.4, 0.4);
        double[] eye = hand.eye("v1");
        double scale = num(hand.view("v1"), "extent") / num(map(hand.view("v1").get("rect")), "height");
        hand.hold("s", 100, 0);
        assertThat(eye[0] - hand.eye("v1")[0]).isCloseTo(100 * scale, within(1e-6));
    }

    @Test
    void theWheelGoesTowardThePointUnderThePointerAndNeverStalls() {
        hand.over("v2", 0.5, 0.62);
        double[] target = point(hand.grabbedHere());
        double before = distance(hand.eye("v2"), target);
        hand.wheel(-300);
        Map<String, Object> s = hand.project("v2", target);
        assertThat(Math.hypot(num(s, "x") - hand.x(), num(s, "y") - hand.y())).isLessThan(0.5);
        assertThat(distance(hand.eye("v2"), target)).isCloseTo(before * Math.pow(0.85, 3), within(1e-6 * before));
        // On and on: through the surface and out at the other side.
        for (int i = 0; i < 12; i++) {
            hand.wheel(-2000);
        }
        double[] forward = point(hand.view("v2").get("forward"));
        double[] eye = hand.eye("v2");
        double beyond = 0;
        for (int i = 0; i < 3; i++) {
            beyond += (eye[i] - target[i]) * forward[i];
        }
        assertThat(beyond).isPositive();
    }

    @Test
    void heldADolliesAndEscapeTakesADragBack() {
        hand.over("v2", 0.5, 0.62);
        double[] target = point(hand.grabbedHere());
        double[] before = hand.eye("v2");
        hand.hold("a", 60, 0);
        assertThat(distance(hand.eye("v2"), target)).isLessThan(distance(before, target));
        double[] after = hand.eye("v2");
        hand.down(MouseButton.RIGHT).by(70, 40);
        assertThat(distance(hand.eye("v2"), after)).isGreaterThan(0.1);
        hand.page.keyboard().press("Escape");
        assertThat(hand.eye("v2")).containsExactly(after);
        hand.by(30, 0).up(MouseButton.RIGHT);
        assertThat(hand.eye("v2")).containsExactly(after);
    }

    @Test
    void pinningThePivotMarksItAndTheReadoutSaysWhy() {
        hand.over("v2", 0.5, 0.62);
        double[] here = point(hand.grabbedHere());
        hand.key("v");
        assertThat(hand.page.locator("[data-viewport=v2] [data-pivot]").isVisible())
                .isTrue();
        hand.over("v2", 0.2, 0.9);
        Map<String, Object> pivot = map(hand.ask("pivot('v2')", null));
        assertThat(pivot.get("rung")).isEqualTo("pinned");
        assertThat(distance(point(pivot.get("point")), here)).isLessThan(1e-9);
        assertThat(hand.page.locator("[data-pivot-reason]").textContent())
                .contains("pinned point")
                .contains("away");
        double far = distance(hand.eye("v2"), here);
        hand.drag(MouseButton.RIGHT, 80, 10);
        assertThat(distance(hand.eye("v2"), here)).isCloseTo(far, within(1e-6));
        hand.key("Shift+V");
        assertThat(map(hand.ask("pivot('v2')", null)).get("rung")).isNotEqualTo("pinned");
    }

    @Test
    void theTrailStepsBackAndForwardAndSceneUndoNeverMovesAView() {
        hand.over("v2", 0.5, 0.62);
        double[] first = hand.eye("v2");
        hand.drag(MouseButton.RIGHT, 100, 0);
        double[] second = hand.eye("v2");
        hand.key("Backspace");
        assertThat(hand.eye("v2")).containsExactly(first);
        hand.key("Shift+Backspace");
        assertThat(hand.eye("v2")).containsExactly(second);
        hand.key("Control+z");
        assertThat(hand.eye("v2")).containsExactly(second);
    }

    @Test
    void viewsGlideUnlessTheSystemAsksForReducedMotion() {
        hand.page.emulateMedia(new com.microsoft.playwright.Page.EmulateMediaOptions()
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        hand.over("v2", 0.5, 0.5);
        Object landed = hand.page.evaluate("() => { document.querySelector('canvas').focus();"
                + " window.dispatchEvent(new KeyboardEvent('keydown', {code: 'KeyX', bubbles: true}));"
                + " return window.rhombus.views()[1].direction; }");
        assertThat(landed).isEqualTo("right");
    }
}
