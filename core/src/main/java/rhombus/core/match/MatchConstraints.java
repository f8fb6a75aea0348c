package rhombus.core.match;

import java.util.List;
import rhombus.core.geometry.Vec3;

/**
 * What was marked on a picture. Places on it are pixels from its upper left corner, x to the right and y down.
 *
 * @param width pixels
 * @param height pixels
 * @param lines along the scene's axes
 * @param points whose places in the scene are known
 */
public record MatchConstraints(double width, double height, List<Line> lines, List<Point> points) {
    /**
     * A line along an axis of the scene; from its first to its second end it goes the axis' positive way.
     *
     * @param axis 0, 1 or 2
     */
    public record Line(int axis, double x1, double y1, double x2, double y2) {}

    /**
     * A point.
     *
     * @param at its place in the scene, metres
     */
    public record Point(double x, double y, Vec3 at) {}

    /** How many lines run along an axis. */
    int along(int axis) {
        return (int) lines.stream().filter(l -> l.axis == axis).count();
    }

    /** How many axes have two lines or more, so that they have a vanishing point. */
    int axes() {
        int n = 0;
        for (int k = 0; k < 3; k++) {
            n += along(k) >= 2 ? 1 : 0;
        }
        return n;
    }
}
