package rhombus.core.view;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/** View and projection matrices, column-major, as glTF 2.0 (3.10.3) defines them. */
public final class Matrices {
    private Matrices() {}

    /** Writes the matrix from world to camera coordinates at {@code out[at..at+15]}. */
    public static void view(Pose pose, double[] out, int at) {
        Quat q = pose.orientation();
        Vec3 r = q.right();
        Vec3 u = q.up();
        Vec3 b = q.back();
        Vec3 e = pose.eye();
        out[at] = r.x();
        out[at + 1] = u.x();
        out[at + 2] = b.x();
        out[at + 3] = 0;
        out[at + 4] = r.y();
        out[at + 5] = u.y();
        out[at + 6] = b.y();
        out[at + 7] = 0;
        out[at + 8] = r.z();
        out[at + 9] = u.z();
        out[at + 10] = b.z();
        out[at + 11] = 0;
        out[at + 12] = -r.dot(e);
        out[at + 13] = -u.dot(e);
        out[at + 14] = -b.dot(e);
        out[at + 15] = 1;
    }

    /** Writes the matrix from camera to clip coordinates at {@code out[at..at+15]}. */
    public static void projection(Projection p, double aspect, ClipRange clip, double[] out, int at) {
        for (int i = 0; i < 16; i++) {
            out[at + i] = 0;
        }
        double n = clip.near();
        double f = clip.far();
        if (p instanceof Projection.Perspective perspective) {
            double k = 1 / Math.tan(perspective.fovY() / 2);
            out[at] = k / aspect;
            out[at + 5] = k;
            out[at + 10] = (f + n) / (n - f);
            out[at + 11] = -1;
            out[at + 14] = 2 * f * n / (n - f);
        } else {
            double half = ((Projection.Orthographic) p).extent() / 2;
            out[at] = 1 / (half * aspect);
            out[at + 5] = 1 / half;
            out[at + 10] = 2 / (n - f);
            out[at + 14] = (f + n) / (n - f);
            out[at + 15] = 1;
        }
    }

    /** Scales and shifts what a projection matrix at {@code out[at..at+15]} makes, in the finished picture. */
    public static void crop(Crop crop, double aspect, double[] out, int at) {
        if (crop.none()) {
            return;
        }
        double x = 2 * crop.x() / aspect;
        double y = -2 * crop.y();
        for (int column = at; column < at + 16; column += 4) {
            double w = out[column + 3];
            out[column] = out[column] * crop.scale() + x * w;
            out[column + 1] = out[column + 1] * crop.scale() + y * w;
        }
    }
}
