package rhombus.core.stage.boards;

import rhombus.core.plain.Maybe;

/**
 * A border or a crossing of borders, pixels of the stage.
 *
 * @param id names it
 * @param upright whether a border is a vertical line
 * @param crossing whether two borders meet here
 * @param part of the room that lies before a border
 */
public record BorderMark(
        String id,
        @Maybe Boolean upright,
        @Maybe Boolean crossing,
        @Maybe Double part,
        double x,
        double y,
        double width,
        double height) {}
