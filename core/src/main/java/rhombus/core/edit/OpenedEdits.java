package rhombus.core.edit;

import rhombus.core.scene.Scene;

/** What an edit document holds: the scene as it is now, and what can be undone in it. */
public record OpenedEdits(Scene scene, EditHistory history) {}
