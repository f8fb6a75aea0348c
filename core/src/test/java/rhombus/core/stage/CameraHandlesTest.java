package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.navigate.AimAt;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.subject.CameraFrustum;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** A camera that is aimed, rolled, focused and moved by its handles, from other viewports. */
class CameraHandlesTest {
    private static final int LEFT = 1;
    private Hand hand;
    private Viewport view;

    @BeforeEach
    void select() {
        hand = new Hand();
        // The scout view, from above and aside.
        view = hand.view(1);
        hand.run("camera.set", "v2", "camera", "n5", "focus", 4.0);
        hand.run("select.set", "v2", "objects", List.of("n5"));
        // From aside, above and a little before it.
        Vec3 middle = pose().eye().plus(pose().forward(), 2.5);
        Vec3 eye = middle.plus(pose().orientation().right(), 11)
                .plus(new Vec3(0, 4, 0))
                .plus(pose().forward(), 5);
        Pose level = new Pose(eye, Quat.IDENTITY, 1, new Projection.Perspective(0.9));
        hand.stage.parts.ground.navigator().pose(view, AimAt.at(level, middle, UpAxis.Y));
        hand.rest();
    }

    private int node() {
        return hand.stage.scene().indexOf("n5");
    }

    private SceneCamera camera() {
        return hand.stage.scene().camera(node());
    }

    private Pose pose() {
        return TypedCamera.aimed(hand.stage.parts.ground, view, node());
    }

    private Map<String, Object> mark(String what) {
        return PlainData.list(hand.marks(view.number).get("cameraHandles")).stream()
                .map(PlainData::map)
                .filter(h -> what.equals(h.get("what")))
                .findFirst()
                .orElse(null);
    }

    private List<Object> what() {
        return PlainData.list(hand.marks(view.number).get("cameraHandles")).stream()
                .map(h -> PlainData.map(h).get("what"))
                .toList();
    }

    private Vec3 place(String what) {
        Map<String, Object> h = mark(what);
        return new Vec3(PlainData.number(h.get("x"), 0), PlainData.number(h.get("y"), 0), 0);
    }

    /** Drags a handle to where a point of the world is seen; so little that it would be a click is left out. */
    private void drag(String what, Vec3 to, int mods) {
        Vec3 from = place(what);
        Vec3 s = view.screen().project(to);
        Assume.that(from.distance(new Vec3(s.x(), s.y(), 0)) > 8);
        hand.drag(view.x + from.x(), view.y + from.y(), s.x() - from.x(), s.y() - from.y(), LEFT, mods);
    }

    private void under(String what, Vec3 point) {
        Vec3 s = view.screen().project(point);
        assertThat(place(what).x()).isCloseTo(s.x(), within(1e-3));
        assertThat(place(what).y()).isCloseTo(s.y(), within(1e-3));
    }

    private CameraFrustum frustum() {
        return new CameraFrustum(camera(), pose());
    }

    // ---- what is dragged goes where the hand goes ------------------------------------------------------------------

    @Property(tries = 60)
    void theFocusGoesWithTheHandAlongTheLineOfSight(@ForAll @DoubleRange(min = 2, max = 7) double to) {
        select();
        Vec3[] c = frustum().corners(to);
        Vec3[] was = frustum().corners(4);
        // The handle is taken at the edge of the plane and moves straight along the sight.
        Vec3 target = was[1].mix(was[2], 0.5).plus(pose().forward(), to - 4);
        Quat turned = pose().orientation();
        drag("focus", target, 0);
        assertThat(camera().optics().focus()).isCloseTo(to, within(1e-6));
        assertThat(pose().orientation()).isEqualTo(turned);
        under("focus", c[1].mix(c[2], 0.5));
    }

    @Property(tries = 60)
    void theLensGoesWithTheHandAlongTheDiagonal(@ForAll @DoubleRange(min = 0.4, max = 2.2) double k) {
        select();
        Vec3 corner = frustum().corners(4)[1];
        Vec3 c = pose().focusPoint();
        Vec3 target = c.plus(corner.minus(c), k);
        double tangent = Math.tan(camera().fovY() / 2);
        drag("lens", target, 0);
        assertThat(Math.tan(camera().fovY() / 2)).isCloseTo(tangent * k, within(1e-6));
        under("lens", target);
    }

    @Property(tries = 60)
    void theCameraLooksWhereItsAimIsDraggedAndDoesNotRoll(
            @ForAll @DoubleRange(min = -60, max = 60) double dx, @ForAll @DoubleRange(min = -60, max = 60) double dy) {
        select();
        Vec3 eye = pose().eye();
        Vec3 from = place("aim");
        double depth = view.pose.depth(pose().focusPoint());
        double x = from.x() + dx;
        double y = from.y() + dy;
        hand.drag(view.x + from.x(), view.y + from.y(), dx, dy, LEFT, 0);
        // Where the line of sight goes through the plane of the picture that the aim was in, there is the pointer.
        Assume.that(Math.hypot(dx, dy) > 8);
        Vec3 at = view.screen().at(x, y, depth);
        assertThat(at.minus(eye).unit().distance(pose().forward())).isLessThan(1e-6);
        assertThat(pose().eye().distance(eye)).isLessThan(1e-12);
        assertThat(Math.abs(
                        Heading.roll(pose().orientation(), hand.stage.scene().up())))
                .isLessThan(1e-9);
    }

    @Property(tries = 60)
    void theRollFollowsTheHandRound(@ForAll @IntRange(min = -80, max = 80) int degrees) {
        select();
        double angle = Math.toRadians(degrees);
        Pose was = pose();
        Vec3 tip = frustum().tip(frustum().corners(4)).minus(was.focusPoint());
        Vec3 target = was.focusPoint().plus(Quat.about(was.forward(), angle).rotate(tip));
        drag("roll", target, 0);
        assertThat(pose().orientation().angleTo(Quat.about(was.forward(), angle).times(was.orientation())))
                .isLessThan(1e-6);
        assertThat(pose().eye()).isEqualTo(was.eye());
        under("roll", target);
    }

    @Test
    void theBodyMovesInThePlaneOfThePicture() {
        Vec3 eye = pose().eye();
        Vec3 target = eye.plus(view.pose.orientation().right(), 0.4)
                .plus(view.pose.orientation().up(), -0.3);
        Quat turned = pose().orientation();
        drag("place", target, 0);
        assertThat(pose().eye().distance(target)).isLessThan(1e-6);
        assertThat(pose().orientation()).isEqualTo(turned);
    }

    @Test
    void clipPlanesAreDraggedOnceTheyAreSetAndNeverPassEachOther() {
        assertThat(what()).doesNotContain("near", "far");
        hand.run("camera.set", "v2", "camera", "n5", "near", 1.0, "far", 8.0);
        Vec3[] c = frustum().corners(1);
        Vec3 mid = c[0].mix(c[3], 0.5);
        drag("near", mid.plus(pose().forward(), 1), 0);
        assertThat(camera().optics().near()).isCloseTo(2, within(1e-6));
        drag("near", mid.plus(pose().forward(), 60), 0);
        assertThat(camera().optics().near()).isLessThan(8).isGreaterThan(7.9);
        assertThat(camera().optics().far()).isEqualTo(8);
    }

    // ---- picked ----------------------------------------------------------------------------------------------------

    @Test
    void aimAndFocusGoToTheSurfaceUnderThePointerWithTheSnapModifier() {
        Vec3 box = hand.stage.scene().bounds(2).center();
        drag("aim", box, Modifiers.SHIFT);
        Vec3 hit = pose().eye().plus(pose().forward(), box.minus(pose().eye()).dot(pose().forward()));
        assertThat(hit.distance(box)).isLessThan(1.0);
        hand.run("edit.undo", "v2");
        drag("focus", box, Modifiers.SHIFT);
        double depth = pose().depth(box);
        assertThat(camera().optics().focus()).isCloseTo(depth, within(1.0));
        assertThat(camera().optics().focus()).isNotEqualTo(4.0);
    }

    @Test
    void aKeyAimsOrFocusesAtWhatIsUnderThePointer() {
        Vec3 s = view.screen().project(hand.stage.scene().bounds(2).center());
        Vec3 hit = hand.stage.parts.subject.picks().pick(view, s.x(), s.y()).point();
        hand.move(view.x + s.x(), view.y + s.y(), 0);
        hand.tap("KeyC", Modifiers.CTRL | Modifiers.ALT | Modifiers.SHIFT);
        assertThat(hit.minus(pose().eye()).unit().dot(pose().forward())).isCloseTo(1, within(1e-12));
        hand.tap("KeyC", Modifiers.CTRL | Modifiers.ALT);
        assertThat(camera().optics().focus()).isCloseTo(hit.distance(pose().eye()), within(1e-9));
    }

    // ---- what a hand relies on -------------------------------------------------------------------------------------

    @Test
    void eachDragIsOneStepAndEscapeTakesItBackToTheLastBit() {
        for (String what : List.of("aim", "lens", "focus", "roll", "place")) {
            Scene before = hand.stage.scene();
            int steps = hand.stage.parts.subject.editing().history().done();
            Vec3 at = place(what);
            hand.move(view.x + at.x(), view.y + at.y(), 0);
            hand.move(view.x + at.x(), view.y + at.y(), LEFT);
            for (int i = 1; i < 9; i++) {
                hand.move(view.x + at.x() + i * 3, view.y + at.y() - i * 2, LEFT);
            }
            assertThat(hand.stage.scene().node(node())).as(what).isNotEqualTo(before.node(node()));
            hand.tap("Escape", 0);
            hand.move(view.x + at.x() + 30, view.y + at.y(), 0);
            assertThat(hand.stage.scene().node(node())).as(what).isEqualTo(before.node(node()));
            assertThat(hand.stage.parts.subject.editing().history().done()).isEqualTo(steps);
            hand.drag(view.x + at.x(), view.y + at.y(), 24, -16, LEFT, 0);
            assertThat(hand.stage.parts.subject.editing().history().done()).isEqualTo(steps + 1);
            assertThat(hand.stage.parts.subject.editing().history().undoName()).contains("Shot");
            hand.run("edit.undo", "v2");
            assertThat(hand.stage.scene().node(node())).as(what).isEqualTo(before.node(node()));
        }
    }

    @Test
    void theNumberStandsAtTheHandleWhileItIsUnderTheHand() {
        assertThat(mark("focus").get("value")).isNull();
        Vec3 at = place("focus");
        hand.move(view.x + at.x(), view.y + at.y(), 0);
        assertThat(mark("focus")).containsEntry("lit", true).containsEntry("value", "4 m");
        assertThat(mark("aim")).containsEntry("lit", false);
    }

    @Test
    void aCameraThatIsLockedOrHiddenOrLookedThroughHasNoHandlesThere() {
        assertThat(what()).contains("aim", "lens", "focus", "roll", "place");
        hand.run("object.pickable", "v2", "objects", List.of("n5"), "on", false);
        assertThat(what()).isEmpty();
        hand.run("edit.undo", "v2");
        hand.run("object.visible", "v2", "objects", List.of("n5"), "on", false);
        assertThat(what()).isEmpty();
        hand.run("edit.undo", "v2");
        hand.run("camera.look-through", "v2", "camera", "n5");
        assertThat(what()).isEmpty();
    }

    @Test
    void arrowKeysStepEachHandle() {
        double focal = camera().focalLength();
        step("camera-lens", "right");
        assertThat(camera().focalLength()).isCloseTo(focal + 1, within(1e-9));
        step("camera-focus", "up");
        assertThat(camera().optics().focus()).isCloseTo(4.2, within(1e-9));
        Vec3 eye = pose().eye();
        step("camera-place", "right");
        Vec3 way = pose().eye().minus(eye);
        assertThat(way.unit().dot(view.pose.orientation().right())).isCloseTo(1, within(1e-9));
        Vec3 up = pose().orientation().up();
        step("camera-roll", "left");
        assertThat(Math.toDegrees(Math.acos(up.dot(pose().orientation().up())))).isCloseTo(1, within(1e-6));
        Scene before = hand.stage.scene();
        step("camera-near", "left");
        assertThat(hand.stage.scene()).as("there is no such handle").isSameAs(before);
    }

    private void step(String handle, String to) {
        hand.run("tool.step-handle", "v2", "handle", handle, "to", to);
    }

    /** However a hand drags: the camera stays one that can be. */
    @Property(tries = 200)
    void noDragMakesACameraThatCannotBe(@ForAll long seed) {
        select();
        hand.run("camera.set", "v2", "camera", "n5", "near", 1.0, "far", 8.0);
        Random r = new Random(seed);
        for (int k = 0; k < 8; k++) {
            List<Object> there = new ArrayList<>(what());
            if (there.isEmpty()) {
                break;
            }
            Vec3 at = place((String) there.get(r.nextInt(there.size())));
            hand.drag(
                    view.x + at.x(),
                    view.y + at.y(),
                    r.nextGaussian() * 400,
                    r.nextGaussian() * 400,
                    LEFT,
                    r.nextInt(4) == 0 ? Modifiers.SHIFT : 0);
            SceneCamera c = camera();
            assertThat(c.fovY()).isBetween(SceneCamera.NARROWEST, SceneCamera.WIDEST);
            assertThat(c.optics().near()).isPositive().isLessThan(c.optics().far());
            for (double d : hand.stage.scene().node(node()).local()) {
                assertThat(d).isFinite();
            }
            assertThat(Mat4.rotation(hand.stage.scene().world(node())).forward().length())
                    .isCloseTo(1, within(1e-9));
        }
    }
}
