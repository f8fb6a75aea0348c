package rhombus.core.keymap;

import java.util.List;

/**
 * What a key does as it goes down: something that lasts as long as it is held, a motion it is held for, something at once,
 * or nothing. The resolver acts on it and the hints tell it, so that both say the same.
 *
 * @param sort of deed
 * @param binding that answers, or null
 */
public record KeyAction(Sort sort, Binding binding) {
    /** Sorts of deeds. */
    public enum Sort {
        /** As long as the key is down. */
        LASTS,
        /** A motion, once the hand moves; a tap of the same key may do something of its own. */
        HOLD,
        /** At once. */
        RUN,
        /** Nothing. */
        NONE
    }

    /**
     * The deed of a key.
     *
     * @param free whether no motion runs, so that holding the key may start one
     */
    public static KeyAction of(Keymap keymap, String code, int modifiers, List<BindingContext> contexts, boolean free) {
        Binding tap = keymap.find(Trigger.key(code), modifiers, contexts);
        BindingMatch loose = BindingMatch.in(keymap, Trigger.key(code), modifiers, contexts);
        BindingMatch hold = free ? BindingMatch.in(keymap, Trigger.hold(code), modifiers, contexts) : null;
        int holdAt = hold == null ? Integer.MAX_VALUE : hold.binding().context().ordinal();
        // In one place what has exactly these modifiers comes first, and of two such what lasts.
        boolean exactHold = hold != null && !hold.fine() && !hold.snap();
        boolean looser = loose != null && (loose.fine() || loose.snap()) && exactHold;
        if (loose != null
                && loose.binding().command().sort() == Command.Sort.HELD
                && loose.binding().context().ordinal() <= (looser ? holdAt - 1 : holdAt)) {
            return new KeyAction(Sort.LASTS, loose.binding());
        }
        if (hold != null && (tap == null || tap.context().ordinal() >= holdAt)) {
            return new KeyAction(Sort.HOLD, hold.binding());
        }
        return tap == null ? new KeyAction(Sort.NONE, null) : new KeyAction(Sort.RUN, tap);
    }
}
