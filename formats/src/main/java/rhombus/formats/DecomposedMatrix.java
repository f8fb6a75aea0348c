package rhombus.formats;

import java.util.Map;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;

/**
 * A matrix taken apart, as glTF wants the places of nodes: a translation, a rotation and a scale. A sheared one, which none of
 * these can make, is a rotation before them besides: the singular value decomposition A = U·S·Vᵀ, found by turning the
 * columns of A square two by two (one-sided Jacobi; Hestenes 1958).
 *
 * @param translation metres
 * @param rotation after the scale
 * @param scale along the axes; one of a mirror is negative
 * @param before a rotation that comes before the scale, or null where there is no shear
 */
record DecomposedMatrix(Vec3 translation, Quat rotation, Vec3 scale, Quat before) {
    /** Cosine between two axes under which they count as square: far above what rounding leaves, far below what is seen. */
    private static final double SQUARE = 1e-10;

    private static final int SWEEPS = 30;
    /** An axis so much shorter than the longest has no direction that could be told from rounding. */
    private static final double NOTHING = 1e-14;

    /** An affine matrix, column-major. */
    static DecomposedMatrix of(double[] m) {
        Vec3[] a = {new Vec3(m[0], m[1], m[2]), new Vec3(m[4], m[5], m[6]), new Vec3(m[8], m[9], m[10])};
        Vec3[] v = {Vec3.X, Vec3.Y, Vec3.Z};
        boolean sheared = false;
        for (int sweep = 0; sweep < SWEEPS && turn(a, v); sweep++) {
            sheared = true;
        }
        Vec3 scale = new Vec3(a[0].length(), a[1].length(), a[2].length());
        Vec3[] axes = square(a);
        if (axes[0].cross(axes[1]).dot(axes[2]) < 0) {
            axes[0] = axes[0].times(-1);
            scale = new Vec3(-scale.x(), scale.y(), scale.z());
        }
        // V has the axes v as columns, so that its inverse is the rotation before.
        Quat before = sheared ? Quat.ofBasis(v[0], v[1], v[2]).inverse() : null;
        return new DecomposedMatrix(Mat4.origin(m), Quat.ofBasis(axes[0], axes[1], axes[2]), scale, before);
    }

    /** Makes each two columns square by turning them towards each other; false where they are. */
    private static boolean turn(Vec3[] a, Vec3[] v) {
        boolean turned = false;
        for (int i = 0; i < 2; i++) {
            for (int k = i + 1; k < 3; k++) {
                double ii = a[i].dot(a[i]);
                double kk = a[k].dot(a[k]);
                double ik = a[i].dot(a[k]);
                if (Math.abs(ik) <= SQUARE * Math.sqrt(ii) * Math.sqrt(kk)) {
                    continue;
                }
                double zeta = (kk - ii) / (2 * ik);
                double t = (zeta < 0 ? -1 : 1) / (Math.abs(zeta) + Math.sqrt(1 + zeta * zeta));
                double c = 1 / Math.sqrt(1 + t * t);
                rotate(a, i, k, c, c * t);
                rotate(v, i, k, c, c * t);
                turned = true;
            }
        }
        return turned;
    }

    private static void rotate(Vec3[] of, int i, int k, double c, double s) {
        Vec3 is = of[i];
        of[i] = is.times(c).plus(of[k], -s);
        of[k] = is.times(s).plus(of[k], c);
    }

    /** Unit vectors along square columns; where one has no length, what is square to the others. */
    private static Vec3[] square(Vec3[] a) {
        Vec3[] out = new Vec3[3];
        double longest = Math.max(a[0].length(), Math.max(a[1].length(), a[2].length()));
        for (int i = 0; i < 3; i++) {
            out[i] = a[i].length() > longest * NOTHING ? a[i].unit() : null;
        }
        for (int i = 0; i < 3; i++) {
            Vec3 next = out[(i + 1) % 3];
            Vec3 last = out[(i + 2) % 3];
            if (out[i] == null && next != null && last != null) {
                out[i] = next.cross(last);
            } else if (out[i] == null) {
                Vec3 one = next != null ? next : last != null ? last : Vec3.Z;
                Vec3 other = Math.abs(one.x()) < 0.7 ? Vec3.X : Vec3.Y;
                out[i] = one.cross(other).unit();
            }
        }
        return out;
    }

    /** Writes what differs from standing still at the origin into a node of glTF. */
    void into(Map<String, Object> node) {
        if (!translation.equals(Vec3.ZERO)) {
            node.put("translation", PlainData.list(translation.x(), translation.y(), translation.z()));
        }
        rotation(rotation, node);
        if (!scale.equals(new Vec3(1, 1, 1))) {
            node.put("scale", PlainData.list(scale.x(), scale.y(), scale.z()));
        }
    }

    static void rotation(Quat q, Map<String, Object> node) {
        if (Math.abs(q.w()) < 1) {
            node.put("rotation", PlainData.list(q.x(), q.y(), q.z(), q.w()));
        }
    }
}
