package rhombus.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.UploadLimits;

/** A mesh in very many places (EXT_mesh_gpu_instancing): each becomes an object of its own, which share the mesh. */
final class Instancing {
    static final String NAME = "EXT_mesh_gpu_instancing";

    private Instancing() {}

    /** Gives nodes that have it a child for each place; numbers of nodes that are there stay. */
    static void apart(Map<String, Object> gltf, Accessors accessors, UploadLimits limits) {
        List<Object> given = JsonReader.list(gltf, "nodes", "");
        List<Object> nodes = new ArrayList<>(given);
        for (int i = 0; i < given.size(); i++) {
            Map<String, Object> node = JsonReader.map(given.get(i), "nodes[" + i + "]");
            Object own = PlainData.map(node.get("extensions")).get(NAME);
            if (own == null || node.get("mesh") == null) {
                continue;
            }
            String place = "nodes[" + i + "].extensions." + NAME;
            Map<String, Object> attributes = JsonReader.mapIn(JsonReader.map(own, place), "attributes", place);
            float[] t = floats(attributes, "TRANSLATION", 3, accessors, place);
            float[] r = floats(attributes, "ROTATION", 4, accessors, place);
            float[] s = floats(attributes, "SCALE", 3, accessors, place);
            int count = t != null ? t.length / 3 : r != null ? r.length / 4 : s != null ? s.length / 3 : 0;
            if (t != null && t.length != count * 3
                    || r != null && r.length != count * 4
                    || s != null && s.length != count * 3) {
                throw new FileProblem(place, "has attributes of different lengths. Export it again");
            }
            if (nodes.size() + (long) count > limits.nodes()) {
                throw new FileProblem(
                        place,
                        "makes more than " + limits.nodes() + " objects with the others. Upload a part of the scene");
            }
            List<Object> children = new ArrayList<>(JsonReader.list(node, "children", "nodes[" + i + "]"));
            String name = PlainData.text(node.get("name"), "");
            for (int k = 0; k < count; k++) {
                children.add(nodes.size());
                nodes.add(PlainData.map(
                        "name", name.isEmpty() ? null : name + " " + (k + 1),
                        "mesh", node.get("mesh"),
                        "translation", t == null ? null : PlainData.list(t[k * 3], t[k * 3 + 1], t[k * 3 + 2]),
                        "rotation",
                                r == null ? null : PlainData.list(r[k * 4], r[k * 4 + 1], r[k * 4 + 2], r[k * 4 + 3]),
                        "scale", s == null ? null : PlainData.list(s[k * 3], s[k * 3 + 1], s[k * 3 + 2])));
            }
            if (count > 0) {
                node.remove("mesh");
                node.put("children", children);
            }
        }
        if (nodes.size() > given.size()) {
            gltf.put("nodes", nodes);
        }
    }

    private static float[] floats(
            Map<String, Object> attributes, String name, int width, Accessors accessors, String place) {
        int a = JsonReader.index(attributes, name, accessors.size(), place + ".attributes");
        return a < 0 ? null : accessors.floats(a, width, null);
    }
}
