package rhombus.core.geometry;

/**
 * An axis-aligned box. The empty box has {@code min} above {@code max} and unites with anything.
 *
 * @param min lowest corner
 * @param max highest corner
 */
public record Aabb(Vec3 min, Vec3 max) {
    private static final double INF = Double.POSITIVE_INFINITY;
    /** Holds no point. */
    public static final Aabb EMPTY = new Aabb(new Vec3(INF, INF, INF), new Vec3(-INF, -INF, -INF));

    /** The box around one point. */
    public static Aabb of(Vec3 p) {
        return new Aabb(p, p);
    }

    /** The box around vertices given as x, y, z triples. */
    public static Aabb of(float[] xyz) {
        double ax = INF, ay = INF, az = INF, bx = -INF, by = -INF, bz = -INF;
        for (int i = 0; i + 2 < xyz.length; i += 3) {
            double x = xyz[i];
            double y = xyz[i + 1];
            double z = xyz[i + 2];
            ax = Math.min(ax, x);
            ay = Math.min(ay, y);
            az = Math.min(az, z);
            bx = Math.max(bx, x);
            by = Math.max(by, y);
            bz = Math.max(bz, z);
        }
        return new Aabb(new Vec3(ax, ay, az), new Vec3(bx, by, bz));
    }

    /** Whether no point is inside. */
    public boolean isEmpty() {
        return min.x() > max.x() || min.y() > max.y() || min.z() > max.z();
    }

    /** The smallest box around both. */
    public Aabb union(Aabb o) {
        return new Aabb(
                new Vec3(Math.min(min.x(), o.min.x()), Math.min(min.y(), o.min.y()), Math.min(min.z(), o.min.z())),
                new Vec3(Math.max(max.x(), o.max.x()), Math.max(max.y(), o.max.y()), Math.max(max.z(), o.max.z())));
    }

    /** Middle of the box; the origin for the empty one. */
    public Vec3 center() {
        return isEmpty() ? Vec3.ZERO : min.mix(max, 0.5);
    }

    /** Edge lengths; zero for the empty box. */
    public Vec3 size() {
        return isEmpty() ? Vec3.ZERO : max.minus(min);
    }

    /** Half the diagonal; zero for the empty box. */
    public double radius() {
        return size().length() / 2;
    }

    /** The box around this box's eight corners after an affine matrix. */
    public Aabb transformed(double[] m) {
        if (isEmpty()) {
            return this;
        }
        Vec3 c = Mat4.point(m, center());
        Vec3 h = size().times(0.5);
        Vec3 e = new Vec3(
                Math.abs(m[0]) * h.x() + Math.abs(m[4]) * h.y() + Math.abs(m[8]) * h.z(),
                Math.abs(m[1]) * h.x() + Math.abs(m[5]) * h.y() + Math.abs(m[9]) * h.z(),
                Math.abs(m[2]) * h.x() + Math.abs(m[6]) * h.y() + Math.abs(m[10]) * h.z());
        return new Aabb(c.minus(e), c.plus(e));
    }

    /** One of the eight corners; bit 0, 1, 2 of {@code i} chooses the high x, y, z. */
    public Vec3 corner(int i) {
        return new Vec3(
                (i & 1) == 0 ? min.x() : max.x(), (i & 2) == 0 ? min.y() : max.y(), (i & 4) == 0 ? min.z() : max.z());
    }

    /** Distance from a point to the box, 0 inside, infinite for the empty box. */
    public double distance(Vec3 p) {
        if (isEmpty()) {
            return INF;
        }
        double dx = Math.max(0, Math.max(min.x() - p.x(), p.x() - max.x()));
        double dy = Math.max(0, Math.max(min.y() - p.y(), p.y() - max.y()));
        double dz = Math.max(0, Math.max(min.z() - p.z(), p.z() - max.z()));
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }

    /** Whether a ray from {@code o} along {@code d} meets the box at a parameter from 0 to {@code tMax}. */
    public boolean hit(Vec3 o, Vec3 d, double tMax) {
        if (isEmpty()) {
            return false;
        }
        double lo = 0;
        double hi = tMax;
        for (int a = 0; a < 3; a++) {
            double p = o.get(a);
            double v = d.get(a);
            if (v == 0) {
                if (p < min.get(a) || p > max.get(a)) {
                    return false;
                }
            } else {
                double t0 = (min.get(a) - p) / v;
                double t1 = (max.get(a) - p) / v;
                // A relative slack keeps boxes without thickness from being lost to rounding.
                lo = Math.max(lo, Math.min(t0, t1) * (1 - 1e-12));
                hi = Math.min(hi, Math.max(t0, t1) * (1 + 1e-12));
            }
        }
        return lo <= hi;
    }
}
