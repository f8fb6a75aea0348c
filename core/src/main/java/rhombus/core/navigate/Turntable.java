package rhombus.core.navigate;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;

/** Orbit about a pivot with the horizon kept: yaw about the up axis, pitch about the level right axis. */
public final class Turntable {
    private Turntable() {}

    /**
     * Turns rigidly about a point: its place on the screen, its distance and the view's roll do not change.
     *
     * @param start pose at the gesture's start
     * @param pivot point that stays
     * @param yaw radians about the up axis
     * @param pitch radians, positive raises the line of sight
     * @param stopAtPoles whether the line of sight stops straight up and straight down
     */
    public static Pose orbit(Pose start, Vec3 pivot, UpAxis up, double yaw, double pitch, boolean stopAtPoles) {
        if (yaw == 0 && pitch == 0) {
            return start;
        }
        Heading h = Heading.of(start.orientation(), up);
        double to = h.pitch() + pitch;
        if (stopAtPoles) {
            to = Math.max(-Math.PI / 2, Math.min(Math.PI / 2, to));
        }
        Quat q = new Heading(h.yaw() + yaw, to, h.roll()).orientation(up);
        return about(start, pivot, q);
    }

    /** The pose with orientation {@code q} in which {@code pivot} has the same camera coordinates as before. */
    public static Pose about(Pose start, Vec3 pivot, Quat q) {
        Vec3 inCamera = start.orientation().inverse().rotate(pivot.minus(start.eye()));
        return new Pose(pivot.minus(q.rotate(inCamera)), q, start.focus(), start.projection());
    }
}
