package rhombus.core.navigate;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Turns a camera on the spot until it looks at a point. */
public final class AimAt {
    private AimAt() {}

    /**
     * A perspective view from one point to another with a level horizon.
     *
     * @param fovY vertical field of view, radians
     */
    public static Pose level(Vec3 eye, Vec3 to, UpAxis up, double fovY) {
        Quat ahead = new Heading(0, 0, 0).orientation(up);
        return at(new Pose(eye, ahead, 1, new Projection.Perspective(fovY)), to, up);
    }

    /**
     * The pose with the point in the middle of the picture. In perspective the eye stays, roll stays, and the focus is the
     * point. A flat view has no eye to turn: it slides in its own plane and keeps its distance.
     */
    public static Pose at(Pose p, Vec3 point, UpAxis up) {
        if (p.projection().flat()) {
            Vec3 d = point.minus(p.eye());
            return p.withEye(p.eye().plus(d.plus(p.forward(), -d.dot(p.forward()))));
        }
        Vec3 way = point.minus(p.eye());
        double distance = way.length();
        if (distance == 0) {
            return p;
        }
        Vec3 f = way.times(1 / distance);
        Vec3 u = up.up();
        double roll = Heading.of(p.orientation(), up).roll();
        Vec3 right = f.cross(u);
        // Straight up or down the sides of the picture stay where they are.
        right = right.length() < 1e-9 ? p.orientation().right() : right.unit();
        right = right.plus(f, -right.dot(f)).unit();
        Quat level = Quat.ofBasis(right, right.cross(f), f.negated());
        return new Pose(p.eye(), level.times(Quat.about(Vec3.Z, roll)), distance, p.projection());
    }
}
