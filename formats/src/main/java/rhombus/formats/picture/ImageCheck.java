package rhombus.formats.picture;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/** Whether an image file can be opened: what is kept has been opened once. */
public final class ImageCheck {
    /** The most pixels that an image is opened with. */
    private static final long MOST_PIXELS = 16384L * 16384;
    /** Of a large image so few lines and columns are kept while it is opened. */
    private static final int KEPT = 64;

    private ImageCheck() {}

    /** Whether a PNG or JPEG file can be decoded from its first to its last byte. */
    public static boolean is(byte[] file) {
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            return readers.hasNext() && opens(readers.next(), in);
        } catch (IOException | RuntimeException e) {
            // Readers throw all sorts of exceptions at broken files.
            return false;
        }
    }

    private static boolean opens(ImageReader reader, ImageInputStream in) throws IOException {
        boolean[] whole = {true};
        try {
            reader.setInput(in, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if ((long) width * height > MOST_PIXELS) {
                return false;
            }
            // A file that ends too soon is a warning to some readers.
            reader.addIIOReadWarningListener((source, warning) -> whole[0] = false);
            ImageReadParam few = reader.getDefaultReadParam();
            few.setSourceSubsampling(Math.max(1, width / KEPT), Math.max(1, height / KEPT), 0, 0);
            try {
                reader.read(0, few);
            } catch (IIOException e) {
                // Colours that Java cannot show, such as those of print, a browser still can.
                if (!reader.canReadRaster()) {
                    return false;
                }
                reader.readRaster(0, few);
            }
            return whole[0];
        } finally {
            reader.dispose();
        }
    }

    /** Whether a WebP file is as long as it says, and begins with a chunk of image data (WebP container specification). */
    public static boolean isWebp(byte[] file) {
        if (file.length < 20) {
            return false;
        }
        long length = 8L + word(file, 4);
        String chunk = new String(file, 12, 4, java.nio.charset.StandardCharsets.US_ASCII);
        return length <= file.length
                && (chunk.equals("VP8 ") || chunk.equals("VP8L") || chunk.equals("VP8X"))
                && 20L + word(file, 16) <= file.length;
    }

    private static long word(byte[] b, int at) {
        return (b[at] & 0xFFL) | (b[at + 1] & 0xFFL) << 8 | (b[at + 2] & 0xFFL) << 16 | (b[at + 3] & 0xFFL) << 24;
    }
}
