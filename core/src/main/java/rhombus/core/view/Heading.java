package rhombus.core.view;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;

/**
 * An orientation taken apart: first roll about the line of sight, then pitch, then yaw about the up axis.
 *
 * <p>Zero everywhere is the front view. Pitch is the elevation of the line of sight, -pi/2 looking straight down.
 *
 * @param yaw about the up axis, counter-clockwise seen from above, -pi to pi
 * @param pitch of the line of sight above the horizon, -pi/2 to pi/2
 * @param roll about the line of sight, counter-clockwise for the camera, -pi to pi; 0 where the view looks straight up or down
 */
public record Heading(double yaw, double pitch, double roll) {
    private static final double STEEP = 1 - 1e-12;

    /** The heading of an orientation. */
    public static Heading of(Quat q, UpAxis up) {
        Vec3 f = q.forward();
        double sin = f.dot(up.up());
        if (Math.abs(sin) >= STEEP) {
            // No horizon: what would be roll counts as yaw.
            Vec3 r = q.right();
            return new Heading(
                    Math.atan2(-r.dot(up.front()), r.dot(up.right())), sin > 0 ? Math.PI / 2 : -Math.PI / 2, 0);
        }
        double yaw = Math.atan2(-f.dot(up.right()), -f.dot(up.front()));
        // atan2 of both legs stays exact near the poles, where asin loses half its digits.
        Vec3 level = f.cross(up.up());
        double pitch = Math.atan2(sin, level.length());
        Vec3 right = level.unit();
        Vec3 straight = right.cross(f);
        Vec3 u = q.up();
        return new Heading(yaw, pitch, Math.atan2(-u.dot(right), u.dot(straight)));
    }

    /**
     * The roll of an orientation, radians: about the line of sight, counter-clockwise for the camera, against the horizon; in a
     * view straight down or up, which has none, against the top or bottom view as it is listed.
     */
    public static double roll(Quat q, UpAxis up) {
        Heading h = of(q, up);
        return Math.abs(h.pitch) < Math.PI / 2 ? h.roll : h.pitch < 0 ? h.yaw : -h.yaw;
    }

    /** The orientation with this heading. */
    public Quat orientation(UpAxis up) {
        Quat base = Quat.ofBasis(up.right(), up.up(), up.front());
        return Quat.about(up.up(), yaw)
                .times(base)
                .times(Quat.about(Vec3.X, pitch))
                .times(Quat.about(Vec3.Z, roll))
                .unit();
    }
}
