package rhombus.core.stage.tool;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * What is marked on a picture, as a viewport shows it.
 *
 * @param object id of the picture
 * @param strokes lines and points
 */
public record PictureSketchMark(String object, List<Marked> strokes) {
    /**
     * A line, a point, or two points whose distance is known.
     *
     * @param first names its first end
     * @param second names its second end
     * @param sort which it is
     * @param number counted from 1 among those of its sort
     * @param axis that a line runs along
     * @param x1 of its first end
     * @param y1 of its first end
     * @param x2 of its second end
     * @param y2 of its second end
     * @param lit the end that the pointer is on
     * @param error how far it lies from what the camera that was found sees
     */
    public record Marked(
            String first,
            String second,
            @OneOf({"line", "point", "span"}) String sort,
            int number,
            @Maybe @OneOf({"x", "y", "z"}) String axis,
            double x1,
            double y1,
            double x2,
            double y2,
            @Maybe String lit,
            @Maybe String error) {}
}
