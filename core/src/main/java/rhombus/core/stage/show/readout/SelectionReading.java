package rhombus.core.stage.show.readout;

import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.Maybe;
import rhombus.core.stage.view.ViewSource;

/**
 * What is selected, in numbers.
 *
 * @param name of the selection
 * @param kind of the object selected last
 * @param last its name
 * @param object its id
 * @param size of everything selected, in words
 * @param place of its pivot point, metres
 * @param places the same as fields
 * @param pivot its pivot point as fields
 * @param turns its angles
 * @param scales its factors
 * @param parts selected vertices, edges and faces, in words
 * @param locked whether it is locked
 * @param group whether it is a group
 * @param ways in which the object selected last can be drawn
 * @param triangles of everything selected
 * @param lines of everything selected, if there are any
 * @param points of everything selected, if there are any
 * @param shape numbers of a solid
 */
public record SelectionReading(
        String name,
        String kind,
        String last,
        String object,
        String size,
        Vec3 place,
        List<ReadoutField> places,
        List<ReadoutField> pivot,
        List<ReadoutField> turns,
        List<ReadoutField> scales,
        @Maybe String parts,
        @Maybe Boolean locked,
        @Maybe Boolean group,
        List<ViewSource> ways,
        int triangles,
        @Maybe Integer lines,
        @Maybe Integer points,
        @Maybe List<ReadoutField> shape) {}
