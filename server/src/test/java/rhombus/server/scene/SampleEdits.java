package rhombus.server.scene;

import java.util.List;
import java.util.Map;

/** Documents of changes for tests. */
public final class SampleEdits {
    private SampleEdits() {}

    /** One change: the first node of a scene gets a name. */
    public static Map<String, Object> edits(String name) {
        return Map.of(
                "format",
                "rhombus-edits",
                "version",
                1,
                "done",
                1,
                "layers",
                List.of(),
                "nodes",
                List.of(Map.of("id", "n1", "name", name)),
                "edits",
                List.of(Map.of(
                        "name",
                        "Rename",
                        "nodes",
                        Map.of("n1", List.of(Map.of("name", "Plinth"), Map.of("name", name))))));
    }

    /** A document to be saved over a version of it. */
    public static Map<String, Object> save(int version, Object body) {
        return Map.of("version", version, "body", body);
    }
}
