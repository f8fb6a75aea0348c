package rhombus.core.keymap;

import java.util.List;

/** Which drags and clicks the buttons of a mouse and the parts of a pen mean. */
final class ButtonResolver {
    /** Button numbers by bit of the W3C {@code buttons} mask. */
    private static final int[] BUTTON_OF_BIT = {0, 2, 1, 3, 4, PointerTriggers.ERASER_BUTTON};

    private final RunningMotion motion;
    private final Runnable finish;

    /** The W3C mask of what is down. */
    private int mask;
    /** The button whose drag or click is decided, or -1. */
    private int button = -1;

    private boolean pen;
    private double pressX;
    private double pressY;
    private List<BindingContext> pressContexts = List.of();
    /** The wheel was turned while the button was down: letting it go is no click. */
    private boolean spoiled;

    private double clickTime = Double.NEGATIVE_INFINITY;
    private double clickX;
    private double clickY;
    private int clickButton = -1;

    /** @param finish ends the motion that runs */
    ButtonResolver(RunningMotion motion, Runnable finish) {
        this.motion = motion;
        this.finish = finish;
    }

    int mask() {
        return mask;
    }

    boolean none() {
        return mask == 0;
    }

    /** The button that is held, or -1. */
    int held() {
        return mask == 0 ? -1 : button;
    }

    List<BindingContext> pressContexts() {
        return pressContexts;
    }

    /** No button is thought of any more; those that are down stay down. */
    void forget() {
        button = -1;
    }

    /** A drag from here on begins anew. */
    void pressedHere() {
        pressX = motion.x();
        pressY = motion.y();
    }

    /** Letting the button go is no click any more. */
    void spoil() {
        spoiled = true;
    }

    /** The click just now was no click on what is under it: another that follows is the first of its kind. */
    void forgetClick() {
        clickTime = Double.NEGATIVE_INFINITY;
    }

    /** Whether the hand has gone so far with a button down that it drags. */
    boolean drags() {
        return button >= 0
                && (!motion.running() || motion.runsByAxis())
                && Math.hypot(motion.x() - pressX, motion.y() - pressY) >= InputThresholds.DRAG_PX;
    }

    /** Begins the drag; what a device moved until now is a motion of its own. */
    void startDrag() {
        Trigger t = PointerTriggers.drag(motion.keymap(), button, pen, motion.modifiers(), pressContexts);
        if (motion.runsByAxis()) {
            if (motion.find(t, pressContexts) == null) {
                return;
            }
            finish.run();
        }
        motion.start(t, pressX, pressY, pressContexts);
    }

    /** Other buttons are down than before. */
    void changed(int now, boolean byPen, double timeMs) {
        pen = byPen;
        int before = mask;
        mask = now;
        if (now == before) {
            return;
        }
        int pressed = now & ~before;
        if (motion.latched()) {
            if (pressed != 0) {
                // The press that puts a motion down does nothing else.
                end();
            }
        } else if (!motion.dead() && motion.runs(Trigger.Kind.BOTH)) {
            if (!motion.trigger().equals(PointerTriggers.both(now))) {
                // Hands never let two buttons go at once: what the other one does alone is not meant.
                end();
            }
        } else if (pressed != 0 && !motion.dead()) {
            press(pressed, before);
        } else if (now == 0) {
            letGo(timeMs);
        } else if (!motion.dead() && (button < 0 || (now & bitOf(button)) == 0)) {
            restart(lowest(now));
        }
    }

    private void end() {
        finish.run();
        motion.kill();
    }

    private void press(int pressed, int before) {
        int newest = lowest(pressed);
        if (startsBoth(before)) {
            return;
        }
        if (before != 0 || motion.running() && !motion.runsByAxis()) {
            // Another button in mid-motion: go on from here with what it does.
            restart(newest);
            return;
        }
        button = newest;
        spoiled = false;
        pressedHere();
        pressContexts = motion.contexts();
    }

    /** Starts what is bound to the two buttons that are down, and says whether it did. */
    private boolean startsBoth(int before) {
        Trigger both = pen || motion.running() && !motion.follows() ? null : PointerTriggers.both(mask);
        if (both == null) {
            return false;
        }
        boolean pressing = before != 0 && !motion.running();
        List<BindingContext> contexts = pressing ? pressContexts : motion.contexts();
        BindingMatch f = motion.find(both, contexts);
        if (f == null) {
            return false;
        }
        pressContexts = contexts;
        button = lowest(mask);
        motion.begin(both, f, pressing ? pressX : motion.x(), pressing ? pressY : motion.y());
        return true;
    }

    /** Goes on with another button where something is bound to it; else what runs goes on. */
    private void restart(int which) {
        if (!motion.follows()) {
            if (motion.runs(Trigger.Kind.DRAG) && (mask & bitOf(motion.trigger().button())) == 0) {
                end();
            }
            return;
        }
        List<BindingContext> contexts = motion.contexts();
        Trigger t = PointerTriggers.drag(motion.keymap(), which, pen, motion.modifiers(), contexts);
        if (motion.find(t, contexts) == null) {
            return;
        }
        button = which;
        boolean running = motion.running();
        motion.start(t, running ? motion.x() : pressX, running ? motion.y() : pressY, contexts);
    }

    private void letGo(double timeMs) {
        int was = button;
        button = -1;
        if (motion.dead()) {
            return;
        }
        if (motion.running() && !motion.runsByAxis()) {
            if (!motion.runs(Trigger.Kind.HOLD)) {
                finish.run();
            }
        } else if (was >= 0 && !spoiled) {
            click(was, timeMs);
        }
    }

    /** One finger touched the glass and left it in place: a click of the left button. */
    void tap(double px, double py, double timeMs) {
        motion.at(px, py);
        pressedHere();
        motion.modifiers(0);
        pen = false;
        pressContexts = motion.contexts();
        click(0, timeMs);
    }

    private void click(int which, double timeMs) {
        double x = motion.x();
        double y = motion.y();
        if (Math.hypot(x - pressX, y - pressY) >= InputThresholds.DRAG_PX) {
            return;
        }
        boolean twice = which == clickButton
                && timeMs - clickTime <= InputThresholds.DOUBLE_MS
                && Math.hypot(x - clickX, y - clickY) < InputThresholds.DRAG_PX;
        clickTime = twice ? Double.NEGATIVE_INFINITY : timeMs;
        clickX = x;
        clickY = y;
        clickButton = which;
        Keymap keymap = motion.keymap();
        Binding b = twice ? keymap.find(Trigger.doubleClick(which), motion.modifiers(), pressContexts) : null;
        if (b == null) {
            Trigger once = PointerTriggers.click(keymap, which, pen, motion.modifiers(), pressContexts);
            b = keymap.find(once, motion.modifiers(), pressContexts);
        }
        if (b != null) {
            motion.actions().run(b, x, y);
        }
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
}
