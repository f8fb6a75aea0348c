package rhombus.core.stage.keymaps;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * How far the teaching has come.
 *
 * @param step number of the question, from 0
 * @param steps how many there are
 * @param asks the question; empty at the end
 * @param told why what was shown is asked for again
 * @param rows what was shown until now, or was skipped
 * @param notes what else changes, at the end
 */
public record TeachingState(
        int step, int steps, String asks, @Maybe String told, List<TaughtRow> rows, List<String> notes) {}
