package rhombus.core.pick;

import rhombus.core.geometry.Vec3;

/**
 * What a line of sight met.
 *
 * @param node number of the node
 * @param point where, in the world
 * @param distance from the line's start, metres
 * @param mesh number of the mesh in the scene, -1 where only the node is known
 * @param triangle number of the triangle in the mesh
 */
public record RayHit(int node, Vec3 point, double distance, int mesh, int triangle) {
    /** A hit of which only the node is known. */
    public RayHit(int node, Vec3 point, double distance) {
        this(node, point, distance, -1, -1);
    }
}
