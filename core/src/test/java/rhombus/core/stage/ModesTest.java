package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rhombus.core.display.Look;
import rhombus.core.display.StandardLooks;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Modifiers;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.marks.OrientationAids;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.StoredView;
import rhombus.core.stage.view.ViewportRestoring;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Walking, the Pad, lozenges, fingers, the pen, hints and habits, as a hand uses them. */
class ModesTest {
    private final Hand hand = new Hand();

    // ---- walk, fly, drive
    // --------------------------------------------------------------------------------------------

    private double second(int steps) {
        Hand h = new Hand();
        h.habit("walk.speed", "fixed");
        h.stage.parts.walking.speed(1);
        h.move(700, 150, 0);
        h.tap("KeyW", 0);
        Vec3 from = h.pose(1).eye();
        h.down("KeyW");
        double start = h.now;
        for (int i = 1; i <= steps; i++) {
            h.stage.tick(start + 1000.0 * i / steps);
        }
        return h.pose(1).eye().distance(from);
    }

    @Test
    void aSecondAtAMetreASecondIsAMetreAtAnyFrameRate() {
        for (int steps : new int[] {30, 60, 144}) {
            assertThat(second(steps)).isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void aWalkIsOneStepOfTheTrailStaysOnLeavingAndGoesBackOnBackspace() {
        hand.move(700, 150, 0);
        hand.tap("KeyW", 0);
        assertThat(hand.stage.input().lockWanted()).isEqualTo(2);
        assertThat(PlateCaptions.title(hand.stage.parts.ground, hand.view(1))).isEqualTo("Walking");
        Pose before = hand.pose(1);
        double height = before.eye().y();
        hand.down("KeyW");
        hand.down("KeyD");
        for (int i = 0; i < 20; i++) {
            hand.stage.tick(hand.now += 30);
        }
        hand.up("KeyW");
        hand.up("KeyD");
        hand.drag(700, 150, 40, 10, 1, 0);
        assertThat(hand.pose(1).eye().y()).as("level").isCloseTo(height, within(1e-9));
        assertThat(hand.pose(1).eye().distance(before.eye())).isGreaterThan(0.1);
        assertThat(hand.view(1).trail.length()).isEqualTo(1);
        Pose here = hand.pose(1);
        hand.tap("Escape", 0);
        assertThat(hand.pose(1)).isEqualTo(here);
        assertThat(hand.view(1).trail.length()).isEqualTo(2);
        hand.tap("KeyW", 0);
        hand.down("KeyE");
        hand.stage.tick(hand.now += 300);
        hand.up("KeyE");
        assertThat(hand.pose(1).eye().y()).isGreaterThan(here.eye().y());
        hand.tap("Backspace", 0);
        assertThat(hand.pose(1)).isEqualTo(here);
        assertThat(hand.stage.parts.walking.on()).isFalse();
    }

    @Test
    void theWheelSetsTheSpeedShiftRunsAndAltCreeps() {
        hand.habit("walk.speed", "fixed");
        hand.move(700, 150, 0);
        hand.tap("KeyW", Modifiers.SHIFT);
        assertThat(PlateCaptions.title(hand.stage.parts.ground, hand.view(1))).isEqualTo("Flying");
        double speed = hand.stage.parts.walking.speed();
        hand.stage.input().wheel(700, 150, 0, -100, 0, 0, hand.now += 10);
        assertThat(hand.stage.parts.walking.speed()).isCloseTo(speed * 1.25, within(1e-9));
        assertThat(PlainData.map(hand.marks(1).get("walk")).get("speed").toString())
                .endsWith("m/s");
        double plain = gone(0);
        assertThat(gone(Modifiers.SHIFT)).isCloseTo(3 * plain, within(1e-9));
        assertThat(gone(Modifiers.ALT)).isCloseTo(plain / 10, within(1e-9));
        hand.tap("Enter", 0);
        assertThat(hand.stage.parts.walking.on()).isFalse();
    }

    private double gone(int mods) {
        Vec3 from = hand.pose(1).eye();
        hand.stage.input().keyDown("KeyS", mods, false, hand.now += 10);
        hand.stage.tick(hand.now += 100);
        hand.stage.input().keyUp("KeyS", mods, hand.now);
        return hand.pose(1).eye().distance(from);
    }

    @Test
    void theHeldPointerTurnsTheHeadAndTheStickGoes() {
        hand.move(700, 150, 0);
        hand.tap("KeyW", 0);
        Pose before = hand.pose(1);
        hand.move(720, 150, 0);
        assertThat(hand.pose(1)).as("a free pointer turns nothing").isEqualTo(before);
        hand.stage.input().locked(true);
        hand.move(760, 150, 0);
        assertThat(hand.pose(1).forward().dot(before.orientation().right())).isPositive();
        assertThat(hand.pose(1).eye()).isEqualTo(before.eye());
        hand.stage.input().locked(false);
        hand.stick(1);
        hand.stage.tick(hand.now += 200);
        hand.stick(0);
        assertThat(hand.pose(1).eye().distance(before.eye())).isGreaterThan(0.05);
        assertThat(hand.stage.animating()).isFalse();
    }

    @Test
    void drivingGoesAndSteersAndRestsBackAtThePress() {
        Pose before = hand.pose(1);
        hand.move(700, 150, 0);
        hand.down("Space");
        hand.move(720, 80, 0);
        for (int i = 0; i < 10; i++) {
            hand.stage.tick(hand.now += 30);
        }
        assertThat(hand.pose(1).eye().y()).isCloseTo(before.eye().y(), within(1e-9));
        assertThat(hand.pose(1).eye().distance(before.eye())).isGreaterThan(0.05);
        double yaw = Heading.of(hand.pose(1).orientation(), UpAxis.Y).yaw()
                - Heading.of(before.orientation(), UpAxis.Y).yaw();
        assertThat(yaw).as("to the right").isNegative();
        hand.move(700, 150, 0);
        Pose rest = hand.pose(1);
        hand.stage.tick(hand.now += 300);
        assertThat(hand.pose(1)).isEqualTo(rest);
        hand.up("Space");
    }

    /** W goes forward inside a walk, so there Enter is the other way out; a key that the walk does not use leaves it again. */
    @Test
    void theKeyThatStartedTheWalkLeavesItWhereTheWalkHasNoOtherUseForIt() {
        hand.stage.use(hand.stage.keymap().with("walk", rhombus.core.keymap.Trigger.key("F9"), 0));
        hand.move(700, 150, 0);
        hand.tap("F9", 0);
        assertThat(hand.stage.parts.walking.on()).isTrue();
        hand.tap("F9", 0);
        assertThat(hand.stage.parts.walking.on()).isFalse();
    }

    @Test
    void walkingInAFlatViewMakesItAPerspective() {
        hand.move(100, 600, 0);
        hand.tap("KeyW", 0);
        assertThat(hand.pose(2).projection()).isInstanceOf(Projection.Perspective.class);
        hand.tap("Backspace", 0);
        assertThat(hand.pose(2)).isEqualTo(hand.home(2));
    }

    @Test
    void whateverElseHappensToTheViewportEndsTheWalkFirst() {
        for (String command : List.of("camera.look-through", "view.toggle-projection", "trail.back")) {
            Hand h = new Hand();
            h.drag(700, 150, 20, 0, 2, 0);
            h.stage.command("walk.start", Map.of(), "v2", h.now += 10);
            h.stick(1);
            h.stage.tick(h.now += 100);
            h.stage.command(command, Map.of(), "v2", h.now += 10);
            h.rest();
            assertThat(h.stage.parts.walking.on()).as(command).isFalse();
            Pose rest = h.pose(1);
            h.stage.tick(h.now += 300);
            assertThat(h.pose(1)).isEqualTo(rest);
        }
    }

    // ---- Pad and lozenges
    // --------------------------------------------------------------------------------------------

    @Test
    void thePadGivesNineMotionsToOneButton() {
        List<String> moved = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            Hand h = new Hand();
            h.move(750, 200, 0);
            h.down("KeyG");
            Map<String, Object> g =
                    PlainData.map(PlainData.list(h.marks(1).get("grips")).get(i));
            double x = 503 + PlainData.number(g.get("x"), 0);
            double y = PlainData.number(g.get("y"), 0);
            Pose before = h.pose(1);
            h.move(x, y, 0);
            h.move(x, y, 1);
            h.move(x + 20, y - 30, 1);
            h.stage.tick(h.now += 50);
            h.stage.tick(h.now += 50);
            if (!h.pose(1).equals(before) || !h.view(1).crop.none()) {
                moved.add(PlainData.text(g.get("motion"), ""));
            }
            h.move(x + 20, y - 30, 0);
            h.up("KeyG");
            assertThat(h.stage.parts.grips.padOpen()).isFalse();
            assertThat(h.stage.parts.subject.selection().isEmpty()).isTrue();
        }
        assertThat(moved)
                .containsExactlyInAnyOrder(
                        "dolly", "look", "pan", "zoom", "orbit", "drive", "roll", "dolly-zoom", "crop");
    }

    @Test
    void aTapLeavesThePadOpenUntilItIsUsedAndItActsOnThePointUnderIt() {
        Vec3 s = hand.onScreen(1, 4);
        hand.move(s.x(), s.y(), 0);
        hand.tap("KeyG", 0);
        assertThat(hand.stage.parts.grips.padOpen()).isTrue();
        hand.tap("Escape", 0);
        assertThat(hand.stage.parts.grips.padOpen()).isFalse();
        hand.tap("KeyG", 0);
        hand.tap("KeyG", 0);
        assertThat(hand.stage.parts.grips.padOpen())
                .as("a second tap closes it")
                .isFalse();
        hand.tap("KeyG", 0);
        hand.click(520, 20);
        assertThat(hand.stage.parts.grips.padOpen())
                .as("so does a click beside it")
                .isFalse();
        hand.rest();
        Vec3 held = hand.stage
                .parts
                .ground
                .model()
                .surfaceAt(hand.view(1), hand.pose(1), s.x() - 503, s.y(), true)
                .point();
        hand.move(s.x(), s.y(), 0);
        hand.tap("KeyG", 0);
        Map<String, Object> pan =
                PlainData.map(PlainData.list(hand.marks(1).get("grips")).get(2));
        double x = 503 + PlainData.number(pan.get("x"), 0);
        double y = PlainData.number(pan.get("y"), 0);
        hand.drag(x, y, 35, -20, 1, 0);
        Vec3 there = hand.stage.project("v2", held);
        assertThat(there.x() - s.x()).isCloseTo(35, within(0.5));
        assertThat(there.y() - s.y()).isCloseTo(-20, within(0.5));
        assertThat(hand.stage.parts.grips.padOpen()).isFalse();
        assertThat(hand.view(1).trail.length()).isEqualTo(2);
    }

    @Test
    void aLozengeIsDraggedOrPickedUpWithAClickAndPutDownWithAnother() {
        RoseMark rose = RoseMark.of(hand.view(1));
        double x = 503 + rose.x() + rose.half();
        double y = rose.y();
        hand.move(x, y, 0);
        assertThat(hand.hint("left-drag")).startsWith("dolly");
        Pose before = hand.pose(1);
        hand.drag(x, y, -40, 10, 1, 0);
        assertThat(hand.pose(1)).isNotEqualTo(before);
        hand.tap("Backspace", 0);
        hand.click(x, y);
        assertThat(hand.stage.parts.resolver.latched()).isTrue();
        hand.move(x - 40, y + 10, 0);
        Pose turned = hand.pose(1);
        assertThat(turned).isNotEqualTo(before);
        hand.click(x - 40, y + 10);
        assertThat(hand.stage.parts.resolver.moving()).isFalse();
        hand.move(x - 90, y + 40, 0);
        assertThat(hand.pose(1)).isEqualTo(turned);
        assertThat(hand.stage.parts.subject.selection().isEmpty())
                .as("the click that puts it down does nothing else")
                .isTrue();
        hand.click(x, y);
        hand.move(x - 60, y, 0);
        hand.tap("Escape", 0);
        assertThat(hand.pose(1)).isEqualTo(turned);
        hand.habit("shown.rose", false);
        hand.move(x, y, 0);
        assertThat(hand.hint("left-drag")).doesNotStartWith("dolly");
    }

    // ---- fingers and pen
    // ---------------------------------------------------------------------------------------------

    private void down(int id, double x, double y) {
        hand.stage.input().touchDown(id, x, y, hand.now += 10);
    }

    private void slide(int id, double x, double y) {
        hand.stage.input().touchMove(id, x, y, hand.now += 10);
    }

    private void lift(int id, double x, double y) {
        hand.stage.input().touchUp(id, x, y, false, hand.now += 10);
    }

    @Test
    void oneFingerOrbitsTwoPanPinchAndTwistAndThreeLook() {
        Vec3 s = hand.onScreen(1, 4);
        Pose before = hand.pose(1);
        down(1, s.x(), s.y());
        slide(1, s.x() + 40, s.y());
        lift(1, s.x() + 40, s.y());
        assertThat(hand.stage.parts.subject.pivot().used().rung().id()).isEqualTo("surface");
        assertThat(hand.pose(1).orientation().angleTo(before.orientation())).isGreaterThan(0.1);
        hand.tap("Backspace", 0);

        Vec3 held = hand.stage
                .parts
                .ground
                .model()
                .surfaceAt(hand.view(1), hand.pose(1), s.x() - 503, s.y(), true)
                .point();
        down(1, s.x() - 50, s.y());
        down(2, s.x() + 50, s.y());
        slide(1, s.x() - 70, s.y() - 60);
        slide(2, s.x() + 90, s.y() + 60);
        Vec3 there = hand.stage.project("v2", held);
        assertThat(Math.hypot(there.x() - s.x() - 10, there.y() - s.y()))
                .as("stays between the fingers")
                .isLessThan(0.5);
        assertThat(hand.pose(1).depth(held)).isCloseTo(before.depth(held) * 100 / Math.hypot(160, 120), within(1e-6));
        assertThat(Math.abs(Heading.of(hand.pose(1).orientation(), UpAxis.Y).roll()))
                .isCloseTo(Math.atan2(120, 160), within(0.02));
        Pose two = hand.pose(1);
        lift(2, s.x() + 90, s.y() + 60);
        slide(1, s.x() - 73, s.y() - 61);
        assertThat(hand.pose(1)).as("the last finger does nothing of itself").isEqualTo(two);
        lift(1, s.x() - 73, s.y() - 61);
        hand.rest();
        assertThat(hand.view(1).trail.length()).isEqualTo(2);

        Pose here = hand.pose(1);
        down(1, 600, 100);
        down(2, 650, 100);
        down(3, 700, 100);
        slide(1, 620, 110);
        slide(2, 670, 110);
        slide(3, 720, 110);
        assertThat(hand.pose(1).orientation()).isNotEqualTo(here.orientation());
        lift(1, 0, 0);
        lift(2, 0, 0);
        lift(3, 0, 0);
    }

    @Test
    void tappingSelectsAndTappingTwiceCentresWithTheSelectionAsItWas() {
        Vec3 s = hand.onScreen(1, 4);
        Pose before = hand.pose(1);
        hand.stage.parts.subject.selection().only(2);
        down(1, s.x(), s.y());
        lift(1, s.x(), s.y());
        assertThat(hand.stage.parts.subject.selection().nodes()).containsExactly(4);
        down(1, s.x(), s.y());
        lift(1, s.x(), s.y());
        assertThat(hand.stage.parts.subject.selection().nodes()).containsExactly(2);
        hand.rest();
        assertThat(hand.pose(1)).isNotEqualTo(before);
        assertThat(hand.pose(1).orientation()).isEqualTo(before.orientation());
    }

    @Test
    void aTouchThatTheBrowserTakesAwayLeavesTheViewSound() {
        down(1, 700, 150);
        slide(1, 760, 150);
        hand.stage.input().touchUp(1, 0, 0, true, hand.now += 10);
        Pose there = hand.pose(1);
        assertThat(hand.stage.parts.resolver.moving()).isFalse();
        down(1, 700, 150);
        slide(1, 703, 150);
        assertThat(hand.pose(1)).isEqualTo(there);
        lift(1, 703, 150);
    }

    @Test
    void thePenOrbitsOnTheGroundAndUsesTheToolOnWhatIsSelected() {
        Vec3 s = hand.onScreen(1, 4);
        Pose before = hand.pose(1);
        pen(s, 40);
        assertThat(hand.pose(1)).as("no tool: it orbits").isNotEqualTo(before);
        hand.tap("Backspace", 0);
        hand.click(s.x(), s.y());
        hand.tap("KeyM", 0);
        Vec3 at = new Vec3(s.x() + 5, s.y() + 3, 0);
        Vec3 place = hand.stage.scene().bounds(4).center();
        pen(at, 40);
        assertThat(hand.pose(1)).isEqualTo(before);
        assertThat(hand.stage.scene().bounds(4).center().distance(place)).isGreaterThan(0.1);
        Vec3 moved = hand.onScreen(1, 4);
        assertThat(moved.x() - s.x()).isCloseTo(40, within(3.0));
        hand.habit("pen.object", "orbit");
        // Beside the handle in the middle, which moves whatever the setting says.
        pen(new Vec3(moved.x() - 16, moved.y() + 14, 0), -40);
        assertThat(hand.pose(1)).isNotEqualTo(before);
    }

    /** W3C Pointer Events: a pen's barrel button is 2 in the mask of buttons, its eraser 32. */
    @Test
    void thePensBarrelPansAndItsOtherEndDollies() {
        for (int buttons : new int[] {32, 2}) {
            Pose before = hand.pose(1);
            hand.stage.input().pointer(700, 150, 0, 0, true, hand.now += 10);
            hand.stage.input().pointer(700, 150, buttons, 0, true, hand.now += 10);
            hand.stage.input().pointer(760, 170, buttons, 0, true, hand.now += 10);
            hand.stage.input().pointer(760, 170, 0, 0, true, hand.now += 10);
            Pose after = hand.pose(1);
            assertThat(after).isNotEqualTo(before);
            // Neither turns; to pan keeps the distance of what is looked at, to dolly does not.
            assertThat(after.forward().distance(before.forward())).isLessThan(1e-12);
            assertThat(after.focus() == before.focus()).isEqualTo(buttons == 2);
        }
    }

    /** W3C UI Events, WheelEvent: deltaMode 0 is pixels, 1 lines, 2 pages; positive is towards the user or downwards. */
    @Test
    void aNotchIsTheSameInPixelsLinesAndPages() {
        List<Pose> ends = new ArrayList<>();
        double[] deltas = {-100, -3, -1};
        for (int mode = 0; mode < 3; mode++) {
            Hand h = new Hand();
            Vec3 s = h.onScreen(1, 4);
            h.stage.input().wheel(s.x(), s.y(), 0, deltas[mode], mode, 0, h.now += 10);
            h.rest();
            ends.add(h.pose(1));
        }
        assertThat(ends.get(1)).isEqualTo(ends.get(0));
        assertThat(ends.get(2)).isEqualTo(ends.get(0));
        assertThat(ends.get(0).eye().distance(new Hand().pose(1).eye())).isGreaterThan(1);
    }

    private void pen(Vec3 at, double dx) {
        hand.stage.input().pointer(at.x(), at.y(), 0, 0, true, hand.now += 10);
        hand.stage.input().pointer(at.x(), at.y(), 1, 0, true, hand.now += 10);
        for (int i = 1; i <= 8; i++) {
            hand.stage.input().pointer(at.x() + dx * i / 8, at.y(), 1, 0, true, hand.now += 10);
        }
        hand.stage.input().pointer(at.x() + dx, at.y(), 0, 0, true, hand.now += 10);
        hand.rest();
    }

    // ---- hints and habits
    // --------------------------------------------------------------------------------------------

    @Test
    void hintsSayWhatReallyHappensHereAndNow() {
        hand.move(700, 150, 0);
        assertThat(hand.hint("right-drag")).isEqualTo("orbit");
        assertThat(hand.hint("middle-drag")).isEqualTo("pan: camera slides: track, pedestal");
        assertThat(hand.hint("wheel")).isEqualTo("dolly: camera moves");
        assertThat(hand.hint("hold L")).isEqualTo("zoom: lens only");
        assertThat(hand.hint("hold E")).isEqualTo("look: camera turns: pan, tilt");
        hand.stage.input().keyDown("ShiftLeft", Modifiers.SHIFT, false, hand.now += 10);
        assertThat(hand.hint("right-drag")).isEqualTo("orbit, snapping");
        assertThat(hand.hint("Shift+wheel")).startsWith("dolly everywhere");
        hand.stage.input().keyUp("ShiftLeft", 0, hand.now += 10);
        hand.stage.input().keyDown("AltLeft", Modifiers.ALT, false, hand.now += 10);
        assertThat(hand.hint("wheel")).startsWith("dolly, fine");
        hand.stage.input().keyUp("AltLeft", 0, hand.now += 10);
        hand.move(100, 600, 0);
        assertThat(hand.hint("wheel")).as("a flat view scales").isEqualTo("scale");
        assertThat(hand.hint("right-drag")).isEqualTo("orbit: releases the axis view");
        assertThat(hand.hint("hold E")).contains("needs a perspective");
        hand.stage.command("camera.look-through", Map.of(), "v2", 0);
        hand.move(700, 150, 0);
        assertThat(hand.hint("middle-drag")).isEqualTo("pan: leaves the camera where it is");
        assertThat(hand.hint("hold .")).isEqualTo("crop: picture only");
        hand.move(700, 150, 4);
        hand.move(720, 150, 4);
        assertThat(hand.hint("now")).startsWith("pan");
        assertThat(hand.hint("Esc")).isEqualTo("cancel the drag");
        hand.move(720, 150, 0);
        hand.tap("KeyW", 0);
        assertThat(hand.hint("W A S D Q E")).isEqualTo("go");
        assertThat(hand.hint("Esc")).isEqualTo("leave and stay");
    }

    @Test
    void habitsAreKeptAsWhatDiffersAndRefuseWhatTheyCannotBe() {
        hand.habit("directions.step", 30.0);
        hand.habit("orbit.style", "trackball");
        hand.habit("orbit.style", "upside down");
        hand.habit("directions.step", 4000);
        hand.habit("no.such", true);
        assertThat(hand.notices())
                .hasSize(3)
                .anyMatch(n -> n.contains("“Orbit as” can be one of turntable, trackball"));
        Habits back = Habits.of(hand.stage.habits().toPlain());
        assertThat(back.number(AllHabits.STEP)).isEqualTo(30);
        assertThat(back.is(AllHabits.ORBIT_STYLE, "trackball")).isTrue();
        assertThat(back.toPlain()).isEqualTo(hand.stage.habits().toPlain());
        hand.habit("orbit.style", null);
        assertThat(hand.stage.habits().changed(AllHabits.ORBIT_STYLE)).isFalse();
        assertThat(Habits.of(Map.of("format", "rhombus-habits", "values", Map.of("wheel.speed", -4, "x", 1)))
                        .toPlain())
                .isEqualTo(Habits.USUAL.toPlain());
        // The pivot ladder has a place of its own in the Readout.
        assertThat(new Seen(hand.stage).habits()).hasSize((int)
                AllHabits.all().values().stream().filter(h -> !h.ordered()).count());
    }

    // ---- looks ------------------------------------------------------------------------------------------------------

    @Test
    void aLookIsGivenToTheWholeBoardAndSwappedBackOneByOne() {
        List<Look> before = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            before.add(hand.view(i).look);
        }
        hand.run("display.set", "v2", "look", "unlit");
        hand.run("display.everywhere", "v2");
        for (int i = 0; i < 4; i++) {
            assertThat(hand.view(i).look).isEqualTo(StandardLooks.UNLIT);
            hand.run("display.swap", "v" + (i + 1));
            assertThat(hand.view(i).look).isEqualTo(before.get(i));
        }
    }

    @Test
    void everyDigitHoldsALookOfItsOwn() {
        Set<String> seen = new HashSet<>();
        for (int digit = 1; digit <= 9; digit++) {
            hand.move(700, 150, 0);
            hand.tap("Digit" + digit, 0);
            assertThat(hand.view(1).look.digit()).isEqualTo(digit);
            seen.add(hand.view(1).look.id());
        }
        assertThat(seen).hasSize(9);
    }

    @Test
    void lightsAreChosenForAViewportAndThatThereAreNoneIsSaid() {
        String none = "No light of this scene is shown: a light at the eye stands in for them.";
        hand.notices();
        hand.move(700, 150, 0);
        hand.tap("Digit9", 0);
        assertThat(hand.notices()).containsExactly(none);
        assertThat(hand.view(1).light()).isEqualTo(Look.Light.SHADOWS);
        hand.run("display.light", "v2", "light", "studio");
        assertThat(hand.notices()).isEmpty();
        assertThat(hand.view(1).light()).isEqualTo(Look.Light.STUDIO);
        for (int i = 0; i < 3; i++) {
            hand.run("display.exposure", "v2", "to", "brighter");
        }
        assertThat(hand.view(1).stops).isCloseTo(1, within(1e-12));
        Map<String, Object> kept = StoredView.look(hand.view(1));
        hand.run("display.exposure", "v2", "to", "usual");
        hand.run("display.light", "v2", "light", "scene");
        assertThat(hand.notices()).containsExactly(none);
        ViewportRestoring.look(hand.stage.parts.ground, hand.view(1), kept);
        assertThat(hand.view(1).light()).isEqualTo(Look.Light.STUDIO);
        assertThat(hand.view(1).stops).isCloseTo(1, within(1e-12));
    }

    /** What a viewport does not show is not taken in it, by no click, no frame and no key; other viewports are as they were. */
    @Test
    void whatAViewportLeavesOutIsNotTakenInIt() {
        Vec3 box = Mat4.origin(hand.stage.scene().world(2));
        Vec3 at = hand.view(1).screen().project(box);
        double x = hand.view(1).x + at.x();
        double y = hand.view(1).y + at.y();
        assertThat(hand.stage.viewport().pick("v2", x, y)).isNotNull();
        hand.run("display.overlay", "v2", "overlay", "meshes");
        assertThat(hand.stage.viewport().pick("v2", x, y)).isNull();
        assertThat(hand.stage.paint().plan(1, "").surfaces()).isFalse();
        assertThat(hand.stage.paint().plan(1, "").lines()).isFalse();
        hand.drag(hand.view(1).x + 3, hand.view(1).y + 3, hand.view(1).width - 6, hand.view(1).height - 60, 1, 0);
        Set<NodeKind> taken = new HashSet<>();
        hand.stage
                .contents()
                .selection()
                .forEach(id -> taken.add(
                        hand.stage.scene().node(hand.stage.scene().indexOf(id)).kind()));
        assertThat(taken).isEqualTo(Set.of(NodeKind.CAMERA));
        hand.run("display.overlay", "v2", "overlay", "cameras");
        hand.run("select.none", null);
        hand.drag(hand.view(1).x + 3, hand.view(1).y + 3, hand.view(1).width - 6, hand.view(1).height - 60, 1, 0);
        assertThat(hand.stage.contents().selection()).isEmpty();
        assertThat(OrientationAids.empty(hand.stage.parts.ground, hand.stage.parts.subject, hand.view(1)))
                .isTrue();
        assertThat(OrientationAids.empty(hand.stage.parts.ground, hand.stage.parts.subject, hand.view(0)))
                .isFalse();
    }
}
