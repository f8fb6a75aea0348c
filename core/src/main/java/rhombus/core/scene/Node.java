package rhombus.core.scene;

import java.util.List;

/**
 * One entry of the scene tree.
 *
 * @param id stays the same as long as the scene exists
 * @param name as written in the file; may be empty or occur more than once
 * @param parent number of the parent in {@link Scene#nodes()}, or -1
 * @param local matrix relative to the parent, column-major, never changed
 * @param meshes numbers of its meshes in {@link Scene#meshes()}
 * @param camera its camera or null
 * @param light its light or null
 * @param locked whether picking passes over it
 */
public record Node(
        String id,
        String name,
        int parent,
        double[] local,
        List<Integer> meshes,
        SceneCamera camera,
        Light light,
        boolean locked) {

    /** What the node is to the user. */
    public Kind kind() {
        return camera != null ? Kind.CAMERA : light != null ? Kind.LIGHT : meshes.isEmpty() ? Kind.GROUP : Kind.MESH;
    }

    /** The same node with another matrix. */
    public Node withLocal(double[] matrix) {
        return new Node(id, name, parent, matrix, meshes, camera, light, locked);
    }
}
