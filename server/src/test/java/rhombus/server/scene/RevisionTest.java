package rhombus.server.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import rhombus.server.Client;
import rhombus.server.RunningServer;

/** A newer file takes the place of a scene's file, and the work stays. */
class RevisionTest {
    private static final byte[] FIRST =
            bytes("o Hull\nv 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\no Mast\nv 0 0 5\nv 1 0 5\nv 0 9 5\nf 4 5 6\n");
    private static final byte[] SECOND = bytes(
            "o Rudder\nv 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\no Hull\nv 0 0 0\nv 2 0 0\nv 2 2 0\nv 0 2 0\nf 4 5 6 7\n");

    private static Client mira;
    private static Client keys;
    private String scene;

    private static byte[] bytes(String s) {
        return s.getBytes(StandardCharsets.UTF_8);
    }

    @BeforeAll
    static void signIn() {
        mira = Client.as("mira");
        keys = Client.as("keys");
    }

    @BeforeEach
    void upload() {
        scene = "/api/scenes/"
                + mira.upload(Map.of("boat.obj", FIRST), Map.of("upAxis", "Z", "unit", "cm"))
                        .json()
                        .get("id");
    }

    private static Map<String, Object> renamed(String id, String name) {
        return Map.of(
                "format",
                "rhombus-edits",
                "version",
                2,
                "done",
                0,
                "layers",
                List.of(),
                "edits",
                List.of(),
                "nodes",
                List.of(Map.of("id", id, "name", name)));
    }

    private Client.Answer send(byte[] file) {
        return mira.upload(scene + "/file", Map.of("boat.obj", file), Map.of());
    }

    private String geometry() {
        Map<?, ?> file = (Map<?, ?>) mira.get(scene).json().get("geometry");
        return new String(mira.get((String) file.get("href")).raw().body(), StandardCharsets.ISO_8859_1);
    }

    private Map<?, ?> body() {
        return (Map<?, ?>) mira.get(scene + "/edits").json().get("body");
    }

    private List<String> steps() {
        return ((List<?>) body().get("edits"))
                .stream().map(s -> (String) ((Map<?, ?>) s).get("name")).toList();
    }

    private Client.Answer over(String way) {
        return mira.send("POST", scene + "/file/" + way, null);
    }

    /** Saves one more step over what is kept: an object with another name. */
    private void rename(String id, String name) {
        Map<?, ?> kept = mira.get(scene + "/edits").json();
        Map<String, Object> doc = new LinkedHashMap<>(renamed("n0", "My hull"));
        List<Object> edits = new ArrayList<>();
        if (kept.get("body") instanceof Map<?, ?> was) {
            was.forEach((k, v) -> doc.put((String) k, v));
            edits.addAll((List<?>) was.get("edits"));
        }
        edits.add(Map.of("name", "Name " + name, "nodes", List.of(Map.of("id", id, "name", name))));
        doc.put("edits", edits);
        doc.put("done", edits.size());
        assertThat(mira.send("PUT", scene + "/edits", Map.of("version", kept.get("version"), "body", doc))
                        .status())
                .isEqualTo(200);
    }

    /** The way back leads over the file in its place between the steps, as often as one likes. */
    @Test
    void aNewerFileIsAStepThatIsUndoneAndDoneAgain() {
        rename("n1", "My mast");
        String first = geometry();
        send(SECOND);
        mira.send("POST", scene + "/file/accept", null);
        String second = geometry();
        assertThat(steps()).containsExactly("Name My mast", "");
        assertThat(body().get("done")).isEqualTo(2);
        for (int i = 0; i < 2; i++) {
            assertThat(over("redo").status()).as("nothing is undone").isEqualTo(409);
            assertThat(over("undo").json()).containsEntry("file", true);
            assertThat(geometry()).isEqualTo(first);
            assertThat(body().get("done")).isEqualTo(1);
            assertThat(over("undo").detail()).contains("Open the scene again");
            assertThat(over("redo").json()).containsEntry("file", true);
            assertThat(geometry()).isEqualTo(second);
            assertThat(body().get("done")).isEqualTo(2);
            assertThat(mira.get(scene + "/files").list()).hasSize(1);
        }
    }

    @Test
    void stepsThatOnlyTheNewerFileCanTakeAreKeptAsAVersionWhenItIsUndone() {
        send(SECOND);
        mira.send("POST", scene + "/file/accept", null);
        // The rudder is what the first file does not have. The page has undone this step before.
        rename("n2", "My rudder");
        Map<?, ?> kept = mira.get(scene + "/edits").json();
        Map<String, Object> doc = new LinkedHashMap<>();
        body().forEach((k, v) -> doc.put((String) k, v));
        doc.put("done", 1);
        mira.send("PUT", scene + "/edits", Map.of("version", kept.get("version"), "body", doc));
        assertThat(over("undo").json()).containsEntry("file", true);
        assertThat(steps()).as("the file can be done again").containsExactly("");
        assertThat(mira.get(scene + "/versions").list().toString()).contains("Before the earlier file came back");
        assertThat(over("redo").json()).containsEntry("file", true);
        assertThat(geometry()).contains("Rudder");
    }

    @Test
    void overAFileThatIsNotKeptAnyMoreTheStepsBeforeItCanBeReached() {
        rename("n0", "My hull");
        send(SECOND);
        mira.send("POST", scene + "/file/accept", null);
        scene = "/api/scenes/" + mira.send("POST", scene + "/copy", null).json().get("id");
        String now = geometry();
        assertThat(over("undo").json()).containsEntry("file", false);
        assertThat(geometry()).isEqualTo(now);
        assertThat(body().get("done")).isEqualTo(1);
    }

    @Test
    void theSameFileAgainIsNoStep() {
        // The first time objects get their ids written in.
        for (boolean another : new boolean[] {true, false}) {
            send(FIRST);
            assertThat(mira.send("POST", scene + "/file/accept", null).json()).containsEntry("file", another);
            assertThat(steps()).hasSize(1);
        }
    }

    @Test
    void nothingChangesBeforeItIsAcceptedAndThenTheWorkIsStillThere() {
        mira.send("PUT", scene + "/edits", Map.of("version", 0, "body", renamed("n0", "My hull")));
        String before = geometry();
        Client.Answer report = send(SECOND);
        assertThat(report.status()).as(report::toString).isEqualTo(201);
        assertThat(report.json())
                .containsEntry("matched", 1)
                .containsEntry("reshaped", 1)
                .containsEntry("renamed", List.of())
                .containsEntry("fresh", List.of("Rudder"))
                .containsEntry("missing", List.of("Mast"));
        assertThat(geometry()).isEqualTo(before);
        assertThat(mira.send("POST", scene + "/file/accept", null).json()).containsEntry("file", true);
        assertThat(geometry()).contains("Rudder", "\"id\":\"n0\"", "Kept aside");
        assertThat(mira.get(scene).json())
                .as("it stands as before, though the file does not say how")
                .containsEntry("upAxis", "Z")
                .containsEntry("unit", "cm")
                .containsEntry("asked", false);
        assertThat(body().get("nodes")).isEqualTo(renamed("n0", "My hull").get("nodes"));
        assertThat(mira.get(scene + "/edits").json()).containsEntry("version", 2);
        assertThat(mira.get(scene + "/export?format=obj").body())
                .contains("o My hull", "o Rudder")
                .doesNotContain("o Mast");
        assertThat(mira.send("POST", scene + "/file/accept", null).status())
                .as("once")
                .isEqualTo(404);
    }

    @Test
    void oneStepBackBringsTheEarlierFile() {
        String before = geometry();
        send(SECOND);
        mira.send("POST", scene + "/file/accept", null);
        Map<?, ?> earlier = (Map<?, ?>) mira.get(scene + "/files").list().get(0);
        assertThat(earlier.get("triangles")).isEqualTo(2);
        assertThat(mira.send("POST", scene + "/files/" + earlier.get("id") + "/back", null)
                        .json())
                .containsEntry("file", true);
        assertThat(geometry()).isEqualTo(before);
        assertThat(mira.get(scene + "/files").list())
                .as("the newer one is an earlier one now")
                .hasSize(1);
        assertThat(mira.send("POST", scene + "/files/77/back", null).status()).isEqualTo(404);
    }

    @Test
    void changesThatTheEarlierFileCannotTakeAreKeptAsAVersion() {
        mira.send("PUT", scene + "/edits", Map.of("version", 0, "body", renamed("n1", "My mast")));
        send(SECOND);
        mira.send("POST", scene + "/file/accept", null);
        // The rudder is the first object that the earlier file does not have.
        assertThat(mira.send("PUT", scene + "/edits", Map.of("version", 2, "body", renamed("n2", "My rudder")))
                        .status())
                .isEqualTo(200);
        Map<?, ?> earlier = (Map<?, ?>) mira.get(scene + "/files").list().get(0);
        assertThat(mira.send("POST", scene + "/files/" + earlier.get("id") + "/back", null)
                        .json())
                .containsEntry("file", true);
        assertThat(body().get("nodes")).isEqualTo(renamed("n1", "My mast").get("nodes"));
        assertThat(mira.get(scene + "/versions").list().toString()).contains("Before the earlier file came back");
    }

    @Test
    void whatIsDiscardedOrBrokenLeavesNothingBehind() {
        String id = scene.substring(scene.lastIndexOf('/') + 1);
        JdbcTemplate db = RunningServer.get().bean(JdbcTemplate.class);
        Client.Answer broken = send(bytes("v 0 0\n"));
        assertThat(broken.status()).isEqualTo(422);
        assertThat(broken.detail()).contains("boat.obj line 1");
        send(SECOND);
        send(SECOND);
        assertThat(mira.send("DELETE", scene + "/file", null).status()).isEqualTo(204);
        assertThat(db.queryForObject("SELECT COUNT(*) FROM scene_file WHERE scene = ?", Integer.class, id))
                .isEqualTo(4);
        assertThat(mira.send("DELETE", scene + "/file", null).status()).isEqualTo(404);
        assertThat(mira.get(scene + "/files").list()).isEmpty();
    }

    @Test
    void onlyTheLastFiveAreKept() {
        for (int i = 0; i < 7; i++) {
            assertThat(send(i % 2 == 0 ? SECOND : FIRST).status()).isEqualTo(201);
            assertThat(mira.send("POST", scene + "/file/accept", null).json()).containsEntry("file", true);
        }
        assertThat(mira.get(scene + "/files").list()).hasSize(5);
        String id = scene.substring(scene.lastIndexOf('/') + 1);
        JdbcTemplate db = RunningServer.get().bean(JdbcTemplate.class);
        assertThat(db.queryForObject("SELECT COUNT(*) FROM scene_file WHERE scene = ?", Integer.class, id))
                .isEqualTo(4 * 6);
        Client.Answer copy = mira.send("POST", scene + "/copy", null);
        assertThat(db.queryForObject(
                        "SELECT COUNT(*) FROM scene_file WHERE scene = ?",
                        Integer.class,
                        copy.json().get("id")))
                .as("a copy begins without earlier files")
                .isEqualTo(4);
    }

    @Test
    void somebodyElsesSceneTakesNoFile() {
        assertThat(keys.upload(scene + "/file", Map.of("boat.obj", SECOND), Map.of())
                        .status())
                .isEqualTo(404);
        for (String path : List.of("/file/accept", "/file/undo", "/file/redo", "/files/1/back")) {
            assertThat(keys.send("POST", scene + path, null).status()).isEqualTo(404);
        }
        assertThat(keys.get(scene + "/files").status()).isEqualTo(404);
        assertThat(keys.send("DELETE", scene + "/file", null).status()).isEqualTo(404);
    }
}
