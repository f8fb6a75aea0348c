package rhombus.core.stage.show.views;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.scene.Scene;

/** What a stage shows, so little of it that two moments are quickly told apart. It is for the core alone and no record. */
public final class StageSummary {
    private final Scene scene;
    private final List<Object> parts;

    /** Of a scene with what was changed in it, and whatever else can be compared. */
    StageSummary(Scene scene, List<Object> parts) {
        this.scene = scene;
        this.parts = new ArrayList<>(parts);
    }

    /** Whether nothing has changed since. */
    public boolean same(StageSummary other) {
        return other != null && scene == other.scene && parts.equals(other.parts);
    }
}
