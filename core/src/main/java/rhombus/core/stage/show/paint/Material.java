package rhombus.core.stage.show.paint;

import java.util.stream.Stream;
import rhombus.core.plain.Maybe;

/**
 * What a mesh is made of, as glTF 2.0 describes it.
 *
 * @param id names it within the file
 * @param color red, green, blue and opacity, linear, 0 to 1
 * @param blend whether what is behind shines through
 * @param cutoff opacity below which nothing is drawn
 * @param image base colour
 * @param metallic 0 for what is none to 1 for a metal
 * @param roughness 0 for a mirror to 1
 * @param metalRough picture of roughness, in its green, and of what is metal, in its blue
 * @param normals picture of directions across the surface
 * @param bumps how strong these are
 * @param occlusion picture of how much light from all around comes to each place, in its red
 * @param occluding how strong that is
 * @param emission picture of the light it gives off
 * @param emissive red, green and blue of that, linear, strength included
 * @param unlit whether light does not change it
 */
public record Material(
        int id,
        double[] color,
        boolean blend,
        double cutoff,
        @Maybe ImageRange image,
        double metallic,
        double roughness,
        @Maybe ImageRange metalRough,
        @Maybe ImageRange normals,
        double bumps,
        @Maybe ImageRange occlusion,
        double occluding,
        @Maybe ImageRange emission,
        double[] emissive,
        boolean unlit) {
    /** One colour, as rough as wood. */
    public static Material plain(int id, double[] color) {
        return new Material(id, color, false, 0, null, 0, 0.8, null, null, 1, null, 1, null, new double[3], false);
    }

    /** What is the same of all meshes that can be drawn as one, beside their colour, how rough and how much of a metal they are. */
    public String finish() {
        StringBuilder out = new StringBuilder(unlit ? "u" : "");
        for (ImageRange r : new ImageRange[] {image, metalRough, normals, occlusion, emission}) {
            out.append('/').append(r == null ? "" : r.id()).append(r != null && r.second() ? "s" : "");
        }
        out.append('/').append(bumps).append('/').append(occluding);
        for (double e : emissive) {
            out.append('/').append(e);
        }
        return out.toString();
    }

    /** Whether any picture lies on it. */
    public boolean textured() {
        return image != null || metalRough != null || normals != null || occlusion != null || emission != null;
    }

    /** Whether any picture lies by the second coordinates of meshes. */
    public boolean twofold() {
        return Stream.of(image, metalRough, normals, occlusion, emission).anyMatch(r -> r != null && r.second());
    }
}
