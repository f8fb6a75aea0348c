package rhombus.core.keymap;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What keys do: at once, for as long as they are down, or as a motion that the hand makes while they are held. */
final class KeyResolver {
    private final RunningMotion motion;
    private final Runnable followModifiers;
    private final Runnable finish;
    private final Runnable revive;
    private final HeldKeys held = new HeldKeys();
    /** Keys down whose command lasts as long as they are, and since when. */
    private final Map<String, Lasting> lasting = new LinkedHashMap<>();

    private boolean ctrlDown;

    private record Lasting(Binding binding, double since) {}

    /**
     * Keys of a hand.
     *
     * @param followModifiers told that other modifiers are down while a motion runs
     * @param finish ends the motion that runs
     * @param revive told that a key went up after a motion was ended in its middle
     */
    KeyResolver(RunningMotion motion, Runnable followModifiers, Runnable finish, Runnable revive) {
        this.motion = motion;
        this.followModifiers = followModifiers;
        this.finish = finish;
        this.revive = revive;
    }

    /** Whether a key is held for a motion. */
    boolean holding() {
        return !held.none();
    }

    /** Whether Ctrl is down as a key: a trackpad tells a pinch as a wheel with Ctrl that no key has pressed. */
    boolean ctrlDown() {
        return ctrlDown;
    }

    /** The hand moves with a key held: its motion begins where the pointer was, so that none of its way is lost. */
    void moved(double fromX, double fromY) {
        held.moved();
        motion.start(Trigger.hold(held.newest()), fromX, fromY, motion.actions().contextsAt(fromX, fromY));
    }

    /** A key went down; says whether something answered. */
    boolean down(String code, int mods, boolean repeat, double timeMs) {
        motion.modifiers(mods);
        int modifier = Modifiers.ofCode(code);
        if (modifier != 0) {
            ctrlDown |= modifier == Modifiers.CTRL;
            if (motion.running()) {
                followModifiers.run();
            }
            return motion.running() || modifier == Modifiers.ALT;
        }
        if (lasting.containsKey(code)) {
            return true;
        }
        boolean free = !motion.running();
        List<BindingContext> contexts =
                free ? motion.contexts() : motion.actions().whileMoving();
        if (handsOver(code, mods, repeat, timeMs)) {
            return true;
        }
        KeyAction deed = KeyAction.of(motion.keymap(), code, mods, contexts, free);
        switch (deed.sort()) {
            case LASTS -> {
                if (!repeat) {
                    lasting.put(code, new Lasting(deed.binding(), timeMs));
                    motion.actions().held(deed.binding(), true, false, motion.x(), motion.y());
                }
            }
            case HOLD -> {
                if (!repeat) {
                    held.press(code, timeMs);
                }
            }
            case RUN -> {
                if (!repeat || free && deed.binding().command().repeats()) {
                    motion.actions().run(deed.binding(), motion.x(), motion.y());
                }
            }
            default -> {
                return !free;
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
        boolean moves = motion.runs(Trigger.Kind.HOLD);
        if (held.none() || motion.running() && !moves || !motion.follows() || repeat) {
            return false;
        }
        List<BindingContext> contexts = motion.contexts();
        if (KeyAction.of(motion.keymap(), code, mods, contexts, true).sort() != KeyAction.Sort.HOLD) {
            return false;
        }
        held.press(code, timeMs);
        if (moves) {
            held.moved();
            motion.start(Trigger.hold(code), motion.x(), motion.y(), contexts);
        }
        return true;
    }

    /** A key went up; says whether it was one that did something. */
    boolean up(String code, int mods, double timeMs) {
        motion.modifiers(mods);
        int modifier = Modifiers.ofCode(code);
        if (modifier != 0) {
            ctrlDown &= modifier != Modifiers.CTRL;
            if (modifier == Modifiers.META) {
                // Some systems tell no key that goes up while Meta is down.
                letGo();
            }
            if (motion.running()) {
                followModifiers.run();
            }
            return motion.running();
        }
        Lasting over = lasting.remove(code);
        if (over != null) {
            boolean tap = timeMs - over.since <= InputThresholds.TAP_MS;
            motion.actions().held(over.binding, false, tap, motion.x(), motion.y());
            return true;
        }
        if (!held.holds(code)) {
            return false;
        }
        boolean newest = held.release(code);
        if (motion.dead()) {
            revive.run();
        } else if (!newest) {
            return true;
        } else if (motion.runs(Trigger.Kind.HOLD)) {
            if (held.none()) {
                finish.run();
            } else {
                motion.start(Trigger.hold(held.newest()), motion.x(), motion.y(), motion.contexts());
            }
        } else if (held.tap(timeMs, InputThresholds.TAP_MS)) {
            Binding tap = motion.keymap().find(Trigger.key(code), mods, motion.contexts());
            if (tap != null) {
                motion.actions().run(tap, motion.x(), motion.y());
            }
        }
        return true;
    }

    /** What lasts as long as a key is down is over, whether the key is up or not. */
    void letGoOfLasting() {
        List<Lasting> over = List.copyOf(lasting.values());
        lasting.clear();
        over.forEach(l -> motion.actions().held(l.binding, false, false, motion.x(), motion.y()));
    }

    /** Every key counts as up. */
    void letGo() {
        letGoOfLasting();
        boolean was = holding();
        held.clear();
        if (was && motion.runs(Trigger.Kind.HOLD)) {
            finish.run();
        }
        if (was && motion.dead()) {
            revive.run();
        }
    }

    /** Every key counts as up, modifiers too. */
    void blur() {
        letGoOfLasting();
        held.clear();
        ctrlDown = false;
        motion.modifiers(0);
    }
}
