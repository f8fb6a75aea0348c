package rhombus.core.navigate;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;

/** Turning on the spot: the eye stays (on a film set: pan and tilt), and rolling about the line of sight. */
public final class LookAround {
    private LookAround() {}

    /**
     * Turns the camera about its eye; roll stays as it is, and straight up and straight down are the ends.
     *
     * @param yaw radians about the up axis, positive to the left
     * @param pitch radians, positive upwards
     */
    public static Pose turn(Pose start, UpAxis up, double yaw, double pitch) {
        if (yaw == 0 && pitch == 0) {
            return start;
        }
        Heading h = Heading.of(start.orientation(), up);
        double to = Math.max(-Math.PI / 2, Math.min(Math.PI / 2, h.pitch() + pitch));
        Quat q = new Heading(h.yaw() + yaw, to, h.roll()).orientation(up);
        return new Pose(start.eye(), q, start.focus(), start.projection());
    }

    /**
     * Rolls about the line of sight through the eye.
     *
     * @param angle radians, counter-clockwise for the camera: the picture turns clockwise
     */
    public static Pose roll(Pose start, double angle) {
        if (angle == 0) {
            return start;
        }
        Quat q = start.orientation().times(Quat.about(Vec3.Z, angle)).unit();
        return new Pose(start.eye(), q, start.focus(), start.projection());
    }

    /** The roll nearest to a multiple of a step. */
    public static Pose rollTo(Pose start, UpAxis up, double step) {
        Heading h = Heading.of(start.orientation(), up);
        Quat q = new Heading(h.yaw(), h.pitch(), Math.rint(h.roll() / step) * step).orientation(up);
        return new Pose(start.eye(), q, start.focus(), start.projection());
    }
}
