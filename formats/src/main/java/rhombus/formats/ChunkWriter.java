package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;

/** Numbers as the bytes of a binary chunk: 32 bits each, little-endian. */
final class ChunkWriter {
    private ChunkWriter() {}

    static byte[] of(float[] v) {
        ByteBuffer b = ByteBuffer.allocate(v.length * 4).order(ByteOrder.LITTLE_ENDIAN);
        b.asFloatBuffer().put(v);
        return b.array();
    }

    static byte[] of(int... v) {
        ByteBuffer b = ByteBuffer.allocate(v.length * 4).order(ByteOrder.LITTLE_ENDIAN);
        b.asIntBuffer().put(v);
        return b.array();
    }

    /** A length rounded up to whole numbers of 32 bits. */
    static long padded(long length) {
        return (length + 3) / 4 * 4;
    }
}
