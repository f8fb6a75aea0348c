package rhombus.formats;

import java.util.Map;
import rhombus.core.plain.PlainData;

/** Nodes that are not drawn, nor anything below them (KHR_node_visibility). */
final class NodeVisibility {
    static final String NAME = "KHR_node_visibility";
    /** The extension of a node that is not drawn. */
    static final Map<String, Object> HIDDEN = Map.of(NAME, Map.of("visible", false));

    private NodeVisibility() {}

    static boolean hidden(Map<String, Object> node, String place) {
        Map<String, Object> own =
                JsonReader.mapIn(JsonReader.mapIn(node, "extensions", place), NAME, place + ".extensions");
        return !PlainData.truth(own.get("visible"), true);
    }
}
