package rhombus.formats;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import rhombus.core.plain.PlainData;
import rhombus.formats.model.ImportNotes;

/** Scenes of a document besides the one that it shows: each becomes a hidden group, so that nothing of a file is lost. */
final class UnshownScenes {
    private UnshownScenes() {}

    /**
     * Puts all scenes into the one that the document shows. What is in several of them stays in the first.
     *
     * @param gltf is changed
     */
    static void beside(Map<String, Object> gltf, ImportNotes notes) {
        List<Object> scenes = JsonReader.list(gltf, "scenes", "");
        if (scenes.size() < 2) {
            return;
        }
        int shown = shown(gltf, scenes);
        gltf.put("scene", shown);
        List<Object> nodes = new ArrayList<>(JsonReader.list(gltf, "nodes", ""));
        int given = nodes.size();
        List<Object> roots = roots(scenes, shown);
        Set<Integer> taken = childrenIn(nodes);
        for (int i = 0; i < roots.size(); i++) {
            taken.add(JsonReader.index(roots.get(i), given, "scenes[" + shown + "].nodes[" + i + "]"));
        }
        List<Object> all = new ArrayList<>(roots);
        List<String> hidden = new ArrayList<>();
        for (int s = 0; s < scenes.size(); s++) {
            List<Object> own = new ArrayList<>();
            List<Object> listed = s == shown ? List.of() : roots(scenes, s);
            for (int i = 0; i < listed.size(); i++) {
                int root = JsonReader.index(listed.get(i), given, "scenes[" + s + "].nodes[" + i + "]");
                if (taken.add(root)) {
                    own.add(root);
                }
            }
            if (!own.isEmpty()) {
                String name = name(scenes, s);
                hidden.add("\"" + name + "\"");
                all.add(nodes.size());
                nodes.add(PlainData.map("name", name, "children", own, "extensions", NodeVisibility.HIDDEN));
            }
        }
        gltf.put("nodes", nodes);
        PlainData.map(scenes.get(shown)).put("nodes", all);
        String sentence = "The file holds " + scenes.size() + " scenes; \"" + name(scenes, shown) + "\" is shown.";
        notes.add(hidden.isEmpty() ? sentence : sentence + " " + told(hidden));
    }

    /** The file's default, or where nothing is in that the first with something in it. */
    private static int shown(Map<String, Object> gltf, List<Object> scenes) {
        int marked = Math.max(0, JsonReader.index(gltf, "scene", scenes.size(), ""));
        return IntStream.concat(IntStream.of(marked), IntStream.range(0, scenes.size()))
                .filter(s -> !roots(scenes, s).isEmpty())
                .findFirst()
                .orElse(marked);
    }

    private static String told(List<String> hidden) {
        return hidden.size() == 1
                ? "Its other scene is a hidden group: " + hidden.get(0) + "."
                : "Its other scenes are hidden groups: " + String.join(", ", hidden) + ".";
    }

    private static List<Object> roots(List<Object> scenes, int s) {
        String place = "scenes[" + s + "]";
        return JsonReader.list(JsonReader.map(scenes.get(s), place), "nodes", place);
    }

    private static String name(List<Object> scenes, int s) {
        String name = NormalWriter.name(JsonReader.map(scenes.get(s), "scenes[" + s + "]"));
        return name.isEmpty() ? "Scene " + (s + 1) : name;
    }

    /** Nodes that are below another one: whatever a scene says of them, they come with that one. */
    private static Set<Integer> childrenIn(List<Object> nodes) {
        Set<Integer> out = new HashSet<>();
        for (Object n : nodes) {
            for (Object child :
                    n instanceof Map<?, ?> ? PlainData.list(PlainData.map(n).get("children")) : List.of()) {
                out.add(PlainData.whole(child, -1));
            }
        }
        return out;
    }
}
