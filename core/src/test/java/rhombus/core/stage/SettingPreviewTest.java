package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.show.help.HabitRow;
import rhombus.core.stage.show.help.HabitsList;
import rhombus.core.stage.show.help.PreviewFrame;

/** The preview of a setting shows what it changes; keymaps and settings travel in one file. */
class SettingPreviewTest {
    /** The box, however it is drawn. */
    private static final List<String> BOX = List.of("box", "picked", "hovered");
    /** Settings whose preview would look the same, or whose difference is in the page. */
    private static final List<Habit> ALIKE = List.of(AllHabits.POLES, AllHabits.AXIS_FLAT, AllHabits.AXIS_COLOURS);
    /** Settings that no motion shows: the ladder has a place of its own. */
    private static final List<Habit> UNSHOWN = List.of(
            AllHabits.EASING,
            AllHabits.ENDLESS,
            AllHabits.REPORT,
            AllHabits.UNIT,
            AllHabits.LADDER,
            AllHabits.THEME,
            AllHabits.FIRST_STEPS,
            AllHabits.TIPS,
            AllHabits.TIPS_OVER,
            AllHabits.HOVER_HELP);

    private static Stream<Habit> shown() {
        return AllHabits.all().values().stream().filter(SettingPreview::shows);
    }

    /** What is seen over two rounds with one value of a setting. */
    private static List<List<PreviewFrame.PreviewLine>> seen(Habit h, Object value) {
        SettingPreview p = new SettingPreview();
        p.show(h, Habits.USUAL.with(h.id(), value), 0);
        List<List<PreviewFrame.PreviewLine>> out = new ArrayList<>();
        for (int t = 16; t < 7200; t += 16) {
            PreviewFrame f = p.frame(t);
            out.add(f.lines());
            assertThat(f.does()).isNotBlank();
        }
        return out;
    }

    private static Object other(Habit h) {
        if (h.usual() instanceof Boolean b) {
            return !b;
        }
        return h.usual() instanceof String ? h.choices().get(1) : (Object) (h.most() * 0.8);
    }

    @ParameterizedTest
    @MethodSource("shown")
    void itMovesAndAnotherValueLooksDifferent(Habit h) {
        List<List<PreviewFrame.PreviewLine>> usual = seen(h, null);
        List<List<PreviewFrame.PreviewLine>> changed = seen(h, other(h));
        List<List<PreviewFrame.PreviewLine>> all = new ArrayList<>(usual);
        all.addAll(changed);
        assertThat(all.stream().distinct().count()).as("something happens").isGreaterThan(1);
        assertThat(all)
                .allMatch(l -> l.stream().filter(s -> BOX.contains(s.sort())).count() == 12);
        if (!ALIKE.contains(h)) {
            assertThat(changed.equals(usual)).as(h.id() + " makes a difference").isFalse();
        }
    }

    @Test
    void allButAFewAreShown() {
        assertThat(AllHabits.all().values().stream()
                        .filter(h -> !SettingPreview.shows(h))
                        .toList())
                .containsExactlyInAnyOrderElementsOf(UNSHOWN);
    }

    @Test
    void itStaysInItsFrameAndComesRound() {
        SettingPreview p = new SettingPreview();
        p.show(AllHabits.ORBIT_SPEED, Habits.USUAL, 0);
        List<PreviewFrame.PreviewLine> start = p.frame(0).lines();
        for (int t = 0; t < 3600; t += 16) {
            PreviewFrame f = p.frame(t);
            assertThat(f.handX()).isBetween(0.0, f.width());
            assertThat(f.handY()).isBetween(0.0, f.height());
            f.lines().stream().filter(s -> s.sort().equals("box")).forEach(s -> {
                // A corner may touch the frame, no more.
                assertThat(s.x1()).isBetween(-4.0, f.width() + 4);
                assertThat(s.y1()).isBetween(-4.0, f.height() + 4);
            });
        }
        List<PreviewFrame.PreviewLine> round = p.frame(3600).lines();
        for (int i = 0; i < start.size(); i++) {
            assertThat(Math.abs(round.get(i).x1() - start.get(i).x1())).isLessThan(1e-6);
        }
    }

    @Test
    void settingsAreFoundByWords() {
        Hand hand = new Hand();
        assertThat(HabitsList.of(hand.stage.habits(), "", SettingPreview::shows))
                .hasSize((int) AllHabits.all().values().stream()
                        .filter(h -> !h.ordered())
                        .count());
        assertThat(HabitsList.of(hand.stage.habits(), "turntable", SettingPreview::shows))
                .extracting(HabitRow::id)
                .contains("orbit.style");
        assertThat(HabitsList.of(hand.stage.habits(), "whel speed", SettingPreview::shows))
                .extracting(HabitRow::id)
                .contains("wheel.speed");
        assertThat(HabitsList.of(hand.stage.habits(), "zebra crossing", SettingPreview::shows))
                .isEmpty();
    }

    @Test
    void keymapsAndSettingsTravelInOneFile() {
        Hand from = new Hand();
        from.stage.keymaps().copy("Bench");
        from.stage.bindings().take("home", 0);
        from.stage.use(from.stage.keymaps().all().with(from.stage.keymap().with("home", Trigger.key("F7"), 0)));
        from.habit("orbit.speed", 2.0);
        Map<String, Object> file = from.stage.settingsFile().toPlain();
        Hand to = new Hand();
        to.stage.keymaps().copy("Mine");
        to.habit("wheel.invert", true);
        assertThat(to.stage.settingsFile().use(file)).isEmpty();
        assertThat(to.stage.keymap().name()).isEqualTo("Bench");
        assertThat(to.stage.keymap().binding("home").trigger()).isEqualTo(Trigger.key("F7"));
        assertThat(to.stage.keymaps().all().others()).extracting(k -> k.name()).containsExactly("Mine");
        assertThat(to.stage.habits().toPlain()).isEqualTo(from.stage.habits().toPlain());
        assertThat(to.stage.keymaps().undo()).isTrue();
        assertThat(to.stage.keymap().name()).isEqualTo("Mine");
    }

    @Test
    void whatAFileHasWrongIsToldWithItsPlaceAndNothingIsChangedWhereItCannotBeUsed() {
        Hand hand = new Hand();
        hand.stage.keymaps().copy("Mine");
        Map<String, Object> good = hand.stage.settingsFile().toPlain();
        for (Map<String, Object> wrong : List.<Map<String, Object>>of(
                Map.of(),
                Map.of("format", "rhombus-hand", "version", 2),
                Map.of("format", "rhombus-hand", "version", 1, "keymaps", Map.of("format", "poem")))) {
            assertThatThrownBy(() -> hand.stage.settingsFile().use(wrong)).isInstanceOf(IllegalArgumentException.class);
            assertThat(hand.stage.settingsFile().toPlain()).isEqualTo(good);
        }
        Map<String, Object> odd = new HashMap<>(good);
        odd.put(
                "habits",
                Map.of(
                        "format",
                        "rhombus-habits",
                        "version",
                        1,
                        "values",
                        Map.of("orbit.speed", 99.0, "no.such", 1, "wheel.invert", true)));
        assertThat(hand.stage.settingsFile().use(odd))
                .hasSize(2)
                .anyMatch(p -> p.startsWith("habits.values.orbit.speed: it can be"))
                .anyMatch(p -> p.startsWith("habits.values.no.such"));
        assertThat(hand.stage.habits().on(AllHabits.WHEEL_INVERT)).isTrue();
    }
}
