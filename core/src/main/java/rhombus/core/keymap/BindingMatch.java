package rhombus.core.keymap;

import java.util.List;

/**
 * The binding that answers a trigger with the modifiers that are down.
 *
 * @param binding what answers
 * @param fine whether the fine modifier is down and not part of the binding
 * @param snap whether the snap modifier is down and not part of the binding
 */
public record BindingMatch(Binding binding, boolean fine, boolean snap) {
    /** Makes motions a tenth as large. */
    public static final int FINE = Modifiers.ALT;
    /** Makes motions snap. */
    public static final int SNAP = Modifiers.SHIFT;

    private static final int[] ASIDE = {0, FINE, SNAP, FINE | SNAP};

    /**
     * A drag or a lasting key that a more specific context answers comes first, with fine and snap taken as such: a handle
     * is dragged in steps, and one who walks runs, even where the same elsewhere means something of its own. Then exact modifiers, then with fine, snap or
     * both taken as such; null if nothing answers.
     */
    public static BindingMatch in(Keymap keymap, Trigger t, int modifiers, List<BindingContext> contexts) {
        BindingMatch first = byModifiers(keymap, t, modifiers, contexts);
        if (first == null || first.fine || first.snap || (modifiers & (FINE | SNAP)) == 0) {
            return first;
        }
        int general = contexts.indexOf(first.binding.context());
        BindingMatch special = byModifiers(keymap, t, modifiers, contexts.subList(0, Math.max(0, general)));
        Command.Sort sort = special == null ? null : special.binding.command().sort();
        return sort == Command.Sort.MOTION || sort == Command.Sort.HELD ? special : first;
    }

    private static BindingMatch byModifiers(Keymap keymap, Trigger t, int modifiers, List<BindingContext> contexts) {
        for (int a : ASIDE) {
            if ((modifiers & a) == a) {
                Binding b = keymap.find(t, modifiers & ~a, contexts);
                if (b != null) {
                    return new BindingMatch(b, (a & FINE) != 0, (a & SNAP) != 0);
                }
            }
        }
        return null;
    }
}
