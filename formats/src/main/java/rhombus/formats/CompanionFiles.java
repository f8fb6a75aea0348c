package rhombus.formats;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.MeshSimplifier;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;

/** What lies beside the geometry of a scene so that it can be drawn: the edges of its meshes, and their coarser triangles. */
public final class CompanionFiles {
    /** Of more lines or points in a mesh than these only so many are drawn; all are kept. */
    static final int MOST_STROKES = 400_000;

    private final ByteArrayOutputStream edges = new ByteArrayOutputStream();
    private final ByteArrayOutputStream levels = new ByteArrayOutputStream();

    CompanionFiles() {}

    /** Of a kept scene that has none of it yet. */
    public static CompanionFiles of(byte[] glb) {
        return of(KeptScene.of(glb).scene(glb));
    }

    static CompanionFiles of(Scene scene) {
        CompanionFiles out = new CompanionFiles();
        for (Mesh m : scene.meshes()) {
            if (m.isStrokes()) {
                out.strokes(m.triangleCount());
            } else {
                out.add(m.positions(), m.triangles(), null);
            }
        }
        return out;
    }

    /** The next mesh; {@link NormalForm} tells how it is written. */
    void add(float[] positions, int[] triangles, byte[] sides) {
        MeshEdges e = MeshEdges.of(positions, triangles, sides);
        put(edges, ChunkWriter.of(e.edges().length, e.strong()));
        put(edges, ChunkWriter.of(e.edges()));
        byte[] marks = e.marks();
        put(edges, Arrays.copyOf(marks, (int) ChunkWriter.padded(marks.length)));
        List<Mesh.Level> coarser = MeshSimplifier.levels(positions, triangles, e);
        put(levels, ChunkWriter.of(coarser.size()));
        for (Mesh.Level l : coarser) {
            put(levels, ChunkWriter.of(new float[] {l.bound()}));
            put(levels, ChunkWriter.of(l.triangles().length / 3));
            put(levels, ChunkWriter.of(l.triangles()));
        }
    }

    /** The next mesh, of lines or points: each is an edge of its own, in an order in which the first ones are spread over all. */
    void strokes(int count) {
        int drawn = Math.min(count, MOST_STROKES);
        int[] order = new int[count];
        for (int i = 0; i < count; i++) {
            order[i] = i * 3;
        }
        Random r = new Random(1);
        for (int i = 0; i < drawn; i++) {
            int k = i + r.nextInt(count - i);
            int other = order[k];
            order[k] = order[i];
            order[i] = other;
        }
        byte[] marks = new byte[count];
        Arrays.fill(marks, MeshEdges.STRONG);
        put(edges, ChunkWriter.of(drawn, drawn));
        put(edges, ChunkWriter.of(Arrays.copyOf(order, drawn)));
        put(edges, Arrays.copyOf(marks, (int) ChunkWriter.padded(count)));
        put(levels, ChunkWriter.of(0));
    }

    private static void put(ByteArrayOutputStream out, byte[] b) {
        out.write(b, 0, b.length);
    }

    /** Modelled edges, and the marks of the sides of triangles, of all meshes. */
    public byte[] edges() {
        return edges.toByteArray();
    }

    /** Coarser triangles of all meshes. */
    public byte[] levels() {
        return levels.toByteArray();
    }
}
