package rhombus.core.stage.tool;

/**
 * A part of a tool that can be dragged, as it is seen in a viewport.
 *
 * @param id {@code x}, {@code y}, {@code z} for an axis; {@code yz}, {@code zx}, {@code xy} for the plane across it;
 *     {@code view} for the picture's plane or line of sight; {@code all} for all three
 * @param sort what it looks like
 * @param axis number of its axis, or of the axis across its plane; -1 for the view
 * @param points on the screen, x and y in turn
 */
public record ToolHandle(String id, Sort sort, int axis, double[] points) {
    /** How far from the middle of a ring's lozenge the pointer is on it, pixels. */
    private static final double GRIP = 11;

    /** What a handle looks like. */
    public enum Sort {
        /** A line with a lozenge at its end. */
        ARM,
        /** A lozenge in a plane. */
        PLANE,
        /** The near half of a circle, with a lozenge on it: the last point is the lozenge's, the others are the line. */
        RING,
        /** The lozenge in the middle. */
        CENTRE
    }

    /** Distance in pixels from a point to the handle; 0 on a lozenge. */
    public double distance(double x, double y) {
        boolean filled = sort == Sort.PLANE || sort == Sort.CENTRE;
        if (filled && inside(x, y)) {
            return 0;
        }
        int n = line();
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < (filled ? n : n - 1); i++) {
            int a = i * 2;
            int b = (i + 1) % n * 2;
            double dx = points[b] - points[a];
            double dy = points[b + 1] - points[a + 1];
            double l = dx * dx + dy * dy;
            double t = l == 0 ? 0 : Math.max(0, Math.min(1, ((x - points[a]) * dx + (y - points[a + 1]) * dy) / l));
            best = Math.min(best, Math.hypot(points[a] + dx * t - x, points[a + 1] + dy * t - y));
        }
        if (sort == Sort.RING) {
            // Where rings cross, a lozenge wins.
            double grip = Math.hypot(points[2 * n] - x, points[2 * n + 1] - y);
            best = grip < GRIP ? grip / GRIP - 1 : best;
        }
        return best;
    }

    /** How many of the points make the line. */
    private int line() {
        return points.length / 2 - (sort == Sort.RING ? 1 : 0);
    }

    private boolean inside(double x, double y) {
        boolean in = false;
        int n = points.length / 2;
        for (int i = 0, j = n - 1; i < n; j = i++) {
            double yi = points[i * 2 + 1];
            double yj = points[j * 2 + 1];
            if (yi > y != yj > y && x < (points[j * 2] - points[i * 2]) * (y - yi) / (yj - yi) + points[i * 2]) {
                in = !in;
            }
        }
        return in;
    }
}
