package rhombus.formats.threemf;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.formats.model.ModelPart;

/** What a 3MF model defines before it is used. */
final class ThreeMfResources {
    /**
     * An object: a mesh, or others put together.
     *
     * @param name as the file calls it, or empty
     * @param mesh its parts
     * @param components the objects it is put together from
     */
    record Thing(String name, List<ModelPart> mesh, List<Use> components) {}

    /**
     * An object that is put somewhere.
     *
     * @param object its number in the file
     * @param matrix where, column-major, or null
     */
    record Use(int object, double[] matrix) {}

    /** Objects by the numbers that the file gives them. */
    final Map<Integer, Thing> things = new HashMap<>();
    /** Numbers of materials by the group and the place in it. */
    final Map<Integer, List<Integer>> groups = new HashMap<>();
}
