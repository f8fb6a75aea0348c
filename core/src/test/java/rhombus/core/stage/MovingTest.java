package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.navigate.DirectionTurns;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.motion.DollyPath;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.ViewSource;
import rhombus.core.stage.view.ViewSources;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Crop;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Rose;
import rhombus.core.view.StandardDirection;

/** Every way of moving, as a hand does it. The scout view is number 1, from (503, 0) to (1003, 400). */
class MovingTest {
    private final Hand hand = new Hand();

    private String direction(int i) {
        return PlateCaptions.direction(hand.view(i), UpAxis.Y);
    }

    // ---- the wheel -------------------------------------------------------------------------------------------------

    /** A mark is larger than what it stands for: what stays is its middle, wherever in it the pointer is. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void aWheelNotchOverTheMarkOfALightKeepsTheMarksMiddle(int view) {
        Viewport v = hand.view(view);
        hand.run("add.light", v.id, "type", "point");
        Vec3 light = Mat4.origin(
                hand.stage.scene().world(hand.stage.parts.subject.selection().last()));
        Vec3 before = v.screen().project(light);
        for (double delta : List.of(-100.0, -100.0, 100.0, -300.0)) {
            hand.stage.input().wheel(v.x + before.x() + 6, v.y + before.y() - 5, 0, delta, 0, 0, hand.now += 10);
            hand.rest();
            Vec3 after = v.screen().project(light);
            assertThat(Math.hypot(after.x() - before.x(), after.y() - before.y()))
                    .isLessThan(1e-6);
        }
        assertThat(v.screen().project(light).z() / before.z() == 1)
                .as("a perspective came nearer")
                .isEqualTo(v.pose.projection().flat());
    }

    // ---- directions and steps --------------------------------------------------------------------------------------

    @Test
    void keysLookAlongTheAxesAndStepsComeRound() {
        hand.move(600, 200, 0);
        for (var e : Map.of(
                        "KeyX",
                        List.of("right", "left"),
                        "KeyY",
                        List.of("top", "bottom"),
                        "KeyZ",
                        List.of("front", "back"))
                .entrySet()) {
            hand.tap(e.getKey(), 0);
            assertThat(direction(1)).isEqualTo(e.getValue().get(0));
            hand.tap(e.getKey(), Modifiers.SHIFT);
            assertThat(direction(1)).isEqualTo(e.getValue().get(1));
        }
        hand.tap("KeyH", 0);
        Pose home = hand.pose(1);
        for (int i = 0; i < 24; i++) {
            hand.tap("ArrowLeft", 0);
        }
        assertThat(hand.pose(1).eye().distance(home.eye()))
                .isLessThan(1e-9 * (1 + home.eye().length()) * 10);
        hand.habit("directions.step", 30);
        hand.tap("ArrowRight", 0);
        double turned = Heading.of(hand.pose(1).orientation(), UpAxis.Y).yaw()
                - Heading.of(home.orientation(), UpAxis.Y).yaw();
        assertThat(Math.toDegrees(turned)).isCloseTo(30, within(1e-6));
    }

    @Test
    void quarterRollsTurnAnAxisViewInItsPlane() {
        hand.move(100, 600, 0);
        hand.tap("ArrowRight", Modifiers.ALT);
        assertThat(direction(2)).isEqualTo("front");
        assertThat(hand.pose(2).orientation().right().distance(Vec3.Y)).isLessThan(1e-9);
        assertThat(PlateCaptions.title(hand.stage.parts.ground, hand.view(2))).isEqualTo("Front, turned 90°");
        hand.tap("KeyN", 0);
        assertThat(hand.pose(2).orientation().right().distance(Vec3.X)).isLessThan(1e-9);
    }

    /** The ways that lead to the top: a key, the Rose, the Plate's chooser. */
    private void top(int way) {
        Viewport v = hand.view(1);
        switch (way) {
            case 0 -> {
                hand.move(600, 200, 0);
                hand.tap("KeyY", 0);
            }
            case 1 -> {
                v.aim("top");
                hand.run("rose.go", v.id);
            }
            default -> {
                ViewSource top = ViewSources.of(hand.stage.parts.ground, v).get(0);
                assertThat(top.label()).isEqualTo("Top");
                hand.stage.command(top.command(), top.args(), v.id, hand.now += 10);
            }
        }
        hand.rest();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void oneRuleDecidesTheProjectionOfADirectionHoweverItIsReached(int way) {
        top(way);
        assertThat(direction(1)).isEqualTo("top");
        assertThat(hand.pose(1).projection().flat()).isFalse();
        assertThat(hand.home(1).projection().flat())
                .as("a viewport that is not flat is no flat one at home")
                .isFalse();

        hand.run("view.scout", hand.view(1).id);
        hand.rest();
        hand.habit("directions.flat", true);
        top(way);
        assertThat(direction(1)).isEqualTo("top");
        assertThat(hand.pose(1).projection().flat()).isTrue();
    }

    @Test
    void whatTheChooserShowsIsWhatItLeadsTo() {
        for (boolean flat : List.of(true, false)) {
            hand.habit("directions.flat", flat);
            Pose shown = ViewSources.pose(hand.stage.parts.ground, hand.view(1), "top");
            top(2);
            assertThat(hand.pose(1).projection()).isEqualTo(shown.projection());
            assertThat(hand.pose(1).eye().distance(shown.eye())).isLessThan(1e-9);
            hand.run("view.scout", hand.view(1).id);
            hand.rest();
        }
    }

    @Test
    void aPerspectiveThatBecameFlatAlongAnAxisComesBackWhenItLeavesIt() {
        hand.habit("directions.flat", true);
        hand.move(600, 200, 0);
        hand.tap("KeyX", 0);
        assertThat(hand.pose(1).projection().flat()).isTrue();
        hand.tap("KeyZ", 0);
        assertThat(hand.pose(1).projection().flat()).isTrue();
        hand.drag(600, 200, 30, 10, 2, 0);
        assertThat(hand.pose(1).projection()).isEqualTo(new Projection.Perspective(Math.toRadians(47)));
    }

    @Test
    void heldAxisViewsRefuseToOrbitWithACueAndReleasedOnesSayTheyAreFree() {
        Pose before = hand.pose(2);
        hand.habit("orbit.axis-views", "hold");
        hand.move(100, 600, 0);
        hand.move(100, 600, 2);
        hand.move(180, 640, 2);
        assertThat(hand.pose(2)).isEqualTo(before);
        assertThat(hand.marks(2).get("refused")).isNotNull();
        assertThat(hand.notices()).anyMatch(n -> n.startsWith("Front is held"));
        hand.move(180, 640, 0);
        hand.tap("ArrowLeft", 0);
        assertThat(hand.pose(2)).isEqualTo(before);
        hand.rest();
        assertThat(hand.marks(2).get("refused")).isNull();
        assertThat(hand.hint("right-drag")).contains("held");
        hand.habit("orbit.axis-views", "release");
        hand.drag(100, 600, 80, 40, 2, 0);
        assertThat(PlateCaptions.title(hand.stage.parts.ground, hand.view(2))).isEqualTo("Free flat");
    }

    // ---- the Rose
    // ---------------------------------------------------------------------------------------------------

    @Test
    void theRoseGoesWhereItIsClickedAndKeepsTheProjection() {
        RoseMark r = RoseMark.of(hand.view(1));
        double x = 503 + r.x();
        double y = r.y();
        hand.click(x + 14, y - 3);
        StandardDirection there =
                StandardDirection.named(RoseMark.at(hand.stage.parts.ground, hand.view(1), r.x() + 14, r.y() - 3));
        hand.rest();
        assertThat(there.angleTo(hand.pose(1).orientation(), UpAxis.Y)).isLessThan(1e-7);
        assertThat(hand.pose(1).projection().flat()).isFalse();
        Pose before = hand.pose(1);
        hand.click(x, y + r.half());
        hand.rest();
        assertThat(hand.pose(1)).isEqualTo(DirectionTurns.opposite(before, UpAxis.Y));
        hand.click(x, y - r.half());
        hand.rest();
        assertThat(hand.pose(1)).isEqualTo(hand.home(1));
        assertThat(hand.stage.parts.subject.selection().isEmpty()).isTrue();
    }

    /** The way from the middle to the rim is a right angle, by the turntable: the horizon stays level. */
    @Test
    void aDragOnTheRoseOrbits() {
        RoseMark r = RoseMark.of(hand.view(1));
        Heading before = Heading.of(hand.pose(1).orientation(), UpAxis.Y);
        hand.drag(503 + r.x() + 3, r.y() + 2, -r.radius() / 2, 0, 1, 0);
        Heading after = Heading.of(hand.pose(1).orientation(), UpAxis.Y);
        assertThat(Math.abs(after.yaw() - before.yaw())).isCloseTo(Math.PI / 4, within(1e-9));
        assertThat(after.pitch()).isCloseTo(before.pitch(), within(1e-9));
        assertThat(after.roll()).isCloseTo(0, within(1e-9));
    }

    /** The direction that is taken hold of at the rim stays under the pointer, all the way round and back. */
    @Test
    void aDragOnItsRimRollsAndTheRimStaysUnderThePointer() {
        RoseMark r = RoseMark.of(hand.view(1));
        double x = 503 + r.x();
        double y = r.y();
        Vec3 taken = new Rose(hand.pose(1).orientation(), UpAxis.Y).direction(0.94, 0);
        Pose before = hand.pose(1);
        double reach = 0.94 * r.radius();
        hand.move(x + reach, y, 0);
        assertThat(hand.hint("left-drag")).isEqualTo("roll");
        hand.move(x + reach, y, 1);
        for (int i = 1; i <= 32; i++) {
            double a = i * Math.PI / 16;
            hand.move(x + reach * Math.cos(a), y + reach * Math.sin(a), 1);
            double[] p = new Rose(hand.pose(1).orientation(), UpAxis.Y).place(taken);
            assertThat(p[0] * r.radius()).isCloseTo(reach * Math.cos(a), within(1e-6));
            assertThat(p[1] * r.radius()).isCloseTo(reach * Math.sin(a), within(1e-6));
        }
        assertThat(hand.pose(1).orientation().angleTo(before.orientation())).isLessThan(1e-7);
        hand.move(x + reach, y, 0);
        assertThat(hand.pose(1).eye()).isEqualTo(before.eye());
    }

    /** Pictures of what lies under a point agree with what a click there does, and its corners are 24 pixels and more. */
    @Test
    void everyDirectionIsHitAtEveryPoseWhereItIsDrawn() {
        var ground = hand.stage.parts.ground;
        var random = new java.util.Random(26);
        for (int view : new int[] {1, 3}) {
            var v = hand.view(view);
            for (int size : new int[] {500, 200}) {
                v.width = size;
                v.height = size;
                RoseMark r = RoseMark.of(v);
                for (int i = 0; i < 500; i++) {
                    Quat q = new Quat(
                                    random.nextGaussian(),
                                    random.nextGaussian(),
                                    random.nextGaussian(),
                                    random.nextGaussian())
                            .unit();
                    v.set(new Pose(Vec3.Z, q, 1, v.pose.projection()));
                    for (Rose.Spot s : new Rose(q, UpAxis.Y).spots()) {
                        String at = RoseMark.at(ground, v, r.x() + s.x() * r.radius(), r.y() + s.y() * r.radius());
                        assertThat(at).isEqualTo(s.direction().name());
                        assertThat(RoseMark.words(at, false))
                                .isEqualTo(s.direction().words());
                    }
                }
                for (int dx = -12; dx <= 12; dx += 6) {
                    for (int dy = -12; dy <= 12; dy += 6) {
                        assertThat(RoseMark.at(ground, v, r.x() + dx, r.y() - r.half() + dy))
                                .isEqualTo("home");
                        assertThat(RoseMark.at(ground, v, r.x() + dx, r.y() + r.half() + dy))
                                .isEqualTo("opposite");
                        assertThat(RoseMark.at(ground, v, r.x() - r.half() + dx, r.y() + dy))
                                .isEqualTo("pan");
                        assertThat(RoseMark.at(ground, v, r.x() + r.half() + dx, r.y() + dy))
                                .isEqualTo("dolly");
                    }
                }
            }
        }
    }

    @Test
    void inASmallViewportItStandsBackUntilThePointerComesNear() {
        hand.stage.resize(500, 400);
        RoseMark r = RoseMark.of(hand.view(1));
        assertThat(2 * (r.half() + r.corner())).isEqualTo(84);
        double x = hand.view(1).x;
        hand.move(x + 20, 20, 0);
        assertThat(rose(1).get("faded")).isEqualTo(true);
        hand.move(x + r.x() - 50, r.y(), 0);
        assertThat(rose(1).get("faded")).isEqualTo(false);
        hand.run("display.overlay", "v2", "overlay", "rose");
        assertThat(hand.marks(1).get("rose")).isNull();
    }

    private Map<String, Object> rose(int view) {
        return PlainData.map(hand.marks(view).get("rose"));
    }

    @Test
    void theKeyboardChoosesOnTheRose() {
        hand.stage.command("rose.aim-here", Map.of(), "v3", 0);
        hand.stage.command("rose.step", Map.of("to", "right"), "v3", 0);
        hand.stage.command("rose.step", Map.of("to", "up"), "v3", 0);
        assertThat(hand.view(2).roseAim).isEqualTo("front-right-top");
        hand.stage.command("rose.go", Map.of(), "v3", 0);
        hand.rest();
        assertThat(StandardDirection.nearest(hand.pose(2).orientation(), UpAxis.Y)
                        .name())
                .isEqualTo("front-right-top");
        hand.stage.command("rose.aim-away", Map.of(), "v3", 0);
        assertThat(hand.view(2).roseAim).isNull();
    }

    // ---- orbit, look, roll
    // -------------------------------------------------------------------------------------------

    @Test
    void aTrackballComesBackExactlyAndLevelBringsTheHorizonBack() {
        hand.habit("orbit.style", "trackball");
        Pose before = hand.pose(1);
        hand.move(700, 150, 0);
        hand.move(700, 150, 2);
        hand.move(820, 260, 2);
        hand.move(640, 90, 2);
        assertThat(hand.marks(1).get("ring")).isNotNull();
        hand.move(700, 150, 2);
        assertThat(hand.pose(1)).isEqualTo(before);
        hand.move(640, 330, 2);
        hand.move(640, 330, 0);
        assertThat(Math.abs(Heading.of(hand.pose(1).orientation(), UpAxis.Y).roll()))
                .isGreaterThan(0.01);
        hand.tap("KeyN", 0);
        assertThat(Heading.of(hand.pose(1).orientation(), UpAxis.Y).roll()).isCloseTo(0, within(1e-9));
    }

    @Test
    void orbitStopsAtThePolesOrGoesOver() {
        hand.drag(700, 150, 0, 900, 2, 0);
        assertThat(Heading.of(hand.pose(1).orientation(), UpAxis.Y).pitch()).isCloseTo(-Math.PI / 2, within(1e-6));
        hand.tap("KeyH", 0);
        hand.habit("orbit.poles", "over");
        hand.drag(700, 150, 0, 300, 2, 0);
        assertThat(hand.pose(1).orientation().up().dot(Vec3.Y)).isNegative();
    }

    @Test
    void snappingHoldsAStandardDirectionAndLetsGoBeyondIt() {
        hand.move(700, 150, 0, Modifiers.SHIFT);
        hand.move(700, 150, 2, Modifiers.SHIFT);
        hand.move(720, 150, 2, Modifiers.SHIFT);
        hand.rest();
        StandardDirection held = StandardDirection.nearest(hand.pose(1).orientation(), UpAxis.Y);
        assertThat(held.angleTo(hand.pose(1).orientation(), UpAxis.Y)).isLessThan(1e-7);
        assertThat(hand.pose(1).orientation().right().y()).isCloseTo(0, within(1e-9));
        hand.move(820, 150, 2, Modifiers.SHIFT);
        hand.rest();
        StandardDirection next = StandardDirection.nearest(hand.pose(1).orientation(), UpAxis.Y);
        assertThat(next).isNotEqualTo(held);
        hand.move(820, 150, 2, 0);
        hand.move(820, 150, 0, 0);
    }

    @Test
    void lookTurnsOnTheSpotAndIsRefusedWhereThereIsNoEye() {
        Pose before = hand.pose(1);
        hand.hold("KeyE", 700, 150, 60, 20, 0);
        assertThat(hand.pose(1).eye()).isEqualTo(before.eye());
        assertThat(hand.pose(1).forward().dot(before.orientation().right())).isPositive();
        Pose flat = hand.pose(2);
        hand.hold("KeyE", 100, 600, 60, 20, 0);
        assertThat(hand.pose(2)).isEqualTo(flat);
        assertThat(hand.notices()).anyMatch(n -> n.contains("flat view has no eye"));
        hand.hold("Space", 100, 600, 60, 20, 0);
        assertThat(hand.pose(2)).isEqualTo(flat);
    }

    @Test
    void rollTurnsAboutTheLineOfSightAndSnapsToSteps() {
        Pose before = hand.pose(1);
        hand.hold("KeyR", 700, 150, 57, 0, 0);
        assertThat(hand.pose(1).eye()).isEqualTo(before.eye());
        assertThat(hand.pose(1).forward().distance(before.forward())).isLessThan(1e-9);
        assertThat(PlateCaptions.lens(hand.stage.parts.ground, hand.view(1))).contains("roll");
        hand.tap("KeyN", 0);
        hand.hold("KeyR", 700, 150, 57, 0, Modifiers.SHIFT);
        double roll =
                Math.toDegrees(Heading.of(hand.pose(1).orientation(), UpAxis.Y).roll());
        assertThat(Math.IEEEremainder(roll, 15)).isCloseTo(0, within(1e-6));
        assertThat(Math.abs(roll)).isGreaterThan(10);
    }

    // ---- lens and crop
    // -----------------------------------------------------------------------------------------------

    @Test
    void zoomLeavesTheEyeDollyZoomKeepsTheFocusAndBothUndoOnTheTrail() {
        Pose before = hand.pose(1);
        hand.hold("KeyL", 700, 150, 0, -60, 0);
        assertThat(hand.pose(1).eye()).isEqualTo(before.eye());
        assertThat(hand.pose(1).projection().heightAt(1))
                .isLessThan(before.projection().heightAt(1));
        hand.tap("Backspace", 0);
        assertThat(hand.pose(1)).isEqualTo(before);
        hand.hold("KeyL", 700, 150, 0, 60, Modifiers.SHIFT);
        Pose after = hand.pose(1);
        assertThat(after.projection().heightAt(after.focus()))
                .isCloseTo(before.projection().heightAt(before.focus()), within(1e-9));
        assertThat(after.focusPoint().distance(before.focusPoint())).isLessThan(1e-9);
        assertThat(after.focus()).isLessThan(before.focus());
    }

    @Test
    void cropLeavesTheCameraToTheLastBitAndOneKeyResetsIt() {
        hand.stage.command("camera.look-through", Map.of(), "v2", 0);
        Pose through = hand.pose(1);
        Vec3 before = hand.onScreen(1, 4);
        hand.hold("Period", 700, 150, 40, 25, 0);
        assertThat(hand.view(1).camera).isEqualTo("n5");
        assertThat(hand.pose(1)).isEqualTo(through);
        Vec3 after = hand.onScreen(1, 4);
        assertThat(after.x() - before.x()).isCloseTo(40, within(1e-6));
        assertThat(after.y() - before.y()).isCloseTo(25, within(1e-6));
        hand.stage.input().keyDown("ControlLeft", Modifiers.CTRL, false, hand.now += 5);
        hand.stage.input().wheel(after.x(), after.y(), 0, -200, 0, Modifiers.CTRL | Modifiers.SHIFT, hand.now += 10);
        hand.stage.input().keyUp("ControlLeft", 0, hand.now += 5);
        Vec3 larger = hand.onScreen(1, 4);
        assertThat(Math.hypot(larger.x() - after.x(), larger.y() - after.y())).isLessThan(1e-6);
        assertThat(hand.view(1).crop.scale()).isGreaterThan(1.2);
        Stage other = new Hand().stage;
        other.documents().restore(hand.stage.documents().workspace());
        assertThat(other.parts.ground.board().views.get(1).crop).isEqualTo(hand.view(1).crop);
        hand.tap("Backslash", 0);
        assertThat(hand.view(1).crop).isEqualTo(Crop.NONE);
        assertThat(hand.pose(1)).isEqualTo(through);
    }

    // ---- dolly
    // -------------------------------------------------------------------------------------------------------

    @Test
    void theThreeDragStylesEachGoTheirWay() {
        Vec3 s = hand.onScreen(1, 4);
        Pose before = hand.pose(1);
        hand.hold("KeyA", s.x(), s.y(), 0, -50, 0);
        double proportional = hand.pose(1).eye().distance(before.eye());
        hand.tap("Backspace", 0);
        hand.habit("dolly.style", "linear");
        hand.hold("KeyA", s.x(), s.y(), 0, -50, 0);
        double linear = hand.pose(1).eye().distance(before.eye());
        Pose once = hand.pose(1);
        hand.tap("Backspace", 0);
        hand.hold("KeyA", s.x(), s.y(), 0, -100, 0);
        assertThat(hand.pose(1).eye().distance(before.eye())).isCloseTo(2 * linear, within(1e-6));
        assertThat(proportional).isPositive().isNotCloseTo(linear, within(1e-3));
        assertThat(once.orientation()).isEqualTo(before.orientation());
        hand.tap("Backspace", 0);
        hand.habit("dolly.style", "rate");
        hand.move(s.x(), s.y(), 0);
        hand.down("KeyA");
        hand.move(s.x(), s.y() - 30, 0);
        hand.stage.tick(hand.now += 200);
        Pose going = hand.pose(1);
        hand.stage.tick(hand.now += 200);
        assertThat(hand.pose(1).eye().distance(before.eye()))
                .isGreaterThan(going.eye().distance(before.eye()));
        hand.move(s.x(), s.y(), 0);
        Pose resting = hand.pose(1);
        hand.stage.tick(hand.now += 400);
        assertThat(hand.pose(1)).isEqualTo(resting);
        hand.up("KeyA");
    }

    @Test
    void theTargetIsWhatTheHabitSays() {
        Vec3 s = hand.onScreen(1, 4);
        hand.habit("dolly.target", "focus");
        Pose before = hand.pose(1);
        hand.stage.input().wheel(s.x(), s.y(), 0, -100, 0, 0, hand.now += 10);
        hand.rest();
        Vec3 way = hand.pose(1).eye().minus(before.eye()).unit();
        assertThat(way.distance(before.forward())).isLessThan(1e-9);
        assertThat(hand.pose(1).focus()).isCloseTo(before.focus() * 0.85, within(1e-9));
    }

    @Test
    void notchesLeadThroughOneSurfaceAfterTheOtherAndBackByTheSamePoses() {
        Vec3 s = hand.onScreen(1, 4);
        Pose before = hand.pose(1);
        DollyPath run = new DollyPath(
                hand.stage.parts.ground, hand.stage.parts.subject, hand.view(1), before, s.x() - 503, s.y());
        Vec3 box = hand.stage.scene().bounds(4).center();
        double behind = 0;
        for (int i = 1; i <= 200; i++) {
            behind = run.at(i).eye().minus(before.eye()).length();
        }
        assertThat(behind)
                .as("through the box and far beyond")
                .isGreaterThan(1.2 * before.eye().distance(box));
        DollyPath again = new DollyPath(
                hand.stage.parts.ground, hand.stage.parts.subject, hand.view(1), before, s.x() - 503, s.y());
        assertThat(again.at(200).eye().distance(run.at(200).eye()))
                .as("in one step as in many")
                .isLessThan(1e-9);
        for (int i = 150; i >= 0; i -= 7) {
            assertThat(run.at(i)).isEqualTo(again.at(i));
        }
        assertThat(run.at(0).eye().distance(before.eye())).isLessThan(1e-12);
    }

    @Test
    void aTrackpadMovesAtOnceByItsTrueDeltasAndAPinchByItsScale() {
        Vec3 s = hand.onScreen(1, 4);
        Pose before = hand.pose(1);
        double distance = hand.stage.viewport().pick("v2", s.x(), s.y()).distance();
        hand.stage.input().wheel(s.x(), s.y(), 0, -4, 0, 0, hand.now += 10);
        assertThat(hand.view(1).glide).isNull();
        assertThat(hand.pose(1).eye().distance(before.eye()))
                .isCloseTo(distance * (1 - Math.pow(0.85, 0.04)), within(1e-9));
        hand.rest();
        hand.tap("Backspace", 0);
        // W3C UI Events: a pinch is a wheel event with ctrlKey; its scale s comes as a delta of -100 ln s pixels.
        hand.stage.input().wheel(s.x(), s.y(), 0, -100 * Math.log(1.1), 0, Modifiers.CTRL, hand.now += 10);
        hand.rest();
        assertThat(hand.stage.viewport().pick("v2", s.x(), s.y()).distance()).isCloseTo(distance / 1.1, within(1e-6));
    }

    @Test
    void dollyAndFrameReachAllViewportsAndEscapeBringsThemAllBack() {
        List<Pose> before =
                hand.stage.parts.ground.board().views.stream().map(v -> v.pose).toList();
        hand.stage.input().wheel(700, 150, 0, -100, 0, Modifiers.SHIFT, hand.now += 10);
        hand.rest();
        for (int i = 0; i < 4; i++) {
            assertThat(hand.pose(i)).isNotEqualTo(before.get(i));
            assertThat(hand.view(i).trail.length()).isEqualTo(2);
        }
        List<Pose> nearer =
                hand.stage.parts.ground.board().views.stream().map(v -> v.pose).toList();
        hand.move(700, 150, 0);
        hand.stage.input().keyDown("KeyA", Modifiers.SHIFT, false, hand.now += 10);
        hand.move(700, 100, 0, Modifiers.SHIFT);
        assertThat(hand.pose(3)).isNotEqualTo(nearer.get(3));
        hand.stage.input().keyDown("Escape", Modifiers.SHIFT, false, hand.now += 10);
        hand.stage.input().keyDown("Escape", 0, false, hand.now += 10);
        assertThat(hand.stage.parts.ground.board().views)
                .extracting(v -> v.pose)
                .isEqualTo(nearer);
        hand.stage.input().keyUp("KeyA", 0, hand.now += 10);
        Vec3 s = hand.onScreen(1, 4);
        hand.click(s.x(), s.y());
        hand.tap("KeyF", Modifiers.ALT);
        for (int i = 0; i < 4; i++) {
            Vec3 c = hand.onScreen(i, 4);
            Viewport v = hand.view(i);
            assertThat(Math.hypot(c.x() - v.x - v.width / 2, c.y() - v.y - v.height / 2))
                    .isLessThan(60);
        }
    }

    @Test
    void aDoubleClickCentresAtTheSameDistance() {
        Vec3 s = hand.onScreen(1, 4);
        Vec3 point = hand.stage.viewport().pick("v2", s.x(), s.y()).point();
        double distance = hand.pose(1).eye().distance(point);
        hand.click(s.x(), s.y());
        hand.click(s.x(), s.y());
        hand.rest();
        Vec3 there = hand.stage.project("v2", point);
        assertThat(Math.hypot(there.x() - 503 - hand.view(1).width / 2, there.y() - hand.view(1).height / 2))
                .isLessThan(0.5);
        assertThat(hand.pose(1).eye().distance(point)).isCloseTo(distance, within(1e-9));
    }

    // ---- drags
    // -------------------------------------------------------------------------------------------------------

    @Test
    void dragsGoOnFarBeyondTheWindow() {
        hand.move(700, 150, 0);
        hand.move(700, 150, 4);
        Vec3 held = hand.stage
                .parts
                .ground
                .model()
                .surfaceAt(hand.view(1), hand.pose(1), 700 - 503, 150, true)
                .point();
        for (double far : new double[] {800, 2500, -4000, 12000}) {
            hand.move(700 + far, 150 - far / 2, 4);
            Vec3 there = hand.stage.project("v2", held);
            assertThat(Math.hypot(there.x() - 700 - far, there.y() - 150 + far / 2))
                    .isLessThan(0.5);
        }
        assertThat(hand.stage.input().lockWanted()).isEqualTo(1);
        hand.move(12700, -5850, 0);
        assertThat(hand.stage.input().lockWanted()).isZero();
    }

    @Test
    void aChangeInMidDragGoesOnWithoutAJumpOrTheFirstMotionStays() {
        hand.move(700, 150, 0);
        hand.move(700, 150, 2);
        hand.move(740, 160, 2);
        Pose orbited = hand.pose(1);
        hand.move(740, 160, 6);
        assertThat(hand.pose(1)).as("no jump").isEqualTo(orbited);
        hand.move(760, 170, 6);
        assertThat(hand.pose(1).orientation()).as("panning now").isEqualTo(orbited.orientation());
        hand.move(760, 170, 0);
        hand.habit("drag.modifiers", "first");
        hand.move(700, 150, 2);
        hand.move(740, 160, 2);
        Pose first = hand.pose(1);
        hand.move(760, 170, 6);
        assertThat(hand.pose(1).orientation()).as("still orbiting").isNotEqualTo(first.orientation());
        hand.move(760, 170, 0);
    }

    @Test
    void glidesCanBeInterruptedWhereTheyAreAndAreOffWithReducedMotion() {
        hand.move(600, 200, 0);
        hand.stage.input().keyDown("KeyX", 0, false, hand.now += 10);
        hand.stage.tick(hand.now += 60);
        Pose under = hand.pose(1);
        hand.move(600, 200, 4);
        hand.move(620, 200, 4);
        assertThat(hand.pose(1).orientation().angleTo(under.orientation()))
                .as("stays where the glide was")
                .isLessThan(0.2);
        assertThat(hand.view(1).glide).isNull();
        hand.move(620, 200, 0);
        hand.stage.reduceMotion(true);
        hand.stage.input().keyDown("KeyZ", 0, false, hand.now += 10);
        assertThat(hand.view(1).glide).isNull();
        assertThat(direction(1)).isEqualTo("front");
    }
}
