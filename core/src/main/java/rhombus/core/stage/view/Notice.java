package rhombus.core.stage.view;

import java.util.Map;
import rhombus.core.plain.Maybe;

/**
 * Something the user is told.
 *
 * @param text in a sentence; empty where nothing is told, but what was told of the viewport is not true any more
 * @param label of a command to follow it up
 * @param command its id
 * @param args for the command
 * @param view id of the viewport it is about, on which the command acts, whichever is active by then
 */
public record Notice(
        String text, @Maybe String label, @Maybe String command, Map<String, Object> args, @Maybe String view) {}
