package rhombus.server.scene;

import java.time.LocalDateTime;

/**
 * A scene as listed.
 *
 * @param notes JSON list of sentences: what of the file is not shown
 */
public record SceneRow(
        String id,
        String name,
        int triangles,
        int objects,
        String notes,
        LocalDateTime createdAt,
        LocalDateTime openedAt) {}
