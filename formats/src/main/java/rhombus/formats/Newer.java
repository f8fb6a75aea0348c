package rhombus.formats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.Plain;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;
import rhombus.formats.model.Images;
import rhombus.formats.model.Model;
import rhombus.formats.model.Part;
import rhombus.formats.upload.Limits;

/**
 * Lays a newer file under the work on an older one: objects that are the same keep their ids, so that whatever names them goes on
 * naming them; what the newer file has no more is kept aside, hidden, with its meshes, so that nothing that was made of it
 * is lost.
 */
public final class Newer {
    /** Under which a node of a document that is on its way to its normal form has its id. */
    static final String ID = "rhombus id";

    private static final String IMAGE = "rhombus image";
    private static final String ASIDE = "Kept aside";

    /**
     * What came of it.
     *
     * @param matched objects that are in both files
     * @param reshaped how many of these have other meshes than before
     * @param fresh names of objects that are new
     * @param missing names of objects that the newer file has no more
     */
    public record Report(int matched, int reshaped, List<String> fresh, List<String> missing) {}

    private final Model model;
    private final Map<String, Object> before;
    private final ByteArrays bytes;
    private final byte[] glb;
    private final int start;
    private final Scene old;
    private final Tree tree;
    private final List<Object> nodes;
    private int nextId;

    private Newer(Model model, byte[] oldGlb, Limits limits) {
        this.model = model;
        this.glb = oldGlb;
        this.start = 28 + Changed.length(oldGlb);
        this.before = Changed.document(oldGlb);
        this.bytes = new ByteArrays(oldGlb, start);
        this.old = NormalForm.read(before, bytes);
        this.tree = new Tree(model.gltf(), limits);
        this.nodes = new ArrayList<>(Plain.list(model.gltf().get("nodes")));
        for (int i = 0; i < old.count(); i++) {
            String id = old.node(i).id();
            if (id.matches("n\\d{1,8}")) {
                nextId = Math.max(nextId, Integer.parseInt(id.substring(1)) + 1);
            }
        }
    }

    /** A model with the ids and the leftovers of an older scene. */
    record Laid(Model model, Report report) {}

    static Laid over(byte[] oldGlb, Model model, Limits limits) {
        return new Newer(model, oldGlb, limits).run();
    }

    private Laid run() {
        List<Matching.Item> was = new ArrayList<>();
        for (int i = 0; i < old.count(); i++) {
            was.add(new Matching.Item(old.node(i).name(), old.node(i).parent(), oldShape(i)));
        }
        Map<Integer, Integer> place = new HashMap<>();
        List<Matching.Item> is = new ArrayList<>();
        for (int number : tree.order) {
            Map<String, Object> n = Plain.map(nodes.get(number));
            int parent = tree.parent[number];
            place.put(number, is.size());
            is.add(new Matching.Item(NormalWriter.name(n), parent < 0 ? -1 : place.get(parent), newShape(n)));
        }
        int[] of = Matching.of(was, is);
        boolean[] found = new boolean[was.size()];
        int[] newNumber = new int[was.size()];
        int matched = 0;
        int reshaped = 0;
        List<String> fresh = new ArrayList<>();
        for (int k = 0; k < of.length; k++) {
            Map<String, Object> n = Plain.map(nodes.get(tree.order.get(k)));
            if (of[k] < 0) {
                n.put(ID, "n" + nextId++);
                fresh.add(shown(is.get(k)));
            } else {
                found[of[k]] = true;
                newNumber[of[k]] = tree.order.get(k);
                n.put(ID, old.node(of[k]).id());
                matched++;
                reshaped += Objects.equals(was.get(of[k]).shape(), is.get(k).shape()) ? 0 : 1;
            }
        }
        List<String> missing = new ArrayList<>();
        for (int i = 0; i < found.length; i++) {
            if (!found[i]) {
                missing.add(shown(was.get(i)));
            }
        }
        Model out = missing.isEmpty() ? model : withAside(found, newNumber);
        return new Laid(out, new Report(matched, reshaped, fresh, missing));
    }

    private static String shown(Matching.Item i) {
        return i.name().isEmpty() ? (i.shape() == null ? "a group without a name" : "a mesh without a name") : i.name();
    }

    private String oldShape(int node) {
        StringBuilder s = new StringBuilder();
        for (int m : old.node(node).meshes()) {
            Mesh mesh = old.meshes().get(m);
            shape(s, mesh.positions().length / 3, mesh.triangleCount(), Aabb.of(mesh.positions()));
        }
        return s.isEmpty() ? null : s.toString();
    }

    private String newShape(Map<String, Object> node) {
        int mesh = Plain.whole(node.get("mesh"), -1);
        StringBuilder s = new StringBuilder();
        for (Part p : mesh < 0 || mesh >= model.meshes().size()
                ? List.<Part>of()
                : model.meshes().get(mesh)) {
            shape(s, p.positions().length / 3, p.indices().length / p.kind().corners(), Aabb.of(p.positions()));
        }
        return s.isEmpty() ? null : s.toString();
    }

    private static void shape(StringBuilder s, int vertices, int elements, Aabb bounds) {
        s.append(vertices)
                .append('/')
                .append(elements)
                .append('/')
                .append(bounds)
                .append(';');
    }

    private Model withAside(boolean[] found, int[] newNumber) {
        Map<String, Object> gltf = new LinkedHashMap<>(model.gltf());
        List<List<Part>> meshes = new ArrayList<>(model.meshes());
        int materials = Plain.list(gltf.get("materials")).size();
        int cameras = Plain.list(gltf.get("cameras")).size();
        int lights = lights(gltf).size();
        append(gltf, "materials", materials(Plain.list(gltf.get("textures")).size()));
        List<Object> textures = new ArrayList<>();
        List<Object> images = new ArrayList<>();
        int firstImage = Plain.list(gltf.get("images")).size();
        List<Object> oldImages = Plain.list(before.get("images"));
        for (Object t : Plain.list(before.get("textures"))) {
            textures.add(
                    Plain.map("source", firstImage + Plain.whole(Plain.map(t).get("source"), 0)));
        }
        for (int i = 0; i < oldImages.size(); i++) {
            images.add(Plain.map(IMAGE, i));
        }
        append(gltf, "textures", textures);
        append(gltf, "images", images);
        append(gltf, "cameras", Plain.list(before.get("cameras")));
        if (!lights(before).isEmpty()) {
            List<Object> all = new ArrayList<>(lights(gltf));
            all.addAll(lights(before));
            Map<String, Object> extensions = new LinkedHashMap<>(Plain.map(gltf.get("extensions")));
            extensions.put(Lights.NAME, Plain.map("lights", all));
            gltf.put("extensions", extensions);
        }
        int[] meshOf = new int[Plain.list(before.get("meshes")).size()];
        Arrays.fill(meshOf, -1);
        int aside = -1;
        List<Object> sources = Plain.list(before.get("nodes"));
        for (int i = 0; i < found.length; i++) {
            if (found[i]) {
                continue;
            }
            Map<String, Object> n = new LinkedHashMap<>(Plain.map(sources.get(i)));
            int mesh = Plain.whole(n.get("mesh"), -1);
            if (mesh >= 0 && meshOf[mesh] < 0) {
                meshOf[mesh] = meshes.size();
                meshes.add(parts(mesh, i, materials));
            }
            n.remove("children");
            n.put(ID, old.node(i).id());
            if (mesh >= 0) {
                n.put("mesh", meshOf[mesh]);
            }
            if (n.get("camera") != null) {
                n.put("camera", cameras + Plain.whole(n.get("camera"), 0));
            }
            Map<String, Object> extensions = new LinkedHashMap<>(Plain.map(n.get("extensions")));
            if (extensions.get(Lights.NAME) != null) {
                int light = Plain.whole(Plain.map(extensions.get(Lights.NAME)).get("light"), 0);
                extensions.put(Lights.NAME, Plain.map("light", lights + light));
            }
            int parent = old.node(i).parent();
            if (parent < 0 || found[parent]) {
                extensions.putAll(Visibility.HIDDEN);
            }
            n.put("extensions", extensions);
            newNumber[i] = nodes.size();
            nodes.add(n);
            if (parent < 0 && aside < 0) {
                aside = nodes.size();
                nodes.add(Plain.map("name", ASIDE, ID, "n" + nextId++));
                root(gltf, aside);
            }
            child(parent < 0 ? aside : newNumber[parent], newNumber[i]);
        }
        gltf.put("nodes", nodes);
        return new Model(model.title(), gltf, meshes, images(), model.notes());
    }

    private static List<Object> lights(Map<String, Object> gltf) {
        return Plain.list(
                Plain.map(Plain.map(gltf.get("extensions")).get(Lights.NAME)).get("lights"));
    }

    private static void append(Map<String, Object> gltf, String key, List<Object> more) {
        List<Object> all = new ArrayList<>(Plain.list(gltf.get(key)));
        all.addAll(more);
        if (!all.isEmpty()) {
            gltf.put(key, all);
        }
    }

    private void child(int parent, int number) {
        Map<String, Object> p = Plain.map(nodes.get(parent));
        List<Object> children = new ArrayList<>(Plain.list(p.get("children")));
        children.add(number);
        p.put("children", children);
    }

    private static void root(Map<String, Object> gltf, int number) {
        List<Object> scenes = Plain.list(gltf.get("scenes"));
        if (scenes.isEmpty()) {
            return;
        }
        Map<String, Object> scene = Plain.map(scenes.get(Math.max(0, Plain.whole(gltf.get("scene"), 0))));
        List<Object> roots = new ArrayList<>(Plain.list(scene.get("nodes")));
        roots.add(number);
        scene.put("nodes", roots);
    }

    private List<Object> materials(int firstTexture) {
        List<Object> out = new ArrayList<>();
        for (Object m : Plain.list(before.get("materials"))) {
            out.add(shifted(Plain.map(m), firstTexture));
        }
        return out;
    }

    private static Map<String, Object> shifted(Map<String, Object> m, int by) {
        Map<String, Object> out = new LinkedHashMap<>(m);
        for (Map.Entry<String, Object> e : out.entrySet()) {
            if (e.getValue() instanceof Map<?, ?>) {
                Map<String, Object> inner = shifted(Plain.map(e.getValue()), by);
                if (e.getKey().endsWith("Texture")) {
                    inner.put("index", by + Plain.whole(inner.get("index"), 0));
                }
                e.setValue(inner);
            }
        }
        return out;
    }

    private List<Part> parts(int mesh, int node, int firstMaterial) {
        List<Part> out = new ArrayList<>();
        List<Object> primitives =
                Plain.list(Plain.map(Plain.list(before.get("meshes")).get(mesh)).get("primitives"));
        for (int k = 0; k < primitives.size(); k++) {
            Map<String, Object> p = Plain.map(primitives.get(k));
            Mesh m = old.meshes().get(old.node(node).meshes().get(k));
            int indices = Plain.whole(p.get("indices"), 0);
            int material = Plain.whole(p.get("material"), -1);
            out.add(new Part(
                    Part.Kind.valueOf(m.kind().name()),
                    m.origin(),
                    m.positions(),
                    floats(p, "NORMAL", 3),
                    floats(p, "TEXCOORD_0", 2),
                    floats(p, "COLOR_0", 4),
                    bytes.ints(NormalForm.offset(before, indices), NormalForm.count(before, indices)),
                    material < 0 ? -1 : firstMaterial + material,
                    null));
        }
        return out;
    }

    private float[] floats(Map<String, Object> primitive, String attribute, int width) {
        int a = Plain.whole(Plain.map(primitive.get("attributes")).get(attribute), -1);
        return a < 0 ? null : bytes.floats(NormalForm.offset(before, a), NormalForm.count(before, a) * width);
    }

    private Images images() {
        return (image, at) -> {
            int i = Plain.whole(image.get(IMAGE), -1);
            List<Object> kept = Plain.list(before.get("images"));
            if (i < 0 || i >= kept.size()) {
                return model.images().of(image, at);
            }
            Map<String, Object> view = Plain.map(Plain.list(before.get("bufferViews"))
                    .get(Plain.whole(Plain.map(kept.get(i)).get("bufferView"), 0)));
            int from = start + Plain.whole(view.get("byteOffset"), 0);
            return Arrays.copyOfRange(glb, from, from + Plain.whole(view.get("byteLength"), 0));
        };
    }
}
