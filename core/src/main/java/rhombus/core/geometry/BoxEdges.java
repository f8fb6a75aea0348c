package rhombus.core.geometry;

/** The twelve edges of a box. */
public final class BoxEdges {
    /** How many there are. */
    public static final int COUNT = 12;

    private static final int[] FROM = new int[COUNT];
    private static final int[] TO = new int[COUNT];

    static {
        int edge = 0;
        for (int axis = 0; axis < 3; axis++) {
            for (int corner = 0; corner < 8; corner++) {
                if ((corner >> axis & 1) == 0) {
                    FROM[edge] = corner;
                    TO[edge++] = corner | 1 << axis;
                }
            }
        }
    }

    private BoxEdges() {}

    /** The corner at which an edge starts. */
    public static int from(int edge) {
        return FROM[edge];
    }

    /** The corner at which it ends. */
    public static int to(int edge) {
        return TO[edge];
    }

    /** All corners where a matrix puts them, relative to an origin: three numbers each. */
    public static float[] corners(Aabb b, double[] world, Vec3 origin) {
        float[] out = new float[24];
        for (int i = 0; i < 8; i++) {
            Vec3 at = Mat4.point(world, b.corner(i)).minus(origin);
            for (int k = 0; k < 3; k++) {
                out[i * 3 + k] = (float) at.get(k);
            }
        }
        return out;
    }

    /** Both ends of every edge, relative to an origin: six numbers each. */
    public static float[] ends(Aabb b, Vec3 origin) {
        float[] corners = corners(b, Mat4.identity(), origin);
        float[] out = new float[COUNT * 6];
        for (int e = 0; e < COUNT; e++) {
            System.arraycopy(corners, FROM[e] * 3, out, e * 6, 3);
            System.arraycopy(corners, TO[e] * 3, out, e * 6 + 3, 3);
        }
        return out;
    }
}
