package rhombus.core.stage.view;

import java.util.Map;
import rhombus.core.plain.Maybe;

/**
 * What a viewport can be made to look from.
 *
 * @param id names it
 * @param label its words
 * @param note more words
 * @param command that takes it
 * @param args of the command
 * @param on whether it is the present one
 */
public record ViewSource(
        String id, String label, @Maybe String note, String command, Map<String, Object> args, boolean on) {}
