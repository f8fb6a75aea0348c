package rhombus.core.stage.coach;

import java.util.Map;
import rhombus.core.plain.OrNull;

/**
 * Something that could help now.
 *
 * @param id names it
 * @param words what it says
 * @param x where the eye is, pixels from the stage's left
 * @param y pixels from the stage's top
 * @param offer what a button does about it, in words; null for none
 * @param command that the button runs
 * @param args of the command
 */
public record Tip(
        String id,
        String words,
        double x,
        double y,
        @OrNull String offer,
        @OrNull String command,
        @OrNull Map<String, Object> args) {}
