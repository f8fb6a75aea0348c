package rhombus.formats;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.model.ModelPart;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;

/** Reads one mesh primitive into triangles (glTF 2.0, 3.7.2). */
final class MeshPrimitives {

    private final Accessors accessors;
    private final int materials;
    private final ImportNotes notes;

    MeshPrimitives(Accessors accessors, int materials, ImportNotes notes) {
        this.accessors = accessors;
        this.materials = materials;
        this.notes = notes;
    }

    /** The part, or null for one without positions, which is noted. */
    ModelPart read(Map<String, Object> p, List<TextureCoordinates> textures, String place) {
        long mode = JsonReader.whole(p, "mode", 4, place);
        if (mode > 6) {
            throw new FileProblem(place + ".mode", mode + " is no mode of glTF 2.0");
        }
        Map<String, Object> attributes = JsonReader.mapIn(p, "attributes", place);
        int position = JsonReader.index(attributes, "POSITION", accessors.size(), place + ".attributes");
        if (position < 0) {
            notes.add("A primitive without positions was left out.", place);
            return null;
        }
        String packed = JsonReader.firstKey(p.get("extensions"));
        if (packed != null && !accessors.brought(position)) {
            throw new FileProblem(
                    place, "is packed with " + packed + ", which is not read here. Export it without that extension");
        }
        int vertices = accessors.count(position);
        int index = JsonReader.index(p, "indices", accessors.size(), place);
        VertexCompaction of = corners(index, vertices, (int) mode, place);
        float[] xyz = accessors.floats(position, 3, of.kept());
        for (int i = 0; i < xyz.length; i++) {
            if (!Float.isFinite(xyz[i])) {
                throw new FileProblem(
                        "accessors[" + position + "]",
                        "element " + (of.kept() == null ? i / 3 : of.kept()[i / 3]) + " is not a finite position ("
                                + xyz[i] + ")");
            }
        }
        if (p.get("targets") != null) {
            notes.add("Morph targets are shown in their rest shape.", place);
        }
        int color = JsonReader.index(attributes, "COLOR_0", accessors.size(), place + ".attributes");
        float[][] uv = new float[TextureCoordinates.MOST][];
        for (int i = 0; i < textures.size(); i++) {
            TextureCoordinates c = textures.get(i);
            uv[i] = c.done(optional(attributes, "TEXCOORD_" + c.set(), 2, vertices, of.kept(), place), place);
        }
        if (uv[0] == null && uv[1] != null) {
            uv[0] = new float[uv[1].length];
        }
        Vec3 origin = ModelPart.origin(Aabb.of(xyz));
        return new ModelPart(
                Mesh.Kind.of((int) mode),
                origin,
                relative(xyz, origin),
                optional(attributes, "NORMAL", 3, vertices, of.kept(), place),
                uv[0],
                uv[1],
                color < 0 ? null : colors(color, vertices, of.kept()),
                of.triangles(),
                JsonReader.index(p, "material", materials, place),
                null);
    }

    /** Which vertices the triangles use, before any of them is read. */
    private VertexCompaction corners(int index, int vertices, int mode, String place) {
        if (index < 0) {
            accessors.budget().take(4L * vertices, place);
        }
        int[] order = index < 0 ? running(vertices) : accessors.ints(index);
        for (int i = 0; i < order.length; i++) {
            if (order[i] >= vertices) {
                throw new FileProblem(
                        "accessors[" + index + "]",
                        "element " + i + " names vertex " + order[i] + ", but there are only " + vertices);
            }
        }
        long count = mode == 4 ? order.length / 3L : order.length;
        accessors.budget().take(count * ByteBudget.PER_TRIANGLE, place);
        return VertexCompaction.of(mode < 4 ? strokes(order, mode) : triangles(order, mode), vertices);
    }

    private float[] colors(int accessor, int vertices, int[] kept) {
        same(accessors.count(accessor), vertices, accessor);
        if (accessors.width(accessor) != 3) {
            return finite(accessors.floats(accessor, 4, kept), "COLOR_0");
        }
        float[] rgb = accessors.floats(accessor, 3, kept);
        float[] c = new float[rgb.length / 3 * 4];
        for (int i = 0; i < rgb.length / 3; i++) {
            System.arraycopy(rgb, i * 3, c, i * 4, 3);
            c[i * 4 + 3] = 1;
        }
        return finite(c, "COLOR_0");
    }

    private float[] optional(
            Map<String, Object> attributes, String name, int width, int vertices, int[] kept, String place) {
        int i = JsonReader.index(attributes, name, accessors.size(), place + ".attributes");
        if (i < 0) {
            return null;
        }
        same(accessors.count(i), vertices, i);
        return finite(accessors.floats(i, width, kept), name);
    }

    private float[] finite(float[] v, String name) {
        for (int k = 0; k < v.length; k++) {
            if (!Float.isFinite(v[k])) {
                v[k] = 0;
                notes.add("Values of " + name + " that are no numbers were set to zero.");
            }
        }
        return v;
    }

    private static void same(int count, int vertices, int accessor) {
        if (count != vertices) {
            throw new FileProblem(
                    "accessors[" + accessor + "].count",
                    "is " + count + ", but the positions beside it are " + vertices);
        }
    }

    private static int[] running(int n) {
        int[] t = new int[n];
        for (int i = 0; i < n; i++) {
            t[i] = i;
        }
        return t;
    }

    /** Points as they are; lines, loops and strips as pairs (glTF 2.0, 3.7.2.1). */
    static int[] strokes(int[] o, int mode) {
        if (mode < 2) {
            return mode == 0 || o.length % 2 == 0 ? o : Arrays.copyOf(o, o.length - 1);
        }
        int n = o.length < 2 ? 0 : mode == 2 ? o.length : o.length - 1;
        int[] out = new int[n * 2];
        for (int i = 0; i < n; i++) {
            out[i * 2] = o[i];
            out[i * 2 + 1] = o[(i + 1) % o.length];
        }
        return out;
    }

    /** Lists, strips and fans as triangles, in the order of glTF 2.0, 3.7.2.1; incomplete ones at the end are left out. */
    static int[] triangles(int[] o, int mode) {
        if (mode == 4) {
            return o.length % 3 == 0 ? o : Arrays.copyOf(o, o.length / 3 * 3);
        }
        int n = Math.max(0, o.length - 2);
        int[] t = new int[n * 3];
        for (int i = 0; i < n; i++) {
            boolean strip = mode == 5;
            t[i * 3] = strip ? o[i] : o[i + 1];
            t[i * 3 + 1] = strip ? o[i + 1 + i % 2] : o[i + 2];
            t[i * 3 + 2] = strip ? o[i + 2 - i % 2] : o[0];
        }
        return t;
    }

    private static float[] relative(float[] xyz, Vec3 o) {
        if (o.equals(Vec3.ZERO)) {
            return xyz;
        }
        float[] out = new float[xyz.length];
        for (int i = 0; i < xyz.length; i++) {
            out[i] = (float) (xyz[i] - o.get(i % 3));
        }
        return out;
    }
}
