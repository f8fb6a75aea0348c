package rhombus.core;

import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.ControllerInput;
import rhombus.core.keymap.FingerTracker;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.ResolverActions;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.WheelInput;

/** A trigger performed by a hand on a resolver of its own, and what it came to there. Nothing is really done. */
public final class Performed implements ResolverActions {
    private final Keymap keymap;
    private final List<BindingContext> contexts;
    private final List<BindingContext> whileMoving;
    private String did = "";
    /** Whether the two fingers spread, or turn, while they pan. */
    private boolean pinching;

    private boolean twisting;
    private boolean dragging;

    private Performed(Keymap keymap, List<BindingContext> contexts, List<BindingContext> whileMoving) {
        this.keymap = keymap;
        this.contexts = contexts;
        this.whileMoving = whileMoving;
    }

    /** The id of the binding that answered at a point where these contexts hold; empty for none. */
    public static String at(
            Keymap keymap,
            List<BindingContext> contexts,
            List<BindingContext> whileMoving,
            Trigger t,
            int mods,
            double x,
            double y) {
        Performed p = new Performed(keymap, contexts, whileMoving);
        p.perform(new InputResolver(p, keymap), t, mods, x, y);
        return p.did;
    }

    private void perform(InputResolver r, Trigger t, int mods, double x, double y) {
        r.pointer(x, y, 0, mods, 0);
        int mask = t.button() == 0 ? 1 : t.button() == 1 ? 4 : t.button() == 2 ? 2 : 1 << t.button();
        switch (t.kind()) {
            case KEY -> {
                r.keyDown(t.code(), mods, false, 10);
                r.keyUp(t.code(), mods, 20);
            }
            case HOLD -> {
                r.keyDown(t.code(), mods, false, 10);
                r.pointer(x + 9, y, 0, mods, 400);
            }
            case DRAG -> {
                r.pointer(x, y, mask, mods, 10);
                r.pointer(x + 9, y, mask, mods, 20);
            }
            case CLICK, DOUBLE -> {
                for (int i = 0; i < (t.kind() == Trigger.Kind.DOUBLE ? 2 : 1); i++) {
                    r.pointer(x, y, mask, mods, 10 + i * 20);
                    r.pointer(x, y, 0, mods, 20 + i * 20);
                }
            }
            case WHEEL -> {
                // The key itself is down, so that this is no pinch.
                r.keyDown("ControlLeft", mods, false, 5);
                if (t.button() >= 0) {
                    r.pointer(x, y, mask, mods, 10);
                }
                r.wheel(x, y, new WheelInput(1, 1, 9, 9), mods, 20);
            }
            case SLIDE -> {
                r.keyDown("ControlLeft", mods, false, 5);
                r.wheel(x, y, new WheelInput(1, 1, 9, 9), mods, 20);
            }
            case BOTH -> {
                int pair = new int[] {3, 5, 6}[t.button()];
                r.pointer(x, y, Integer.lowestOneBit(pair), mods, 10);
                r.pointer(x, y, pair, mods, 20);
                r.pointer(x + 9, y, pair, mods, 30);
            }
            case PEN -> {
                int part = t.button() == Trigger.BARREL ? 2 : t.button() == Trigger.ERASER ? 32 : 1;
                r.pointer(x, y, part, mods, true, 10);
                r.pointer(x + 9, y, part, mods, true, 20);
            }
            case PEN_TAP -> {
                int part = t.button() == Trigger.BARREL ? 2 : 32;
                r.pointer(x, y, part, mods, true, 10);
                r.pointer(x, y, 0, mods, true, 20);
            }
            case GAMEPAD, MOUSE3D -> new ControllerInput(r).buttons(Set.of(t), 10);
            case GAMEPAD_AXIS, MOUSE3D_AXIS -> new ControllerInput(r).axes(Map.of(t, 0.5));
            case TOUCH, TAP, PRESS, PINCH, TWIST -> fingers(r, t, x, y);
            default -> throw new AssertionError("nobody knows how to do a " + t.kind());
        }
    }

    private void fingers(InputResolver r, Trigger t, double x, double y) {
        did = "";
        pinching = t.kind() == Trigger.Kind.PINCH;
        twisting = t.kind() == Trigger.Kind.TWIST;
        dragging = t.kind() == Trigger.Kind.TOUCH || t.kind() == Trigger.Kind.TWIST;
        FingerTracker f = new FingerTracker(r);
        int count = t.kind() == Trigger.Kind.PRESS ? 1 : t.button() > 0 ? t.button() : 2;
        for (int i = 0; i < count; i++) {
            f.down(i, x + i * 40, y, 10);
        }
        if (t.kind() == Trigger.Kind.PRESS) {
            f.tick(50);
            f.tick(900);
            return;
        }
        if (t.kind() != Trigger.Kind.TAP) {
            for (int i = 0; i < count; i++) {
                f.move(i, x + i * 60 + 20, y);
            }
        }
        for (int i = 0; i < count; i++) {
            f.up(i, x + i * 40, y, 100);
        }
    }

    @Override
    public List<BindingContext> contextsAt(double x, double y) {
        return contexts;
    }

    @Override
    public List<BindingContext> whileMoving() {
        return whileMoving;
    }

    @Override
    public void run(Binding b, double x, double y) {
        did = b.id();
    }

    @Override
    public void held(Binding b, boolean down, boolean tap, double x, double y) {
        did = down ? b.id() : did;
    }

    @Override
    public void begin(Binding b, double x, double y, boolean fine, boolean snap) {
        did = b.id();
    }

    @Override
    public void drag(double x, double y) {}

    @Override
    public void beginFingers(Binding b, double x, double y, boolean pinch, boolean twist) {
        did = pinching && pinch
                ? keymap.find(Trigger.pinch(), 0, contexts).id()
                : twisting && twist ? keymap.find(Trigger.twist(), 0, contexts).id() : b.id();
    }

    @Override
    public void dragFingers(double x, double y, double spread, double angle) {}

    @Override
    public void steer(List<Steer> some) {
        did = some.get(0).binding().id();
    }

    @Override
    public void release() {}

    @Override
    public void cancel() {}

    @Override
    public void steps(Binding b, double x, double y, double steps, boolean fine) {
        // Fingers that pan one after the other spread a little as well.
        did = dragging ? did : b.id();
    }
}
