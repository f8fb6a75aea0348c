package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.stage.view.Labelled;

/** All settings as the Habits page lists them. */
final class HabitsList {
    private HabitsList() {}

    static List<HabitRow> of(Habits habits) {
        List<HabitRow> out = new ArrayList<>();
        for (Habit h : AllHabits.all().values()) {
            // The ladder has a place of its own, where its sentence stands.
            if (!h.ordered()) {
                out.add(new HabitRow(
                        h.id(),
                        h.group(),
                        h.words(),
                        h.sentence(),
                        habits.value(h),
                        habits.changed(h),
                        choices(h),
                        h.least(),
                        h.most(),
                        h.step(),
                        h.unit()));
            }
        }
        return out;
    }

    private static List<Labelled> choices(Habit h) {
        List<Labelled> out = new ArrayList<>();
        for (int i = 0; i < h.choices().size(); i++) {
            out.add(new Labelled(h.choices().get(i), h.labels().get(i)));
        }
        return out;
    }
}
