package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.stage.show.help.HabitRow;
import rhombus.core.stage.show.help.HabitsList;
import rhombus.core.words.Messages;

/** Settings that are numbers, as somebody types and steps them. */
class TypedHabitsTest {
    private final Hand hand = new Hand();

    static Stream<Habit> numbers() {
        return AllHabits.all().values().stream().filter(h -> h.usual() instanceof Double);
    }

    private double value(Habit h) {
        return hand.stage.habits().number(h);
    }

    private String text(Habit h) {
        return HabitsList.of(hand.stage.habits(), "", o -> false).stream()
                .filter(r -> r.id().equals(h.id()))
                .map(HabitRow::text)
                .findFirst()
                .orElseThrow();
    }

    private void step(Habit h, int steps, boolean shift) {
        hand.stage.habit(h.id(), Map.of("steps", steps, "shift", shift, "alt", false));
    }

    @ParameterizedTest
    @MethodSource("numbers")
    void whatIsWrittenCanBeTypedAndMeansTheSame(Habit h) {
        for (double v : List.of(h.least(), (double) h.usual(), h.most())) {
            hand.stage.habit(h.id(), v);
            String written = text(h);
            hand.stage.habit(h.id(), null);
            hand.stage.habit(h.id(), written);
            assertThat(value(h)).as(written).isCloseTo(v, within(1e-4));
        }
    }

    @ParameterizedTest
    @MethodSource("numbers")
    void stepsUpAndDownComeBackAndNoneLeavesTheRange(Habit h) {
        double usual = value(h);
        boolean room = usual + h.step() <= h.most();
        step(h, 1, false);
        assertThat(value(h)).isCloseTo(Math.min(h.most(), usual + h.step()), within(1e-9));
        step(h, -1, false);
        if (room) {
            assertThat(value(h)).isEqualTo(usual);
        }
        for (int i = 0; i < 400; i++) {
            step(h, 1, true);
        }
        assertThat(value(h)).isLessThanOrEqualTo(h.most());
        hand.stage.habit(h.id(), "-99999999");
        assertThat(value(h)).isEqualTo(h.least());
        hand.stage.habit(h.id(), "99999999");
        assertThat(value(h)).isEqualTo(h.most());
    }

    @Test
    void whatCannotBeReadLeavesTheNumberAndIsTold() {
        hand.stage.habit("orbit.speed", "1.5");
        hand.stage.changes().takeNotices();
        hand.stage.habit("orbit.speed", "quick");
        assertThat(value(AllHabits.ORBIT_SPEED)).isEqualTo(1.5);
        assertThat(hand.stage.changes().takeNotices().get(0).text()).contains("quick");
    }

    @Test
    void aCommaIsReadWhereTheLanguageWritesOne() {
        Messages.use("number.decimal-sign=,");
        hand.stage.habit("orbit.speed", "1,5");
        assertThat(value(AllHabits.ORBIT_SPEED)).isEqualTo(1.5);
        assertThat(text(AllHabits.ORBIT_SPEED)).isEqualTo("1,5");
    }

    @AfterEach
    void english() {
        Messages.speakEnglish();
    }
}
