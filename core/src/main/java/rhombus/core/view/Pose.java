package rhombus.core.view;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/**
 * Where a view stands and how it looks.
 *
 * @param eye position, metres
 * @param orientation of the camera's frame: x right, y up, looking along -z
 * @param focus distance to the focus along the line of sight, metres, positive
 * @param projection perspective or orthographic
 */
public record Pose(Vec3 eye, Quat orientation, double focus, Projection projection) {
    /** Unit vector along the line of sight. */
    public Vec3 forward() {
        return orientation.forward();
    }

    /** The point in focus. */
    public Vec3 focusPoint() {
        return eye.plus(orientation.forward(), focus);
    }

    /** The same view from elsewhere. */
    public Pose withEye(Vec3 e) {
        return new Pose(e, orientation, focus, projection);
    }

    /** The same view with another projection. */
    public Pose withProjection(Projection p) {
        return new Pose(eye, orientation, focus, p);
    }

    /** The same focus point seen from another side. */
    public Pose turnedAboutFocus(Quat q) {
        return new Pose(focusPoint().plus(q.back(), focus), q, focus, projection);
    }

    /** The camera turned rigidly about a point, which keeps its distance and its place on the screen. */
    public Pose turnedAbout(Vec3 pivot, Quat q) {
        Vec3 inCamera = orientation.inverse().rotate(pivot.minus(eye));
        return new Pose(pivot.minus(q.rotate(inCamera)), q, focus, projection);
    }

    /** Depth of a point along the line of sight; negative behind the eye. */
    public double depth(Vec3 p) {
        return p.minus(eye).dot(orientation.forward());
    }
}
