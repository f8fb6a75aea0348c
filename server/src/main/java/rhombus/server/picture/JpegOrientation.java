package rhombus.server.picture;

import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;

/** How a camera was held when it took a JPEG: the tag Orientation of Exif 2.32 (274). */
final class JpegOrientation {
    private static final int TAG = 274;

    private JpegOrientation() {}

    /** 1 to 8; 1 where nothing is said, or nothing that can be read. */
    static int of(byte[] jpeg) {
        ByteBuffer b = ByteBuffer.wrap(jpeg);
        int at = 2;
        while (at + 4 < jpeg.length && (jpeg[at] & 0xFF) == 0xFF) {
            int marker = jpeg[at + 1] & 0xFF;
            int length = b.getShort(at + 2) & 0xFFFF;
            if (marker == 0xE1 && at + 2 + length <= jpeg.length && length > 16 && b.getInt(at + 4) == 0x45786966) {
                return exif(b.slice(at + 10, length - 8));
            }
            if (marker == 0xDA || length < 2) {
                return 1;
            }
            at += 2 + length;
        }
        return 1;
    }

    /** @param tiff a TIFF header with its first directory */
    private static int exif(ByteBuffer tiff) {
        try {
            tiff.order(tiff.getShort(0) == 0x4949 ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
            int directory = tiff.getInt(4);
            int count = tiff.getShort(directory) & 0xFFFF;
            for (int k = 0; k < count; k++) {
                int entry = directory + 2 + 12 * k;
                if ((tiff.getShort(entry) & 0xFFFF) == TAG) {
                    int value = tiff.getShort(entry + 8) & 0xFFFF;
                    return value >= 1 && value <= 8 ? value : 1;
                }
            }
        } catch (IndexOutOfBoundsException e) {
            // What is cut off or points elsewhere says nothing.
        }
        return 1;
    }

    /** The picture as it was seen. */
    static BufferedImage upright(BufferedImage i, int orientation) {
        if (orientation == 1) {
            return i;
        }
        int w = i.getWidth();
        int h = i.getHeight();
        boolean lying = orientation >= 5;
        // x and y of the upright picture from those of the stored one.
        AffineTransform t =
                switch (orientation) {
                    case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
                    case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
                    case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
                    case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
                    case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
                    case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
                    default -> new AffineTransform(0, -1, 1, 0, 0, w);
                };
        BufferedImage out = new BufferedImage(lying ? h : w, lying ? w : h, i.getType());
        return new AffineTransformOp(t, AffineTransformOp.TYPE_NEAREST_NEIGHBOR).filter(i, out);
    }
}
