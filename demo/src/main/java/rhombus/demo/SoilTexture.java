package rhombus.demo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;

/** A picture of trodden ground: short grass worn down to mud here and there, with grit on it. It goes on seamlessly at its edges. */
final class SoilTexture {
    private static final int SIZE = 256;
    private static final double[] GRASS = {0.445, 0.49, 0.355};
    private static final double[] MUD = {0.565, 0.535, 0.44};

    private SoilTexture() {}

    /** The picture as PNG. */
    static byte[] png() {
        double[][] worn = new double[SIZE][SIZE];
        for (int cells = 4; cells <= 64; cells *= 2) {
            add(worn, cells, 1.0 / cells);
        }
        Random r = new Random(19);
        BufferedImage out = new BufferedImage(SIZE, SIZE, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < SIZE; y++) {
            for (int x = 0; x < SIZE; x++) {
                double mud = smooth(0.5 + 2.4 * worn[y][x]);
                double grit = 1 + (r.nextDouble() - 0.5) * (0.1 + 0.1 * mud);
                int rgb = 0;
                for (int k = 0; k < 3; k++) {
                    double c = (GRASS[k] + (MUD[k] - GRASS[k]) * mud) * grit;
                    rgb = rgb << 8 | (int) Math.max(0, Math.min(255, Math.round(c * 255)));
                }
                out.setRGB(x, y, rgb);
            }
        }
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(out, "png", bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Random values on a grid of so many cells that closes on itself, and what lies between. */
    private static void add(double[][] to, int cells, double much) {
        Random r = new Random(cells);
        double[][] grid = new double[cells][cells];
        for (double[] row : grid) {
            for (int i = 0; i < cells; i++) {
                row[i] = r.nextDouble() * 2 - 1;
            }
        }
        for (int y = 0; y < SIZE; y++) {
            for (int x = 0; x < SIZE; x++) {
                double u = x * cells / (double) SIZE;
                double v = y * cells / (double) SIZE;
                int i = (int) u;
                int j = (int) v;
                double s = smooth(u - i);
                double t = smooth(v - j);
                int right = (i + 1) % cells;
                int below = (j + 1) % cells;
                double one = grid[j][i] + (grid[j][right] - grid[j][i]) * s;
                double two = grid[below][i] + (grid[below][right] - grid[below][i]) * s;
                to[y][x] += much * (one + (two - one) * t);
            }
        }
    }

    private static double smooth(double t) {
        double c = Math.max(0, Math.min(1, t));
        return c * c * (3 - 2 * c);
    }
}
