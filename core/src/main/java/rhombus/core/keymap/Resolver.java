package rhombus.core.keymap;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Turns raw input into actions and motions by a keymap. It decides between click and drag (4 px), tap and hold (release,
 * 200 ms or the first motion), click and double click (300 ms), and resolves a motion anew from where it is when buttons
 * or modifiers change in its middle. Modifiers that no binding asks for count as <em>fine</em> (Alt) and <em>snap</em> (Shift).
 */
public final class Resolver {
    /** A press becomes a drag after this many pixels. */
    public static final double DRAG_PX = 4;
    /** Two clicks within this many milliseconds are a double click. */
    public static final double DOUBLE_MS = 300;
    /** A key held longer than this is no tap. */
    public static final double TAP_MS = 200;

    /** A pinch that comes as one event is never larger than this many notches: it may be a wheel turned with Ctrl held. */
    private static final double LARGEST_PINCH = 2;
    /** Button numbers by bit of the W3C {@code buttons} mask. */
    private static final int[] BUTTON_OF_BIT = {0, 2, 1, 3, 4, ByPointer.ERASER_BUTTON};

    private final Actions actions;
    private Keymap keymap;

    private int buttons;
    private int button = -1;
    private boolean seen;
    /** Where the pointer is; NaN where it is not on the stage. */
    private double x = Double.NaN;

    private double y = Double.NaN;
    private double pressX;
    private double pressY;
    private List<Context> pressContexts = List.of();
    private int modifiers;
    private final HeldKeys held = new HeldKeys();
    private final Sliding sliding = new Sliding();
    /** The wheel was turned while the button was down: letting it go is no click. */
    private boolean spoiled;

    /** Keys down whose command lasts as long as they are, and since when. */
    private final Map<String, Lasting> lasting = new LinkedHashMap<>();

    private boolean ctrlDown;
    private boolean pen;
    private boolean follow = true;
    private Trigger motion;
    private Binding active;
    /** A motion taken up by a click: it goes on without a button until the next press. */
    private boolean latched;

    private boolean fine;
    private boolean snap;
    /** After a cancel nothing moves until every button and the held key are up. */
    private boolean dead;

    private double clickTime = Double.NEGATIVE_INFINITY;
    private double clickX;
    private double clickY;
    private int clickButton = -1;

    private record Lasting(Binding binding, double since) {}

    /** A resolver that tells {@code actions} what to do. */
    public Resolver(Actions actions, Keymap keymap) {
        this.actions = actions;
        this.keymap = keymap;
    }

    /** Uses another keymap from now on. */
    public void use(Keymap map) {
        keymap = map;
    }

    /** The keymap in use. */
    public Keymap keymap() {
        return keymap;
    }

    /** Whether changed buttons and modifiers change a motion under way; else the first one stays. */
    public void follow(boolean on) {
        follow = on;
    }

    /** The pointer has left the stage: keys and buttons mean the active viewport now. */
    public void away() {
        if (active == null && buttons == 0) {
            seen = false;
            x = Double.NaN;
            y = Double.NaN;
        }
    }

    /** Whether a motion runs. */
    public boolean moving() {
        return active != null;
    }

    /** The binding whose motion runs, or null. */
    public Binding active() {
        return active;
    }

    /** Modifiers that are down. */
    public int modifiers() {
        return modifiers;
    }

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
        int pressed = heldMask & (byPen ? 63 : 31);
        pen = byPen;
        if (sliding.on() && (seen && (px != x || py != y) || pressed != buttons)) {
            endSlide();
        }
        boolean moved = px != x || py != y;
        double fromX = seen ? x : px;
        double fromY = seen ? y : py;
        seen = true;
        int before = buttons;
        x = px;
        y = py;
        buttons = pressed;
        boolean others = modifiers != mods;
        modifiers = mods;
        if (pressed != before) {
            buttonsChanged(before, timeMs);
        }
        if (dead) {
            revive();
            return;
        }
        if (button >= 0 && active == null && Math.hypot(x - pressX, y - pressY) >= DRAG_PX) {
            start(ByPointer.drag(keymap, button, pen, modifiers, pressContexts), pressX, pressY, pressContexts);
        } else if (moved && !held.none() && buttons == 0 && active == null) {
            held.moved();
            // From where the pointer was when the hand began: none of its way is lost.
            start(Trigger.hold(held.newest()), fromX, fromY, actions.contextsAt(fromX, fromY));
        }
        if (active != null) {
            if (others) {
                followModifiers();
            }
            actions.drag(x, y);
        }
    }

    private void buttonsChanged(int before, double timeMs) {
        int pressed = buttons & ~before;
        if (latched) {
            if (pressed != 0) {
                // The press that puts a motion down does nothing else.
                finish();
                dead = true;
            }
            return;
        }
        if (!dead && active != null && motion.kind() == Trigger.Kind.BOTH) {
            if (ByPointer.both(buttons) == null || !motion.equals(ByPointer.both(buttons))) {
                // Hands never let two buttons go at once: what the other one does alone is not meant.
                finish();
                dead = true;
            }
            return;
        }
        if (pressed != 0 && !dead) {
            int newest = lowest(pressed);
            if (startsBoth(before)) {
                return;
            }
            if (active != null || before != 0) {
                // Another button in mid-motion: go on from here with what it does.
                restart(newest);
            } else {
                button = newest;
                spoiled = false;
                pressX = x;
                pressY = y;
                pressContexts = actions.contextsAt(x, y);
            }
            return;
        }
        if (buttons == 0) {
            letGo(timeMs);
        } else if (!dead && (button < 0 || (buttons & bitOf(button)) == 0)) {
            restart(lowest(buttons));
        }
    }

    /** Starts what is bound to the two buttons that are down, and says whether it did. */
    private boolean startsBoth(int before) {
        Trigger both = pen || active != null && !follow ? null : ByPointer.both(buttons);
        if (both == null) {
            return false;
        }
        boolean pressing = before != 0 && active == null;
        List<Context> contexts = pressing ? pressContexts : actions.contextsAt(x, y);
        Found f = Found.in(keymap, both, modifiers, contexts);
        if (f == null) {
            return false;
        }
        pressContexts = contexts;
        button = lowest(buttons);
        motion = both;
        begin(f, pressing ? pressX : x, pressing ? pressY : y);
        return true;
    }

    /** The W3C number of the first button in a W3C mask. */
    static int lowest(int mask) {
        for (int i = 0; i < BUTTON_OF_BIT.length; i++) {
            if ((mask & 1 << i) != 0) {
                return BUTTON_OF_BIT[i];
            }
        }
        return 0;
    }

    /** The number of the last one: a pen's tip is the first and tells nothing of its barrel. */
    static int highest(int mask) {
        return lowest(Integer.highestOneBit(mask));
    }

    private static int bitOf(int which) {
        return which == 1 ? 4 : which == 2 ? 2 : 1 << which;
    }

    private void letGo(double timeMs) {
        int was = button;
        button = -1;
        if (dead) {
            return;
        }
        if (active != null) {
            if (motion.kind() != Trigger.Kind.HOLD) {
                finish();
            }
        } else if (was >= 0 && !spoiled) {
            click(was, timeMs);
        }
    }

    /** One finger touched the glass and left it in place: a click of the left button. */
    void tap(double px, double py, double timeMs) {
        x = px;
        y = py;
        pressX = px;
        pressY = py;
        modifiers = 0;
        pen = false;
        pressContexts = actions.contextsAt(x, y);
        click(0, timeMs);
    }

    /** Fingers did something at once that has a trigger of its own; says whether anything is bound to it there. */
    boolean tapped(Trigger t, List<Context> contexts, double px, double py) {
        modifiers = 0;
        Binding b = keymap.find(t, 0, contexts);
        if (b != null) {
            x = px;
            y = py;
            actions.run(b, px, py);
        }
        return b != null;
    }

    private void click(int which, double timeMs) {
        if (Math.hypot(x - pressX, y - pressY) >= DRAG_PX) {
            return;
        }
        boolean twice =
                which == clickButton && timeMs - clickTime <= DOUBLE_MS && Math.hypot(x - clickX, y - clickY) < DRAG_PX;
        clickTime = twice ? Double.NEGATIVE_INFINITY : timeMs;
        clickX = x;
        clickY = y;
        clickButton = which;
        Binding b = twice ? keymap.find(Trigger.doubleClick(which), modifiers, pressContexts) : null;
        if (b == null) {
            Trigger once = ByPointer.click(keymap, which, pen, modifiers, pressContexts);
            b = keymap.find(once, modifiers, pressContexts);
        }
        if (b != null) {
            actions.run(b, x, y);
        }
    }

    /** The click just now was no click on what is under it: another that follows is the first of its kind. */
    public void forgetClick() {
        clickTime = Double.NEGATIVE_INFINITY;
    }

    private void start(Trigger t, double fromX, double fromY, List<Context> contexts) {
        motion = t;
        Found f = Found.in(keymap, t, modifiers, contexts);
        if (f != null) {
            begin(f, fromX, fromY);
        }
    }

    private void begin(Found f, double fromX, double fromY) {
        active = f.binding();
        fine = f.fine();
        snap = f.snap();
        actions.begin(active, fromX, fromY, fine, snap);
    }

    /** Takes a motion up without a button: it follows the pointer until the next press, or until it is cancelled. */
    public void latch(Binding b, double px, double py) {
        latched = true;
        motion = null;
        begin(new Found(b, (modifiers & Found.FINE) != 0, (modifiers & Found.SNAP) != 0), px, py);
    }

    /** Whether a motion goes on without a button. */
    public boolean latched() {
        return latched;
    }

    /** Goes on with another button where something is bound to it; else what runs goes on. */
    private void restart(int which) {
        if (!follow) {
            if (active != null && motion.kind() == Trigger.Kind.DRAG && (buttons & bitOf(motion.button())) == 0) {
                finish();
                dead = true;
            }
            return;
        }
        List<Context> contexts = actions.contextsAt(x, y);
        Trigger t = ByPointer.drag(keymap, which, pen, modifiers, contexts);
        if (Found.in(keymap, t, modifiers, contexts) == null) {
            return;
        }
        button = which;
        if (active == null) {
            start(t, pressX, pressY, contexts);
        } else {
            start(t, x, y, contexts);
        }
    }

    private void followModifiers() {
        if (latched) {
            boolean nowFine = (modifiers & Found.FINE) != 0;
            boolean nowSnap = (modifiers & Found.SNAP) != 0;
            if (nowFine != fine || nowSnap != snap) {
                begin(new Found(active, nowFine, nowSnap), x, y);
            }
            return;
        }
        if (!follow || motion == null || motion.kind().ofAxis()) {
            return;
        }
        boolean atPointer = motion.kind() == Trigger.Kind.HOLD || sliding.on();
        Found f = Found.in(keymap, motion, modifiers, atPointer ? actions.contextsAt(x, y) : pressContexts);
        // Nothing bound to these modifiers: the motion that runs goes on.
        if (f != null && (f.binding() != active || f.fine() != fine || f.snap() != snap)) {
            begin(f, sliding.on() ? sliding.x() : x, sliding.on() ? sliding.y() : y);
        }
    }

    private void finish() {
        active = null;
        motion = null;
        latched = false;
        sliding.end();
        actions.release();
    }

    /** Ends the motion that runs where it is: something else is about to be done. What is left of the press does nothing. */
    public void settle() {
        if (active == null) {
            return;
        }
        boolean byAxis = motion != null && motion.kind().ofAxis();
        sliding.takenBack();
        finish();
        dead = !byAxis && (buttons != 0 || !held.none());
    }

    private void endSlide() {
        if (sliding.on() && active != null) {
            finish();
        }
        sliding.end();
    }

    /** Time has gone by, milliseconds: fingers that rest on a trackpad have ended their motion. */
    public void tick(double timeMs) {
        if ((sliding.on() || sliding.over()) && sliding.quiet(timeMs)) {
            endSlide();
            sliding.rested();
        }
    }

    /** Whether two fingers slide over a trackpad, so that time must go on for their motion to end. */
    public boolean sliding() {
        return sliding.on() || sliding.over();
    }

    private void revive() {
        if (buttons == 0 && held.none()) {
            dead = false;
            button = -1;
        }
    }

    /** Goes back to before the running motion and waits until the hand has let go. */
    public void cancel() {
        if (active != null) {
            active = null;
            motion = null;
            latched = false;
            dead = true;
            sliding.takenBack();
            actions.cancel();
            revive();
        }
    }

    /**
     * The wheel has turned, or two fingers have moved on a trackpad.
     *
     * @return whether something answered
     */
    public boolean wheel(double px, double py, Wheel turn, int mods, double timeMs) {
        x = px;
        y = py;
        modifiers = mods;
        boolean spread = (mods & Modifiers.CTRL) != 0 && !ctrlDown;
        if (spread) {
            modifiers = mods & ~Modifiers.CTRL;
        }
        if (!spread && slides(turn, timeMs)) {
            return true;
        }
        endSlide();
        int with = buttons == 0 ? -1 : button;
        boolean dragging = active != null && motion != null && motion.kind() == Trigger.Kind.DRAG;
        if (dragging && Found.in(keymap, Trigger.wheelWith(with), modifiers, actions.contextsAt(x, y)) != null) {
            // The wheel is meant, not the drag that the hand made before it: a drag from here on begins anew.
            finish();
            pressX = x;
            pressY = y;
        }
        List<Context> contexts = active != null ? actions.whileMoving() : actions.contextsAt(x, y);
        Found f = spread
                ? Found.in(keymap, Trigger.pinch(), modifiers, contexts)
                : ByPointer.wheel(keymap, with, modifiers, contexts);
        if (f == null) {
            return active != null;
        }
        if (f.binding().trigger().kind() == Trigger.Kind.SLIDE) {
            if (active == null) {
                motion = Trigger.slide();
                sliding.begin(x, y, timeMs);
                begin(f, x, y);
                slides(turn, timeMs);
            }
            return true;
        }
        spoiled |= with >= 0;
        double by = spread ? Math.max(-LARGEST_PINCH, Math.min(LARGEST_PINCH, turn.pinch())) : turn.steps();
        actions.steps(f.binding(), x, y, by, f.fine());
        return true;
    }

    /** Goes on with a slide, or passes over what is left of one that was taken back; says whether there is one. */
    private boolean slides(Wheel turn, double timeMs) {
        tick(timeMs);
        if (!sliding()) {
            return false;
        }
        sliding.by(turn.slideX(), turn.slideY(), timeMs);
        if (sliding.on()) {
            followModifiers();
            actions.drag(sliding.x(), sliding.y());
        }
        return true;
    }

    /**
     * A key went down.
     *
     * @param code W3C {@code KeyboardEvent.code}
     * @return whether something answered, so that the browser must not
     */
    public boolean keyDown(String code, int mods, boolean repeat, double timeMs) {
        modifiers = mods;
        int modifier = Modifiers.ofCode(code);
        if (modifier != 0) {
            ctrlDown |= modifier == Modifiers.CTRL;
            if (active != null) {
                followModifiers();
            }
            return active != null || modifier == Modifiers.ALT;
        }
        if (lasting.containsKey(code)) {
            return true;
        }
        List<Context> contexts = active != null ? actions.whileMoving() : actions.contextsAt(x, y);
        if (handsOver(code, mods, repeat, timeMs)) {
            return true;
        }
        KeyDeed deed = KeyDeed.of(keymap, code, mods, contexts, active == null);
        switch (deed.sort()) {
            case LASTS -> {
                if (!repeat) {
                    lasting.put(code, new Lasting(deed.binding(), timeMs));
                    actions.held(deed.binding(), true, false, x, y);
                }
            }
            case HOLD -> {
                if (!repeat) {
                    held.press(code, timeMs);
                }
            }
            case RUN -> {
                if (!repeat || active == null && deed.binding().command().repeats()) {
                    actions.run(deed.binding(), x, y);
                }
            }
            default -> {
                return active != null;
            }
        }
        return true;
    }

    /**
     * Another key while one is held: it goes on from here with what it does, and hands back when it goes up, as buttons do.
     * Says whether the key was taken so.
     */
    private boolean handsOver(String code, int mods, boolean repeat, double timeMs) {
        if (held.holds(code)) {
            return true;
        }
        boolean moves = active != null && motion != null && motion.kind() == Trigger.Kind.HOLD;
        if (held.none() || active != null && !moves || !follow || repeat) {
            return false;
        }
        List<Context> contexts = actions.contextsAt(x, y);
        if (KeyDeed.of(keymap, code, mods, contexts, true).sort() != KeyDeed.Sort.HOLD) {
            return false;
        }
        held.press(code, timeMs);
        if (moves) {
            held.moved();
            start(Trigger.hold(code), x, y, contexts);
        }
        return true;
    }

    /** A key went up. */
    public boolean keyUp(String code, int mods, double timeMs) {
        modifiers = mods;
        int modifier = Modifiers.ofCode(code);
        if (modifier != 0) {
            ctrlDown &= modifier != Modifiers.CTRL;
            if (active != null) {
                followModifiers();
            }
            return active != null;
        }
        Lasting over = lasting.remove(code);
        if (over != null) {
            actions.held(over.binding, false, timeMs - over.since <= TAP_MS, x, y);
            return true;
        }
        if (!held.holds(code)) {
            return false;
        }
        boolean newest = held.release(code);
        if (dead) {
            revive();
        } else if (!newest) {
            return true;
        } else if (active != null && motion != null && motion.kind() == Trigger.Kind.HOLD) {
            if (held.none()) {
                finish();
            } else {
                start(Trigger.hold(held.newest()), x, y, actions.contextsAt(x, y));
            }
        } else if (held.tap(timeMs, TAP_MS)) {
            Binding tap = keymap.find(Trigger.key(code), mods, actions.contextsAt(x, y));
            if (tap != null) {
                actions.run(tap, x, y);
            }
        }
        return true;
    }

    /** What lasts as long as a key is down is over, whether the key is up or not. */
    public void letGoOfKeys() {
        List<Lasting> over = List.copyOf(lasting.values());
        lasting.clear();
        over.forEach(l -> actions.held(l.binding, false, false, x, y));
    }

    /** The window lost the keyboard: whatever was held counts as let go. */
    public void blur() {
        letGoOfKeys();
        ctrlDown = false;
        held.clear();
        sliding.rested();
        buttons = 0;
        button = -1;
        modifiers = 0;
        dead = false;
        if (active != null) {
            finish();
        }
    }

    // ---- for fingers, gamepads, 3D mice ----------------------------------------------------------------------------

    double x() {
        return x;
    }

    double y() {
        return y;
    }

    Actions actions() {
        return actions;
    }

    /** The binding of a touch where a finger came down. */
    Found touched(Trigger t, List<Context> contexts) {
        modifiers = 0;
        return Found.in(keymap, t, 0, contexts);
    }

    /** A motion of what is no mouse goes on at a point. */
    void beginTouch(Trigger t, Found f, double px, double py) {
        sliding.end();
        x = px;
        y = py;
        motion = t;
        latched = false;
        begin(f, px, py);
    }

    void dragTouch(double px, double py) {
        x = px;
        y = py;
        actions.drag(px, py);
    }

    void running(Trigger t, Binding b) {
        motion = t;
        active = b;
    }

    void endTouch() {
        dead = false;
        if (active != null) {
            finish();
        }
    }
}
