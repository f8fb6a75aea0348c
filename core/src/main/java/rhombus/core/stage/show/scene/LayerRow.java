package rhombus.core.stage.show.scene;

/**
 * A layer as it is listed.
 */
public record LayerRow(String id, String name, boolean visible, boolean locked, int objects) {}
