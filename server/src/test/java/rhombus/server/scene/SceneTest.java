package rhombus.server.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import rhombus.demo.DemoScenes;
import rhombus.server.Client;

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
        assertThat(keys.send("PUT", path + "/workspace", Map.of("version", 0, "body", Map.of("a", 1))).status()).isEqualTo(404);
        assertThat(keys.send("DELETE", path, null).status()).isEqualTo(404);
        assertThat(mira.get(path).status()).isEqualTo(200);
        assertThat(keys.get(path).detail()).isEqualTo(keys.get("/api/scenes/no-such-scene").detail());
    }

    @Test
    void staleSavesAreRefusedAndLoseNothing() {
        String path = "/api/scenes/" + add("kept.glb", orrery()).json().get("id") + "/workspace";
        assertThat(mira.get(path).json()).containsEntry("version", 0);
        assertThat(mira.send("PUT", path, Map.of("version", 0, "body", Map.of("a", 1))).json()).containsEntry("version", 1);
        assertThat(mira.send("PUT", path, Map.of("version", 1, "body", Map.of("a", 2))).json()).containsEntry("version", 2);
        Client.Answer stale = mira.send("PUT", path, Map.of("version", 1, "body", Map.of("a", 3)));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.detail()).contains("Another window");
        assertThat(mira.send("PUT", path, Map.of("version", 0, "body", Map.of("a", 4))).status()).isEqualTo(409);
        assertThat(mira.get(path).json()).containsEntry("body", Map.of("a", 2)).containsEntry("version", 2);
        assertThat(mira.send("PUT", path, Map.of("version", 2)).status()).isEqualTo(422);
        assertThat(mira.send("PUT", path, Map.of("version", 2, "body", Map.of("a", "x".repeat(17 << 20)))).status()).isEqualTo(413);
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
        assertThat(mira.upload(Map.of("x.glb", orrery()), Map.of("import", "../x")).status()).isEqualTo(422);
    }

    @Test
    void importsOfOthersCannotBeWatchedOrCancelled() {
        assertThat(keys.get("/api/imports/some-job").status()).isEqualTo(404);
        assertThat(keys.send("DELETE", "/api/imports/some-job", null).status()).isEqualTo(404);
    }
}
