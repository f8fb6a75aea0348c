package rhombus.core.board;

/**
 * A rectangle on the stage.
 *
 * @param x left edge, pixels
 * @param y upper edge, pixels
 * @param width pixels
 * @param height pixels
 */
public record StageRect(double x, double y, double width, double height) {
    /** Where it begins: along a row its left edge, down a column its upper edge. */
    double start(boolean row) {
        return row ? x : y;
    }

    /** Its size along a row or down a column. */
    double size(boolean row) {
        return row ? width : height;
    }

    double end(boolean row) {
        return start(row) + size(row);
    }

    /** The piece of it from one place to another along a row or down a column. */
    StageRect slice(boolean row, double from, double size) {
        return row ? new StageRect(from, y, size, height) : new StageRect(x, from, width, size);
    }
}
