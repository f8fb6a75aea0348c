package rhombus.formats;

import java.util.Arrays;

/**
 * Leaves out vertices that no triangle uses. Files often share one set of vertices among many primitives; taken as they
 * are, each part would carry all of them and claim the bounds of the whole. Told before the vertices are read, it also
 * makes reading as long as what is used, not as what is shared.
 *
 * @param kept numbers of the used vertices in rising order, or null where all are used
 * @param triangles the triangles over these
 */
record VertexCompaction(int[] kept, int[] triangles) {
    /** Fewer corners than a part of the vertices are sorted; else each vertex is marked. */
    private static final int FEW = 16;

    static VertexCompaction of(int[] triangles, int vertices) {
        return triangles.length < vertices / FEW ? sorted(triangles) : marked(triangles, vertices);
    }

    private static VertexCompaction marked(int[] triangles, int vertices) {
        int[] to = new int[vertices];
        for (int v : triangles) {
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
            return new VertexCompaction(null, triangles);
        }
        int[] out = new int[triangles.length];
        for (int i = 0; i < out.length; i++) {
            out[i] = to[triangles[i]];
        }
        return new VertexCompaction(Arrays.copyOf(from, used), out);
    }

    private static VertexCompaction sorted(int[] triangles) {
        int[] kept = triangles.clone();
        Arrays.sort(kept);
        int used = 0;
        for (int i = 0; i < kept.length; i++) {
            if (i == 0 || kept[i] != kept[i - 1]) {
                kept[used++] = kept[i];
            }
        }
        kept = Arrays.copyOf(kept, used);
        int[] out = new int[triangles.length];
        for (int i = 0; i < out.length; i++) {
            out[i] = Arrays.binarySearch(kept, triangles[i]);
        }
        return new VertexCompaction(kept, out);
    }
}
