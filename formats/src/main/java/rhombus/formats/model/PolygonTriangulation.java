package rhombus.formats.model;

import earcut4j.Earcut;
import java.util.Arrays;
import java.util.List;
import rhombus.core.geometry.MeshEdges;

/** A polygon in space cut into triangles over its own corners, with what is known of their sides. */
public final class PolygonTriangulation {
    private int[] triangles = new int[6];
    private byte[] sides = new byte[2];
    private int count;

    /**
     * Cuts a polygon. Four corners are cut along the shorter diagonal that stays inside; more by ear clipping, seen from where
     * the polygon is largest (Newell's normal). Corners of one that is crossed or has no area are joined as a fan.
     *
     * @param xyz three numbers for each corner, in order
     * @param n how many corners, at least three
     */
    public void cut(double[] xyz, int n) {
        count = 0;
        if (n == 3) {
            add(0, 1, 2, n);
            return;
        }
        double[] normal = newell(xyz, n);
        if (n == 4) {
            quad(xyz, normal);
            return;
        }
        int drop = Math.abs(normal[0]) > Math.abs(normal[1])
                ? Math.abs(normal[0]) > Math.abs(normal[2]) ? 0 : 2
                : Math.abs(normal[1]) > Math.abs(normal[2]) ? 1 : 2;
        boolean turned = normal[drop] < 0;
        double[] flat = new double[n * 2];
        for (int i = 0; i < n; i++) {
            double a = xyz[i * 3 + (drop + 1) % 3] - xyz[(drop + 1) % 3];
            double b = xyz[i * 3 + (drop + 2) % 3] - xyz[(drop + 2) % 3];
            flat[i * 2] = turned ? b : a;
            flat[i * 2 + 1] = turned ? a : b;
        }
        List<Integer> ears = Earcut.earcut(flat);
        if (ears.size() != (n - 2) * 3) {
            for (int i = 1; i + 1 < n; i++) {
                add(0, i, i + 1, n);
            }
            return;
        }
        for (int i = 0; i < ears.size(); i += 3) {
            int a = ears.get(i);
            int b = ears.get(i + 1);
            int c = ears.get(i + 2);
            // The library turns triangles one way; which, it does not promise.
            boolean same = area(flat, a, b, c) >= 0;
            add(a, same ? b : c, same ? c : b, n);
        }
    }

    private static double area(double[] p, int a, int b, int c) {
        return (p[b * 2] - p[a * 2]) * (p[c * 2 + 1] - p[a * 2 + 1])
                - (p[c * 2] - p[a * 2]) * (p[b * 2 + 1] - p[a * 2 + 1]);
    }

    private void quad(double[] p, double[] normal) {
        boolean first = turns(p, 0, 1, 2, normal) >= 0 && turns(p, 0, 2, 3, normal) >= 0;
        boolean second = turns(p, 1, 2, 3, normal) >= 0 && turns(p, 1, 3, 0, normal) >= 0;
        if (second && (!first || length(p, 1, 3) < length(p, 0, 2))) {
            add(1, 2, 3, 4);
            add(1, 3, 0, 4);
        } else {
            add(0, 1, 2, 4);
            add(0, 2, 3, 4);
        }
    }

    private static double length(double[] p, int a, int b) {
        double x = p[a * 3] - p[b * 3];
        double y = p[a * 3 + 1] - p[b * 3 + 1];
        double z = p[a * 3 + 2] - p[b * 3 + 2];
        return x * x + y * y + z * z;
    }

    /** Twice the area of a triangle, negative where it turns the other way than the polygon. */
    private static double turns(double[] p, int a, int b, int c, double[] n) {
        double ux = p[b * 3] - p[a * 3];
        double uy = p[b * 3 + 1] - p[a * 3 + 1];
        double uz = p[b * 3 + 2] - p[a * 3 + 2];
        double vx = p[c * 3] - p[a * 3];
        double vy = p[c * 3 + 1] - p[a * 3 + 1];
        double vz = p[c * 3 + 2] - p[a * 3 + 2];
        return (uy * vz - uz * vy) * n[0] + (uz * vx - ux * vz) * n[1] + (ux * vy - uy * vx) * n[2];
    }

    /** The normal of a polygon, twice as long as its area (Newell). */
    public static double[] newell(double[] p, int n) {
        double[] out = new double[3];
        for (int i = 0; i < n; i++) {
            int j = (i + 1) % n;
            // Relative to the first corner, so that far away as much is left of the numbers as near.
            double ax = p[i * 3] - p[0];
            double ay = p[i * 3 + 1] - p[1];
            double az = p[i * 3 + 2] - p[2];
            double bx = p[j * 3] - p[0];
            double by = p[j * 3 + 1] - p[1];
            double bz = p[j * 3 + 2] - p[2];
            out[0] += ay * bz - az * by;
            out[1] += az * bx - ax * bz;
            out[2] += ax * by - ay * bx;
        }
        return out;
    }

    private void add(int a, int b, int c, int n) {
        if (count == sides.length) {
            sides = Arrays.copyOf(sides, count * 2);
            triangles = Arrays.copyOf(triangles, count * 6);
        }
        triangles[count * 3] = a;
        triangles[count * 3 + 1] = b;
        triangles[count * 3 + 2] = c;
        // A triangle of a file may have been cut from something before: only its angles tell.
        sides[count++] = n == 3 ? 0 : (byte) (side(a, b, n) | side(b, c, n) << 2 | side(c, a, n) << 4);
    }

    private static int side(int a, int b, int n) {
        return (a + 1) % n == b || (b + 1) % n == a ? MeshEdges.OF_POLYGON : MeshEdges.INSIDE;
    }

    /** How many triangles there are. */
    public int count() {
        return count;
    }

    /** A corner of the polygon: that of a triangle. */
    public int corner(int triangle, int k) {
        return triangles[triangle * 3 + k];
    }

    /** What is known of a triangle's sides, as {@link MeshEdges} takes it. */
    public byte sides(int triangle) {
        return sides[triangle];
    }
}
