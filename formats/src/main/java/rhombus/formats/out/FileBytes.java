package rhombus.formats.out;

import java.io.IOException;
import java.io.OutputStream;

/** A file of a scene, any part of which can be read without the others being in memory. */
public interface FileBytes {
    /** Bytes from an offset of the file. */
    byte[] read(long from, int length) throws IOException;

    /** Copies bytes from an offset of the file. */
    void copy(long from, long length, OutputStream to) throws IOException;
}
