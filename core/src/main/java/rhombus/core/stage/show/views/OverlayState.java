package rhombus.core.stage.show.views;

/**
 * An overlay of a viewport.
 */
public record OverlayState(String id, String label, boolean on) {}
