package rhombus.server.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import org.springframework.http.HttpStatus;
import rhombus.server.common.RequestRefused;

/**
 * Reads PNG and JPEG files that somebody sent and encodes them anew: what is kept holds pixels alone. What a file claims is
 * looked at before anything is decoded.
 */
public final class PictureFiles {
    /** Most pixels that are decoded: each takes four bytes. */
    private static final long MOST = 50_000_000;
    /** Longest side that is kept: larger ones are made smaller. */
    private static final int LONGEST = 4096;
    /** Most bytes that are kept of a picture. */
    private static final int LARGEST = 12 << 20;

    private static final float QUALITY = 0.92f;

    static {
        ImageIO.setUseCache(false);
    }

    private PictureFiles() {}

    private static RequestRefused refused(String words) {
        return new RequestRefused(HttpStatus.UNPROCESSABLE_CONTENT, words);
    }

    /**
     * Reads a file.
     *
     * @throws RequestRefused with words if it is no PNG or JPEG, too large, animated or broken
     */
    public static EncodedPicture read(byte[] file) {
        boolean png = starts(file, 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A);
        boolean jpeg = starts(file, 0xFF, 0xD8, 0xFF);
        if (!png && !jpeg) {
            throw refused(
                    "This is neither a PNG nor a JPEG file, whatever its name says. Save the picture as one of them.");
        }
        if (png && animated(file)) {
            throw refused("This picture is animated. Save one image of it as a PNG or JPEG file.");
        }
        BufferedImage image = decoded(file, png ? "png" : "jpeg");
        BufferedImage upright = png ? image : JpegOrientation.upright(image, JpegOrientation.of(file));
        double k = Math.min(1, LONGEST / (double) Math.max(upright.getWidth(), upright.getHeight()));
        return encoded(smaller(upright, k), png);
    }

    private static boolean starts(byte[] file, int... magic) {
        for (int i = 0; i < magic.length; i++) {
            if (file.length <= i || (file[i] & 0xFF) != magic[i]) {
                return false;
            }
        }
        return true;
    }

    /** Whether there is a chunk acTL before the pixels (Portable Network Graphics, third edition). */
    private static boolean animated(byte[] png) {
        long at = 8;
        while (at + 8 <= png.length) {
            int i = (int) at;
            String type = new String(png, i + 4, 4, StandardCharsets.ISO_8859_1);
            if (type.equals("acTL")) {
                return true;
            }
            if (type.equals("IDAT")) {
                return false;
            }
            long length =
                    (png[i] & 0xFFL) << 24 | (png[i + 1] & 0xFF) << 16 | (png[i + 2] & 0xFF) << 8 | png[i + 3] & 0xFF;
            at += 12 + length;
        }
        return false;
    }

    private static BufferedImage decoded(byte[] file, String format) {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(format);
        ImageReader reader = readers.next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in, true, true);
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > MOST) {
                throw refused("This picture has " + pixels / 1_000_000
                        + " million pixels; 50 million are taken at most. Make it smaller and try again.");
            }
            BufferedImage raw = reader.read(0);
            BufferedImage out = new BufferedImage(
                    raw.getWidth(),
                    raw.getHeight(),
                    raw.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
            Graphics2D g = out.createGraphics();
            g.drawImage(raw, 0, 0, null);
            g.dispose();
            return out;
        } catch (IOException | RuntimeException e) {
            if (e instanceof RequestRefused r) {
                throw r;
            }
            throw refused("This picture cannot be read: the file is broken, cut off, or of a sort that is rarely used. "
                    + "Save it again as a PNG or JPEG file.");
        } finally {
            reader.dispose();
        }
    }

    private static BufferedImage smaller(BufferedImage i, double k) {
        if (k >= 1) {
            return i;
        }
        // By halves, so that every pixel counts.
        BufferedImage from = i;
        double left = k;
        while (left < 0.5) {
            from = scaled(from, Math.max(1, from.getWidth() / 2), Math.max(1, from.getHeight() / 2));
            left *= 2;
        }
        return scaled(from, Math.max(1, (int) Math.round(i.getWidth() * k)), Math.max(1, (int)
                Math.round(i.getHeight() * k)));
    }

    private static BufferedImage scaled(BufferedImage i, int w, int h) {
        BufferedImage out = new BufferedImage(w, h, i.getType());
        Graphics2D g = out.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(i, 0, 0, w, h, null);
        g.dispose();
        return out;
    }

    private static EncodedPicture encoded(BufferedImage i, boolean png) {
        boolean alpha = i.getColorModel().hasAlpha();
        try {
            if (png || alpha) {
                byte[] b = png(i);
                if (b.length <= LARGEST) {
                    return new EncodedPicture("image/png", i.getWidth(), i.getHeight(), b);
                }
                if (alpha) {
                    return encoded(smaller(i, 0.5), true);
                }
            }
            byte[] b = jpeg(i);
            return b.length <= LARGEST
                    ? new EncodedPicture("image/jpeg", i.getWidth(), i.getHeight(), b)
                    : encoded(smaller(i, 0.5), false);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static byte[] png(BufferedImage i) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(i, "png", out);
        return out.toByteArray();
    }

    private static byte[] jpeg(BufferedImage i) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(to);
            writer.write(null, new IIOImage(i, null, null), how);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }
}
