package rhombus.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.BinaryArrays;
import rhombus.core.scene.GlbBytes;
import rhombus.core.scene.HierarchyLoader;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;
import rhombus.core.stage.show.paint.ImageRange;
import rhombus.core.stage.show.paint.Material;

/** A fetched scene file in normal form, and what the painter needs of it. Arrays share the memory of the file where they can. */
public final class SceneFile {
    /** What glTF 2.0 means where a sampler says nothing of how pictures go on, and what is taken where it leaves the choice (5.26). */
    private static final int REPEAT = 10497;

    private static final int LINEAR = 9729;
    private static final int LINEAR_BETWEEN_LINEAR = 9987;

    private final Map<String, Object> gltf;
    private final GlbBytes file;
    private final int binary;
    private final List<Map<String, Object>> primitives = new ArrayList<>();
    private BinaryArrays edges;
    private HierarchyLoader hierarchies;
    private int[] marks;
    final Scene scene;

    /** Opens a GLB in normal form: 12 bytes header, JSON chunk, binary chunk (glTF 2.0, 4.4). */
    public SceneFile(GlbBytes glb) {
        int json = glb.ints(12, 1)[0];
        file = glb;
        binary = 20 + json + 8;
        gltf = glb.json(20, json);
        for (Object mesh : PlainData.list(gltf.get("meshes"))) {
            for (Object primitive : PlainData.list(PlainData.map(mesh).get("primitives"))) {
                primitives.add(PlainData.map(primitive));
            }
        }
        scene = NormalForm.read(gltf, glb.from(binary));
    }

    /** Whether a mesh is in the file. */
    boolean has(int mesh) {
        return mesh < scene.meshes().size();
    }

    void edges(BinaryArrays file) {
        edges = file;
        NormalForm.attachEdges(scene, file);
        marks = NormalForm.marksOffsets(scene);
    }

    void levels(BinaryArrays file) {
        NormalForm.attachLevels(scene, file);
    }

    void hierarchies(BinaryArrays file) {
        hierarchies = new HierarchyLoader(scene, file);
    }

    /** Attaches more of them; gives false when all are. */
    boolean moreHierarchies(int triangles) {
        return hierarchies.more(triangles);
    }

    /** A byte a triangle of a mesh that marks which of its sides are edges; null until the edges have come. */
    byte[] marks(int mesh) {
        return edges == null
                ? null
                : edges.bytes(marks[mesh], scene.meshes().get(mesh).triangleCount());
    }

    /** The numbers of an attribute of a mesh, so many for each vertex; null where it has none. */
    float[] attribute(int mesh, String name, int size) {
        int accessor =
                PlainData.whole(PlainData.map(primitive(mesh).get("attributes")).get(name), -1);
        return accessor < 0
                ? null
                : file.floats(binary + NormalForm.offset(gltf, accessor), NormalForm.count(gltf, accessor) * size);
    }

    /** Where a mesh's pictures lie: two coordinates a vertex, four where they lie in two ways; null where it has none. */
    float[] places(int mesh) {
        float[] a = attribute(mesh, "TEXCOORD_0", 2);
        if (a == null || !material(mesh).twofold()) {
            return a;
        }
        float[] second = attribute(mesh, "TEXCOORD_1", 2);
        float[] b = second == null ? new float[a.length] : second;
        float[] out = new float[a.length * 2];
        for (int i = 0; i < a.length; i++) {
            int at = i / 2 * 4 + i % 2;
            out[at] = a[i];
            out[at + 2] = b[i];
        }
        return out;
    }

    /** The indices of a mesh. */
    int[] indices(int mesh) {
        int accessor = PlainData.whole(primitive(mesh).get("indices"), 0);
        return file.ints(binary + NormalForm.offset(gltf, accessor), NormalForm.count(gltf, accessor));
    }

    private Map<String, Object> primitive(int mesh) {
        return primitives.get(mesh);
    }

    /** What a mesh is made of; pictures as byte ranges of the file. */
    Material material(int mesh) {
        int index = PlainData.whole(primitive(mesh).get("material"), -1);
        Map<String, Object> m = index < 0
                ? Map.of()
                : PlainData.map(PlainData.list(gltf.get("materials")).get(index));
        Map<String, Object> pbr = PlainData.map(m.get("pbrMetallicRoughness"));
        double[] color = PlainData.numbers(pbr.get("baseColorFactor"), 4);
        Map<String, Object> extensions = PlainData.map(m.get("extensions"));
        double strength = PlainData.number(
                PlainData.map(extensions.get("KHR_materials_emissive_strength")).get("emissiveStrength"), 1);
        double[] emissive = PlainData.numbers(m.get("emissiveFactor"), 3);
        for (int i = 0; emissive != null && i < 3; i++) {
            emissive[i] *= strength;
        }
        // Files kept before these factors were say nothing of them.
        return new Material(
                index,
                color == null ? new double[] {1, 1, 1, 1} : color,
                "BLEND".equals(m.get("alphaMode")),
                "MASK".equals(m.get("alphaMode")) ? PlainData.number(m.get("alphaCutoff"), 0.5) : 0,
                image(pbr, "baseColorTexture"),
                PlainData.number(pbr.get("metallicFactor"), 0),
                PlainData.number(pbr.get("roughnessFactor"), 0.8),
                image(pbr, "metallicRoughnessTexture"),
                image(m, "normalTexture"),
                PlainData.number(PlainData.map(m.get("normalTexture")).get("scale"), 1),
                image(m, "occlusionTexture"),
                PlainData.number(PlainData.map(m.get("occlusionTexture")).get("strength"), 1),
                image(m, "emissiveTexture"),
                emissive == null ? new double[3] : emissive,
                extensions.containsKey("KHR_materials_unlit"));
    }

    private ImageRange image(Map<String, Object> owner, String key) {
        Map<String, Object> info = PlainData.map(owner.get(key));
        int texture = PlainData.whole(info.get("index"), -1);
        return texture < 0 ? null : image(texture, PlainData.whole(info.get("texCoord"), 0) == 1);
    }

    private ImageRange image(int texture, boolean second) {
        Map<String, Object> t =
                PlainData.map(PlainData.list(gltf.get("textures")).get(texture));
        int source = PlainData.whole(t.get("source"), -1);
        if (source < 0) {
            return null;
        }
        int number = PlainData.whole(t.get("sampler"), -1);
        Map<String, Object> sampler = number < 0
                ? Map.of()
                : PlainData.map(PlainData.list(gltf.get("samplers")).get(number));
        Map<String, Object> image =
                PlainData.map(PlainData.list(gltf.get("images")).get(source));
        Map<String, Object> view =
                PlainData.map(PlainData.list(gltf.get("bufferViews")).get(PlainData.whole(image.get("bufferView"), 0)));
        return new ImageRange(
                texture,
                PlainData.text(image.get("mimeType"), ""),
                binary + PlainData.whole(view.get("byteOffset"), 0),
                PlainData.whole(view.get("byteLength"), 0),
                second,
                PlainData.whole(sampler.get("wrapS"), REPEAT),
                PlainData.whole(sampler.get("wrapT"), REPEAT),
                PlainData.whole(sampler.get("magFilter"), LINEAR),
                PlainData.whole(sampler.get("minFilter"), LINEAR_BETWEEN_LINEAR));
    }
}
