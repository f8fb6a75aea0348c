package rhombus.core.stage.keymaps;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * What the hand did for a binding, and what stands against it.
 *
 * @param words what it did
 * @param refused why it cannot be
 * @param clash what else answers to it
 * @param canSwap whether the two can change places
 * @param notes what the user should know all the same
 * @param loses what nothing would run any more that nobody can do without: it takes a clear yes
 * @param losesBySwap the same where the two change places
 * @param free a free trigger near it, in words, where something is said against this one
 */
public record CapturedTrigger(
        String words,
        @Maybe String refused,
        @Maybe String clash,
        boolean canSwap,
        List<String> notes,
        List<String> loses,
        List<String> losesBySwap,
        @Maybe String free) {
    /** Something that can be no trigger. */
    static CapturedTrigger refused(String words, String why) {
        return new CapturedTrigger(words, why, null, false, List.of(), List.of(), List.of(), null);
    }
}
