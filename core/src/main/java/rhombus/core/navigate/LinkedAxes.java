package rhombus.core.navigate;

import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Flat views along axes that share centre and scale: moving one moves the others along the axes both of them show. */
public final class LinkedAxes {
    private LinkedAxes() {}

    /**
     * Where a view stands after another one has moved.
     *
     * @param lead the view that moved; flat, looking along an axis
     * @param leadHeight height of its viewport, pixels
     * @param other the view that follows; flat, looking along an axis
     * @param height of its viewport, pixels
     * @return the same view with the lead's coordinates on the axes that both show, and as many metres a pixel
     */
    public static Pose follow(Pose lead, double leadHeight, Pose other, double height) {
        double extent = ((Projection.Orthographic) lead.projection()).extent() / leadHeight * height;
        double[] eye = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            eye[axis] = shows(lead, axis) && shows(other, axis)
                    ? lead.eye().get(axis)
                    : other.eye().get(axis);
        }
        return new Pose(
                new Vec3(eye[0], eye[1], eye[2]),
                other.orientation(),
                other.focus(),
                new Projection.Orthographic(extent));
    }

    /** Whether an axis (0 X, 1 Y, 2 Z) lies in the picture of a view along another one. */
    public static boolean shows(Pose p, int axis) {
        return Math.abs(p.forward().get(axis)) < 0.5;
    }
}
