package rhombus.core.navigate;

import rhombus.core.optics.FilmBack;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Changes of the lens: zoom, where the eye stays, and dolly-zoom, where the subject keeps its size. */
public final class LensChange {
    /** Height of the film back that focal lengths are read for, millimetres: full frame, 36 × 24. */
    public static final double FULL_FRAME = FilmBack.FULL_FRAME.height();
    /** Narrowest vertical field of view, radians. */
    public static final double NARROWEST = Math.toRadians(1);
    /** Widest vertical field of view, radians. */
    public static final double WIDEST = Math.toRadians(150);

    private static final double SMALLEST = 1e-9;
    private static final double LARGEST = 1e12;

    private LensChange() {}

    /**
     * Zooms: only the field of view changes; a flat view shows less or more about its middle.
     *
     * @param magnification what the size of the picture is multiplied by, positive
     */
    public static Pose zoom(Pose start, double magnification) {
        if (start.projection() instanceof Projection.Orthographic flat) {
            double extent = Math.max(SMALLEST, Math.min(LARGEST, flat.extent() / magnification));
            return start.withProjection(new Projection.Orthographic(extent));
        }
        return start.withProjection(new Projection.Perspective(zoomed(fov(start), magnification)));
    }

    /**
     * Changes the lens of a perspective and moves the eye along the line of sight, so that the plane of the focus keeps its
     * size: focus · tan(fov/2) stays the same. A flat view has no lens and stays as it is.
     */
    public static Pose dollyZoom(Pose start, double magnification) {
        if (start.projection().flat()) {
            return start;
        }
        double fov = zoomed(fov(start), magnification);
        double focus = start.focus() * Math.tan(fov(start) / 2) / Math.tan(fov / 2);
        return new Pose(
                start.focusPoint().plus(start.orientation().back(), focus),
                start.orientation(),
                focus,
                new Projection.Perspective(fov));
    }

    private static double fov(Pose p) {
        return ((Projection.Perspective) p.projection()).fovY();
    }

    private static double zoomed(double fov, double magnification) {
        if (magnification == 1) {
            return fov;
        }
        double to = 2 * Math.atan(Math.tan(fov / 2) / magnification);
        // A camera of the scene may have a lens beyond the ends; zooming never pushes it farther out.
        return Math.max(Math.min(NARROWEST, fov), Math.min(Math.max(WIDEST, fov), to));
    }
}
