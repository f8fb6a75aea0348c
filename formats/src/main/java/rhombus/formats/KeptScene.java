package rhombus.formats;

import java.io.ByteArrayInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Map;
import rhombus.core.scene.BinaryArrays;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;
import tools.jackson.databind.json.JsonMapper;

/**
 * A kept scene without its geometry: everything but the corners and triangles of the meshes that came with the file, whose
 * bounds and places are known all the same. Enough to do its changes again, and to tell of its cameras.
 *
 * @param gltf its document
 * @param binStart where in the file the binary chunk's bytes start
 */
public record KeptScene(Map<String, Object> gltf, long binStart) {
    private static final BinaryArrays NOTHING = new BinaryArrays() {
        @Override
        public float[] floats(int byteOffset, int count) {
            return new float[0];
        }

        @Override
        public int[] ints(int byteOffset, int count) {
            return new int[0];
        }

        @Override
        public byte[] bytes(int byteOffset, int count) {
            return new byte[0];
        }
    };

    /** Reads the start of a kept file; what comes next from there is the binary chunk. */
    @SuppressWarnings("unchecked")
    public static KeptScene read(InputStream file) throws IOException {
        int json = ByteBuffer.wrap(exactly(file, 20))
                .order(ByteOrder.LITTLE_ENDIAN)
                .getInt(12);
        byte[] text = exactly(file, json);
        exactly(file, 8);
        return new KeptScene(JsonMapper.builder().build().readValue(text, Map.class), 28L + json);
    }

    /** The same of a kept file that is in memory. */
    public static KeptScene of(byte[] file) {
        try {
            return read(new ByteArrayInputStream(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What lies in the binary chunk of the file that this was read of. */
    ByteArrays binary(byte[] file) {
        return new ByteArrays(file, (int) binStart);
    }

    /** The scene as it was imported, with its geometry. */
    Scene scene(byte[] file) {
        return NormalForm.read(gltf, binary(file));
    }

    private static byte[] exactly(InputStream in, int count) throws IOException {
        byte[] b = in.readNBytes(count);
        if (b.length < count) {
            throw new EOFException("a kept file ends too early");
        }
        return b;
    }

    /** The scene as it was imported, without its geometry. */
    public Scene scene() {
        return NormalForm.read(gltf, NOTHING);
    }
}
