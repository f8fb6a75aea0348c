package rhombus.core.keymap;

import java.util.List;

/** What the resolver asks of, and tells, the stage. Points are CSS pixels on the stage. */
public interface Actions {
    /** Contexts that hold at a point, most specific first. */
    List<Context> contextsAt(double x, double y);

    /** Does an action at once. */
    void run(Binding b, double x, double y);

    /** Starts a motion at a point; whatever moved before stays as it is. */
    void begin(Binding b, double x, double y, boolean fine, boolean snap);

    /** The pointer has moved on since {@link #begin}. */
    void drag(double x, double y);

    /** The last motion of this press is over: one entry for the Trail. */
    void release();

    /** Goes back to what was before the press. */
    void cancel();

    /** Wheel steps at a point; fractions allowed, positive away from the user. */
    void steps(Binding b, double x, double y, double steps, boolean fine);
}
