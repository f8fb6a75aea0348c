package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import rhombus.core.Effort;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.RayHit;
import rhombus.core.pick.SurfacePicking;
import rhombus.core.scene.Scene;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Broken and hostile files: refused in words that name the place, whatever is wrong with them. */
class BadFilesTest {
    private static ImportedScene read(byte[] file) {
        return SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("sample.glb", file), UploadLimits.DEFAULT, Progress.SILENT);
    }

    private static final String LIGHTS =
            ",\"extensionsUsed\":[\"KHR_lights_punctual\"],\"extensions\":{\"KHR_lights_punctual\":{\"lights\":[{\"type\":\"point\",\"intensity\":40}]}}";

    private static void sparse(Sample s, int accessor, int indexType) {
        int at = s.view(new byte[] {1, 0, 0, 0});
        int value = s.view(new byte[12]);
        s.edit(
                accessor,
                "\"type\"",
                "\"sparse\":{\"count\":1,\"indices\":{\"bufferView\":" + at + ",\"componentType\":" + indexType
                        + "},\"values\":{\"bufferView\":" + value + "}},\"type\"");
    }

    private static final class Deep {
        static void nest(Sample s) {
            StringBuilder n = new StringBuilder("[");
            for (int i = 0; i < 200_000; i++) {
                n.append("{\"children\":[").append(i + 1).append("]},");
            }
            s.nodes = n.append("{\"mesh\":0}]").toString();
        }
    }

    private static Sample with(Consumer<Sample> change) {
        Sample s = Sample.triangle();
        change.accept(s);
        return s;
    }

    @TestFactory
    Stream<DynamicTest> eachFaultIsNamedWithItsPlace() {
        Map<String, Sample> bad = new LinkedHashMap<>();
        bad.put("accessors[1]", with(s -> s.edit(1, "\"count\":3", "\"count\":300")));
        bad.put("accessors[0].count", with(s -> s.edit(0, "\"count\":3", "\"count\":4294967296")));
        bad.put("accessors[0]: needs", with(s -> s.edit(0, "\"count\":3", "\"count\":29000000")));
        bad.put("accessors[0].count: must be a whole", with(s -> s.edit(0, "\"count\":3", "\"count\":-1")));
        bad.put("accessors[0].componentType", with(s -> s.edit(0, "5126", "7777")));
        bad.put("accessors[0].bufferView", with(s -> s.edit(0, "\"bufferView\":0", "\"bufferView\":9")));
        bad.put("names vertex 9", with(s -> {
            s.shorts(0, 1, 9);
            s.primitive = s.primitive.replace("\"indices\":1", "\"indices\":2");
        }));
        bad.put("not a finite position (NaN)", with(s -> {
            s.floats("VEC3", 0, 0, 0, Double.NaN, 0, 0, 0, 1, 0);
            s.primitive = s.primitive.replace("\"POSITION\":0", "\"POSITION\":2");
        }));
        bad.put("not a finite position (Infinity)", with(s -> {
            s.floats("VEC3", 0, 0, 0, Double.POSITIVE_INFINITY, 0, 0, 0, 1, 0);
            s.primitive = s.primitive.replace("\"POSITION\":0", "\"POSITION\":2");
        }));
        bad.put("child more than once", with(s -> s.nodes = "[{\"children\":[1]},{\"children\":[0,1]}]"));
        bad.put("own ancestor", with(s -> {
            s.nodes = "[{\"mesh\":0},{\"children\":[2]},{\"children\":[1]}]";
        }));
        bad.put("nodes[0].translation", with(s -> s.nodes = "[{\"mesh\":0,\"translation\":[1,\"x\",3]}]"));
        bad.put("nodes[0].mesh", with(s -> s.nodes = "[{\"mesh\":4}]"));
        bad.put("not one triangle", with(s -> s.nodes = "[{\"name\":\"empty\"}]"));
        bad.put("mode", with(s -> s.primitive = "{\"attributes\":{\"POSITION\":0},\"mode\":12}"));
        bad.put("KHR_texture_basisu", with(s -> s.more = ",\"extensionsRequired\":[\"KHR_texture_basisu\"]"));
        bad.put("extensions.KHR_draco_mesh_compression: is broken", with(s -> {
            int junk = s.view(new byte[] {1, 2, 3, 4, 5, 6, 7, 8});
            s.primitive = s.primitive.replace(
                    "\"indices\":1",
                    "\"indices\":1,\"extensions\":{\"KHR_draco_mesh_compression\":{\"bufferView\":" + junk
                            + ",\"attributes\":{\"POSITION\":0}}}");
        }));
        bad.put("images[0].uri", with(s -> {
            s.primitive =
                    s.primitive.replace("}", "").replace("\"POSITION\":0", "\"POSITION\":0}") + ",\"material\":0}";
            s.more =
                    ",\"materials\":[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0}}}],\"textures\":[{\"source\":0}],"
                            + "\"images\":[{\"uri\":\"https://example.org/a.png\"}]";
        }));
        bad.put("KHR_lights_punctual.light: names number 3", with(s -> {
            s.nodes = "[{\"mesh\":0,\"extensions\":{\"KHR_lights_punctual\":{\"light\":3}}}]";
            s.more = LIGHTS;
        }));
        bad.put("KHR_lights_punctual.light: must be a whole", with(s -> {
            s.nodes = "[{\"mesh\":0,\"extensions\":{\"KHR_lights_punctual\":{\"light\":-1}}}]";
            s.more = LIGHTS;
        }));
        bad.put(
                "KHR_lights_punctual.light: names number 0, but there are only 0",
                with(s -> s.nodes = "[{\"mesh\":0,\"extensions\":{\"KHR_lights_punctual\":{\"light\":0}}}]"));
        bad.put("lights[0].type", with(s -> s.more = LIGHTS.replace("point", "glow")));
        bad.put("lights[0].intensity", with(s -> s.more = LIGHTS.replace("40", "-4")));
        bad.put(
                "nodes[0]: lies or reaches farther",
                with(s -> s.nodes = "[{\"mesh\":0,\"scale\":[1e300,1e300,1e300]}]"));
        bad.put("nodes[1]: lies or reaches farther", with(s -> {
            s.nodes = "[{\"scale\":[1e10,1,1],\"children\":[1]},{\"mesh\":0,\"scale\":[1e10,1,1]}]";
        }));
        bad.put("nodes[0]: has a mesh that reaches farther", with(s -> {
            s.floats("VEC3", 0, 0, 0, 3e38, 0, 0, 0, 1, 0);
            s.primitive = s.primitive.replace("\"POSITION\":0", "\"POSITION\":2");
        }));
        bad.put("nodes[0].matrix", with(s -> s.nodes = "[{\"mesh\":0,\"matrix\":[1,0,0,1,0,1,0,0,0,0,1,0,0,0,0,1]}]"));
        bad.put("nodes[0].rotation", with(s -> s.nodes = "[{\"mesh\":0,\"rotation\":[0,0,0,0]}]"));
        bad.put("levels deep", with(Deep::nest));
        bad.put(
                "cameras[0].perspective.yfov",
                with(s ->
                        s.more = ",\"cameras\":[{\"type\":\"perspective\",\"perspective\":{\"yfov\":4,\"znear\":1}}]"));
        bad.put(
                "cameras[0].orthographic.ymag",
                with(
                        s -> s.more =
                                ",\"cameras\":[{\"type\":\"orthographic\",\"orthographic\":{\"xmag\":1,\"znear\":0,\"zfar\":1}}]"));
        for (long stride : new long[] {1L << 52, 1L << 53, 2, 256}) {
            bad.put(
                    "bufferViews[0].byteStride: is " + stride,
                    with(s -> s.editView(0, "}", ",\"byteStride\":" + stride + "}")));
        }
        bad.put(
                "bufferViews[0].byteLength",
                with(s -> s.editView(0, "\"byteOffset\":0", "\"byteOffset\":" + (1L << 53))));
        for (int type : new int[] {5120, 5122, 5126}) {
            bad.put("accessors[0].sparse.indices.componentType: is " + type, with(s -> sparse(s, 0, type)));
        }
        bad.put("extensionsUsed", with(s -> s.more = ",\"extensionsUsed\":[null]"));
        bad.put("extensionsRequired", with(s -> s.more = ",\"extensionsRequired\":[null]"));
        bad.put("bufferViews[2].extensions.EXT_meshopt_compression: has no count", with(s -> {
            s.accessor("{\"bufferView\":2,\"componentType\":5126,\"count\":3,\"type\":\"VEC3\"}");
            s.rawView("{\"buffer\":1,\"byteLength\":36,\"extensions\":{\"EXT_meshopt_compression\":{\"buffer\":0}}}");
            s.moreBuffers = ",{\"byteLength\":36}";
            s.primitive = s.primitive.replace("\"POSITION\":0", "\"POSITION\":2");
        }));
        bad.put("claims far more data", with(s -> {
            // 468 bytes that once stored 684 MB: thirty million elements of zeros, one of them given.
            s.edit(0, "\"count\":3", "\"count\":29999999").edit(0, "\"bufferView\":0,", "");
            sparse(s, 0, 5123);
            s.primitive = "{\"attributes\":{\"POSITION\":0}}";
        }));
        bad.put("with all meshes counted as often as they are used", with(s -> {
            s.primitive =
                    Stream.generate(() -> s.primitive).limit(100).collect(java.util.stream.Collectors.joining(","));
            s.nodes = "["
                    + Stream.generate(() -> "{\"mesh\":0}")
                            .limit(200_000)
                            .collect(java.util.stream.Collectors.joining(","))
                    + "]";
            s.roots = java.util.stream.IntStream.range(0, 200_000)
                    .boxed()
                    .toList()
                    .toString();
        }));
        return bad.entrySet().stream()
                .map(e -> DynamicTest.dynamicTest(e.getKey(), () -> assertThatThrownBy(
                                () -> read(e.getValue().glb()))
                        .isInstanceOf(FileProblem.class)
                        .hasMessageContaining(e.getKey())));
    }

    @Test
    void filesThatAreNoGltfOrCutOffSaySo() {
        byte[] whole = Sample.triangle().glb();
        assertThatThrownBy(() -> read("solid cube".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("neither glTF nor GLB");
        assertThatThrownBy(() -> read(new byte[0])).isInstanceOf(FileProblem.class);
        assertThatThrownBy(() -> read(Arrays.copyOf(whole, whole.length - 9))).hasMessageContaining("cut off");
        assertThatThrownBy(() -> read(Arrays.copyOf(whole, 14))).hasMessageContaining("inside the GLB header");
        assertThatThrownBy(() -> read("{\"asset\":{\"version\":\"1.0\"}}".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("only glTF 2.0");
        assertThatThrownBy(() -> read("{\"asset\":".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("line 1");
        assertThatThrownBy(() -> read(("{\"a\":" + "[".repeat(100_000)).getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(FileProblem.class);
    }

    @Test
    void urisNeverLeaveTheUpload() {
        for (String uri : new String[] {
            "https://example.org/b.bin",
            "file:///etc/passwd",
            "/etc/passwd",
            "../../secret.bin",
            "%2e%2e/secret.bin",
            "//host/b.bin"
        }) {
            Sample s = Sample.triangle();
            String text = s.json().replace("\"buffers\":[{", "\"buffers\":[{\"uri\":\"" + uri + "\",");
            assertThatThrownBy(() -> read(text.getBytes(StandardCharsets.UTF_8)))
                    .as(uri)
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining("buffers[0].uri");
        }
    }

    /** Whatever becomes of bytes, values and lengths, the answer is a scene that opens or a problem in words. */
    @Test
    void anythingMayBeWrong() {
        Mutants mutants = new Mutants(Effort.seed("files"));
        int all = Effort.times(1500);
        byte[] good = Mutants.seed();
        assertThat(NormalReader.read(read(good)).triangles()).isEqualTo(4);
        int accepted = 0;
        for (int i = 0; i < all; i++) {
            byte[] b = mutants.glb(good);
            Throwable t = catchThrowable(() -> opens(read(b)));
            assertThat(t == null || t instanceof FileProblem)
                    .as(() -> "case " + t + " " + Arrays.toString(t.getStackTrace()))
                    .isTrue();
            accepted += t == null ? 1 : 0;
        }
        assertThat(accepted).as("mutants that are still scenes").isGreaterThan(all / 20);
    }

    /** As a page does after loading: the tree, the bounds of everything, and a look along each axis. */
    private static void opens(ImportedScene i) {
        Scene scene = NormalReader.read(i);
        SurfacePicking surfaces = new SurfacePicking(scene);
        assertThat(scene.bounds().radius()).isFinite();
        for (Vec3 d : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            RayHit hit = surfaces.closest(
                    new Ray(scene.bounds().center().plus(d, -2 * scene.bounds().radius() - 1), d), true);
            assertThat(hit == null || Double.isFinite(hit.distance())).isTrue();
        }
    }

    @Test
    void jsonIsBoundedBeforeItIsParsed() {
        byte[] many = new byte[65 << 20];
        Arrays.fill(many, (byte) ' ');
        many[0] = '{';
        assertThatThrownBy(() -> read(many)).isInstanceOf(FileProblem.class).hasMessageContaining("MB of JSON");
        String objects = "{\"a\":[" + "{},".repeat(7_000_000) + "{}]}";
        assertThatThrownBy(() -> read(objects.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("million values");
    }

    /** A thousand meshes over one buffer, each claiming all of it: counted against the bytes that came. */
    @Test
    void oneBufferReadByManyMeshesIsCountedAsOftenAsItIsRead() {
        Sample s = new Sample();
        s.floats("VEC3", new Random(1).doubles(9000).toArray());
        s.primitive = Stream.generate(() -> "{\"attributes\":{\"POSITION\":0}}")
                .limit(2000)
                .collect(java.util.stream.Collectors.joining(","));
        assertThatThrownBy(() -> read(s.glb()))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("claims far more data");
    }

    @Test
    void aChunkOfFourGigabytesIsNotBelieved() {
        byte[] b = Sample.triangle().glb();
        ByteBuffer.wrap(b).order(ByteOrder.LITTLE_ENDIAN).putInt(12, 0xFFFFFFFC);
        assertThatThrownBy(() -> read(b)).hasMessageContaining("cut off");
    }
}
