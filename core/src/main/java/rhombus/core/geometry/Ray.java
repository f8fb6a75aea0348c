package rhombus.core.geometry;

/**
 * A half-line.
 *
 * @param origin where it starts
 * @param direction where it goes; distances are counted in its length
 */
public record Ray(Vec3 origin, Vec3 direction) {
    /** The point at parameter {@code t}. */
    public Vec3 at(double t) {
        return origin.plus(direction, t);
    }

    /** Parameter at which the ray meets the plane through {@code p} with normal {@code n}; NaN when parallel. */
    public double plane(Vec3 p, Vec3 n) {
        double d = direction.dot(n);
        return d == 0 ? Double.NaN : p.minus(origin).dot(n) / d;
    }

    /** Distance along the line {@code p + s·u} (unit {@code u}) to its point nearest to this ray; NaN when parallel. */
    public double nearestOnLine(Vec3 p, Vec3 u) {
        Vec3 d = direction.unit();
        double b = d.dot(u);
        double k = 1 - b * b;
        if (k < 1e-12) {
            return Double.NaN;
        }
        Vec3 w = p.minus(origin);
        return (b * w.dot(d) - w.dot(u)) / k;
    }
}
