package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.stage.coach.FirstStep;
import rhombus.core.stage.commands.AllCommands;

/** A new hand is asked for three small steps, each over when it has done it. */
class FirstStepsTest {
    private static final int RIGHT = 2;
    private final Hand h = fresh();

    /** A hand that has just made an account. */
    private static Hand fresh() {
        Hand hand = new Hand();
        hand.stage.habit("shown.first-steps", "orbit");
        return hand;
    }

    private FirstStep asked(Hand of) {
        List<FirstStep> l = of.stage.firstSteps(Map.of());
        assertThat(l).hasSizeLessThanOrEqualTo(1);
        return l.isEmpty() ? null : l.get(0);
    }

    private int number() {
        FirstStep s = asked(h);
        return s == null ? 0 : s.number();
    }

    @Test
    void eachStepIsOverWhenTheHandHasDoneIt() {
        h.move(700, 200, 0);
        assertThat(asked(h))
                .isEqualTo(new FirstStep(1, 3, "Turn the view about what is under the pointer", asked(h).trigger()));
        assertThat(asked(h).trigger()).isEqualTo("right-drag or hold D");
        // What is done before its turn does not count, and a motion counts once it is over.
        h.stage.input().wheel(700, 200, 0, -100, 0, 0, h.now += 10);
        assertThat(number()).isEqualTo(1);
        h.move(700, 200, RIGHT);
        h.move(730, 200, RIGHT);
        assertThat(number()).isEqualTo(1);
        h.move(730, 200, 0);
        assertThat(number()).isEqualTo(2);
        assertThat(asked(h).trigger()).contains("wheel");
        h.stage.input().wheel(700, 200, 0, -100, 0, 0, h.now += 1000);
        assertThat(number()).isEqualTo(3);
        h.tap("KeyF", 0);
        assertThat(number()).as("nothing was selected, so nothing was framed").isEqualTo(3);
        h.run("select.set", null, "objects", List.of("n4"));
        h.tap("KeyF", 0);
        assertThat(asked(h)).isNull();
        assertThat(h.stage.habits().value(AllHabits.FIRST_STEPS)).isEqualTo("over");
    }

    @Test
    void anOrbitByTheRoseAFingerAStickOrThePadCountsToo() {
        Hand stick = fresh();
        stick.move(700, 200, 0);
        stick.stage.devices().gamepad(0, "Pad", "standard", new double[] {0, 0, 1, 0}, new double[17], stick.now += 10);
        stick.stage.tick(stick.now += 50);
        assertThat(asked(stick).number()).isEqualTo(2);
        Hand finger = fresh();
        finger.stage.input().touchDown(1, 700, 200, finger.now += 10);
        finger.stage.input().touchMove(1, 760, 200, finger.now += 10);
        finger.stage.input().touchUp(1, 760, 200, false, finger.now += 10);
        assertThat(asked(finger).number()).isEqualTo(2);
        Hand pad = fresh();
        pad.move(700, 200, 0);
        pad.down("KeyG");
        var grip = pad.stage.parts.grips.marks(pad.view(1)).stream()
                .filter(g -> g.motion().contains("orbit"))
                .findFirst()
                .orElseThrow();
        double x = pad.view(1).x + grip.x();
        double y = pad.view(1).y + grip.y();
        pad.move(x, y, 0);
        pad.move(x, y, 1);
        pad.move(x + 50, y, 1);
        pad.move(x + 50, y, 0);
        pad.up("KeyG");
        assertThat(asked(pad).number()).isEqualTo(2);
    }

    @Test
    void aDragThatIsTakenBackDoesNotCount() {
        h.move(700, 200, RIGHT);
        h.move(760, 200, RIGHT);
        h.tap("Escape", 0);
        h.move(760, 200, 0);
        assertThat(number()).isEqualTo(1);
    }

    @Test
    void stepsAreSkippedLeftAndHadAgain() {
        h.run("app.skip-step", null);
        assertThat(number()).isEqualTo(2);
        h.run("app.end-steps", null);
        assertThat(number()).isZero();
        h.run("app.skip-step", null);
        assertThat(number()).as("nothing is asked again by skipping").isZero();
        h.run("app.steps-again", null);
        assertThat(number()).isEqualTo(1);
    }

    @Test
    void whereTheyStandIsKeptAndTheKeymapInUseIsTold() {
        h.stage.use(AllCommands.CATALOGUE.preset(KeymapPresets.MODIFIER_DRAG));
        h.move(700, 200, 0);
        assertThat(asked(h).trigger()).contains("Alt");
        h.stage.changes().takeApplication();
        h.run("app.skip-step", null);
        assertThat(h.stage.changes().takeApplication())
                .anyMatch(a -> a.command().equals("habits.keep"));
    }

    /** Whatever a hand does in whatever order, it is never asked for what is behind it, and a trigger is always told. */
    @Property(tries = 60)
    void nothingIsAskedTwice(@ForAll long seed) {
        Random r = new Random(seed);
        Hand hand = fresh();
        int before = 1;
        for (int i = 0; i < 12; i++) {
            hand.move(r.nextInt(1000), r.nextInt(800), 0);
            switch (r.nextInt(5)) {
                case 0 -> hand.drag(700, 200, 50, 20, RIGHT, 0);
                case 1 -> hand.tap("KeyF", r.nextInt(2));
                case 2 -> hand.stage.input().wheel(700, 200, 0, -100, 0, 0, hand.now += 500);
                case 3 -> hand.tap("ArrowLeft", 0);
                default -> hand.run("app.skip-step", null);
            }
            FirstStep s = asked(hand);
            int now = s == null ? 4 : s.number();
            assertThat(now).isBetween(before, before + 1);
            assertThat(s == null || !s.trigger().isEmpty()).isTrue();
            before = now;
        }
    }
}
