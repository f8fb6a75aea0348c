package rhombus.core.stage.view;

import java.util.function.Supplier;
import rhombus.core.display.Look;

/**
 * A lozenge about the pointer in which a viewport is drawn, and taken in, with its other look: the one that swapping would bring. It
 * lasts as long as a key is held, or until it is closed.
 */
public final class Porthole {
    /** Half of its width and height at first, pixels. */
    private static final double USUAL = 90;

    private static final double LEAST = 24;
    private static final double MOST = 600;
    /** By so much one step makes it larger. */
    private static final double STEP = 1.15;

    private final ChangeLog changes;
    private final Supplier<ActiveBoard> board;
    private Viewport view;
    private boolean held;
    private double half = USUAL;
    private double x;
    private double y;

    Porthole(ChangeLog changes, Supplier<ActiveBoard> board) {
        this.changes = changes;
        this.board = board;
    }

    /** Opens it at a point of a viewport, pixels from its corner. */
    public void open(Viewport v, double lx, double ly, boolean whileHeld) {
        draw();
        view = v;
        held = whileHeld;
        x = lx;
        y = ly;
        draw();
        changes.add(ChangeTopic.READOUT);
    }

    /** The key that held it is up; where it was only tapped it stays. */
    public void letGo(boolean tapped) {
        if (held && tapped) {
            held = false;
        } else if (held) {
            close();
        }
    }

    /** Closes it. */
    public void close() {
        draw();
        view = null;
        held = false;
        changes.add(ChangeTopic.READOUT);
    }

    /** The pointer is at a point of the stage: it goes with it, also into other viewports while a key holds it. */
    public void follow(double px, double py) {
        Viewport v = view == null ? null : board.get().at(px, py);
        if (v == null || v != view && !held || px - v.x == x && py - v.y == y && v == view) {
            return;
        }
        if (v != view) {
            draw();
            view = v;
        }
        x = px - v.x;
        y = py - v.y;
        draw();
    }

    /** Makes it larger by some steps, or smaller. */
    public void grow(double steps) {
        half = Math.max(LEAST, Math.min(MOST, half * Math.pow(STEP, steps)));
        draw();
    }

    private void draw() {
        if (on(view)) {
            changes.view(view.number);
        }
    }

    /** Whether it is open in a viewport of the board in use. */
    public boolean on(Viewport v) {
        return v != null && v == view && board.get().views.contains(v) && v.shown;
    }

    /** Whether it is open at all. */
    public boolean open() {
        return on(view);
    }

    /** Whether a key holds it open. */
    public boolean held() {
        return held && open();
    }

    /** With which look a point of a viewport is drawn. */
    public Look at(Viewport v, double lx, double ly) {
        return on(v) && Math.abs(lx - x) + Math.abs(ly - y) <= half ? v.otherLook : v.look;
    }

    /** Where its middle is, pixels from the left of its viewport. */
    public double x() {
        return x;
    }

    /** Pixels from its top. */
    public double y() {
        return y;
    }

    /** From its middle to each of its corners, pixels. */
    public double half() {
        return half;
    }
}
