package rhombus.core.page;

import java.util.HashMap;
import java.util.Map;
import rhombus.core.scene.Node;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.ShapeMesh;
import rhombus.core.stage.show.paint.Material;

/** What the painter needs of meshes that are made from numbers and are in no file. */
final class ShapeMeshes {
    private final Map<ParametricShape, ShapeMesh> made = new HashMap<>();

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
    static Material material() {
        return Material.plain(-2, new double[] {0.56, 0.6, 0.62, 1});
    }
}
