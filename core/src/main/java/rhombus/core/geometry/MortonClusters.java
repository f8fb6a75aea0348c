package rhombus.core.geometry;

import java.util.Arrays;

/** Triangles sorted along a Morton curve and cut into clusters of up to {@value #CLUSTER} that lie near each other. */
final class MortonClusters {
    private static final int CLUSTER = 5;

    private final float[] p;
    private final int[] t;
    private final int n;
    private int[] order;
    private int[] codes;
    private final int[] clusterFirst;
    private int clusters;
    private float[] bounds;

    MortonClusters(float[] positions, int[] triangles) {
        p = positions;
        t = triangles;
        n = triangles.length / 3;
        order = new int[n];
        codes = new int[n];
        mortonCodes();
        sortByCode();
        clusterFirst = new int[n + 1];
        cluster(0, n, 29);
        clusterFirst[clusters] = n;
        clusterBounds();
    }

    /** Triangle numbers, those of one cluster side by side. */
    int[] order() {
        return order;
    }

    /** Where each cluster starts in {@link #order}, and after the last one the number of triangles. */
    int[] first() {
        return clusterFirst;
    }

    /** How many clusters there are. */
    int count() {
        return clusters;
    }

    /** Lowest x y z, highest x y z of each cluster. */
    float[] bounds() {
        return bounds;
    }

    private void mortonCodes() {
        double ax = Double.POSITIVE_INFINITY, ay = ax, az = ax, bx = -ax, by = -ax, bz = -ax;
        for (int i = 0; i < p.length; i += 3) {
            double x = p[i], y = p[i + 1], z = p[i + 2];
            if (x < ax) ax = x;
            if (x > bx) bx = x;
            if (y < ay) ay = y;
            if (y > by) by = y;
            if (z < az) az = z;
            if (z > bz) bz = z;
        }
        double kx = scale(bx - ax), ky = scale(by - ay), kz = scale(bz - az);
        for (int i = 0; i < n; i++) {
            int a = t[i * 3] * 3, b = t[i * 3 + 1] * 3, c = t[i * 3 + 2] * 3;
            int x = (int) (((double) p[a] + p[b] + p[c] - 3 * ax) * kx);
            int y = (int) (((double) p[a + 1] + p[b + 1] + p[c + 1] - 3 * ay) * ky);
            int z = (int) (((double) p[a + 2] + p[b + 2] + p[c + 2] - 3 * az) * kz);
            codes[i] = spread(x) << 2 | spread(y) << 1 | spread(z);
            order[i] = i;
        }
    }

    private static double scale(double size) {
        return size > 0 ? 1023.0 / (3 * size) : 0;
    }

    private static int spread(int v) {
        v = Math.max(0, Math.min(1023, v));
        v = (v | v << 16) & 0x030000FF;
        v = (v | v << 8) & 0x0300F00F;
        v = (v | v << 4) & 0x030C30C3;
        return (v | v << 2) & 0x09249249;
    }

    private void sortByCode() {
        int[] codesB = new int[n];
        int[] orderB = new int[n];
        int[] count = new int[1025];
        for (int shift = 0; shift < 30; shift += 10) {
            Arrays.fill(count, 0);
            for (int i = 0; i < n; i++) {
                count[(codes[i] >> shift & 1023) + 1]++;
            }
            for (int i = 0; i < 1024; i++) {
                count[i + 1] += count[i];
            }
            for (int i = 0; i < n; i++) {
                int to = count[codes[i] >> shift & 1023]++;
                codesB[to] = codes[i];
                orderB[to] = order[i];
            }
            int[] swap = codes;
            codes = codesB;
            codesB = swap;
            swap = order;
            order = orderB;
            orderB = swap;
        }
    }

    private void cluster(int from, int to, int bit) {
        if (from >= to) {
            return;
        }
        if (to - from <= CLUSTER) {
            clusterFirst[clusters++] = from;
            return;
        }
        int middle;
        if (bit < 0) {
            middle = (from + to) >>> 1;
        } else {
            middle = firstWithBit(from, to, bit);
        }
        cluster(from, middle, bit - 1);
        cluster(middle, to, bit - 1);
    }

    private int firstWithBit(int from, int to, int bit) {
        int lo = from;
        int hi = to;
        while (lo < hi) {
            int mid = (lo + hi) >>> 1;
            if ((codes[mid] >> bit & 1) == 0) {
                lo = mid + 1;
            } else {
                hi = mid;
            }
        }
        return lo;
    }

    private void clusterBounds() {
        bounds = new float[clusters * 6];
        for (int c = 0; c < clusters; c++) {
            double ax = Double.POSITIVE_INFINITY, ay = ax, az = ax, bx = -ax, by = -ax, bz = -ax;
            for (int i = clusterFirst[c]; i < clusterFirst[c + 1]; i++) {
                int tri = order[i] * 3;
                for (int k = 0; k < 3; k++) {
                    int v = t[tri + k] * 3;
                    double x = p[v], y = p[v + 1], z = p[v + 2];
                    if (x < ax) ax = x;
                    if (x > bx) bx = x;
                    if (y < ay) ay = y;
                    if (y > by) by = y;
                    if (z < az) az = z;
                    if (z > bz) bz = z;
                }
            }
            int at = c * 6;
            bounds[at] = (float) ax;
            bounds[at + 1] = (float) ay;
            bounds[at + 2] = (float) az;
            bounds[at + 3] = (float) bx;
            bounds[at + 4] = (float) by;
            bounds[at + 5] = (float) bz;
        }
    }
}
