package rhombus.server.scene;

import java.io.IOException;
import java.util.Map;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import rhombus.core.edit.EditDocument;
import rhombus.core.scene.Scene;
import rhombus.formats.NormalReader;
import rhombus.server.common.RequestRefused;
import rhombus.server.kept.KeptDocuments;

/** Scenes with all their geometry and what was saved of their changes, one in memory at a time. */
@Service
public class LoadedScenes {
    private final SceneImports scenes;
    private final SceneFileStreams files;
    private final KeptDocuments kept;

    LoadedScenes(SceneImports scenes, SceneFileStreams files, KeptDocuments kept) {
        this.scenes = scenes;
        this.files = files;
        this.kept = kept;
    }

    /**
     * Does something with a scene of an owner.
     *
     * @throws RequestRefused with 404 if there is none, and with 422 if its changes cannot be used
     */
    public <T> T with(long owner, String id, Function<Scene, T> work) throws IOException {
        SceneRow row = scenes.found(owner, id);
        scenes.complete(owner, id);
        return scenes.inTurn(row.bytes(), () -> work.apply(open(owner, id)));
    }

    private Scene open(long owner, String id) throws IOException {
        Scene scene = NormalReader.read(
                bytes(owner, id, "geometry"),
                bytes(owner, id, "lines"),
                bytes(owner, id, "coarse"),
                bytes(owner, id, "hierarchy"));
        Map<String, Object> edits = kept.load(owner, "edits", id).body();
        try {
            return edits == null ? scene : EditDocument.read(scene, edits).scene();
        } catch (IllegalArgumentException e) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "What was changed in this scene cannot be used: " + e.getMessage() + ".");
        }
    }

    private byte[] bytes(long owner, String id, String kind) throws IOException {
        return files.stream(owner, id, kind).readAllBytes();
    }
}
