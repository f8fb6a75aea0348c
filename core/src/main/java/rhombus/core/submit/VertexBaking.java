package rhombus.core.submit;

import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;

/** Puts the corners and normals of a mesh where a node places them. */
final class VertexBaking {
    /** The longest that a normal can be, in the 16-bit whole numbers in which it is kept. */
    private static final int UNIT = 32767;

    private VertexBaking() {}

    /**
     * Writes positions relative to an origin.
     *
     * @param m world matrix of the node
     * @param at first vertex in {@code out}
     */
    static void positions(float[] p, Vec3 meshOrigin, double[] m, Vec3 origin, float[] out, int at) {
        Vec3 o = Mat4.point(m, meshOrigin).minus(origin);
        double ox = o.x();
        double oy = o.y();
        double oz = o.z();
        int to = at * 3;
        for (int i = 0; i < p.length; i += 3) {
            double x = p[i];
            double y = p[i + 1];
            double z = p[i + 2];
            out[to++] = (float) (m[0] * x + m[4] * y + m[8] * z + ox);
            out[to++] = (float) (m[1] * x + m[5] * y + m[9] * z + oy);
            out[to++] = (float) (m[2] * x + m[6] * y + m[10] * z + oz);
        }
    }

    /**
     * Writes normals and, as the fourth of four numbers a vertex, which part they belong to. Normals are turned by the matrix of
     * cofactors, which is the inverse transpose but for a factor.
     */
    static void normals(float[] n, int vertices, double[] m, int slot, short[] out, int at) {
        double[] c = cofactors(m);
        int to = at * 4;
        for (int i = 0; i < vertices * 3; i += 3) {
            if (n != null) {
                double x = c[0] * n[i] + c[3] * n[i + 1] + c[6] * n[i + 2];
                double y = c[1] * n[i] + c[4] * n[i + 1] + c[7] * n[i + 2];
                double z = c[2] * n[i] + c[5] * n[i + 1] + c[8] * n[i + 2];
                double l = Math.sqrt(x * x + y * y + z * z);
                double k = l > 0 ? UNIT / l : 0;
                out[to] = (short) Math.round((float) (x * k));
                out[to + 1] = (short) Math.round((float) (y * k));
                out[to + 2] = (short) Math.round((float) (z * k));
            }
            out[to + 3] = (short) slot;
            to += 4;
        }
    }

    /** Columns of the matrix of cofactors, turned round where the matrix mirrors. */
    private static double[] cofactors(double[] m) {
        double[] c = new double[9];
        for (int k = 0; k < 3; k++) {
            int a = (k + 1) % 3 * 4;
            int b = (k + 2) % 3 * 4;
            c[k * 3] = m[a + 1] * m[b + 2] - m[a + 2] * m[b + 1];
            c[k * 3 + 1] = m[a + 2] * m[b] - m[a] * m[b + 2];
            c[k * 3 + 2] = m[a] * m[b + 1] - m[a + 1] * m[b];
        }
        if (Mat4.determinant(m) < 0) {
            for (int i = 0; i < 9; i++) {
                c[i] = -c[i];
            }
        }
        return c;
    }

    /** The most that a matrix makes anything longer along its own axes. */
    static double scale(double[] m) {
        double most = 0;
        for (int c = 0; c < 12; c += 4) {
            most = Math.max(most, m[c] * m[c] + m[c + 1] * m[c + 1] + m[c + 2] * m[c + 2]);
        }
        return Math.sqrt(most);
    }

    /** Writes indices from a first vertex on; of a part that is turned inside out, so that its fronts stay in front. */
    static void indices(int[] t, int firstVertex, boolean mirrored, int[] out, int at) {
        for (int i = 0; i < t.length; i += 3) {
            out[at + i] = t[i] + firstVertex;
            out[at + i + 1] = t[mirrored ? i + 2 : i + 1] + firstVertex;
            out[at + i + 2] = t[mirrored ? i + 1 : i + 2] + firstVertex;
        }
    }

    /** The sides of a triangle whose second and third corner have changed places. */
    static byte mirrored(byte marks) {
        return (byte) (marks >> 4 & 3 | marks & 12 | (marks & 3) << 4);
    }
}
