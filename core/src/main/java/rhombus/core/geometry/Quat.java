package rhombus.core.geometry;

/**
 * A rotation as a unit quaternion (Hamilton's convention, {@code w} the real part).
 *
 * @param x first imaginary part
 * @param y second imaginary part
 * @param z third imaginary part
 * @param w real part
 */
public record Quat(double x, double y, double z, double w) {
    /** No rotation. */
    public static final Quat IDENTITY = new Quat(0, 0, 0, 1);

    /** Rotation by {@code angle} radians, counter-clockwise about the unit vector {@code axis}. */
    public static Quat about(Vec3 axis, double angle) {
        double s = Math.sin(angle / 2);
        return new Quat(axis.x() * s, axis.y() * s, axis.z() * s, Math.cos(angle / 2));
    }

    /** The rotation that carries X, Y, Z to three orthonormal, right-handed vectors (Shepperd's method, 1978). */
    public static Quat ofBasis(Vec3 right, Vec3 up, Vec3 back) {
        double a = right.x();
        double b = up.y();
        double c = back.z();
        double trace = a + b + c;
        Quat q;
        if (trace >= a && trace >= b && trace >= c) {
            q = new Quat(up.z() - back.y(), back.x() - right.z(), right.y() - up.x(), 1 + trace);
        } else if (a >= b && a >= c) {
            q = new Quat(1 + a - b - c, right.y() + up.x(), back.x() + right.z(), up.z() - back.y());
        } else if (b >= c) {
            q = new Quat(right.y() + up.x(), 1 - a + b - c, up.z() + back.y(), back.x() - right.z());
        } else {
            q = new Quat(back.x() + right.z(), up.z() + back.y(), 1 - a - b + c, right.y() - up.x());
        }
        return q.unit();
    }

    /** This rotation after {@code o}: {@code a.times(b).rotate(v) == a.rotate(b.rotate(v))}. */
    public Quat times(Quat o) {
        return new Quat(
                w * o.x + x * o.w + y * o.z - z * o.y,
                w * o.y - x * o.z + y * o.w + z * o.x,
                w * o.z + x * o.y - y * o.x + z * o.w,
                w * o.w - x * o.x - y * o.y - z * o.z);
    }

    /** The inverse rotation. */
    public Quat inverse() {
        return new Quat(-x, -y, -z, w);
    }

    /** Length 1 again after many products. */
    public Quat unit() {
        double l = Math.sqrt(x * x + y * y + z * z + w * w);
        return l == 0 ? IDENTITY : new Quat(x / l, y / l, z / l, w / l);
    }

    /** The vector {@code v} turned by this rotation. */
    public Vec3 rotate(Vec3 v) {
        double tx = 2 * (y * v.z() - z * v.y());
        double ty = 2 * (z * v.x() - x * v.z());
        double tz = 2 * (x * v.y() - y * v.x());
        return new Vec3(
                v.x() + w * tx + y * tz - z * ty, v.y() + w * ty + z * tx - x * tz, v.z() + w * tz + x * ty - y * tx);
    }

    /** Image of X: to the right for a camera with this orientation. */
    public Vec3 right() {
        return new Vec3(1 - 2 * (y * y + z * z), 2 * (x * y + w * z), 2 * (x * z - w * y));
    }

    /** Image of Y: up for a camera with this orientation. */
    public Vec3 up() {
        return new Vec3(2 * (x * y - w * z), 1 - 2 * (x * x + z * z), 2 * (y * z + w * x));
    }

    /** Image of Z: backwards for a camera, which looks along its -Z (glTF 2.0, 3.10). */
    public Vec3 back() {
        return new Vec3(2 * (x * z + w * y), 2 * (y * z - w * x), 1 - 2 * (x * x + y * y));
    }

    /** Image of -Z: the line of sight of a camera. */
    public Vec3 forward() {
        return back().negated();
    }

    /** Angle of the rotation that leads from this to {@code o}, 0 to pi. */
    public double angleTo(Quat o) {
        Quat d = inverse().times(o);
        return 2 * Math.atan2(Math.sqrt(d.x * d.x + d.y * d.y + d.z * d.z), Math.abs(d.w));
    }

    /** Shortest-arc spherical interpolation (Shoemake 1985); {@code t} 0 gives this, 1 gives {@code o}. */
    public Quat slerp(Quat o, double t) {
        double dot = x * o.x + y * o.y + z * o.z + w * o.w;
        double sign = dot < 0 ? -1 : 1;
        double c = Math.min(1, Math.abs(dot));
        double a = 1 - t;
        double b = t;
        if (c < 0.99999) {
            double angle = Math.acos(c);
            double s = Math.sin(angle);
            a = Math.sin((1 - t) * angle) / s;
            b = Math.sin(t * angle) / s;
        }
        b *= sign;
        return new Quat(a * x + b * o.x, a * y + b * o.y, a * z + b * o.z, a * w + b * o.w).unit();
    }
}
