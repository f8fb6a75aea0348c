package rhombus.core.display;

import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/**
 * How many of an object's edges a wire view draws. Edges come in an order in which any number of first ones is an even
 * sample, strong ones leading; where they would crowd closer than the picture can show, fewer give the same impression
 * and cost less. Seen from near enough, every edge is drawn.
 */
public final class EdgeThinning {
    /** Part of an object's area on the screen that its lines may cover. */
    private static final double COVER = 0.75;

    /** The same where it is selected; parts of a group lie over each other, and each counts by itself. */
    private static final double COVER_SELECTED = 0.045;
    /** Always drawn, however small: a box. */
    private static final int LEAST = 12;

    /** Square pixels a triangle at which edges on surfaces have faded out. */
    private static final double FADED = 0.5;

    /** Width of the fringe, pixels. */
    private static final double FRINGE = 4;

    private EdgeThinning() {}

    /**
     * Edges to draw of an object.
     *
     * @param area the object covers on the screen, square pixels
     * @param total edges it has
     */
    public static int count(double area, int total) {
        return count(area, total, COVER, 1);
    }

    /**
     * The same of an object that is selected: its outline says where it is, so its lines may leave more of it free.
     *
     * @param length mean length of its edges on the screen, pixels: a few long ones fill as much as many short ones
     */
    public static int countSelected(double area, int total, double length) {
        return count(area, total, COVER_SELECTED, length);
    }

    /** Length on the screen of what is so many metres long in a box and lies at random in it, pixels. */
    public static double length(Screen screen, Aabb box, double metres) {
        double depth = depth(screen, box);
        // The mean of a sphere's directions, seen from one side: a quarter of a circle's round.
        return depth <= 0 ? 1 : metres * Math.PI / 4 / screen.metresPerPixel(depth);
    }

    private static int count(double area, int total, double cover, double mean) {
        if (total <= LEAST || Double.isInfinite(area)) {
            return total;
        }
        // Edges that spread evenly are as long as the cells between them are wide: two to a cell.
        double length = Math.max(mean, Math.max(1, Math.sqrt(2 * area / total)));
        double bearable = cover * area / length;
        return bearable >= total ? total : Math.max(LEAST, (int) bearable);
    }

    /**
     * Whether edges drawn within a surface can be seen at all: where triangles are smaller than a pixel or two on
     * average they have faded out, and the surface may be drawn without them.
     *
     * @param area the object covers on the screen, square pixels
     * @param triangles it has
     */
    public static boolean showOnSurface(double area, int triangles) {
        return area > FADED * triangles;
    }

    /**
     * Room for lines: the area a box covers on the screen and a fringe of some pixels along it, square pixels, so that
     * thin things such as cables keep unbroken lines. Infinite where the eye is inside or near the box.
     */
    public static double room(Screen screen, Aabb box) {
        double m = screen.metresPerPixel(depth(screen, box));
        return area(screen, box) + FRINGE * 2 * box.radius() / m;
    }

    /** Area of a box on the screen, square pixels, infinite where the eye is inside or near it. */
    public static double area(Screen screen, Aabb box) {
        double depth = depth(screen, box);
        if (depth <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        Pose pose = screen.pose();
        Vec3 size = box.size();
        Vec3 sight = pose.projection().flat()
                ? pose.forward()
                : box.center().minus(pose.eye()).unit();
        double m = screen.metresPerPixel(depth);
        return (size.x() * size.y() * Math.abs(sight.z())
                        + size.y() * size.z() * Math.abs(sight.x())
                        + size.z() * size.x() * Math.abs(sight.y()))
                / (m * m);
    }

    /** Depth of the nearest part of the ball round a box; 1 in a flat view, where depth does not matter. */
    private static double depth(Screen screen, Aabb box) {
        return screen.pose().projection().flat()
                ? 1
                : Math.max(0, box.center().distance(screen.pose().eye()) - box.radius());
    }
}
