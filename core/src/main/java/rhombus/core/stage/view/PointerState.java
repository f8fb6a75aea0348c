package rhombus.core.stage.view;

import java.util.function.BooleanSupplier;
import java.util.function.IntSupplier;

/** Where the hand is and what time it is; whoever takes input writes it, every room reads it. */
public final class PointerState {
    private PointingDevice device = PointingDevice.MOUSE;
    private double x = Double.NaN;
    private double y = Double.NaN;
    private double now;
    private boolean locked;
    private boolean typing;
    private BooleanSupplier moving = () -> false;
    private IntSupplier modifiers = () -> 0;

    /** Where the pointer is on the stage, pixels from its left; NaN where it is elsewhere. */
    public double x() {
        return x;
    }

    /** Pixels from the stage's top; NaN where the pointer is elsewhere. */
    public double y() {
        return y;
    }

    /** The pointer is at a point of the stage. */
    public void at(double px, double py) {
        x = px;
        y = py;
    }

    /** The pointer has left the stage. */
    public void away() {
        x = Double.NaN;
        y = Double.NaN;
    }

    /** What the hand pointed with last. */
    public PointingDevice device() {
        return device;
    }

    /** The hand points with this from now on. */
    public void by(PointingDevice which) {
        device = which;
    }

    /** Milliseconds of the clock that comes with the input. */
    public double now() {
        return now;
    }

    /** Time has gone by. */
    public void now(double timeMs) {
        now = timeMs;
    }

    /** Whether the browser holds the pointer, so that it moves without end. */
    public boolean locked() {
        return locked;
    }

    /** The browser holds the pointer from now on, or lets it go. */
    public void locked(boolean on) {
        locked = on;
    }

    /** Whether a text field of the page has the keyboard, so that keys do nothing in the viewports. */
    public boolean typing() {
        return typing;
    }

    /** A text field has the keyboard from now on, or none. */
    public void typing(boolean on) {
        typing = on;
    }

    /** Whether a motion follows the hand right now. */
    public boolean moving() {
        return moving.getAsBoolean();
    }

    /** Bits of {@link rhombus.core.keymap.Modifiers} that are down. */
    public int modifiers() {
        return modifiers.getAsInt();
    }

    /** Who knows what the hand does. */
    public void follow(BooleanSupplier isMoving, IntSupplier heldModifiers) {
        moving = isMoving;
        modifiers = heldModifiers;
    }
}
