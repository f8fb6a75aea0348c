package rhombus.core.submit;

/**
 * What a mesh is drawn with besides its triangles. Arrays are shared, not copied.
 *
 * @param normals three numbers a vertex, or null
 * @param texture coordinates, or null where no picture is drawn
 * @param width how many of them a vertex has: 2, or 4 where pictures lie in two ways
 * @param colors four numbers a vertex, or null
 * @param color of the material, linear red, green, blue and opacity
 * @param image number of the picture of its colour, -1 for none
 * @param cutoff opacity below which nothing is drawn, 0 for none
 * @param blend whether what lies behind shines through
 * @param metallic 0 for what is none to 1 for a metal
 * @param roughness 0 for a mirror to 1
 * @param finish what is the same of all that can be drawn with it, beside these
 */
public record VertexAttributes(
        float[] normals,
        float[] texture,
        int width,
        float[] colors,
        double[] color,
        int image,
        double cutoff,
        boolean blend,
        double metallic,
        double roughness,
        String finish) {
    /** Steps in which how rough and how much of a metal something is are told. */
    private static final int STEPS = 255;

    /** How rough and how much of a metal it is, in one number that a float holds exactly: a multiple of 4. */
    float packed() {
        return 4f * (step(roughness) + (STEPS + 1) * step(metallic));
    }

    private static int step(double part) {
        return Math.round((float) (Math.max(0, Math.min(1, part)) * STEPS));
    }

    /** Meshes with the same kind can be drawn as one; null for what must be drawn by itself, in its own order. */
    String kind() {
        // Opacity counts only beside a cutoff, and then it belongs to the material.
        return blend || cutoff > 0 && color[3] != 1
                ? null
                : (normals == null ? "-" : "n") + (colors == null ? "-" : "c") + (texture == null ? "-" : "t" + width)
                        + image + "/" + cutoff + "/" + finish;
    }
}
