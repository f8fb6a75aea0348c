package rhombus.server.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import rhombus.formats.Mutants;
import rhombus.server.Client;
import rhombus.server.RunningServer;

/** What is done to scenes in their list. */
class SceneActionsTest {
    /** A pyramid, half as wide as high. */
    private static final byte[] STL = ("solid Pyramid\n"
                    + facet("0 0 0", "0 1 0", "1 0 0")
                    + facet("0 0 0", "1 0 0", "0 0 2")
                    + facet("0 0 0", "0 0 2", "0 1 0")
                    + facet("1 0 0", "0 1 0", "0 0 2")
                    + "endsolid\n")
            .getBytes(StandardCharsets.UTF_8);

    private static Client mira;
    private static Client keys;

    private static String facet(String a, String b, String c) {
        return "facet normal 0 0 0\nouter loop\nvertex " + a + "\nvertex " + b + "\nvertex " + c
                + "\nendloop\nendfacet\n";
    }

    @BeforeAll
    static void open() {
        mira = Client.as("mira");
        keys = Client.as("keys");
    }

    private static String add(String name, byte[] bytes, Map<String, String> said) {
        Client.Answer a = mira.upload(Map.of(name, bytes), said);
        assertThat(a.status()).as(a::toString).isEqualTo(201);
        return "/api/scenes/" + a.json().get("id");
    }

    private static List<String> names(Client of) {
        List<String> out = new ArrayList<>();
        for (Object o : of.get("/api/scenes").list()) {
            out.add((String) ((Map<?, ?>) o).get("name"));
        }
        return out;
    }

    @Test
    void whatTheFormatDoesNotSayIsAskedOnceAndCanBeChangedLater() {
        String scene = add("pyramid.stl", STL, Map.of());
        assertThat(mira.get(scene).json())
                .containsEntry("upAxis", "Z")
                .containsEntry("unit", "mm")
                .containsEntry("asked", true);
        assertThat(height(scene)).isEqualTo(0.002f);
        // One by one by two of each; the inch is 25.4 mm.
        Map<Object, Object> sizes = new LinkedHashMap<>();
        for (Object o : mira.get(scene + "/sizes").list()) {
            sizes.put(((Map<?, ?>) o).get("unit"), ((Map<?, ?>) o).get("size"));
        }
        assertThat(sizes)
                .containsEntry("m", "1 m × 1 m × 2 m")
                .containsEntry("mm", "1 mm × 1 mm × 2 mm")
                .containsEntry("in", "2.54 cm × 2.54 cm × 5.08 cm")
                .containsOnlyKeys("m", "cm", "mm", "micron", "in", "ft");
        assertThat(keys.get(scene + "/sizes").status()).isEqualTo(404);
        Client.Answer a = mira.send("PATCH", scene, Map.of("upAxis", "Y", "unit", "in"));
        assertThat(a.json())
                .containsEntry("upAxis", "Y")
                .containsEntry("unit", "in")
                .containsEntry("asked", false);
        assertThat(height(scene)).isEqualTo(2 * 0.0254f);
        mira.send("PATCH", scene, Map.of("unit", "mm"));
        assertThat(height(scene)).as("there and back").isEqualTo(0.002f);
        assertThat(mira.send("PATCH", scene, Map.of("unit", "ell")).detail()).contains("\"ft\"");
        assertThat(mira.send("PATCH", scene, Map.of("upAxis", "X")).status()).isEqualTo(422);
        assertThat(keys.send("PATCH", scene, Map.of("name", "Mine")).status()).isEqualTo(404);
    }

    /** The scale of what stands at the top, with the height of the pyramid. */
    private static float height(String scene) {
        Map<?, ?> file = (Map<?, ?>) mira.get(scene).json().get("geometry");
        String glb = new String(mira.get((String) file.get("href")).raw().body(), StandardCharsets.ISO_8859_1);
        String scale = glb.replaceAll("(?s).*\"scale\":\\[([^,]+),.*", "$1");
        return (float) (2 * Double.parseDouble(scale));
    }

    @Test
    void whatWasSaidAtTheUploadIsNotAskedAndAFormatThatSaysItIsBelieved() {
        String scene = add("pyramid.stl", STL, Map.of("upAxis", "y", "unit", "ft"));
        assertThat(mira.get(scene).json())
                .containsEntry("upAxis", "Y")
                .containsEntry("unit", "ft")
                .containsEntry("asked", false);
        assertThat(mira.upload(Map.of("a.stl", STL), Map.of("unit", "ell")).status())
                .isEqualTo(422);
        String glb = add("a.glb", Mutants.seed(), Map.of());
        assertThat(mira.get(glb).json()).containsEntry("unit", null).containsEntry("asked", false);
        assertThat(mira.send("PATCH", glb, Map.of("unit", "mm")).detail()).contains("says itself");
    }

    @Test
    void anotherUnitIsRefusedOnceThingsWereMovedInMetres() {
        String scene = add("pyramid.stl", STL, Map.of());
        Map<String, Object> moved = Map.of(
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
                List.of(Map.of("id", "n0", "local", List.of(1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 5, 0, 0, 1))));
        assertThat(mira.send("PUT", scene + "/edits", Map.of("version", 0, "body", moved))
                        .status())
                .isEqualTo(200);
        Client.Answer a = mira.send("PATCH", scene, Map.of("unit", "m"));
        assertThat(a.status()).isEqualTo(409);
        assertThat(a.detail()).contains("moved or added");
        assertThat(mira.get(scene).json()).containsEntry("unit", "mm");
        assertThat(mira.send("PATCH", scene, Map.of("upAxis", "Y")).status())
                .as("up changes no place")
                .isEqualTo(200);
    }

    @Test
    void aDeletedSceneComesBackWithAllThatBelongsToIt() {
        String scene = add("kept.stl", STL, Map.of());
        mira.send("PUT", scene + "/workspace", Map.of("version", 0, "body", Map.of("a", 1)));
        assertThat(mira.send("DELETE", scene, null).status()).isEqualTo(204);
        assertThat(mira.get(scene).status()).isEqualTo(404);
        assertThat(mira.get(scene + "/workspace").status()).isEqualTo(404);
        assertThat(names(mira)).doesNotContain("kept");
        assertThat(keys.send("POST", scene + "/restore", null).status()).isEqualTo(404);
        assertThat(mira.send("POST", scene + "/restore", null).json()).containsEntry("name", "kept");
        assertThat(mira.get(scene + "/workspace").json()).containsEntry("body", Map.of("a", 1));
        assertThat(mira.send("POST", scene + "/restore", null).status())
                .as("it is not deleted")
                .isEqualTo(404);
        mira.send("DELETE", scene, null);
        JdbcTemplate db = RunningServer.get().bean(JdbcTemplate.class);
        String id = scene.substring(scene.lastIndexOf('/') + 1);
        db.update("UPDATE scene SET deleted_at = NOW(3) - INTERVAL 61 MINUTE WHERE id = ?", id);
        mira.get("/api/scenes");
        assertThat(mira.send("POST", scene + "/restore", null).detail()).contains("after an hour");
        for (String table : List.of("scene_file", "scene_chunk", "scene_cover")) {
            assertThat(db.queryForObject("SELECT COUNT(*) FROM " + table + " WHERE scene = ?", Integer.class, id))
                    .as(table)
                    .isZero();
        }
        assertThat(db.queryForObject("SELECT COUNT(*) FROM kept WHERE subject = ?", Integer.class, id))
                .isZero();
    }

    @Test
    void aCopyHasEverythingAndGoesItsOwnWay() throws Exception {
        String scene = add("first.stl", STL, Map.of());
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(4, 3, BufferedImage.TYPE_INT_RGB), "png", png);
        String picture = (String) mira.upload(scene + "/pictures", Map.of("plan.png", png.toByteArray()), Map.of())
                .json()
                .get("id");
        mira.send("PUT", scene + "/workspace", Map.of("version", 0, "body", Map.of("picture", picture)));
        Client.Answer copied = mira.send("POST", scene + "/copy", null);
        assertThat(copied.status()).isEqualTo(201);
        assertThat(copied.json()).containsEntry("name", "first copy").containsEntry("unit", "mm");
        String copy = "/api/scenes/" + copied.json().get("id");
        mira.send("DELETE", scene, null);
        Map<?, ?> body = (Map<?, ?>) mira.get(copy + "/workspace").json().get("body");
        assertThat(body.get("picture")).isNotEqualTo(picture);
        assertThat(mira.get(copy + "/pictures/" + body.get("picture")).status()).isEqualTo(200);
        Map<?, ?> file = (Map<?, ?>) mira.get(copy).json().get("geometry");
        assertThat(mira.get((String) file.get("href")).raw().body()).startsWith('g', 'l', 'T', 'F');
        assertThat(keys.send("POST", copy + "/copy", null).status()).isEqualTo(404);
    }

    @Test
    void namesAreKeptWhateverTheyAre() {
        String scene = add("a.stl", STL, Map.of());
        String odd = "<b>\u202E\uD83D\uDC1F'; DROP TABLE scene; --";
        assertThat(mira.send("PATCH", scene, Map.of("name", odd)).json()).containsEntry("name", odd);
        assertThat(mira.send("PATCH", scene, Map.of("name", "  \n ")).status()).isEqualTo(422);
        assertThat(mira.send("PATCH", scene, Map.of("name", "x".repeat(500))).json())
                .containsEntry("name", "x".repeat(200));
        assertThat(mira.send("PATCH", scene, Map.of()).status()).isEqualTo(200);
    }

    @Test
    void coversShowTheSceneAndAreReplacedByTheLastView() throws Exception {
        String scene = add("a.stl", STL, Map.of());
        Client.Answer first = mira.get((String) mira.get(scene).json().get("cover"));
        BufferedImage z = read(first);
        assertThat(z.getWidth()).isEqualTo(320);
        BufferedImage y = read(mira.get(scene + "/cover?up=y"));
        // The pyramid is twice as high as wide: standing it is higher than lying, and narrower.
        assertThat(slender(z)).isGreaterThan(1.3 * slender(y));
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(320, 200, BufferedImage.TYPE_INT_RGB), "jpeg", jpeg);
        Client.Answer put = put(scene, jpeg.toByteArray(), "image/jpeg");
        assertThat(put.status()).isEqualTo(204);
        String address = (String) mira.get(scene).json().get("cover");
        assertThat(mira.get(address).header("Content-Type")).isEqualTo("image/jpeg");
        assertThat(address)
                .isNotEqualTo(
                        first.raw().uri().getPath() + "?" + first.raw().uri().getQuery());
        ByteArrayOutputStream wide = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(1025, 2, BufferedImage.TYPE_INT_RGB), "png", wide);
        assertThat(put(scene, wide.toByteArray(), "image/png").status()).isEqualTo(422);
        assertThat(put(scene, new byte[] {1, 2, 3}, "image/png").status()).isEqualTo(422);
        assertThat(put(scene, jpeg.toByteArray(), "image/svg+xml").status()).isIn(415, 422);
        assertThat(keys.get(address).status()).isEqualTo(404);
        RunningServer.get()
                .bean(JdbcTemplate.class)
                .update("DELETE FROM scene_cover WHERE scene = ?", scene.substring(scene.lastIndexOf('/') + 1));
        assertThat(read(mira.get(scene + "/cover")).getHeight())
                .as("made anew where there is none")
                .isEqualTo(200);
    }

    private static Client.Answer put(String scene, byte[] picture, String type) {
        return mira.raw(
                "PUT", scene + "/cover", new String(picture, StandardCharsets.ISO_8859_1), "Content-Type", type);
    }

    private static BufferedImage read(Client.Answer a) throws Exception {
        assertThat(a.status()).isEqualTo(200);
        return ImageIO.read(new ByteArrayInputStream(a.raw().body()));
    }

    /** How many times as high as wide that is which is not see-through. */
    private static double slender(BufferedImage i) {
        int[] box = {i.getWidth(), i.getHeight(), 0, 0};
        for (int y = 0; y < i.getHeight(); y++) {
            for (int x = 0; x < i.getWidth(); x++) {
                if (i.getRGB(x, y) >>> 24 > 250) {
                    box = new int[] {Math.min(box[0], x), Math.min(box[1], y), Math.max(box[2], x), Math.max(box[3], y)
                    };
                }
            }
        }
        return (box[3] - box[1] + 1.0) / (box[2] - box[0] + 1);
    }

    @Test
    void filesOfAFolderFindEachOther() {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put(
                "boat/tent.obj",
                "mtllib maps/paint.mtl\nusemtl red\nv 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n"
                        .getBytes(StandardCharsets.UTF_8));
        files.put("boat/maps/paint.mtl", "newmtl red\nKd 1 0 0\n".getBytes(StandardCharsets.UTF_8));
        files.put("boat/.DS_Store", new byte[4]);
        Client.Answer a = mira.upload(files, Map.of());
        assertThat(a.json()).containsEntry("name", "tent").containsEntry("notes", List.of());
    }

    @Test
    void chosenFilesAreSortedByTheScenesTheyBelongTo() {
        Client.Answer a = mira.send("POST", "/api/scenes/bundles", Map.of("files", List.of("a.glb", "b.obj", "b.mtl")));
        assertThat(a.list())
                .isEqualTo(List.of(
                        Map.of("name", "a.glb", "files", List.of(0)), Map.of("name", "b.obj", "files", List.of(1, 2))));
        assertThat(mira.send("POST", "/api/scenes/bundles", Map.of()).status()).isEqualTo(422);
    }
}
