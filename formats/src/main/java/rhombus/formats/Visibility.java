package rhombus.formats;

import java.util.Map;
import rhombus.core.plain.Plain;

/** Nodes that are not drawn, nor anything below them (KHR_node_visibility). */
final class Visibility {
    static final String NAME = "KHR_node_visibility";
    /** The extension of a node that is not drawn. */
    static final Map<String, Object> HIDDEN = Map.of(NAME, Map.of("visible", false));

    private Visibility() {}

    static boolean hidden(Map<String, Object> node, String place) {
        Map<String, Object> own = Json.mapIn(Json.mapIn(node, "extensions", place), NAME, place + ".extensions");
        return !Plain.truth(own.get("visible"), true);
    }
}
