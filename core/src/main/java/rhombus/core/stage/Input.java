package rhombus.core.stage;

import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Fingers;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Resolver;
import rhombus.core.navigate.Dolly;
import rhombus.core.navigate.Look;
import rhombus.core.view.Projection;

/** Raw events on their way to the resolver: where the hand is, which viewport it makes active, and units made our own. */
final class Input {
    /** A pointer that moves farther than this at once has been put there, and turns nothing, pixels. */
    private static final double JUMP = 600;

    private final Stage stage;
    private final Resolver resolver;
    private final Fingers fingers;
    private boolean locked;
    /** The viewport in which fingers came down. */
    private ViewState touched;
    private double pointerX = Double.NaN;
    private double pointerY = Double.NaN;
    /** Where the hand is, on and on while the pointer is held by the browser. */
    private double handX;
    private double handY;

    Input(Stage stage, Resolver resolver) {
        this.stage = stage;
        this.resolver = resolver;
        this.fingers = new Fingers(resolver);
    }

    /** Where the pointer is on the stage; NaN where it is elsewhere. */
    double pointerX() {
        return pointerX;
    }

    double pointerY() {
        return pointerY;
    }

    /** See {@link Stage#pointer}. */
    void pointer(double x, double y, int buttons, int mods, boolean pen, double timeMs) {
        stage.tick(timeMs);
        if (stage.capture() != null) {
            stage.capture().pointer(x, y, buttons, mods, timeMs);
            return;
        }
        double dx = x - handX;
        double dy = y - handY;
        handX = x;
        handY = y;
        boolean turning = locked && stage.walking().on();
        if (!locked) {
            pointerX = x;
            pointerY = y;
        }
        if (!resolver.moving() && buttons == 0 && !stage.walking().on()) {
            stage.activate(stage.board().at(x, y));
        }
        resolver.pointer(x, y, buttons, mods, pen, timeMs);
        if (turning && !resolver.moving()) {
            turnWalker(dx, dy);
        }
        stage.changes().add(Changes.READOUT);
    }

    /** While walking with the pointer held, moving it turns the head. */
    private void turnWalker(double dx, double dy) {
        ViewState v = stage.walking().view();
        if (v != null && v.pose.projection() instanceof Projection.Perspective lens && Math.hypot(dx, dy) < JUMP) {
            double k = lens.fovY() / v.height * stage.habits().number(AllHabits.LOOK_SPEED);
            double ky = stage.habits().on(AllHabits.LOOK_INVERT_Y) ? -k : k;
            stage.pose(v, Look.turn(v.pose, stage.scene().up(), -dx * k, -dy * ky));
        }
    }

    /** Whether the browser holds the pointer: it moves without end, and its points go on where it stood. */
    void locked(boolean on) {
        locked = on;
        stage.changes().add(Changes.READOUT);
    }

    boolean isLocked() {
        return locked;
    }

    /** Whether the pointer should be held: 0 no, 1 when it comes to the edge of what it can reach, 2 at once. */
    int lockWanted() {
        return stage.walking().holdsPointer() ? 2 : resolver.moving() && stage.habits().is(AllHabits.ENDLESS, "endless") ? 1 : 0;
    }

    /** A finger came down on the glass. */
    void touchDown(int id, double x, double y, double timeMs) {
        stage.tick(timeMs);
        // A finger in another viewport takes no part in a gesture that runs in this one.
        if (fingers.count() > 0 && !stage.walking().on() && stage.board().at(x, y) != touched) {
            return;
        }
        touched = stage.board().at(x, y);
        touchedAt(x, y);
        if (fingers.count() == 0 && !stage.walking().on()) {
            stage.activate(stage.board().at(x, y));
        }
        fingers.down(id, x, y, timeMs);
    }

    /** A finger moved. */
    void touchMove(int id, double x, double y, double timeMs) {
        stage.tick(timeMs);
        if (fingers.has(id)) {
            touchedAt(x, y);
            fingers.move(id, x, y);
        }
    }

    /** A finger left the glass, or the browser took it away. */
    void touchUp(int id, double x, double y, boolean lost, double timeMs) {
        stage.tick(timeMs);
        if (!fingers.has(id)) {
            return;
        }
        if (lost) {
            fingers.lost();
        } else {
            fingers.up(id, x, y, timeMs);
        }
        if (fingers.count() == 0) {
            pointerLeft();
        }
        stage.changes().add(Changes.READOUT);
    }

    private void touchedAt(double x, double y) {
        pointerX = x;
        pointerY = y;
        stage.changes().add(Changes.READOUT);
    }

    /** The pointer has left the stage. */
    void pointerLeft() {
        if (!resolver.moving() && !locked) {
            pointerX = Double.NaN;
            pointerY = Double.NaN;
            stage.changes().add(Changes.READOUT);
        }
    }

    /**
     * The wheel has turned or two fingers have moved on a trackpad.
     *
     * @param deltaX as in the W3C WheelEvent
     * @param deltaY as in the W3C WheelEvent
     * @param deltaMode 0 pixels, 1 lines, 2 pages, as in the W3C WheelEvent
     * @return whether something answered
     */
    boolean wheel(double x, double y, double deltaX, double deltaY, int deltaMode, int mods, double timeMs) {
        stage.tick(timeMs);
        if (stage.capture() != null) {
            stage.capture().wheel(mods);
            return true;
        }
        if (!locked) {
            pointerX = x;
            pointerY = y;
        }
        if (!stage.walking().on()) {
            stage.activate(stage.board().at(x, y));
        }
        // Some systems turn the wheel sideways while Shift is down.
        double delta = deltaY == 0 && (mods & Modifiers.SHIFT) != 0 ? deltaX : deltaY;
        // One notch of a common wheel is 100 pixels, three lines, or one page (common practice, no source).
        double unit = deltaMode == 0 ? 100 : deltaMode == 1 ? 3 : 1;
        // Browsers report a pinch by a scale s as a wheel of -100 · ln s pixels with Ctrl (common practice, from memory).
        double pinch = Dolly.notchesFor(Math.exp(-delta / 100));
        return resolver.wheel(x, y, -delta / unit, pinch, mods);
    }

    /** See {@link Resolver#keyDown}. */
    boolean keyDown(String code, int mods, boolean repeat, double timeMs) {
        stage.tick(timeMs);
        if (stage.capture() != null) {
            stage.capture().keyDown(code, mods);
            return true;
        }
        stage.changes().add(Changes.READOUT);
        return resolver.keyDown(code, mods, repeat, timeMs);
    }

    /** See {@link Resolver#keyUp}. */
    boolean keyUp(String code, int mods, double timeMs) {
        stage.tick(timeMs);
        if (stage.capture() != null) {
            stage.capture().keyUp(code);
            return true;
        }
        stage.changes().add(Changes.READOUT);
        return resolver.keyUp(code, mods, timeMs);
    }

    /** The window lost the keyboard. */
    void blur() {
        fingers.lost();
        resolver.blur();
    }
}
