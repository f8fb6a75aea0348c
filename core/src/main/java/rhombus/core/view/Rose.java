package rhombus.core.view;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;

/**
 * The Rose: a chart of all directions a scene can be looked at from, the present one in its middle. It is the Lambert
 * azimuthal equal-area projection of the sphere of directions (Snyder, <i>Map Projections: A Working Manual</i>, U.S.
 * Geological Survey Professional Paper 1395, 1987, chapter 24), drawn half as large: what lies straight behind stands on a
 * circle of radius 1.
 *
 * <p>Places are pairs: x to the right, y down, the middle at 0, 0.
 */
public final class Rose {
    /** Nearer to the point behind than this, the way to it has no direction. */
    private static final double BEHIND = 1e-14;

    private final Quat orientation;
    private final Quat toCamera;
    private final UpAxis up;

    /** The chart for a camera with this orientation. */
    public Rose(Quat orientation, UpAxis up) {
        this.orientation = orientation;
        this.toCamera = orientation.inverse();
        this.up = up;
    }

    /**
     * A standard direction on the chart.
     *
     * @param direction that it stands for
     * @param x its place
     * @param y its place
     * @param depth cosine of the angle from the direction looked from: 1 in the middle, -1 straight behind
     */
    public record Spot(StandardDirection direction, double x, double y, double depth) {}

    /**
     * Where a direction stands.
     *
     * @param towards unit vector from the scene towards the eye
     * @return its place; straight behind is the lowest point of the rim
     */
    public double[] place(Vec3 towards) {
        Vec3 c = toCamera.rotate(towards);
        double side = Math.hypot(c.x(), c.y());
        if (c.z() < 0 && side < BEHIND) {
            return new double[] {0, 1};
        }
        // Snyder 24-2 to 24-4 with the eye's direction as the centre, halved; without the loss of digits near the rim.
        double radius = c.z() > 0 ? side / Math.sqrt(2 * (1 + c.z())) : Math.sqrt((1 - c.z()) / 2);
        double k = side == 0 ? 0 : radius / side;
        return new double[] {c.x() * k, -c.y() * k};
    }

    /**
     * The direction at a place: the inverse of {@link #place}.
     *
     * @return unit vector from the scene towards the eye; beside the chart that of the rim
     */
    public Vec3 direction(double x, double y) {
        double square = Math.min(1, x * x + y * y);
        double z = 1 - 2 * square;
        double k = 2 * Math.sqrt(1 - square);
        return orientation.rotate(new Vec3(x * k, -y * k, z).unit());
    }

    /** All 26 standard directions, the farthest first. */
    public List<Spot> spots() {
        List<Spot> out = new ArrayList<>(26);
        for (StandardDirection s : StandardDirection.all()) {
            Vec3 towards = s.towardsEye(up);
            double[] p = place(towards);
            out.add(new Spot(s, p[0], p[1], towards.dot(orientation.back())));
        }
        out.sort((a, b) -> Double.compare(a.depth, b.depth));
        return out;
    }

    /**
     * The standard direction nearest to a place, or null.
     *
     * @param reach how far it may be away
     */
    public StandardDirection at(double x, double y, double reach) {
        StandardDirection best = null;
        double nearest = reach;
        for (Spot s : spots()) {
            double d = Math.hypot(s.x - x, s.y - y);
            if (d <= nearest) {
                nearest = d;
                best = s.direction;
            }
        }
        return best;
    }

    /**
     * A great circle: all directions at right angles to one.
     *
     * @param axis unit vector
     * @param step how long a piece of the line may be
     * @return x and y in turn, from the point that lies farthest behind once round
     */
    public double[] circle(Vec3 axis, double step) {
        Vec3 back = orientation.back();
        Vec3 farthest = axis.times(axis.dot(back)).minus(back);
        Vec3 a = farthest.length() < 1e-9 ? orientation.right() : farthest.unit();
        Vec3 b = axis.cross(a);
        List<double[]> line = new ArrayList<>();
        // A circle through the point behind leaves it on one side and comes back on the other.
        double from = 1e-7;
        double to = 2 * Math.PI - from;
        double[] last = on(a, b, from);
        line.add(last);
        int pieces = 16;
        for (int i = 1; i <= pieces; i++) {
            double s = from + (to - from) * (i - 1) / pieces;
            double e = from + (to - from) * i / pieces;
            double[] next = on(a, b, e);
            between(line, a, b, s, last, e, next, step, 24);
            line.add(next);
            last = next;
        }
        double[] out = new double[2 * line.size()];
        for (int i = 0; i < line.size(); i++) {
            out[2 * i] = line.get(i)[0];
            out[2 * i + 1] = line.get(i)[1];
        }
        return out;
    }

    private double[] on(Vec3 a, Vec3 b, double angle) {
        return place(a.times(Math.cos(angle)).plus(b, Math.sin(angle)));
    }

    /** Puts points between two of a line until its pieces are short: near the rim a small turn is a long way. */
    private void between(
            List<double[]> line,
            Vec3 a,
            Vec3 b,
            double s,
            double[] from,
            double e,
            double[] to,
            double step,
            int deeper) {
        if (deeper == 0 || Math.hypot(to[0] - from[0], to[1] - from[1]) <= step) {
            return;
        }
        double m = (s + e) / 2;
        double[] middle = on(a, b, m);
        between(line, a, b, s, from, m, middle, step, deeper - 1);
        line.add(middle);
        between(line, a, b, m, middle, e, to, step, deeper - 1);
    }

    /**
     * The direction next to one, as somebody who looks from there sees its neighbours.
     *
     * @param dx -1 left, 1 right
     * @param dy -1 down, 1 up
     */
    public static StandardDirection next(StandardDirection from, int dx, int dy, UpAxis up) {
        Quat q = from.orientation(up).inverse();
        StandardDirection best = from;
        double most = 0;
        for (StandardDirection s : StandardDirection.all()) {
            Vec3 v = q.rotate(s.towardsEye(up));
            double along = v.x() * dx + v.y() * dy;
            double across = Math.abs(v.x() * dy - v.y() * dx);
            // What lies less than a right angle away and most nearly in line.
            if (v.z() > 0.1 && along > 0.1 && along - 2 * across + 1 > most) {
                most = along - 2 * across + 1;
                best = s;
            }
        }
        return best;
    }
}
