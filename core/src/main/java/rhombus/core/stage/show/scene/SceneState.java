package rhombus.core.stage.show.scene;

import java.util.List;
import rhombus.core.plain.OneOf;

/**
 * The scene with all its objects.
 */
public record SceneState(String name, @OneOf({"Y", "Z"}) String upAxis, List<SceneObject> objects) {}
