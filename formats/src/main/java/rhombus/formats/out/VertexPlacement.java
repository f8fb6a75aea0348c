package rhombus.formats.out;

/** Puts a surface's vertices and normals where its object stands. */
final class VertexPlacement {
    private final double[] m;
    private final double[] n;
    /** Whether the object is mirrored, so that corners turn the other way. */
    final boolean mirrored;

    final double[] out = new double[3];

    VertexPlacement(double[] m) {
        this.m = m;
        // Normals are turned by the cofactors, which point outwards whatever the scale is.
        n = new double[] {
            m[5] * m[10] - m[6] * m[9], m[6] * m[8] - m[4] * m[10], m[4] * m[9] - m[5] * m[8],
            m[9] * m[2] - m[10] * m[1], m[10] * m[0] - m[8] * m[2], m[8] * m[1] - m[9] * m[0],
            m[1] * m[6] - m[2] * m[5], m[2] * m[4] - m[0] * m[6], m[0] * m[5] - m[1] * m[4]
        };
        mirrored = m[0] * n[0] + m[1] * n[1] + m[2] * n[2] < 0;
    }

    /** A vertex, into {@link #out}. */
    void point(ExportSurface s, int vertex) {
        float[] p = s.positions();
        double[] o = s.origin();
        double x = p[vertex * 3] + o[0];
        double y = p[vertex * 3 + 1] + o[1];
        double z = p[vertex * 3 + 2] + o[2];
        for (int k = 0; k < 3; k++) {
            out[k] = m[k] * x + m[k + 4] * y + m[k + 8] * z + m[k + 12];
        }
    }

    /** A normal of length 1, into {@link #out}; zero where it has no direction. */
    void normal(ExportSurface s, int vertex) {
        float[] v = s.normals();
        double x = v[vertex * 3];
        double y = v[vertex * 3 + 1];
        double z = v[vertex * 3 + 2];
        double length = 0;
        for (int k = 0; k < 3; k++) {
            out[k] = (n[k] * x + n[k + 3] * y + n[k + 6] * z) * (mirrored ? -1 : 1);
            length += out[k] * out[k];
        }
        length = Math.sqrt(length);
        for (int k = 0; k < 3; k++) {
            out[k] = length > 0 ? out[k] / length : 0;
        }
    }
}
