package rhombus.formats;

import java.util.Arrays;

/**
 * Leaves out vertices that no triangle uses. Files often share one set of vertices among many primitives; taken as they
 * are, each part would carry all of them and claim the bounds of the whole.
 */
final class Compaction {
    private Compaction() {}

    /** The same triangles over only the vertices they use, in the order of the file. */
    static Part of(Part p) {
        int vertices = p.positions().length / 3;
        int[] to = new int[vertices];
        for (int v : p.triangles()) {
            to[v] = 1;
        }
        int used = 0;
        int[] from = new int[vertices];
        for (int v = 0; v < vertices; v++) {
            if (to[v] == 1) {
                from[used] = v;
                to[v] = used++;
            }
        }
        if (used == vertices) {
            return p;
        }
        int[] kept = Arrays.copyOf(from, used);
        int[] triangles = new int[p.triangles().length];
        for (int i = 0; i < triangles.length; i++) {
            triangles[i] = to[p.triangles()[i]];
        }
        return new Part(
                p.origin(), pick(p.positions(), kept, 3), pick(p.normals(), kept, 3), pick(p.texture(), kept, 2),
                pick(p.colors(), kept, 4), triangles, p.material());
    }

    private static float[] pick(float[] values, int[] kept, int width) {
        if (values == null) {
            return null;
        }
        float[] out = new float[kept.length * width];
        for (int i = 0; i < kept.length; i++) {
            System.arraycopy(values, kept[i] * width, out, i * width, width);
        }
        return out;
    }
}
