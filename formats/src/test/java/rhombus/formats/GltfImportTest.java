package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.Scene;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** What glTF 2.0 allows is read as the specification says. */
class GltfImportTest {
    private static ImportedScene read(byte[] file) {
        return SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("sample.glb", file), UploadLimits.DEFAULT, Progress.SILENT);
    }

    private static Mesh mesh(Sample s) {
        return NormalReader.read(read(s.glb())).meshes().get(0);
    }

    @Test
    void nodesStandWhereTheTreeOfTransformsPutsThem() {
        Sample s = Sample.triangle();
        // A quarter turn about Z, then a scale inside a translation: glTF 2.0, 3.5.3, T R S.
        s.nodes =
                "[{\"translation\":[10,0,0],\"rotation\":[0,0,0.7071067811865476,0.7071067811865476],\"children\":[1]},"
                        + "{\"name\":\"Thing\",\"mesh\":0,\"scale\":[2,3,4]},{\"matrix\":[1,0,0,0,0,1,0,0,0,0,1,0,5,6,7,1],\"mesh\":0}]";
        s.roots = "[0,2]";
        Scene scene = NormalReader.read(read(s.glb()));
        assertThat(scene.bounds(scene.indexOf("n1")).min().distance(new Vec3(7, 0, 0)))
                .isLessThan(1e-6);
        assertThat(scene.bounds(scene.indexOf("n1")).max().distance(new Vec3(10, 2, 0)))
                .isLessThan(1e-6);
        assertThat(scene.bounds(scene.indexOf("n2")).min().distance(new Vec3(5, 6, 7)))
                .isLessThan(1e-6);
    }

    /** Modes 4, 5, 6: triangles of a strip and a fan in the order of glTF 2.0, 3.7.2.1. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"4|0 1 2", "5|0 1 2 1 3 2", "6|1 2 0 2 3 0"})
    void stripsAndFansBecomeTriangles(int mode, String expected) {
        Sample s = new Sample();
        s.floats("VEC3", 0, 0, 0, 1, 0, 0, 0, 1, 0, 1, 1, 0);
        s.primitive = "{\"attributes\":{\"POSITION\":0},\"mode\":" + mode + "}";
        int[] t = Arrays.stream(expected.split(" ")).mapToInt(Integer::parseInt).toArray();
        assertThat(mesh(s).triangles()).containsExactly(t);
    }

    /** Component types of glTF 2.0, 3.6.2.2, normalised as in its formulas of 3.11. */
    @ParameterizedTest
    @CsvSource({"5120,127,-127", "5122,32767,-32767", "5121,255,0", "5123,65535,0"})
    void everyComponentTypeIsRead(int type, int one, int low) {
        Sample s = new Sample();
        int bytes = type < 5122 ? 1 : 2;
        byte[] b = new byte[9 * bytes];
        int[] v = {0, 0, 0, one, 0, low, 0, one, 0};
        for (int i = 0; i < 9; i++) {
            b[i * bytes] = (byte) v[i];
            if (bytes == 2) {
                b[i * 2 + 1] = (byte) (v[i] >> 8);
            }
        }
        s.accessor("{\"bufferView\":" + s.view(b) + ",\"componentType\":" + type
                + ",\"normalized\":true,\"count\":3,\"type\":\"VEC3\"}");
        s.shorts(0, 1, 2);
        s.more = ",\"extensionsUsed\":[\"KHR_mesh_quantization\"],\"extensionsRequired\":[\"KHR_mesh_quantization\"]";
        float[] p = mesh(s).positions();
        assertThat(p[3]).isCloseTo(1f, within(1e-6f));
        assertThat(p[5]).isCloseTo(low < 0 ? -1f : 0f, within(1e-6f));
        assertThat(p[7]).isCloseTo(1f, within(1e-6f));
    }

    @Test
    void sparseAccessorsReplaceSingleElements() {
        Sample s = Sample.triangle();
        int at = s.view(new byte[] {1, 0});
        int value = s.view(new byte[] {0, 0, 0x40, 0x40, 0, 0, 0, 0, 0, 0, 0, 0});
        s.edit(
                0,
                "\"type\"",
                "\"sparse\":{\"count\":1,\"indices\":{\"bufferView\":" + at
                        + ",\"componentType\":5123},\"values\":{\"bufferView\":" + value + "}},\"type\"");
        assertThat(mesh(s).positions()).containsExactly(0, 0, 0, 3, 0, 0, 0, 1, 0);
    }

    @Test
    void camerasLightsAndColoursCome() {
        Sample s = Sample.triangle();
        s.nodes =
                "[{\"mesh\":0},{\"name\":\"Shot\",\"camera\":0},{\"name\":\"Lamp\",\"extensions\":{\"KHR_lights_punctual\":{\"light\":0}}}]";
        s.roots = "[0,1,2]";
        s.primitive = "{\"attributes\":{\"POSITION\":0},\"indices\":1,\"material\":0}";
        s.more = ",\"materials\":[{\"pbrMetallicRoughness\":{\"baseColorFactor\":[0.5,0.25,0,1]}}],"
                + "\"cameras\":[{\"type\":\"perspective\",\"perspective\":{\"yfov\":0.6,\"aspectRatio\":1.5,\"znear\":0.1}}],"
                + "\"extensionsUsed\":[\"KHR_lights_punctual\"],\"extensions\":{\"KHR_lights_punctual\":{\"lights\":[{\"type\":\"point\",\"intensity\":40}]}}";
        ImportedScene i = read(s.glb());
        Scene scene = NormalReader.read(i);
        assertThat(scene.nodes().get(1).kind()).isEqualTo(NodeKind.CAMERA);
        assertThat(scene.nodes().get(1).camera().fovY()).isEqualTo(0.6);
        assertThat(scene.nodes().get(2).light().intensity()).isEqualTo(40);
        assertThat(new String(i.glb(), StandardCharsets.UTF_8)).contains("[0.5,0.25,0.0,1.0]");
        assertThat(i.notes()).isEmpty();
    }

    @Test
    void filesBesideTheSceneAndInAZipAreFound() throws Exception {
        Sample s = Sample.triangle();
        byte[] glb = s.glb();
        int json = (s.json().getBytes(StandardCharsets.UTF_8).length + 3) / 4 * 4;
        byte[] bin = Arrays.copyOfRange(glb, 28 + json, glb.length);
        String text = s.json().replace("\"buffers\":[{", "\"buffers\":[{\"uri\":\"parts/my%20data.bin\",");
        UploadedFiles u = new UploadedFiles(UploadLimits.DEFAULT)
                .add("set/scene.gltf", text.getBytes(StandardCharsets.UTF_8))
                .add("set/parts/my data.bin", bin);
        assertThat(SceneImport.read(u, UploadLimits.DEFAULT, Progress.SILENT).triangles())
                .isEqualTo(1);
        String inside = s.json()
                .replace(
                        "\"buffers\":[{",
                        "\"buffers\":[{\"uri\":\"data:application/octet-stream;base64,"
                                + Base64.getEncoder().encodeToString(bin) + "\",");
        UploadedFiles one =
                new UploadedFiles(UploadLimits.DEFAULT).add("scene.gltf", inside.getBytes(StandardCharsets.UTF_8));
        assertThat(SceneImport.read(one, UploadLimits.DEFAULT, Progress.SILENT).triangles())
                .isEqualTo(1);
    }

    @Test
    void whatIsNotShownIsListed() {
        Sample s = Sample.triangle();
        s.primitive += ",{\"attributes\":{\"POSITION\":0},\"mode\":0}";
        s.more = ",\"extensionsUsed\":[\"EXT_made_up\"],\"animations\":[{\"channels\":[],\"samplers\":[]}],"
                + "\"textures\":[{}],\"materials\":[{\"normalTexture\":{\"index\":0}}]";
        assertThat(read(s.glb()).notes())
                .anyMatch(n -> n.contains("EXT_made_up"))
                .anyMatch(n -> n.contains("Animations"))
                .anyMatch(n -> n.contains("A texture without a PNG, JPEG or WebP image"));
    }

    @Test
    void partsThatShareVerticesKeepOnlyTheirOwn() {
        Sample s = new Sample();
        s.floats("VEC3", 0, 0, 0, 1, 0, 0, 0, 1, 0, 9, 9, 9, 8, 9, 9, 9, 8, 9);
        s.floats("VEC3", 0, 0, 1, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0, 0, 1, 0, 0);
        s.shorts(0, 1, 2);
        s.shorts(5, 4, 3);
        s.primitive =
                "{\"attributes\":{\"POSITION\":0,\"NORMAL\":1},\"indices\":2},{\"attributes\":{\"POSITION\":0,\"NORMAL\":1},\"indices\":3}";
        Scene scene = NormalReader.read(read(s.glb()));
        assertThat(scene.meshes()).hasSize(2);
        assertThat(scene.meshes().get(0).bounds().max()).isEqualTo(new Vec3(1, 1, 0));
        assertThat(scene.meshes().get(1).bounds().min()).isEqualTo(new Vec3(8, 8, 9));
        assertThat(scene.meshes().get(1).triangles()).containsExactly(2, 1, 0);
    }

    @Test
    void farAwayPositionsKeepTheirMillimetres() {
        Sample s = new Sample();
        s.floats("VEC3", 100000, 0, 0, 100000.125, 0, 0, 100000, 0.125, 0);
        s.shorts(0, 1, 2);
        Mesh m = mesh(s);
        assertThat(m.origin().x()).isGreaterThan(99_000);
        assertThat(m.positions()[3] - m.positions()[0]).isEqualTo(0.125f);
    }

    @Test
    void cancellingEndsTheImport() {
        assertThatThrownBy(() -> SceneImport.read(
                        new UploadedFiles(UploadLimits.DEFAULT)
                                .add("a.glb", Sample.triangle().glb()),
                        UploadLimits.DEFAULT,
                        (w, p) -> {
                            if (p > 0.2) {
                                throw new Progress.Cancelled();
                            }
                        }))
                .isInstanceOf(Progress.Cancelled.class);
    }

    @Test
    void otherScenesOfAFileAreHiddenGroups() {
        Sample s = Sample.triangle();
        s.nodes =
                "[{\"name\":\"Deck\",\"mesh\":0},{\"name\":\"Mast\",\"mesh\":0,\"children\":[2]},{\"name\":\"Sail\",\"mesh\":0},"
                        + "{\"name\":\"Lamp\",\"mesh\":0}]";
        // Deck is in both of the first; Sail comes with the mast whatever the last scene says.
        s.roots = "[0]},{\"name\":\"Night\",\"nodes\":[0,1]},{\"nodes\":[3,2]";
        Opened o = Opened.of("a.glb", s.glb());
        assertThat(o.imported().notes())
                .containsExactly(
                        "The file holds 3 scenes; \"Scene 1\" is shown. Its other scenes are hidden groups: \"Night\", \"Scene 3\".");
        Scene scene = o.scene();
        assertThat(o.names()).containsExactly("Deck", "Night", "Mast", "Sail", "Scene 3", "Lamp");
        assertThat(List.of(0, 1, 2, 3, 4, 5).stream().filter(scene::shown)).containsExactly(0);
        assertThat(scene.node(2).parent()).isEqualTo(1);
        assertThat(scene.node(5).parent()).isEqualTo(4);
        assertThat(Opened.of("a.glb", Sample.triangle().glb()).imported().notes())
                .isEmpty();
    }

    @Test
    void ofScenesTheFirstWithSomethingInItIsShownWhereTheDefaultIsEmpty() {
        Sample s = Sample.triangle();
        s.roots = "[]},{\"name\":\"Night\",\"nodes\":[0]";
        Opened o = Opened.of("a.glb", s.glb());
        assertThat(o.imported().notes()).containsExactly("The file holds 2 scenes; \"Night\" is shown.");
        assertThat(o.scene().shown(0)).isTrue();
        s.roots = "[0]},{\"nodes\":[7]";
        assertThatThrownBy(() -> Opened.of("b.glb", s.glb())).hasMessageContaining("scenes[1].nodes[0]");
    }
}
