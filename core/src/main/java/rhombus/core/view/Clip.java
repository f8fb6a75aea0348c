package rhombus.core.view;

import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;

/**
 * Nearest and farthest depth that is drawn. In a flat view the near one may be negative.
 *
 * @param near metres
 * @param far metres, more than near
 */
public record Clip(double near, double far) {
    private static final double SLACK = 1.001;

    /**
     * Depths that hold the whole scene and never cut what the eye comes close to.
     *
     * @param bounds of everything drawn
     * @param clearance a lower bound on the distance from the eye to the nearest surface
     */
    public static Clip of(Pose pose, Aabb bounds, double clearance) {
        double lo = Double.POSITIVE_INFINITY;
        double hi = Double.NEGATIVE_INFINITY;
        if (bounds.isEmpty()) {
            lo = hi = pose.focus();
        } else {
            Vec3 f = pose.forward();
            for (int i = 0; i < 8; i++) {
                double d = bounds.corner(i).minus(pose.eye()).dot(f);
                lo = Math.min(lo, d);
                hi = Math.max(hi, d);
            }
        }
        double reach = Math.max(hi - lo, pose.focus());
        if (pose.projection().flat()) {
            // A margin the size of the scene leaves room for the grid and for handles.
            return new Clip(lo - reach, hi + reach);
        }
        double far = Math.max(hi * SLACK, pose.focus() * 4);
        // A surface at distance d, seen at up to 75° off the axis, lies deeper than d/4.
        double near = Math.max(Math.min(clearance / 4, pose.focus() / 10), far * 1e-7);
        return new Clip(near, far);
    }
}
