package rhombus.formats.picture;

import java.util.Arrays;

/** Triangles drawn into a picture with a depth for each of its points. */
final class TriangleRaster {
    final int width;
    final int height;
    private final float[] depth;
    private final int[] argb;

    TriangleRaster(int width, int height) {
        this.width = width;
        this.height = height;
        depth = new float[width * height];
        argb = new int[width * height];
        Arrays.fill(depth, Float.POSITIVE_INFINITY);
    }

    /**
     * Draws a triangle of one colour.
     *
     * @param p x and y in points of the picture, and the depth, of each corner
     */
    void fill(double[] p, int color) {
        double area = (p[3] - p[0]) * (p[7] - p[1]) - (p[6] - p[0]) * (p[4] - p[1]);
        if (area == 0 || Double.isNaN(area)) {
            return;
        }
        int x0 = from(Math.min(p[0], Math.min(p[3], p[6])), width);
        int x1 = to(Math.max(p[0], Math.max(p[3], p[6])), width);
        int y0 = from(Math.min(p[1], Math.min(p[4], p[7])), height);
        int y1 = to(Math.max(p[1], Math.max(p[4], p[7])), height);
        for (int y = y0; y <= y1; y++) {
            for (int x = x0; x <= x1; x++) {
                double px = x + 0.5;
                double py = y + 0.5;
                double a = ((p[3] - px) * (p[7] - py) - (p[6] - px) * (p[4] - py)) / area;
                double b = ((p[6] - px) * (p[1] - py) - (p[0] - px) * (p[7] - py)) / area;
                double c = 1 - a - b;
                if (a < 0 || b < 0 || c < 0) {
                    continue;
                }
                float z = (float) (a * p[2] + b * p[5] + c * p[8]);
                int at = y * width + x;
                if (z < depth[at]) {
                    depth[at] = z;
                    argb[at] = color;
                }
            }
        }
    }

    private static int from(double v, int most) {
        return (int) Math.max(0, Math.min(most, Math.floor(v)));
    }

    private static int to(double v, int most) {
        return (int) Math.max(-1, Math.min(most - 1, Math.ceil(v)));
    }

    /** The picture with each {@code of} by {@code of} points as one, the mean of them. */
    int[] smaller(int of) {
        int w = width / of;
        int[] out = new int[w * (height / of)];
        for (int i = 0; i < out.length; i++) {
            int a = 0;
            int r = 0;
            int g = 0;
            int b = 0;
            for (int k = 0; k < of * of; k++) {
                int c = argb[(i / w * of + k / of) * width + i % w * of + k % of];
                int alpha = c >>> 24;
                a += alpha;
                r += (c >> 16 & 255) * alpha;
                g += (c >> 8 & 255) * alpha;
                b += (c & 255) * alpha;
            }
            out[i] = a == 0 ? 0 : a / (of * of) << 24 | r / a << 16 | g / a << 8 | b / a;
        }
        return out;
    }
}
