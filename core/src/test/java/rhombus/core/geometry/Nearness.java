package rhombus.core.geometry;

/** How far things are from triangles, by looking at every one of them. */
public final class Nearness {
    private Nearness() {}

    /** Distance of a point from a triangle: inside its prism to its plane, else to the nearest of its sides. */
    public static double distance(Vec3 p, Vec3 a, Vec3 b, Vec3 c) {
        Vec3 n = b.minus(a).cross(c.minus(a));
        double area = n.length();
        double best = Math.min(side(p, a, b), Math.min(side(p, b, c), side(p, c, a)));
        boolean over = area > 0
                && n.dot(b.minus(a).cross(p.minus(a))) >= 0
                && n.dot(c.minus(b).cross(p.minus(b))) >= 0
                && n.dot(a.minus(c).cross(p.minus(c))) >= 0;
        return over ? Math.min(best, Math.abs(p.minus(a).dot(n)) / area) : best;
    }

    private static double side(Vec3 p, Vec3 a, Vec3 b) {
        Vec3 ab = b.minus(a);
        double l = ab.dot(ab);
        double s = l == 0 ? 0 : Math.max(0, Math.min(1, p.minus(a).dot(ab) / l));
        return p.distance(a.plus(ab, s));
    }

    /** The farthest that corners and middles of some triangles are from others over the same vertices. */
    public static double farthest(float[] p, int[] some, int[] others) {
        double most = 0;
        for (int i = 0; i < some.length; i += 3) {
            Vec3 a = at(p, some[i]);
            Vec3 b = at(p, some[i + 1]);
            Vec3 c = at(p, some[i + 2]);
            Vec3 middle = a.plus(b).plus(c).times(1.0 / 3);
            most = Math.max(most, Math.max(toAny(p, a, others), toAny(p, middle, others)));
        }
        return most;
    }

    private static double toAny(float[] p, Vec3 v, int[] t) {
        double least = Double.POSITIVE_INFINITY;
        for (int j = 0; j < t.length; j += 3) {
            least = Math.min(least, distance(v, at(p, t[j]), at(p, t[j + 1]), at(p, t[j + 2])));
        }
        return least;
    }

    /** A vertex of a mesh. */
    public static Vec3 at(float[] p, int v) {
        return new Vec3(p[v * 3], p[v * 3 + 1], p[v * 3 + 2]);
    }
}
