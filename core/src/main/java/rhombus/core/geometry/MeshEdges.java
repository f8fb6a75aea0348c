package rhombus.core.geometry;

import java.util.Arrays;

/**
 * The edges an artist modelled: those between triangles that are not in one plane, and open borders.
 *
 * <p>An edge between two triangles whose normals differ by less than 1° is a diagonal of a flat face and is left out.
 * Creases over 30°, borders and edges with more than two triangles are strong. Vertices at the same place count as
 * one, since files split them where normals or texture coordinates change.
 */
public final class MeshEdges {
    /** A modelled edge between faces at a small angle. */
    public static final byte PLAIN = 1;
    /** A crease over 30°, an open border, or an edge shared by three or more triangles. */
    public static final byte STRONG = 2;

    /** What is known of a side: it is one of the polygon that the triangle was cut from. */
    public static final byte OF_POLYGON = 1;
    /** What is known of a side: it cuts a polygon. */
    public static final byte INSIDE = 2;

    private static final double FLAT = Math.cos(Math.toRadians(1));
    private static final double CREASE = Math.cos(Math.toRadians(30));

    private final int[] edges;
    private final int strong;
    private final byte[] sides;

    private MeshEdges(int[] edges, int strong, byte[] sides) {
        this.edges = edges;
        this.strong = strong;
        this.sides = sides;
    }

    /**
     * The edges, each as one of its sides: three times the number of a triangle, and the corner where it starts. Strong ones
     * first; any number of first ones is spread over the mesh.
     */
    public int[] edges() {
        return edges;
    }

    /** How many of the first edges are {@link #STRONG}; the others are {@link #PLAIN}. */
    public int strong() {
        return strong;
    }

    /** Strength of the side from corner k to corner k+1 of each triangle, 0 for a diagonal; three bytes a triangle. */
    public byte[] sides() {
        return sides;
    }

    /** The same with one byte a triangle: two bits for each of its three sides, the first in the lowest. */
    public byte[] marks() {
        byte[] out = new byte[sides.length / 3];
        for (int t = 0; t < out.length; t++) {
            out[t] = (byte) (sides[t * 3] | sides[t * 3 + 1] << 2 | sides[t * 3 + 2] << 4);
        }
        return out;
    }

    /** Finds the edges of a mesh; time and memory grow with the number of triangles. */
    public static MeshEdges of(float[] positions, int[] triangles) {
        return of(positions, triangles, null);
    }

    /**
     * Finds the edges of a mesh of which is known what polygons its triangles were cut from: the sides of a polygon are
     * edges, however flat, and what cuts it is none, however bent.
     *
     * @param known two bits for each side of a triangle, the first in the lowest: 0 where only the angle tells, {@link
     *     #OF_POLYGON} or {@link #INSIDE}; null where nothing is known
     */
    public static MeshEdges of(float[] positions, int[] triangles, byte[] known) {
        int[] weld = weld(positions);
        int n = triangles.length / 3;
        double[] normals = normals(positions, triangles);
        int slots = Integer.highestOneBit(Math.max(8, n * 3)) * 4;
        int[] table = new int[slots];
        Arrays.fill(table, -1);
        int[] next = new int[n * 3];
        // Sides of the same edge form a chain that starts in the table; keys are the welded vertex pair.
        for (int side = 0; side < n * 3; side++) {
            int a = weld[triangles[side]];
            int b = weld[triangles[side - side % 3 + (side + 1) % 3]];
            next[side] = -1;
            if (a == b) {
                continue;
            }
            int slot = hash(Math.min(a, b), Math.max(a, b)) & (slots - 1);
            while (table[slot] >= 0 && !same(table[slot], a, b, triangles, weld)) {
                slot = (slot + 1) & (slots - 1);
            }
            next[side] = table[slot];
            table[slot] = side;
        }
        byte[] sides = new byte[n * 3];
        int[] edges = new int[32];
        int count = 0;
        for (int slot = 0; slot < slots; slot++) {
            int first = table[slot];
            if (first < 0) {
                continue;
            }
            byte s = known(strengthOf(first, next, normals), first, next, known);
            if (s == 0) {
                continue;
            }
            for (int side = first; side >= 0; side = next[side]) {
                sides[side] = s;
            }
            if (count == edges.length) {
                edges = Arrays.copyOf(edges, count * 2);
            }
            edges[count++] = first;
        }
        return ordered(edges, count, sides);
    }

    /** Strong edges first; among equals the order of the table stays, which is as good as random. */
    private static MeshEdges ordered(int[] edges, int count, byte[] sides) {
        int[] out = new int[count];
        int at = 0;
        int strong = 0;
        for (byte wanted = STRONG; wanted >= PLAIN; wanted--) {
            for (int i = 0; i < count; i++) {
                if (sides[edges[i]] == wanted) {
                    out[at++] = edges[i];
                }
            }
            strong = wanted == STRONG ? at : strong;
        }
        return new MeshEdges(out, strong, sides);
    }

    private static byte strengthOf(int first, int[] next, double[] normals) {
        int second = next[first];
        if (second < 0 || next[second] >= 0) {
            return STRONG;
        }
        int a = first / 3 * 3;
        int b = second / 3 * 3;
        double cos = normals[a] * normals[b] + normals[a + 1] * normals[b + 1] + normals[a + 2] * normals[b + 2];
        return cos > FLAT ? 0 : cos < CREASE ? STRONG : PLAIN;
    }

    private static byte known(byte byAngle, int first, int[] next, byte[] known) {
        if (known == null) {
            return byAngle;
        }
        boolean inside = true;
        for (int side = first; side >= 0; side = next[side]) {
            int k = known[side / 3] >> side % 3 * 2 & 3;
            if (k == OF_POLYGON) {
                return byAngle == 0 ? PLAIN : byAngle;
            }
            inside &= k == INSIDE;
        }
        return inside ? 0 : byAngle;
    }

    private static boolean same(int side, int a, int b, int[] triangles, int[] weld) {
        int c = weld[triangles[side]];
        int d = weld[triangles[side - side % 3 + (side + 1) % 3]];
        return c == a && d == b || c == b && d == a;
    }

    /** Two numbers mixed into one, for tables of vertices. */
    static int hash(int a, int b) {
        int h = a * 0x9E3779B1 + b * 0x85EBCA77;
        return h ^ h >>> 15;
    }

    private static int[] weld(float[] p) {
        int n = p.length / 3;
        int slots = Integer.highestOneBit(Math.max(8, n)) * 4;
        int[] table = new int[slots];
        Arrays.fill(table, -1);
        int[] weld = new int[n];
        for (int i = 0; i < n; i++) {
            // Adding zero makes -0 and +0 one place.
            int hx = Float.floatToIntBits(p[i * 3] + 0f);
            int hy = Float.floatToIntBits(p[i * 3 + 1] + 0f);
            int hz = Float.floatToIntBits(p[i * 3 + 2] + 0f);
            int slot = hash(hash(hx, hy), hz) & (slots - 1);
            while (table[slot] >= 0 && !samePlace(p, table[slot], i)) {
                slot = (slot + 1) & (slots - 1);
            }
            if (table[slot] < 0) {
                table[slot] = i;
            }
            weld[i] = table[slot];
        }
        return weld;
    }

    private static boolean samePlace(float[] p, int a, int b) {
        return p[a * 3] == p[b * 3] && p[a * 3 + 1] == p[b * 3 + 1] && p[a * 3 + 2] == p[b * 3 + 2];
    }

    private static double[] normals(float[] p, int[] t) {
        double[] n = new double[t.length];
        for (int i = 0; i < t.length; i += 3) {
            int a = t[i] * 3;
            int b = t[i + 1] * 3;
            int c = t[i + 2] * 3;
            double ux = (double) p[b] - p[a], uy = (double) p[b + 1] - p[a + 1], uz = (double) p[b + 2] - p[a + 2];
            double vx = (double) p[c] - p[a], vy = (double) p[c + 1] - p[a + 1], vz = (double) p[c + 2] - p[a + 2];
            double x = uy * vz - uz * vy;
            double y = uz * vx - ux * vz;
            double z = ux * vy - uy * vx;
            double l = Math.sqrt(x * x + y * y + z * z);
            if (l > 0) {
                n[i] = x / l;
                n[i + 1] = y / l;
                n[i + 2] = z / l;
            }
        }
        return n;
    }
}
