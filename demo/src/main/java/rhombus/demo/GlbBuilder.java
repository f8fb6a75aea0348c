package rhombus.demo;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.display.Srgb;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import tools.jackson.databind.json.JsonMapper;

/** Puts a scene together and writes it as GLB. */
final class GlbBuilder {
    private final List<Object> nodes = new ArrayList<>();
    private final List<Object> roots = new ArrayList<>();
    private final List<Object> meshes = new ArrayList<>();
    private final List<Object> materials = new ArrayList<>();
    private final List<Object> accessors = new ArrayList<>();
    private final List<Object> views = new ArrayList<>();
    private final List<Object> cameras = new ArrayList<>();
    private List<Object> home;
    private final List<Object> images = new ArrayList<>();
    private final List<Object> textures = new ArrayList<>();
    private final List<Object> lights = new ArrayList<>();
    private final Map<String, Integer> materialNumbers = new HashMap<>();
    private final Map<DemoMesh, int[]> shapes = new HashMap<>();
    private final ByteArrayOutputStream bin = new ByteArrayOutputStream();
    private final boolean zUp;

    GlbBuilder(boolean zUp) {
        this.zUp = zUp;
    }

    /** Adds a group and gives its number; parent -1 is the top. */
    int group(String name, int parent, Vec3 at) {
        return node(name, parent, at, Quat.IDENTITY, PlainData.map());
    }

    /** Adds an object. */
    int add(String name, int parent, DemoMesh shape, String color, Vec3 at, Quat turn) {
        return node(name, parent, at, turn, PlainData.map("mesh", mesh(shape, color)));
    }

    int add(String name, int parent, DemoMesh shape, String color, Vec3 at) {
        return add(name, parent, shape, color, at, Quat.IDENTITY);
    }

    /**
     * Adds an object with a picture on it, seen from above.
     *
     * @param png the picture
     * @param tile how long each side of it is, metres
     */
    int pictured(String name, DemoMesh shape, byte[] png, double tile, Vec3 at) {
        int[] data = store(shape);
        float[] uv = new float[shape.positions().length / 3 * 2];
        for (int i = 0; i < uv.length / 2; i++) {
            uv[i * 2] = (float) (shape.positions()[i * 3] / tile);
            uv[i * 2 + 1] = (float) (shape.positions()[i * 3 + 2] / tile);
        }
        int places = accessor(floats(uv), 5126, uv.length / 2, "VEC2");
        views.add(PlainData.map("buffer", 0, "byteOffset", bin.size(), "byteLength", png.length));
        bin.writeBytes(png);
        while (bin.size() % 4 > 0) {
            bin.write(0);
        }
        images.add(PlainData.map("bufferView", views.size() - 1, "mimeType", "image/png"));
        textures.add(PlainData.map("source", images.size() - 1));
        materials.add(PlainData.map(
                "pbrMetallicRoughness",
                PlainData.map(
                        "baseColorTexture",
                        PlainData.map("index", textures.size() - 1),
                        "metallicFactor",
                        0.0,
                        "roughnessFactor",
                        0.95)));
        meshes.add(PlainData.map(
                "primitives",
                List.of(PlainData.map(
                        "attributes",
                        PlainData.map("POSITION", data[0], "NORMAL", data[1], "TEXCOORD_0", places),
                        "indices",
                        data[2],
                        "material",
                        materials.size() - 1))));
        return node(name, -1, at, Quat.IDENTITY, PlainData.map("mesh", meshes.size() - 1));
    }

    /** Picking passes over the node. */
    void lock(int node) {
        PlainData.map(nodes.get(node)).put("extras", PlainData.map("rhombus", PlainData.map("locked", true)));
    }

    /** Adds a perspective camera at a place that looks at another. */
    void camera(String name, Vec3 eye, Vec3 to, double fovYDegrees) {
        cameras.add(PlainData.map(
                "type",
                "perspective",
                "name",
                name,
                "perspective",
                PlainData.map(
                        "yfov", Math.toRadians(fovYDegrees), "aspectRatio", 16 / 9.0, "znear", 0.05, "zfar", 2000.0)));
        Vec3 back = eye.minus(to).unit();
        Vec3 right = (zUp ? Vec3.Z : Vec3.Y).cross(back).unit();
        node(name, -1, eye, Quat.ofBasis(right, back.cross(right), back), PlainData.map("camera", cameras.size() - 1));
    }

    /** Where a free view stands at first. */
    void home(Vec3 eye, Vec3 at) {
        home = PlainData.list(eye.x(), eye.y(), eye.z(), at.x(), at.y(), at.z());
    }

    void light(String name, String type, Vec3 at, Vec3 to, double intensity, Vec3 color) {
        lights.add(PlainData.map(
                "type",
                type,
                "name",
                name,
                "intensity",
                intensity,
                "color",
                PlainData.list(color.x(), color.y(), color.z())));
        Vec3 back = at.minus(to).unit();
        Vec3 right = (Math.abs(back.y()) > 0.99 ? Vec3.Z : Vec3.Y).cross(back).unit();
        node(
                name,
                -1,
                at,
                Quat.ofBasis(right, back.cross(right), back),
                PlainData.map(
                        "extensions", PlainData.map("KHR_lights_punctual", PlainData.map("light", lights.size() - 1))));
    }

    private int node(String name, int parent, Vec3 at, Quat turn, Map<String, Object> more) {
        Map<String, Object> n = PlainData.map("name", name);
        if (!at.equals(Vec3.ZERO)) {
            n.put("translation", PlainData.list(at.x(), at.y(), at.z()));
        }
        if (!turn.equals(Quat.IDENTITY)) {
            n.put("rotation", PlainData.list(turn.x(), turn.y(), turn.z(), turn.w()));
        }
        n.putAll(more);
        nodes.add(n);
        int number = nodes.size() - 1;
        if (parent < 0) {
            roots.add(number);
        } else {
            @SuppressWarnings("unchecked")
            List<Object> children =
                    (List<Object>) PlainData.map(nodes.get(parent)).computeIfAbsent("children", k -> new ArrayList<>());
            children.add(number);
        }
        return number;
    }

    private int mesh(DemoMesh s, String color) {
        int[] data = shapes.computeIfAbsent(s, this::store);
        int material = materialNumbers.computeIfAbsent(color, this::material);
        String key = data[0] + "/" + material;
        Integer known = materialNumbers.get(key);
        if (known != null) {
            return known;
        }
        meshes.add(PlainData.map(
                "primitives",
                List.of(PlainData.map(
                        "attributes",
                        PlainData.map("POSITION", data[0], "NORMAL", data[1]),
                        "indices",
                        data[2],
                        "material",
                        material))));
        materialNumbers.put(key, meshes.size() - 1);
        return meshes.size() - 1;
    }

    /** A colour given as sRGB hex becomes the linear factor that glTF wants; behind it may stand how rough and how much of a metal it is. */
    private int material(String what) {
        String[] words = what.split(" ");
        String hex = words[0];
        double[] c = new double[4];
        for (int i = 0; i < 3; i++) {
            c[i] = Srgb.linear(Integer.parseInt(hex.substring(1 + i * 2, 3 + i * 2), 16) / 255.0);
        }
        c[3] = 1;
        materials.add(PlainData.map(
                "pbrMetallicRoughness",
                PlainData.map(
                        "baseColorFactor",
                        PlainData.list(c),
                        "metallicFactor",
                        words.length > 2 ? Double.parseDouble(words[2]) : 0.0,
                        "roughnessFactor",
                        words.length > 1 ? Double.parseDouble(words[1]) : 0.85)));
        return materials.size() - 1;
    }

    private int[] store(DemoMesh s) {
        int p = accessor(floats(s.positions()), 5126, s.positions().length / 3, "VEC3");
        float[] lo = {Float.MAX_VALUE, Float.MAX_VALUE, Float.MAX_VALUE};
        float[] hi = {-Float.MAX_VALUE, -Float.MAX_VALUE, -Float.MAX_VALUE};
        for (int i = 0; i < s.positions().length; i++) {
            lo[i % 3] = Math.min(lo[i % 3], s.positions()[i]);
            hi[i % 3] = Math.max(hi[i % 3], s.positions()[i]);
        }
        PlainData.map(accessors.get(p)).put("min", PlainData.list(lo[0], lo[1], lo[2]));
        PlainData.map(accessors.get(p)).put("max", PlainData.list(hi[0], hi[1], hi[2]));
        int n = accessor(floats(s.normals()), 5126, s.normals().length / 3, "VEC3");
        ByteBuffer b = ByteBuffer.allocate(s.triangles().length * 4).order(ByteOrder.LITTLE_ENDIAN);
        b.asIntBuffer().put(s.triangles());
        return new int[] {p, n, accessor(b.array(), 5125, s.triangles().length, "SCALAR")};
    }

    private static byte[] floats(float[] v) {
        ByteBuffer b = ByteBuffer.allocate(v.length * 4).order(ByteOrder.LITTLE_ENDIAN);
        b.asFloatBuffer().put(v);
        return b.array();
    }

    private int accessor(byte[] data, int type, int count, String shape) {
        views.add(PlainData.map("buffer", 0, "byteOffset", bin.size(), "byteLength", data.length));
        bin.writeBytes(data);
        accessors.add(
                PlainData.map("bufferView", views.size() - 1, "componentType", type, "count", count, "type", shape));
        return accessors.size() - 1;
    }

    byte[] glb() {
        Map<String, Object> out = PlainData.map(
                "asset",
                PlainData.map(
                        "version",
                        "2.0",
                        "generator",
                        "Rhombus demo",
                        "extras",
                        PlainData.map("rhombus", PlainData.map("upAxis", zUp ? "Z" : "Y", "home", home))),
                "extensionsUsed",
                lights.isEmpty() ? null : List.of("KHR_lights_punctual"),
                "extensions",
                lights.isEmpty() ? null : PlainData.map("KHR_lights_punctual", PlainData.map("lights", lights)),
                "scene",
                0,
                "scenes",
                List.of(PlainData.map("nodes", roots)),
                "nodes",
                nodes,
                "meshes",
                meshes,
                "materials",
                materials,
                "textures",
                textures.isEmpty() ? null : textures,
                "images",
                images.isEmpty() ? null : images,
                "cameras",
                cameras.isEmpty() ? null : cameras,
                "accessors",
                accessors,
                "bufferViews",
                views,
                "buffers",
                List.of(PlainData.map("byteLength", bin.size())));
        byte[] json = JsonMapper.builder().build().writeValueAsString(out).getBytes(StandardCharsets.UTF_8);
        int padded = (json.length + 3) / 4 * 4;
        ByteBuffer b = ByteBuffer.allocate(28 + padded + bin.size()).order(ByteOrder.LITTLE_ENDIAN);
        b.putInt(0x46546C67)
                .putInt(2)
                .putInt(b.capacity())
                .putInt(padded)
                .putInt(0x4E4F534A)
                .put(json);
        while (b.position() < 20 + padded) {
            b.put((byte) ' ');
        }
        b.putInt(bin.size()).putInt(0x004E4942).put(bin.toByteArray());
        return b.array();
    }
}
