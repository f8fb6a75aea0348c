package rhombus.core.geometry;

import java.util.Arrays;

/**
 * Builds a {@link Bvh}: a binned surface-area split (Wald 2007) arranges {@link MortonClusters}. Few bins serve small
 * nodes, and the smallest are halved.
 */
public final class BvhBuilder {
    private static final int BINS = 16;
    private static final int FEW = 8;
    private static final int MANY = 128;

    private final float[] p;
    private final int[] t;
    private final int n;
    private final int[] order;
    private final int[] clusterFirst;
    private final int clusters;
    private final float[] bounds;
    private int[] sorted;
    private float[] boxes;
    private int[] links;
    private int nodes;
    private final int[] binCount = new int[3 * BINS];
    private final double[] binBox = new double[3 * BINS * 6];
    private final double[] rightArea = new double[BINS];
    private final int[] rightCount = new int[BINS];
    private final double[] range = new double[6];
    private final double[] around = new double[6];
    private final double[] leftBox = new double[6];
    private final double[] rightBox = new double[6];

    /** Builds a hierarchy over a mesh. */
    public static Bvh of(float[] positions, int[] triangles) {
        return new BvhBuilder(positions, triangles).build();
    }

    BvhBuilder(float[] positions, int[] triangles) {
        p = positions;
        t = triangles;
        n = triangles.length / 3;
        MortonClusters c = new MortonClusters(positions, triangles);
        order = c.order();
        clusterFirst = c.first();
        clusters = c.count();
        bounds = c.bounds();
    }

    private Bvh build() {
        sorted = new int[clusters];
        for (int i = 0; i < clusters; i++) {
            sorted[i] = i;
        }
        int inner = Math.max(1, clusters - 1);
        boxes = new float[inner * Bvh.NODE];
        links = new int[inner * 2];
        if (clusters == 1) {
            // One node whose right side can never be met.
            nodes = 1;
            boundsOf(0, 1, around);
            writeBox(around, 0);
            links[0] = leafLink(0);
            Arrays.fill(boxes, 6, 9, Float.MAX_VALUE);
            links[1] = ~0;
        } else if (clusters > 1) {
            split(0, clusters);
        }
        return finish();
    }

    /** Puts triangles into the order in which leaves are met, so that near leaves lie near in memory. */
    private Bvh finish() {
        int[] leafOrder = new int[n];
        int at = 0;
        for (int i = 0; i < links.length; i++) {
            if (links[i] < 0 && (~links[i] & 7) > 0) {
                int first = ~links[i] >> 3;
                int count = ~links[i] & 7;
                System.arraycopy(order, first, leafOrder, at, count);
                links[i] = ~(at << 3 | count);
                at += count;
            }
        }
        for (int i = 0; i < links.length; i++) {
            int slot = i / 2 * Bvh.NODE + i % 2;
            boxes[slot + Bvh.LINK] = links[i] >= 0 ? links[i] : -1 - (~links[i] >> 3);
            boxes[slot + Bvh.COUNT] = links[i] >= 0 ? 0 : ~links[i] & 7;
        }
        return new Bvh(boxes, leafOrder, Bvh.gather(leafOrder, p, t));
    }

    /** Makes the node over sorted clusters {@code from} to {@code to} and returns its link. */
    private int split(int from, int to) {
        if (to - from == 1) {
            return leafLink(sorted[from]);
        }
        int node = nodes++;
        int middle = to - from <= FEW ? halve(from, to) : partition(from, to);
        writeBox(leftBox, node * Bvh.NODE);
        writeBox(rightBox, node * Bvh.NODE + 6);
        links[node * 2] = split(from, middle);
        links[node * 2 + 1] = split(middle, to);
        return node;
    }

    private int leafLink(int cluster) {
        return ~(clusterFirst[cluster] << 3 | clusterFirst[cluster + 1] - clusterFirst[cluster]);
    }

    /** Splits a few clusters in the middle of their longest extent: among so few, areas tell nothing more. */
    private int halve(int from, int to) {
        int middle = from + 1;
        if (to - from > 2) {
            centroidRange(from, to);
            int axis = longest();
            middle = around(from, to, axis, (range[axis] + range[axis + 3]) / 2);
        }
        boundsOf(from, middle, leftBox);
        boundsOf(middle, to, rightBox);
        return middle;
    }

    private int longest() {
        double x = range[3] - range[0], y = range[4] - range[1], z = range[5] - range[2];
        return x >= y && x >= z ? 0 : y >= z ? 1 : 2;
    }

    /** Puts clusters with a centre below a value first; halves them where all lie on one side. */
    private int around(int from, int to, int axis, double value) {
        int i = from;
        int j = to - 1;
        while (i <= j) {
            int c = sorted[i] * 6 + axis;
            if ((double) bounds[c] + bounds[c + 3] < value) {
                i++;
            } else {
                int swap = sorted[i];
                sorted[i] = sorted[j];
                sorted[j--] = swap;
            }
        }
        return i == from || i == to ? (from + to) >>> 1 : i;
    }

    private int partition(int from, int to) {
        centroidRange(from, to);
        int bins = to - from < 64 ? 8 : BINS;
        if (to - from > MANY) {
            // Among so many the longest extent is all but always the best to split.
            int keep = longest();
            for (int a = 0; a < 3; a++) {
                if (a != keep) {
                    range[a + 3] = range[a];
                }
            }
        }
        fillBins(from, to, bins);
        int axis = -1;
        int at = 0;
        double best = Double.POSITIVE_INFINITY;
        for (int a = 0; a < 3; a++) {
            if (range[a + 3] <= range[a]) {
                continue;
            }
            sweepRight(a, bins);
            clear(around);
            int count = 0;
            for (int b = 0; b < bins - 1; b++) {
                int bin = a * BINS + b;
                if (binCount[bin] == 0) {
                    continue;
                }
                count += binCount[bin];
                grow(around, binBox, bin * 6);
                double cost = area(around) * count + rightArea[b] * rightCount[b];
                if (rightCount[b] > 0 && cost < best) {
                    best = cost;
                    axis = a;
                    at = b;
                }
            }
        }
        if (axis < 0) {
            int half = (from + to) >>> 1;
            boundsOf(from, half, leftBox);
            boundsOf(half, to, rightBox);
            return half;
        }
        clear(leftBox);
        clear(rightBox);
        for (int b = 0; b < bins; b++) {
            grow(b <= at ? leftBox : rightBox, binBox, (axis * BINS + b) * 6);
        }
        double lo = range[axis];
        double k = bins / (range[axis + 3] - lo);
        int i = from;
        int j = to - 1;
        while (i <= j) {
            int c = sorted[i] * 6 + axis;
            if (bin((double) bounds[c] + bounds[c + 3], lo, k, bins) <= at) {
                i++;
            } else {
                int swap = sorted[i];
                sorted[i] = sorted[j];
                sorted[j--] = swap;
            }
        }
        return i;
    }

    private static int bin(double centre, double lo, double k, int bins) {
        int b = (int) ((centre - lo) * k);
        return b < bins ? b : bins - 1;
    }

    private void centroidRange(int from, int to) {
        double ax = Double.POSITIVE_INFINITY, ay = ax, az = ax, bx = -ax, by = -ax, bz = -ax;
        for (int i = from; i < to; i++) {
            int c = sorted[i] * 6;
            double x = (double) bounds[c] + bounds[c + 3];
            double y = (double) bounds[c + 1] + bounds[c + 4];
            double z = (double) bounds[c + 2] + bounds[c + 5];
            if (x < ax) ax = x;
            if (x > bx) bx = x;
            if (y < ay) ay = y;
            if (y > by) by = y;
            if (z < az) az = z;
            if (z > bz) bz = z;
        }
        range[0] = ax;
        range[1] = ay;
        range[2] = az;
        range[3] = bx;
        range[4] = by;
        range[5] = bz;
    }

    private void fillBins(int from, int to, int bins) {
        for (int a = 0; a < 3; a++) {
            double lo = range[a];
            if (range[a + 3] <= lo) {
                continue;
            }
            for (int b = a * BINS; b < a * BINS + bins; b++) {
                binCount[b] = 0;
                clearBin(b * 6);
            }
            double k = bins / (range[a + 3] - lo);
            for (int i = from; i < to; i++) {
                int c = sorted[i] * 6;
                int b = a * BINS + bin((double) bounds[c + a] + bounds[c + a + 3], lo, k, bins);
                binCount[b]++;
                growBin(b * 6, c);
            }
        }
    }

    private void clearBin(int at) {
        for (int k = 0; k < 3; k++) {
            binBox[at + k] = Double.POSITIVE_INFINITY;
            binBox[at + k + 3] = Double.NEGATIVE_INFINITY;
        }
    }

    private void growBin(int at, int c) {
        final double[] box = binBox;
        final float[] b = bounds;
        if (b[c] < box[at]) box[at] = b[c];
        if (b[c + 1] < box[at + 1]) box[at + 1] = b[c + 1];
        if (b[c + 2] < box[at + 2]) box[at + 2] = b[c + 2];
        if (b[c + 3] > box[at + 3]) box[at + 3] = b[c + 3];
        if (b[c + 4] > box[at + 4]) box[at + 4] = b[c + 4];
        if (b[c + 5] > box[at + 5]) box[at + 5] = b[c + 5];
    }

    private void sweepRight(int axis, int bins) {
        clear(around);
        int count = 0;
        for (int b = bins - 1; b > 0; b--) {
            int bin = axis * BINS + b;
            if (binCount[bin] > 0) {
                count += binCount[bin];
                grow(around, binBox, bin * 6);
            }
            rightArea[b - 1] = count == 0 ? 0 : area(around);
            rightCount[b - 1] = count;
        }
    }

    private static void clear(double[] box) {
        box[0] = box[1] = box[2] = Double.POSITIVE_INFINITY;
        box[3] = box[4] = box[5] = Double.NEGATIVE_INFINITY;
    }

    private static void grow(double[] box, double[] by, int at) {
        for (int k = 0; k < 3; k++) {
            if (by[at + k] < box[k]) box[k] = by[at + k];
            if (by[at + k + 3] > box[k + 3]) box[k + 3] = by[at + k + 3];
        }
    }

    private static double area(double[] b) {
        double x = b[3] - b[0], y = b[4] - b[1], z = b[5] - b[2];
        return x * y + y * z + z * x;
    }

    private void boundsOf(int from, int to, double[] box) {
        double ax = Double.POSITIVE_INFINITY, ay = ax, az = ax, bx = -ax, by = -ax, bz = -ax;
        for (int i = from; i < to; i++) {
            int c = sorted[i] * 6;
            if (bounds[c] < ax) ax = bounds[c];
            if (bounds[c + 1] < ay) ay = bounds[c + 1];
            if (bounds[c + 2] < az) az = bounds[c + 2];
            if (bounds[c + 3] > bx) bx = bounds[c + 3];
            if (bounds[c + 4] > by) by = bounds[c + 4];
            if (bounds[c + 5] > bz) bz = bounds[c + 5];
        }
        box[0] = ax;
        box[1] = ay;
        box[2] = az;
        box[3] = bx;
        box[4] = by;
        box[5] = bz;
    }

    /** Writes a box as centre and half extent, widened by more than the rounding of both to float. */
    private void writeBox(double[] box, int at) {
        for (int k = 0; k < 3; k++) {
            double c = (box[k] + box[k + 3]) / 2;
            double h = (box[k + 3] - box[k]) / 2;
            boxes[at + k] = (float) c;
            boxes[at + k + 3] = (float) (h + (Math.abs(c) + h) * 2.5e-7);
        }
    }
}
