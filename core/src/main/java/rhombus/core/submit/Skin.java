package rhombus.core.submit;

/**
 * What a mesh is drawn with besides its triangles. Arrays are shared, not copied.
 *
 * @param normals three numbers a vertex, or null
 * @param texture two coordinates a vertex, or null where no image is drawn
 * @param colors four numbers a vertex, or null
 * @param color of the material, linear red, green, blue and opacity
 * @param image number of the image that is drawn on it, -1 for none
 * @param cutoff opacity below which nothing is drawn, 0 for none
 * @param blend whether what lies behind shines through
 */
public record Skin(
        float[] normals, float[] texture, float[] colors, double[] color, int image, double cutoff, boolean blend) {
    /** Meshes with the same kind can be drawn as one; null for what must be drawn by itself, in its own order. */
    String kind() {
        // Opacity counts only beside a cutoff, and then it belongs to the material.
        return blend || cutoff > 0 && color[3] != 1
                ? null
                : (normals == null ? "-" : "n") + (colors == null ? "-" : "c") + image + "/" + cutoff;
    }
}
