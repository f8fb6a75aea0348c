package rhombus.core.stage.show.paint;

/**
 * A lozenge of a viewport that is drawn with another look, and the rectangle round it that lies in the viewport; CSS pixels from its
 * upper left corner.
 *
 * @param look names that look: always {@link #OTHER}
 * @param x middle of the lozenge
 * @param y middle of the lozenge
 * @param half from its middle to each corner
 * @param left of the rectangle
 * @param top of the rectangle
 * @param width of the rectangle
 * @param height of the rectangle
 */
public record PortholeRect(
        String look, double x, double y, double half, double left, double top, double width, double height) {
    /** Stands for the other look of a viewport where a look is named. */
    public static final String OTHER = "other";
}
