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
