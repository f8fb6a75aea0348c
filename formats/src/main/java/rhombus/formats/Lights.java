package rhombus.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.Plain;
import rhombus.formats.upload.Problem;

/** The lights of a document (KHR_lights_punctual), checked and reduced to what is shown. */
final class Lights {
    static final String NAME = "KHR_lights_punctual";
    private static final Set<String> TYPES = Set.of("directional", "point", "spot");

    private final List<Object> lights = new ArrayList<>();

    Lights(Map<String, Object> gltf) {
        String place = "extensions." + NAME;
        Map<String, Object> extension = Json.mapIn(Json.mapIn(gltf, "extensions", ""), NAME, "extensions");
        List<Object> listed = Json.list(extension, "lights", place);
        for (int i = 0; i < listed.size(); i++) {
            lights.add(light(Json.map(listed.get(i), place + ".lights[" + i + "]"), place + ".lights[" + i + "]"));
        }
    }

    private static Map<String, Object> light(Map<String, Object> l, String place) {
        String type = Plain.text(l.get("type"), "");
        if (!TYPES.contains(type)) {
            throw new Problem(
                    place + ".type", "\"" + Problem.shown(type) + "\" is none of directional, point and spot");
        }
        double[] color = Json.numbers(l, "color", 3, place);
        return Plain.map(
                "type",
                type,
                "name",
                l.get("name") instanceof String s ? s : null,
                "color",
                color == null ? null : Plain.list(color),
                "intensity",
                Json.positive(l, "intensity", place, true),
                "range",
                Json.positive(l, "range", place, false),
                "spot",
                type.equals("spot") ? spot(Json.mapIn(l, "spot", place), place + ".spot") : null);
    }

    private static Map<String, Object> spot(Map<String, Object> s, String place) {
        return Plain.map(
                "innerConeAngle", Json.positive(s, "innerConeAngle", place, true),
                "outerConeAngle", Json.positive(s, "outerConeAngle", place, false));
    }

    /** The extension of a node that carries a light, or null. */
    Map<String, Object> of(Map<String, Object> node, String place) {
        Map<String, Object> extensions = Json.mapIn(node, "extensions", place);
        if (extensions.get(NAME) == null) {
            return null;
        }
        String at = place + ".extensions." + NAME;
        int light = Json.index(Json.mapIn(extensions, NAME, place + ".extensions"), "light", lights.size(), at);
        if (light < 0) {
            throw new Problem(at + ".light", "is missing");
        }
        return Plain.map(NAME, Plain.map("light", light));
    }

    /** The extension of the whole document, or null where there are none. */
    Map<String, Object> document() {
        return lights.isEmpty() ? null : Plain.map(NAME, Plain.map("lights", lights));
    }
}
