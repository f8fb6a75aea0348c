package rhombus.core.stage.show.readout;

import java.util.List;
import rhombus.core.plain.OneOf;

/**
 * The numbers of a camera.
 *
 * @param object its id
 * @param name as it is listed
 * @param kind how it sees
 * @param fields numbers to type; those without a label follow the one before
 * @param rows facts that follow from them
 * @param backs film backs to choose from
 * @param fits how the picture can lie on the back
 * @param picture the final picture, which belongs to the scene
 */
public record CameraReading(
        String object,
        String name,
        @OneOf({"perspective", "orthographic"}) String kind,
        List<ReadoutField> fields,
        List<ReadoutRow> rows,
        List<Option> backs,
        List<Option> fits,
        FinalPicture picture) {
    /**
     * The final picture of the scene.
     *
     * @param sizes of the trade to choose from
     * @param fields numbers to type
     */
    public record FinalPicture(List<Option> sizes, List<ReadoutField> fields) {}

    /**
     * Something to choose.
     *
     * @param id of what is chosen
     * @param label in words
     * @param on whether it is the present one
     */
    public record Option(String id, String label, boolean on) {}
}
