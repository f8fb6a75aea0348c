package rhombus.core.geometry;

/**
 * The smallest box along the axes around a mesh that a matrix turns, scales or shears. A box around the eight corners of the
 * mesh's own box would be larger wherever the mesh does not reach into these corners.
 */
public final class TurnedBounds {
    private static final double INF = Double.POSITIVE_INFINITY;

    private TurnedBounds() {}

    /**
     * Whether a matrix takes every axis to an axis. Then the mesh's own box, taken along, is the smallest one already.
     *
     * @param m column-major
     */
    public static boolean alongAxes(double[] m) {
        for (int row = 0; row < 3; row++) {
            int set = (m[row] != 0 ? 1 : 0) + (m[4 + row] != 0 ? 1 : 0) + (m[8 + row] != 0 ? 1 : 0);
            if (set > 1) {
                return false;
            }
        }
        return true;
    }

    /**
     * The smallest box, found by the hierarchy over the triangles where the mesh has one, else by looking at every vertex.
     *
     * @param m column-major; its translation is left out
     * @return the box relative to where the matrix puts the origin, metres; empty for a mesh without triangles
     */
    public static Aabb of(Mesh mesh, double[] m) {
        double[] low = {INF, INF, INF};
        double[] high = {-INF, -INF, -INF};
        if (mesh.triangleCount() == 0) {
            return Aabb.EMPTY;
        }
        if (mesh.bvh() == null) {
            everyVertex(mesh.positions(), m, low, high);
        } else {
            for (int row = 0; row < 3; row++) {
                low[row] = -reach(mesh.bvh(), -m[row], -m[4 + row], -m[8 + row]);
                high[row] = reach(mesh.bvh(), m[row], m[4 + row], m[8 + row]);
            }
        }
        Vec3 at = Mat4.direction(m, mesh.origin());
        return new Aabb(at.plus(new Vec3(low[0], low[1], low[2])), at.plus(new Vec3(high[0], high[1], high[2])));
    }

    private static double reach(Bvh bvh, double x, double y, double z) {
        double[] v = new double[3];
        bvh.farthest(x, y, z, v);
        return v[0] * x + v[1] * y + v[2] * z;
    }

    private static void everyVertex(float[] p, double[] m, double[] low, double[] high) {
        for (int i = 0; i + 2 < p.length; i += 3) {
            for (int row = 0; row < 3; row++) {
                double d = p[i] * m[row] + p[i + 1] * m[4 + row] + p[i + 2] * m[8 + row];
                low[row] = Math.min(low[row], d);
                high[row] = Math.max(high[row], d);
            }
        }
    }
}
