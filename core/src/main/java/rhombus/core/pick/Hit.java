package rhombus.core.pick;

import rhombus.core.geometry.Vec3;

/**
 * What a line of sight met.
 *
 * @param node number of the node
 * @param point where, in the world
 * @param distance from the line's start, metres
 */
public record Hit(int node, Vec3 point, double distance) {}
