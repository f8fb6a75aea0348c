package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.subject.IconMark;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.Notice;
import rhombus.core.stage.view.StageChanges;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Cameras that stay where they were put, and go along where they are driven on purpose. */
class CameraDrivingTest {
    private Hand hand = new Hand();
    private Viewport view = hand.view(1);

    private Node camera() {
        return hand.stage.scene().node(hand.stage.scene().indexOf("n5"));
    }

    private int steps() {
        return hand.stage.parts.subject.editing().history().done();
    }

    private void through() {
        hand.run("camera.look-through", "v2", "camera", "n5");
    }

    private void drive() {
        through();
        hand.run("camera.drive", "v2", "on", true);
        assertThat(view.driven).isTrue();
        hand.notices();
    }

    /** Everything one can do to a view without touching what is in the scene. */
    private void gesture(Random r, boolean back) {
        double x = view.x + 150 + r.nextInt(200);
        double y = view.y + 100 + r.nextInt(150);
        double dx = r.nextInt(161) - 80;
        double dy = r.nextInt(161) - 80;
        int mods = r.nextInt(4) == 0 ? Modifiers.ALT : 0;
        String[] held = {"KeyE", "KeyR", "KeyL", "KeyA", "KeyD", "KeyS", "Space"};
        String[] tapped = {"KeyF", "KeyH", "KeyO", "KeyX", "KeyY", "KeyZ", "KeyN", "Equal", "Minus", "ArrowUp"};
        switch (r.nextInt(7)) {
            case 0 -> hand.drag(x, y, dx, dy, 2, mods);
            case 1 -> hand.drag(x, y, dx, dy, 4, mods);
            case 2, 3 -> hand.hold(held[r.nextInt(held.length)], x, y, dx, dy, mods);
            case 4 -> {
                hand.stage.input().wheel(x, y, 0, r.nextInt(601) - 300, 0, 0, hand.now += 10);
                hand.rest();
            }
            case 5 -> {
                hand.move(x, y, 0);
                hand.tap(tapped[r.nextInt(tapped.length)], 0);
            }
            default -> {
                hand.run("walk.start", "v2", "key", true);
                hand.down("KeyW");
                hand.stage.tick(hand.now += 200);
                hand.stage.tick(hand.now += 200);
                hand.up("KeyW");
                hand.run(back ? "walk.back" : "walk.leave", "v2");
                hand.rest();
            }
        }
    }

    private void assertGoesAlong() {
        Scene s = hand.stage.scene();
        double[] world = s.world(s.indexOf("n5"));
        double size = 1 + view.pose.eye().length();
        assertThat(Mat4.origin(world).distance(view.pose.eye())).isLessThan(1e-9 * size);
        assertThat(Mat4.rotation(world).angleTo(view.pose.orientation())).isLessThan(1e-7);
        SceneCamera c = camera().camera();
        if (view.pose.projection() instanceof Projection.Perspective p) {
            assertThat(CameraViews.fovY(c, view.aspect())).isCloseTo(p.fovY(), within(1e-12));
        } else {
            assertThat(c.perspective()).isFalse();
        }
    }

    // ---- guarded ---------------------------------------------------------------------------------------------------

    @Test
    void tenThousandGesturesLeaveAGuardedCameraAsItIsToTheLastBit() {
        Random r = new Random(42);
        Node before = camera();
        for (int i = 0; i < 10_000; i++) {
            if (view.camera == null) {
                through();
            }
            gesture(r, i % 2 == 0);
            assertThat(camera()).isSameAs(before);
        }
        assertThat(steps()).isZero();
    }

    @Test
    void theKeyTogglesAndTheViewFromBeforeComesBackExactly() {
        hand.move(700, 150, 0);
        hand.drag(700, 150, 60, 30, 2, 0);
        hand.run("view.direction", "v2", "to", "top");
        hand.rest();
        hand.hold("Period", 700, 150, 40, 25, 0);
        Pose pose = view.pose;
        Crop crop = view.crop;
        boolean flat = view.autoFlat;
        assertThat(crop.none()).isFalse();
        hand.tap("KeyC", 0);
        assertThat(view.camera).isEqualTo("n5");
        assertThat(view.crop.none()).isTrue();
        hand.tap("KeyC", 0);
        assertThat(view.camera).isNull();
        assertThat(view.pose).isEqualTo(pose);
        assertThat(view.crop).isEqualTo(crop);
        assertThat(view.autoFlat).isEqualTo(flat);
    }

    @Test
    void aLockedCameraRefusesWithACueAndTheViewStays() {
        through();
        hand.run("object.lock", "v2", "objects", List.of("n5"));
        for (boolean driven : new boolean[] {false, true}) {
            view.drive(driven);
            Pose pose = view.pose;
            Node before = camera();
            Random r = new Random(7);
            for (int i = 0; i < 40; i++) {
                hand.notices();
                gesture(r, true);
                assertThat(view.pose).isEqualTo(pose);
                assertThat(view.camera).isEqualTo("n5");
                assertThat(camera()).isSameAs(before);
            }
        }
        hand.notices();
        hand.drag(700, 150, 60, 30, 4, 0);
        assertThat(hand.notices())
                .containsOnlyOnce("Shot is locked: navigating does not move it. Unlock it in the Scene drawer,"
                        + " or leave it to look around.");
        assertThat(hand.hint("middle-drag")).isEqualTo("pan: off: the camera is locked");
        view.drive(false);
        hand.run("camera.drive", "v2");
        assertThat(view.driven).isFalse();
        hand.run("view.direction", "v2", "to", "left", "flat", true);
        assertThat(view.camera).isNull();
    }

    /** Whatever was told of a camera leads to what its words say, also later and from another viewport. */
    @Test
    void whatANoticeOffersIsWhatItDoesHoweverOftenItIsTaken() {
        through();
        hand.stage.changes().takeNotices();
        hand.drag(700, 150, 40, 20, 4, 0);
        Notice back = last();
        assertThat(back.label()).isEqualTo("Back to Shot");
        hand.run("board.activate", "v1");
        for (int i = 0; i < 2; i++) {
            follow(back);
            assertThat(view.camera).isEqualTo("n5");
            assertThat(hand.view(0).camera).isNull();
        }
        // Looking through it again takes back what was told of it.
        assertThat(last().text()).isEmpty();
        hand.run("camera.drive", "v2");
        Notice guard = last();
        assertThat(guard.label()).isEqualTo("Guard it");
        for (int i = 0; i < 2; i++) {
            follow(guard);
            assertThat(view.driven).isFalse();
        }
    }

    private Notice last() {
        List<Notice> all = hand.stage.changes().takeNotices();
        return all.get(all.size() - 1);
    }

    private void follow(Notice n) {
        hand.stage.command(n.command(), n.args(), n.view(), hand.now += 10);
    }

    // ---- driven ----------------------------------------------------------------------------------------------------

    @Property(tries = 200)
    void aDrivenCameraGoesAlongAndEachGestureIsOneStep(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        hand = new Hand();
        view = hand.view(1);
        drive();
        int trail = view.trail.length();
        List<Node> was = new ArrayList<>(List.of(camera()));
        for (int i = 0; i < 12; i++) {
            int before = steps();
            gesture(r, false);
            assertThat(view.camera).isEqualTo("n5");
            assertThat(view.driven).isTrue();
            assertGoesAlong();
            boolean moved = camera() != was.get(was.size() - 1);
            assertThat(steps()).isEqualTo(before + (moved ? 1 : 0));
            if (moved) {
                was.add(camera());
            }
        }
        assertThat(view.trail.length()).isEqualTo(trail);
        for (int i = was.size() - 1; i > 0; i--) {
            assertThat(camera()).isSameAs(was.get(i));
            hand.run("edit.undo", "v2");
            assertGoesAlong();
        }
        assertThat(camera()).isSameAs(was.get(0));
    }

    @Test
    void everyMotionMovesTheCameraItIsNamedFor() {
        drive();
        Map<String, Runnable> motions = Map.of(
                "orbit", () -> hand.drag(700, 150, 40, 20, 2, 0),
                "pan", () -> hand.drag(700, 150, 40, 20, 4, 0),
                "look", () -> hand.hold("KeyE", 700, 150, 40, 20, 0),
                "roll", () -> hand.hold("KeyR", 700, 150, 40, 0, 0),
                "lens", () -> hand.hold("KeyL", 700, 150, 0, -40, 0),
                "dolly-zoom", () -> hand.hold("KeyL", 700, 150, 0, 40, Modifiers.SHIFT),
                "wheel",
                        () -> {
                            hand.stage.input().wheel(700, 150, 0, -300, 0, 0, hand.now += 10);
                            hand.rest();
                        },
                "frame", () -> hand.run("view.frame-all", "v2"),
                "typed", () -> hand.run("view.set", "v2", "x", "3"));
        motions.forEach((name, motion) -> {
            Node before = camera();
            int done = steps();
            motion.run();
            hand.rest();
            assertThat(camera()).as(name).isNotEqualTo(before);
            assertThat(steps()).as(name).isEqualTo(done + 1);
            assertGoesAlong();
        });
        assertThat(hand.hint("middle-drag")).isEqualTo("pan: moves the camera");
    }

    @Test
    void escapeBringsADrivenCameraBackToTheLastBit() {
        drive();
        Node before = camera();
        Pose pose = view.pose;
        hand.move(700, 150, 0);
        hand.move(700, 150, 4);
        hand.move(760, 190, 4);
        assertThat(camera()).isNotEqualTo(before);
        hand.down("Escape");
        assertThat(camera().local()).containsExactly(before.local());
        assertThat(view.pose).isEqualTo(pose);
        hand.move(760, 190, 0);
        hand.rest();
        assertThat(steps()).isZero();
    }

    @Test
    void aWalkWithACameraIsOneStepAndGoingBackFromItIsNone() {
        drive();
        Node before = camera();
        walk();
        hand.drag(700, 150, 30, 10, 2, 0);
        assertThat(steps()).isZero();
        hand.run("walk.leave", "v2");
        hand.rest();
        assertThat(steps()).isEqualTo(1);
        hand.run("edit.undo", "v2");
        assertThat(camera()).isSameAs(before);
        walk();
        hand.run("walk.back", "v2");
        hand.rest();
        assertThat(camera().local()).containsExactly(before.local());
        assertThat(steps()).isZero();
    }

    private void walk() {
        hand.run("walk.start", "v2", "key", true);
        hand.down("KeyW");
        hand.stage.tick(hand.now += 200);
        hand.stage.tick(hand.now += 200);
        hand.up("KeyW");
    }

    @Test
    void otherViewportsShowItLive() {
        hand.run("camera.look-through", "v3", "camera", "n5");
        drive();
        hand.move(700, 150, 0);
        hand.move(700, 150, 4);
        hand.move(760, 190, 4);
        assertThat(hand.pose(2).eye().distance(view.pose.eye())).isLessThan(1e-9);
        assertThat(hand.view(2).driven).isFalse();
        hand.move(760, 190, 0);
        assertThat(hand.stage.paint().icons(0)).hasSize(1).allMatch(IconMark::driven);
    }

    @Test
    void onlyViewportsThatLookThroughTheCameraAreDrawnAgain() {
        hand.run("camera.look-through", "v3", "camera", "n5");
        drive();
        hand.move(700, 150, 0);
        hand.move(700, 150, 4);
        hand.move(740, 150, 4);
        hand.stage.changes().take(4);
        hand.stage.changes().takeMoved();
        hand.move(760, 190, 4);
        StageChanges changed = hand.stage.changes().take(4);
        assertThat(changed.views()).containsExactly(1, 2);
        assertThat(changed.marks()).isTrue();
        assertThat(changed.topics()).doesNotContain(ChangeTopic.SCENE, ChangeTopic.STRUCTURE, ChangeTopic.CAPTION);
        assertThat(hand.stage.changes().takeMoved()).isEmpty();
        hand.move(760, 190, 0);
    }

    @Test
    void anUndoInTheMiddleOfAGlideLosesNothing() {
        drive();
        Node before = camera();
        hand.run("view.frame-all", "v2");
        hand.stage.tick(hand.now += 60);
        Node half = camera();
        assertThat(half).isNotEqualTo(before);
        hand.run("edit.undo", "v2");
        assertThat(camera()).isSameAs(before);
        hand.rest();
        assertThat(camera()).isSameAs(before);
        hand.run("edit.redo", "v2");
        assertThat(camera()).isNotEqualTo(before);
        assertGoesAlong();
    }

    @Test
    void anEditInTheMiddleOfAGlideIsAStepOfItsOwn() {
        drive();
        hand.run("view.frame-all", "v2");
        hand.stage.tick(hand.now += 60);
        hand.run("object.hide", "v2", "objects", List.of("n4"));
        hand.rest();
        assertThat(steps()).isEqualTo(2);
        hand.run("edit.undo", "v2");
        hand.run("edit.undo", "v2");
        assertThat(camera().local()).containsExactly(Scenes.boxes().node(5).local());
    }

    @Test
    void guardingAgainEndsAWalkWithTheCameraFirst() {
        drive();
        walk();
        hand.run("camera.drive", "v2");
        assertThat(view.driven).isFalse();
        assertThat(hand.stage.parts.walking.on()).isFalse();
        assertThat(steps()).isEqualTo(1);
        assertGoesAlong();
    }

    // ---- cameras that go and come ----------------------------------------------------------------------------------

    @Test
    void deletingTheCameraOneDrivesIsToldAndTheViewStays() {
        drive();
        Pose pose = view.pose;
        hand.run("object.delete", "v2", "objects", List.of("n5"));
        assertThat(view.camera).isNull();
        assertThat(view.driven).isFalse();
        assertThat(view.pose).isEqualTo(pose);
        assertThat(hand.notices()).contains("Shot is not there any more. You look around from where it stood.");
        hand.drag(700, 150, 40, 20, 2, 0);
        assertThat(steps()).isEqualTo(1);
        hand.run("edit.undo", "v2");
        assertThat(camera().local()).containsExactly(Scenes.boxes().node(5).local());
    }

    @Test
    void undoingTheMakingOfACameraThatIsDrivenIsToldAndTheViewStays() {
        hand.run("camera.from-view", "v2");
        hand.run("camera.drive", "v2");
        hand.drag(700, 150, 40, 20, 2, 0);
        Pose pose = view.pose;
        hand.run("edit.undo", "v2");
        hand.notices();
        hand.run("edit.undo", "v2");
        assertThat(view.camera).isNull();
        assertThat(hand.notices()).contains("Camera 1 is not there any more. You look around from where it stood.");
        hand.run("edit.redo", "v2");
        hand.run("edit.redo", "v2");
        Scene s = hand.stage.scene();
        assertThat(Mat4.origin(s.world(s.count() - 1)).distance(pose.eye())).isLessThan(1e-12);
    }

    @Test
    void aCameraFromAViewHasExactlyItsPoseAndLens() {
        for (String projection : List.of("perspective", "flat")) {
            Pose pose = view.pose;
            int count = hand.stage.scene().count();
            hand.run("camera.from-view", "v2");
            Scene s = hand.stage.scene();
            assertThat(s.count()).isEqualTo(count + 1);
            assertThat(view.camera).isEqualTo(s.node(count).id());
            assertThat(view.pose).isEqualTo(pose);
            assertThat(view.driven).isFalse();
            Pose seen = CameraViews.pose(hand.stage.parts.ground, view, count);
            assertThat(seen.eye()).as(projection).isEqualTo(pose.eye());
            assertThat(seen.orientation().angleTo(pose.orientation())).isLessThan(1e-7);
            // A picture of the scene's shape in a viewport of another goes through two tangents: the last bit may be
            // another.
            assertThat(angle(seen.projection())).isCloseTo(angle(pose.projection()), within(1e-15));
            assertThat(hand.stage.parts.subject.selection().nodes()).containsExactly(count);
            hand.run("camera.leave", "v2");
            assertThat(view.pose).isEqualTo(pose);
            hand.run("view.toggle-projection", "v2");
            hand.rest();
        }
        assertThat(hand.stage.scene().nodes()).extracting(Node::name).contains("Camera 1", "Camera 2");
    }

    private static double angle(Projection p) {
        return p instanceof Projection.Perspective q ? q.fovY() : ((Projection.Orthographic) p).extent();
    }

    @Test
    void theCameraOfAViewIsSelected() {
        hand.run("camera.select", "v2");
        assertThat(hand.notices()).containsExactly("This viewport looks through no camera.");
        through();
        hand.run("camera.select", "v2");
        assertThat(hand.stage.parts.subject.selection().nodes()).containsExactly(5);
    }

    @Test
    void aCameraBelowAGroupThatIsTurnedAndScaledGoesAlongToo() {
        List<Node> nodes = new ArrayList<>(hand.stage.scene().nodes());
        double[] group = Mat4.trs(new Vec3(3, -2, 1), Quat.about(new Vec3(1, 2, 3).unit(), 0.9), new Vec3(2, 2, 2));
        nodes.set(1, nodes.get(1).withLocal(group));
        nodes.set(5, nodes.get(5).withParent(1, nodes.get(5).local()));
        hand.stage.open(
                new Scene(nodes, hand.stage.scene().meshes(), hand.stage.scene().up()), "Below");
        view = hand.view(1);
        drive();
        Random r = new Random(3);
        for (int i = 0; i < 200; i++) {
            gesture(r, false);
            assertGoesAlong();
        }
        double[] world = hand.stage.scene().world(5);
        assertThat(new Vec3(world[0], world[1], world[2]).length()).isCloseTo(2, within(1e-9));
    }

    @Property(tries = 1000)
    void theLensOfWhatIsSeenIsSeenAgain(
            @ForAll @DoubleRange(min = 0.01, max = 3) double fov,
            @ForAll @DoubleRange(min = 0.1, max = 10) double cameras,
            @ForAll @DoubleRange(min = 0.1, max = 10) double viewports) {
        SceneCamera c = new SceneCamera(true, 0.7, 3, cameras);
        SceneCamera to = CameraViews.lens(c, new Projection.Perspective(fov), viewports);
        assertThat(CameraViews.fovY(to, viewports)).isCloseTo(fov, within(1e-12));
        assertThat(to.aspect()).isEqualTo(cameras);
        assertThat(CameraViews.lens(c, new Projection.Perspective(CameraViews.fovY(c, viewports)), viewports))
                .isSameAs(c);
    }
}
