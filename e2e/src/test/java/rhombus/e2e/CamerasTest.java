package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rhombus.e2e.Hand.distance;
import static rhombus.e2e.Hand.map;
import static rhombus.e2e.Hand.point;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.MouseButton;
import java.nio.file.Files;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.formats.Exported;
import rhombus.formats.NormalReader;

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

    /** Something of where a camera stands. */
    private static Object pose(Map<String, Object> camera, String what) {
        return map(camera.get("pose")).get(what);
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
        assertThat(distance(point(pose(after, "eye")), point(pose(before, "eye"))))
                .isGreaterThan(0.1);
        assertThat(distance(point(pose(after, "eye")), hand.eye("v2"))).isLessThan(1e-9);
        assertThat(hand.view("v2")).containsEntry("camera", before.get("id"));
        // Dragging on and giving up brings the camera back to where this drag began.
        hand.over("v2").down(MouseButton.MIDDLE).by(40, 40);
        hand.page.keyboard().press("Escape");
        hand.up(MouseButton.MIDDLE);
        assertThat(camera("Harbour wide")).isEqualTo(after);
        hand.over("v2").key("Control+z");
        assertThat(pose(camera("Harbour wide"), "eye")).isEqualTo(pose(before, "eye"));
        assertThat(distance(hand.eye("v2"), point(pose(before, "eye")))).isLessThan(1e-9);
        hand.over("v2").key("Shift+C");
        assertThat(state()).isEqualTo("guarded");
        hand.over("v2").drag(MouseButton.RIGHT, 70, 20);
        assertThat(pose(camera("Harbour wide"), "eye")).isEqualTo(pose(before, "eye"));
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

    /** Height over width of a viewport. */
    private static double ratio(Map<String, Object> view) {
        Map<String, Object> r = map(view.get("rect"));
        return Hand.num(r, "height") / Hand.num(r, "width");
    }

    @Test
    void aCameraMadeFromAViewIsNamedDeletedAndBroughtBack() {
        hand.over("v2").drag(MouseButton.RIGHT, 37, 11);
        Map<String, Object> view = hand.view("v2");
        hand.press("[data-drawer=scene] [data-command='camera.from-view']");
        Map<String, Object> made = camera("Camera 1");
        assertThat(pose(made, "eye")).isEqualTo(view.get("eye"));
        assertThat(distance(point(pose(made, "forward")), point(view.get("forward"))))
                .isLessThan(1e-12);
        assertThat(hand.view("v2").get("fovY")).isEqualTo(view.get("fovY"));
        // The picture has the shape of the scene's, all of it in the viewport.
        double higher = Math.max(1, Hand.num(made, "aspect") * ratio(view));
        assertThat(Math.tan(Math.toRadians(Hand.num(made, "fovY")) / 2) * higher)
                .isCloseTo(Math.tan(Math.toRadians(Hand.num(view, "fovY")) / 2), within(1e-9));
        String row = "[data-camera='" + made.get("id") + "'] ";
        hand.choose(row + ".more", "[data-command='object.rename']");
        hand.page.locator(row + "input").fill("Slipway low");
        hand.page.keyboard().press("Enter");
        hand.idle();
        assertThat(camera("Slipway low").get("id")).isEqualTo(made.get("id"));
        hand.choose(row + ".more", "[data-command='object.delete']");
        assertThat(camera("Slipway low")).isNull();
        assertThat(hand.view("v2").get("camera")).isNull();
        assertThat(hand.view("v2").get("eye")).isEqualTo(view.get("eye"));
        hand.over("v2").key("Control+z");
        assertThat(pose(camera("Slipway low"), "eye")).isEqualTo(view.get("eye"));
        hand.key("Control+z").key("Control+z");
        assertThat(camera("Camera 1")).isNull();
    }

    private Locator field(String key) {
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
        assertThat(Hand.num(camera("Crane top"), "fovY")).isCloseTo(26.99, within(0.01));
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
        assertThat(frame.width).isCloseTo(Hand.num(r, "width"), within(1.0));
        assertThat(hand.page.locator(gate + "[data-area]").count()).isZero();
        overlay("Action and title areas");
        // SMPTE ST 2046-1: 93% of the width.
        var action = hand.page.locator(gate + "[data-area=action]").first().boundingBox();
        assertThat(action.width).isCloseTo(frame.width * 0.93, within(1.0));
        overlay("Action and title areas");
        assertThat(hand.page.locator(gate + "[data-area]").count()).isZero();
        hand.over("v2").key("Control+z");
        hand.press(PLATE + "[data-command='camera.leave']");
        assertThat(hand.page.locator(gate).count()).isZero();
    }

    private void overlay(String label) {
        hand.choose(PLATE + "[aria-label=Overlays]", "[data-thing='" + label + "']");
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
        var lines = Files.readAllLines(file.path());
        assertThat(lines).hasSize(5);
        assertThat(lines.get(0)).startsWith("name,eye x");
        assertThat(lines.get(1)).startsWith("\"Harbour wide\",26,11,30,");
        rows.nth(2).locator(".picture").click();
        hand.page.waitForFunction("() => !document.querySelector('[data-shots]')?.offsetParent");
        hand.idle();
        assertThat(hand.view("v2")).containsEntry("camera", camera("Crane top").get("id"));
        hand.over("v2").key("Shift+K");
    }

    private Locator handle(String view, String what) {
        return hand.page.locator("[data-viewport=" + view + "] [data-camera-handle=" + what + "]");
    }

    /** From the Front view, in one drag; the numbers of the page follow, and one undo takes it back. */
    @Test
    void aCameraIsFocusedAndAimedByItsHandlesFromOutside() {
        hand.choose("[data-drawer=scene] [data-camera] .more >> nth=0", "[data-thing=Select]");
        Hand.still(hand.page);
        hand.idle();
        Map<String, Object> before = camera("Harbour wide");
        assertThat(before.get("focus")).isNull();
        dragHandle("v3", "focus", -40, 0);
        assertThat(Hand.num(camera("Harbour wide"), "focus")).isGreaterThan(1);
        assertThat(pose(camera("Harbour wide"), "forward")).isEqualTo(pose(before, "forward"));
        dragHandle("v3", "aim", 30, 20);
        assertThat(distance(point(pose(camera("Harbour wide"), "forward")), point(pose(before, "forward"))))
                .isGreaterThan(0.001);
        assertThat(pose(camera("Harbour wide"), "eye")).isEqualTo(pose(before, "eye"));
        hand.over("v2").key("Control+z").key("Control+z");
        assertThat(camera("Harbour wide")).isEqualTo(before);
    }

    private void dragHandle(String view, String what, int dx, int dy) {
        var box = handle(view, what).locator(".body").boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        hand.page.mouse().move(x, y);
        hand.idle();
        assertThat(handle(view, what).locator("text").count()).isEqualTo(1);
        hand.page.mouse().down();
        for (int i = 1; i <= 8; i++) {
            hand.page.mouse().move(x + dx * i / 8.0, y + dy * i / 8.0);
        }
        hand.page.mouse().up();
        hand.idle();
    }

    @Test
    void theSceneAndItsCamerasAreSavedAsFiles() throws Exception {
        hand.choose("[data-scene-menu]", "[data-thing='Save as a file']");
        hand.page
                .locator("[data-export-preview]:has-text('Saltmarsh Boatyard.glb')")
                .waitFor();
        var glb = hand.page.waitForDownload(
                () -> hand.page.locator("[data-save-file]").click());
        assertThat(glb.suggestedFilename()).isEqualTo("Saltmarsh Boatyard.glb");
        byte[] bytes = Files.readAllBytes(glb.path());
        assertThat(Tool.run("tools/validate.mjs", bytes)).isEqualTo("[]");
        assertThat(NormalReader.read(Exported.imported(bytes)).cameras()).hasSize(4);
        var csv = saved("Cameras as CSV");
        assertThat(csv.suggestedFilename()).isEqualTo("Saltmarsh Boatyard - cameras.csv");
        assertThat(Files.readAllLines(csv.path())).hasSize(5);
    }

    private Download saved(String what) {
        return hand.page.waitForDownload(() -> hand.choose("[data-scene-menu]", "[data-thing='" + what + "']"));
    }

    @Test
    void camerasAreReorderedMarkedActiveAndPutOnASheet() {
        hand.press("[data-command='app.shots']");
        var rows = hand.page.locator("[data-shots] tbody tr");
        hand.page.waitForFunction("() => document.querySelectorAll('[data-shots] img').length === 4");
        rows.nth(3).locator("[data-command='camera.order']").first().click();
        assertThat(rows.nth(2).textContent()).contains("Keel low");
        rows.nth(2).locator("[data-command='camera.activate']").click();
        assertThat(camera("Keel low")).containsEntry("active", true);
        hand.page.locator("[data-shots] [data-command='app.snapshot']").click();
        assertThat(hand.page
                        .locator("[data-snapshot] [data-sort=cameras] input")
                        .isChecked())
                .isTrue();
        var file = hand.page.waitForDownload(
                () -> hand.page.locator("[data-snapshot] [data-take]").click());
        assertThat(file.suggestedFilename()).isEqualTo("Saltmarsh Boatyard - cameras.png");
        hand.over("v2").key("Control+z").key("Control+z");
        assertThat(camera("Keel low")).containsEntry("active", false);
    }
}
