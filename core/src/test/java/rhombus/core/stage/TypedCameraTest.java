package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.optics.FilmBack;
import rhombus.core.optics.GateFit;
import rhombus.core.pick.RayHit;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.ClipRange;

/** The numbers of a camera, typed as somebody types them. */
class TypedCameraTest {
    private final Hand hand = new Hand();
    private final Viewport view = hand.view(1);

    @BeforeEach
    void through() {
        hand.run("board.activate", "v2");
        hand.run("camera.look-through", "v2", "camera", "n5");
        hand.notices();
    }

    private Node node() {
        return hand.stage.scene().node(5);
    }

    private SceneCamera camera() {
        return node().camera();
    }

    private void set(Object... args) {
        hand.run("camera.set", "v2", args);
    }

    private Map<String, Object> reading() {
        return PlainData.map(new Seen(hand.stage).readout().get("camera"));
    }

    private String field(String key) {
        for (Object o : PlainData.list(reading().get("fields"))) {
            if (key.equals(PlainData.map(o).get("key"))) {
                return PlainData.text(PlainData.map(o).get("text"), "");
            }
        }
        return null;
    }

    @Test
    void aFocalLengthIsTypedWithUnitsAndArithmetic() {
        set("focalLength", "35 + 15");
        assertThat(camera().focalLength()).isCloseTo(50, within(1e-9));
        assertThat(Math.toDegrees(camera().fovY())).isCloseTo(26.99, within(0.01));
        set("focalLength", "2 in");
        assertThat(camera().focalLength()).isCloseTo(50.8, within(1e-9));
        assertThat(field("focalLength")).isEqualTo("50.8 mm");
        assertThat(view.pose.projection().flat()).isFalse();
        assertThat(hand.stage.parts.subject.editing().history().done()).isEqualTo(2);
        hand.run("edit.undo", "v2");
        assertThat(camera().focalLength()).isCloseTo(50, within(1e-9));
        assertThat(hand.notices()).containsExactly("Undone: Set Shot.");
    }

    @Test
    void aFilmBackFromTheListOrTypedKeepsTheLens() {
        set("focalLength", "50");
        set("filmBack", "Super 35");
        assertThat(camera().optics().back()).isEqualTo(new FilmBack(24.89, 18.66));
        assertThat(camera().focalLength()).isCloseTo(50, within(1e-9));
        double before = camera().fovY();
        set("backHeight", "12 mm");
        assertThat(camera().optics().back()).isEqualTo(new FilmBack(24.89, 12));
        assertThat(camera().fovY()).isLessThan(before);
        set("gateFit", "horizontal");
        assertThat(camera().optics().fit()).isEqualTo(GateFit.HORIZONTAL);
        // As wide as the back: 2·atan(24.89 / 100), whatever the picture's shape.
        assertThat(camera().fovX()).isCloseTo(2 * Math.atan(24.89 / 100), within(1e-12));
        assertThat(PlainData.list(reading().get("backs")).get(0))
                .isEqualTo(Map.of("id", "", "label", "Own size", "on", true));
    }

    @Test
    void anglesAreTypedInAnyDirection() {
        set("angleAcross", "60");
        assertThat(Math.toDegrees(camera().fovX())).isCloseTo(60, within(1e-9));
        set("angleDiagonal", "0.25 turn");
        assertThat(Math.toDegrees(camera().fovDiagonal())).isCloseTo(90, within(1e-9));
        set("angle", "40°");
        assertThat(field("angle")).isEqualTo("40°");
    }

    @Test
    void focusAndPlanesAreTypedOrFollowTheScene() {
        assertThat(field("focus")).isEqualTo("auto");
        set("focus", "250 cm", "near", "0.5", "far", "40");
        assertThat(camera().optics().focus()).isEqualTo(2.5);
        assertThat(hand.stage.parts.ground.clip(view)).isEqualTo(new ClipRange(0.5, 40));
        set("near", "auto", "far", "auto", "focus", "Auto");
        assertThat(camera().optics().focus()).isNull();
        assertThat(camera().optics().near()).isNull();
        assertThat(hand.stage.parts.ground.clip(view).near()).isNotEqualTo(0.5);
        hand.run("camera.leave", "v2");
        assertThat(hand.stage.parts.ground.clip(view).far()).isGreaterThan(40);
    }

    @Test
    void whatIsSharpFollowsTheNumbers() {
        // The table of depth of field for 50 mm, f/8, 0.03 mm, focused at 5 m; from memory.
        set("focalLength", "50", "fNumber", "8", "confusion", "0.03", "focus", "5");
        assertThat(PlainData.list(reading().get("rows")))
                .extracting(r -> PlainData.map(r).get("value"))
                .containsExactly("5 m", "3.389 m – 9.527 m", "10.47 m");
        set("fNumber", "32");
        assertThat(PlainData.list(reading().get("rows")))
                .extracting(r -> PlainData.map(r).get("value"))
                .element(1)
                .asString()
                .endsWith("– ∞");
    }

    @Test
    void aCameraIsPlacedAimedAndRolled() {
        Vec3 eye = Mat4.origin(hand.stage.scene().world(5));
        set("aimX", "0", "aimY", "0", "aimZ", "0");
        double[] world = hand.stage.scene().world(5);
        assertThat(Mat4.origin(world).distance(eye)).isLessThan(1e-12);
        assertThat(Mat4.rotation(world).forward().cross(eye.negated().unit()).length())
                .isLessThan(1e-12);
        set("roll", "15");
        assertThat(field("roll")).isEqualTo("15°");
        set("x", "1 ft");
        assertThat(Mat4.origin(hand.stage.scene().world(5)).x()).isCloseTo(0.3048, within(1e-12));
        assertThat(view.pose.eye().x()).isCloseTo(0.3048, within(1e-12));
        assertThat(field("roll")).isEqualTo("15°");
    }

    @Test
    void anOrthographicCameraShowsWhatIsFocusedAsLarge() {
        set("focus", "10");
        double height = 2 * 10 * Math.tan(camera().fovY() / 2);
        double fov = camera().fovY();
        set("perspective", false);
        assertThat(camera().perspective()).isFalse();
        assertThat(camera().extent()).isCloseTo(height, within(1e-12));
        assertThat(view.pose.projection().flat()).isTrue();
        assertThat(field("focalLength")).isNull();
        set("extent", "12 ft");
        assertThat(camera().extent()).isCloseTo(12 * 0.3048, within(1e-12));
        set("extent", height);
        set("perspective", true);
        assertThat(camera().fovY()).isCloseTo(fov, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "focalLength | 0 | On this film back a focal length is between",
                "focalLength | -50 | On this film back a focal length is between",
                "focalLength | 1e9 | On this film back a focal length is between",
                "focalLength | NaN | cannot be read",
                "focalLength | fifty | cannot be read",
                "backWidth | 0 | A film back is between 0.1 and 1000 mm wide and high",
                "backHeight | 1e9 | A film back is between 0.1 and 1000 mm wide and high",
                "angle | 0 | An angle of view is between 0.01° and 170° from bottom to top",
                "angleAcross | 180 | An angle of view is between 0.01° and 170° from bottom to top",
                "fNumber | 0 | An f-number is between 0.1 and 1000",
                "confusion | -1 | A circle of confusion is between",
                "focus | 0 | A focus distance is more than 0",
                "near | -2 | A near plane lies before the camera",
                "far | 0.2 | The near plane lies before the far one",
                "near | 500 | The near plane lies before the far one",
                "aspect | 0.001 | A picture is between a twentieth",
                "x | 1e300 | A place is at most"
            })
    void whatCannotBeIsToldInASentenceAndNothingChanges(String key, String typed, String words) {
        set("near", "0.3", "far", "400");
        hand.notices();
        Node before = node();
        set(key, typed);
        assertThat(node()).isSameAs(before);
        assertThat(hand.notices()).hasSize(1).first().asString().contains(words).contains("old number");
        assertThat(hand.stage.parts.subject.editing().history().done()).isEqualTo(1);
    }

    @Test
    void aLockedCameraIsNotChangedAndWithoutOneItSaysWhatToDo() {
        hand.run("object.lock", "v2", "objects", List.of("n5"));
        Node before = node();
        set("focalLength", "50");
        assertThat(node()).isSameAs(before);
        assertThat(hand.notices()).containsExactly("Shot is locked. Unlock it in the Scene drawer first.");
        hand.run("camera.leave", "v2");
        set("focalLength", "50");
        assertThat(hand.notices()).containsExactly("Select a camera, or look through one, to give it numbers.");
        assertThat(reading()).isEmpty();
    }

    @Test
    void theSelectedCameraIsMeantBeforeTheOneLookedThrough() {
        hand.run("camera.from-view", "v1");
        Node other = hand.stage.scene().node(hand.stage.scene().count() - 1);
        assertThat(reading().get("object")).isEqualTo(other.id());
        hand.run("select.none", "v2");
        assertThat(reading().get("object")).isEqualTo("n5");
    }

    @Test
    void allNumbersAreKept() {
        set(
                "filmBack",
                "16 mm",
                "gateFit",
                "overscan",
                "fNumber",
                "2.8",
                "confusion",
                "0.015",
                "focus",
                "3",
                "near",
                "0.2");
        set("focalLength", "25", "far", "90", "aspect", "16/9");
        Stage other = new Stage();
        other.resize(1003, 803);
        other.open(Scenes.boxes(), "Boxes");
        assertThat(other.documents().useEdits(hand.stage.documents().edits())).isNull();
        assertThat(other.scene().node(5).camera()).isEqualTo(camera());
    }

    /** What a camera's own planes cut away cannot be taken either. */
    @Test
    void aClickPassesOverWhatTheNearPlaneHidesAndWhatLiesBeyondTheFarOne() {
        hand.run(
                "camera.set",
                "v2",
                "camera",
                "n5",
                "x",
                1.5,
                "y",
                1.0,
                "z",
                6.0,
                "aimX",
                1.5,
                "aimY",
                1.0,
                "aimZ",
                0.0);
        hand.run("camera.look-through", "v2", "camera", "n5");
        Viewport v = hand.view(1);
        RayHit box = hand.stage.parts.subject.picks().pick(v, v.width / 2, v.height / 2);
        assertThat(hand.stage.scene().node(box.node()).name()).isEqualTo("Left box");
        double depth = v.pose.depth(box.point());
        hand.run("camera.set", "v2", "camera", "n5", "near", depth + 0.5);
        RayHit inside = hand.stage.parts.subject.picks().pick(v, v.width / 2, v.height / 2);
        assertThat(inside == null || v.pose.depth(inside.point()) >= depth + 0.5)
                .isTrue();
        hand.run("camera.set", "v2", "camera", "n5", "near", "auto", "far", depth - 0.5);
        assertThat(hand.stage.parts.subject.picks().pick(v, v.width / 2, v.height / 2))
                .isNull();
    }
}
