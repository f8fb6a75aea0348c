package rhombus.core.stage.show.scene;

import rhombus.core.geometry.Vec3;

/**
 * A box along the axes of the world, metres.
 */
public record WorldBox(Vec3 min, Vec3 max) {}
