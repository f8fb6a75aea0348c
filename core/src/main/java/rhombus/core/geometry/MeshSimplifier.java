package rhombus.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Fewer triangles over the same vertices, for pictures of what moves: vertex clustering (J. Rossignac and P. Borrel,
 * "Multi-resolution 3D approximations for rendering complex scenes", 1993). Vertices in one cell of a grid count as the one of
 * them that stands for it: one on a crease or a border where there is one, else the one nearest to their middle.
 *
 * <p>No point of either surface is farther from the other than {@link #bound}. What would vanish, because all of it lies in one
 * or two cells, keeps one triangle as it was, and so does what would turn its back.
 */
public final class MeshSimplifier {
    /** Cells of so many mean edge lengths, from fine to coarse (ours: each leaves about a third of the triangles). */
    private static final double[] CELLS = {2, 4, 8};
    /** A level that leaves more than this part of the one before is not worth its memory. */
    private static final double WORTH = 0.7;
    /** Below so many triangles nothing is gained. */
    private static final int FEW = 96;

    private final int[] triangles;
    private final int[] from;

    private MeshSimplifier(int[] triangles, int[] from) {
        this.triangles = triangles;
        this.from = from;
    }

    /** Three vertices each, of those that the mesh has. */
    public int[] triangles() {
        return triangles;
    }

    /** Numbers of the triangles from which they were made. */
    public int[] from() {
        return from;
    }

    /** The farthest that the surfaces may be from each other with cells of some size: a cell's diagonal. */
    public static double bound(double cell) {
        return cell * Math.sqrt(3);
    }

    /**
     * Levels of a mesh from fine to coarse, each with less than the one before; none for a mesh that has few triangles.
     *
     * @param edges the mesh's own, so that creases and borders are kept
     */
    public static List<Mesh.Level> levels(float[] positions, int[] triangles, MeshEdges edges) {
        List<Mesh.Level> out = new ArrayList<>();
        if (triangles.length / 3 < FEW) {
            return out;
        }
        double edge = meanEdge(positions, triangles);
        int last = triangles.length;
        for (double k : CELLS) {
            int[] level = edge > 0 ? of(positions, triangles, edges, k * edge).triangles : triangles;
            if (level.length <= last * WORTH) {
                out.add(new Mesh.Level(level, (float) bound(k * edge)));
                last = level.length;
            }
        }
        return out;
    }

    private static double meanEdge(float[] p, int[] t) {
        double sum = 0;
        for (int side = 0; side < t.length; side++) {
            sum += distance(p, t[side], t[side - side % 3 + (side + 1) % 3]);
        }
        return t.length == 0 ? 0 : sum / t.length;
    }

    /**
     * A mesh with all vertices of a cell counted as one.
     *
     * @param cell side of a cell, in the positions' own unit; positive
     */
    public static MeshSimplifier of(float[] positions, int[] triangles, MeshEdges edges, double cell) {
        int[] cells = cells(positions, cell);
        int[] stands = stands(positions, triangles, edges, cells);
        return new Building(positions, triangles, cells, stands).coarser();
    }

    // ---- cells -----------------------------------------------------------------------------------------------------

    /** For each vertex the number of the first vertex in its cell. */
    private static int[] cells(float[] p, double cell) {
        int n = p.length / 3;
        double[] least = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        for (int i = 0; i < p.length; i++) {
            least[i % 3] = Math.min(least[i % 3], p[i]);
        }
        int[] at = new int[p.length];
        for (int i = 0; i < p.length; i++) {
            at[i] = (int) Math.min(1e9, Math.floor((p[i] - least[i % 3]) / cell));
        }
        int slots = Integer.highestOneBit(Math.max(8, n)) * 4;
        int[] table = new int[slots];
        Arrays.fill(table, -1);
        int[] out = new int[n];
        for (int i = 0; i < n; i++) {
            int slot = MeshEdges.hash(MeshEdges.hash(at[i * 3], at[i * 3 + 1]), at[i * 3 + 2]) & (slots - 1);
            while (table[slot] >= 0 && !same(at, table[slot], i)) {
                slot = (slot + 1) & (slots - 1);
            }
            if (table[slot] < 0) {
                table[slot] = i;
            }
            out[i] = table[slot];
        }
        return out;
    }

    private static boolean same(int[] at, int a, int b) {
        return at[a * 3] == at[b * 3] && at[a * 3 + 1] == at[b * 3 + 1] && at[a * 3 + 2] == at[b * 3 + 2];
    }

    /** For each cell, under the number of its first vertex, the vertex that stands for it. */
    private static int[] stands(float[] p, int[] t, MeshEdges edges, int[] cells) {
        int n = cells.length;
        boolean[] used = new boolean[n];
        for (int v : t) {
            used[v] = true;
        }
        boolean[] sharp = new boolean[n];
        for (int e = 0; e < edges.strong(); e++) {
            int side = edges.edges()[e];
            sharp[t[side]] = true;
            sharp[t[side - side % 3 + (side + 1) % 3]] = true;
        }
        double[] middle = new double[n * 3];
        int[] count = new int[n];
        boolean[] hasSharp = new boolean[n];
        for (int v = 0; v < n; v++) {
            hasSharp[cells[v]] |= used[v] && sharp[v];
        }
        for (int v = 0; v < n; v++) {
            int c = cells[v];
            if (used[v] && sharp[v] == hasSharp[c]) {
                count[c]++;
                for (int k = 0; k < 3; k++) {
                    middle[c * 3 + k] += p[v * 3 + k];
                }
            }
        }
        int[] best = new int[n];
        Arrays.fill(best, -1);
        double[] least = new double[n];
        for (int v = 0; v < n; v++) {
            int c = cells[v];
            if (!used[v] || sharp[v] != hasSharp[c]) {
                continue;
            }
            double d = 0;
            for (int k = 0; k < 3; k++) {
                double away = p[v * 3 + k] - middle[c * 3 + k] / count[c];
                d += away * away;
            }
            if (best[c] < 0 || d < least[c]) {
                best[c] = v;
                least[c] = d;
            }
        }
        return best;
    }

    private static double distance(float[] p, int a, int b) {
        double x = p[a * 3] - p[b * 3];
        double y = p[a * 3 + 1] - p[b * 3 + 1];
        double z = p[a * 3 + 2] - p[b * 3 + 2];
        return Math.sqrt(x * x + y * y + z * z);
    }

    // ---- triangles -------------------------------------------------------------------------------------------------

    /** Makes the triangles of one level. */
    private static final class Building {
        private final float[] p;
        private final int[] t;
        private final int[] cells;
        private final int[] stands;
        private final int[] out;
        private final int[] from;
        private int made;

        Building(float[] p, int[] t, int[] cells, int[] stands) {
            this.p = p;
            this.t = t;
            this.cells = cells;
            this.stands = stands;
            out = new int[t.length];
            from = new int[t.length / 3];
        }

        MeshSimplifier coarser() {
            int n = t.length / 3;
            CellSets faces = new CellSets(n);
            CellSets sides = new CellSets(n * 3);
            CellSets points = new CellSets(n * 3);
            for (int i = 0; i < n; i++) {
                int a = cells[t[i * 3]];
                int b = cells[t[i * 3 + 1]];
                int c = cells[t[i * 3 + 2]];
                if (a != b && b != c && c != a && faces.turned(a, b, c)) {
                    boolean back = !keepsItsFace(i);
                    make(i, back);
                    // A triangle as it was does not have the edges of those that stand for its cells.
                    if (!back) {
                        sides.add(Math.min(a, b), Math.max(a, b), -1);
                        sides.add(Math.min(b, c), Math.max(b, c), -1);
                        sides.add(Math.min(c, a), Math.max(c, a), -1);
                    }
                    points.add(a, -1, -1);
                    points.add(b, -1, -1);
                    points.add(c, -1, -1);
                }
            }
            for (int i = 0; i < n; i++) {
                int a = cells[t[i * 3]];
                int b = cells[t[i * 3 + 1]];
                int c = cells[t[i * 3 + 2]];
                int low = Math.min(a, Math.min(b, c));
                int high = Math.max(a, Math.max(b, c));
                boolean two = low != high && (a == b || b == c || c == a);
                if (two && sides.add(low, high, -1)) {
                    make(i, true);
                    points.add(low, -1, -1);
                    points.add(high, -1, -1);
                }
            }
            for (int i = 0; i < n; i++) {
                int a = cells[t[i * 3]];
                if (a == cells[t[i * 3 + 1]] && a == cells[t[i * 3 + 2]] && points.add(a, -1, -1)) {
                    make(i, true);
                }
            }
            return new MeshSimplifier(Arrays.copyOf(out, made * 3), Arrays.copyOf(from, made));
        }

        private void make(int triangle, boolean asItWas) {
            for (int k = 0; k < 3; k++) {
                int v = t[triangle * 3 + k];
                out[made * 3 + k] = asItWas ? v : stands[cells[v]];
            }
            from[made++] = triangle;
        }

        /** Whether a triangle of those that stand for its corners looks the same way. */
        private boolean keepsItsFace(int triangle) {
            double[] was = new double[3];
            double[] is = new double[3];
            int v = triangle * 3;
            normal(t[v], t[v + 1], t[v + 2], was);
            normal(stands[cells[t[v]]], stands[cells[t[v + 1]]], stands[cells[t[v + 2]]], is);
            return was[0] * is[0] + was[1] * is[1] + was[2] * is[2] >= 0;
        }

        private void normal(int a, int b, int c, double[] into) {
            double ux = p[b * 3] - p[a * 3];
            double uy = p[b * 3 + 1] - p[a * 3 + 1];
            double uz = p[b * 3 + 2] - p[a * 3 + 2];
            double vx = p[c * 3] - p[a * 3];
            double vy = p[c * 3 + 1] - p[a * 3 + 1];
            double vz = p[c * 3 + 2] - p[a * 3 + 2];
            into[0] = uy * vz - uz * vy;
            into[1] = uz * vx - ux * vz;
            into[2] = ux * vy - uy * vx;
        }
    }
}
