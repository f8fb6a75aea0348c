package rhombus.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * The coordinates by which a texture lies on a surface: a set of them, and what is done to it (KHR_texture_transform). A mesh is kept
 * with two of these at most, done to the coordinates themselves, so that nobody has to do it again when they are drawn.
 *
 * @param set number of the file's set of coordinates
 * @param told what the texture says of its place, empty for the usual one
 */
record TextureCoordinates(int set, Map<String, Object> told) {
    /** A mesh is kept with so many. */
    static final int MOST = 2;

    private static final TextureCoordinates USUAL = new TextureCoordinates(0, Map.of());

    /** The coordinates of a texture. */
    static TextureCoordinates of(Map<String, Object> info) {
        return new TextureCoordinates(TextureTransform.set(info), TextureTransform.told(info));
    }

    /**
     * What the meshes of a material are kept with: one or two coordinates, in the order in which its textures come.
     *
     * @param materials of a document
     * @param material number, -1 for none
     */
    static List<TextureCoordinates> of(List<Object> materials, int material) {
        if (material < 0 || material >= materials.size()) {
            return List.of(USUAL);
        }
        String place = "materials[" + material + "]";
        Map<String, Object> m = JsonReader.map(materials.get(material), place);
        Map<String, Object> base = JsonReader.mapIn(m, "pbrMetallicRoughness", place);
        List<TextureCoordinates> out = new ArrayList<>();
        for (Object info : new Object[] {
            base.get("baseColorTexture"),
            base.get("metallicRoughnessTexture"),
            m.get("normalTexture"),
            m.get("occlusionTexture"),
            m.get("emissiveTexture")
        }) {
            TextureCoordinates c = info == null ? null : of(PlainData.map(info));
            if (c != null && !out.contains(c) && out.size() < MOST) {
                out.add(c);
            }
        }
        return out.isEmpty() ? List.of(USUAL) : out;
    }

    /** These coordinates of a mesh, done what is to be done to them. */
    float[] done(float[] uv, String at) {
        TextureTransform t = uv == null ? null : TextureTransform.of(told, at);
        return t == null ? uv : t.placed(uv, at);
    }
}
