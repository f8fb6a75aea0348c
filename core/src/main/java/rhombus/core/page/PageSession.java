package rhombus.core.page;

import rhombus.core.drill.DrillSession;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.GlbBytes;
import rhombus.core.stage.Stage;

/** One scene on its stage, from opening to closing, as the page calls it. Nothing of it is shared with another. */
public final class PageSession {
    private final Stage stage = new Stage();
    private final MeshReader meshes = new MeshReader(stage);
    private final BatchReader batches = new BatchReader(stage, meshes);
    private final DrillSession drills = new DrillSession(stage);
    private final SettingsPage settings = new SettingsPage(stage);

    /** The stage. */
    @PageCall
    public Stage stage() {
        return stage;
    }

    /** The geometry of the scene. */
    @PageCall
    public MeshReader meshes() {
        return meshes;
    }

    /** The geometry in batches for the graphics card. */
    @PageCall
    public BatchReader batches() {
        return batches;
    }

    /** Tasks for hand and eye. */
    @PageCall
    public DrillSession drills() {
        return drills;
    }

    /** The settings as they are listed and changed. */
    @PageCall
    public SettingsPage settings() {
        return settings;
    }

    /** Shows a scene's file, a GLB in normal form. */
    @PageCall
    public void openScene(GlbBytes glb, String title) {
        SceneFile file = new SceneFile(glb);
        meshes.open(file);
        batches.open();
        stage.open(file.scene, title);
    }

    /** Time goes by; call it once a frame while {@link Stage#animating()}. */
    @PageCall
    public void tick(double timeMs) {
        stage.tick(timeMs);
        drills.tick(timeMs);
    }
}
