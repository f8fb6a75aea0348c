package rhombus.server.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.demo.DemoScenes;
import rhombus.formats.Exported;
import rhombus.formats.ImportedScene;
import rhombus.formats.NormalReader;
import rhombus.server.Client;

class ExportTest {
    private static final ImportedScene KEPT =
            Exported.imported(DemoScenes.all().get("Tidal Orrery").get());
    private static final Scene BASE = NormalReader.read(KEPT);
    private static Client mira;
    private static Client keys;
    private static String scene;
    private static Scene changed;

    @BeforeAll
    static void aSceneWithChanges() {
        mira = Client.as("mira");
        keys = Client.as("keys");
        Map<String, Object> added = mira.upload(
                        Map.of(
                                "Ebb / flow.glb",
                                DemoScenes.all().get("Tidal Orrery").get()),
                        Map.of())
                .json();
        scene = "/api/scenes/" + added.get("id");
        double[] place = Mat4.translation(new Vec3(0, 4, 0));
        Scene solid = SceneEdits.add(BASE, ParametricShape.usual(ParametricShape.Sort.TORUS, 1), place)
                .scene();
        Scene camera =
                SceneEdits.add(solid, new SceneCamera(true, 0.5, 0, 0), place).scene();
        changed = SceneEdits.each(camera, List.of(camera.count() - 1), n -> n.withName("=Gull, \"low\""));
        EditHistory history = new EditHistory();
        history.add(Edit.between("Add", BASE, changed));
        assertThat(mira.send(
                                "PUT",
                                scene + "/edits",
                                Map.of("version", 0, "body", EditDocument.of(BASE, changed, history)))
                        .status())
                .isEqualTo(200);
    }

    private static Scene read(Client.Answer a) {
        assertThat(a.status()).isEqualTo(200);
        return NormalReader.read(Exported.imported(a.raw().body()));
    }

    @Test
    void theFileIsTheSceneWithItsSavedChangesByteForByte() {
        Client.Answer a = mira.get(scene + "/export?format=glb");
        assertThat(a.raw().body()).isEqualTo(Exported.of(KEPT, changed, null));
        assertThat(read(a).triangles()).isEqualTo(changed.triangles()).isGreaterThan(BASE.triangles());
        assertThat(a.header("Content-Type")).isEqualTo("model/gltf-binary");
        assertThat(a.header("Content-Length")).isEqualTo(String.valueOf(a.raw().body().length));
        assertThat(a.header("Content-Disposition")).startsWith("attachment").doesNotContain("/");
    }

    @Test
    void aSelectionIsNamedByIds() {
        String torus = changed.node(changed.count() - 2).id();
        Scene alone = read(mira.get(scene + "/export?what=selection&ids=" + torus));
        assertThat(alone.count()).isEqualTo(1);
        for (String wrong : List.of("", "&ids=", "&ids=nobody", "&ids=" + torus + ",nobody")) {
            Client.Answer a = mira.get(scene + "/export?what=selection" + wrong);
            assertThat(a.status()).as(wrong).isEqualTo(422);
            assertThat(a.detail()).contains("\"ids\"");
        }
    }

    @Test
    void everyFormatIsMadeAsItsPreviewSays() {
        for (String format : List.of("glb", "gltf", "obj", "stl", "ply")) {
            Map<String, Object> told =
                    mira.get(scene + "/export/preview?format=" + format).json();
            Client.Answer a = mira.get(scene + "/export?format=" + format);
            assertThat(a.status()).as(format).isEqualTo(200);
            String name = (String) told.get("name");
            assertThat(a.header("Content-Disposition")).contains(name.substring(name.lastIndexOf('.')));
            if (Boolean.TRUE.equals(told.get("exact"))) {
                assertThat(told.get("bytes")).isEqualTo(a.raw().body().length);
            }
            Map<String, Object> back =
                    mira.upload(Map.of(name, a.raw().body()), Map.of()).json();
            assertThat(back.get("triangles")).as(format).isEqualTo(told.get("triangles"));
            assertThat(((List<?>) told.get("losses")).isEmpty()).as(format).isEqualTo(format.startsWith("gl"));
        }
    }

    @Test
    void camerasAreToldAsJsonAndAsCsv() {
        List<?> listed = mira.get(scene + "/cameras").list();
        assertThat(listed).hasSize(changed.cameras().size());
        Map<?, ?> last = (Map<?, ?>) listed.get(listed.size() - 1);
        assertThat(last.get("name")).isEqualTo("=Gull, \"low\"");
        assertThat(last.get("filmBack")).isEqualTo(Map.of("width", 36.0, "height", 24.0));
        assertThat(last.get("aspect")).isEqualTo(16 / 9.0);
        assertThat(last.containsKey("near") && last.get("near") == null).isTrue();
        Client.Answer csv = mira.get(scene + "/cameras?format=csv");
        assertThat(csv.header("Content-Type")).startsWith("text/csv");
        String[] lines = csv.body().split("\r\n");
        assertThat(lines).hasSize(1 + listed.size());
        // A spreadsheet shows the name and does not compute it.
        assertThat(lines[lines.length - 1]).startsWith("\"'=Gull, \"\"low\"\"\",0,4,0,");
    }

    @Test
    void otherFormatsAndOtherPeoplesScenesAreRefused() {
        assertThat(mira.get(scene + "/export?format=gif").status()).isEqualTo(422);
        assertThat(mira.get(scene + "/export?what=moon").status()).isEqualTo(400);
        assertThat(mira.get(scene + "/export?format=stl&unit=ell").detail()).contains("\"ft\"");
        assertThat(mira.get(scene + "/export?format=stl&up=x").status()).isEqualTo(422);
        assertThat(mira.get(scene + "/cameras?format=xml").status()).isEqualTo(422);
        for (String path : List.of("/export", "/export/preview", "/cameras")) {
            assertThat(keys.get(scene + path).status()).isEqualTo(404);
            assertThat(new Client().get(scene + path).status()).isEqualTo(401);
        }
    }
}
