package rhombus.formats;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Light;
import rhombus.core.scene.NormalForm;

/** Lights as KHR_lights_punctual writes them; equal ones share an entry, and one of the file is written as it came. */
final class ExportedLights {
    private final RenumberedList out;
    private final Map<Light, Integer> written = new HashMap<>();
    private final Map<Light, Integer> source = new HashMap<>();

    ExportedLights(Map<String, Object> gltf) {
        List<Object> lights = PlainData.list(
                PlainData.map(PlainData.map(gltf.get("extensions")).get(GltfLights.NAME))
                        .get("lights"));
        out = new RenumberedList(lights, l -> {});
        for (int i = 0; i < lights.size(); i++) {
            source.putIfAbsent(NormalForm.light(PlainData.map(lights.get(i))), i);
        }
    }

    /** The extension of a node that carries a light. */
    Map<String, Object> of(Light l) {
        Integer from = source.get(l);
        int number = from != null ? out.of(from) : written.computeIfAbsent(l, light -> out.add(plain(light)));
        return PlainData.map(GltfLights.NAME, PlainData.map("light", number));
    }

    private static Map<String, Object> plain(Light l) {
        return PlainData.map(
                "type",
                l.type(),
                "color",
                PlainData.list(l.color().x(), l.color().y(), l.color().z()),
                "intensity",
                l.intensity(),
                "range",
                l.range() > 0 ? l.range() : null,
                "spot",
                l.spot() ? PlainData.map("innerConeAngle", l.inner(), "outerConeAngle", l.outer()) : null);
    }

    List<Object> list() {
        return out.list();
    }
}
