package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Broken and hostile files: refused in words that name the place, whatever is wrong with them. */
class BadFilesTest {
    private static Imported read(byte[] file) {
        return GltfImport.read(new Upload(Limits.DEFAULT).add("sample.glb", file), Limits.DEFAULT, Progress.SILENT);
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
        bad.put("KHR_draco_mesh_compression", with(s -> s.more = ",\"extensionsRequired\":[\"KHR_draco_mesh_compression\"]"));
        bad.put("images[0].uri", with(s -> {
            s.primitive = s.primitive.replace("}", "").replace("\"POSITION\":0", "\"POSITION\":0}") + ",\"material\":0}";
            s.more = ",\"materials\":[{\"pbrMetallicRoughness\":{\"baseColorTexture\":{\"index\":0}}}],\"textures\":[{\"source\":0}],"
                    + "\"images\":[{\"uri\":\"https://example.org/a.png\"}]";
        }));
        return bad.entrySet().stream().map(e -> DynamicTest.dynamicTest(e.getKey(), () -> assertThatThrownBy(() -> read(e.getValue().glb()))
                .isInstanceOf(Problem.class)
                .hasMessageContaining(e.getKey())));
    }

    @Test
    void filesThatAreNoGltfOrCutOffSaySo() {
        byte[] whole = Sample.triangle().glb();
        assertThatThrownBy(() -> read("solid cube".getBytes(StandardCharsets.UTF_8))).hasMessageContaining("neither glTF nor GLB");
        assertThatThrownBy(() -> read(new byte[0])).isInstanceOf(Problem.class);
        assertThatThrownBy(() -> read(Arrays.copyOf(whole, whole.length - 9))).hasMessageContaining("cut off");
        assertThatThrownBy(() -> read(Arrays.copyOf(whole, 14))).hasMessageContaining("inside the GLB header");
        assertThatThrownBy(() -> read("{\"asset\":{\"version\":\"1.0\"}}".getBytes(StandardCharsets.UTF_8))).hasMessageContaining("only glTF 2.0");
        assertThatThrownBy(() -> read("{\"asset\":".getBytes(StandardCharsets.UTF_8))).hasMessageContaining("line 1");
        assertThatThrownBy(() -> read(("{\"a\":" + "[".repeat(100_000)).getBytes(StandardCharsets.UTF_8))).isInstanceOf(Problem.class);
    }

    @Test
    void urisNeverLeaveTheUpload() {
        for (String uri : new String[] {"https://example.org/b.bin", "file:///etc/passwd", "/etc/passwd", "../../secret.bin", "%2e%2e/secret.bin", "//host/b.bin"}) {
            Sample s = Sample.triangle();
            String text = s.json().replace("\"buffers\":[{", "\"buffers\":[{\"uri\":\"" + uri + "\",");
            assertThatThrownBy(() -> read(text.getBytes(StandardCharsets.UTF_8))).as(uri)
                    .isInstanceOf(Problem.class).hasMessageContaining("buffers[0].uri");
        }
    }

    /** Whatever a single byte becomes, the answer is a scene or a problem in words, never another failure. */
    @Test
    void anyByteMayBeWrong() {
        Random random = new Random(5);
        byte[] good = Sample.triangle().glb();
        for (int i = 0; i < 4000; i++) {
            byte[] b = good.clone();
            for (int k = 0; k <= i % 3; k++) {
                b[random.nextInt(b.length)] = (byte) random.nextInt(256);
            }
            Throwable t = catchThrowable(() -> read(b));
            assertThat(t == null || t instanceof Problem).as(() -> "case " + t + " " + Arrays.toString(t.getStackTrace())).isTrue();
        }
    }

    @Test
    void aChunkOfFourGigabytesIsNotBelieved() {
        byte[] b = Sample.triangle().glb();
        ByteBuffer.wrap(b).order(ByteOrder.LITTLE_ENDIAN).putInt(12, 0xFFFFFFFC);
        assertThatThrownBy(() -> read(b)).hasMessageContaining("cut off");
    }
}
