package rhombus.server.scene;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import org.springframework.stereotype.Component;
import rhombus.formats.out.FileBytes;
import rhombus.server.common.RequestRefused;

/** The files of a scene as streams, of which a piece is in memory at a time. */
@Component
public class SceneFileStreams {
    private final SceneMapper mapper;

    SceneFileStreams(SceneMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * The geometry of a scene.
     *
     * @throws RequestRefused with 404 once it is read and not there
     */
    public Reading geometry(long owner, String scene) {
        return new Reading(owner, scene, "geometry");
    }

    /** A file of a scene by its kind. */
    Reading stream(long owner, String scene, String kind) {
        return new Reading(owner, scene, kind);
    }

    /** A file any part of which can be read, of which a piece or two is in memory at a time. */
    public FileBytes anywhere(long owner, String scene, String kind) {
        return new Anywhere(owner, scene, kind);
    }

    private final class Anywhere implements FileBytes {
        private final long owner;
        private final String scene;
        private final String kind;
        private byte[] piece = {};
        private long number = -1;

        Anywhere(long owner, String scene, String kind) {
            this.owner = owner;
            this.scene = scene;
            this.kind = kind;
        }

        private byte[] piece(long n) throws IOException {
            if (n != number) {
                ChunkRow c = mapper.chunk(owner, scene, kind, (int) n);
                if (c == null) {
                    throw new IOException("a kept file ends too early");
                }
                piece = c.data();
                number = n;
            }
            return piece;
        }

        @Override
        public byte[] read(long from, int length) throws IOException {
            ByteArrayOutputStream out = new ByteArrayOutputStream(length);
            copy(from, length, out);
            return out.toByteArray();
        }

        @Override
        public void copy(long from, long length, OutputStream to) throws IOException {
            for (long at = from; at < from + length; ) {
                byte[] p = piece(at / SceneStore.CHUNK);
                int start = (int) (at % SceneStore.CHUNK);
                int some = (int) Math.min(p.length - start, from + length - at);
                if (some <= 0) {
                    throw new IOException("a kept file ends too early");
                }
                to.write(p, start, some);
                at += some;
            }
        }
    }

    /** A file that is read from its start to its end. */
    public final class Reading extends InputStream {
        private final long owner;
        private final String scene;
        private final String kind;
        private byte[] piece = {};
        private int at;
        private int next;
        private boolean ended;

        private Reading(long owner, String scene, String kind) {
            this.owner = owner;
            this.scene = scene;
            this.kind = kind;
        }

        private boolean more() {
            while (at == piece.length && !ended) {
                ChunkRow c = mapper.chunk(owner, scene, kind, next);
                if (c == null && next == 0) {
                    throw RequestRefused.notFound("scene");
                }
                ended = c == null;
                piece = ended ? new byte[0] : c.data();
                at = 0;
                next++;
            }
            return !ended;
        }

        @Override
        public int read() {
            return more() ? piece[at++] & 0xFF : -1;
        }

        @Override
        public int read(byte[] to, int from, int count) {
            if (count == 0 || !more()) {
                return count == 0 ? 0 : -1;
            }
            int some = Math.min(count, piece.length - at);
            System.arraycopy(piece, at, to, from, some);
            at += some;
            return some;
        }

        /** Copies so many bytes to somewhere else. */
        public void copy(long count, OutputStream to) throws IOException {
            long left = count;
            while (left > 0) {
                if (!more()) {
                    throw new IOException("a kept file ends too early");
                }
                int some = (int) Math.min(left, piece.length - at);
                to.write(piece, at, some);
                at += some;
                left -= some;
            }
        }
    }
}
