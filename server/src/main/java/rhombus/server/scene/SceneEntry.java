package rhombus.server.scene;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

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
 * @param upAxis which axis points upwards, Y or Z
 * @param unit what the file's numbers are in: m, cm, mm, in or ft; null where the format says it
 * @param asked whether nobody has said yet which way is up and what the unit is
 * @param bytes of all its files
 * @param cover address of its small picture, another one when the picture is another one
 */
record SceneEntry(
        String id,
        String name,
        int triangles,
        int objects,
        List<String> notes,
        Instant createdAt,
        @Schema(types = {"string", "null"}) Instant openedAt,
        String upAxis,
        @Schema(types = {"string", "null"}) String unit,
        boolean asked,
        long bytes,
        String cover) {
    /** How a row of the database is told. */
    static SceneEntry of(SceneRow r, JsonMapper json) {
        return new SceneEntry(
                r.id(),
                r.name(),
                r.triangles(),
                r.objects(),
                json.readValue(r.notes(), new TypeReference<>() {}),
                r.createdAt().toInstant(ZoneOffset.UTC),
                r.openedAt() == null ? null : r.openedAt().toInstant(ZoneOffset.UTC),
                r.upAxis(),
                r.unit(),
                r.asked(),
                r.bytes(),
                "/api/scenes/" + r.id() + "/cover?version=" + (r.cover() == null ? 0 : r.cover()));
    }
}
