package rhombus.core.keymap;

import java.util.List;

/** What the resolver asks of, and tells, the stage. Points are CSS pixels on the stage. */
public interface ResolverActions {
    /** Contexts that hold at a point, most specific first. */
    List<BindingContext> contextsAt(double x, double y);

    /** Contexts that hold while a motion runs, most specific first. */
    List<BindingContext> whileMoving();

    /** Does an action at once. */
    void run(Binding b, double x, double y);

    /** A key that lasts went down or up; {@code tap} where it was up again within {@link InputResolver#TAP_MS}. */
    void held(Binding b, boolean down, boolean tap, double x, double y);

    /** Starts a motion at a point; whatever moved before stays as it is. */
    void begin(Binding b, double x, double y, boolean fine, boolean snap);

    /** The pointer has moved on since {@link #begin}. */
    void drag(double x, double y);

    /**
     * Two fingers came down on the glass: both moving pans, and what else they do goes along.
     *
     * @param b what both moving does
     * @param x middle between them
     * @param y middle between them
     * @param pinch whether spreading them dollies
     * @param twist whether turning them rolls
     */
    void beginFingers(Binding b, double x, double y, boolean pinch, boolean twist);

    /** The two fingers have moved: their middle, their distance as a multiple of the first, radians clockwise since the first. */
    void dragFingers(double x, double y, double spread, double angle);

    /** The last motion of this press is over: one entry for the Trail. */
    void release();

    /** Goes back to what was before the press. */
    void cancel();

    /**
     * Axes of gamepads and 3D mice are so far out of their middle since {@link #begin} for one of them.
     *
     * @param some all that do something, none twice
     */
    void steer(List<Steer> some);

    /**
     * An axis out of its middle.
     *
     * @param binding what it does
     * @param amount how far, -1 to 1, not 0
     * @param fine whether the fine modifier is down
     */
    record Steer(Binding binding, double amount, boolean fine) {}

    /** Wheel steps at a point; fractions allowed, positive away from the user. */
    void steps(Binding b, double x, double y, double steps, boolean fine);
}
