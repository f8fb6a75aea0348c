package rhombus.server.scene;

import java.time.LocalDateTime;

/**
 * A scene as listed.
 *
 * @param notes JSON list of sentences: what of the file is not shown
 * @param upAxis Y or Z
 * @param unit what the file's numbers are in, or null where its format says it
 * @param asked whether nobody has said yet which way is up and what the unit is
 * @param bytes of all its files
 * @param cover version of its small picture, or null
 */
public record SceneRow(
        String id,
        String name,
        int triangles,
        int objects,
        String notes,
        LocalDateTime createdAt,
        LocalDateTime openedAt,
        String upAxis,
        String unit,
        boolean asked,
        long bytes,
        Integer cover) {}
