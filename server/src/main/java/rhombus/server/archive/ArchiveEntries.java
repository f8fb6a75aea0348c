package rhombus.server.archive;

import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import org.springframework.http.HttpStatus;
import rhombus.server.common.RequestRefused;

/** The files of an archive that is on its way, one after the other, within what a server can bear. */
final class ArchiveEntries {
    /** The largest file of an archive, bytes: a scene's geometry. */
    private static final long LARGEST = 512L << 20;
    /** All files together, bytes. */
    private static final long ALL = 16L << 30;

    private static final int MOST = 200_000;

    private final ZipInputStream zip;
    private long came;
    private int count;

    ArchiveEntries(InputStream in) {
        zip = new ZipInputStream(in, StandardCharsets.UTF_8);
    }

    /** A file. */
    record File(String name, byte[] bytes) {}

    static RequestRefused broken() {
        return new RequestRefused(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This is no file that “Save everything” has made, or it is cut off. Choose another one.");
    }

    /**
     * The next file, or null at the end.
     *
     * @throws RequestRefused with 422 if the archive is broken, and with 413 if it is too large
     */
    File next() throws IOException {
        try {
            ZipEntry e = zip.getNextEntry();
            while (e != null && e.isDirectory()) {
                e = zip.getNextEntry();
            }
            return e == null ? null : new File(e.getName(), bytes());
        } catch (ZipException | EOFException | IllegalArgumentException e) {
            throw broken();
        }
    }

    private byte[] bytes() throws IOException {
        if (++count > MOST) {
            throw tooLarge();
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] buffer = new byte[1 << 16];
        for (int n = zip.read(buffer); n >= 0; n = zip.read(buffer)) {
            came += n;
            if (out.size() + (long) n > LARGEST || came > ALL) {
                throw tooLarge();
            }
            out.write(buffer, 0, n);
        }
        return out.toByteArray();
    }

    private static RequestRefused tooLarge() {
        return new RequestRefused(HttpStatus.CONTENT_TOO_LARGE, "This archive unpacks to more than is taken here.");
    }
}
