package rhombus.e2e;

import com.microsoft.playwright.options.FilePayload;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** Scenes of a few triangles, written by hand as glTF 2.0, for uploads that must be quick. */
final class SmallScenes {
    private SmallScenes() {}

    static FilePayload upload(String name, byte[] bytes) {
        return new FilePayload(name, "application/octet-stream", bytes);
    }

    /** Three boxes and a slab as one glTF with its buffer inside. */
    static byte[] boxes() {
        float[] p = new float[24];
        for (int i = 0; i < 8; i++) {
            p[i * 3] = (i & 1) - 0.5f;
            p[i * 3 + 1] = (i >> 1 & 1) - 0.5f;
            p[i * 3 + 2] = (i >> 2) - 0.5f;
        }
        int[] t = {
            0, 2, 3, 0, 3, 1, 4, 5, 7, 4, 7, 6, 0, 1, 5, 0, 5, 4, 2, 6, 7, 2, 7, 3, 0, 4, 6, 0, 6, 2, 1, 3, 7, 1, 7, 5
        };
        ByteBuffer b = ByteBuffer.allocate(24 * 4 + 36 * 2).order(ByteOrder.LITTLE_ENDIAN);
        for (float v : p) {
            b.putFloat(v);
        }
        for (int v : t) {
            b.putShort((short) v);
        }
        String buffer = Base64.getEncoder().encodeToString(b.array());
        return """
                {"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[0,1,2,3]}],
                "nodes":[{"name":"Slab","mesh":0,"scale":[8,0.2,8],"translation":[0,-0.6,0]},
                {"name":"Red box","mesh":0},{"name":"Tall box","mesh":0,"translation":[2,0.5,0],"scale":[1,2,1]},
                {"name":"Far box","mesh":0,"translation":[-2,0,-2]}],
                "meshes":[{"primitives":[{"attributes":{"POSITION":0},"indices":1}]}],
                "accessors":[{"bufferView":0,"componentType":5126,"count":8,"type":"VEC3","min":[-0.5,-0.5,-0.5],"max":[0.5,0.5,0.5]},
                {"bufferView":1,"componentType":5123,"count":36,"type":"SCALAR"}],
                "bufferViews":[{"buffer":0,"byteLength":96},{"buffer":0,"byteOffset":96,"byteLength":72}],
                "buffers":[{"byteLength":168,"uri":"data:application/octet-stream;base64,%s"}]}
                """
                .formatted(buffer)
                .getBytes(StandardCharsets.UTF_8);
    }
}
