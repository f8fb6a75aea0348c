package rhombus.core.stage.show.help;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.WordSearch;
import rhombus.core.navigate.NumberText;
import rhombus.core.stage.view.NamedOption;

/** All settings as the Habits page lists them. */
public final class HabitsList {
    private HabitsList() {}

    /**
     * The rows that are meant by words, or all.
     *
     * @param shown tells whether there is a preview of a setting
     */
    public static List<HabitRow> of(Habits habits, String search, Predicate<Habit> shown) {
        List<HabitRow> out = new ArrayList<>();
        WordSearch asked = new WordSearch(search);
        for (Habit h : AllHabits.all().values()) {
            String told = h.group() + " " + h.words() + " " + h.sentence() + " " + String.join(" ", h.labels());
            boolean meant = asked.empty() || asked.score(told) > 0;
            // The ladder has a place of its own, where its sentence stands.
            if (!h.ordered() && meant) {
                out.add(new HabitRow(
                        h.id(),
                        h.group(),
                        h.words(),
                        h.sentence(),
                        habits.value(h),
                        text(habits.value(h)),
                        habits.changed(h),
                        choices(h),
                        h.least(),
                        h.most(),
                        h.step(),
                        h.unit(),
                        shown.test(h)));
            }
        }
        return out;
    }

    private static String text(Object value) {
        return value instanceof Double d ? NumberText.trimmed(NumberText.fixed(d, 4)) : "";
    }

    private static List<NamedOption> choices(Habit h) {
        List<NamedOption> out = new ArrayList<>();
        for (int i = 0; i < h.choices().size(); i++) {
            out.add(new NamedOption(h.choices().get(i), h.labels().get(i)));
        }
        return out;
    }
}
