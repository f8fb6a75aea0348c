package rhombus.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.PlainData;
import rhombus.formats.model.ImageSource;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;

/** The materials of a document: what glTF 2.0 itself says of them, how strongly they shine by themselves, and whether they take light. */
final class GltfMaterials {
    /** Strength of what a material emits, over the 1 that glTF 2.0 itself allows. */
    static final String STRENGTH = "KHR_materials_emissive_strength";
    /** Materials that light does not change. */
    static final String UNLIT = "KHR_materials_unlit";

    private static final Set<String> MODES = Set.of("OPAQUE", "MASK", "BLEND");

    private final List<Object> materials;
    private final RenumberedTextures textures;

    GltfMaterials(Map<String, Object> gltf, ImageSource source, ByteBudget budget, ImportNotes notes) {
        this.materials = JsonReader.list(gltf, "materials", "");
        this.textures = new RenumberedTextures(gltf, source, budget, notes);
    }

    int size() {
        return materials.size();
    }

    /** The textures that are used, known once {@link #normal} was called. */
    RenumberedTextures textures() {
        return textures;
    }

    /** Names of the extensions that materials use, in {@link #normal} form. */
    static List<String> extensions(List<?> normal) {
        List<String> out = new ArrayList<>();
        for (String name : List.of(STRENGTH, UNLIT)) {
            if (normal.stream().anyMatch(m -> PlainData.map(PlainData.map(m).get("extensions"))
                    .containsKey(name))) {
                out.add(name);
            }
        }
        return out;
    }

    /** The materials with what is shown of them; factors that a file leaves out are written, so that nobody has to know what they are then. */
    List<Object> normal() {
        List<Object> out = new ArrayList<>();
        for (int i = 0; i < materials.size(); i++) {
            out.add(normal(i));
        }
        return out;
    }

    private Map<String, Object> normal(int i) {
        String place = "materials[" + i + "]";
        String basePlace = place + ".pbrMetallicRoughness";
        Map<String, Object> m = JsonReader.map(materials.get(i), place);
        Map<String, Object> base = JsonReader.mapIn(m, "pbrMetallicRoughness", place);
        double[] color = JsonReader.numbers(base, "baseColorFactor", 4, basePlace);
        double[] emissive = JsonReader.numbers(m, "emissiveFactor", 3, place);
        List<TextureCoordinates> kept = TextureCoordinates.of(materials, i);
        return PlainData.map(
                "name", m.get("name") instanceof String s ? s : null,
                "alphaMode", alphaMode(m, place),
                "alphaCutoff",
                        "MASK".equals(m.get("alphaMode")) ? JsonReader.positive(m, "alphaCutoff", place, true) : null,
                "doubleSided", m.get("doubleSided") instanceof Boolean b ? b : null,
                "pbrMetallicRoughness",
                        PlainData.map(
                                "baseColorFactor", color == null ? null : PlainData.list(color),
                                "baseColorTexture", textures.of(base, "baseColorTexture", kept, null, basePlace),
                                "metallicFactor", part(base, "metallicFactor", basePlace),
                                "roughnessFactor", part(base, "roughnessFactor", basePlace),
                                "metallicRoughnessTexture",
                                        textures.of(base, "metallicRoughnessTexture", kept, null, basePlace)),
                "normalTexture", textures.of(m, "normalTexture", kept, "scale", place),
                "occlusionTexture", textures.of(m, "occlusionTexture", kept, "strength", place),
                "emissiveTexture", textures.of(m, "emissiveTexture", kept, null, place),
                "emissiveFactor", emissive == null ? null : PlainData.list(emissive),
                "extensions", extensions(m, place));
    }

    /** A factor from 0 to 1, which is 1 where it is left out. */
    private static double part(Map<String, Object> in, String key, String place) {
        Double d = JsonReader.positive(in, key, place, true);
        if (d != null && d > 1) {
            throw new FileProblem(
                    JsonReader.join(place, key), "is " + FileProblem.shown(d) + "; it must be from 0 to 1");
        }
        return d == null ? 1 : d;
    }

    private static Map<String, Object> extensions(Map<String, Object> m, String place) {
        Map<String, Object> given = JsonReader.mapIn(m, "extensions", place);
        Map<String, Object> out = PlainData.map();
        if (given.get(STRENGTH) != null) {
            String at = place + ".extensions." + STRENGTH;
            Double strength =
                    JsonReader.positive(JsonReader.map(given.get(STRENGTH), at), "emissiveStrength", at, true);
            out.put(STRENGTH, PlainData.map("emissiveStrength", strength));
        }
        if (given.get(UNLIT) != null) {
            out.put(UNLIT, PlainData.map());
        }
        return out.isEmpty() ? null : out;
    }

    private static Object alphaMode(Map<String, Object> m, String place) {
        Object given = m.get("alphaMode");
        if (given != null && !MODES.contains(String.valueOf(given))) {
            throw new FileProblem(
                    place + ".alphaMode", "\"" + FileProblem.shown(given) + "\" is none of OPAQUE, MASK and BLEND");
        }
        return given;
    }
}
