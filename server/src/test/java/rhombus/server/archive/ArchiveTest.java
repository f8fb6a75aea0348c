package rhombus.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static rhombus.server.scene.SampleEdits.edits;
import static rhombus.server.scene.SampleEdits.save;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import rhombus.demo.DemoScenes;
import rhombus.server.Client;
import rhombus.server.RunningServer;
import tools.jackson.databind.json.JsonMapper;

/** Everything somebody has, taken home and brought back. */
class ArchiveTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String DATA = "/api/account/data";
    private static Client giver;
    private static String scene;
    private static byte[] archive;

    private static Client somebody(String name) {
        RunningServer.get().account(name);
        return Client.as(name);
    }

    @BeforeAll
    static void live() throws IOException {
        giver = somebody("giver");
        scene = "/api/scenes/"
                + giver.upload(
                                Map.of(
                                        "Orrery.glb",
                                        DemoScenes.all().get("Tidal Orrery").get()),
                                Map.of())
                        .json()
                        .get("id");
        giver.upload(
                Map.of("flat.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n".getBytes(StandardCharsets.UTF_8)), Map.of());
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(5, 3, BufferedImage.TYPE_INT_RGB), "png", png);
        Object picture = giver.upload(scene + "/pictures", Map.of("harbour.png", png.toByteArray()), Map.of())
                .json()
                .get("id");
        ok(giver.send("PUT", scene + "/edits", save(0, edits("Base"))));
        ok(giver.send("POST", scene + "/versions", Map.of("name", "Before the storm", "body", edits("Plinth"))));
        ok(giver.send("PUT", scene + "/workspace", save(0, Map.of("picture", picture))));
        ok(giver.send(
                "POST",
                scene + "/drills",
                Map.of(
                        "name",
                        "Round the rings",
                        "made",
                        Map.of("start", pose(0), "goal", pose(4)),
                        "picture",
                        "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray()))));
        ok(giver.send("PUT", "/api/habits", save(0, habits("chalk"))));
        archive = giver.get(DATA).raw().body();
    }

    private static Map<String, Object> pose(int x) {
        return Map.of("eye", List.of(x, 1, 9), "orientation", List.of(0, 0, 0, 1), "focus", 9, "fovY", 0.8);
    }

    private static void ok(Client.Answer a) {
        assertThat(a.status()).as(a.body()).isBetween(200, 204);
    }

    private static Map<String, Object> habits(String theme) {
        return Map.of("format", "rhombus-habits", "version", 1, "values", Map.of("shown.theme", theme));
    }

    private static Client.Answer bring(Client who, byte[] zip, boolean settings) {
        return who.streamed("POST", DATA + "?settings=" + settings, zip);
    }

    private static Map<String, byte[]> files(byte[] zip) throws IOException {
        Map<String, byte[]> out = new LinkedHashMap<>();
        ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
        for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
            out.put(e.getName(), in.readAllBytes());
        }
        return out;
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ZipOutputStream zip = new ZipOutputStream(out);
        for (var f : files.entrySet()) {
            zip.putNextEntry(new ZipEntry(f.getKey()));
            zip.write(f.getValue());
        }
        zip.finish();
        return out.toByteArray();
    }

    @SuppressWarnings("unchecked")
    private static List<Map<String, Object>> scenes(Client who) {
        return (List<Map<String, Object>>) (List<?>) who.get("/api/scenes").list();
    }

    @Test
    void whatIsTakenHomeComesBackToAnotherAccountAsItWas() throws IOException {
        assertThat(files(archive).keySet())
                .contains(
                        "rhombus-account.json",
                        "documents/habits.json",
                        "scenes/1/geometry.glb",
                        "scenes/1/documents/edits.json",
                        "scenes/1/documents/workspace.json",
                        "scenes/1/documents/drills.json",
                        "scenes/2/geometry.glb");
        Client taker = somebody("heir");
        Map<String, Object> told = bring(taker, archive, false).json();
        assertThat(told).containsEntry("scenes", 2).containsEntry("settings", 1).containsEntry("notes", List.of());
        List<Map<String, Object>> back = scenes(taker);
        List<Map<String, Object>> were = scenes(giver);
        assertThat(back).hasSameSizeAs(were);
        for (int i = 0; i < were.size(); i++) {
            for (String k : List.of("name", "triangles", "objects", "upAxis", "asked", "notes")) {
                assertThat(back.get(i).get(k)).as(k).isEqualTo(were.get(i).get(k));
            }
            assertThat(back.get(i).get("unit")).isEqualTo(were.get(i).get("unit"));
            assertThat(back.get(i).get("id")).isNotEqualTo(were.get(i).get("id"));
            List<?> drills = taker.get("/api/scenes/" + back.get(i).get("id") + "/drills")
                    .list();
            List<?> made = giver.get("/api/scenes/" + were.get(i).get("id") + "/drills")
                    .list();
            assertThat(drills).hasSameSizeAs(made);
            for (int d = 0; d < made.size(); d++) {
                for (String k : List.of("name", "made", "picture")) {
                    assertThat(((Map<?, ?>) drills.get(d)).get(k)).as(k).isEqualTo(((Map<?, ?>) made.get(d)).get(k));
                }
            }
            // Geometry to the byte, and what lies beside it made as it was made at first.
            Map<String, Object> a =
                    giver.get("/api/scenes/" + were.get(i).get("id")).json();
            Map<String, Object> b =
                    taker.get("/api/scenes/" + back.get(i).get("id")).json();
            for (String kind : List.of("geometry", "edges", "levels", "hierarchy")) {
                assertThat(hash(b.get(kind))).as(kind).isEqualTo(hash(a.get(kind)));
            }
        }
        String path = "/api/scenes/" + back.get(0).get("id");
        assertThat(taker.get(path + "/edits").json().get("body"))
                .isEqualTo(giver.get(scene + "/edits").json().get("body"));
        assertThat(taker.get(path + "/versions").list()).hasSize(1);
        assertThat(taker.get("/api/habits").json().get("body"))
                .isEqualTo(giver.get("/api/habits").json().get("body"));
        // The picture has an id of its own, and the views know it.
        Map<?, ?> views = (Map<?, ?>) taker.get(path + "/workspace").json().get("body");
        List<?> pictures = taker.get(path + "/pictures").list();
        assertThat(pictures).hasSize(1);
        assertThat(views.get("picture")).isEqualTo(((Map<?, ?>) pictures.get(0)).get("id"));
        assertThat(giver.get(path).status()).as("nobody else has it").isEqualTo(404);
        // A second time: once more beside what is there, and once more the same file.
        bring(taker, archive, false);
        assertThat(scenes(taker)).hasSize(4);
    }

    private static String hash(Object file) {
        String href = String.valueOf(((Map<?, ?>) file).get("href"));
        return href.substring(href.lastIndexOf('/'));
    }

    @Test
    void settingsThatAreThereStayUnlessTheirOwnerWantsThemReplaced() {
        Client keeper = somebody("keeper-of-settings");
        ok(keeper.send("PUT", "/api/habits", save(0, habits("dusk"))));
        Object before = keeper.get("/api/habits").json();
        bring(keeper, archive, false);
        assertThat(keeper.get("/api/habits").json()).isEqualTo(before);
        bring(keeper, archive, true);
        assertThat(keeper.get("/api/habits").json())
                .containsEntry("version", 2)
                .containsEntry("body", giver.get("/api/habits").json().get("body"));
    }

    @Test
    void whatIsNoArchiveIsRefusedAndChangesNothing() throws IOException {
        Client c = somebody("careful");
        Map<String, byte[]> newer = files(archive);
        newer.put(
                "rhombus-account.json",
                "{\"format\":\"rhombus-account\",\"version\":2,\"scenes\":[]}".getBytes(StandardCharsets.UTF_8));
        Map<String, byte[]> nameless = files(archive);
        nameless.put(
                "rhombus-account.json",
                "{\"format\":\"rhombus-account\",\"version\":1,\"scenes\":[{}]}".getBytes(StandardCharsets.UTF_8));
        Map<String, byte[]> holes = files(archive);
        holes.put(
                "rhombus-account.json",
                "{\"format\":\"rhombus-account\",\"version\":1,\"scenes\":[{\"folder\":\"scenes/1\",\"asked\":true,\"pictures\":[null]}]}"
                        .getBytes(StandardCharsets.UTF_8));
        for (byte[] b : List.of(
                zip(holes),
                new byte[0],
                "a poem".getBytes(StandardCharsets.UTF_8),
                zip(Map.of("x", new byte[3])),
                zip(newer),
                zip(nameless))) {
            Client.Answer a = bring(c, b, true);
            assertThat(a.status()).as(a.body()).isEqualTo(422);
            assertThat(a.detail()).endsWith(".").hasSizeGreaterThan(20);
        }
        assertThat(scenes(c)).isEmpty();
        assertThat(c.get("/api/habits").json()).containsEntry("version", 0);
        assertThat(new Client().get(DATA).status()).isEqualTo(401);
        assertThat(c.forge("POST", DATA, Map.of()).status())
                .as("without the token")
                .isEqualTo(403);
    }

    @Test
    void ofABrokenArchiveComesWhatIsWholeAndTheRestIsTold() throws IOException {
        Client c = somebody("half-heir");
        Map<String, byte[]> files = files(archive);
        files.put("scenes/2/geometry.glb", Arrays.copyOf(files.get("scenes/2/geometry.glb"), 90));
        files.put("documents/habits.json", "{\"format\":\"poem\"}".getBytes(StandardCharsets.UTF_8));
        Map<String, Object> told = bring(c, zip(files), true).json();
        assertThat(told).containsEntry("scenes", 1);
        assertThat(String.valueOf(told.get("notes"))).contains("flat").contains("habits");
        Client cut = somebody("cut-short");
        Client.Answer a = bring(cut, Arrays.copyOf(archive, archive.length / 2), true);
        assertThat(a.status()).isEqualTo(200);
        assertThat(String.valueOf(a.json().get("notes"))).contains("broken after that");
    }

    /** Bytes changed at random in the files of an archive: never a failure of the server, and what came opens. */
    @Test
    void mutantsNeverBreakTheServer() throws IOException {
        Client c = somebody("fuzzed");
        Random r = new Random(4);
        Map<String, byte[]> whole = files(archive);
        whole.keySet().removeIf(n -> n.startsWith("scenes/1/"));
        List<String> names = List.copyOf(whole.keySet());
        for (int i = 0; i < 150; i++) {
            Map<String, byte[]> files = new LinkedHashMap<>(whole);
            String name = names.get(r.nextInt(names.size()));
            byte[] b = files.get(name).clone();
            for (int k = 0; k < 1 + r.nextInt(6); k++) {
                b[r.nextInt(b.length)] = (byte) r.nextInt(256);
            }
            files.put(name, r.nextInt(5) == 0 ? Arrays.copyOf(b, r.nextInt(b.length)) : b);
            Client.Answer a = bring(c, zip(files), r.nextBoolean());
            assertThat(a.status()).as("%s: %s", name, a.body()).isIn(200, 422);
        }
        for (Map<String, Object> s : scenes(c)) {
            assertThat(c.get("/api/scenes/" + s.get("id")).status()).isEqualTo(200);
        }
        assertThat(c.get("/api/habits").status()).isEqualTo(200);
    }

    @Test
    void theIndexNamesWhatFollows() throws IOException {
        Map<?, ?> index = JSON.readValue(files(archive).get("rhombus-account.json"), Map.class);
        assertThat(index.get("account")).isEqualTo("giver");
        assertThat((List<?>) index.get("scenes")).hasSize(2);
        assertThat(giver.get(DATA).header("Content-Disposition"))
                .contains("giver")
                .contains(".zip");
    }
}
