package rhombus.core.submit;

import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.ConvexRegion;
import rhombus.core.geometry.Vec3;

/**
 * What a picture can show, from its matrices: a view matrix and a projection matrix, 16 numbers each, column-major as glTF 2.0
 * (3.10.3) defines them.
 */
final class ViewFrustum {
    private final double[] toClip;
    private final ConvexRegion wedge;
    private final boolean flat;
    private final Vec3 eye;
    private final double metresPerPixel;

    /** @param height of the picture, pixels */
    ViewFrustum(double[] matrices, double height) {
        double[] m = new double[16];
        for (int c = 0; c < 4; c++) {
            for (int r = 0; r < 4; r++) {
                double sum = 0;
                for (int k = 0; k < 4; k++) {
                    sum += matrices[16 + k * 4 + r] * matrices[c * 4 + k];
                }
                m[c * 4 + r] = sum;
            }
        }
        toClip = m;
        // A point is inside where each of x, y, z lies between -w and w (G. Gribb and K. Hartmann, 2001).
        double[] planes = new double[24];
        for (int i = 0; i < 6; i++) {
            double sign = i % 2 == 0 ? 1 : -1;
            for (int c = 0; c < 4; c++) {
                planes[i * 4 + c] = m[c * 4 + 3] + sign * m[c * 4 + i / 2];
            }
        }
        wedge = new ConvexRegion(planes);
        flat = matrices[16 + 11] == 0;
        eye = new Vec3(row(matrices, 0), row(matrices, 1), row(matrices, 2));
        metresPerPixel = 2 / (matrices[16 + 5] * height);
    }

    /** The eye: what the view matrix takes to zero. */
    private static double row(double[] m, int r) {
        return -(m[r * 4] * m[12] + m[r * 4 + 1] * m[13] + m[r * 4 + 2] * m[14]);
    }

    Vec3 eye() {
        return eye;
    }

    /** Whether a box may be seen. */
    boolean shows(Aabb box) {
        return wedge.box(box) != ConvexRegion.OUTSIDE;
    }

    /**
     * Grows a rectangle of the picture by what a box covers: left, low, right and high, each -1 to 1. A box that reaches behind the
     * eye covers everything.
     */
    void cover(Aabb box, double[] rectangle) {
        for (int i = 0; i < 8; i++) {
            Vec3 p = box.corner(i);
            double w = along(3, p);
            if (w <= 0) {
                rectangle[0] = rectangle[1] = -1;
                rectangle[2] = rectangle[3] = 1;
                return;
            }
            double x = along(0, p) / w;
            double y = along(1, p) / w;
            rectangle[0] = Math.max(-1, Math.min(rectangle[0], x));
            rectangle[1] = Math.max(-1, Math.min(rectangle[1], y));
            rectangle[2] = Math.min(1, Math.max(rectangle[2], x));
            rectangle[3] = Math.min(1, Math.max(rectangle[3], y));
        }
    }

    private double along(int row, Vec3 p) {
        return toClip[row] * p.x() + toClip[row + 4] * p.y() + toClip[row + 8] * p.z() + toClip[row + 12];
    }

    /** Metres that a pixel covers at the nearest part of the ball round a box; 0 from inside. */
    double metresPerPixel(Aabb box) {
        return flat ? metresPerPixel : metresPerPixel * Math.max(0, box.center().distance(eye) - box.radius());
    }
}
