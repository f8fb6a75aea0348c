package rhombus.core.keymap;

import java.util.List;

/**
 * Turns raw input into actions and motions by a keymap. It decides between click and drag (4 px), tap and hold (release,
 * 200 ms or the first motion), click and double click (300 ms), and resolves a motion anew from where it is when buttons
 * or modifiers change in its middle. Modifiers that no binding asks for count as <em>fine</em> (Alt) and <em>snap</em> (Shift).
 *
 * <p>Buttons, keys and wheels are each resolved by a class of their own; they share the one motion that runs.
 */
public final class InputResolver {
    /** Buttons of a mouse, in the W3C {@code buttons} mask. */
    private static final int OF_MOUSE = 31;
    /** Those of a pen. */
    private static final int OF_PEN = 63;

    private final RunningMotion motion;
    private final ButtonResolver buttons;
    private final KeyResolver keys;
    private final WheelResolver wheels;

    /** A resolver that tells {@code actions} what to do. */
    public InputResolver(ResolverActions actions, Keymap keymap) {
        motion = new RunningMotion(actions, keymap);
        buttons = new ButtonResolver(motion, this::finish);
        keys = new KeyResolver(motion, this::followModifiers, this::finish, this::revive);
        wheels = new WheelResolver(motion, buttons, keys, this::followModifiers, this::finish);
    }

    /** Uses another keymap from now on. */
    public void use(Keymap map) {
        motion.use(map);
    }

    /** The keymap in use. */
    public Keymap keymap() {
        return motion.keymap();
    }

    /** Whether changed buttons and modifiers change a motion under way; else the first one stays. */
    public void follow(boolean on) {
        motion.follow(on);
    }

    /** The pointer has left the stage: keys and buttons mean the active viewport now. */
    public void away() {
        if (!motion.running() && buttons.none()) {
            motion.away();
        }
    }

    /** Whether a motion runs. */
    public boolean moving() {
        return motion.running();
    }

    /** The binding whose motion runs, or null. */
    public Binding active() {
        return motion.binding();
    }

    /** Modifiers that are down. */
    public int modifiers() {
        return motion.modifiers();
    }

    // ---- what the hand does
    // ------------------------------------------------------------------------------------------

    /**
     * The pointer has moved, or its buttons have changed.
     *
     * @param held W3C {@code buttons} mask: 1 left, 2 right, 4 middle, 8 back, 16 forward
     */
    public void pointer(double px, double py, int held, int mods, double timeMs) {
        pointer(px, py, held, mods, false, timeMs);
    }

    /** The same from a pen: its tip is the left button, that on its barrel the right one, its other end the bit 32. */
    public void pointer(double px, double py, int heldMask, int mods, boolean byPen, double timeMs) {
        int pressed = heldMask & (byPen ? OF_PEN : OF_MOUSE);
        boolean moved = px != motion.x() || py != motion.y();
        if (wheels.sliding().on() && (motion.seen() && moved || pressed != buttons.mask())) {
            wheels.endSlide();
        }
        double fromX = motion.seen() ? motion.x() : px;
        double fromY = motion.seen() ? motion.y() : py;
        motion.see();
        motion.at(px, py);
        boolean others = motion.modifiers() != mods;
        motion.modifiers(mods);
        buttons.changed(pressed, byPen, timeMs);
        if (motion.dead()) {
            revive();
            return;
        }
        if (buttons.drags()) {
            buttons.startDrag();
        } else if (moved && keys.holding() && buttons.none() && !motion.running()) {
            keys.moved(fromX, fromY);
        }
        if (motion.running()) {
            if (others) {
                followModifiers();
            }
            motion.actions().drag(px, py);
        }
    }

    /**
     * The wheel has turned, or two fingers have moved on a trackpad.
     *
     * @return whether something answered
     */
    public boolean wheel(double px, double py, WheelInput turn, int mods, double timeMs) {
        return wheels.wheel(px, py, turn, mods, timeMs);
    }

    /**
     * A key went down.
     *
     * @param code W3C {@code KeyboardEvent.code}
     * @return whether something answered, so that the browser must not
     */
    public boolean keyDown(String code, int mods, boolean repeat, double timeMs) {
        return keys.down(code, mods, repeat, timeMs);
    }

    /** A key went up. */
    public boolean keyUp(String code, int mods, double timeMs) {
        return keys.up(code, mods, timeMs);
    }

    /** Time has gone by, milliseconds: fingers that rest on a trackpad have ended their motion. */
    public void tick(double timeMs) {
        wheels.tick(timeMs);
    }

    /** Whether two fingers slide over a trackpad, so that time must go on for their motion to end. */
    public boolean sliding() {
        return wheels.on();
    }

    /** The click just now was no click on what is under it: another that follows is the first of its kind. */
    public void forgetClick() {
        buttons.forgetClick();
    }

    // ---- the motion that runs
    // ----------------------------------------------------------------------------------------

    /** Takes a motion up without a button: it follows the pointer until the next press, or until it is cancelled. */
    public void latch(Binding b, double px, double py) {
        int mods = motion.modifiers();
        motion.latch(new BindingMatch(b, (mods & BindingMatch.FINE) != 0, (mods & BindingMatch.SNAP) != 0), px, py);
    }

    /** Whether a motion goes on without a button. */
    public boolean latched() {
        return motion.latched();
    }

    /** Other modifiers are down: the motion that runs goes on with what is bound to them. */
    private void followModifiers() {
        int mods = motion.modifiers();
        if (motion.latched()) {
            boolean fine = (mods & BindingMatch.FINE) != 0;
            boolean snap = (mods & BindingMatch.SNAP) != 0;
            if (fine != motion.fine() || snap != motion.snap()) {
                motion.begin(new BindingMatch(motion.binding(), fine, snap), motion.x(), motion.y());
            }
            return;
        }
        Trigger t = motion.trigger();
        if (!motion.follows() || t == null || t.kind().ofAxis()) {
            return;
        }
        TwoFingerSlide slide = wheels.sliding();
        boolean atPointer = t.kind() == Trigger.Kind.HOLD || slide.on();
        BindingMatch f = motion.find(t, atPointer ? motion.contexts() : buttons.pressContexts());
        // Nothing bound to these modifiers: the motion that runs goes on.
        if (f != null && (f.binding() != motion.binding() || f.fine() != motion.fine() || f.snap() != motion.snap())) {
            motion.begin(f, slide.on() ? slide.x() : motion.x(), slide.on() ? slide.y() : motion.y());
        }
    }

    private void finish() {
        wheels.sliding().end();
        motion.finish();
    }

    /** Ends the motion that runs where it is: something else is about to be done. What is left of the press does nothing. */
    public void settle() {
        if (motion.running()) {
            boolean byHand = !motion.runsByAxis() && handIsDown();
            wheels.sliding().takenBack();
            finish();
            if (byHand) {
                motion.kill();
            }
        }
    }

    /** Goes back to before the running motion and waits until the hand has let go. */
    public void cancel() {
        if (motion.running()) {
            wheels.sliding().takenBack();
            motion.cancel();
            revive();
        }
    }

    private boolean handIsDown() {
        return !buttons.none() || keys.holding();
    }

    private void revive() {
        if (!handIsDown()) {
            motion.revive();
            buttons.forget();
        }
    }

    /** What lasts as long as a key is down is over, whether the key is up or not. */
    public void letGoOfLasting() {
        keys.letGoOfLasting();
    }

    /** Every key counts as up: the browser tells of none that goes up from here on. */
    public void letGoOfKeys() {
        keys.letGo();
    }

    /** The window lost the hand: whatever was held counts as let go. Buttons that are still down do nothing until they are up. */
    public void blur() {
        keys.blur();
        wheels.sliding().rested();
        buttons.forget();
        if (motion.running()) {
            finish();
        }
        if (buttons.none()) {
            motion.revive();
        } else {
            motion.kill();
        }
    }

    // ---- for fingers, gamepads, 3D mice
    // ------------------------------------------------------------------------------

    double x() {
        return motion.x();
    }

    double y() {
        return motion.y();
    }

    ResolverActions actions() {
        return motion.actions();
    }

    /** One finger touched the glass and left it in place: a click of the left button. */
    void tap(double px, double py, double timeMs) {
        buttons.tap(px, py, timeMs);
    }

    /** Fingers did something at once that has a trigger of its own; says whether anything is bound to it there. */
    boolean tapped(Trigger t, List<BindingContext> contexts, double px, double py) {
        motion.modifiers(0);
        Binding b = motion.keymap().find(t, 0, contexts);
        if (b != null) {
            motion.at(px, py);
            motion.actions().run(b, px, py);
        }
        return b != null;
    }

    /** The binding of a touch where a finger came down. */
    BindingMatch touched(Trigger t, List<BindingContext> contexts) {
        motion.modifiers(0);
        return motion.find(t, contexts);
    }

    /** A motion of what is no mouse goes on at a point. */
    void beginTouch(Trigger t, BindingMatch f, double px, double py) {
        wheels.sliding().end();
        motion.at(px, py);
        motion.running(t, f.binding());
        motion.begin(f, px, py);
    }

    void dragTouch(double px, double py) {
        motion.at(px, py);
        motion.actions().drag(px, py);
    }

    void running(Trigger t, Binding b) {
        motion.running(t, b);
    }

    void endTouch() {
        motion.revive();
        if (motion.running()) {
            finish();
        }
    }
}
