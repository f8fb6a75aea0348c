package rhombus.core.scene;

import java.util.List;
import java.util.Objects;
import rhombus.core.geometry.Vec3;

/**
 * One entry of the scene tree. Its number in {@link Scene#nodes()} stays the same as long as the scene is open: what is
 * deleted keeps its place and is {@link #gone()}.
 *
 * @param id stays the same as long as the scene exists
 * @param name as written in the file; may be empty or occur more than once
 * @param parent number of the parent in {@link Scene#nodes()}, or -1
 * @param local matrix relative to the parent, column-major, never changed
 * @param meshes numbers of its meshes in {@link Scene#meshes()}
 * @param camera its camera or null
 * @param light its light or null
 * @param shape the parameters its mesh is made from, or null
 * @param pivot point it rotates and scales about, in its own frame; null for the frame's origin
 * @param layer id of its layer; null for the parent's
 * @param locked whether picking passes over it and all below it
 * @param hidden whether it and all below it are not drawn
 * @param gone whether it was deleted
 * @param picture its picture plane, or null
 * @param way how it and all below it are drawn, unless what lies below has a way of its own
 */
public record Node(
        String id,
        String name,
        int parent,
        double[] local,
        List<Integer> meshes,
        SceneCamera camera,
        Light light,
        ParametricShape shape,
        Vec3 pivot,
        String layer,
        boolean locked,
        boolean hidden,
        boolean gone,
        PicturePlane picture,
        DisplayOverride way) {

    /** A node as a file describes it. */
    public Node(
            String id,
            String name,
            int parent,
            double[] local,
            List<Integer> meshes,
            SceneCamera camera,
            Light light,
            boolean locked) {
        this(
                id,
                name,
                parent,
                local,
                meshes,
                camera,
                light,
                null,
                null,
                null,
                locked,
                false,
                false,
                null,
                DisplayOverride.USUAL);
    }

    /** What the node is to the user. */
    public NodeKind kind() {
        if (picture != null) {
            return NodeKind.PICTURE;
        }
        return camera != null
                ? NodeKind.CAMERA
                : light != null ? NodeKind.LIGHT : meshes.isEmpty() ? NodeKind.GROUP : NodeKind.MESH;
    }

    /** Whether a node lies in the same place of the tree and is made of the same things. */
    boolean sameStructure(Node o) {
        return parent == o.parent
                && gone == o.gone
                && hidden == o.hidden
                && locked == o.locked
                && way == o.way
                && Objects.equals(layer, o.layer)
                && Objects.equals(id, o.id)
                && meshes.equals(o.meshes);
    }

    /** The same node with another matrix. */
    public Node withLocal(double[] matrix) {
        return new Node(
                id, name, parent, matrix, meshes, camera, light, shape, pivot, layer, locked, hidden, gone, picture,
                way);
    }

    /** The same node under another name. */
    public Node withName(String other) {
        return new Node(
                id, other, parent, local, meshes, camera, light, shape, pivot, layer, locked, hidden, gone, picture,
                way);
    }

    /** The same node below another parent. */
    public Node withParent(int other, double[] matrix) {
        return new Node(
                id, name, other, matrix, meshes, camera, light, shape, pivot, layer, locked, hidden, gone, picture,
                way);
    }

    /** The same node with another mesh made from a shape. */
    public Node withShape(ParametricShape other, List<Integer> itsMeshes) {
        return new Node(
                id, name, parent, local, itsMeshes, camera, light, other, pivot, layer, locked, hidden, gone, picture,
                way);
    }

    /** The same node with another camera. */
    public Node withCamera(SceneCamera other) {
        return new Node(
                id, name, parent, local, meshes, other, light, shape, pivot, layer, locked, hidden, gone, picture, way);
    }

    /** The same node with another pivot point. */
    public Node withPivot(Vec3 point) {
        return new Node(
                id, name, parent, local, meshes, camera, light, shape, point, layer, locked, hidden, gone, picture,
                way);
    }

    /** The same node on another layer. */
    public Node withLayer(String other) {
        return new Node(
                id, name, parent, local, meshes, camera, light, shape, pivot, other, locked, hidden, gone, picture,
                way);
    }

    /** The same node, locked or not. */
    public Node withLocked(boolean on) {
        return new Node(
                id, name, parent, local, meshes, camera, light, shape, pivot, layer, on, hidden, gone, picture, way);
    }

    /** The same node, hidden or not. */
    public Node withHidden(boolean on) {
        return new Node(
                id, name, parent, local, meshes, camera, light, shape, pivot, layer, locked, on, gone, picture, way);
    }

    /** The same node, deleted or back. */
    public Node withGone(boolean on) {
        return new Node(
                id, name, parent, local, meshes, camera, light, shape, pivot, layer, locked, hidden, on, picture, way);
    }

    /** The same under another id, as a copy of it starts. */
    public Node withId(String other) {
        return new Node(
                other, name, parent, local, meshes, camera, light, shape, pivot, layer, locked, hidden, gone, picture,
                way);
    }

    /** The same node with another picture plane. */
    public Node withPicture(PicturePlane other) {
        return new Node(
                id, name, parent, local, meshes, camera, light, shape, pivot, layer, locked, hidden, gone, other, way);
    }

    /** The same node, drawn in another way. */
    public Node withWay(DisplayOverride other) {
        return new Node(
                id, name, parent, local, meshes, camera, light, shape, pivot, layer, locked, hidden, gone, picture,
                other);
    }
}
