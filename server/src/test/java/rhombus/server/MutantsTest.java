package rhombus.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import rhombus.core.Effort;
import rhombus.core.board.StoredBoards;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.pick.RayHit;
import rhombus.core.pick.SurfacePicking;
import rhombus.core.scene.Scene;
import rhombus.core.stage.commands.AllCommands;
import rhombus.formats.ImportedScene;
import rhombus.formats.Mutants;
import rhombus.formats.NormalReader;
import tools.jackson.databind.json.JsonMapper;

/** Thousands of broken files and documents: never a failure of the server, and what it takes can be opened. */
class MutantsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final Client mira = Client.as("mira");

    @Test
    void filesAreRefusedInWordsOrOpen() {
        Mutants mutants = new Mutants(Effort.seed("files"));
        int all = Effort.times(100);
        byte[] good = Mutants.seed();
        int taken = 0;
        for (int i = 0; i < all; i++) {
            Client.Answer a = mira.upload(Map.of("mutant.glb", mutants.glb(good)), Map.of());
            assertThat(a.status()).as(() -> a.toString()).isIn(201, 413, 422);
            if (a.status() == 201) {
                opens(a.json());
                taken++;
            } else {
                assertThat(a.detail()).hasSizeGreaterThan(20);
            }
        }
        assertThat(taken).as("mutants that are still scenes").isGreaterThan(all / 30);
        RunningServer.get().bean(JdbcTemplate.class).update("DELETE FROM scene WHERE name = 'mutant'");
    }

    /** With the core's own reader, from what the server sends to a page. */
    private void opens(Map<String, Object> scene) {
        ImportedScene i = new ImportedScene(
                (String) scene.get("name"),
                file(scene, "geometry"),
                file(scene, "edges"),
                file(scene, "levels"),
                file(scene, "hierarchy"),
                0,
                0,
                null,
                null,
                List.of());
        Scene s = NormalReader.read(i);
        assertThat(s.bounds().radius()).isFinite();
        RayHit hit = new SurfacePicking(s)
                .closest(
                        new Ray(s.bounds().center().plus(Vec3.Z, s.bounds().radius() * 2 + 1), Vec3.Z.negated()), true);
        assertThat(hit == null || Double.isFinite(hit.distance())).isTrue();
        assertThat(s.triangles()).isEqualTo(((Number) scene.get("triangles")).intValue());
    }

    private byte[] file(Map<String, Object> scene, String kind) {
        return mira.get((String) ((Map<?, ?>) scene.get(kind)).get("href"))
                .raw()
                .body();
    }

    @Test
    void documentsAreTakenOrRefusedInWords() {
        Mutants mutants = new Mutants(Effort.seed("documents"));
        String scene = "/api/scenes/"
                + mira.upload(Map.of("a.glb", Mutants.seed()), Map.of()).json().get("id");
        Map<String, Object> node = Map.of("name", "Thing", "translation", List.of(1, 2, 3));
        Map<String, Map<String, Object>> documents = Map.of(
                scene + "/edits",
                Map.of(
                        "format",
                        "rhombus-edits",
                        "version",
                        1,
                        "done",
                        1,
                        "layers",
                        List.of(Map.of("id", "l1", "name", "Layer 1", "visible", true, "locked", false)),
                        "nodes",
                        List.of(Map.of("id", "n1", "name", "Other")),
                        "edits",
                        List.of(Map.of(
                                "name", "Rename", "nodes", Map.of("n1", List.of(node, Map.of("name", "Other")))))),
                scene + "/workspace",
                Map.of("format", "rhombus-workspace", "version", 2, "views", List.of(Map.of("id", "a"))),
                scene + "/pins",
                Map.of("format", "rhombus-pins", "version", 1, "pins", List.of()),
                "/api/boards",
                StoredBoards.toPlain(StoredBoards.starting()),
                "/api/keymaps/active",
                AllCommands.CATALOGUE
                        .preset(KeymapPresets.RHOMBUS)
                        .with("frame", Trigger.key("KeyG"), 0)
                        .toPlain(),
                "/api/habits",
                Map.of("format", "rhombus-habits", "version", 1, "values", Map.of("step", 15)));
        for (var d : documents.entrySet()) {
            for (int i = 0; i < Effort.times(20); i++) {
                Object version = mira.get(d.getKey()).json().get("version");
                Object save = Map.of("version", version, "body", d.getValue());
                String text = JSON.writeValueAsString(mutants.value(save));
                Client.Answer a = mira.raw("PUT", d.getKey(), i % 3 == 0 ? mutants.text(text) : text);
                assertThat(a.status()).as(() -> d.getKey() + " " + a).isIn(200, 400, 409, 413, 422);
                assertThat(mira.get(d.getKey()).status())
                        .as("it can be read again")
                        .isEqualTo(200);
            }
        }
        Client door = new Client();
        door.get("/api/first-account");
        for (int i = 0; i < Effort.times(30); i++) {
            String text = JSON.writeValueAsString(mutants.value(Map.of("name", "nobody " + i, "password", "x")));
            int status = door.raw("POST", "/api/session", i % 3 == 0 ? mutants.text(text) : text)
                    .status();
            assertThat(status).isIn(400, 401, 413, 422, 429);
            Client.Answer v = mira.raw(
                    "POST",
                    scene + "/versions",
                    JSON.writeValueAsString(
                            mutants.value(Map.of("name", "Kept", "body", documents.get(scene + "/edits")))));
            assertThat(v.status()).as(v::toString).isIn(201, 400, 409, 413, 422);
        }
        assertThat(mira.get(scene + "/versions").status()).isEqualTo(200);
    }
}
