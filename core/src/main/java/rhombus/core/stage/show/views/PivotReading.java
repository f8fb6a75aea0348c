package rhombus.core.stage.show.views;

import rhombus.core.geometry.Vec3;

/**
 * What a viewport turns, or would turn, about.
 *
 * @param point in the world, metres
 * @param rung of the ladder it comes from
 * @param reason in words
 */
public record PivotReading(Vec3 point, String rung, String reason) {}
