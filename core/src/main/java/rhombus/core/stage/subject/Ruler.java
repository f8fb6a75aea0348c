package rhombus.core.stage.subject;

import rhombus.core.geometry.Vec3;
import rhombus.core.stage.view.Viewport;

/**
 * Two points between which is measured.
 *
 * @param id names it within the scene
 * @param a a point of the world
 * @param b another one
 */
public record Ruler(String id, Vec3 a, Vec3 b) {
    /** How far the points are from each other, metres. */
    public double length() {
        return a.distance(b);
    }

    /** The same in a viewport's picture, pixels; NaN where one of them lies behind the eye. */
    public double pixels(Viewport v) {
        Vec3 p = v.screen().project(a);
        Vec3 q = v.screen().project(b);
        boolean flat = v.pose.projection().flat();
        return !flat && (p.z() <= 0 || q.z() <= 0) ? Double.NaN : Math.hypot(p.x() - q.x(), p.y() - q.y());
    }

    /** By how much the farther end is drawn smaller than the nearer one: the ratio of their depths; 1 in a flat view. */
    public double shortening(Viewport v) {
        double p = v.screen().project(a).z();
        double q = v.screen().project(b).z();
        return v.pose.projection().flat() || p <= 0 || q <= 0 ? 1 : Math.max(p, q) / Math.min(p, q);
    }
}
