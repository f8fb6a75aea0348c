package rhombus.formats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;
import rhombus.formats.model.ImageSource;
import rhombus.formats.model.ModelPart;
import rhombus.formats.model.ReadModel;

/**
 * What a newer file has no more, kept with the meshes, materials, cameras and lights that it uses: below what it stood in where
 * that is still there, and else in a group at the top, which is the same one for every newer file.
 */
final class MissingObjects {
    /** Under which an image of a document that is on its way to its normal form names its bytes in the older file. */
    static final String IMAGE = "rhombus image";

    private static final String ASIDE = "Kept aside";
    private static final List<String> PLACE = List.of("matrix", "translation", "rotation", "scale");

    private final ReadModel model;
    private final Map<String, Object> before;
    private final ByteArrays bytes;
    private final byte[] glb;
    private final int start;
    private final Scene old;
    private final int[] number;
    private final String freshId;
    private final Map<String, Object> gltf;
    private final List<Object> nodes;
    private final List<List<ModelPart>> meshes;
    private final RenumberedList images;
    private final RenumberedList samplers;
    private final RenumberedList textures;
    private final RenumberedList materials;
    private final RenumberedList cameras;
    private final RenumberedList lights;
    private final Map<Integer, Integer> meshOf = new HashMap<>();
    /** What comes to the children of nodes besides those they have. */
    private final Map<Integer, List<Object>> below = new LinkedHashMap<>();
    /** The group at the top, once there is one, and where it stood in the older file. */
    private int aside = -1;

    private double[] outOfAside;

    /**
     * @param model the newer file
     * @param kept the older one
     * @param glb its bytes
     * @param old the scene made of it
     * @param number for each of its nodes the one of the newer file that is the same, or -1
     * @param freshId an id that nothing has
     */
    MissingObjects(ReadModel model, KeptScene kept, byte[] glb, Scene old, int[] number, String freshId) {
        this.model = model;
        this.before = kept.gltf();
        this.bytes = kept.binary(glb);
        this.start = (int) kept.binStart();
        this.glb = glb;
        this.old = old;
        this.number = number;
        this.freshId = freshId;
        gltf = new LinkedHashMap<>(model.gltf());
        nodes = new ArrayList<>(PlainData.list(gltf.get("nodes")));
        meshes = new ArrayList<>(model.meshes());
        images = more("images", i -> {
            Object view = i.get("bufferView");
            i.clear();
            i.put(IMAGE, view);
        });
        samplers = more("samplers", s -> {});
        textures = more("textures", t -> {
            images.in(t, "source");
            samplers.in(t, "sampler");
        });
        materials = more("materials", m -> RenumberedList.textures(m, textures));
        cameras = more("cameras", c -> {});
        lights = new RenumberedList(lights(gltf).size(), lights(before), l -> {});
    }

    private RenumberedList more(String key, Consumer<Map<String, Object>> change) {
        return new RenumberedList(PlainData.list(gltf.get(key)).size(), PlainData.list(before.get(key)), change);
    }

    /** Whether a node is the group at the top that an earlier newer file made. */
    static boolean isGroup(Node n) {
        return n.parent() < 0 && n.name().equals(ASIDE) && n.meshes().isEmpty();
    }

    /** The newer file with all of it. */
    ReadModel model() {
        boolean[] found = new boolean[number.length];
        for (int i = 0; i < number.length; i++) {
            found[i] = number[i] >= 0;
        }
        for (int i = 0; i < number.length; i++) {
            if (!found[i] && isGroup(old.node(i))) {
                outOfAside = Mat4.inverseAffine(old.node(i).local());
                number[i] = top(kept(i));
            }
        }
        for (int i = 0; i < number.length; i++) {
            if (number[i] >= 0) {
                continue;
            }
            Map<String, Object> n = kept(i);
            int parent = old.node(i).parent();
            if (parent < 0 || found[parent]) {
                Map<String, Object> extensions = new LinkedHashMap<>(PlainData.map(n.get("extensions")));
                extensions.putAll(NodeVisibility.HIDDEN);
                n.put("extensions", extensions);
            }
            if (parent < 0 && aside < 0) {
                top(PlainData.map("name", ASIDE, NewerFileMerge.ID, freshId));
            } else if (parent < 0 && outOfAside != null) {
                n.keySet().removeAll(PLACE);
                n.put(
                        "matrix",
                        PlainData.list(Mat4.times(outOfAside, old.node(i).local())));
            }
            number[i] = nodes.size();
            nodes.add(n);
            below.computeIfAbsent(parent < 0 ? aside : number[parent], p -> new ArrayList<>())
                    .add(number[i]);
        }
        below.forEach((parent, more) -> append(PlainData.map(nodes.get(parent)), "children", more));
        gltf.put("nodes", nodes);
        append(gltf, "images", images.list());
        append(gltf, "samplers", samplers.list());
        append(gltf, "textures", textures.list());
        append(gltf, "materials", materials.list());
        append(gltf, "cameras", cameras.list());
        if (lights.list() != null) {
            Map<String, Object> all = PlainData.map("lights", lights(gltf));
            append(all, "lights", lights.list());
            Map<String, Object> extensions = new LinkedHashMap<>(PlainData.map(gltf.get("extensions")));
            extensions.put(GltfLights.NAME, all);
            gltf.put("extensions", extensions);
        }
        return new ReadModel(model.title(), gltf, meshes, images(), model.notes());
    }

    /** Puts the group at the top; gives its number. */
    private int top(Map<String, Object> group) {
        aside = nodes.size();
        nodes.add(group);
        List<Object> scenes = PlainData.list(gltf.get("scenes"));
        if (!scenes.isEmpty()) {
            Object shown = scenes.get(Math.max(0, PlainData.whole(gltf.get("scene"), 0)));
            append(PlainData.map(shown), "nodes", List.of(aside));
        }
        return aside;
    }

    /** A node of the older file as it was, naming all under its new numbers. */
    private Map<String, Object> kept(int node) {
        Map<String, Object> n = new LinkedHashMap<>(
                PlainData.map(PlainData.list(before.get("nodes")).get(node)));
        n.remove("children");
        n.put(NewerFileMerge.ID, old.node(node).id());
        if (n.get("mesh") != null) {
            n.put("mesh", meshOf.computeIfAbsent(PlainData.whole(n.get("mesh"), 0), m -> mesh(m, node)));
        }
        cameras.in(n, "camera");
        Map<String, Object> extensions = new LinkedHashMap<>(PlainData.map(n.get("extensions")));
        if (extensions.get(GltfLights.NAME) != null) {
            Map<String, Object> light = new LinkedHashMap<>(PlainData.map(extensions.get(GltfLights.NAME)));
            lights.in(light, "light");
            extensions.put(GltfLights.NAME, light);
            n.put("extensions", extensions);
        }
        return n;
    }

    private static List<Object> lights(Map<String, Object> gltf) {
        return PlainData.list(
                PlainData.map(PlainData.map(gltf.get("extensions")).get(GltfLights.NAME))
                        .get("lights"));
    }

    private static void append(Map<String, Object> to, String key, List<Object> more) {
        if (more != null) {
            List<Object> all = new ArrayList<>(PlainData.list(to.get(key)));
            all.addAll(more);
            to.put(key, all);
        }
    }

    private int mesh(int mesh, int node) {
        List<ModelPart> out = new ArrayList<>();
        List<Object> primitives = PlainData.list(
                PlainData.map(PlainData.list(before.get("meshes")).get(mesh)).get("primitives"));
        for (int k = 0; k < primitives.size(); k++) {
            Map<String, Object> p = new LinkedHashMap<>(PlainData.map(primitives.get(k)));
            materials.in(p, "material");
            Mesh m = old.meshes().get(old.node(node).meshes().get(k));
            int indices = PlainData.whole(p.get("indices"), 0);
            out.add(new ModelPart(
                    m.kind(),
                    m.origin(),
                    m.positions(),
                    floats(p, "NORMAL", 3),
                    floats(p, "TEXCOORD_0", 2),
                    floats(p, "TEXCOORD_1", 2),
                    floats(p, "COLOR_0", 4),
                    bytes.ints(NormalForm.offset(before, indices), NormalForm.count(before, indices)),
                    PlainData.whole(p.get("material"), -1),
                    null));
        }
        meshes.add(out);
        return meshes.size() - 1;
    }

    private float[] floats(Map<String, Object> primitive, String attribute, int width) {
        int a = PlainData.whole(PlainData.map(primitive.get("attributes")).get(attribute), -1);
        return a < 0 ? null : bytes.floats(NormalForm.offset(before, a), NormalForm.count(before, a) * width);
    }

    private ImageSource images() {
        List<Object> views = PlainData.list(before.get("bufferViews"));
        return (image, at) -> {
            int view = PlainData.whole(image.get(IMAGE), -1);
            if (view < 0) {
                return model.images().of(image, at);
            }
            int from = start + PlainData.whole(PlainData.map(views.get(view)).get("byteOffset"), 0);
            return Arrays.copyOfRange(
                    glb,
                    from,
                    from + PlainData.whole(PlainData.map(views.get(view)).get("byteLength"), 0));
        };
    }
}
