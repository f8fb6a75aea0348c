package rhombus.core.scene;

import rhombus.core.optics.Optics;
import rhombus.core.optics.Rectilinear;

/**
 * A camera of the scene; it looks along its node's -Z with +Y up (glTF 2.0, 3.10).
 *
 * @param perspective whether lines converge; else the camera is orthographic
 * @param fovY vertical field of view in radians, for a perspective camera
 * @param extent vertical extent in metres, for an orthographic camera
 * @param aspect width over height of its picture, 0 where it is that of the scene's picture
 * @param optics film back, stop, focus and clip planes
 */
public record SceneCamera(boolean perspective, double fovY, double extent, double aspect, Optics optics) {
    /** Narrowest vertical field of view that can be typed, radians. */
    public static final double NARROWEST = Math.toRadians(0.01);
    /** Widest vertical field of view that can be typed, radians. */
    public static final double WIDEST = Math.toRadians(170);

    /** A camera of which nothing is known but its angle. */
    public SceneCamera(boolean perspective, double fovY, double extent, double aspect) {
        this(perspective, fovY, extent, aspect, Optics.USUAL);
    }

    /** Height of its picture on the film back, millimetres. */
    private double height(Optics o) {
        return o.fit().height(o.back(), aspect);
    }

    /** The same camera in a scene: where it has no shape of its own, with that of the scene's picture, width over height. */
    public SceneCamera in(double picture) {
        return aspect == 0 ? new SceneCamera(perspective, fovY, extent, picture, optics) : this;
    }

    /** With the shape of another, one that follows the scene too; the angle stays. */
    public SceneCamera withShapeOf(SceneCamera other) {
        return aspect == other.aspect ? this : new SceneCamera(perspective, fovY, extent, other.aspect, optics);
    }

    /** Width over height of its picture; outside of a scene, of its film back. */
    public double shape() {
        return aspect == 0 ? optics.back().aspect() : aspect;
    }

    /** Focal length that gives the angle of view on the film back, millimetres. */
    public double focalLength() {
        return Rectilinear.focalLength(height(optics), fovY);
    }

    /** The focal length as it is told, millimetres: it is kept as an angle, which rounds what was typed in its last digits. */
    public double toldFocalLength() {
        return Math.rint(focalLength() * 1e9) / 1e9;
    }

    /** Horizontal angle of view, radians. */
    public double fovX() {
        return 2 * Math.atan(Math.tan(fovY / 2) * shape());
    }

    /** Angle of view from corner to corner, radians. */
    public double fovDiagonal() {
        return 2 * Math.atan(Math.tan(fovY / 2) * Math.hypot(1, shape()));
    }

    /** With another vertical angle of view, radians. */
    public SceneCamera withFovY(double angle) {
        return new SceneCamera(perspective, angle, extent, aspect, optics);
    }

    /** With another lens on the same film back; millimetres. */
    public SceneCamera withFocalLength(double mm) {
        return withFovY(Rectilinear.fieldOfView(height(optics), mm));
    }

    /** With another film back or other numbers behind the same lens: the focal length stays, and the angle follows. */
    public SceneCamera with(Optics other) {
        double h = height(other);
        SceneCamera next = new SceneCamera(perspective, fovY, extent, aspect, other);
        return !perspective || h == height(optics) ? next : next.withFocalLength(focalLength());
    }

    /** With a picture of another shape: the lens and the film back stay. */
    public SceneCamera withAspect(double other) {
        SceneCamera next = new SceneCamera(perspective, fovY, extent, other, optics);
        return perspective ? next.withFocalLength(focalLength()) : next;
    }
}
