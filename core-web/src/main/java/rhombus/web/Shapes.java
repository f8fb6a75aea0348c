package rhombus.web;

import java.util.HashMap;
import java.util.Map;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.Shape;
import rhombus.core.scene.ShapeMesh;

/** What a painter needs of meshes that are made from numbers and are in no file. */
final class Shapes {
    private final Map<Shape, ShapeMesh> made = new HashMap<>();

    /** The solid a mesh was made from. */
    ShapeMesh of(Scene scene, int mesh) {
        for (Node n : scene.nodes()) {
            if (n.shape() != null && n.meshes().contains(mesh)) {
                return made.computeIfAbsent(n.shape(), ShapeMesh::of);
            }
        }
        return null;
    }

    /** Plain and light, a little cool: it has no colour of its own yet. */
    static Map<String, Object> material() {
        return Plain.map("id", -2, "color", Plain.list(0.56, 0.6, 0.62, 1), "blend", false, "cutoff", 0);
    }
}
