package rhombus.formats;

import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.formats.upload.FileProblem;

/**
 * Where textures lie on surfaces (KHR_texture_transform): coordinates are scaled, turned and moved.
 *
 * @param x u', from u, v and 1
 * @param y v', from u, v and 1
 */
record TextureTransform(double[] x, double[] y) {
    static final String NAME = "KHR_texture_transform";

    private static Map<String, Object> given(Map<String, Object> info) {
        return PlainData.map(PlainData.map(info.get("extensions")).get(NAME));
    }

    /** The set of coordinates that a texture uses, which the extension may change. */
    static int set(Map<String, Object> info) {
        return PlainData.whole(given(info).get("texCoord"), PlainData.whole(info.get("texCoord"), 0));
    }

    /** What is told of a texture's place, without its set; empty for the usual one. */
    static Map<String, Object> told(Map<String, Object> info) {
        Map<String, Object> g = given(info);
        return PlainData.map("offset", g.get("offset"), "rotation", g.get("rotation"), "scale", g.get("scale"));
    }

    /**
     * How coordinates are changed, or null for not at all. In glTF v runs downwards, so that turning against the clock takes u to
     * minus v. (The order and the sense are from memory of the extension's text.)
     *
     * @param told what a texture says of its place
     */
    static TextureTransform of(Map<String, Object> told, String place) {
        if (told.isEmpty()) {
            return null;
        }
        double[] offset = JsonReader.numbers(told, "offset", 2, place);
        double[] scale = JsonReader.numbers(told, "scale", 2, place);
        double turn = PlainData.number(told.get("rotation"), 0);
        double[] o = offset == null ? new double[2] : offset;
        double[] s = scale == null ? new double[] {1, 1} : scale;
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        return new TextureTransform(
                new double[] {cos * s[0], sin * s[1], o[0]}, new double[] {-sin * s[0], cos * s[1], o[1]});
    }

    /** The coordinates of a part, changed. */
    float[] placed(float[] uv, String at) {
        float[] out = new float[uv.length];
        for (int i = 0; i < uv.length; i += 2) {
            out[i] = (float) (x[0] * uv[i] + x[1] * uv[i + 1] + x[2]);
            out[i + 1] = (float) (y[0] * uv[i] + y[1] * uv[i + 1] + y[2]);
            if (!Float.isFinite(out[i]) || !Float.isFinite(out[i + 1])) {
                throw new FileProblem(at, "puts a texture beyond all numbers. Correct its scale and export again");
            }
        }
        return out;
    }
}
