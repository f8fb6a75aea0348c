package rhombus.core.navigate;

import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** Sideways motion of the camera in its own picture plane. */
public final class Pan {
    private Pan() {}

    /**
     * Moves the eye so that a point at some depth goes along with the pointer.
     *
     * @param start the view at the press
     * @param depth of the grabbed point along the line of sight, metres
     * @param dx pixels to the right since the press
     * @param dy pixels down since the press
     */
    public static Pose by(Screen start, double depth, double dx, double dy) {
        double k = start.metresPerPixel(depth);
        Pose p = start.pose();
        Vec3 eye = p.eye()
                .plus(p.orientation().right(), -dx * k)
                .plus(p.orientation().up(), dy * k);
        return p.withEye(eye);
    }
}
