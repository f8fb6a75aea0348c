package rhombus.core.stage.boards;

import rhombus.core.plain.OneOf;

/**
 * A coordinate that linked viewports share.
 */
public record LinkedCoordinate(@OneOf({"x", "y", "z"}) String axis, boolean upright, double at, String words) {}
