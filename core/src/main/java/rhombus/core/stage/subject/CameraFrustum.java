package rhombus.core.stage.subject;

import rhombus.core.geometry.Vec3;
import rhombus.core.scene.SceneCamera;
import rhombus.core.view.Pose;

/**
 * The space that a camera sees.
 *
 * @param camera with the shape that its picture has in the scene
 * @param pose where it stands and looks
 */
public record CameraFrustum(SceneCamera camera, Pose pose) {
    /** Of the picture at a distance, metres: upper left and right, lower right and left. */
    public Vec3[] corners(double distance) {
        double h = camera.perspective() ? distance * Math.tan(camera.fovY() / 2) : camera.extent() / 2;
        Vec3 up = pose.orientation().up().times(h);
        Vec3 right = pose.orientation().right().times(h * camera.shape());
        Vec3 c = pose.eye().plus(pose.forward(), distance);
        return new Vec3[] {
            c.plus(up).minus(right),
            c.plus(up).plus(right),
            c.minus(up).plus(right),
            c.minus(up).minus(right)
        };
    }

    /** A lozenge above the upper edge of a picture, which tells what is up in it: foot, right, tip, left. */
    public Vec3[] upright(Vec3[] corners) {
        Vec3 side = corners[1].minus(corners[0]).times(0.06);
        Vec3 rise = corners[0].minus(corners[3]).times(0.09);
        Vec3 foot = corners[0].mix(corners[1], 0.5);
        Vec3 middle = foot.plus(rise);
        return new Vec3[] {foot, middle.plus(side), middle.plus(rise), middle.minus(side)};
    }

    /** The tip of that lozenge. */
    public Vec3 tip(Vec3[] corners) {
        return upright(corners)[2];
    }
}
