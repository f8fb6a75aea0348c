package rhombus.server.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import rhombus.core.drill.DrillSession;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Stage;
import rhombus.demo.DemoScenes;
import rhombus.formats.NormalReader;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;
import rhombus.server.Client;
import rhombus.server.RunningServer;

/** Runs of drills count as they are done again, and not as they are told. */
class DrillTest {
    private static Client who;
    private static String scene;
    private static Map<String, Object> log;
    private static double seconds;

    @BeforeAll
    static void practise() {
        RunningServer.get().account("practising");
        who = Client.as("practising");
        byte[] glb = DemoScenes.all().get("Saltmarsh Boatyard").get();
        scene = (String)
                who.upload(Map.of("Boatyard.glb", glb), Map.of()).json().get("id");
        Scene s = NormalReader.read(SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("a.glb", glb), UploadLimits.DEFAULT, Progress.SILENT));
        Stage stage = new Stage();
        stage.resize(1000, 700);
        stage.open(s, "");
        DrillSession p = new DrillSession(stage);
        p.start("level", new double[0], new double[0], 0);
        double now = 400;
        stage.input().pointer(700, 200, 0, 0, false, now);
        stage.input().keyDown("KeyN", 0, false, now += 900);
        stage.input().keyUp("KeyN", 0, now += 50);
        for (int i = 0; i < 40; i++) {
            stage.tick(now += 16);
            p.tick(now);
        }
        assertThat(p.state().done()).isTrue();
        seconds = p.state().seconds();
        log = p.log();
    }

    private static Client.Answer claim(String drill, Object sceneId, double told, Object of) {
        return who.send(
                "POST", "/api/drills/" + drill + "/runs", PlainData.map("scene", sceneId, "seconds", told, "log", of));
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> listed(Client c, String drill) {
        return (Map<String, Object>) c.get("/api/drills").list().stream()
                .filter(d -> drill.equals(((Map<?, ?>) d).get("id")))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aRunThatWasDoneCountsAndIsListedForItsOwnerAlone() {
        int before = ((List<?>) listed(who, "level").get("runs")).size();
        Client.Answer a = claim("level", scene, seconds, log);
        assertThat(a.status()).as(a.body()).isEqualTo(201);
        assertThat((double) a.json().get("seconds")).isBetween(seconds - 0.1, seconds + 0.1);
        Map<String, Object> mine = listed(who, "level");
        assertThat((List<?>) mine.get("runs")).hasSize(before + 1);
        Map<?, ?> best = (Map<?, ?>) mine.get("best");
        assertThat((List<?>) best.get("course")).isNotEmpty();
        assertThat((List<?>) best.get("path")).hasSize(6 * ((List<?>) best.get("course")).size());
        assertThat((double) best.get("seconds"))
                .isLessThanOrEqualTo((double) a.json().get("seconds"));
        // The same once more is not better.
        assertThat(claim("level", scene, seconds, log).json()).containsEntry("best", best.get("seconds"));
        RunningServer.get().account("looking-on");
        assertThat((List<?>) listed(Client.as("looking-on"), "level").get("runs"))
                .isEmpty();
        assertThat(who.get("/api/drills").list()).hasSize(10);
    }

    @Test
    void whatTheReplayDoesNotGiveIsRefused() {
        Map<String, Object> empty = new LinkedHashMap<>(log);
        Map<String, Object> recording = new LinkedHashMap<>(PlainData.map(log.get("recording")));
        List<Object> events = new ArrayList<>(PlainData.list(recording.get("events")));
        events.subList(1, events.size()).clear();
        recording.put("events", events);
        empty.put("recording", recording);
        for (Client.Answer a : List.of(
                claim("level", scene, seconds, empty),
                claim("level", scene, seconds - 0.6, log),
                claim("level", scene, 0.01, log),
                claim("level", scene, seconds + 60, log),
                claim("level", scene, Double.NaN, log),
                claim("mark", scene, seconds, log),
                claim("level", scene, seconds, null),
                claim("level", scene, seconds, Map.of("format", "something else")))) {
            assertThat(a.status()).as(a.body()).isEqualTo(422);
            assertThat(a.detail()).startsWith("This run does not count").endsWith("Do it once more.");
        }
        assertThat(claim("juggling", scene, seconds, log).status()).isEqualTo(404);
        assertThat(claim("level", "no-such-scene", seconds, log).status()).isEqualTo(404);
        RunningServer.get().account("stranger-to-drills");
        Client.Answer other = Client.as("stranger-to-drills")
                .send("POST", "/api/drills/level/runs", Map.of("scene", scene, "seconds", seconds, "log", log));
        assertThat(other.status()).as("somebody else's scene").isEqualTo(404);
    }

    /** Logs with something wrong in them never fail the server. */
    @Test
    void mutantsOfALogAreAnsweredInWords() {
        Random r = new Random(11);
        for (int i = 0; i < 60; i++) {
            Map<String, Object> m = new LinkedHashMap<>(log);
            List<String> keys = List.copyOf(m.keySet());
            String key = keys.get(r.nextInt(keys.size()));
            Object[] wrong = {
                null, 7, "x", List.of(), Map.of(), List.of(List.of(1e300, "pointer", 1, 2, 3, 4, true)), true
            };
            if (key.equals("recording") && r.nextBoolean()) {
                Map<String, Object> recording = new LinkedHashMap<>(PlainData.map(m.get(key)));
                List<String> inner = List.copyOf(recording.keySet());
                recording.put(inner.get(r.nextInt(inner.size())), wrong[r.nextInt(wrong.length)]);
                m.put(key, recording);
            } else {
                m.put(key, wrong[r.nextInt(wrong.length)]);
            }
            Client.Answer a = claim("level", scene, seconds, m);
            assertThat(a.status()).as("%s: %s", key, a.body()).isIn(201, 422);
        }
    }

    @Test
    void runsAreForgottenOnWish() {
        RunningServer.get().account("forgetting");
        Client c = Client.as("forgetting");
        assertThat(c.send("DELETE", "/api/drills/runs", null).status()).isEqualTo(204);
        assertThat((List<?>) listed(c, "level").get("runs")).isEmpty();
        assertThat(listed(c, "level").get("best")).isNull();
    }

    /** A picture of one point. */
    private static final String PICTURE =
            "data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mNk+A8AAQUBAScY42YAAAAASUVORK5CYII=";

    private static Map<String, Object> pose(double x) {
        return PlainData.map(
                "eye", PlainData.list(x, 2, 20), "orientation", PlainData.list(0, 0, 0, 1), "focus", 20, "fovY", 0.8);
    }

    private static Map<String, Object> own(Object name, Object goal, Object picture) {
        return PlainData.map("name", name, "made", PlainData.map("start", pose(0), "goal", goal), "picture", picture);
    }

    /** How many runs of a drill are kept. */
    private static int kept(String drill) {
        return RunningServer.get()
                .bean(JdbcTemplate.class)
                .queryForObject("SELECT COUNT(*) FROM drill_run WHERE drill = ?", Integer.class, drill);
    }

    @Test
    void runsOfADrillOfOnesOwnGoWithTheSceneItIsInAndNoOthers() {
        RunningServer.get().account("tidying");
        Client c = Client.as("tidying");
        byte[] glb = DemoScenes.all().get("Tidal Orrery").get();
        String gone =
                (String) c.upload(Map.of("Orrery.glb", glb), Map.of()).json().get("id");
        String id = (String) c.send("POST", "/api/scenes/" + gone + "/drills", own("There", pose(-2), PICTURE))
                .json()
                .get("id");
        JdbcTemplate db = RunningServer.get().bean(JdbcTemplate.class);
        long owner = db.queryForObject("SELECT owner FROM own_drill WHERE id = ?", Long.class, id);
        for (String drill : List.of(id, "level")) {
            RunningServer.get().bean(DrillRunMapper.class).add(owner, drill, 3, 4, 0, 0, "[]", "[]");
        }
        assertThat(c.send("DELETE", "/api/scenes/" + gone, null).status()).isEqualTo(204);
        assertThat(kept(id)).as("while the scene can be brought back").isEqualTo(1);
        db.update("UPDATE scene SET deleted_at = NOW(3) - INTERVAL 1 DAY WHERE id = ?", gone);
        c.get("/api/scenes");
        assertThat(kept(id)).isZero();
        assertThat((List<?>) listed(c, "level").get("runs")).hasSize(1);
    }

    @Test
    void aDrillOfOnesOwnIsKeptForItsOwnerDoneAndDeletedWithItsRuns() {
        String at = "/api/scenes/" + scene + "/drills";
        Client.Answer a = who.send("POST", at, own(" To the <b>left</b> ", pose(-2), PICTURE));
        assertThat(a.status()).as(a.body()).isEqualTo(201);
        String id = (String) a.json().get("id");
        Map<?, ?> listed = (Map<?, ?>) who.get(at).list().get(0);
        assertThat(listed.get("name")).isEqualTo("To the <b>left</b>");
        assertThat(listed.get("best")).isNull();
        assertThat(listed.get("picture")).isEqualTo(PICTURE);
        Stage stage = new Stage();
        stage.resize(1000, 700);
        Map<String, Object> made = PlainData.map(listed.get("made"));
        Scene s = NormalReader.read(SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT)
                        .add("a.glb", DemoScenes.all().get("Saltmarsh Boatyard").get()),
                UploadLimits.DEFAULT,
                Progress.SILENT));
        stage.open(s, "");
        DrillSession p = new DrillSession(stage);
        assertThat(p.startOwn(id, made, new double[0], new double[0], 0)).isNull();
        double now = 400;
        stage.input().pointer(700, 200, 0, 0, false, now);
        // Slides to the left until the view is reached.
        for (int i = 0; i < 12 && !p.state().done(); i++) {
            stage.input().keyDown("ArrowLeft", 1, false, now += 300);
            stage.input().keyUp("ArrowLeft", 1, now += 50);
            for (int k = 0; k < 20; k++) {
                stage.tick(now += 16);
                p.tick(now);
            }
        }
        assertThat(p.state().done()).isTrue();
        Client.Answer counted = claim(id, scene, p.state().seconds(), p.log());
        assertThat(counted.status()).as(counted.body()).isEqualTo(201);
        assertThat((List<?>) ((Map<?, ?>) who.get(at).list().get(0)).get("runs"))
                .hasSize(1);
        assertThat(claim("level", scene, p.state().seconds(), p.log()).status())
                .as("as another drill")
                .isEqualTo(422);
        RunningServer.get().account("envious");
        Client other = Client.as("envious");
        assertThat(other.get(at).status()).isEqualTo(404);
        assertThat(other.send("DELETE", at + "/" + id, null).status()).isEqualTo(404);
        assertThat(other.send("POST", at, own("Mine", pose(3), PICTURE)).status())
                .isEqualTo(404);
        assertThat(kept(id)).isEqualTo(1);
        assertThat(who.send("DELETE", at + "/" + id, null).status()).isEqualTo(204);
        assertThat(kept(id)).isZero();
        assertThat(who.get(at).list()).isEmpty();
        assertThat(claim(id, scene, p.state().seconds(), p.log()).status()).isEqualTo(404);
    }

    @Test
    void whatIsNoDrillIsRefusedInWords() {
        String at = "/api/scenes/" + scene + "/drills";
        for (Map<String, Object> wrong : List.of(
                own("", pose(3), PICTURE),
                own("x".repeat(81), pose(3), PICTURE),
                own(null, pose(3), PICTURE),
                own("Here", pose(0), PICTURE),
                own("Nowhere", Map.of("eye", "far"), PICTURE),
                own("No picture", pose(3), null),
                own("A page", pose(3), "data:text/html;base64,AAAA"),
                own("An address", pose(3), "https://example.org/a.png"),
                own("Too large", pose(3), "data:image/png;base64," + "A".repeat(60_001)))) {
            Client.Answer a = who.send("POST", at, wrong);
            assertThat(a.status()).as(a.body()).isEqualTo(422);
            assertThat(a.detail()).endsWith(".");
        }
        assertThat(who.send("POST", at, Map.of("name", "Nothing", "picture", PICTURE))
                        .status())
                .isEqualTo(422);
        assertThat(who.get(at).list()).isEmpty();
    }
}
