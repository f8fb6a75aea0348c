package rhombus.e2e;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** What is really on the screen. */
final class Pixels {
    private static final int SAME = 24;

    private Pixels() {}

    /** Which part of two pictures of one size has clearly different colours, 0 to 1. */
    static double different(byte[] one, byte[] other) {
        try {
            BufferedImage a = ImageIO.read(new ByteArrayInputStream(one));
            BufferedImage b = ImageIO.read(new ByteArrayInputStream(other));
            int n = 0;
            for (int y = 0; y < a.getHeight(); y++) {
                for (int x = 0; x < a.getWidth(); x++) {
                    int d = 0;
                    for (int shift = 0; shift <= 16; shift += 8) {
                        d += Math.abs((a.getRGB(x, y) >> shift & 255) - (b.getRGB(x, y) >> shift & 255));
                    }
                    n += d > SAME ? 1 : 0;
                }
            }
            return n / (double) (a.getWidth() * a.getHeight());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether the pixels at two points of the page have clearly different colours. */
    static boolean differ(Page page, double ax, double ay, double bx, double by) {
        try {
            BufferedImage i = ImageIO.read(new ByteArrayInputStream(page.screenshot()));
            int a = i.getRGB((int) ax, (int) ay);
            int b = i.getRGB((int) bx, (int) by);
            int d = 0;
            for (int shift = 0; shift <= 16; shift += 8) {
                d += Math.abs((a >> shift & 255) - (b >> shift & 255));
            }
            return d > SAME;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
