package rhombus.core.stage.show;

/**
 * A layer as it is listed.
 */
public record LayerRow(String id, String name, boolean visible, boolean locked, int objects) {}
