package rhombus.core.stage.view;

import java.util.function.Supplier;
import rhombus.core.habits.AllHabits;

/** Which viewport is active, and in which one something was done last. */
public final class ActiveViewport {
    private final ChangeLog changes;
    private final UserSettings settings;
    private final Supplier<ActiveBoard> board;
    private Viewport worked;

    ActiveViewport(ChangeLog changes, UserSettings settings, Supplier<ActiveBoard> board) {
        this.changes = changes;
        this.settings = settings;
        this.board = board;
    }

    /** Makes a viewport the active one; null changes nothing. */
    public void activate(Viewport v) {
        if (v != null && v.number != board.get().active) {
            board.get().active = v.number;
            changes.add(ChangeTopic.CAPTION, ChangeTopic.READOUT);
        }
    }

    /** Somebody does something in a viewport other than passing over it; null for nobody. */
    public void worked(Viewport v) {
        worked = v;
    }

    /** Whether a click in a viewport would only make it the one that is worked in. */
    public boolean wouldOnlyActivate(Viewport v) {
        return worked != v && settings.habits().is(AllHabits.FIRST_CLICK, "activates");
    }

    /** The same as it happens: from the next click on, the viewport is worked in. */
    public boolean onlyActivates(Viewport v) {
        boolean first = wouldOnlyActivate(v);
        if (first) {
            worked = v;
            activate(v);
        }
        return first;
    }
}
