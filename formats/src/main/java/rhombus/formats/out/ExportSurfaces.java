package rhombus.formats.out;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.ShapeMesh;

/** The surfaces of a kept scene by their numbers, read from its files one at a time. */
final class ExportSurfaces {
    private final Map<String, Object> gltf;
    private final long binStart;
    private final FileBytes geometry;
    private final FileBytes lines;
    private final List<Map<String, Object>> primitives = new ArrayList<>();
    /** Where in the file of edges the marks of each surface start; found when they are first asked for. */
    private long[] marks;

    /**
     * @param gltf document of the kept file
     * @param binStart where in the geometry file the binary chunk's bytes start
     * @param lines the file of edges, or null where polygons are not asked for
     */
    ExportSurfaces(Map<String, Object> gltf, long binStart, FileBytes geometry, FileBytes lines) {
        this.gltf = gltf;
        this.binStart = binStart;
        this.geometry = geometry;
        this.lines = lines;
        for (Object mesh : PlainData.list(gltf.get("meshes"))) {
            for (Object p : PlainData.list(PlainData.map(mesh).get("primitives"))) {
                primitives.add(PlainData.map(p));
            }
        }
    }

    /** How many vertices a surface has, without reading it. */
    int vertices(int number) {
        return NormalForm.count(gltf, accessor(number, "POSITION"));
    }

    /** What a surface is made of. */
    Mesh.Kind kind(int number) {
        return NormalForm.kind(primitives.get(number));
    }

    /** How many triangles, lines or points it has, without reading it. */
    int count(int number) {
        return NormalForm.count(gltf, PlainData.whole(primitives.get(number).get("indices"), 0))
                / kind(number).corners();
    }

    /** Whether the vertices of a surface have such an attribute. */
    boolean has(int number, String attribute) {
        return accessor(number, attribute) >= 0;
    }

    /** The material of a surface, or -1. */
    int material(int number) {
        return PlainData.whole(primitives.get(number).get("material"), -1);
    }

    private int accessor(int number, String attribute) {
        return PlainData.whole(
                PlainData.map(primitives.get(number).get("attributes")).get(attribute), -1);
    }

    ExportSurface read(int number) throws IOException {
        double[] origin = PlainData.numbers(
                PlainData.map(PlainData.map(primitives.get(number).get("extras"))
                                .get("rhombus"))
                        .get("origin"),
                3);
        int indices = PlainData.whole(primitives.get(number).get("indices"), 0);
        int[] t = new int[NormalForm.count(gltf, indices)];
        bytes(indices, t.length).asIntBuffer().get(t);
        boolean faces = kind(number) == Mesh.Kind.TRIANGLES;
        return new ExportSurface(
                kind(number),
                floats(number, "POSITION", 3),
                origin == null ? new double[3] : origin,
                floats(number, "NORMAL", 3),
                floats(number, "TEXCOORD_0", 2),
                floats(number, "COLOR_0", 4),
                t,
                lines == null || !faces ? null : lines.read(marks()[number], t.length / 3),
                material(number));
    }

    private float[] floats(int number, String attribute, int width) throws IOException {
        int a = accessor(number, attribute);
        if (a < 0) {
            return null;
        }
        float[] out = new float[NormalForm.count(gltf, a) * width];
        bytes(a, out.length).asFloatBuffer().get(out);
        return out;
    }

    private ByteBuffer bytes(int accessor, int numbers) throws IOException {
        return ByteBuffer.wrap(geometry.read(binStart + NormalForm.offset(gltf, accessor), numbers * 4))
                .order(ByteOrder.LITTLE_ENDIAN);
    }

    private long[] marks() throws IOException {
        if (marks == null) {
            marks = new long[primitives.size()];
            long at = 0;
            for (int i = 0; i < marks.length; i++) {
                int edges = ByteBuffer.wrap(lines.read(at, 4))
                        .order(ByteOrder.LITTLE_ENDIAN)
                        .getInt();
                marks[i] = at + 8 + edges * 4L;
                at = marks[i] + (count(i) + 3) / 4 * 4;
            }
        }
        return marks;
    }

    /** The surface of a solid. */
    static ExportSurface of(ParametricShape s) {
        ShapeMesh m = ShapeMesh.of(s);
        return new ExportSurface(
                Mesh.Kind.TRIANGLES,
                m.mesh().positions(),
                new double[3],
                m.normals(),
                null,
                null,
                m.mesh().triangles(),
                MeshEdges.of(m.mesh().positions(), m.mesh().triangles()).marks(),
                -1);
    }
}
