package rhombus.formats;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.OpenedEdits;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.formats.picture.Thumbnail;
import tools.jackson.databind.json.JsonMapper;

/** A kept scene that is to stand otherwise than it was imported. */
public final class ReorientedScene {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private ReorientedScene() {}

    /**
     * The geometry file of a scene, standing otherwise.
     *
     * @throws IllegalStateException if its format says so much itself that there is nothing to choose
     */
    public static byte[] standing(byte[] glb, SceneOrientation as) {
        KeptScene kept = KeptScene.of(glb);
        as.into(kept.gltf());
        return NormalWriter.container(
                JSON.writeValueAsString(kept.gltf()).getBytes(StandardCharsets.UTF_8),
                Arrays.copyOfRange(glb, (int) kept.binStart(), glb.length));
    }

    /** A small picture of a kept scene with one axis or the other upwards, PNG. */
    public static byte[] picture(byte[] glb, UpAxis up) {
        KeptScene kept = KeptScene.of(glb);
        return Thumbnail.of(kept.scene(glb), up, MeshColors.of(kept.gltf()));
    }

    /** Whether changes of a scene put anything into the world by metres: what stands at the top was moved, or something added. */
    public static boolean isMoved(byte[] glb, Map<String, Object> edits) {
        Scene base = KeptScene.of(glb).scene();
        OpenedEdits o = EditDocument.read(base, edits);
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
}
