package rhombus.core.keymap;

import java.util.List;
import java.util.Map;

/** Finds a trigger near another one that nothing else answers to. */
public final class FreeTriggerFinder {
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

    private FreeTriggerFinder() {}

    /** A trigger with its modifiers. */
    public record Chord(Trigger trigger, int modifiers) {}

    /** The nearest free one of the same kind, or null where there is none. */
    public static Chord near(
            Keymap map, Binding b, Trigger wanted, int modifiers, Platform platform, Map<String, String> layout) {
        Chord best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Trigger t : alike(wanted)) {
            for (int i = 0; i < CHORDS.length; i++) {
                double cost = distance(wanted.code(), t.code()) * 1.5
                        + (CHORDS[i] == modifiers ? 0 : COST[i])
                        + (wanted.button() == t.button() ? 0 : 2);
                if (cost < least && free(map, b, t, CHORDS[i], platform, layout)) {
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
                KeyboardShape.ROWS.stream()
                        .flatMap(List::stream)
                        .map(code -> new Trigger(t.kind(), code, -1))
                        .toList();
            case DRAG, CLICK, DOUBLE ->
                List.of(0, 1, 2).stream().map(k -> new Trigger(t.kind(), "", k)).toList();
            case TAP -> List.of(Trigger.tap(2), Trigger.tap(3));
            default -> List.of(t);
        };
    }

    private static boolean free(
            Keymap map, Binding b, Trigger t, int modifiers, Platform platform, Map<String, String> layout) {
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
        return TriggerOverlap.covered(map, then, wanted).isEmpty()
                && BindingWarnings.of(then, wanted, platform, layout).isEmpty();
    }

    private static double distance(String a, String b) {
        if (a.equals(b)) {
            return 0;
        }
        KeyboardShape.Place p = place(a);
        KeyboardShape.Place q = place(b);
        return p == null || q == null ? FAR : Math.hypot(p.x() - q.x(), p.y() - q.y());
    }

    /** Where a key of digits and letters lies; null for others, which are far from everything. */
    private static KeyboardShape.Place place(String code) {
        if (KeyboardShape.ROWS.stream().noneMatch(row -> row.contains(code))) {
            return null;
        }
        return KeyboardShape.keys(false).stream()
                .filter(k -> k.code().equals(code))
                .findFirst()
                .orElseThrow();
    }
}
