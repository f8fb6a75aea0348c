package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import rhombus.formats.upload.FileProblem;

/** Packed views against the test vectors of npm meshoptimizer. */
class MeshoptBuffersTest {
    private record Vector(
            String name, String mode, String filter, int count, int stride, byte[] packed, byte[] unpacked) {
        byte[] unpack(byte[] in) {
            return MeshoptBuffers.unpacked(in, count, stride, mode, filter, "bufferViews[0]");
        }
    }

    private static List<Vector> vectors() throws IOException {
        try (InputStream in = MeshoptBuffersTest.class.getResourceAsStream("meshopt-vectors.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#"))
                    .map(l -> l.split(" "))
                    .map(w -> new Vector(
                            w[0],
                            w[1],
                            w[2],
                            Integer.parseInt(w[3]),
                            Integer.parseInt(w[4]),
                            HexFormat.of().parseHex(w[5]),
                            HexFormat.of().parseHex(w[6])))
                    .toList();
        }
    }

    @TestFactory
    List<DynamicTest> eachVectorIsUnpackedToTheLastBit() throws IOException {
        List<Vector> all = vectors();
        assertThat(all).hasSizeGreaterThan(15);
        return all.stream()
                .map(v -> DynamicTest.dynamicTest(
                        v.name, () -> assertThat(v.unpack(v.packed)).isEqualTo(v.unpacked)))
                .toList();
    }

    @Test
    void brokenOnesAreRefusedInWordsOrUnpackToSomething() throws IOException {
        Random r = new Random(9);
        for (Vector v : vectors()) {
            for (int i = 0; i < 400; i++) {
                byte[] b =
                        Arrays.copyOf(v.packed, r.nextInt(4) == 0 ? r.nextInt(v.packed.length) + 1 : v.packed.length);
                b[r.nextInt(b.length)] ^= (byte) (1 << r.nextInt(8));
                try {
                    assertThat(v.unpack(b)).hasSize(v.count * v.stride);
                } catch (FileProblem p) {
                    assertThat(p.getMessage()).startsWith("bufferViews[0]").hasSizeGreaterThan(30);
                }
            }
        }
        assertThatThrownBy(() -> MeshoptBuffers.unpacked(new byte[40], 4, 4, "WORDS", "NONE", "x"))
                .hasMessageContaining("none of ATTRIBUTES");
        assertThatThrownBy(() -> MeshoptBuffers.unpacked(new byte[40], 4, 4, "ATTRIBUTES", "NONE", "x"))
                .hasMessageContaining("holds no packed attributes");
    }
}
