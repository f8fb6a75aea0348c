package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Aabb;
import rhombus.core.plain.PlainData;
import rhombus.formats.upload.FileProblem;
import tools.jackson.databind.json.JsonMapper;

/** glTF files of others, with npm's @gltf-transform/core as a third reader of each: the same objects, triangles and bounds. */
class ThirdReaderTest {
    private static final Path INPUTS = Path.of("node_modules/@webxr-input-profiles/assets/dist/profiles");

    /** What the other reader finds in each file, in their order. */
    private static List<Map<String, Object>> theirs(List<Path> files) throws IOException, InterruptedException {
        Process p = new ProcessBuilder("node", "tools/counted.mjs")
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (var to = p.getOutputStream()) {
            to.write(files.stream()
                    .map(Path::toString)
                    .collect(Collectors.joining("\n"))
                    .getBytes(StandardCharsets.UTF_8));
        }
        List<Map<String, Object>> out = new ArrayList<>();
        for (String line : new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
            out.add(PlainData.map(JsonMapper.builder().build().readValue(line, Map.class)));
        }
        assertThat(p.waitFor()).isZero();
        assertThat(out).hasSameSizeAs(files);
        return out;
    }

    private static void alike(Path file, Opened ours, Map<String, Object> theirs) {
        assertThat(ours.imported().objects()).as("objects of " + file).isEqualTo(theirs.get("objects"));
        assertThat(ours.imported().triangles()).as("triangles of " + file).isEqualTo(theirs.get("triangles"));
        Aabb b = SecondReaderTest.tight(ours.scene());
        double[] min = PlainData.numbers(theirs.get("min"), 3);
        double[] max = PlainData.numbers(theirs.get("max"), 3);
        // Rotations of files are hardly ever of length one exactly; here they are made so, there not.
        double near = 5e-6 * Math.max(b.radius(), 1e-3);
        for (int k = 0; k < 3; k++) {
            assertThat(b.min().get(k)).as("bounds of " + file).isCloseTo(min[k], within(near));
            assertThat(b.max().get(k)).as("bounds of " + file).isCloseTo(max[k], within(near));
        }
    }

    @Test
    void modelsOfDebianAreSeenAlikeByTheThirdReader() throws Exception {
        List<Path> files = SecondReaderTest.files();
        List<Map<String, Object>> theirs = theirs(files);
        int alike = 0;
        for (int i = 0; i < files.size(); i++) {
            // What only one of them reads has its reason beside the second reader.
            if (theirs.get(i).containsKey("refused")
                    || !Integer.valueOf(1).equals(theirs.get(i).get("scenes"))) {
                continue;
            }
            Opened ours;
            try {
                ours = Opened.of(SecondReaderTest.upload(files.get(i)));
            } catch (FileProblem e) {
                continue;
            }
            alike(files.get(i), ours, theirs.get(i));
            alike++;
        }
        assertThat(alike).isGreaterThanOrEqualTo(30);
    }

    @Test
    void modelsOfInputDevicesAllComeInAndAreSeenAlike() throws Exception {
        List<Path> files;
        try (Stream<Path> s = Files.walk(INPUTS)) {
            files = s.filter(p -> p.toString().endsWith(".glb")).sorted().toList();
        }
        assertThat(files).hasSize(82);
        List<Map<String, Object>> theirs = theirs(files);
        for (int i = 0; i < files.size(); i++) {
            alike(files.get(i), Opened.of("device.glb", Files.readAllBytes(files.get(i))), theirs.get(i));
        }
    }
}
