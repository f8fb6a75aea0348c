package rhombus.core.keymap;

import java.util.Arrays;
import java.util.List;

/** Finds a trigger near another one that nothing else answers to. */
public final class Free {
    /** Rows of a keyboard from above, each shifted to the right by so much of a key; as on ISO and ANSI keyboards. */
    private static final List<String[]> ROWS = List.of(
            "Digit1 Digit2 Digit3 Digit4 Digit5 Digit6 Digit7 Digit8 Digit9 Digit0".split(" "),
            "KeyQ KeyW KeyE KeyR KeyT KeyY KeyU KeyI KeyO KeyP".split(" "),
            "KeyA KeyS KeyD KeyF KeyG KeyH KeyJ KeyK KeyL Semicolon".split(" "),
            "KeyZ KeyX KeyC KeyV KeyB KeyN KeyM Comma Period Slash".split(" "));

    private static final double[] SHIFTED = {0, 0.5, 0.75, 1.25};
    /** Chords that are tried, and how much worse than the key alone each is, in widths of a key. */
    private static final int[] CHORDS = {
        0,
        Modifiers.SHIFT,
        Modifiers.ALT,
        Modifiers.CTRL,
        Modifiers.ALT | Modifiers.SHIFT,
        Modifiers.CTRL | Modifiers.SHIFT,
        Modifiers.CTRL | Modifiers.ALT
    };

    private static final double[] COST = {0, 0.6, 0.8, 1, 1.6, 1.8, 2.2};
    private static final double FAR = 20;

    private Free() {}

    /** A trigger with its modifiers. */
    public record Chord(Trigger trigger, int modifiers) {}

    /** The nearest free one of the same kind, or null where there is none. */
    public static Chord near(Keymap map, Binding b, Trigger wanted, int modifiers, Platform platform) {
        Chord best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Trigger t : alike(wanted)) {
            for (int i = 0; i < CHORDS.length; i++) {
                double cost = distance(wanted.code(), t.code()) * 1.5
                        + (CHORDS[i] == modifiers ? 0 : COST[i])
                        + (wanted.button() == t.button() ? 0 : 2);
                if (cost < least && free(map, b, t, CHORDS[i], platform)) {
                    least = cost;
                    best = new Chord(t, CHORDS[i]);
                }
            }
        }
        return best;
    }

    private static List<Trigger> alike(Trigger t) {
        return switch (t.kind()) {
            case KEY, HOLD ->
                ROWS.stream()
                        .flatMap(Arrays::stream)
                        .map(code -> new Trigger(t.kind(), code, -1))
                        .toList();
            case DRAG, CLICK, DOUBLE ->
                List.of(0, 1, 2).stream().map(k -> new Trigger(t.kind(), "", k)).toList();
            case TAP -> List.of(Trigger.tap(2), Trigger.tap(3));
            default -> List.of(t);
        };
    }

    private static boolean free(Keymap map, Binding b, Trigger t, int modifiers, Platform platform) {
        // Neither the same place nor one inside of it, whose motion it would take.
        boolean used = map.bindings().stream()
                .anyMatch(o -> !o.id().equals(b.id())
                        && o.trigger() != null
                        && o.trigger().equals(t)
                        && o.modifiers() == modifiers);
        if (used) {
            return false;
        }
        Binding wanted = b.with(t, modifiers);
        Keymap then = map.with(wanted);
        // A key that lasts would take the motion that the same key is held for.
        boolean hides = t.kind().ofKey()
                && then.bindings().stream()
                        .filter(o ->
                                o.trigger() != null && o.trigger().code().equals(t.code()) && !o.id().equals(b.id()))
                        .anyMatch(o -> Reach.before(then, o).contains(wanted));
        return !hides && Analysis.sentences(then, wanted, platform).isEmpty();
    }

    private static double distance(String a, String b) {
        if (a.equals(b)) {
            return 0;
        }
        double[] p = place(a);
        double[] q = place(b);
        return p == null || q == null ? FAR : Math.hypot(p[0] - q[0], p[1] - q[1]);
    }

    private static double[] place(String code) {
        for (int row = 0; row < ROWS.size(); row++) {
            for (int k = 0; k < ROWS.get(row).length; k++) {
                if (ROWS.get(row)[k].equals(code)) {
                    return new double[] {k + SHIFTED[row], row};
                }
            }
        }
        return null;
    }
}
