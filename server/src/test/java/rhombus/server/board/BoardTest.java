package rhombus.server.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import rhombus.core.board.StoredBoards;
import rhombus.demo.DemoScenes;
import rhombus.server.Client;
import rhombus.server.RunningServer;

class BoardTest {
    private final Client mira = Client.as("mira");
    private final Client keys = Client.as("keys");

    private static Map<String, Object> save(int version, Object body) {
        return Map.of("version", version, "body", body);
    }

    private static int version(Client c, String path) {
        return (int) c.get(path).json().get("version");
    }

    private String scene() {
        return "/api/scenes/"
                + mira.upload(
                                Map.of(
                                        "Orrery.glb",
                                        DemoScenes.all().get("Tidal Orrery").get()),
                                Map.of())
                        .json()
                        .get("id");
    }

    @Test
    void boardsComeBackAndWhatTheCoreRefusesIsRefused() {
        assertThat(mira.send(
                                "PUT",
                                "/api/boards",
                                save(version(mira, "/api/boards"), StoredBoards.toPlain(StoredBoards.starting())))
                        .status())
                .isEqualTo(200);
        @SuppressWarnings("unchecked")
        Map<String, Object> body =
                (Map<String, Object>) mira.get("/api/boards").json().get("body");
        assertThat(StoredBoards.of(body)).isEqualTo(StoredBoards.starting());
        Client.Answer a = mira.send("PUT", "/api/boards", save(version(mira, "/api/boards"), Map.of("format", "poem")));
        assertThat(a.status()).isEqualTo(422);
        assertThat(a.detail()).contains("rhombus-boards");
        assertThat(keys.get("/api/boards").json().get("body")).isNull();
    }

    @Test
    void pinsBelongToTheirSceneAndItsOwner() {
        String path = scene() + "/pins";
        Map<String, Object> none = Map.of("format", "rhombus-pins", "version", 1, "pins", List.of());
        assertThat(mira.send("PUT", path, save(0, none)).status()).isEqualTo(200);
        assertThat(mira.send("PUT", path, save(0, none)).status()).isEqualTo(409);
        assertThat(mira.send(
                                "PUT",
                                path,
                                save(
                                        1,
                                        Map.of(
                                                "format",
                                                "rhombus-pins",
                                                "version",
                                                1,
                                                "pins",
                                                List.of(Map.of("view", 1)))))
                        .status())
                .isEqualTo(422);
        assertThat(keys.get(path).status()).isEqualTo(404);
        assertThat(keys.send("PUT", path, save(0, none)).status()).isEqualTo(404);
        assertThat(mira.get(path).json().get("version")).isEqualTo(1);
    }

    @Test
    void ofManySavesOfOneStateOneIsTakenAndTheOthersAreTold() throws Exception {
        String path = scene() + "/workspace";
        var pool = Executors.newFixedThreadPool(8);
        for (int round = 0; round < 10; round++) {
            int version = round;
            List<Callable<Integer>> saves = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                int who = i;
                saves.add(() -> mira.send("PUT", path, save(version, Map.of("who", who)))
                        .status());
            }
            List<Integer> answers = new ArrayList<>();
            for (var f : pool.invokeAll(saves)) {
                answers.add(f.get());
            }
            assertThat(answers).containsOnly(200, 409);
            assertThat(answers.stream().filter(s -> s == 200)).hasSize(1);
            assertThat(mira.get(path).json().get("version")).isEqualTo(version + 1);
        }
        pool.shutdown();
    }

    @Test
    void whatWasSavedIsThereAfterTheServerStartsAgain() {
        String path = scene() + "/workspace";
        Map<String, Object> body = Map.of("format", "rhombus-workspace", "version", 2, "number", 0.1 + 0.2);
        assertThat(mira.send("PUT", path, save(0, body)).status()).isEqualTo(200);
        RunningServer.get().restart();
        assertThat(mira.get(path).json()).containsEntry("version", 1).containsEntry("body", body);
    }
}
