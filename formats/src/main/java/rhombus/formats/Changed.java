package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import rhombus.core.edit.EditDocument;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.formats.picture.Thumbnail;
import tools.jackson.databind.json.JsonMapper;

/** A kept scene that is to stand otherwise than it was imported. */
public final class Changed {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Changed() {}

    /**
     * The geometry file of a scene, standing otherwise.
     *
     * @throws IllegalStateException if its format says so much itself that there is nothing to choose
     */
    public static byte[] standing(byte[] glb, Standing as) {
        Map<String, Object> gltf = document(glb);
        as.into(gltf);
        int json = length(glb);
        return NormalWriter.container(
                JSON.writeValueAsString(gltf).getBytes(StandardCharsets.UTF_8),
                Arrays.copyOfRange(glb, Math.min(glb.length, 28 + json), glb.length));
    }

    /** A small picture of a kept scene with one axis or the other upwards, PNG. */
    public static byte[] picture(byte[] glb, UpAxis up) {
        Map<String, Object> gltf = document(glb);
        Scene scene = NormalForm.read(gltf, new ByteArrays(glb, 28 + length(glb)));
        return Thumbnail.of(scene, up, MeshColors.of(gltf));
    }

    /** Whether changes of a scene put anything into the world by metres: what stands at the top was moved, or something added. */
    public static boolean isMoved(byte[] glb, Map<String, Object> edits) {
        Scene base = NormalForm.read(document(glb), new ByteArrays(glb, 28 + length(glb)));
        EditDocument.Opened o = EditDocument.read(base, edits);
        if (o.scene().count() > base.count()) {
            return true;
        }
        for (int i = 0; i < base.count(); i++) {
            if (base.node(i).parent() < 0
                    && !Arrays.equals(base.node(i).local(), o.scene().node(i).local())) {
                return true;
            }
        }
        return o.history().edits().stream().anyMatch(e -> e.after().entrySet().stream()
                .anyMatch(n -> n.getValue().parent() < 0
                        && e.before().containsKey(n.getKey())
                        && !Arrays.equals(
                                n.getValue().local(), e.before().get(n.getKey()).local())));
    }

    static int length(byte[] glb) {
        return ByteBuffer.wrap(glb).order(ByteOrder.LITTLE_ENDIAN).getInt(12);
    }

    @SuppressWarnings("unchecked")
    static Map<String, Object> document(byte[] glb) {
        return JSON.readValue(Arrays.copyOfRange(glb, 20, 20 + length(glb)), Map.class);
    }
}
