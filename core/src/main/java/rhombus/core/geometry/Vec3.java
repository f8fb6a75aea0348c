package rhombus.core.geometry;

/**
 * A point or direction in a right-handed frame, metres where it is a length.
 *
 * @param x first coordinate
 * @param y second coordinate
 * @param z third coordinate
 */
public record Vec3(double x, double y, double z) {
    /** The origin. */
    public static final Vec3 ZERO = new Vec3(0, 0, 0);
    /** Unit vector along X. */
    public static final Vec3 X = new Vec3(1, 0, 0);
    /** Unit vector along Y. */
    public static final Vec3 Y = new Vec3(0, 1, 0);
    /** Unit vector along Z. */
    public static final Vec3 Z = new Vec3(0, 0, 1);

    /** Sum of both. */
    public Vec3 plus(Vec3 o) {
        return new Vec3(x + o.x, y + o.y, z + o.z);
    }

    /** This plus {@code k} times {@code o}. */
    public Vec3 plus(Vec3 o, double k) {
        return new Vec3(x + o.x * k, y + o.y * k, z + o.z * k);
    }

    /** Difference of both. */
    public Vec3 minus(Vec3 o) {
        return new Vec3(x - o.x, y - o.y, z - o.z);
    }

    /** Scaled by {@code k}. */
    public Vec3 times(double k) {
        return new Vec3(x * k, y * k, z * k);
    }

    /** Opposite direction. */
    public Vec3 negated() {
        return new Vec3(-x, -y, -z);
    }

    /** Scalar product. */
    public double dot(Vec3 o) {
        return x * o.x + y * o.y + z * o.z;
    }

    /** Vector product, right-handed. */
    public Vec3 cross(Vec3 o) {
        return new Vec3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    /** Euclidean length. */
    public double length() {
        return Math.sqrt(x * x + y * y + z * z);
    }

    /** Distance to another point. */
    public double distance(Vec3 o) {
        double a = x - o.x;
        double b = y - o.y;
        double c = z - o.z;
        return Math.sqrt(a * a + b * b + c * c);
    }

    /** Same direction with length 1; the zero vector stays as it is. */
    public Vec3 unit() {
        double l = length();
        return l == 0 ? this : new Vec3(x / l, y / l, z / l);
    }

    /** The point between this ({@code t} = 0) and {@code o} ({@code t} = 1). */
    public Vec3 mix(Vec3 o, double t) {
        return new Vec3(x + (o.x - x) * t, y + (o.y - y) * t, z + (o.z - z) * t);
    }

    /** Coordinate 0, 1 or 2. */
    public double get(int axis) {
        return axis == 0 ? x : axis == 1 ? y : z;
    }

    /** Whether all three coordinates are finite numbers. */
    public boolean finite() {
        return Double.isFinite(x) && Double.isFinite(y) && Double.isFinite(z);
    }
}
