package rhombus.core.stage.hand;

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
 * @param free a free trigger near it, in words, where something is said against this one
 */
public record Captured(
        String words,
        @Maybe String refused,
        @Maybe String clash,
        boolean canSwap,
        List<String> notes,
        @Maybe String free) {}
