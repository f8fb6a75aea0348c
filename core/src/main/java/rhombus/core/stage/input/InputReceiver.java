package rhombus.core.stage.input;

import java.util.function.DoubleConsumer;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.FingerTracker;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.InputThresholds;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.TriggerCapture;
import rhombus.core.keymap.WheelInput;
import rhombus.core.navigate.Dolly;
import rhombus.core.navigate.LookAround;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.PointingDevice;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Projection;

/** Raw events on their way to the resolver: where the hand is, which viewport it makes active, and units made our own. */
public final class InputReceiver {
    /** A pointer that moves farther than this at once has been put there, and turns nothing, pixels. */
    private static final double JUMP = 600;

    private final StageContext ground;
    private final Walking walking;
    private final InputResolver resolver;
    private final FingerTracker fingers;
    private final DoubleConsumer tick;
    private final InputEmulation standIns;
    /** Hears of what the wheel does. */
    public interface WheelEar {
        /** See {@link InputReceiver#wheel}. */
        void wheel(double deltaX, double deltaY, int deltaMode, double timeMs);
    }

    private WheelEar ear = (dx, dy, mode, time) -> {};
    private TriggerCapture capture;
    private InputListener watch = (sort, timeMs, what) -> true;
    /** The viewport in which fingers came down. */
    private Viewport touched;
    /** Where the hand is, on and on while the pointer is held by the browser. */
    private double handX;

    private double handY;

    /**
     * Takes input for a resolver.
     *
     * @param tick told the time, in milliseconds, before each event
     */
    public InputReceiver(StageContext ground, Walking walking, InputResolver resolver, DoubleConsumer tick) {
        this.ground = ground;
        this.walking = walking;
        this.resolver = resolver;
        this.tick = tick;
        this.fingers = new FingerTracker(resolver);
        this.standIns = new InputEmulation(ground);
    }

    /** Somebody hears of every event first. */
    public void watchedBy(InputListener who) {
        watch = who;
    }

    /** Starts or ends watching for a trigger; while it watches nothing else happens. */
    @PageCall
    public void capture(boolean on) {
        capture = on ? new TriggerCapture() : null;
    }

    /** Time has gone by, milliseconds. */
    public void tick(double timeMs) {
        if (capture != null) {
            capture.tick(timeMs);
        }
        resolver.tick(timeMs);
        fingers.tick(timeMs);
    }

    /** Whether time must go on for what the hand does to be decided. */
    public boolean waits() {
        return capture != null || resolver.sliding() || fingers.waits();
    }

    /** The running capture, or null. */
    public TriggerCapture capture() {
        return capture;
    }

    /** The pointer has moved, or its buttons (a W3C mask) or the modifiers have changed; see {@link InputResolver#pointer}. */
    public void pointer(double x, double y, int buttons, int mods, double timeMs) {
        pointer(x, y, buttons, mods, false, timeMs);
    }

    /** The same, from a pen or not. The viewport under the pointer becomes active. */
    @PageCall
    public void pointer(double x, double y, int held, int down, boolean pen, double timeMs) {
        if (!watch.hears("pointer", timeMs, x, y, held, down, pen)) {
            return;
        }
        tick.accept(timeMs);
        int buttons = pen ? held : standIns.buttons(held, down);
        int mods = standIns.modifiers(down);
        if (capture != null) {
            capture.pointer(x, y, buttons, mods, pen, timeMs);
            return;
        }
        ground.pointer().by(pen ? PointingDevice.PEN : PointingDevice.MOUSE);
        double dx = x - handX;
        double dy = y - handY;
        handX = x;
        handY = y;
        boolean turning = ground.pointer().locked() && walking.on();
        if (!ground.pointer().locked()) {
            ground.pointer().at(x, y);
            ground.porthole().follow(x, y);
        }
        if (!resolver.moving() && buttons == 0 && !walking.on()) {
            ground.attention().activate(ground.board().at(x, y));
        }
        resolver.pointer(x, y, buttons, mods, pen, timeMs);
        if (turning && !resolver.moving()) {
            turnWalker(dx, dy);
        }
        ground.changes().add(ChangeTopic.READOUT);
    }

    /** While walking with the pointer held, moving it turns the head. */
    private void turnWalker(double dx, double dy) {
        Viewport v = walking.view();
        if (v != null && v.pose.projection() instanceof Projection.Perspective lens && Math.hypot(dx, dy) < JUMP) {
            double k = lens.fovY() / v.height * ground.habits().number(AllHabits.LOOK_SPEED);
            double ky = ground.habits().on(AllHabits.LOOK_INVERT_Y) ? -k : k;
            double kx = ground.habits().on(AllHabits.LOOK_INVERT_X) ? -k : k;
            ground.navigator().pose(v, LookAround.turn(v.pose, ground.scene().up(), -dx * kx, -dy * ky));
        }
    }

    /** Whether the browser holds the pointer: it moves without end, and its points go on where it stood. */
    @PageCall
    public void locked(boolean on) {
        if (!on && ground.pointer().locked()) {
            // What ends it, such as another program that comes to the front, takes keys that go up along.
            resolver.letGoOfKeys();
        }
        ground.pointer().locked(on);
        ground.changes().add(ChangeTopic.READOUT);
    }

    /** Whether a text field of the page has the keyboard: keys go there until it is left. */
    @PageCall
    public void typing(boolean on) {
        if (on != ground.pointer().typing()) {
            ground.pointer().typing(on);
            ground.changes().add(ChangeTopic.READOUT);
        }
    }

    /** How far a press moves until it is a drag, also in lists of the page; pixels. */
    @PageCall
    public double dragThreshold() {
        return InputThresholds.DRAG_PX;
    }

    /** Whether the pointer should be held: 0 no, 1 when it comes to the edge of what it can reach, 2 at once. */
    @PageCall
    public int lockWanted() {
        return walking.holdsPointer()
                ? 2
                : resolver.moving() && !resolver.sliding() && ground.habits().is(AllHabits.ENDLESS, "endless") ? 1 : 0;
    }

    /** A finger came down on the glass. */
    @PageCall
    public void touchDown(int id, double x, double y, double timeMs) {
        if (!watch.hears("touch-down", timeMs, id, x, y)) {
            return;
        }
        tick.accept(timeMs);
        if (capture != null) {
            capture.fingers().down(id, x, y, timeMs);
            return;
        }
        // A finger in another viewport takes no part in a gesture that runs in this one.
        if (fingers.count() > 0 && !walking.on() && ground.board().at(x, y) != touched) {
            return;
        }
        touched = ground.board().at(x, y);
        touchedAt(x, y);
        if (fingers.count() == 0 && !walking.on()) {
            ground.attention().activate(ground.board().at(x, y));
        }
        fingers.down(id, x, y, timeMs);
    }

    /** A finger moved. */
    @PageCall
    public void touchMove(int id, double x, double y, double timeMs) {
        if (!watch.hears("touch-move", timeMs, id, x, y)) {
            return;
        }
        tick.accept(timeMs);
        if (capture != null) {
            capture.fingers().move(id, x, y);
            return;
        }
        if (fingers.has(id)) {
            touchedAt(x, y);
            fingers.move(id, x, y);
        }
    }

    /** A finger left the glass, or the browser took it away. */
    @PageCall
    public void touchUp(int id, double x, double y, boolean lost, double timeMs) {
        if (!watch.hears("touch-up", timeMs, id, x, y, lost)) {
            return;
        }
        tick.accept(timeMs);
        if (capture != null) {
            capture.fingers().up(id, timeMs);
            return;
        }
        if (!fingers.has(id)) {
            return;
        }
        if (lost) {
            fingers.lost();
        } else {
            fingers.up(id, x, y, timeMs);
        }
        if (fingers.count() == 0) {
            leave();
        }
        ground.changes().add(ChangeTopic.READOUT);
    }

    private void touchedAt(double x, double y) {
        ground.pointer().by(PointingDevice.FINGERS);
        ground.pointer().at(x, y);
        ground.porthole().follow(x, y);
        ground.changes().add(ChangeTopic.READOUT);
    }

    /** The pointer has left the stage. */
    @PageCall
    public void pointerLeft() {
        if (!watch.hears("left", ground.now())) {
            return;
        }
        leave();
    }

    private void leave() {
        if (!resolver.moving() && !ground.pointer().locked()) {
            ground.pointer().away();
            resolver.away();
            ground.changes().add(ChangeTopic.READOUT);
        }
    }

    /** Who hears of what the wheel does. */
    public void wheelHeardBy(WheelEar who) {
        ear = who;
    }

    /**
     * The wheel has turned or two fingers have moved on a trackpad.
     *
     * @param deltaX as in the W3C WheelEvent
     * @param deltaY as in the W3C WheelEvent
     * @param deltaMode 0 pixels, 1 lines, 2 pages, as in the W3C WheelEvent
     * @return whether something answered
     */
    @PageCall
    public boolean wheel(double x, double y, double deltaX, double deltaY, int deltaMode, int mods, double timeMs) {
        if (!watch.hears("wheel", timeMs, x, y, deltaX, deltaY, deltaMode, mods)) {
            return true;
        }
        tick.accept(timeMs);
        if (capture != null) {
            double pixels = deltaMode == 0 ? 1 : deltaMode == 1 ? 100 / 3.0 : 100;
            capture.wheel(deltaX * pixels, deltaY * pixels, mods, timeMs);
            return true;
        }
        if (!ground.pointer().locked()) {
            ground.pointer().at(x, y);
        }
        if (!walking.on()) {
            ground.attention().activate(ground.board().at(x, y));
        }
        ear.wheel(deltaX, deltaY, deltaMode, timeMs);
        // Some systems turn the wheel sideways while Shift is down.
        double delta = deltaY == 0 && (mods & Modifiers.SHIFT) != 0 ? deltaX : deltaY;
        // One notch of a common wheel is 100 pixels, three lines, or one page (common practice, no source).
        double unit = deltaMode == 0 ? 100 : deltaMode == 1 ? 3 : 1;
        // Browsers report a pinch by a scale s as a wheel of -100 · ln s pixels with Ctrl (common practice, from
        // memory).
        double pinch = Dolly.notchesFor(Math.exp(-delta / 100));
        // The picture goes with the fingers: what would scroll down by so much moves up by as much.
        double px = 100 / unit;
        double way = ground.habits().on(AllHabits.SLIDE_INVERT) ? px : -px;
        if (ground.porthole().held()) {
            ground.porthole().grow(-delta / unit);
            return true;
        }
        WheelInput turn = new WheelInput(-delta / unit, pinch, way * deltaX, way * deltaY);
        return resolver.wheel(x, y, turn, mods, timeMs);
    }

    /** See {@link InputResolver#keyDown}. */
    @PageCall
    public boolean keyDown(String pressed, int down, boolean repeat, double timeMs) {
        if (!watch.hears("key-down", timeMs, pressed, down, repeat)) {
            return true;
        }
        tick.accept(timeMs);
        int mods = standIns.modifiers(down);
        String code = standIns.key(pressed, resolver.keymap());
        if (capture != null) {
            capture.keyDown(code, mods);
            return true;
        }
        ground.changes().add(ChangeTopic.READOUT);
        return resolver.keyDown(code, mods, repeat, timeMs);
    }

    /** See {@link InputResolver#keyUp}. */
    @PageCall
    public boolean keyUp(String released, int down, double timeMs) {
        if (!watch.hears("key-up", timeMs, released, down)) {
            return true;
        }
        tick.accept(timeMs);
        int mods = standIns.modifiers(down);
        String code = standIns.key(released, resolver.keymap());
        if (capture != null) {
            capture.keyUp(code);
            return true;
        }
        ground.changes().add(ChangeTopic.READOUT);
        return resolver.keyUp(code, mods, timeMs);
    }

    /** Ends the motion that runs where it is, as if the hand had let go: something else is about to be done. */
    public void settle() {
        resolver.settle();
        fingers.settled();
    }

    /** The window lost the keyboard. */
    @PageCall
    public void blur() {
        watch.hears("blur", ground.now());
        standIns.blur();
        fingers.lost();
        resolver.blur();
    }
}
