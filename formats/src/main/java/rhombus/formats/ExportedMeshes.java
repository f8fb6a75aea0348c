package rhombus.formats;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Shape;
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
    private final Renumbered views;
    private final Renumbered images;
    private final Renumbered samplers;
    private final Renumbered textures;
    private final Renumbered materials;
    private final Renumbered accessors;
    private final Renumbered meshes;
    /** The mesh of the file that each part of the scene belongs to. */
    private final List<Integer> meshOf = new ArrayList<>();

    private final Map<Integer, List<Placed>> placed = new HashMap<>();
    private final Map<Shape, List<Placed>> solids = new HashMap<>();
    private final List<Range> ranges = new ArrayList<>();
    private final List<Map<String, Object>> ownViews = new ArrayList<>();
    private final ByteArrayOutputStream own = new ByteArrayOutputStream();
    private final List<ImageFile> imageFiles = new ArrayList<>();
    private boolean webp;

    /** @param apart whether images become files of their own */
    ExportedMeshes(Map<String, Object> gltf, boolean apart) {
        source = Plain.list(gltf.get("meshes"));
        views = new Renumbered(
                Plain.list(gltf.get("bufferViews")),
                v -> ranges.add(
                        new Range(Plain.whole(v.get("byteOffset"), 0), Plain.whole(v.get("byteLength"), 0), v)));
        images = new Renumbered(Plain.list(gltf.get("images")), i -> image(i, gltf, apart));
        samplers = new Renumbered(Plain.list(gltf.get("samplers")), s -> {});
        textures = new Renumbered(Plain.list(gltf.get("textures")), t -> texture(t, gltf));
        materials = new Renumbered(Plain.list(gltf.get("materials")), m -> Renumbered.textures(m, textures));
        accessors = new Renumbered(Plain.list(gltf.get("accessors")), a -> views.in(a, "bufferView"));
        meshes = new Renumbered(List.of(), m -> {});
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
        Object image = Plain.list(gltf.get("images")).get(Plain.whole(t.get("source"), 0));
        images.in(t, "source");
        samplers.in(t, "sampler");
        if ("image/webp".equals(Plain.map(image).get("mimeType"))) {
            webp = true;
            t.put("extensions", Plain.map(Textures.WEBP, Plain.map("source", t.remove("source"))));
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
        return Plain.list(Plain.map(source.get(mesh)).get("primitives"));
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
            Map<String, Object> p = new LinkedHashMap<>(Plain.map(o));
            double[] d = Plain.numbers(
                    Plain.map(Plain.map(p.remove("extras")).get("rhombus")).get("origin"), 3);
            Vec3 origin = d == null ? Vec3.ZERO : new Vec3(d[0], d[1], d[2]);
            Map<String, Object> attributes = new LinkedHashMap<>(Plain.map(p.get("attributes")));
            attributes.keySet().forEach(name -> accessors.in(attributes, name));
            p.put("attributes", attributes);
            accessors.in(p, "indices");
            materials.in(p, "material");
            at.computeIfAbsent(origin, k -> new ArrayList<>()).add(p);
        }
        List<Placed> out = new ArrayList<>();
        at.forEach(
                (origin, primitives) -> out.add(new Placed(meshes.add(Plain.map("primitives", primitives)), origin)));
        return out;
    }

    /** The mesh of a solid; equal solids share theirs. */
    List<Placed> of(Shape shape) {
        return solids.computeIfAbsent(shape, s -> {
            ShapeMesh made = ShapeMesh.of(s);
            float[] positions = made.mesh().positions();
            int[] triangles = made.mesh().triangles();
            Aabb b = Aabb.of(positions);
            Map<String, Object> p = accessor(Bytes.of(positions), 5126, positions.length / 3, "VEC3");
            p.put("min", Plain.list(b.min().x(), b.min().y(), b.min().z()));
            p.put("max", Plain.list(b.max().x(), b.max().y(), b.max().z()));
            Map<String, Object> attributes = Plain.map(
                    "POSITION",
                    accessors.add(p),
                    "NORMAL",
                    accessors.add(accessor(Bytes.of(made.normals()), 5126, positions.length / 3, "VEC3")));
            int indices = accessors.add(accessor(Bytes.of(triangles), 5125, triangles.length, "SCALAR"));
            Map<String, Object> mesh = Plain.map(
                    "name", s.sort().words(),
                    "primitives", List.of(Plain.map("attributes", attributes, "indices", indices)));
            return List.of(new Placed(meshes.add(mesh), Vec3.ZERO));
        });
    }

    private Map<String, Object> accessor(byte[] data, int componentType, int count, String type) {
        Map<String, Object> view = Plain.map("buffer", 0, "byteOffset", own.size(), "byteLength", data.length);
        ownViews.add(view);
        own.writeBytes(data);
        return Plain.map("bufferView", views.add(view), "componentType", componentType, "count", count, "type", type);
    }

    /** Settles where everything lies, and writes the lists into a document; gives the length of the binary chunk, which is the file {@code uri} where that is not null. */
    long into(Map<String, Object> gltf, String uri) {
        ranges.sort((a, b) -> Long.compare(a.from(), b.from()));
        long at = 0;
        for (Range r : ranges) {
            r.view().put("byteOffset", at);
            at += Bytes.padded(r.length());
        }
        for (Map<String, Object> v : ownViews) {
            v.put("byteOffset", at + Plain.whole(v.get("byteOffset"), 0));
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
            gltf.put("buffers", List.of(Plain.map("uri", uri, "byteLength", length)));
        }
        return length;
    }

    private static void put(Map<String, Object> gltf, String key, Renumbered list) {
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
