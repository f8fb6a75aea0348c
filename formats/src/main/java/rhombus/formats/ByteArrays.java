package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import rhombus.core.scene.BinaryArrays;

/** Typed copies out of a byte array, little-endian, for reading the normal form on the JVM. */
public final class ByteArrays implements BinaryArrays {
    private final ByteBuffer b;
    private final int start;

    /** Counts offsets from {@code start}. */
    public ByteArrays(byte[] bytes, int start) {
        this.b = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        this.start = start;
    }

    @Override
    public float[] floats(int byteOffset, int count) {
        float[] f = new float[count];
        b.slice(start + byteOffset, count * 4)
                .order(ByteOrder.LITTLE_ENDIAN)
                .asFloatBuffer()
                .get(f);
        return f;
    }

    @Override
    public int[] ints(int byteOffset, int count) {
        int[] f = new int[count];
        b.slice(start + byteOffset, count * 4)
                .order(ByteOrder.LITTLE_ENDIAN)
                .asIntBuffer()
                .get(f);
        return f;
    }

    @Override
    public byte[] bytes(int byteOffset, int count) {
        byte[] f = new byte[count];
        b.get(start + byteOffset, f);
        return f;
    }
}
