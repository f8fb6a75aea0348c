package rhombus.server.scene;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/**
 * A scene as listed.
 *
 * @param id of the scene
 * @param name as the user calls it
 * @param triangles how many it shows
 * @param objects how many it has
 * @param notes sentences on what of the file is not shown
 * @param createdAt when it was stored
 * @param openedAt when it was opened last, or null
 */
record SceneEntry(
        String id,
        String name,
        int triangles,
        int objects,
        List<String> notes,
        Instant createdAt,
        @Schema(types = {"string", "null"}) Instant openedAt) {}
