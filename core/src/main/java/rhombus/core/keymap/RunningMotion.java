package rhombus.core.keymap;

import java.util.List;

/** Where the hand is, and the motion that runs for it, whichever of its buttons, keys or wheels began that. */
final class RunningMotion {
    private final ResolverActions actions;
    private Keymap keymap;

    private boolean seen;
    private double x = Double.NaN;
    private double y = Double.NaN;
    private int modifiers;
    /** Whether changed buttons and modifiers change a motion under way; else the first one stays. */
    private boolean follow = true;

    private Trigger trigger;
    private Binding binding;
    private boolean fine;
    private boolean snap;
    /** Taken up by a click: it goes on without a button until the next press. */
    private boolean latched;
    /** Nothing moves until every button and key that is down is up. */
    private boolean dead;

    RunningMotion(ResolverActions actions, Keymap keymap) {
        this.actions = actions;
        this.keymap = keymap;
    }

    // ---- the hand
    // ----------------------------------------------------------------------------------------------------

    ResolverActions actions() {
        return actions;
    }

    Keymap keymap() {
        return keymap;
    }

    void use(Keymap map) {
        keymap = map;
    }

    void at(double px, double py) {
        x = px;
        y = py;
    }

    /** Whether the pointer is known to be on the stage. */
    boolean seen() {
        return seen;
    }

    void see() {
        seen = true;
    }

    void away() {
        seen = false;
        x = Double.NaN;
        y = Double.NaN;
    }

    /** Where the pointer is; NaN where it is not on the stage. */
    double x() {
        return x;
    }

    double y() {
        return y;
    }

    int modifiers() {
        return modifiers;
    }

    void modifiers(int mods) {
        modifiers = mods;
    }

    boolean follows() {
        return follow;
    }

    void follow(boolean on) {
        follow = on;
    }

    List<BindingContext> contexts() {
        return actions.contextsAt(x, y);
    }

    /** What answers a trigger with the modifiers that are down, or null. */
    BindingMatch find(Trigger t, List<BindingContext> contexts) {
        return BindingMatch.in(keymap, t, modifiers, contexts);
    }

    // ---- the motion
    // --------------------------------------------------------------------------------------------------

    boolean running() {
        return binding != null;
    }

    /** Whether one runs that was begun by a trigger of this kind. */
    boolean runs(Trigger.Kind kind) {
        return binding != null && trigger != null && trigger.kind() == kind;
    }

    /** Whether the axes of a device run one: buttons may still click, and a drag takes over. */
    boolean runsByAxis() {
        return binding != null && trigger != null && trigger.kind().ofAxis();
    }

    Binding binding() {
        return binding;
    }

    Trigger trigger() {
        return trigger;
    }

    boolean latched() {
        return latched;
    }

    boolean fine() {
        return fine;
    }

    boolean snap() {
        return snap;
    }

    boolean dead() {
        return dead;
    }

    /** From now on nothing moves until the hand has let go. */
    void kill() {
        dead = true;
    }

    void revive() {
        dead = false;
    }

    /** Begins what is bound to a trigger, if anything is. */
    void start(Trigger t, double fromX, double fromY, List<BindingContext> contexts) {
        BindingMatch f = find(t, contexts);
        trigger = t;
        if (f != null) {
            begin(f, fromX, fromY);
        }
    }

    void begin(Trigger t, BindingMatch f, double fromX, double fromY) {
        trigger = t;
        begin(f, fromX, fromY);
    }

    /** Goes on with what was found. */
    void begin(BindingMatch f, double fromX, double fromY) {
        binding = f.binding();
        fine = f.fine();
        snap = f.snap();
        actions.begin(binding, fromX, fromY, fine, snap);
    }

    void latch(BindingMatch f, double px, double py) {
        latched = true;
        trigger = null;
        begin(f, px, py);
    }

    /** Two fingers run it: what follows them is told to the actions by their own events. */
    void running(Trigger t, Binding b) {
        trigger = t;
        binding = b;
        latched = false;
    }

    /** It is over, where it is. */
    void finish() {
        forget();
        actions.release();
    }

    /** It is taken back. */
    void cancel() {
        forget();
        dead = true;
        actions.cancel();
    }

    private void forget() {
        binding = null;
        trigger = null;
        latched = false;
    }
}
