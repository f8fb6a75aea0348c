package rhombus.formats;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Bvh;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.SceneSetup;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.model.ModelPart;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import tools.jackson.databind.json.JsonMapper;

/** Writes the normal form that {@link NormalForm} reads: a GLB, and beside it edges, coarser triangles and hierarchies. */
final class NormalWriter {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final Map<String, Object> source;
    private final DocumentTree tree;
    private final List<List<ModelPart>> meshes;
    private final GltfMaterials materials;
    private final Progress progress;
    private final List<Object> accessors = new ArrayList<>();
    private final List<Object> views = new ArrayList<>();
    private final ByteArrayOutputStream bin = new ByteArrayOutputStream();
    private final CompanionFiles beside = new CompanionFiles();
    private final ByteArrayOutputStream hierarchies = new ByteArrayOutputStream();
    private List<float[]> colors;
    private byte[] glb;
    private final UploadLimits limits;
    private long triangles;
    private long strokes;
    private boolean hides;

    NormalWriter(
            Map<String, Object> source,
            DocumentTree tree,
            List<List<ModelPart>> meshes,
            GltfMaterials materials,
            UploadLimits limits,
            Progress progress) {
        this.source = source;
        this.tree = tree;
        this.meshes = meshes;
        this.materials = materials;
        this.limits = limits;
        this.progress = progress;
    }

    byte[] glb() {
        return glb;
    }

    CompanionFiles beside() {
        return beside;
    }

    byte[] hierarchies() {
        return hierarchies.toByteArray();
    }

    /** Red, green and blue of each part, linear. */
    List<float[]> colors() {
        return colors;
    }

    /** Drawn, each instance counted; within the limit. */
    int triangles() {
        return (int) triangles;
    }

    /** Lines and points, each instance counted. */
    long strokes() {
        return strokes;
    }

    void write() {
        // What costs little and may refuse comes before what takes long.
        GltfLights lights = new GltfLights(source);
        GltfCameras cameras = new GltfCameras(source);
        Map<Integer, Integer> numbers = new HashMap<>();
        for (int i = 0, n = 0; i < meshes.size(); i++) {
            if (!meshes.get(i).isEmpty()) {
                numbers.put(i, n++);
            }
        }
        List<Object> nodes = nodes(numbers, lights, cameras);
        List<Object> written = new ArrayList<>();
        for (int i = 0; i < meshes.size(); i++) {
            progress.at(
                    "Working out edges, coarser triangles and the picking hierarchy", 0.3 + 0.6 * i / meshes.size());
            if (!meshes.get(i).isEmpty()) {
                written.add(mesh(meshes.get(i)));
            }
        }
        List<Object> normalMaterials = materials.normal();
        List<Object> imageList = new ArrayList<>();
        RenumberedTextures textures = materials.textures();
        for (RenumberedTextures.Image image : textures.images()) {
            imageList.add(PlainData.map("bufferView", view(image.bytes()), "mimeType", image.type()));
        }
        Map<String, Object> out = PlainData.map(
                "asset",
                        PlainData.map(
                                "version",
                                "2.0",
                                "generator",
                                "Rhombus",
                                "extras",
                                PlainData.map("rhombus", ofScene(source))),
                "extensionsUsed", filled(used(lights, normalMaterials)),
                "extensions", lights.document(),
                "scene", 0,
                "nodes", nodes,
                "meshes", filled(written),
                "materials", filled(normalMaterials),
                "textures", filled(textures.list()),
                "samplers", filled(textures.samplers()),
                "images", filled(imageList),
                "cameras", filled(cameras.normal()),
                "accessors", filled(accessors),
                "bufferViews", filled(views),
                "buffers", List.of(PlainData.map("byteLength", bin.size())));
        List<Object> roots = new ArrayList<>();
        for (int i = 0; i < tree.order.size(); i++) {
            if (tree.parent[tree.order.get(i)] < 0) {
                roots.add(i);
            }
        }
        colors = MeshColors.of(out);
        out.put("scenes", List.of(PlainData.map("nodes", filled(roots))));
        glb = container(MAPPER.writeValueAsString(out).getBytes(StandardCharsets.UTF_8), bin.toByteArray());
    }

    /** How many clips, skins and meshes with morph targets the file had, none of which is kept: whoever exports is told. */
    private static Map<String, Object> left(Map<String, Object> source, Map<String, Object> given) {
        Map<String, Object> before = PlainData.map(given.get("left"));
        long morphs = PlainData.list(source.get("meshes")).stream()
                .filter(m -> PlainData.list(PlainData.map(m).get("primitives")).stream()
                        .anyMatch(p -> PlainData.map(p).get("targets") != null))
                .count();
        return PlainData.map(
                "clips", more(PlainData.list(source.get("animations")).size(), before.get("clips")),
                "skins", more(PlainData.list(source.get("skins")).size(), before.get("skins")),
                "morphs", more(morphs, before.get("morphs")));
    }

    private static Object more(long now, Object before) {
        long n = now + Math.max(0, PlainData.whole(before, 0));
        return n == 0 ? null : n;
    }

    /** Of what a file says of its scene besides, what is ours. */
    private static Map<String, Object> ofScene(Map<String, Object> source) {
        Map<String, Object> given = PlainData.map(
                PlainData.map(PlainData.map(source.get("asset")).get("extras")).get("rhombus"));
        try {
            Map<String, Object> out = SceneSetup.of(given, List.of()).picturePlain();
            out.put("upAxis", "Z".equals(given.get("upAxis")) ? "Z" : "Y");
            Map<String, Object> left = left(source, given);
            if (!left.isEmpty()) {
                out.put("left", left);
            }
            LengthUnit unit = LengthUnit.of(PlainData.text(given.get("unit"), ""));
            if (unit != null) {
                out.put("unit", unit.words());
            }
            return out;
        } catch (IllegalArgumentException e) {
            throw new FileProblem("asset.extras.rhombus.picture", "cannot be used. " + e.getMessage());
        }
    }

    private List<Object> used(GltfLights lights, List<Object> normalMaterials) {
        List<Object> out = new ArrayList<>(GltfMaterials.extensions(normalMaterials));
        if (lights.document() != null) {
            out.add(GltfLights.NAME);
        }
        if (hides) {
            out.add(NodeVisibility.NAME);
        }
        return out;
    }

    private static List<Object> filled(List<Object> l) {
        return l.isEmpty() ? null : l;
    }

    private List<Object> nodes(Map<Integer, Integer> meshNumbers, GltfLights lights, GltfCameras cameras) {
        List<Object> listed = JsonReader.list(source, "nodes", "");
        Map<Integer, Integer> numbers = new HashMap<>();
        for (int i = 0; i < tree.order.size(); i++) {
            numbers.put(tree.order.get(i), i);
        }
        WorldPlacement placement = new WorldPlacement(listed.size());
        List<Object> out = new ArrayList<>();
        for (int number : tree.order) {
            String place = "nodes[" + number + "]";
            Map<String, Object> n = PlainData.map(listed.get(number));
            placement.put(number, tree.parent[number], n);
            int mesh = JsonReader.index(n, "mesh", meshes.size(), place);
            int camera = JsonReader.index(n, "camera", cameras.size(), place);
            List<Object> children = new ArrayList<>();
            for (Object child : PlainData.list(n.get("children"))) {
                children.add(numbers.get(PlainData.whole(child, 0)));
            }
            if (mesh >= 0) {
                for (ModelPart p : meshes.get(mesh)) {
                    triangles += p.triangles();
                    strokes += p.indices().length / p.kind().corners() - p.triangles();
                    placement.holds(number, p);
                }
                if (triangles + strokes > limits.triangles()) {
                    throw new FileProblem(
                            place,
                            "with all meshes counted as often as they are used, the scene has more than "
                                    + limits.triangles() + " triangles, lines and points. Upload a part of it");
                }
            }
            Map<String, Object> extensions = PlainData.map();
            Map<String, Object> light = lights.of(n, place);
            if (light != null) {
                extensions.putAll(light);
            }
            if (NodeVisibility.hidden(n, place)) {
                extensions.putAll(NodeVisibility.HIDDEN);
                hides = true;
            }
            out.add(PlainData.map(
                    "name", name(n),
                    "children", filled(children),
                    "matrix", n.get("matrix"),
                    "translation", n.get("translation"),
                    "rotation", n.get("rotation"),
                    "scale", n.get("scale"),
                    "mesh", mesh < 0 ? null : meshNumbers.get(mesh),
                    "camera", camera < 0 ? null : camera,
                    "extensions", extensions.isEmpty() ? null : extensions,
                    "extras", own(n, place)));
        }
        return out;
    }

    /** Of what a node says besides, what is ours. */
    private static Map<String, Object> own(Map<String, Object> n, String place) {
        Map<String, Object> given = PlainData.map(PlainData.map(n.get("extras")).get("rhombus"));
        double[] pivot = JsonReader.numbers(given, "pivot", 3, place + ".extras.rhombus");
        if (pivot != null && Math.abs(pivot[0]) + Math.abs(pivot[1]) + Math.abs(pivot[2]) > WorldPlacement.FARTHEST) {
            throw new FileProblem(place + ".extras.rhombus.pivot", "lies farther than 10^12 m from the object");
        }
        Map<String, Object> out = PlainData.map(
                "id",
                n.get(NewerFileMerge.ID),
                "locked",
                PlainData.truth(given.get("locked"), false) ? true : null,
                "pivot",
                pivot == null ? null : PlainData.list(pivot));
        return out.isEmpty() ? null : PlainData.map("rhombus", out);
    }

    /** Names are shown as text and never as markup; only control characters are taken out, and endless ones are cut. */
    static String name(Map<String, Object> n) {
        String s =
                PlainData.text(n.get("name"), "").replaceAll("\\p{Cntrl}", " ").strip();
        return s.length() > 200 ? s.substring(0, 200) : s;
    }

    private Map<String, Object> mesh(List<ModelPart> parts) {
        List<Object> primitives = new ArrayList<>();
        for (ModelPart p : parts) {
            Map<String, Object> attributes = PlainData.map("POSITION", positions(p.positions()));
            if (p.normals() != null) {
                attributes.put("NORMAL", floats(p.normals(), "VEC3"));
            }
            if (p.texture() != null) {
                attributes.put("TEXCOORD_0", floats(p.texture(), "VEC2"));
            }
            if (p.second() != null) {
                attributes.put("TEXCOORD_1", floats(p.second(), "VEC2"));
            }
            if (p.colors() != null) {
                attributes.put("COLOR_0", floats(p.colors(), "VEC4"));
            }
            primitives.add(PlainData.map(
                    "attributes",
                    attributes,
                    "indices",
                    accessor(ChunkWriter.of(p.indices()), 5125, p.indices().length, "SCALAR"),
                    "mode",
                    p.kind() == Mesh.Kind.TRIANGLES ? null : p.kind().mode(),
                    "material",
                    p.material() < 0 ? null : p.material(),
                    "extras",
                    p.origin().equals(Vec3.ZERO)
                            ? null
                            : PlainData.map(
                                    "rhombus",
                                    PlainData.map(
                                            "origin",
                                            PlainData.list(
                                                    p.origin().x(),
                                                    p.origin().y(),
                                                    p.origin().z())))));
            int[] triangles = Mesh.asTriangles(p.kind(), p.indices());
            // Neither needs the other, and each takes as long: two cores do them in half the time.
            CompletableFuture<Bvh> hierarchy =
                    CompletableFuture.supplyAsync(() -> BvhBuilder.of(p.positions(), triangles));
            if (p.kind() == Mesh.Kind.TRIANGLES) {
                beside.add(p.positions(), triangles, p.sides());
            } else {
                beside.strokes(triangles.length / 3);
            }
            Bvh bvh = hierarchy.join();
            ReimportedGeometry.put(hierarchies, bvh);
        }
        return PlainData.map("primitives", primitives);
    }

    private int positions(float[] xyz) {
        int a = floats(xyz, "VEC3");
        Aabb b = Aabb.of(xyz);
        Map<String, Object> m = PlainData.map(accessors.get(a));
        m.put("min", PlainData.list(b.min().x(), b.min().y(), b.min().z()));
        m.put("max", PlainData.list(b.max().x(), b.max().y(), b.max().z()));
        return a;
    }

    private int floats(float[] v, String type) {
        return accessor(ChunkWriter.of(v), 5126, v.length / (type.charAt(3) - '0'), type);
    }

    private int accessor(byte[] data, int componentType, int count, String type) {
        accessors.add(
                PlainData.map("bufferView", view(data), "componentType", componentType, "count", count, "type", type));
        return accessors.size() - 1;
    }

    private int view(byte[] data) {
        views.add(PlainData.map("buffer", 0, "byteOffset", bin.size(), "byteLength", data.length));
        put(bin, padded(data));
        return views.size() - 1;
    }

    private static void put(ByteArrayOutputStream out, byte[] b) {
        out.write(b, 0, b.length);
    }

    private static byte[] padded(byte[] b) {
        return b.length % 4 == 0 ? b : Arrays.copyOf(b, (b.length + 3) / 4 * 4);
    }

    /** A GLB of a JSON chunk, padded with spaces, and a binary chunk (glTF 2.0, 4.4). */
    static byte[] container(byte[] json, byte[] bin) {
        int jsonLength = (json.length + 3) / 4 * 4;
        int binLength = (bin.length + 3) / 4 * 4;
        ByteBuffer b = ByteBuffer.allocate(28 + jsonLength + binLength).order(ByteOrder.LITTLE_ENDIAN);
        b.putInt(0x46546C67).putInt(2).putInt(28 + jsonLength + binLength);
        b.putInt(jsonLength).putInt(0x4E4F534A).put(json);
        for (int i = json.length; i < jsonLength; i++) {
            b.put((byte) ' ');
        }
        b.putInt(binLength).putInt(0x004E4942).put(bin);
        return b.array();
    }
}
