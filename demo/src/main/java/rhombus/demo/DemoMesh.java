package rhombus.demo;

import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import rhombus.core.geometry.Vec3;

/**
 * Triangles with normals.
 *
 * @param positions x, y, z per vertex, metres
 * @param normals x, y, z per vertex
 * @param triangles three vertex numbers each, counter-clockwise seen from outside
 */
record DemoMesh(float[] positions, float[] normals, int[] triangles) {
    /** A point of a surface, for u and v from 0 to 1. */
    interface Surface {
        Vec3 at(double u, double v);
    }

    /** A surface sampled on a grid of {@code nu} by {@code nv} quads; normals by central differences. */
    static DemoMesh surface(int nu, int nv, Surface s) {
        float[] p = new float[(nu + 1) * (nv + 1) * 3];
        float[] n = new float[p.length];
        for (int i = 0; i <= nu; i++) {
            for (int j = 0; j <= nv; j++) {
                double u = (double) i / nu;
                double v = (double) j / nv;
                put(p, (i * (nv + 1) + j) * 3, s.at(u, v));
                put(n, (i * (nv + 1) + j) * 3, normal(s, u, v));
            }
        }
        int[] t = new int[nu * nv * 6];
        int at = 0;
        for (int i = 0; i < nu; i++) {
            for (int j = 0; j < nv; j++) {
                int a = i * (nv + 1) + j;
                int b = a + nv + 1;
                t[at++] = a;
                t[at++] = b;
                t[at++] = b + 1;
                t[at++] = a;
                t[at++] = b + 1;
                t[at++] = a + 1;
            }
        }
        return new DemoMesh(p, n, t);
    }

    /** By central differences; at a pole, where a row shrinks to a point, those of a place a little further in. */
    private static Vec3 normal(Surface s, double u, double v) {
        double e = 1e-4;
        for (double in = 0; in < 0.5; in = in == 0 ? 0.002 : in * 2) {
            double a = u + (0.5 - u) * in;
            double b = v + (0.5 - v) * in;
            Vec3 du = s.at(a + e, b).minus(s.at(a - e, b));
            Vec3 dv = s.at(a, b + e).minus(s.at(a, b - e));
            Vec3 n = du.cross(dv);
            if (n.length() > 1e-12 * (1 + du.length() + dv.length())) {
                return n.unit();
            }
        }
        throw new IllegalArgumentException("a surface without a normal");
    }

    private static void put(float[] to, int at, Vec3 v) {
        to[at] = (float) v.x();
        to[at + 1] = (float) v.y();
        to[at + 2] = (float) v.z();
    }

    /** All given shapes as one. */
    static DemoMesh join(DemoMesh... shapes) {
        int vertices = 0;
        int indices = 0;
        for (DemoMesh s : shapes) {
            vertices += s.positions.length;
            indices += s.triangles.length;
        }
        float[] p = new float[vertices];
        float[] n = new float[vertices];
        int[] t = new int[indices];
        int v = 0;
        int i = 0;
        for (DemoMesh s : shapes) {
            System.arraycopy(s.positions, 0, p, v, s.positions.length);
            System.arraycopy(s.normals, 0, n, v, s.normals.length);
            for (int k : s.triangles) {
                t[i++] = k + v / 3;
            }
            v += s.positions.length;
        }
        return new DemoMesh(p, n, t);
    }

    /** A box about the origin, with flat faces. */
    static DemoMesh box(double x, double y, double z) {
        Vec3 h = new Vec3(x / 2, y / 2, z / 2);
        DemoMesh[] faces = new DemoMesh[6];
        for (int a = 0; a < 3; a++) {
            for (int s = 0; s < 2; s++) {
                int axis = a;
                double sign = s == 0 ? 1 : -1;
                faces[a * 2 + s] = surface(1, 1, (u, v) -> {
                    double[] c = new double[3];
                    c[axis] = sign * h.get(axis);
                    c[(axis + 1) % 3] = (2 * u - 1) * h.get((axis + 1) % 3);
                    c[(axis + 2) % 3] = sign * (2 * v - 1) * h.get((axis + 2) % 3);
                    return new Vec3(c[0], c[1], c[2]);
                });
            }
        }
        return join(faces);
    }

    /** A plank: a box cut into {@code n} along X, bent by {@code bend}. */
    static DemoMesh bent(int n, double width, double thick, DoubleFunction<Vec3[]> frame) {
        DemoMesh[] sides = new DemoMesh[4];
        double[][] corner = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
        for (int k = 0; k < 4; k++) {
            double[] from = corner[k];
            double[] to = corner[(k + 1) % 4];
            sides[k] = surface(n, 1, (u, v) -> {
                Vec3[] f = frame.apply(u);
                double across = (from[0] + (to[0] - from[0]) * v) * width / 2;
                double out = (from[1] + (to[1] - from[1]) * v) * thick / 2;
                return f[0].plus(f[1], across).plus(f[2], out);
            });
        }
        return join(join(sides), cap(frame.apply(0), width, thick, false), cap(frame.apply(1), width, thick, true));
    }

    private static DemoMesh cap(Vec3[] f, double width, double thick, boolean end) {
        return surface(
                1, 1, (u, v) -> f[0].plus(f[1], (u - 0.5) * width).plus(f[2], ((end ? v : 1 - v) - 0.5) * thick));
    }

    /** A body of revolution about Y: radius by height for v from 0 to 1, closed below and above. */
    static DemoMesh lathe(int around, int rings, double height, DoubleUnaryOperator radius) {
        DemoMesh side = surface(rings, around, (v, u) -> {
            double a = u * 2 * Math.PI;
            double r = radius.applyAsDouble(Math.max(0, Math.min(1, v)));
            return new Vec3(r * Math.sin(a), v * height, r * Math.cos(a));
        });
        // Rows run upwards here, so the faces look outwards when turned round.
        return join(
                flipped(side),
                disc(around, radius.applyAsDouble(0), 0, false),
                disc(around, radius.applyAsDouble(1), height, true));
    }

    private static DemoMesh disc(int around, double r, double y, boolean up) {
        float[] p = new float[(around + 1) * 3];
        float[] n = new float[p.length];
        int[] t = new int[around * 3];
        put(p, 0, new Vec3(0, y, 0));
        for (int i = 0; i <= around; i++) {
            put(n, i * 3, new Vec3(0, up ? 1 : -1, 0));
        }
        for (int i = 0; i < around; i++) {
            double a = 2 * Math.PI * i / around;
            put(p, i * 3 + 3, new Vec3(r * Math.sin(a), y, r * Math.cos(a)));
            int next = (i + 1) % around + 1;
            t[i * 3 + 1] = up ? i + 1 : next;
            t[i * 3 + 2] = up ? next : i + 1;
        }
        return new DemoMesh(p, n, t);
    }

    static DemoMesh cylinder(int around, double radius, double height) {
        return lathe(around, 2, height, v -> radius);
    }

    /** A tube along a curve given for u from 0 to 1. */
    static DemoMesh tube(int along, int around, double radius, DoubleFunction<Vec3> curve) {
        return surface(along, around, (u, v) -> {
            Vec3 d = curve.apply(u + 1e-3).minus(curve.apply(u - 1e-3)).unit();
            Vec3 side = d.cross(Math.abs(d.y()) < 0.9 ? Vec3.Y : Vec3.X).unit();
            Vec3 up = side.cross(d);
            double a = v * 2 * Math.PI;
            return curve.apply(u).plus(side, radius * Math.sin(a)).plus(up, radius * Math.cos(a));
        });
    }

    /** The other side out. */
    static DemoMesh flipped(DemoMesh s) {
        int[] t = s.triangles.clone();
        for (int i = 0; i < t.length; i += 3) {
            int k = t[i + 1];
            t[i + 1] = t[i + 2];
            t[i + 2] = k;
        }
        float[] n = s.normals.clone();
        for (int i = 0; i < n.length; i++) {
            n[i] = -n[i];
        }
        return new DemoMesh(s.positions, n, t);
    }
}
