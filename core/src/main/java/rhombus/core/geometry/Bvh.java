package rhombus.core.geometry;

/**
 * A bounding volume hierarchy over a mesh's triangles, in flat arrays.
 *
 * <p>Layout. {@code nodes}: 16 floats a node, so that a node is one line of a processor's cache: the left child's box as
 * centre x y z and half extent x y z, the right child's, then a link to each child and how many triangles each holds. A
 * link {@code >= 0} is a node; {@code -(first + 1)} is a leaf of up to 7 triangles from {@code first} in leaf order. Both
 * are whole numbers that a float holds exactly, up to 2^24. {@code order}: triangle number for each place in leaf order.
 * {@code corners}: 9 floats a triangle in leaf order, so that a leaf reads one run of memory.
 *
 * <p>Boxes are tested by separating axes (Gottschalk, Lin, Manocha 1996) with centre and half extent, triangles after
 * Moeller and Trumbore (1997), both sides, all in {@code double}.
 */
public final class Bvh {
    /** Floats a node. */
    static final int NODE = 16;
    /** Where the links of a node are. */
    static final int LINK = 12;
    /** Where the numbers of triangles are. */
    static final int COUNT = 14;
    /** Returned when a ray meets nothing. */
    public static final int NONE = -1;

    private final float[] nodes;
    private final int[] order;
    private final float[] corners;
    private final int[] stack = new int[128];
    /** 1 while only fronts of triangles are met, -1 while only backs are, else 0. */
    private int only;

    private int found;
    private double foundT;
    private double foundU;
    private double foundV;

    Bvh(float[] nodes, int[] order, float[] corners) {
        this.nodes = nodes;
        this.order = order;
        this.corners = corners;
    }

    static float[] gather(int[] order, float[] p, int[] t) {
        float[] c = new float[order.length * 9];
        gather(order, p, t, c, 0, order.length);
        return c;
    }

    /** Writes the corners of some triangles in leaf order: of those from the first place to before the last. */
    static void gather(int[] order, float[] p, int[] t, float[] c, int first, int last) {
        for (int i = first; i < last; i++) {
            int at = i * 9;
            int tri = order[i] * 3;
            for (int k = 0; k < 3; k++) {
                int v = t[tri + k] * 3;
                c[at + k * 3] = p[v];
                c[at + k * 3 + 1] = p[v + 1];
                c[at + k * 3 + 2] = p[v + 2];
            }
        }
    }

    /** All nodes, 16 floats each. */
    public float[] nodes() {
        return nodes;
    }

    /** Triangle number by place in leaf order. */
    public int[] order() {
        return order;
    }

    /**
     * The nearest triangle a ray meets, front or back.
     *
     * @param ray origin x y z, direction x y z (any length but 0), largest parameter, in the mesh's stored frame
     * @param hit takes the parameter and the barycentric u, v of the hit
     * @return the triangle's number in the mesh, or {@link #NONE}
     */
    public int closest(double[] ray, double[] hit) {
        return closest(ray, hit, 0);
    }

    /**
     * The same of one side of the triangles.
     *
     * @param side 1 for the fronts, whose corners go round anticlockwise as the ray sees them, -1 for the backs, 0 for both
     */
    public int closest(double[] ray, double[] hit, int side) {
        only = side;
        found = NONE;
        foundT = ray[6];
        if (order.length == 0) {
            return NONE;
        }
        traverse(ray);
        if (found == NONE) {
            return NONE;
        }
        hit[0] = foundT;
        hit[1] = foundU;
        hit[2] = foundV;
        return order[found];
    }

    private void traverse(double[] ray) {
        final float[] b = nodes;
        final int[] s = stack;
        final double ox = ray[0], oy = ray[1], oz = ray[2];
        final double dx = ray[3], dy = ray[4], dz = ray[5];
        final double ax = Math.abs(dx), ay = Math.abs(dy), az = Math.abs(dz);
        final double dd = dx * dx + dy * dy + dz * dz;
        int top = 0;
        int node = 0;
        while (true) {
            if (node < 0) {
                leaf(~node, ray);
            } else {
                int at = node * NODE;
                double cx = b[at] - ox, cy = b[at + 1] - oy, cz = b[at + 2] - oz;
                double hx = b[at + 3], hy = b[at + 4], hz = b[at + 5];
                double near = foundT * dd;
                double left = cx * dx + cy * dy + cz * dz;
                double r = hx * ax + hy * ay + hz * az;
                boolean hitLeft = left + r >= 0
                        && left - r <= near
                        && Math.abs(cy * dz - cz * dy) <= hy * az + hz * ay
                        && Math.abs(cz * dx - cx * dz) <= hx * az + hz * ax
                        && Math.abs(cx * dy - cy * dx) <= hx * ay + hy * ax;
                left -= r;
                cx = b[at + 6] - ox;
                cy = b[at + 7] - oy;
                cz = b[at + 8] - oz;
                hx = b[at + 9];
                hy = b[at + 10];
                hz = b[at + 11];
                double right = cx * dx + cy * dy + cz * dz;
                r = hx * ax + hy * ay + hz * az;
                boolean hitRight = right + r >= 0
                        && right - r <= near
                        && Math.abs(cy * dz - cz * dy) <= hy * az + hz * ay
                        && Math.abs(cz * dx - cx * dz) <= hx * az + hz * ax
                        && Math.abs(cx * dy - cy * dx) <= hx * ay + hy * ax;
                right -= r;
                if (hitLeft) {
                    if (hitRight) {
                        if (left <= right) {
                            s[top++] = child(b, at + 1);
                            node = child(b, at);
                        } else {
                            s[top++] = child(b, at);
                            node = child(b, at + 1);
                        }
                    } else {
                        node = child(b, at);
                    }
                    continue;
                }
                if (hitRight) {
                    node = child(b, at + 1);
                    continue;
                }
            }
            if (top == 0) {
                return;
            }
            node = s[--top];
        }
    }

    /** A node's number, or for a leaf {@code ~(first << 3 | count)}. */
    private static int child(float[] b, int at) {
        int link = (int) b[at + LINK];
        return link >= 0 ? link : ~(-1 - link << 3 | (int) b[at + COUNT]);
    }

    private void leaf(int leaf, double[] ray) {
        final float[] c = corners;
        final double ox = ray[0], oy = ray[1], oz = ray[2];
        final double dx = ray[3], dy = ray[4], dz = ray[5];
        int first = leaf >> 3;
        int end = first + (leaf & 7);
        for (int i = first; i < end; i++) {
            int at = i * 9;
            double vx = c[at], vy = c[at + 1], vz = c[at + 2];
            double e1x = c[at + 3] - vx, e1y = c[at + 4] - vy, e1z = c[at + 5] - vz;
            double e2x = c[at + 6] - vx, e2y = c[at + 7] - vy, e2z = c[at + 8] - vz;
            double px = dy * e2z - dz * e2y, py = dz * e2x - dx * e2z, pz = dx * e2y - dy * e2x;
            double det = e1x * px + e1y * py + e1z * pz;
            if (det == 0 || det * only < 0) {
                continue;
            }
            // Multiplied by the determinant's size until a triangle is nearly hit: most are missed, without a division.
            double side = det > 0 ? 1 : -1;
            double size = det * side;
            double sx = (ox - vx) * side, sy = (oy - vy) * side, sz = (oz - vz) * side;
            double u = sx * px + sy * py + sz * pz;
            if (u < 0 || u > size) {
                continue;
            }
            double qx = sy * e1z - sz * e1y, qy = sz * e1x - sx * e1z, qz = sx * e1y - sy * e1x;
            double v = dx * qx + dy * qy + dz * qz;
            if (v < 0 || u + v > size) {
                continue;
            }
            double t = (e2x * qx + e2y * qy + e2z * qz) / size;
            if (t >= 0 && t < foundT) {
                foundT = t;
                foundU = u / size;
                foundV = v / size;
                found = i;
            }
        }
    }

    /**
     * A lower bound on the distance from a point to the nearest triangle, exact to the boxes of the leaves' clusters.
     *
     * @param x point, in the mesh's stored frame
     * @param limit distances from here on do not matter
     * @return the bound, at most {@code limit}
     */
    public double clearance(double x, double y, double z, double limit) {
        double best = limit;
        int top = 0;
        int node = order.length == 0 ? -1 : 0;
        if (node < 0) {
            return limit;
        }
        while (true) {
            int push = -1;
            for (int side = 0; side < 2; side++) {
                int at = node * NODE + side * 6;
                double dx = Math.max(0, Math.abs(nodes[at] - x) - nodes[at + 3]);
                double dy = Math.max(0, Math.abs(nodes[at + 1] - y) - nodes[at + 4]);
                double dz = Math.max(0, Math.abs(nodes[at + 2] - z) - nodes[at + 5]);
                double d = Math.sqrt(dx * dx + dy * dy + dz * dz);
                int link = child(nodes, node * NODE + side);
                if (d < best) {
                    if (link < 0) {
                        best = Math.min(best, Math.max(d, leafDistance(~link, x, y, z)));
                    } else if (push < 0) {
                        push = link;
                    } else {
                        stack[top++] = link;
                    }
                }
            }
            if (push < 0) {
                if (top == 0) {
                    return best;
                }
                push = stack[--top];
            }
            node = push;
        }
    }

    /** Smallest distance to the planes of a leaf's triangles, which bounds the distance to them from below. */
    private double leafDistance(int leaf, double x, double y, double z) {
        final float[] c = corners;
        double best = Double.POSITIVE_INFINITY;
        int first = leaf >> 3;
        int end = first + (leaf & 7);
        for (int i = first; i < end; i++) {
            int at = i * 9;
            double vx = c[at], vy = c[at + 1], vz = c[at + 2];
            double ux = c[at + 3] - vx, uy = c[at + 4] - vy, uz = c[at + 5] - vz;
            double wx = c[at + 6] - vx, wy = c[at + 7] - vy, wz = c[at + 8] - vz;
            double nx = uy * wz - uz * wy, ny = uz * wx - ux * wz, nz = ux * wy - uy * wx;
            double n = Math.sqrt(nx * nx + ny * ny + nz * nz);
            double d = n == 0 ? 0 : Math.abs((x - vx) * nx + (y - vy) * ny + (z - vz) * nz) / n;
            best = Math.min(best, d);
        }
        return best;
    }

    /**
     * The vertex farthest in a direction, found by branch and bound over the boxes.
     *
     * @param x direction, of any length but 0
     * @param out takes the vertex, x y z, in the mesh's stored frame
     */
    public void farthest(double x, double y, double z, double[] out) {
        final float[] b = nodes;
        final double ax = Math.abs(x), ay = Math.abs(y), az = Math.abs(z);
        double best = Double.NEGATIVE_INFINITY;
        int top = 0;
        int node = order.length == 0 ? ~0 : 0;
        while (true) {
            if (node < 0) {
                int first = ~node >> 3;
                int end = (first + (~node & 7)) * 9;
                for (int i = first * 9; i < end; i += 3) {
                    double d = corners[i] * x + corners[i + 1] * y + corners[i + 2] * z;
                    if (d > best) {
                        best = d;
                        out[0] = corners[i];
                        out[1] = corners[i + 1];
                        out[2] = corners[i + 2];
                    }
                }
            } else {
                int at = node * NODE;
                double l = b[at] * x + b[at + 1] * y + b[at + 2] * z + b[at + 3] * ax + b[at + 4] * ay + b[at + 5] * az;
                double r = b[at + 6] * x
                        + b[at + 7] * y
                        + b[at + 8] * z
                        + b[at + 9] * ax
                        + b[at + 10] * ay
                        + b[at + 11] * az;
                int left = child(b, at);
                int right = child(b, at + 1);
                boolean goLeft = l >= best && !(left < 0 && (~left & 7) == 0);
                boolean goRight = r >= best && !(right < 0 && (~right & 7) == 0);
                if (goLeft && goRight) {
                    // The more promising side first: what it yields may save the other.
                    stack[top++] = l >= r ? right : left;
                    node = l >= r ? left : right;
                    continue;
                }
                if (goLeft || goRight) {
                    node = goLeft ? left : right;
                    continue;
                }
            }
            if (top == 0) {
                return;
            }
            node = stack[--top];
        }
    }

    /** Whether a triangle reaches into a wedge of the mesh's stored frame. */
    public boolean touches(ConvexRegion w) {
        return search(w, true);
    }

    /** Whether all triangles lie in a wedge of the mesh's stored frame. */
    public boolean within(ConvexRegion w) {
        return order.length > 0 && !search(w, false);
    }

    /** Looks for a triangle that reaches inside, or for one that reaches outside. */
    private boolean search(ConvexRegion w, boolean inside) {
        int top = 0;
        stack[top++] = 0;
        while (top > 0 && order.length > 0) {
            int node = stack[--top];
            for (int side = 0; side < 2; side++) {
                int at = node * NODE + side * 6;
                int link = child(nodes, node * NODE + side);
                if (link < 0 && (~link & 7) == 0) {
                    continue;
                }
                int where = w.box(nodes[at], nodes[at + 1], nodes[at + 2], nodes[at + 3], nodes[at + 4], nodes[at + 5]);
                if (where == (inside ? ConvexRegion.INSIDE : ConvexRegion.OUTSIDE)) {
                    return true;
                }
                if (where == ConvexRegion.ACROSS) {
                    if (link >= 0) {
                        stack[top++] = link;
                    } else if (leaf(~link, w, inside)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private boolean leaf(int leaf, ConvexRegion w, boolean inside) {
        int first = leaf >> 3;
        int end = first + (leaf & 7);
        for (int i = first; i < end; i++) {
            if (inside && w.touches(corners, i * 9)) {
                return true;
            }
            for (int k = 0; k < 9 && !inside; k += 3) {
                if (!w.holds(corners[i * 9 + k], corners[i * 9 + k + 1], corners[i * 9 + k + 2])) {
                    return true;
                }
            }
        }
        return false;
    }
}
