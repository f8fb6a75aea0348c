package rhombus.core.scene;

/** Typed views on the binary part of a scene file; both builds give them without copying where they can. */
public interface BinaryArrays {
    /** {@code count} floats from a byte offset that is a multiple of 4. */
    float[] floats(int byteOffset, int count);

    /** {@code count} 32-bit whole numbers from a byte offset that is a multiple of 4. */
    int[] ints(int byteOffset, int count);

    /** {@code count} bytes. */
    byte[] bytes(int byteOffset, int count);
}
