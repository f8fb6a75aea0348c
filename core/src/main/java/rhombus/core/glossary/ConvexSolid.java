package rhombus.core.glossary;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;

/** A convex body of the pictures' small world: corners, and faces that list them counter-clockwise as seen from outside. */
record ConvexSolid(List<Vec3> corners, int[][] faces) {
    /** An edge from corner to corner, and whether it is in front. */
    record Edge(Vec3 from, Vec3 to, boolean front) {}

    static ConvexSolid box(double x, double y, double z, double w, double h, double d) {
        List<Vec3> c = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            c.add(new Vec3(x + w * ((i & 1) - 0.5), y + h * (i >> 1 & 1), z + d * ((i >> 2) - 0.5)));
        }
        return new ConvexSolid(c, new int[][] {
            {0, 4, 6, 2}, {1, 3, 7, 5}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 2, 3, 1}, {4, 5, 7, 6},
        });
    }

    /** A house whose ridge runs along z. */
    static ConvexSolid house(double w, double wall, double ridge, double d) {
        List<Vec3> c = new ArrayList<>();
        for (double z : new double[] {-d / 2, d / 2}) {
            c.add(new Vec3(-w / 2, 0, z));
            c.add(new Vec3(w / 2, 0, z));
            c.add(new Vec3(w / 2, wall, z));
            c.add(new Vec3(0, ridge, z));
            c.add(new Vec3(-w / 2, wall, z));
        }
        return new ConvexSolid(c, new int[][] {
            {0, 4, 3, 2, 1}, {5, 6, 7, 8, 9}, {0, 1, 6, 5}, {1, 2, 7, 6}, {2, 3, 8, 7}, {3, 4, 9, 8}, {4, 0, 5, 9},
        });
    }

    /** A body of eight triangles about a point. */
    static ConvexSolid stone(double x, double y, double z, double r) {
        Vec3 m = new Vec3(x, y, z);
        List<Vec3> c = List.of(
                m.plus(Vec3.X, r),
                m.plus(Vec3.X, -r),
                m.plus(Vec3.Y, r),
                m.plus(Vec3.Y, -r),
                m.plus(Vec3.Z, r),
                m.plus(Vec3.Z, -r));
        return new ConvexSolid(c, new int[][] {
            {0, 2, 4}, {2, 1, 4}, {1, 3, 4}, {3, 0, 4}, {2, 0, 5}, {1, 2, 5}, {3, 1, 5}, {0, 3, 5},
        });
    }

    /** Each edge once; it is in front if a face on either side of it looks at the eye. */
    List<Edge> edges(Pose p) {
        List<Edge> out = new ArrayList<>();
        for (int[] f : faces) {
            for (int k = 0; k < f.length; k++) {
                int a = f[k];
                int b = f[(k + 1) % f.length];
                if (a < b) {
                    out.add(new Edge(corners.get(a), corners.get(b), looks(f, p) || looks(beyond(b, a), p)));
                }
            }
        }
        return out;
    }

    /** The face along which an edge runs this way. */
    private int[] beyond(int from, int to) {
        for (int[] f : faces) {
            for (int k = 0; k < f.length; k++) {
                if (f[k] == from && f[(k + 1) % f.length] == to) {
                    return f;
                }
            }
        }
        throw new IllegalStateException("a body with a hole");
    }

    private boolean looks(int[] face, Pose p) {
        Vec3 a = corners.get(face[0]);
        Vec3 n = corners.get(face[1]).minus(a).cross(corners.get(face[2]).minus(a));
        Vec3 line = p.projection().flat() ? p.forward() : a.minus(p.eye());
        return n.dot(line) < 0;
    }
}
