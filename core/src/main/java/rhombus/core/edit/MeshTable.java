package rhombus.core.edit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.scene.Node;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.ShapeMesh;

/** The meshes of a scene, to which those of shapes are added as they are needed; equal shapes share one. */
final class MeshTable {
    private final Map<ParametricShape, List<Integer>> known = new HashMap<>();
    private Scene scene;

    MeshTable(Scene scene) {
        this.scene = scene;
        for (Node n : scene.nodes()) {
            if (n.shape() != null) {
                known.put(n.shape(), n.meshes());
            }
        }
    }

    /** Numbers of a shape's meshes. */
    List<Integer> of(ParametricShape s) {
        return known.computeIfAbsent(s, shape -> {
            scene = scene.withMesh(ShapeMesh.of(shape).mesh());
            return List.of(scene.meshes().size() - 1);
        });
    }

    /** The scene with all meshes so far. */
    Scene scene() {
        return scene;
    }

    /** Another state of the same scene with all meshes so far. */
    Scene scene(Scene other) {
        Scene s = other;
        for (int i = s.meshes().size(); i < scene.meshes().size(); i++) {
            s = s.withMesh(scene.meshes().get(i));
        }
        return s;
    }
}
