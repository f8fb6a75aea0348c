package rhombus.core.geometry;

/**
 * The part of space on the inner side of some planes, as a rectangle on the screen cuts it out.
 *
 * <p>Planes are kept as four numbers a, b, c, d each: a point is inside where {@code a x + b y + c z + d >= 0}.
 */
public final class ConvexRegion {
    /** Returned for a box that no inner point belongs to. */
    public static final int OUTSIDE = -1;
    /** Returned for a box that may reach across the border. */
    public static final int ACROSS = 0;
    /** Returned for a box all of whose points are inside. */
    public static final int INSIDE = 1;

    private final double[] planes;
    private final double[][] polygon = new double[2][64];

    /** A wedge of planes, four numbers each. */
    public ConvexRegion(double[] planes) {
        this.planes = planes;
    }

    /** The same wedge seen from a frame whose matrix leads from it to where this one is. */
    public ConvexRegion in(double[] toHere) {
        double[] p = new double[planes.length];
        for (int i = 0; i < p.length; i += 4) {
            for (int c = 0; c < 4; c++) {
                p[i + c] = planes[i] * toHere[c * 4]
                        + planes[i + 1] * toHere[c * 4 + 1]
                        + planes[i + 2] * toHere[c * 4 + 2];
            }
            p[i + 3] += planes[i + 3];
        }
        return new ConvexRegion(p);
    }

    /** The same wedge with all points moved: it holds {@code p} where this one holds {@code p + by}. */
    public ConvexRegion shifted(Vec3 by) {
        double[] p = planes.clone();
        for (int i = 0; i < p.length; i += 4) {
            p[i + 3] += planes[i] * by.x() + planes[i + 1] * by.y() + planes[i + 2] * by.z();
        }
        return new ConvexRegion(p);
    }

    /** Where a box lies, given by centre and half extent. */
    public int box(double cx, double cy, double cz, double hx, double hy, double hz) {
        final double[] p = planes;
        int out = INSIDE;
        for (int i = 0; i < p.length; i += 4) {
            double s = p[i] * cx + p[i + 1] * cy + p[i + 2] * cz + p[i + 3];
            double r = Math.abs(p[i]) * hx + Math.abs(p[i + 1]) * hy + Math.abs(p[i + 2]) * hz;
            if (s < -r) {
                return OUTSIDE;
            }
            if (s < r) {
                out = ACROSS;
            }
        }
        return out;
    }

    /** Where a box lies. */
    public int box(Aabb b) {
        double hx = (b.max().x() - b.min().x()) / 2;
        double hy = (b.max().y() - b.min().y()) / 2;
        double hz = (b.max().z() - b.min().z()) / 2;
        return box(b.min().x() + hx, b.min().y() + hy, b.min().z() + hz, hx, hy, hz);
    }

    /** Whether a point is inside. */
    public boolean holds(double x, double y, double z) {
        for (int i = 0; i < planes.length; i += 4) {
            if (planes[i] * x + planes[i + 1] * y + planes[i + 2] * z + planes[i + 3] < 0) {
                return false;
            }
        }
        return true;
    }

    /** Whether a triangle, nine numbers from {@code at}, reaches inside: what the planes leave of it (Sutherland and Hodgman 1974). */
    public boolean touches(float[] c, int at) {
        double[] in = polygon[0];
        double[] out = polygon[1];
        int n = 3;
        for (int i = 0; i < 9; i++) {
            in[i] = c[at + i];
        }
        for (int p = 0; p < planes.length && n > 0; p += 4) {
            int m = 0;
            for (int i = 0; i < n; i++) {
                int a = i * 3;
                int b = (i + 1) % n * 3;
                double da = distance(p, in, a);
                double db = distance(p, in, b);
                if (da >= 0) {
                    System.arraycopy(in, a, out, m * 3, 3);
                    m++;
                }
                if (da >= 0 != db >= 0) {
                    double t = da / (da - db);
                    for (int k = 0; k < 3; k++) {
                        out[m * 3 + k] = in[a + k] + (in[b + k] - in[a + k]) * t;
                    }
                    m++;
                }
            }
            double[] swap = in;
            in = out;
            out = swap;
            n = m;
        }
        return n > 0;
    }

    private double distance(int p, double[] v, int at) {
        return planes[p] * v[at] + planes[p + 1] * v[at + 1] + planes[p + 2] * v[at + 2] + planes[p + 3];
    }
}
