package rhombus.formats;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.ShapeMesh;

/**
 * Meshes with all that belongs to them: those of the file by their place in it, so that their bytes are copied as they are,
 * and those of solids made anew. What nothing uses any more is left out.
 */
final class ExportedMeshes {
    /** Bytes of the file that are copied: from where, how many, and to where. */
    record Range(long from, long length, Map<String, Object> view) {}

    /**
     * A mesh, or the part of one, that stands at a point of its node.
     *
     * @param mesh under its new number
     * @param origin added to its positions, metres
     */
    record Placed(int mesh, Vec3 origin) {}

    private final List<Object> source;
    private final RenumberedList views;
    private final RenumberedList images;
    private final RenumberedList samplers;
    private final RenumberedList textures;
    private final RenumberedList materials;
    private final RenumberedList accessors;
    private final RenumberedList meshes;
    /** The mesh of the file that each part of the scene belongs to. */
    private final List<Integer> meshOf = new ArrayList<>();

    private final Map<Integer, List<Placed>> placed = new HashMap<>();
    private final Map<ParametricShape, List<Placed>> solids = new HashMap<>();
    private final List<Range> ranges = new ArrayList<>();
    private final List<Map<String, Object>> ownViews = new ArrayList<>();
    private final ByteArrayOutputStream own = new ByteArrayOutputStream();
    private final List<ImageFile> imageFiles = new ArrayList<>();
    private boolean webp;

    /** @param apart whether images become files of their own */
    ExportedMeshes(Map<String, Object> gltf, boolean apart) {
        source = PlainData.list(gltf.get("meshes"));
        views = new RenumberedList(
                PlainData.list(gltf.get("bufferViews")),
                v -> ranges.add(new Range(
                        PlainData.whole(v.get("byteOffset"), 0), PlainData.whole(v.get("byteLength"), 0), v)));
        images = new RenumberedList(PlainData.list(gltf.get("images")), i -> image(i, gltf, apart));
        samplers = new RenumberedList(PlainData.list(gltf.get("samplers")), s -> {});
        textures = new RenumberedList(PlainData.list(gltf.get("textures")), t -> texture(t, gltf));
        materials =
                new RenumberedList(PlainData.list(gltf.get("materials")), m -> RenumberedList.textures(m, textures));
        accessors = new RenumberedList(PlainData.list(gltf.get("accessors")), a -> views.in(a, "bufferView"));
        meshes = new RenumberedList(List.of(), m -> {});
        for (int i = 0; i < source.size(); i++) {
            for (int k = 0; k < primitives(i).size(); k++) {
                meshOf.add(i);
            }
        }
    }

    /** Whether any image is a WebP, which others must know of. */
    boolean webp() {
        return webp;
    }

    private void texture(Map<String, Object> t, Map<String, Object> gltf) {
        Object image = PlainData.list(gltf.get("images")).get(PlainData.whole(t.get("source"), 0));
        images.in(t, "source");
        samplers.in(t, "sampler");
        if ("image/webp".equals(PlainData.map(image).get("mimeType"))) {
            webp = true;
            t.put("extensions", PlainData.map(RenumberedTextures.WEBP, PlainData.map("source", t.remove("source"))));
        }
    }

    private void image(Map<String, Object> image, Map<String, Object> gltf, boolean apart) {
        if (!apart) {
            views.in(image, "bufferView");
            return;
        }
        ImageFile f = ImageFile.of(gltf, image, "image " + (imageFiles.size() + 1));
        imageFiles.add(f);
        image.keySet().removeAll(List.of("bufferView", "mimeType"));
        image.put("uri", f.name().replace(" ", "%20"));
    }

    /** Images that become files beside the document. */
    List<ImageFile> imageFiles() {
        return imageFiles;
    }

    private List<Object> primitives(int mesh) {
        return PlainData.list(PlainData.map(source.get(mesh)).get("primitives"));
    }

    /** The meshes of a node that came with the file, by the numbers of its parts in the scene. */
    List<Placed> of(List<Integer> parts) {
        int mesh = meshOf.get(parts.get(0));
        return placed.computeIfAbsent(mesh, this::fromFile);
    }

    /** Parts that stand at one point are one mesh; those far from the node's frame have points of their own. */
    private List<Placed> fromFile(int mesh) {
        Map<Vec3, List<Object>> at = new LinkedHashMap<>();
        for (Object o : primitives(mesh)) {
            Map<String, Object> p = new LinkedHashMap<>(PlainData.map(o));
            double[] d = PlainData.numbers(
                    PlainData.map(PlainData.map(p.remove("extras")).get("rhombus"))
                            .get("origin"),
                    3);
            Vec3 origin = d == null ? Vec3.ZERO : new Vec3(d[0], d[1], d[2]);
            Map<String, Object> attributes = new LinkedHashMap<>(PlainData.map(p.get("attributes")));
            attributes.keySet().forEach(name -> accessors.in(attributes, name));
            p.put("attributes", attributes);
            accessors.in(p, "indices");
            materials.in(p, "material");
            at.computeIfAbsent(origin, k -> new ArrayList<>()).add(p);
        }
        List<Placed> out = new ArrayList<>();
        at.forEach((origin, primitives) ->
                out.add(new Placed(meshes.add(PlainData.map("primitives", primitives)), origin)));
        return out;
    }

    /** The mesh of a solid; equal solids share theirs. */
    List<Placed> of(ParametricShape shape) {
        return solids.computeIfAbsent(shape, s -> {
            ShapeMesh made = ShapeMesh.of(s);
            float[] positions = made.mesh().positions();
            int[] triangles = made.mesh().triangles();
            Aabb b = Aabb.of(positions);
            Map<String, Object> p = accessor(ChunkWriter.of(positions), 5126, positions.length / 3, "VEC3");
            p.put("min", PlainData.list(b.min().x(), b.min().y(), b.min().z()));
            p.put("max", PlainData.list(b.max().x(), b.max().y(), b.max().z()));
            Map<String, Object> attributes = PlainData.map(
                    "POSITION",
                    accessors.add(p),
                    "NORMAL",
                    accessors.add(accessor(ChunkWriter.of(made.normals()), 5126, positions.length / 3, "VEC3")));
            int indices = accessors.add(accessor(ChunkWriter.of(triangles), 5125, triangles.length, "SCALAR"));
            Map<String, Object> mesh = PlainData.map(
                    "name", s.sort().words(),
                    "primitives", List.of(PlainData.map("attributes", attributes, "indices", indices)));
            return List.of(new Placed(meshes.add(mesh), Vec3.ZERO));
        });
    }

    private Map<String, Object> accessor(byte[] data, int componentType, int count, String type) {
        Map<String, Object> view = PlainData.map("buffer", 0, "byteOffset", own.size(), "byteLength", data.length);
        ownViews.add(view);
        own.writeBytes(data);
        return PlainData.map(
                "bufferView", views.add(view), "componentType", componentType, "count", count, "type", type);
    }

    /** Settles where everything lies, and writes the lists into a document; gives the length of the binary chunk, which is the file {@code uri} where that is not null. */
    long into(Map<String, Object> gltf, String uri) {
        ranges.sort((a, b) -> Long.compare(a.from(), b.from()));
        long at = 0;
        for (Range r : ranges) {
            r.view().put("byteOffset", at);
            at += ChunkWriter.padded(r.length());
        }
        for (Map<String, Object> v : ownViews) {
            v.put("byteOffset", at + PlainData.whole(v.get("byteOffset"), 0));
        }
        long length = at + own.size();
        put(gltf, "meshes", meshes);
        put(gltf, "materials", materials);
        put(gltf, "textures", textures);
        put(gltf, "samplers", samplers);
        put(gltf, "images", images);
        put(gltf, "accessors", accessors);
        put(gltf, "bufferViews", views);
        if (length > 0) {
            gltf.put("buffers", List.of(PlainData.map("uri", uri, "byteLength", length)));
        }
        return length;
    }

    private static void put(Map<String, Object> gltf, String key, RenumberedList list) {
        if (list.list() != null) {
            gltf.put(key, list.list());
        }
    }

    /** What is copied of the file, in the order of the file. */
    List<Range> ranges() {
        return ranges;
    }

    /** What comes after it. */
    byte[] own() {
        return own.toByteArray();
    }
}
