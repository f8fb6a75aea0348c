package rhombus.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.PlainData;
import rhombus.formats.upload.FileProblem;

/** The lights of a document (KHR_lights_punctual), checked and reduced to what is shown. */
final class GltfLights {
    static final String NAME = "KHR_lights_punctual";
    private static final Set<String> TYPES = Set.of("directional", "point", "spot");

    private final List<Object> lights = new ArrayList<>();

    GltfLights(Map<String, Object> gltf) {
        String place = "extensions." + NAME;
        Map<String, Object> extension = JsonReader.mapIn(JsonReader.mapIn(gltf, "extensions", ""), NAME, "extensions");
        List<Object> listed = JsonReader.list(extension, "lights", place);
        for (int i = 0; i < listed.size(); i++) {
            lights.add(
                    light(JsonReader.map(listed.get(i), place + ".lights[" + i + "]"), place + ".lights[" + i + "]"));
        }
    }

    private static Map<String, Object> light(Map<String, Object> l, String place) {
        String type = PlainData.text(l.get("type"), "");
        if (!TYPES.contains(type)) {
            throw new FileProblem(
                    place + ".type", "\"" + FileProblem.shown(type) + "\" is none of directional, point and spot");
        }
        double[] color = JsonReader.numbers(l, "color", 3, place);
        return PlainData.map(
                "type",
                type,
                "name",
                l.get("name") instanceof String s ? s : null,
                "color",
                color == null ? null : PlainData.list(color),
                "intensity",
                JsonReader.positive(l, "intensity", place, true),
                "range",
                JsonReader.positive(l, "range", place, false),
                "spot",
                type.equals("spot") ? spot(JsonReader.mapIn(l, "spot", place), place + ".spot") : null);
    }

    private static Map<String, Object> spot(Map<String, Object> s, String place) {
        return PlainData.map(
                "innerConeAngle", JsonReader.positive(s, "innerConeAngle", place, true),
                "outerConeAngle", JsonReader.positive(s, "outerConeAngle", place, false));
    }

    /** The extension of a node that carries a light, or null. */
    Map<String, Object> of(Map<String, Object> node, String place) {
        Map<String, Object> extensions = JsonReader.mapIn(node, "extensions", place);
        if (extensions.get(NAME) == null) {
            return null;
        }
        String at = place + ".extensions." + NAME;
        int light =
                JsonReader.index(JsonReader.mapIn(extensions, NAME, place + ".extensions"), "light", lights.size(), at);
        if (light < 0) {
            throw new FileProblem(at + ".light", "is missing");
        }
        return PlainData.map(NAME, PlainData.map("light", light));
    }

    /** The extension of the whole document, or null where there are none. */
    Map<String, Object> document() {
        return lights.isEmpty() ? null : PlainData.map(NAME, PlainData.map("lights", lights));
    }
}
