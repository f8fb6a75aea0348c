package rhombus.core.stage.show.help;

import java.util.List;

/**
 * A moment of the preview of a setting.
 *
 * @param width of it, pixels
 * @param height of it
 * @param lines to draw
 * @param handX where the unseen hand's pointer is
 * @param handY where it is
 * @param does what the hand does, in words
 */
public record PreviewFrame(
        double width, double height, List<PreviewLine> lines, double handX, double handY, String does) {
    /**
     * A line.
     *
     * @param x1 of its start, pixels from the left
     * @param y1 from the top
     * @param x2 of its end
     * @param y2 from the top
     * @param sort {@code ground}, {@code box} or {@code mark}
     */
    public record PreviewLine(double x1, double y1, double x2, double y2, String sort) {}
}
