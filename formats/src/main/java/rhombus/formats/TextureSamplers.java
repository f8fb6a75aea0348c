package rhombus.formats;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.PlainData;
import rhombus.formats.model.ImportNotes;

/** How textures go on beyond their edges and between their dots (glTF 2.0, 3.8.4.1): kept as the file has it, the usual left out. */
final class TextureSamplers {
    private static final Map<String, Set<Integer>> VALUES = Map.of(
            "magFilter", Set.of(9728, 9729),
            "minFilter", Set.of(9728, 9729, 9984, 9985, 9986, 9987),
            "wrapS", Set.of(33071, 33648, 10497),
            "wrapT", Set.of(33071, 33648, 10497));

    private static final List<String> KEYS = List.of("magFilter", "minFilter", "wrapS", "wrapT");
    private static final int REPEAT = 10497;

    private final List<Object> given;
    private final ImportNotes notes;
    private final Map<Map<String, Object>, Integer> kept = new LinkedHashMap<>();

    TextureSamplers(Map<String, Object> gltf, ImportNotes notes) {
        given = JsonReader.list(gltf, "samplers", "");
        this.notes = notes;
    }

    /** All that are used. */
    List<Object> kept() {
        return new ArrayList<>(kept.keySet());
    }

    /** The new number of a texture's sampler, -1 for the usual one. */
    int of(Map<String, Object> texture, String place) {
        int number = JsonReader.index(texture, "sampler", given.size(), place);
        if (number < 0) {
            return -1;
        }
        String at = "samplers[" + number + "]";
        Map<String, Object> from = JsonReader.map(given.get(number), at);
        Map<String, Object> out = PlainData.map();
        for (String key : KEYS) {
            Object value = from.get(key);
            int n = PlainData.whole(value, -1);
            if (value != null && !VALUES.get(key).contains(n)) {
                notes.add("What a sampler says that glTF 2.0 does not know is left out.", at + "." + key);
            } else if (value != null && n != REPEAT) {
                out.put(key, n);
            }
        }
        return out.isEmpty() ? -1 : kept.computeIfAbsent(out, s -> kept.size());
    }
}
