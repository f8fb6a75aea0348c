package rhombus.core.match;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/**
 * How far what was marked is from what a camera sees, in pixels: for a line the distance of its end from the line through its
 * middle and the vanishing point of its axis; for a point both coordinates of the way to its picture.
 */
final class Residuals {
    /** A point behind the camera is as far off as this many widths of the picture. */
    private static final double BEHIND = 1e3;

    private final MatchConstraints evidence;
    private final double cx;
    private final double cy;
    /** Whether points count; before the camera has a place they do not. */
    private final boolean placed;

    Residuals(MatchConstraints evidence, boolean placed) {
        this.evidence = evidence;
        this.placed = placed;
        cx = evidence.width() / 2;
        cy = evidence.height() / 2;
    }

    int size() {
        return evidence.lines().size() + (placed ? 2 * evidence.points().size() : 0);
    }

    double[] of(CameraEstimate s) {
        double[] out = new double[size()];
        int at = 0;
        Quat inverse = s.turned().inverse();
        for (MatchConstraints.Line l : evidence.lines()) {
            out[at++] = line(l, s.focal(), inverse);
        }
        for (int k = 0; placed && k < evidence.points().size(); k++) {
            MatchConstraints.Point p = evidence.points().get(k);
            Vec3 c = inverse.rotate(p.at().minus(s.eye()));
            if (c.z() > -1e-12) {
                out[at++] = BEHIND * evidence.width();
                out[at++] = BEHIND * evidence.width();
                continue;
            }
            out[at++] = cx + s.focal() * c.x() / -c.z() - p.x();
            out[at++] = cy - s.focal() * c.y() / -c.z() - p.y();
        }
        return out;
    }

    /** The vanishing point of an axis in coordinates from the middle of the picture, y up; homogeneous, so that it may be far away. */
    private static Vec3 vanishing(int axis, double focal, Quat inverse) {
        Vec3 d = inverse.rotate(axis == 0 ? Vec3.X : axis == 1 ? Vec3.Y : Vec3.Z);
        return new Vec3(focal * d.x(), focal * d.y(), -d.z());
    }

    /** Whether all lines point the positive way of their axis, as this camera sees it. */
    boolean directed(CameraEstimate s) {
        for (MatchConstraints.Line l : evidence.lines()) {
            Vec3 v = vanishing(l.axis(), s.focal(), s.turned().inverse());
            double x = (l.x1() + l.x2()) / 2 - cx;
            double y = cy - (l.y1() + l.y2()) / 2;
            if ((l.x2() - l.x1()) * (v.x() - x * v.z()) - (l.y2() - l.y1()) * (v.y() - y * v.z()) < 0) {
                return false;
            }
        }
        return true;
    }

    private double line(MatchConstraints.Line l, double focal, Quat inverse) {
        Vec3 v = vanishing(l.axis(), focal, inverse);
        Vec3 m = new Vec3((l.x1() + l.x2()) / 2 - cx, cy - (l.y1() + l.y2()) / 2, 1);
        Vec3 through = m.cross(v);
        double n = Math.hypot(through.x(), through.y());
        return n == 0 ? 0 : through.dot(new Vec3(l.x2() - cx, cy - l.y2(), 1)) / n;
    }

    static double squares(double[] r) {
        double sum = 0;
        for (double d : r) {
            sum += d * d;
        }
        return sum;
    }
}
