package rhombus.core.keymap;

/** Watches the hand until it has done something that can be a trigger: rebinding by doing. */
public final class TriggerCapture {
    private static final String TAB = "Tab";
    private static final int SLID_TWO_WAYS = 2;
    /** Pixels of a notch (common practice, no source). */
    private static final double NOTCH = 100;

    private final FingerCapture fingers = new FingerCapture(t -> decide(t, 0));
    private Trigger done;
    private int doneModifiers;
    private String key = "";
    private int keyModifiers;
    private boolean ctrlDown;
    private int buttons;
    private int button = -1;
    private int pressModifiers;
    private boolean pen;
    private double x = Double.NaN;
    private double y;
    private double pressX;
    private double pressY;
    private double clickTime = Double.NaN;
    private Trigger clicked;
    private int clickModifiers;
    /** How far the hand has gone with what it did, and how far it has turned the wheel. */
    private double wentX;

    private double wentY;
    private double turned;
    private double lastTurn = Double.NaN;
    private boolean keyHeld;
    /** A modifier that is down and with which nothing has been done yet, or empty. */
    private String bare = "";

    private String alone;

    /** Fingers rest, and the wheel stands still, when nothing has come for so long, milliseconds. */
    private static final double REST_MS = 350;

    /**
     * The whole way of a motion.
     *
     * @param x pixels to the right
     * @param y pixels down
     * @param away wheel notches away from the user, or the same of fingers that spread
     */
    public record Way(double x, double y, double away) {}

    /** What was done, or null while it is not decided. */
    public Trigger trigger() {
        return done;
    }

    /** What was done that can be no trigger by itself: the W3C code of a modifier key, or of Tab; null where nothing was. */
    public String alone() {
        return done == null ? alone : null;
    }

    /** Modifiers that were down with it. */
    public int modifiers() {
        return doneModifiers;
    }

    /** The way it has gone until now. */
    public Way way() {
        return new Way(wentX + fingers.wentX(), wentY + fingers.wentY(), turned + fingers.spread());
    }

    /** Whether it is decided and the hand has let go, so that its whole way is known. */
    public boolean over(double timeMs) {
        boolean rests = Double.isNaN(lastTurn) || timeMs - lastTurn > REST_MS;
        return done != null
                && buttons == 0
                && fingers.none()
                && rests
                && !(done.kind() == Trigger.Kind.HOLD && keyHeld);
    }

    /** Fingers on the glass. */
    public FingerCapture fingers() {
        return fingers;
    }

    private void decide(Trigger t, int mods) {
        if (done == null && t != null) {
            done = t;
            doneModifiers = mods;
        }
    }

    /** Like {@link InputResolver#pointer}. */
    public void pointer(double px, double py, int held, int mods, boolean byPen, double timeMs) {
        bare = held == 0 ? bare : "";
        double moved = Double.isNaN(x) ? 0 : Math.hypot(px - x, py - y);
        if (held != 0 && buttons != 0 || keyHeld && !Double.isNaN(x)) {
            wentX += px - x;
            wentY += py - y;
        }
        x = px;
        y = py;
        pen = byPen;
        if (held != 0 && buttons == 0) {
            button = ButtonResolver.lowest(held);
            pressX = px;
            pressY = py;
            pressModifiers = mods;
        }
        if (button >= 0 && Math.hypot(px - pressX, py - pressY) >= InputThresholds.DRAG_PX) {
            decide(dragged(held), pressModifiers);
        } else if (held == 0 && buttons != 0 && button >= 0) {
            click(timeMs);
        } else if (!key.isEmpty() && held == 0 && moved > 0) {
            decide(Trigger.hold(key), keyModifiers);
        }
        buttons = held;
    }

    /** What is dragged: nothing that can be bound where more is down than two buttons. */
    private Trigger dragged(int held) {
        boolean one = Integer.bitCount(held) == 1;
        if (!pen) {
            return one ? Trigger.drag(button) : PointerTriggers.both(held);
        }
        int part = PointerTriggers.part(ButtonResolver.highest(held));
        return part < 0 ? Trigger.pen() : Trigger.pen(part);
    }

    private void click(double timeMs) {
        int part = pen ? PointerTriggers.part(button) : -1;
        Trigger once = part < 0 ? Trigger.click(button) : Trigger.penTap(part);
        if (timeMs - clickTime <= InputThresholds.DOUBLE_MS && once.equals(clicked) && part < 0) {
            decide(Trigger.doubleClick(button), pressModifiers);
        }
        clickTime = timeMs;
        clicked = once;
        clickModifiers = pressModifiers;
        button = -1;
    }

    /** The wheel has turned, or fingers have moved on a trackpad: whole events, as in the W3C WheelEvent. */
    public void wheel(double deltaX, double deltaY, int mods, double timeMs) {
        bare = "";
        lastTurn = timeMs;
        turned -= deltaY / NOTCH;
        if (done == null || done.kind() == Trigger.Kind.SLIDE) {
            wentX -= deltaX;
            wentY -= deltaY;
        }
        if ((mods & Modifiers.CTRL) != 0 && !ctrlDown) {
            decide(Trigger.pinch(), mods & ~Modifiers.CTRL);
        } else if (Math.abs(deltaX) * SLID_TWO_WAYS > Math.abs(deltaY) && (mods & Modifiers.SHIFT) == 0) {
            // A wheel turns one way; only fingers go sideways.
            decide(Trigger.slide(), mods);
        } else {
            decide(buttons == 0 || button < 0 ? Trigger.wheel() : Trigger.wheelWith(button), mods);
        }
    }

    /** A key went down. */
    public void keyDown(String code, int mods) {
        bare = Modifiers.ofCode(code) != 0 ? code : "";
        if (code.equals(TAB)) {
            alone = code;
            return;
        }
        ctrlDown |= Modifiers.ofCode(code) == Modifiers.CTRL;
        if (Modifiers.ofCode(code) == 0 && KeyNames.known(code) && key.isEmpty()) {
            key = code;
            keyModifiers = mods;
            keyHeld = true;
        }
    }

    /** A key went up. */
    public void keyUp(String code) {
        if (code.equals(bare) && buttons == 0 && key.isEmpty()) {
            alone = code;
        }
        ctrlDown &= Modifiers.ofCode(code) != Modifiers.CTRL;
        if (code.equals(key)) {
            keyHeld = false;
            decide(Trigger.key(code), keyModifiers);
        }
    }

    /** A part of a gamepad or a 3D mouse was pressed, or is far enough out of its middle to be meant. */
    public void part(Trigger t, int mods) {
        decide(t, mods);
    }

    /** Time goes by: a single click is one once no second can follow. */
    public void tick(double timeMs) {
        if (timeMs - clickTime > InputThresholds.DOUBLE_MS && button < 0) {
            decide(clicked, clickModifiers);
        }
        fingers.tick(timeMs);
    }
}
