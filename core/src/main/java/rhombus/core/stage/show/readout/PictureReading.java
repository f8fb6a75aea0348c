package rhombus.core.stage.show.readout;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * A picture plane that is selected.
 *
 * @param object its id
 * @param name as it is listed
 * @param facts about it
 * @param fields numbers to type
 * @param seen where it can be seen
 * @param front whether it lies before the scene
 * @param open whether its marks can be seen and dragged in a viewport of the board
 * @param marks on it
 * @param match what they tell of the camera that took it, in words
 * @param found whether they tell one
 */
public record PictureReading(
        String object,
        String name,
        List<ReadoutRow> facts,
        List<ReadoutField> fields,
        List<CameraReading.Option> seen,
        boolean front,
        boolean open,
        List<Mark> marks,
        String match,
        boolean found) {
    /**
     * A line, a point, or two points whose distance is known.
     *
     * @param id of its first end
     * @param sort which it is
     * @param label in words
     * @param error how far off it is
     * @param fields of a point its place in the scene, of two points their distance
     */
    public record Mark(
            String id,
            @OneOf({"line", "point", "span"}) String sort,
            String label,
            @Maybe String error,
            List<ReadoutField> fields) {}
}
