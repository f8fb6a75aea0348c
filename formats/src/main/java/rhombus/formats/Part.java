package rhombus.formats;

import rhombus.core.geometry.Vec3;

/**
 * Triangles with one material.
 *
 * @param origin added to every position
 * @param positions x, y, z per vertex
 * @param normals x, y, z per vertex, or null where faces are flat
 * @param texture u, v per vertex, or null
 * @param colors r, g, b, a per vertex, or null
 * @param triangles three vertex numbers each
 * @param material number, or -1
 */
record Part(
        Vec3 origin,
        float[] positions,
        float[] normals,
        float[] texture,
        float[] colors,
        int[] triangles,
        int material) {}
