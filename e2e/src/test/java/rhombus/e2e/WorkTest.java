package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.distance;
import static rhombus.e2e.Hand.map;
import static rhombus.e2e.Hand.num;

import com.microsoft.playwright.options.MouseButton;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Selecting, framing, display modes, cameras and moving an object in the boatyard. */
class WorkTest extends InTheBoatyard {
    @BeforeEach
    void home() {
        hand.over("v2").key("h").key("Shift+K");
    }

    private String id(String name) {
        return (String) hand.object(name).get("id");
    }

    @Test
    void clickSelectsShiftAddsCtrlTogglesEmptyClears() {
        hand.clickOn("v2", hand.middle("Crate 4"));
        assertThat(hand.selection()).isEqualTo(List.of(id("Crate 4")));
        hand.clickOn("v2", hand.middle("Barrel 3"), "Shift");
        assertThat(hand.selection()).isEqualTo(List.of(id("Crate 4"), id("Barrel 3")));
        hand.clickOn("v2", hand.middle("Crate 4"), "Control");
        assertThat(hand.selection()).isEqualTo(List.of(id("Barrel 3")));
        hand.over("v2", 0.05, 0.08).click();
        assertThat(hand.selection()).isEqualTo(List.of());
    }

    @Test
    void theGroundIsLockedAndTheTreeSelects() {
        hand.clickOn("v2", new double[] {-20, 0, 10});
        assertThat(hand.selection()).isEqualTo(List.of());
        hand.press("[data-drawer=scene] >> text=Dinghy");
        assertThat(hand.selection()).isEqualTo(List.of(id("Dinghy")));
        hand.over("v2").key("f");
        double[] focus = hand.middle("Dinghy");
        Map<String, Object> s = hand.project("v2", focus);
        Map<String, Object> r = map(hand.view("v2").get("rect"));
        assertThat(num(s, "x")).isCloseTo(num(r, "x") + num(r, "width") / 2, within(60.0));
        assertThat(num(s, "y")).isCloseTo(num(r, "y") + num(r, "height") / 2, within(60.0));
    }

    /** A crate is a box: the corners of its world box in a flat view along an axis are its exact outline. */
    @Test
    void framingFitsTheVerticesToTheMargin() {
        hand.press("[data-drawer=scene] >> text=Workshop");
        hand.over("v3").key("f");
        Map<String, Object> r = map(hand.view("v3").get("rect"));
        Map<String, Object> b = map(hand.object("Workshop").get("bounds"));
        double[] lo = Hand.point(b.get("min"));
        double[] hi = Hand.point(b.get("max"));
        Map<String, Object> a = hand.project("v3", lo);
        Map<String, Object> z = hand.project("v3", hi);
        double width = (num(z, "x") - num(a, "x")) / num(r, "width");
        double height = (num(a, "y") - num(z, "y")) / num(r, "height");
        assertThat(Math.max(width, height)).isCloseTo(0.9, within(0.002));
        hand.key("Shift+F");
        assertThat(num(hand.view("v3"), "extent")).isGreaterThan(20);
        assertThat(hand.page.locator("[data-notice]").last().textContent()).contains("Buoy");
        hand.key("h");
    }

    @Test
    void aCameraIsLookedThroughFromThePlateAndStaysWhereItIs() {
        Object before = hand.ask("scene().objects.find(o => o.name === 'Deck close')", null);
        double[] own = hand.eye("v2");
        hand.press("[data-viewport=v2] [data-chooser]");
        hand.page
                .locator(".chooser [data-command='camera.look-through']:has-text('Deck close')")
                .click();
        hand.idle();
        assertThat(hand.view("v2")).containsEntry("camera", id("Deck close")).containsEntry("title", "Deck close");
        // Where glTF 2.0 says a camera stands: at its node's origin (demo scene: 3.4, 3.6, 2.2).
        assertThat(distance(hand.eye("v2"), new double[] {3.4, 3.6, 2.2})).isLessThan(1e-6);
        hand.press("[data-viewport=v2] [data-command='camera.leave']");
        assertThat(hand.view("v2").get("camera")).isNull();
        assertThat(hand.eye("v2")).containsExactly(own);
        hand.over("v2").key("c");
        hand.drag(MouseButton.RIGHT, 60, 10);
        assertThat(hand.view("v2").get("camera")).isNull();
        assertThat(hand.page.locator("[data-notice]").last().textContent()).contains("guarded");
        assertThat(hand.ask("scene().objects.find(o => o.name === 'Deck close')", null))
                .isEqualTo(before);
    }

    @Test
    void theMoveToolMovesAlongOneAxisAndUndoTakesItBackWithoutMovingAView() {
        hand.press("[data-drawer=scene] >> text=Dinghy");
        hand.over("v3").key("f").key("m");
        double[] eye = hand.eye("v3");
        double[] before = hand.middle("Dinghy");
        Map<String, Object> r = map(hand.view("v3").get("rect"));
        double[] line = hand.handle("v3", "x");
        double x = (line[0] + line[2]) / 2 + num(r, "x");
        double y = (line[1] + line[3]) / 2 + num(r, "y");
        hand.move(x, y).drag(MouseButton.LEFT, 60, 14);
        double[] after = hand.middle("Dinghy");
        double scale = num(hand.view("v3"), "extent") / num(r, "height");
        assertThat(after[0] - before[0]).isCloseTo(60 * scale, within(1e-3));
        assertThat(after[1]).isCloseTo(before[1], within(1e-9));
        assertThat(after[2]).isCloseTo(before[2], within(1e-9));
        hand.press("[data-command='edit.undo']");
        assertThat(distance(hand.middle("Dinghy"), before)).isLessThan(1e-9);
        hand.key("Control+Shift+Z");
        assertThat(distance(hand.middle("Dinghy"), after)).isLessThan(1e-9);
        hand.key("Control+z");
        assertThat(hand.eye("v3")).containsExactly(eye);
        hand.over("v3").key("Escape").key("h");
    }

    @Test
    void everythingCanBeDoneWithoutDragging() {
        hand.over("v2");
        double[] eye = hand.eye("v2");
        hand.key("ArrowLeft");
        assertThat(distance(hand.eye("v2"), eye)).isGreaterThan(1);
        hand.key("ArrowRight");
        assertThat(distance(hand.eye("v2"), eye)).isLessThan(1e-9);
        hand.key("Shift+ArrowUp").key("Equal").key("Minus").key("Shift+ArrowDown");
        assertThat(distance(hand.eye("v2"), eye)).isLessThan(1e-6);
        hand.press("[data-drawer=scene] >> text=Dinghy");
        double[] before = hand.middle("Dinghy");
        String place = "[data-field='edit.place/z']";
        hand.page.locator(place).focus();
        hand.page.fill(place, hand.page.inputValue(place) + " + 2 m");
        hand.page.keyboard().press("Tab");
        hand.idle();
        assertThat(hand.middle("Dinghy")[2]).isCloseTo(before[2] + 2, within(1e-3));
        hand.press("[data-command='edit.undo']");
    }

    @Test
    void hintsSayWhatTheHandCanDoAndChangeWithModifiers() {
        hand.over("v2");
        assertThat(hand.page.locator("[data-hints]").textContent())
                .contains("right-drag")
                .contains("orbit")
                .contains("wheel");
        hand.page.keyboard().down("Shift");
        hand.idle();
        assertThat(hand.page.locator("[data-hints]").textContent()).contains("frame all");
        hand.page.keyboard().up("Shift");
        hand.idle();
    }

    @Test
    void nothingIsDrawnWhileNothingChanges() {
        hand.over("v2");
        Object frames = map(hand.ask("stats()", null)).get("frames");
        hand.frames(90);
        assertThat(map(hand.ask("stats()", null)).get("frames")).isEqualTo(frames);
    }
}
