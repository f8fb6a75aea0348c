package rhombus.core.navigate;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.StandardDirection;

/** Changes of direction about the focus: standard views, the opposite one, levelling; and the change of projection. */
public final class DirectionTurns {
    /** Looking this steeply up or down, as the sine of the angle to the vertical, there is no horizon to level. */
    private static final double NO_HORIZON = 1e-9;

    private DirectionTurns() {}

    /** The same focus seen from any of the 26 standard directions, levelled. */
    public static Pose to(Pose pose, StandardDirection s, UpAxis up) {
        return pose.turnedAboutFocus(s.orientation(up));
    }

    /** A quarter turn in the picture's plane: the picture turns right, clockwise, or left. */
    public static Pose quarterRoll(Pose pose, boolean right) {
        return LookAround.roll(pose, right ? Math.PI / 2 : -Math.PI / 2);
    }

    /** Half a turn about the up axis through the focus; top and bottom swap. */
    public static Pose opposite(Pose pose, UpAxis up) {
        AxisDirection d = AxisDirection.of(pose.orientation(), up);
        if (d == AxisDirection.TOP || d == AxisDirection.BOTTOM) {
            // Half a turn about the screen's right axis keeps what is left and right.
            return pose.turnedAboutFocus(pose.orientation().times(Quat.about(Vec3.X, Math.PI)));
        }
        return pose.turnedAboutFocus(
                Quat.about(up.up(), Math.PI).times(pose.orientation()).unit());
    }

    /** The same line of sight without roll; straight down and straight up it becomes the top and bottom view as they are listed. */
    public static Pose level(Pose pose, UpAxis up) {
        Vec3 f = pose.forward();
        Vec3 level = f.cross(up.up());
        if (level.length() < NO_HORIZON) {
            AxisDirection d = f.dot(up.up()) < 0 ? AxisDirection.TOP : AxisDirection.BOTTOM;
            return new Pose(pose.eye(), d.orientation(up), pose.focus(), pose.projection());
        }
        Vec3 right = level.unit();
        Quat q = Quat.ofBasis(right, right.cross(f), f.negated());
        return new Pose(pose.eye(), q, pose.focus(), pose.projection());
    }

    /**
     * Flat becomes perspective and back, with the direction and the size of things at the focus kept:
     * extent = 2 · focus · tan(fov/2).
     *
     * @param fovY vertical field of view of the perspective, radians
     */
    public static Pose toggleProjection(Pose pose, double fovY) {
        if (pose.projection() instanceof Projection.Perspective p) {
            return pose.withProjection(new Projection.Orthographic(p.heightAt(pose.focus())));
        }
        double extent = ((Projection.Orthographic) pose.projection()).extent();
        double focus = extent / (2 * Math.tan(fovY / 2));
        return new Pose(
                pose.focusPoint().plus(pose.orientation().back(), focus),
                pose.orientation(),
                focus,
                new Projection.Perspective(fovY));
    }
}
