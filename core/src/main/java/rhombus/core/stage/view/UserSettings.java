package rhombus.core.stage.view;

import java.util.function.Consumer;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;

/** What the user and the system prefer. */
public final class UserSettings {
    private final ChangeLog changes;
    private Habits habits = Habits.USUAL;
    private boolean reducedMotion;
    private Consumer<Habits> follower = h -> {};

    UserSettings(ChangeLog changes) {
        this.changes = changes;
    }

    /** The user's preferences. */
    public Habits habits() {
        return habits;
    }

    /** Uses other preferences from now on. */
    public void use(Habits h) {
        habits = h;
        follower.accept(h);
        changes.add(ChangeTopic.HABITS);
        changes.views();
    }

    /** Changes one setting; null puts it back. A value it cannot have is refused with a notice. */
    public void set(String id, Object value) {
        try {
            use(habits.with(id, value));
        } catch (IllegalArgumentException e) {
            changes.notice(e.getMessage() + ".", null, null);
        }
    }

    /** Who is told of other preferences. */
    public void follow(Consumer<Habits> who) {
        follower = who;
    }

    /** Whether views jump instead of gliding, as the system asks for. */
    public void reduceMotion(boolean reduce) {
        reducedMotion = reduce;
    }

    /** Whether the system asks for that. */
    public boolean reducedMotion() {
        return reducedMotion;
    }

    /** How long views glide, milliseconds; 0 where the system asks for reduced motion. */
    public double glideMs() {
        return reducedMotion ? 0 : habits.number(AllHabits.GLIDE);
    }
}
