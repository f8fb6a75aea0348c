package rhombus.formats;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;

/**
 * In glTF up is Y (2.0, 3.4). A scene in which Z is up is written below a node that stands it up for others, and that is taken
 * away again when the file comes back here.
 */
final class Upright {
    private static final String MARK = "upright";

    private Upright() {}

    /** Puts what stands at the top of a scene in which Z is up below a node that turns it; gives what stands at the top then. */
    static List<Object> over(List<Object> roots, Scene scene, List<Object> nodes) {
        if (scene.up() == UpAxis.Y || roots.isEmpty()) {
            return roots;
        }
        Quat q = Quat.about(Vec3.X, -Math.PI / 2);
        nodes.add(Plain.map(
                "name",
                "Upright",
                "rotation",
                Plain.list(q.x(), q.y(), q.z(), q.w()),
                "children",
                roots,
                "extras",
                Plain.map("rhombus", Plain.map(MARK, true))));
        return List.of(nodes.size() - 1);
    }

    /** Takes that node away from a document that has it. */
    static void away(Map<String, Object> gltf) {
        int scene = Plain.whole(gltf.get("scene"), 0);
        List<Object> scenes = Plain.list(gltf.get("scenes"));
        Map<String, Object> shown = scene < 0 || scene >= scenes.size() ? Map.of() : Plain.map(scenes.get(scene));
        List<Object> roots = Plain.list(shown.get("nodes"));
        List<Object> nodes = Plain.list(gltf.get("nodes"));
        int root = roots.size() == 1 ? Plain.whole(roots.get(0), -1) : -1;
        Map<String, Object> node = root < 0 || root >= nodes.size() ? Map.of() : Plain.map(nodes.get(root));
        boolean marked = Boolean.TRUE.equals(
                Plain.map(Plain.map(node.get("extras")).get("rhombus")).get(MARK));
        if (marked && node.get("children") instanceof List<?>) {
            shown.put("nodes", node.remove("children"));
        }
    }
}
