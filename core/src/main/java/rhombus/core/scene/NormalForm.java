package rhombus.core.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.optics.Optics;
import rhombus.core.plain.PlainData;

/**
 * Reads the normal form in which imported scenes are kept: glTF 2.0 with tight 32-bit floats and indices, one buffer,
 * nodes with parents before children and no cycles. What an import may contain is wider; {@code formats} narrows it.
 */
public final class NormalForm {
    private NormalForm() {}

    /** The scene that a normal-form document describes. */
    public static Scene read(Map<String, Object> gltf, BinaryArrays bin) {
        List<Mesh> meshes = new ArrayList<>();
        List<List<Integer>> partsOf = new ArrayList<>();
        for (Object mesh : PlainData.list(gltf.get("meshes"))) {
            List<Integer> parts = new ArrayList<>();
            for (Object primitive : PlainData.list(PlainData.map(mesh).get("primitives"))) {
                parts.add(meshes.size());
                meshes.add(mesh(gltf, PlainData.map(primitive), bin));
            }
            partsOf.add(parts);
        }
        List<Object> sources = PlainData.list(gltf.get("nodes"));
        Map<Integer, Integer> parents = new HashMap<>();
        for (int i = 0; i < sources.size(); i++) {
            for (Object child : PlainData.list(PlainData.map(sources.get(i)).get("children"))) {
                parents.put(PlainData.whole(child, -1), i);
            }
        }
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < sources.size(); i++) {
            nodes.add(node(gltf, PlainData.map(sources.get(i)), i, parents.getOrDefault(i, -1), partsOf));
        }
        Map<String, Object> asset = PlainData.map(gltf.get("asset"));
        Map<String, Object> own =
                PlainData.map(PlainData.map(asset.get("extras")).get("rhombus"));
        boolean z = "Z".equals(PlainData.text(own.get("upAxis"), "Y"));
        return new Scene(nodes, meshes, z ? UpAxis.Z : UpAxis.Y)
                .withSetup(SceneSetup.of(own, List.of()).withActive(null).withOrder(List.of()));
    }

    /**
     * Attaches the edges of each mesh, as written by {@code formats}: how many, how many of them are strong, the edges as
     * sides of triangles, then a byte a triangle that marks its sides.
     */
    public static void attachEdges(Scene scene, BinaryArrays bin) {
        int at = 0;
        for (Mesh m : scene.meshes()) {
            int[] counts = bin.ints(at, 2);
            m.attachEdges(bin.ints(at + 8, counts[0]), counts[1]);
            at += 8 + counts[0] * 4 + padded(m.triangleCount());
        }
    }

    /** Where in that file the marks of each mesh's triangles start; see {@link MeshEdges#marks}. */
    public static int[] marksOffsets(Scene scene) {
        int[] marks = new int[scene.meshes().size()];
        int at = 0;
        for (int i = 0; i < marks.length; i++) {
            Mesh m = scene.meshes().get(i);
            marks[i] = at + 8 + m.edgeCount() * 4;
            at = marks[i] + padded(m.triangleCount());
        }
        return marks;
    }

    /**
     * Attaches the coarser triangles of each mesh: the number of levels, then for each the farthest it is from the full
     * surface, how many triangles it has, and these.
     */
    public static void attachLevels(Scene scene, BinaryArrays bin) {
        int at = 0;
        for (Mesh m : scene.meshes()) {
            int count = bin.ints(at, 1)[0];
            at += 4;
            List<Mesh.Level> levels = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                int triangles = bin.ints(at + 4, 1)[0];
                levels.add(new Mesh.Level(bin.ints(at + 8, triangles * 3), bin.floats(at, 1)[0]));
                at += 8 + triangles * 12;
            }
            m.attachLevels(levels);
        }
    }

    /** Attaches the hierarchy of each mesh: the number of floats, the nodes in them, then the order of the triangles. */
    public static void attachHierarchies(Scene scene, BinaryArrays bin) {
        new HierarchyLoader(scene, bin).more(Integer.MAX_VALUE);
    }

    private static int padded(int bytes) {
        return (bytes + 3) / 4 * 4;
    }

    private static Node node(
            Map<String, Object> gltf, Map<String, Object> n, int i, int parent, List<List<Integer>> partsOf) {
        int mesh = PlainData.whole(n.get("mesh"), -1);
        int camera = PlainData.whole(n.get("camera"), -1);
        Object light = PlainData.map(PlainData.map(n.get("extensions")).get("KHR_lights_punctual"))
                .get("light");
        Map<String, Object> own = PlainData.map(PlainData.map(n.get("extras")).get("rhombus"));
        Object visible = PlainData.map(PlainData.map(n.get("extensions")).get("KHR_node_visibility"))
                .get("visible");
        double[] pivot = PlainData.numbers(own.get("pivot"), 3);
        return new Node(
                id(n, i),
                PlainData.text(n.get("name"), ""),
                parent,
                matrix(n),
                mesh < 0 ? List.of() : partsOf.get(mesh),
                camera < 0
                        ? null
                        : camera(PlainData.map(
                                PlainData.list(gltf.get("cameras")).get(camera))),
                light == null ? null : light(gltf, PlainData.whole(light, 0)),
                null,
                pivot == null ? null : new Vec3(pivot[0], pivot[1], pivot[2]),
                null,
                PlainData.truth(own.get("locked"), false),
                !PlainData.truth(visible, true),
                false,
                null,
                DisplayOverride.USUAL);
    }

    /** The id of a node: one that it kept from an older file, or its place in this one. */
    public static String id(Map<String, Object> node, int number) {
        return PlainData.text(
                PlainData.map(PlainData.map(node.get("extras")).get("rhombus")).get("id"), "n" + number);
    }

    /** A node's matrix, given as such or as translation, rotation and scale (glTF 2.0, 3.5.3). */
    public static double[] matrix(Map<String, Object> node) {
        double[] m = PlainData.numbers(node.get("matrix"), 16);
        if (m != null) {
            return m;
        }
        double[] t = PlainData.numbers(node.get("translation"), 3);
        double[] r = PlainData.numbers(node.get("rotation"), 4);
        double[] s = PlainData.numbers(node.get("scale"), 3);
        return Mat4.trs(
                t == null ? Vec3.ZERO : new Vec3(t[0], t[1], t[2]),
                r == null ? Quat.IDENTITY : new Quat(r[0], r[1], r[2], r[3]).unit(),
                s == null ? new Vec3(1, 1, 1) : new Vec3(s[0], s[1], s[2]));
    }

    private static Mesh mesh(Map<String, Object> gltf, Map<String, Object> primitive, BinaryArrays bin) {
        int position =
                PlainData.whole(PlainData.map(primitive.get("attributes")).get("POSITION"), 0);
        Map<String, Object> accessor =
                PlainData.map(PlainData.list(gltf.get("accessors")).get(position));
        double[] lo = PlainData.numbers(accessor.get("min"), 3);
        double[] hi = PlainData.numbers(accessor.get("max"), 3);
        double[] o = PlainData.numbers(
                PlainData.map(PlainData.map(primitive.get("extras")).get("rhombus"))
                        .get("origin"),
                3);
        int indices = PlainData.whole(primitive.get("indices"), 0);
        Mesh.Kind kind = kind(primitive);
        return new Mesh(
                kind,
                o == null ? Vec3.ZERO : new Vec3(o[0], o[1], o[2]),
                bin.floats(offset(gltf, position), count(gltf, position) * 3),
                Mesh.asTriangles(kind, bin.ints(offset(gltf, indices), count(gltf, indices))),
                new Aabb(new Vec3(lo[0], lo[1], lo[2]), new Vec3(hi[0], hi[1], hi[2])));
    }

    /** What a primitive is made of. */
    public static Mesh.Kind kind(Map<String, Object> primitive) {
        return Mesh.Kind.of(PlainData.whole(primitive.get("mode"), 4));
    }

    /** Byte offset of an accessor's first element in the buffer. */
    public static int offset(Map<String, Object> gltf, int accessor) {
        Map<String, Object> a =
                PlainData.map(PlainData.list(gltf.get("accessors")).get(accessor));
        Map<String, Object> view =
                PlainData.map(PlainData.list(gltf.get("bufferViews")).get(PlainData.whole(a.get("bufferView"), 0)));
        return PlainData.whole(view.get("byteOffset"), 0) + PlainData.whole(a.get("byteOffset"), 0);
    }

    /** Number of elements of an accessor. */
    public static int count(Map<String, Object> gltf, int accessor) {
        return PlainData.whole(
                PlainData.map(PlainData.list(gltf.get("accessors")).get(accessor))
                        .get("count"),
                0);
    }

    /** The camera that a glTF camera describes; clip planes of a file are kept there and cut no view. */
    public static SceneCamera camera(Map<String, Object> c) {
        Map<String, Object> own = PlainData.map(PlainData.map(c.get("extras")).get("rhombus"));
        Optics optics = OpticsForm.of(own);
        boolean follows = "scene".equals(own.get("aspect"));
        if ("orthographic".equals(c.get("type"))) {
            double ymag = PlainData.number(PlainData.map(c.get("orthographic")).get("ymag"), 1);
            double xmag = PlainData.number(PlainData.map(c.get("orthographic")).get("xmag"), ymag);
            return new SceneCamera(false, 0, 2 * ymag, follows ? 0 : xmag / ymag, optics);
        }
        Map<String, Object> p = PlainData.map(c.get("perspective"));
        return new SceneCamera(
                true,
                PlainData.number(p.get("yfov"), 0.8),
                0,
                follows ? 0 : PlainData.number(p.get("aspectRatio"), 0),
                optics);
    }

    private static Light light(Map<String, Object> gltf, int i) {
        Map<String, Object> extension =
                PlainData.map(PlainData.map(gltf.get("extensions")).get("KHR_lights_punctual"));
        return light(PlainData.map(PlainData.list(extension.get("lights")).get(i)));
    }

    /** The light that a light of KHR_lights_punctual describes. */
    public static Light light(Map<String, Object> l) {
        double[] c = PlainData.numbers(l.get("color"), 3);
        Map<String, Object> spot = PlainData.map(l.get("spot"));
        return new Light(
                PlainData.text(l.get("type"), "point"),
                c == null ? new Vec3(1, 1, 1) : new Vec3(c[0], c[1], c[2]),
                PlainData.number(l.get("intensity"), 1),
                PlainData.number(l.get("range"), 0),
                PlainData.number(spot.get("innerConeAngle"), 0),
                PlainData.number(spot.get("outerConeAngle"), Light.USUAL_OUTER));
    }
}
