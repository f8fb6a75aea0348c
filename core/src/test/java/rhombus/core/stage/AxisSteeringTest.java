package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.device.GamepadParts;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.motion.AxisSteering;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;

/** Gamepads and 3D mice move views, from raw reports on. */
class AxisSteeringTest {
    private static final int SCOUT = 1;
    private static final double[] STILL = new double[4];
    private static final double[] NONE = new double[17];

    private final Hand h = new Hand();

    private void pad(double[] axes, double[] buttons) {
        h.stage.devices().gamepad(0, "Test pad", GamepadParts.STANDARD, axes, buttons, h.now += 10);
    }

    private void sticks(double leftX, double leftY, double rightX, double rightY) {
        pad(new double[] {leftX, leftY, rightX, rightY}, NONE);
    }

    private static double[] pressed(String... names) {
        double[] out = new double[17];
        for (String n : names) {
            out[GamepadParts.BUTTONS.indexOf(n)] = 1;
        }
        return out;
    }

    private void press(String name) {
        pad(STILL, pressed(name));
        pad(STILL, NONE);
    }

    private void pass(double ms) {
        for (double t = 0; t < ms; t += 10) {
            h.stage.tick(h.now += 10);
        }
    }

    /** Makes the scout view the active one, with the pointer elsewhere. */
    private void scout() {
        h.move(700, 200, 0);
        h.stage.input().pointerLeft();
        h.rest();
        pad(STILL, NONE);
    }

    /** How far the eye has gone along its first line of sight. */
    private static double ahead(Pose from, Pose to) {
        return to.eye().minus(from.eye()).dot(from.forward());
    }

    private Vec3 pivot() {
        return h.view(SCOUT).pose.focusPoint();
    }

    // ---- sticks ----------------------------------------------------------------------------------------------------

    @Test
    void theRightStickOrbitsForAsLongAsItIsOut() {
        scout();
        Pose before = h.pose(SCOUT);
        sticks(0, 0, 1, 0);
        pass(500);
        Pose half = h.pose(SCOUT);
        pass(500);
        sticks(0, 0, 0, 0);
        Pose after = h.pose(SCOUT);
        double turned = heading(after) - heading(before);
        assertThat(Math.abs(Math.IEEEremainder(turned, 2 * Math.PI))).isCloseTo(AxisSteering.ORBIT, within(0.05));
        assertThat(Math.abs(Math.IEEEremainder(heading(half) - heading(before), 2 * Math.PI)))
                .isCloseTo(AxisSteering.ORBIT / 2, within(0.05));
        pass(500);
        assertThat(h.pose(SCOUT)).as("let go it stands still").isEqualTo(after);
    }

    private double heading(Pose p) {
        return Heading.of(p.orientation(), h.stage.scene().up()).yaw();
    }

    /** The first report may be shown before any time has gone by, and where orbit is refused there is no pivot at all. */
    @Test
    void thePivotIsShownOnceThereIsOne() {
        scout();
        sticks(0, 0, 1, 0);
        assertThat(h.marks(SCOUT)).isNotNull();
        pass(20);
        assertThat(h.marks(SCOUT).get("pivot")).isNotNull();
        sticks(0, 0, 0, 0);
        h.move(200, 200, 0);
        h.stage.input().pointerLeft();
        h.habit("orbit.axis-views", "hold");
        sticks(0, 0, 1, 0);
        pass(20);
        assertThat(h.marks(0)).isNotNull();
    }

    @Test
    void oneRunOfTheSticksIsOneEntryOfTheTrailWhateverTheyDid() {
        scout();
        int before = h.view(SCOUT).trail.length();
        sticks(0.7, 0, 1, 0);
        pass(200);
        sticks(0, 0.8, 0, 0);
        pass(200);
        sticks(0, 0, 0, 0);
        h.rest();
        assertThat(h.view(SCOUT).trail.length()).isEqualTo(before + 1);
        assertThat(h.view(SCOUT).trail.deed(before)).isEqualTo("steer");
        sticks(0, 0, 0.9, 0);
        pass(100);
        sticks(0, 0, 0, 0);
        assertThat(h.view(SCOUT).trail.deed(before + 1)).isEqualTo("orbit");
    }

    @Test
    void nothingMovesWithinTheDeadZone() {
        scout();
        Pose before = h.pose(SCOUT);
        sticks(0.1, -0.1, 0.1, 0.1);
        pass(1000);
        assertThat(h.pose(SCOUT)).isEqualTo(before);
        h.habit("gamepad.dead-zone", 0.05);
        sticks(0.1, -0.1, 0.1, 0.11);
        pass(100);
        assertThat(h.pose(SCOUT)).isNotEqualTo(before);
    }

    /** Whatever the sticks do, Escape brings the view back to the last bit, and nothing moves before they were let go. */
    @Property(tries = 60)
    void escapeBringsBackWhereItBegan(@ForAll long seed) {
        Random r = new Random(seed);
        scout();
        Pose before = h.pose(SCOUT);
        int entries = h.view(SCOUT).trail.length();
        for (int i = 0; i < 5; i++) {
            double[] buttons = new double[17];
            buttons[7] = r.nextBoolean() ? r.nextDouble() : 0;
            pad(new double[] {r.nextGaussian(), r.nextGaussian(), 0.9, r.nextGaussian()}, buttons);
            pass(50 + r.nextInt(200));
        }
        assertThat(h.pose(SCOUT)).isNotEqualTo(before);
        h.tap("Escape", 0);
        assertThat(h.pose(SCOUT)).isEqualTo(before);
        sticks(1, 0, 1, 0);
        pass(300);
        assertThat(h.pose(SCOUT)).as("the hand has not let go").isEqualTo(before);
        sticks(0, 0, 0, 0);
        assertThat(h.view(SCOUT).trail.length()).isEqualTo(entries);
        sticks(1, 0, 0, 0);
        pass(100);
        assertThat(h.pose(SCOUT)).isNotEqualTo(before);
    }

    /** How often pictures are made changes nothing of where one arrives. */
    @Property(tries = 40)
    void theWayDoesNotDependOnThePictures(@ForAll long seed) {
        Random r = new Random(seed);
        double[] axes = {r.nextDouble() * 2 - 1, 0, 0, 0};
        double[] orbit = {0, 0, r.nextDouble() * 2 - 1, 0};
        double[] out = r.nextBoolean() ? axes : orbit;
        Pose[] end = new Pose[2];
        for (int k = 0; k < 2; k++) {
            AxisSteeringTest t = new AxisSteeringTest();
            t.scout();
            t.pad(out, NONE);
            for (int ms = 0; ms < 600; ms += k == 0 ? 10 : 60) {
                t.h.stage.tick(t.h.now += k == 0 ? 10 : 60);
            }
            end[k] = t.h.pose(SCOUT);
        }
        assertThat(end[0].eye().distance(end[1].eye())).isLessThan(1e-6);
        assertThat(end[0].orientation().angleTo(end[1].orientation())).isLessThan(1e-6);
    }

    @Test
    void whichWayIsSaidByWhatTheHandHolds() {
        scout();
        Vec3 at = pivot();
        double was = h.stage.project("v2", at).x();
        sticks(1, 0, 0, 0);
        pass(100);
        sticks(0, 0, 0, 0);
        double camera = h.stage.project("v2", at).x();
        assertThat(camera).as("the camera goes to the right").isLessThan(was);
        h.habit("gamepad.holds", "scene");
        sticks(1, 0, 0, 0);
        pass(100);
        sticks(0, 0, 0, 0);
        assertThat(h.stage.project("v2", at).x())
                .as("the picture goes to the right")
                .isGreaterThan(camera);
    }

    @Test
    void theLowerFrontButtonsGoNearerAndFartherWhateverTheHandHolds() {
        for (String holds : List.of("camera", "scene")) {
            h.habit("gamepad.holds", holds);
            scout();
            Pose was = h.pose(SCOUT);
            pad(STILL, pressed("low-front-right"));
            pass(200);
            pad(STILL, NONE);
            Pose near = h.pose(SCOUT);
            assertThat(ahead(was, near)).isPositive();
            pad(STILL, pressed("low-front-left"));
            pass(200);
            pad(STILL, NONE);
            assertThat(ahead(near, h.pose(SCOUT))).isNegative();
        }
    }

    @Test
    void anAxisViewThatIsHeldStaysAndThatIsTold() {
        h.move(200, 200, 0);
        h.stage.input().pointerLeft();
        h.habit("orbit.axis-views", "hold");
        Pose before = h.pose(0);
        pad(STILL, NONE);
        sticks(0, 0, 1, 0);
        pass(200);
        assertThat(h.pose(0)).isEqualTo(before);
        assertThat(h.view(0).refusedUntil).isGreaterThan(0);
        sticks(0.9, 0, 1, 0);
        pass(200);
        assertThat(h.pose(0)).as("but it can be panned").isNotEqualTo(before);
    }

    @Test
    void aDragTakesOverAndTheSticksWaitUntilTheyWereLetGo() {
        h.move(700, 200, 0);
        pad(STILL, NONE);
        sticks(1, 0, 0, 0);
        pass(100);
        h.move(700, 200, 4);
        h.move(720, 200, 4);
        h.move(720, 200, 0);
        Pose after = h.pose(SCOUT);
        sticks(0.9, 0, 0, 0);
        pass(200);
        assertThat(h.pose(SCOUT)).isEqualTo(after);
        sticks(0, 0, 0, 0);
        sticks(0.9, 0, 0, 0);
        pass(200);
        assertThat(h.pose(SCOUT)).isNotEqualTo(after);
    }

    /** Another board or another window lets go of what is held, and of nothing that is not. */
    @Test
    void aClickSelectsAndTheStickThatIsHeldGoesOn() {
        scout();
        sticks(0, 0, 1, 0);
        pass(100);
        Pose before = h.pose(SCOUT);
        Vec3 box = h.onScreen(SCOUT, 4);
        h.move(box.x(), box.y(), 1);
        h.move(box.x(), box.y(), 0);
        pass(100);
        Pose after = h.pose(SCOUT);
        assertThat(after).as("it goes on").isNotEqualTo(before);
        assertThat(h.stage.contents().selection()).as("the click counts").hasSize(SCOUT);
        pass(100);
        assertThat(h.pose(SCOUT)).isNotEqualTo(after);
        sticks(0, 0, 0, 0);
        pass(100);
        Pose rest = h.pose(SCOUT);
        pass(100);
        assertThat(h.pose(SCOUT)).isEqualTo(rest);
    }

    @Test
    void afterTheWindowWasLeftTheFirstPushCounts() {
        scout();
        sticks(0, 0, 1, 0);
        h.stage.devices().blur();
        Pose left = h.pose(SCOUT);
        sticks(0, 0, 0.9, 0);
        pass(100);
        assertThat(h.pose(SCOUT)).as("it is held since before").isEqualTo(left);
        sticks(0, 0, 0, 0);
        h.stage.devices().blur();
        h.stage.input().blur();
        sticks(0, 0, 0.9, 0);
        pass(100);
        assertThat(h.pose(SCOUT)).isNotEqualTo(left);
    }

    @Test
    void theFineModifierMakesItATenth() {
        scout();
        Pose start = h.pose(SCOUT);
        sticks(0, 0, 1, 0);
        pass(400);
        sticks(0, 0, 0, 0);
        double full = Math.abs(heading(h.pose(SCOUT)) - heading(start));
        Pose from = h.pose(SCOUT);
        h.stage.input().keyDown("AltLeft", Modifiers.ALT, false, h.now += 10);
        sticks(0, 0, 1, 0);
        pass(400);
        sticks(0, 0, 0, 0);
        assertThat(Math.abs(heading(h.pose(SCOUT)) - heading(from))).isCloseTo(full / 10, within(full / 100));
    }

    /** The stick is held where it is, and reports nothing new. */
    @Test
    void aModifierAndAHabitTakeEffectOnAStickThatIsHeld() {
        scout();
        sticks(0, 0, 1, 0);
        pass(200);
        Pose a = h.pose(SCOUT);
        h.stage.input().keyDown("AltLeft", Modifiers.ALT, false, h.now += 10);
        Pose b = h.pose(SCOUT);
        pass(200);
        double fine = Math.abs(heading(h.pose(SCOUT)) - heading(b));
        assertThat(fine).isCloseTo(AxisSteering.ORBIT * 0.2 / 10, within(0.01));
        assertThat(a).isNotEqualTo(b);
        h.stage.input().keyUp("AltLeft", 0, h.now += 10);
        h.habit("gamepad.speed", 0.1);
        pass(20);
        Pose c = h.pose(SCOUT);
        pass(200);
        assertThat(Math.abs(heading(h.pose(SCOUT)) - heading(c)))
                .isCloseTo(AxisSteering.ORBIT * 0.2 / 10, within(0.01));
        sticks(0, 0, 0, 0);
    }

    // ---- buttons ---------------------------------------------------------------------------------------------------

    @Test
    void buttonsRunCommandsOnTheActiveViewport() {
        scout();
        Pose home = h.pose(SCOUT);
        press("left-left");
        h.rest();
        assertThat(h.pose(SCOUT)).isNotEqualTo(home);
        press("right-right");
        h.rest();
        assertThat(h.pose(SCOUT)).as("back by the Trail").isEqualTo(home);
        press("front-right");
        assertThat(h.stage.parts.ground.board().active().id).isEqualTo("v3");
        press("front-left");
        assertThat(h.stage.parts.ground.board().active().id).isEqualTo("v2");
    }

    @Test
    void aButtonIsPressedOnceHoweverLongItIsDown() {
        scout();
        Pose home = h.pose(SCOUT);
        pad(STILL, pressed("left-left"));
        pad(new double[] {0.01, 0, 0, 0}, pressed("left-left"));
        h.rest();
        Pose once = h.pose(SCOUT);
        assertThat(once).isNotEqualTo(home);
        pad(new double[] {0.02, 0, 0, 0}, pressed("left-left", "middle"));
        h.rest();
        assertThat(h.pose(SCOUT)).isEqualTo(once);
    }

    @Test
    void oneWalksAndLooksBySticksAndLeavesByAButton() {
        scout();
        press("middle-right");
        assertThat(h.stage.parts.walking.on()).isTrue();
        Pose before = h.pose(SCOUT);
        sticks(0, -1, 0, 0);
        pass(500);
        sticks(0, 0, 0, 0);
        Vec3 way = h.pose(SCOUT).eye().minus(before.eye());
        assertThat(way.dot(before.forward())).as("ahead").isPositive();
        Pose still = h.pose(SCOUT);
        pass(300);
        assertThat(h.pose(SCOUT)).isEqualTo(still);
        sticks(0, 0, 1, 0);
        pass(300);
        sticks(0, 0, 0, 0);
        assertThat(h.pose(SCOUT).forward().dot(still.orientation().right()))
                .as("to the right")
                .isPositive();
        assertThat(h.pose(SCOUT).eye()).isEqualTo(still.eye());
        press("right-right");
        assertThat(h.stage.parts.walking.on()).isFalse();
    }

    @Test
    void aGamepadThatGoesLetsEverythingGo() {
        scout();
        sticks(1, 0, 0, 0);
        pass(100);
        h.stage.devices().gamepadGone(0, h.now += 10);
        Pose after = h.pose(SCOUT);
        pass(300);
        assertThat(h.pose(SCOUT)).isEqualTo(after);
        assertThat(h.stage.animating()).isFalse();
    }

    @Test
    void aGamepadInAnUnknownOrderIsNotUsedAndThatIsTold() {
        scout();
        Pose before = h.pose(SCOUT);
        h.stage
                .devices()
                .gamepad(3, "Odd pad", "", new double[] {1, 1, 1, 1, 1, 1}, pressed("middle-right"), h.now += 10);
        pass(300);
        assertThat(h.pose(SCOUT)).isEqualTo(before);
        assertThat(h.stage.devices().state().devices().get(1).problem()).contains("does not know the order");
    }

    @Test
    void theHandCanShowAPartAndNothingMoves() {
        scout();
        Pose before = h.pose(SCOUT);
        h.stage.input().capture(true);
        sticks(0.4, 0, 0, 0);
        assertThat(h.stage.input().capture().trigger()).as("not meant yet").isNull();
        sticks(0, 0, 0, -1);
        assertThat(h.stage.input().capture().trigger()).isEqualTo(Trigger.gamepadAxis("right-y"));
        h.stage.input().capture(false);
        sticks(0, 0, 0, 0);
        assertThat(h.pose(SCOUT)).isEqualTo(before);
    }

    // ---- 3D mice ---------------------------------------------------------------------------------------------------

    /** Six axes of eight bits and a byte of buttons. */
    private static List<Object> sixAxes() {
        return List.of(PlainData.map(
                "inputReports",
                List.of(PlainData.map(
                        "reportId",
                        1,
                        "items",
                        List.of(
                                PlainData.map(
                                        "isRange",
                                        true,
                                        "usageMinimum",
                                        65584.0,
                                        "usageMaximum",
                                        65589.0,
                                        "reportSize",
                                        8,
                                        "reportCount",
                                        6,
                                        "logicalMinimum",
                                        -100.0,
                                        "logicalMaximum",
                                        100.0),
                                PlainData.map(
                                        "isRange",
                                        true,
                                        "usageMinimum",
                                        589825.0,
                                        "usageMaximum",
                                        589832.0,
                                        "reportSize",
                                        1,
                                        "reportCount",
                                        8))))));
    }

    private void puck(int x, int y, int z, int rx, int ry, int rz, int buttons) {
        byte[] report = {(byte) x, (byte) y, (byte) z, (byte) rx, (byte) ry, (byte) rz, (byte) buttons};
        h.stage.devices().hidReport(7, 1, report, h.now += 10);
    }

    private void pushed(int x, int y, int z, int rx, int ry, int rz) {
        puck(x, y, z, rx, ry, rz, 0);
        pass(100);
        puck(0, 0, 0, 0, 0, 0, 0);
    }

    /** The hand holds the scene: what it does with the cap, what is seen does. HID: y is towards the user, z is down. */
    @Test
    void theSceneGoesWithTheCap() {
        scout();
        assertThat(h.stage.devices().hidOpened(7, "Test puck", sixAxes())).isNull();
        Vec3 at = pivot();
        Vec3 was = h.stage.project("v2", at);
        pushed(90, 0, 0, 0, 0, 0);
        assertThat(h.stage.project("v2", at).x()).as("to the right").isGreaterThan(was.x());
        was = h.stage.project("v2", at);
        pushed(0, 0, -90, 0, 0, 0);
        assertThat(h.stage.project("v2", at).y()).as("lifted").isLessThan(was.y());
        Pose from = h.pose(SCOUT);
        pushed(0, -90, 0, 0, 0, 0);
        assertThat(ahead(from, h.pose(SCOUT))).as("pushed away").isNegative();
        // A point between the pivot and the eye, clockwise seen from above: it goes to the left.
        Pose p = h.pose(SCOUT);
        Vec3 near = p.eye().plus(p.forward(), p.focus() * 0.8);
        double x = h.stage.project("v2", near).x();
        pushed(0, 0, 0, 0, 0, 60);
        assertThat(h.stage.project("v2", near).x()).as("twisted").isLessThan(x);
        p = h.pose(SCOUT);
        near = p.eye().plus(p.forward(), p.focus() * 0.8);
        double y = h.stage.project("v2", near).y();
        pushed(0, 0, 0, 60, 0, 0);
        assertThat(h.stage.project("v2", near).y())
                .as("tipped towards the user")
                .isGreaterThan(y);
    }

    @Test
    void heldAsTheCameraAllOfItGoesTheOtherWay() {
        scout();
        h.stage.devices().hidOpened(7, "Test puck", sixAxes());
        h.habit("mouse3d.holds", "camera");
        Vec3 at = pivot();
        Vec3 was = h.stage.project("v2", at);
        pushed(90, 0, 0, 0, 0, 0);
        assertThat(h.stage.project("v2", at).x()).isLessThan(was.x());
        Pose from = h.pose(SCOUT);
        pushed(0, -90, 0, 0, 0, 0);
        assertThat(ahead(from, h.pose(SCOUT))).as("flown ahead").isPositive();
    }

    @Test
    void theHorizonStaysUnlessItIsToldToGo() {
        scout();
        h.stage.devices().hidOpened(7, "Test puck", sixAxes());
        pushed(0, 0, 0, 0, 90, 0);
        assertThat(Heading.of(h.pose(SCOUT).orientation(), h.stage.scene().up()).roll())
                .isCloseTo(0, within(1e-9));
        assertThat(h.hint("3D mouse tipped sideways")).isEqualTo("roll: off: the horizon is kept");
        h.habit("mouse3d.level", false);
        assertThat(h.hint("3D mouse tipped sideways")).isEqualTo("roll");
        pushed(0, 0, 0, 0, 90, 0);
        assertThat(Math.abs(
                        Heading.of(h.pose(SCOUT).orientation(), h.stage.scene().up())
                                .roll()))
                .isGreaterThan(0.05);
    }

    @Test
    void itsButtonsAnswerAndAllSixAxesMoveAtOnceAsOneDeed() {
        scout();
        h.stage.devices().hidOpened(7, "Test puck", sixAxes());
        int entries = h.view(SCOUT).trail.length();
        puck(50, 50, 50, 50, 50, 50, 0);
        pass(200);
        puck(0, 0, 0, 0, 0, 0, 0);
        assertThat(h.view(SCOUT).trail.length()).isEqualTo(entries + 1);
        puck(0, 0, 0, 0, 0, 0, 2);
        puck(0, 0, 0, 0, 0, 0, 0);
        h.rest();
        assertThat(h.view(SCOUT).trail.deed(entries + 1)).isEqualTo("frame all");
    }

    @Test
    void aDeviceThatIsNoneIsRefusedInWords() {
        assertThat(h.stage.devices().hidOpened(1, "Keys", List.of(PlainData.map("usage", 6))))
                .contains("six axes");
        h.stage.devices().hidReport(1, 0, new byte[] {1, 2}, h.now);
        assertThat(h.stage.devices().state().devices()).isEmpty();
    }

    /** The bench shows what is reported and what is made of it. */
    @Test
    void theStateTellsRawAndReadNumbers() {
        scout();
        sticks(0.5, 0, 0, 0);
        var seen = h.stage.devices().state();
        var axis = seen.devices().get(0).axes().get(0);
        assertThat(axis.raw()).isEqualTo(0.5);
        assertThat(axis.read()).isCloseTo(Math.pow((0.5 - 0.15) / 0.85, 1.6), within(1e-9));
        assertThat(seen.does()).isEqualTo("pan sideways");
    }
}
