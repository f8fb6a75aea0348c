package rhombus.server.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import rhombus.demo.DemoScenes;
import rhombus.server.Client;
import rhombus.server.RunningServer;

class SceneTest {
    private static Client mira;
    private static Client keys;

    @BeforeAll
    static void open() {
        mira = Client.as("mira");
        keys = Client.as("keys");
    }

    private static byte[] orrery() {
        return DemoScenes.all().get("Tidal Orrery").get();
    }

    private static Client.Answer add(String name, byte[] bytes) {
        return mira.upload(Map.of(name, bytes), Map.of());
    }

    @Test
    void anUploadIsListedOpenedStreamedAndDeleted() {
        Client.Answer added = add("My orrery.glb", orrery());
        assertThat(added.status()).isEqualTo(201);
        assertThat(added.header("Server-Timing"))
                .as("each part of the work with its time")
                .matches("reading-the-file;dur=[0-9.]+, .*storing;dur=[0-9.]+, storing-what-lies-beside;dur=[0-9.]+");
        String path = "/api/scenes/" + added.json().get("id");
        Map<String, Object> detail = mira.get(path).json();
        assertThat(detail).containsEntry("name", "My orrery").containsEntry("notes", List.of());
        @SuppressWarnings("unchecked")
        Map<String, Object> geometry = (Map<String, Object>) detail.get("geometry");
        Client.Answer file = mira.get((String) geometry.get("href"));
        assertThat(file.raw().body()).hasSize((int) geometry.get("size")).startsWith('g', 'l', 'T', 'F');
        assertThat(file.header("Cache-Control")).contains("immutable").contains("private");
        assertThat(keys.get((String) geometry.get("href")).status()).isEqualTo(404);
        assertThat(mira.send("DELETE", path, null).status()).isEqualTo(204);
        assertThat(mira.get(path).status()).isEqualTo(404);
        assertThat(mira.get((String) geometry.get("href")).status()).isEqualTo(404);
    }

    @Test
    void somebodyElsesSceneIsNotThereForAnyVerb() {
        String path = "/api/scenes/" + add("private.glb", orrery()).json().get("id");
        assertThat(keys.get(path).status()).isEqualTo(404);
        assertThat(keys.get(path + "/workspace").status()).isEqualTo(404);
        assertThat(keys.send("PUT", path + "/workspace", Map.of("version", 0, "body", Map.of("a", 1)))
                        .status())
                .isEqualTo(404);
        assertThat(keys.send("DELETE", path, null).status()).isEqualTo(404);
        assertThat(mira.get(path).status()).isEqualTo(200);
        assertThat(keys.get(path).detail())
                .isEqualTo(keys.get("/api/scenes/no-such-scene").detail());
    }

    @Test
    void staleSavesAreRefusedAndLoseNothing() {
        String path = "/api/scenes/" + add("kept.glb", orrery()).json().get("id") + "/workspace";
        assertThat(mira.get(path).json()).containsEntry("version", 0);
        assertThat(mira.send("PUT", path, Map.of("version", 0, "body", Map.of("a", 1)))
                        .json())
                .containsEntry("version", 1);
        assertThat(mira.send("PUT", path, Map.of("version", 1, "body", Map.of("a", 2)))
                        .json())
                .containsEntry("version", 2);
        Client.Answer stale = mira.send("PUT", path, Map.of("version", 1, "body", Map.of("a", 3)));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.detail()).contains("Another window");
        assertThat(mira.send("PUT", path, Map.of("version", 0, "body", Map.of("a", 4)))
                        .status())
                .isEqualTo(409);
        assertThat(mira.get(path).json()).containsEntry("body", Map.of("a", 2)).containsEntry("version", 2);
        assertThat(mira.send("PUT", path, Map.of("version", 2)).status()).isEqualTo(422);
        assertThat(mira.send("PUT", path, Map.of("version", 2, "body", Map.of("a", "x".repeat(17 << 20))))
                        .status())
                .isEqualTo(413);
    }

    @Test
    void brokenUploadsAreAnsweredWithThePlaceAndStoreNothing() throws Exception {
        int before = mira.get("/api/scenes").list().size();
        Map<String, byte[]> broken = Map.of(
                "poem.glb", "The tide goes out".getBytes(StandardCharsets.UTF_8),
                "cut.glb", Arrays.copyOf(orrery(), 5000),
                "empty.gltf", "{\"asset\":{\"version\":\"2.0\"}}".getBytes(StandardCharsets.UTF_8),
                "escape.zip", zip("../../etc/passwd", "x".getBytes(StandardCharsets.UTF_8)),
                "bomb.zip", zip("scene.gltf", new byte[600 << 20]));
        for (var b : broken.entrySet()) {
            Client.Answer a = add(b.getKey(), b.getValue());
            assertThat(a.status()).as(b.getKey()).isEqualTo(422);
            assertThat(a.header("Content-Type")).startsWith("application/problem+json");
            assertThat(a.detail()).as(b.getKey()).hasSizeGreaterThan(20);
            assertThat(a.json()).containsKey("place");
        }
        assertThat(mira.get("/api/scenes").list()).hasSize(before);
    }

    private static byte[] zip(String name, byte[] bytes) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream z = new ZipOutputStream(out)) {
            z.putNextEntry(new ZipEntry(name));
            z.write(bytes);
            z.closeEntry();
        }
        return out.toByteArray();
    }

    @Test
    void anUploadOfThreeHundredMegabytesIsRefusedInWords() {
        Client.Answer a = add("huge.glb", new byte[300 << 20]);
        assertThat(a.status()).isEqualTo(413);
        assertThat(a.detail()).contains("200 MB");
    }

    @Test
    void hostileNamesAreTextAndNothingElse() {
        String name = "<script>alert(1)</script>'; DROP TABLE scene; --\u202E \u0000";
        Client.Answer a = mira.upload(Map.of("x.glb", orrery()), Map.of("name", name));
        assertThat(a.status()).isEqualTo(201);
        assertThat((String) a.json().get("name")).startsWith("<script>alert(1)</script>'; DROP TABLE");
        assertThat(mira.get("/api/scenes").status()).isEqualTo(200);
        assertThat(mira.upload(Map.of("x.glb", orrery()), Map.of("import", "../x"))
                        .status())
                .isEqualTo(422);
    }

    private static List<?> names() {
        return mira.get("/api/scenes").list().stream()
                .map(o -> ((Map<?, ?>) o).get("name"))
                .toList();
    }

    /** Cancelled at any moment, the answers to both requests and the list tell the same story. */
    @Test
    void whatCancellingSaysIsTrueWheneverItComes() throws Exception {
        byte[] file = DemoScenes.all().get(DemoScenes.BOATYARD).get();
        int stored = 0;
        int cancelled = 0;
        for (int round = 0; round < 14; round++) {
            String job = "round-" + round;
            String name = "Cancelled " + round;
            var upload = CompletableFuture.supplyAsync(
                    () -> mira.upload(Map.of("a.glb", file), Map.of("import", job, "name", name)));
            if (round > 0) {
                // Rounds spread over the whole of the import; later ones wait until it says that it stores.
                Client.Answer p = mira.get("/api/imports/" + job);
                while (!upload.isDone()
                        && (p.status() != 200 || (double) p.json().get("part") < Math.min(0.95, round * 0.1))) {
                    p = mira.get("/api/imports/" + job);
                }
            }
            assertThat(keys.send("DELETE", "/api/imports/" + job, null).status())
                    .as("somebody else's import of that name")
                    .isEqualTo(204);
            int told = mira.send("DELETE", "/api/imports/" + job, null).status();
            Client.Answer a = upload.get();
            assertThat(told).isIn(204, 409);
            assertThat(a.status()).as("round %s", round).isEqualTo(told == 204 ? 409 : 201);
            assertThat(names().contains(name)).as("round %s", round).isEqualTo(told == 409);
            stored += told == 409 ? 1 : 0;
            cancelled += told == 204 ? 1 : 0;
            if (told == 409) {
                assertThat(mira.send("DELETE", "/api/scenes/" + a.json().get("id"), null)
                                .status())
                        .isEqualTo(204);
            }
        }
        assertThat(cancelled).isPositive();
        assertThat(stored + cancelled).isEqualTo(14);
    }

    @Test
    void importsOfOthersCannotBeWatchedOrCancelled() throws Exception {
        byte[] file = DemoScenes.all().get(DemoScenes.BOATYARD).get();
        var upload =
                CompletableFuture.supplyAsync(() -> mira.upload(Map.of("b.glb", file), Map.of("import", "watched")));
        boolean seen = false;
        while (!upload.isDone()) {
            seen |= mira.get("/api/imports/watched").status() == 200;
            assertThat(keys.get("/api/imports/watched").status()).isIn(404, 200);
            keys.send("DELETE", "/api/imports/watched", null);
        }
        assertThat(seen).as("its owner could watch it").isTrue();
        assertThat(upload.get().status()).as("and nobody else could end it").isEqualTo(201);
        Client.Answer theirs = keys.get("/api/imports/watched");
        assertThat(theirs.json()).as("only their own word").containsEntry("words", "Cancelled");
    }

    @Test
    void anImportWhoseServerIsGoneIsNotSaidToRun() {
        JdbcTemplate db = RunningServer.get().bean(JdbcTemplate.class);
        db.update(
                "INSERT INTO import_job (owner, id, words, part, changed_at) SELECT id, 'left-behind', 'Waiting for another import', 0, NOW(3) - INTERVAL 40 SECOND FROM account WHERE name = 'mira'");
        assertThat(mira.get("/api/imports/left-behind").status()).isEqualTo(404);
    }

    @Test
    void timesAreThoseOfTheClockWhateverTheZoneOfTheDatabase() {
        Map<String, Object> scene = add("clock.glb", orrery()).json();
        assertThat(Instant.parse((String) scene.get("createdAt")))
                .isCloseTo(Instant.now(), within(1, ChronoUnit.MINUTES));
        mira.get("/api/scenes/" + scene.get("id"));
        assertThat(Instant.parse((String)
                        mira.get("/api/scenes/" + scene.get("id")).json().get("openedAt")))
                .isCloseTo(Instant.now(), within(1, ChronoUnit.MINUTES));
    }

    /** A trigger that refuses stands for anything that fails half way. */
    @Test
    void deletingAndSavingAreDoneWhollyOrNotAtAll() {
        JdbcTemplate db = RunningServer.get().bean(JdbcTemplate.class);
        String path = "/api/scenes/" + add("whole.glb", orrery()).json().get("id");
        Map<String, Object> edits = Map.of(
                "format",
                "rhombus-edits",
                "version",
                1,
                "done",
                0,
                "layers",
                List.of(),
                "nodes",
                List.of(),
                "edits",
                List.of());
        assertThat(mira.send("PUT", path + "/edits", Map.of("version", 0, "body", edits))
                        .status())
                .isEqualTo(200);
        db.execute("CREATE TRIGGER refuse BEFORE INSERT ON scene_version FOR EACH ROW SIGNAL SQLSTATE '45000'");
        try {
            assertThat(mira.send("PUT", path + "/edits", Map.of("version", 1, "body", edits))
                            .status())
                    .isGreaterThanOrEqualTo(500);
        } finally {
            db.execute("DROP TRIGGER refuse");
        }
        assertThat(mira.get(path + "/edits").json()).containsEntry("version", 1);
        assertThat(mira.send("DELETE", path, null).status()).isEqualTo(204);
        String id = path.substring(path.lastIndexOf('/') + 1);
        db.update("UPDATE scene SET deleted_at = NOW(3) - INTERVAL 2 HOUR WHERE id = ?", id);
        db.execute("CREATE TRIGGER refuse BEFORE DELETE ON kept FOR EACH ROW SIGNAL SQLSTATE '45000'");
        try {
            assertThat(mira.get("/api/scenes").status())
                    .as("the list comes all the same")
                    .isEqualTo(200);
        } finally {
            db.execute("DROP TRIGGER refuse");
        }
        assertThat(db.queryForObject("SELECT COUNT(*) FROM scene WHERE id = ?", Integer.class, id))
                .as("for good, or not at all")
                .isEqualTo(1);
        mira.get("/api/scenes");
        assertThat(db.queryForObject("SELECT COUNT(*) FROM scene WHERE id = ?", Integer.class, id))
                .isZero();
        assertThat(mira.send("PUT", path + "/workspace", Map.of("version", 0, "body", Map.of()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void manySmallFilesAndLongAndOddNamesAreTaken() {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("The %22tide%22 table " + "and its long name ".repeat(40) + ".glb", orrery());
        for (int i = 0; i < 60; i++) {
            files.put("note " + i + ".txt", new byte[] {1});
        }
        Client.Answer a = mira.upload(files, Map.of());
        assertThat(a.status()).isEqualTo(201);
        assertThat((String) a.json().get("name"))
                .startsWith("The \"tide\" table")
                .hasSizeLessThanOrEqualTo(200);
        Map<String, byte[]> many = new LinkedHashMap<>();
        for (int i = 0; i < 1005; i++) {
            many.put(i + ".bin", new byte[1]);
        }
        assertThat(mira.upload(many, Map.of()).detail()).contains("1000");
    }

    /** As scenes were stored before there were coarser triangles: geometry, hierarchy, and edges in another form. */
    @Test
    void anOldSceneGetsItsCoarserTrianglesWhenItIsFirstOpened() {
        Map<String, Object> fresh = mira.upload(
                        Map.of(
                                "Orrery.glb",
                                DemoScenes.all().get("Tidal Orrery").get()),
                        Map.of())
                .json();
        String id = (String) fresh.get("id");
        JdbcTemplate db = RunningServer.get().bean(JdbcTemplate.class);
        db.update(
                "INSERT INTO scene_file (scene, kind, owner, sha256, size)"
                        + " SELECT scene, 'edges', owner, sha256, 0 FROM scene_file WHERE scene = ? AND kind = 'lines'",
                id);
        db.update("DELETE FROM scene_file WHERE scene = ? AND kind IN ('lines', 'coarse')", id);
        assertThat(keys.get("/api/scenes/" + id).status()).isEqualTo(404);
        Map<String, Object> opened = mira.get("/api/scenes/" + id).json();
        assertThat(opened.get("edges")).isEqualTo(fresh.get("edges"));
        assertThat(opened.get("levels")).isEqualTo(fresh.get("levels"));
        String levels = (String) ((Map<?, ?>) opened.get("levels")).get("href");
        assertThat(mira.get(levels).raw().body()).isNotEmpty();
        assertThat(db.queryForList("SELECT kind FROM scene_file WHERE scene = ? ORDER BY kind", String.class, id))
                .containsExactly("coarse", "geometry", "hierarchy", "lines");
    }
}
