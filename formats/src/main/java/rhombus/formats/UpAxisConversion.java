package rhombus.formats;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;

/**
 * In glTF up is Y (2.0, 3.4). A scene in which Z is up is written below a node that stands it up for others, and that is taken
 * away again when the file comes back here.
 */
final class UpAxisConversion {
    private static final String MARK = "upright";

    private UpAxisConversion() {}

    /** Puts what stands at the top of a scene in which Z is up below a node that turns it; gives what stands at the top then. */
    static List<Object> over(List<Object> roots, Scene scene, List<Object> nodes) {
        if (scene.up() == UpAxis.Y || roots.isEmpty()) {
            return roots;
        }
        Quat q = Quat.about(Vec3.X, -Math.PI / 2);
        nodes.add(PlainData.map(
                "name",
                "Upright",
                "rotation",
                PlainData.list(q.x(), q.y(), q.z(), q.w()),
                "children",
                roots,
                "extras",
                PlainData.map("rhombus", PlainData.map(MARK, true))));
        return List.of(nodes.size() - 1);
    }

    /** Takes that node away from a document that has it. */
    static void away(Map<String, Object> gltf) {
        int scene = PlainData.whole(gltf.get("scene"), 0);
        List<Object> scenes = PlainData.list(gltf.get("scenes"));
        Map<String, Object> shown = scene < 0 || scene >= scenes.size() ? Map.of() : PlainData.map(scenes.get(scene));
        List<Object> roots = PlainData.list(shown.get("nodes"));
        List<Object> nodes = PlainData.list(gltf.get("nodes"));
        int root = roots.size() == 1 ? PlainData.whole(roots.get(0), -1) : -1;
        Map<String, Object> node = root < 0 || root >= nodes.size() ? Map.of() : PlainData.map(nodes.get(root));
        boolean marked = Boolean.TRUE.equals(
                PlainData.map(PlainData.map(node.get("extras")).get("rhombus")).get(MARK));
        if (marked && node.get("children") instanceof List<?>) {
            shown.put("nodes", node.remove("children"));
        }
    }
}
