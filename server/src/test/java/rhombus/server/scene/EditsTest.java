package rhombus.server.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static rhombus.server.scene.SampleEdits.edits;
import static rhombus.server.scene.SampleEdits.save;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.demo.DemoScenes;
import rhombus.server.Client;

class EditsTest {
    private final Client mira = Client.as("mira");
    private final Client keys = Client.as("keys");

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

    @SuppressWarnings("unchecked")
    private List<Map<String, Object>> versions(String scene) {
        return (List<Map<String, Object>>)
                (List<?>) mira.get(scene + "/versions").list();
    }

    @Test
    void changesBelongToTheirSceneAndAreCheckedBeforeTheyAreKept() {
        String scene = scene();
        assertThat(mira.get(scene + "/edits").json()).containsEntry("version", 0);
        assertThat(mira.send("PUT", scene + "/edits", save(0, edits("Base"))).status())
                .isEqualTo(200);
        assertThat(mira.send("PUT", scene + "/edits", save(0, edits("Late"))).status())
                .isEqualTo(409);
        assertThat(mira.get(scene + "/edits").json()).containsEntry("body", edits("Base"));
        Client.Answer a = mira.send("PUT", scene + "/edits", save(1, Map.of("format", "poem")));
        assertThat(a.status()).isEqualTo(422);
        assertThat(a.detail()).contains("rhombus-edits");
        assertThat(keys.get(scene + "/edits").status()).isEqualTo(404);
        assertThat(keys.send("PUT", scene + "/edits", save(1, edits("Theirs"))).status())
                .isEqualTo(404);
    }

    @Test
    void versionsAreKeptByNameAndByThemselvesAndBelongToTheOwner() {
        String scene = scene();
        assertThat(mira.send("PUT", scene + "/edits", save(0, edits("One"))).status())
                .isEqualTo(200);
        assertThat(versions(scene)).isEmpty();
        assertThat(mira.send("PUT", scene + "/edits", save(1, edits("Two"))).status())
                .isEqualTo(200);
        assertThat(mira.send("PUT", scene + "/edits", save(2, edits("Three"))).status())
                .isEqualTo(200);
        assertThat(versions(scene)).as("the state before, once in ten minutes").hasSize(1);
        assertThat(versions(scene).get(0)).containsEntry("automatic", true);
        assertThat(mira.send("POST", scene + "/versions", Map.of("name", " Before the tide ", "body", edits("Three")))
                        .status())
                .isEqualTo(201);
        assertThat(versions(scene)).extracting(v -> v.get("name")).containsExactly("Before the tide", "Before");
        Object id = versions(scene).get(0).get("id");
        Map<?, ?> body = (Map<?, ?>) mira.get(scene + "/versions/" + id).json().get("body");
        assertThat(body).isEqualTo(edits("Three"));
        assertThat(keys.get(scene + "/versions").status()).isEqualTo(404);
        assertThat(keys.get(scene + "/versions/" + id).status()).isEqualTo(404);
        assertThat(keys.send("DELETE", scene + "/versions/" + id, null).status())
                .isEqualTo(404);
        assertThat(mira.send("DELETE", scene + "/versions/" + id, null).status())
                .isEqualTo(204);
        assertThat(versions(scene)).hasSize(1);
        assertThat(mira.send("POST", scene + "/versions", Map.of("name", " ", "body", edits("Three")))
                        .status())
                .isEqualTo(422);
        assertThat(mira.send("POST", scene + "/versions", Map.of("name", "Bad", "body", Map.of()))
                        .status())
                .isEqualTo(422);
        assertThat(mira.send("DELETE", scene, null).status()).isEqualTo(204);
        assertThat(mira.get(scene + "/versions").status()).isEqualTo(404);
    }
}
