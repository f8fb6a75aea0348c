package rhombus.core.stage.show.boards;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * A viewport, or a row or column of parts.
 *
 * @param view id of the viewport
 * @param row parts side by side
 * @param column parts one below the other
 * @param shares of the room for each part
 */
public record BoardPart(
        @Maybe String view, @Maybe List<BoardPart> row, @Maybe List<BoardPart> column, @Maybe List<Double> shares) {}
