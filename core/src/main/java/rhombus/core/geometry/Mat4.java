package rhombus.core.geometry;

/**
 * Operations on 4 x 4 matrices kept as {@code double[16]} in column-major order, as in glTF 2.0 and WebGL.
 * Affine matrices have (0 0 0 1) as their last row. Arguments are never changed.
 */
public final class Mat4 {
    private Mat4() {}

    /** A new identity matrix. */
    public static double[] identity() {
        double[] m = new double[16];
        m[0] = m[5] = m[10] = m[15] = 1;
        return m;
    }

    /** A new translation. */
    public static double[] translation(Vec3 t) {
        double[] m = identity();
        m[12] = t.x();
        m[13] = t.y();
        m[14] = t.z();
        return m;
    }

    /** Translation times rotation times scale, the order of glTF 2.0, 3.5.3. */
    public static double[] trs(Vec3 t, Quat r, Vec3 s) {
        Vec3 a = r.right();
        Vec3 b = r.up();
        Vec3 c = r.back();
        return new double[] {
            a.x() * s.x(),
            a.y() * s.x(),
            a.z() * s.x(),
            0,
            b.x() * s.y(),
            b.y() * s.y(),
            b.z() * s.y(),
            0,
            c.x() * s.z(),
            c.y() * s.z(),
            c.z() * s.z(),
            0,
            t.x(),
            t.y(),
            t.z(),
            1
        };
    }

    /** The product {@code a b}: first {@code b}, then {@code a}. */
    public static double[] times(double[] a, double[] b) {
        double[] m = new double[16];
        for (int c = 0; c < 16; c += 4) {
            double x = b[c];
            double y = b[c + 1];
            double z = b[c + 2];
            double w = b[c + 3];
            for (int r = 0; r < 4; r++) {
                m[c + r] = a[r] * x + a[4 + r] * y + a[8 + r] * z + a[12 + r] * w;
            }
        }
        return m;
    }

    /**
     * Inverse of an affine matrix.
     *
     * @return the inverse, or null where the matrix flattens space and has none
     */
    public static double[] inverseAffine(double[] m) {
        double c0 = m[5] * m[10] - m[9] * m[6];
        double c1 = m[9] * m[2] - m[1] * m[10];
        double c2 = m[1] * m[6] - m[5] * m[2];
        double det = m[0] * c0 + m[4] * c1 + m[8] * c2;
        if (det == 0 || !Double.isFinite(1 / det)) {
            return null;
        }
        double k = 1 / det;
        double[] r = new double[16];
        r[0] = c0 * k;
        r[1] = c1 * k;
        r[2] = c2 * k;
        r[4] = (m[8] * m[6] - m[4] * m[10]) * k;
        r[5] = (m[0] * m[10] - m[8] * m[2]) * k;
        r[6] = (m[4] * m[2] - m[0] * m[6]) * k;
        r[8] = (m[4] * m[9] - m[8] * m[5]) * k;
        r[9] = (m[8] * m[1] - m[0] * m[9]) * k;
        r[10] = (m[0] * m[5] - m[4] * m[1]) * k;
        r[12] = -(r[0] * m[12] + r[4] * m[13] + r[8] * m[14]);
        r[13] = -(r[1] * m[12] + r[5] * m[13] + r[9] * m[14]);
        r[14] = -(r[2] * m[12] + r[6] * m[13] + r[10] * m[14]);
        r[15] = 1;
        return r;
    }

    /** Image of a point under an affine matrix. */
    public static Vec3 point(double[] m, Vec3 p) {
        return new Vec3(
                m[0] * p.x() + m[4] * p.y() + m[8] * p.z() + m[12],
                m[1] * p.x() + m[5] * p.y() + m[9] * p.z() + m[13],
                m[2] * p.x() + m[6] * p.y() + m[10] * p.z() + m[14]);
    }

    /** Image of a direction: the translation is left out. */
    public static Vec3 direction(double[] m, Vec3 d) {
        return new Vec3(
                m[0] * d.x() + m[4] * d.y() + m[8] * d.z(),
                m[1] * d.x() + m[5] * d.y() + m[9] * d.z(),
                m[2] * d.x() + m[6] * d.y() + m[10] * d.z());
    }

    /** Where the matrix puts the origin. */
    public static Vec3 origin(double[] m) {
        return new Vec3(m[12], m[13], m[14]);
    }

    /** The rotation nearest to the matrix's axes, scale and shear taken off (Gram-Schmidt from X). */
    public static Quat rotation(double[] m) {
        Vec3 a = new Vec3(m[0], m[1], m[2]).unit();
        Vec3 b = new Vec3(m[4], m[5], m[6]);
        b = b.plus(a, -a.dot(b)).unit();
        return Quat.ofBasis(a, b, a.cross(b));
    }

    /** The determinant of the linear part: below 0 where the matrix mirrors. */
    public static double determinant(double[] m) {
        return m[0] * (m[5] * m[10] - m[6] * m[9])
                - m[4] * (m[1] * m[10] - m[2] * m[9])
                + m[8] * (m[1] * m[6] - m[2] * m[5]);
    }
}
