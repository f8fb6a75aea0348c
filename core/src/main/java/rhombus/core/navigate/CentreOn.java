package rhombus.core.navigate;

import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;

/** Brings a point to the middle of the view at the distance it has, so that one slides along a wall from point to point. */
public final class CentreOn {
    private CentreOn() {}

    /** The view with a point in its middle and in focus: direction and distance to the point stay. */
    public static Pose on(Pose start, Vec3 point) {
        Vec3 back = start.orientation().back();
        if (start.projection().flat()) {
            double depth = start.depth(point);
            double focus = depth > 0 ? depth : start.focus();
            return new Pose(
                    point.plus(back, depth > 0 ? depth : focus), start.orientation(), focus, start.projection());
        }
        double distance = start.eye().distance(point);
        return new Pose(point.plus(back, distance), start.orientation(), distance, start.projection());
    }
}
