package rhombus.formats.out;

import rhombus.core.geometry.Mesh;

/**
 * Triangles, lines or points of one material as they are kept.
 *
 * @param kind which of them
 * @param positions x, y, z per vertex, relative to the origin
 * @param origin x, y, z added to every position
 * @param normals x, y, z per vertex, or null
 * @param texture u, v per vertex, v downwards, or null
 * @param colors r, g, b, a per vertex, linear, or null
 * @param triangles three vertex numbers for each triangle, two for each line, one for each point
 * @param marks strength of the sides of each triangle as {@link rhombus.core.geometry.MeshEdges} packs it, or null
 * @param material number in the document, or -1
 */
record ExportSurface(
        Mesh.Kind kind,
        float[] positions,
        double[] origin,
        float[] normals,
        float[] texture,
        float[] colors,
        int[] triangles,
        byte[] marks,
        int material) {
    boolean isFaces() {
        return kind == Mesh.Kind.TRIANGLES;
    }

    int vertices() {
        return positions.length / 3;
    }
}
