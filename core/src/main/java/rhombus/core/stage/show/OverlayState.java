package rhombus.core.stage.show;

/**
 * An overlay of a viewport.
 */
public record OverlayState(String id, String label, boolean on) {}
