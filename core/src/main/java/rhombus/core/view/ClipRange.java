package rhombus.core.view;

import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;

/**
 * Nearest and farthest depth that is drawn. In a flat view the near one may be negative.
 *
 * @param near metres
 * @param far metres, more than near
 */
public record ClipRange(double near, double far) {
    private static final double SLACK = 1.001;

    /** Room around the eye, metres, from which on more of it changes nothing. */
    public static double roomThatCounts(Pose pose) {
        return pose.focus() / 16;
    }

    /**
     * Depths that hold the whole scene and never cut what the eye comes close to.
     *
     * @param bounds of everything drawn
     * @param clearance a lower bound on the distance from the eye to the nearest surface
     */
    public static ClipRange of(Pose pose, Aabb bounds, double clearance) {
        double lo = Double.POSITIVE_INFINITY;
        double hi = Double.NEGATIVE_INFINITY;
        if (bounds.isEmpty()) {
            lo = hi = pose.focus();
        } else {
            Vec3 b = pose.orientation().back();
            Vec3 min = bounds.min();
            Vec3 max = bounds.max();
            Vec3 e = pose.eye();
            double middle = -(b.x() * ((min.x() + max.x()) / 2 - e.x())
                    + b.y() * ((min.y() + max.y()) / 2 - e.y())
                    + b.z() * ((min.z() + max.z()) / 2 - e.z()));
            double half = (Math.abs(b.x()) * (max.x() - min.x())
                            + Math.abs(b.y()) * (max.y() - min.y())
                            + Math.abs(b.z()) * (max.z() - min.z()))
                    / 2;
            lo = middle - half;
            hi = middle + half;
        }
        double reach = Math.max(hi - lo, pose.focus());
        if (pose.projection().flat()) {
            // A margin the size of the scene leaves room for the grid and for handles.
            return new ClipRange(lo - reach, hi + reach);
        }
        double far = Math.max(hi * SLACK, pose.focus() * 4);
        // A surface at distance d, seen at up to 75° off the axis, lies deeper than d/4.
        double near = Math.max(Math.min(clearance, roomThatCounts(pose)) / 4, far * 1e-7);
        return new ClipRange(near, far);
    }

    /** The same with planes that a camera has itself; null for one that follows the scene, which makes room for the other. */
    public ClipRange within(Double ownNear, Double ownFar) {
        if (ownNear == null && ownFar == null) {
            return this;
        }
        double n = ownNear == null ? near : ownNear;
        double f = ownFar == null ? far : ownFar;
        if (n < f) {
            return new ClipRange(n, f);
        }
        return ownNear == null ? new ClipRange(f / 1000, f) : new ClipRange(n, n * 2);
    }
}
