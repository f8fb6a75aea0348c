package rhombus.core.scene;

import java.util.Map;

/** A whole file in GLB. */
public interface GlbBytes extends BinaryArrays {
    /** A JSON text of {@code count} bytes of UTF-8, as plain data. */
    Map<String, Object> json(int byteOffset, int count);

    /** The same file, with offsets that count from a later byte. */
    BinaryArrays from(int byteOffset);
}
