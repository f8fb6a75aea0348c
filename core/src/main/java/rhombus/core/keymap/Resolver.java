package rhombus.core.keymap;

import java.util.List;

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

    private static final int FINE = Modifiers.ALT;
    private static final int SNAP = Modifiers.SHIFT;
    /** Button numbers by bit of the W3C {@code buttons} mask. */
    private static final int[] BUTTON_OF_BIT = {0, 2, 1, 3, 4};

    private final Actions actions;
    private Keymap keymap;

    private int buttons;
    private int button = -1;
    private boolean seen;
    private double x;
    private double y;
    private double pressX;
    private double pressY;
    private List<Context> pressContexts = List.of();
    private int modifiers;
    private String heldKey = "";
    private double heldSince;
    private boolean heldMoved;
    private Trigger motion;
    private Binding active;
    private boolean fine;
    private boolean snap;
    /** After a cancel nothing moves until every button and the held key are up. */
    private boolean dead;
    private double clickTime = Double.NEGATIVE_INFINITY;
    private double clickX;
    private double clickY;
    private int clickButton = -1;

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
        boolean moved = px != x || py != y;
        double fromX = seen ? x : px;
        double fromY = seen ? y : py;
        seen = true;
        int before = buttons;
        x = px;
        y = py;
        buttons = held;
        boolean others = modifiers != mods;
        modifiers = mods;
        if (held != before) {
            buttonsChanged(before, timeMs);
        }
        if (dead) {
            revive();
            return;
        }
        if (button >= 0 && active == null && Math.hypot(x - pressX, y - pressY) >= DRAG_PX) {
            start(Trigger.drag(button), pressX, pressY, pressContexts);
        } else if (moved && !heldKey.isEmpty() && buttons == 0 && active == null) {
            heldMoved = true;
            // From where the pointer was when the hand began: none of its way is lost.
            start(Trigger.hold(heldKey), fromX, fromY, actions.contextsAt(fromX, fromY));
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
        if (pressed != 0 && !dead) {
            int newest = lowest(pressed);
            if (active != null || before != 0) {
                // Another button in mid-motion: go on from here with what it does.
                restart(newest);
            } else {
                button = newest;
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

    private static int lowest(int mask) {
        for (int i = 0; i < BUTTON_OF_BIT.length; i++) {
            if ((mask & 1 << i) != 0) {
                return BUTTON_OF_BIT[i];
            }
        }
        return 0;
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
            if (motion.kind() == Trigger.Kind.DRAG) {
                finish();
            }
        } else if (was >= 0) {
            click(was, timeMs);
        }
    }

    private void click(int which, double timeMs) {
        if (Math.hypot(x - pressX, y - pressY) >= DRAG_PX) {
            return;
        }
        boolean twice = which == clickButton
                && timeMs - clickTime <= DOUBLE_MS
                && Math.hypot(x - clickX, y - clickY) < DRAG_PX;
        clickTime = twice ? Double.NEGATIVE_INFINITY : timeMs;
        clickX = x;
        clickY = y;
        clickButton = which;
        Binding b = twice ? keymap.find(Trigger.doubleClick(which), modifiers, pressContexts) : null;
        if (b == null) {
            b = keymap.find(Trigger.click(which), modifiers, pressContexts);
        }
        if (b != null) {
            actions.run(b, x, y);
        }
    }

    private void start(Trigger t, double fromX, double fromY, List<Context> contexts) {
        motion = t;
        Binding b = resolve(t, contexts);
        if (b != null) {
            active = b;
            actions.begin(b, fromX, fromY, fine, snap);
        }
    }

    /** Goes on with another button where something is bound to it; else what runs goes on. */
    private void restart(int which) {
        Trigger t = Trigger.drag(which);
        List<Context> contexts = actions.contextsAt(x, y);
        if (resolve(t, contexts) == null) {
            return;
        }
        button = which;
        if (active == null) {
            start(t, pressX, pressY, contexts);
        } else {
            start(t, x, y, contexts);
        }
    }

    /** The binding for a motion: exact modifiers first, then with fine, snap or both taken as such. */
    private Binding resolve(Trigger t, List<Context> contexts) {
        int[] aside = {0, FINE, SNAP, FINE | SNAP};
        for (int a : aside) {
            if ((modifiers & a) != a) {
                continue;
            }
            Binding b = keymap.find(t, modifiers & ~a, contexts);
            if (b != null) {
                fine = (a & FINE) != 0;
                snap = (a & SNAP) != 0;
                return b;
            }
        }
        return null;
    }

    private void followModifiers() {
        boolean wasFine = fine;
        boolean wasSnap = snap;
        Binding b = resolve(motion, motion.kind() == Trigger.Kind.DRAG ? pressContexts : actions.contextsAt(x, y));
        if (b == null) {
            // Nothing is bound to these modifiers: the motion that runs goes on.
            fine = wasFine;
            snap = wasSnap;
            return;
        }
        if (b != active || fine != wasFine || snap != wasSnap) {
            active = b;
            actions.begin(b, x, y, fine, snap);
        }
    }

    private void finish() {
        active = null;
        motion = null;
        actions.release();
    }

    private void revive() {
        if (buttons == 0 && heldKey.isEmpty()) {
            dead = false;
            button = -1;
        }
    }

    /** Goes back to before the running motion and waits until the hand has let go. */
    public void cancel() {
        if (active != null) {
            active = null;
            motion = null;
            dead = true;
            actions.cancel();
            revive();
        }
    }

    /**
     * The wheel has turned.
     *
     * @param steps positive away from the user; fractions from wheels and trackpads that report them
     * @return whether something answered
     */
    public boolean wheel(double px, double py, double steps, int mods) {
        x = px;
        y = py;
        if (active != null) {
            return true;
        }
        modifiers = mods;
        List<Context> contexts = actions.contextsAt(x, y);
        Binding b = resolve(Trigger.wheel(), contexts);
        if (b == null && (mods & Modifiers.CTRL) != 0) {
            // Browsers report a pinch as wheel with Ctrl.
            modifiers = mods & ~Modifiers.CTRL;
            b = resolve(Trigger.wheel(), contexts);
        }
        if (b != null) {
            actions.steps(b, x, y, steps, fine);
        }
        return b != null;
    }

    /**
     * A key went down.
     *
     * @param code W3C {@code KeyboardEvent.code}
     * @return whether something answered, so that the browser must not
     */
    public boolean keyDown(String code, int mods, boolean repeat, double timeMs) {
        modifiers = mods;
        if (Modifiers.ofCode(code) != 0) {
            if (active != null) {
                followModifiers();
            }
            return active != null || Modifiers.ofCode(code) == Modifiers.ALT;
        }
        List<Context> contexts = active != null ? List.of(Context.GESTURE) : actions.contextsAt(x, y);
        Binding tap = keymap.find(Trigger.key(code), mods, contexts);
        if (active != null) {
            if (tap != null && !repeat) {
                actions.run(tap, x, y);
            }
            return true;
        }
        Binding hold = resolve(Trigger.hold(code), contexts);
        if (hold != null) {
            if (!repeat) {
                heldKey = code;
                heldSince = timeMs;
                heldMoved = false;
            }
            return true;
        }
        if (tap != null && (!repeat || Commands.named(tap.command()).repeats())) {
            actions.run(tap, x, y);
        }
        return tap != null;
    }

    /** A key went up. */
    public boolean keyUp(String code, int mods, double timeMs) {
        modifiers = mods;
        if (Modifiers.ofCode(code) != 0) {
            if (active != null) {
                followModifiers();
            }
            return active != null;
        }
        if (!code.equals(heldKey)) {
            return false;
        }
        heldKey = "";
        if (dead) {
            revive();
        } else if (active != null && motion.kind() == Trigger.Kind.HOLD) {
            finish();
        } else if (!heldMoved && timeMs - heldSince <= TAP_MS) {
            Binding tap = keymap.find(Trigger.key(code), mods, actions.contextsAt(x, y));
            if (tap != null) {
                actions.run(tap, x, y);
            }
        }
        return true;
    }

    /** The window lost the keyboard: whatever was held counts as let go. */
    public void blur() {
        heldKey = "";
        buttons = 0;
        button = -1;
        modifiers = 0;
        dead = false;
        if (active != null) {
            finish();
        }
    }
}
