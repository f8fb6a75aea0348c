package rhombus.formats.model;

import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;

/**
 * Triangles, lines or points with one material.
 *
 * @param kind which of them
 * @param origin added to every position
 * @param positions x, y, z per vertex
 * @param normals x, y, z per vertex, or null where faces are flat
 * @param texture u, v per vertex, or null
 * @param second other coordinates u, v per vertex, for textures that lie otherwise than the first; null where all lie alike
 * @param colors r, g, b, a per vertex, linear, or null
 * @param indices three vertex numbers for each triangle, two for each line, one for each point
 * @param material number, or -1
 * @param sides what is known of the sides of each triangle, as {@link rhombus.core.geometry.MeshEdges} takes it, or null
 */
public record ModelPart(
        Mesh.Kind kind,
        Vec3 origin,
        float[] positions,
        float[] normals,
        float[] texture,
        float[] second,
        float[] colors,
        int[] indices,
        int material,
        byte[] sides) {
    /** Positions this many times farther off than the part is large are kept relative to its middle. */
    private static final double FAR = 100;

    /** A part with positions of any size, which are kept relative to a point near them where they are far off. */
    public static ModelPart of(
            Mesh.Kind kind,
            double[] xyz,
            float[] normals,
            float[] texture,
            float[] colors,
            int[] indices,
            int material,
            byte[] sides) {
        double[] b = {0, 0, 0, 0, 0, 0};
        for (int i = 0; i < xyz.length; i++) {
            int k = i % 3;
            b[k] = i < 3 ? xyz[i] : Math.min(b[k], xyz[i]);
            b[k + 3] = i < 3 ? xyz[i] : Math.max(b[k + 3], xyz[i]);
        }
        Vec3 origin = origin(new Aabb(new Vec3(b[0], b[1], b[2]), new Vec3(b[3], b[4], b[5])));
        float[] out = new float[xyz.length];
        for (int i = 0; i < xyz.length; i += 3) {
            out[i] = (float) (xyz[i] - origin.x());
            out[i + 1] = (float) (xyz[i + 1] - origin.y());
            out[i + 2] = (float) (xyz[i + 2] - origin.z());
        }
        return new ModelPart(kind, origin, out, normals, texture, null, colors, indices, material, sides);
    }

    /** The point that positions within these bounds are kept relative to: their middle where they are far off. */
    public static Vec3 origin(Aabb b) {
        Vec3 c = b.center();
        return c.length() > FAR * Math.max(b.radius(), 1e-6) ? c : Vec3.ZERO;
    }

    /** How many triangles, lines or points it has. */
    public int count() {
        return indices.length / kind.corners();
    }

    /** How many triangles it has. */
    public int triangles() {
        return kind == Mesh.Kind.TRIANGLES ? indices.length / 3 : 0;
    }
}
