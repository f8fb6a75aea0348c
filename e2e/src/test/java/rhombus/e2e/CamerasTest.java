package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static rhombus.e2e.Hand.distance;
import static rhombus.e2e.Hand.map;
import static rhombus.e2e.Hand.point;

import com.microsoft.playwright.options.MouseButton;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Cameras that are guarded, driven, locked, made and deleted, as a hand does it. */
class CamerasTest extends InTheBoatyard {
    private static final String PLATE = "[data-viewport=v2] [data-plate] ";

    @BeforeEach
    void home() {
        hand.page.keyboard().press("Escape");
        if (hand.view("v2").get("camera") != null) {
            hand.press(PLATE + "[data-command='camera.leave']");
        }
        hand.over("v2").key("h");
    }

    private Map<String, Object> camera(String name) {
        return map(hand.ask("cameras().find(c => c.name === a)", name));
    }

    private void through(String name) {
        hand.press(PLATE + "[data-chooser]");
        hand.page
                .locator(".chooser [data-command='camera.look-through']:has-text('" + name + "')")
                .click();
        hand.idle();
        hand.over("v2");
    }

    private String state() {
        return hand.page
                .locator(PLATE + "[data-command='camera.drive']")
                .textContent()
                .trim();
    }

    @Test
    void aDrivenCameraGoesAlongSaysSoAndComesBackByUndo() {
        through("Harbour wide");
        Map<String, Object> before = camera("Harbour wide");
        assertThat(state()).isEqualTo("guarded");
        assertThat(hand.page.locator("[data-viewport=v2] [data-driven]").count())
                .isZero();
        hand.press(PLATE + "[data-command='camera.drive']");
        assertThat(state()).isEqualTo("driven");
        assertThat(hand.page.locator("[data-viewport=v2] [data-driven]").count())
                .isEqualTo(4);
        assertThat(hand.view("v2")).containsEntry("driven", true).containsEntry("guarded", false);
        hand.over("v2").drag(MouseButton.RIGHT, 70, 20);
        Map<String, Object> after = camera("Harbour wide");
        assertThat(distance(point(after.get("eye")), point(before.get("eye")))).isGreaterThan(0.1);
        assertThat(distance(point(after.get("eye")), hand.eye("v2"))).isLessThan(1e-9);
        assertThat(hand.view("v2")).containsEntry("camera", before.get("id"));
        // Dragging on and giving up brings the camera back to where this drag began.
        hand.over("v2").down(MouseButton.MIDDLE).by(40, 40);
        hand.page.keyboard().press("Escape");
        hand.up(MouseButton.MIDDLE);
        assertThat(camera("Harbour wide")).isEqualTo(after);
        hand.over("v2").key("Control+z");
        assertThat(camera("Harbour wide").get("eye")).isEqualTo(before.get("eye"));
        assertThat(distance(hand.eye("v2"), point(before.get("eye")))).isLessThan(1e-9);
        hand.over("v2").key("Shift+C");
        assertThat(state()).isEqualTo("guarded");
        hand.over("v2").drag(MouseButton.RIGHT, 70, 20);
        assertThat(camera("Harbour wide").get("eye")).isEqualTo(before.get("eye"));
        assertThat(hand.view("v2").get("camera")).isNull();
    }

    @Test
    void theKeyLeadsThereAndBackToTheVeryView() {
        hand.over("v2").drag(MouseButton.RIGHT, 37, 11);
        Map<String, Object> before = hand.view("v2");
        hand.over("v2").key("c");
        assertThat(hand.view("v2").get("camera")).isNotNull();
        hand.over("v2").key("c");
        for (String what : new String[] {"camera", "eye", "forward", "up", "fovY", "focusDistance"}) {
            assertThat(hand.view("v2")).containsEntry(what, before.get(what));
        }
    }

    @Test
    void aLockedCameraRefusesEveryMotionWithACue() {
        String lock = "[data-camera='" + camera("Deck close").get("id") + "'] [data-switch=lock]";
        hand.press(lock);
        through("Deck close");
        assertThat(state()).isEqualTo("locked");
        double[] eye = hand.eye("v2");
        hand.over("v2").drag(MouseButton.RIGHT, 70, 20).wheel(-300);
        hand.over("v2").key("f");
        assertThat(hand.eye("v2")).containsExactly(eye);
        assertThat(hand.page.locator("[data-notice]").last().textContent()).contains("Deck close is locked");
        // Undone rather than unlocked: nothing is left for the undo of those who come after.
        hand.over("v2").key("Control+z");
        assertThat(state()).isEqualTo("guarded");
        hand.over("v2").drag(MouseButton.RIGHT, 70, 20);
        assertThat(distance(hand.eye("v2"), eye)).isGreaterThan(0.1);
    }

    @Test
    void aCameraMadeFromAViewIsNamedDeletedAndBroughtBack() {
        hand.over("v2").drag(MouseButton.RIGHT, 37, 11);
        Map<String, Object> view = hand.view("v2");
        hand.press("[data-drawer=scene] [data-command='camera.from-view']");
        Map<String, Object> made = camera("Camera 1");
        assertThat(made.get("eye")).isEqualTo(view.get("eye"));
        assertThat(distance(point(made.get("forward")), point(view.get("forward"))))
                .isLessThan(1e-12);
        assertThat(made.get("fovY")).isEqualTo(view.get("fovY"));
        String row = "[data-camera='" + made.get("id") + "'] ";
        hand.press(row + ".more");
        hand.page
                .locator(".el-dropdown-menu:visible [data-command='object.rename']")
                .click();
        hand.page.locator(row + "input").fill("Slipway low");
        hand.page.keyboard().press("Enter");
        hand.idle();
        assertThat(camera("Slipway low").get("id")).isEqualTo(made.get("id"));
        hand.press(row + ".more");
        hand.page
                .locator(".el-dropdown-menu:visible [data-command='object.delete']")
                .click();
        hand.idle();
        assertThat(camera("Slipway low")).isNull();
        assertThat(hand.view("v2").get("camera")).isNull();
        assertThat(hand.view("v2").get("eye")).isEqualTo(view.get("eye"));
        hand.over("v2").key("Control+z");
        assertThat(camera("Slipway low").get("eye")).isEqualTo(view.get("eye"));
        hand.key("Control+z").key("Control+z");
        assertThat(camera("Camera 1")).isNull();
    }

    private com.microsoft.playwright.Locator field(String key) {
        return hand.page.locator("[data-field='camera.set/" + key + "']");
    }

    private void type(String key, String text) {
        field(key).fill(text);
        hand.page.keyboard().press("Enter");
        hand.idle();
    }

    @Test
    void numbersOfACameraAreTypedWithUnitsAndWhatCannotBeIsTold() {
        through("Crane top");
        double before = Hand.num(camera("Crane top"), "fovY");
        type("focalLength", "50");
        // 36 × 24 mm behind 50 mm: 27° upright in every lens table.
        assertThat(Hand.num(hand.view("v2"), "fovY")).isGreaterThan(0);
        assertThat(Hand.num(camera("Crane top"), "fovY"))
                .isCloseTo(26.99, org.assertj.core.api.Assertions.within(0.01));
        assertThat(field("focalLength").inputValue()).isEqualTo("50 mm");
        type("focalLength", "-3 in");
        assertThat(hand.page.locator("[data-notice]").last().textContent())
                .contains("On this film back a focal length is between");
        assertThat(field("focalLength").inputValue()).isEqualTo("50 mm");
        hand.page.locator("[data-camera-readout] select[data-choice=filmBack]").selectOption("Super 35");
        hand.idle();
        assertThat(field("backWidth").inputValue()).isEqualTo("24.89 mm");
        assertThat(field("focalLength").inputValue()).isEqualTo("50 mm");
        hand.over("v2").key("Control+z").key("Control+z");
        assertThat(Hand.num(camera("Crane top"), "fovY")).isEqualTo(before);
    }

    @Test
    void theGateShowsWhatThePictureContains() {
        through("Crane top");
        type("aspect", "2");
        String gate = "[data-viewport=v2] [data-gate] ";
        var frame = hand.page.locator(gate + ".frame").first().boundingBox();
        Map<String, Object> r = map(hand.view("v2").get("rect"));
        assertThat(frame.width).isCloseTo(Hand.num(r, "width"), org.assertj.core.api.Assertions.within(1.0));
        assertThat(hand.page.locator(gate + "[data-area]").count()).isZero();
        overlay("Action and title areas");
        // SMPTE ST 2046-1: 93% of the width.
        var action = hand.page.locator(gate + "[data-area=action]").first().boundingBox();
        assertThat(action.width).isCloseTo(frame.width * 0.93, org.assertj.core.api.Assertions.within(1.0));
        overlay("Action and title areas");
        assertThat(hand.page.locator(gate + "[data-area]").count()).isZero();
        hand.over("v2").key("Control+z");
        hand.press(PLATE + "[data-command='camera.leave']");
        assertThat(hand.page.locator(gate).count()).isZero();
    }

    private void overlay(String label) {
        hand.press(PLATE + "[aria-label=Overlays]");
        hand.page
                .locator(".el-dropdown-menu:visible [data-thing='" + label + "']")
                .click();
        Hand.still(hand.page);
        hand.idle();
    }

    @Test
    void theShotListShowsAllCamerasInPicturesAndLeadsToThem() throws Exception {
        hand.press("[data-drawer=scene] >> text=Hull");
        hand.press("[data-command='app.shots']");
        var rows = hand.page.locator("[data-shots] tbody tr");
        hand.page.waitForFunction("() => document.querySelectorAll('[data-shots] img').length === 4");
        assertThat(rows.count()).isEqualTo(4);
        for (int i = 0; i < 4; i++) {
            assertThat(rows.nth(i).locator("td").nth(4).textContent()).matches("\\d+%");
        }
        var file = hand.page.waitForDownload(
                () -> hand.page.locator("[data-shots] [data-csv]").click());
        assertThat(file.suggestedFilename()).isEqualTo("Saltmarsh Boatyard - cameras.csv");
        var lines = java.nio.file.Files.readAllLines(file.path());
        assertThat(lines).hasSize(5);
        assertThat(lines.get(0)).startsWith("name,eye x");
        assertThat(lines.get(1)).startsWith("\"Harbour wide\",26,11,30,");
        rows.nth(2).locator(".picture").click();
        hand.idle();
        assertThat(hand.page.locator("[data-shots]").isVisible()).isFalse();
        assertThat(hand.view("v2")).containsEntry("camera", camera("Crane top").get("id"));
        hand.over("v2").key("Shift+K");
    }
}
