package rhombus.core.keymap;

/** Watches the hand until it has done something that can be a trigger: rebinding by doing. */
public final class Capture {
    private Trigger done;
    private int doneModifiers;
    private String key = "";
    private int keyModifiers;
    private int buttons;
    private int button = -1;
    private int pressModifiers;
    private double x = Double.NaN;
    private double y;
    private double pressX;
    private double pressY;
    private double clickTime = Double.NaN;
    private int clickButton;
    private int clickModifiers;

    /** What was done, or null while it is not decided. */
    public Trigger trigger() {
        return done;
    }

    /** Modifiers that were down with it. */
    public int modifiers() {
        return doneModifiers;
    }

    private void decide(Trigger t, int mods) {
        if (done == null) {
            done = t;
            doneModifiers = mods;
        }
    }

    /** Like {@link Resolver#pointer}. */
    public void pointer(double px, double py, int held, int mods, double timeMs) {
        double moved = Double.isNaN(x) ? 0 : Math.hypot(px - x, py - y);
        x = px;
        y = py;
        if (held != 0 && buttons == 0) {
            button = held == 1 ? 0 : held == 2 ? 2 : held == 4 ? 1 : held == 8 ? 3 : 4;
            pressX = px;
            pressY = py;
            pressModifiers = mods;
        }
        if (button >= 0 && Math.hypot(px - pressX, py - pressY) >= Resolver.DRAG_PX) {
            decide(Trigger.drag(button), pressModifiers);
        } else if (held == 0 && buttons != 0 && button >= 0) {
            if (timeMs - clickTime <= Resolver.DOUBLE_MS && clickButton == button) {
                decide(Trigger.doubleClick(button), pressModifiers);
            }
            clickTime = timeMs;
            clickButton = button;
            clickModifiers = pressModifiers;
            button = -1;
        } else if (!key.isEmpty() && held == 0 && moved > 0) {
            decide(Trigger.hold(key), keyModifiers);
        }
        buttons = held;
    }

    /** The wheel has turned. */
    public void wheel(int mods) {
        decide(Trigger.wheel(), mods);
    }

    /** A key went down. */
    public void keyDown(String code, int mods) {
        if (Modifiers.ofCode(code) == 0 && KeyNames.known(code) && key.isEmpty()) {
            key = code;
            keyModifiers = mods;
        }
    }

    /** A key went up. */
    public void keyUp(String code) {
        if (code.equals(key)) {
            decide(Trigger.key(code), keyModifiers);
        }
    }

    /** Time goes by: a single click is one once no second can follow. */
    public void tick(double timeMs) {
        if (timeMs - clickTime > Resolver.DOUBLE_MS && button < 0) {
            decide(Trigger.click(clickButton), clickModifiers);
        }
    }
}
