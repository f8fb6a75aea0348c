package rhombus.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/** One colour for each part of a document, for small pictures: what its material says, textures aside. */
final class MeshColors {
    private static final float[] GREY = {0.55f, 0.55f, 0.55f};

    private MeshColors() {}

    /** Red, green and blue of each part in the order of the document, linear, 0 to 1. */
    static List<float[]> of(Map<String, Object> gltf) {
        List<Object> materials = PlainData.list(gltf.get("materials"));
        List<float[]> of = new ArrayList<>();
        for (Object m : materials) {
            Map<String, Object> base = PlainData.map(PlainData.map(m).get("pbrMetallicRoughness"));
            double[] c = PlainData.numbers(base.get("baseColorFactor"), 4);
            of.add(
                    c == null || base.containsKey("baseColorTexture") && c[0] + c[1] + c[2] == 3
                            ? GREY
                            : new float[] {(float) c[0], (float) c[1], (float) c[2]});
        }
        List<float[]> out = new ArrayList<>();
        for (Object mesh : PlainData.list(gltf.get("meshes"))) {
            for (Object part : PlainData.list(PlainData.map(mesh).get("primitives"))) {
                int material = PlainData.whole(PlainData.map(part).get("material"), -1);
                out.add(material < 0 ? GREY : of.get(material));
            }
        }
        return out;
    }
}
