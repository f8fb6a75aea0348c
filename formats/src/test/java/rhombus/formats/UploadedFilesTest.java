package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Names and folders as they come from desktops, browsers and zips. */
class UploadedFilesTest {
    private static final byte[] GLB = Sample.triangle().glb();

    private static byte[] scene(String uri) {
        return Sample.triangle()
                .json()
                .replace("\"buffers\":[{", "\"buffers\":[{\"uri\":\"" + uri + "\",")
                .getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] data() {
        int json = (Sample.triangle().json().getBytes(StandardCharsets.UTF_8).length + 3) / 4 * 4;
        return Arrays.copyOfRange(GLB, 28 + json, GLB.length);
    }

    private static byte[] zip(Charset names, Map<String, byte[]> files) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream z = new ZipOutputStream(out, names)) {
            for (var f : files.entrySet()) {
                z.putNextEntry(new ZipEntry(f.getKey()));
                z.write(f.getValue());
                z.closeEntry();
            }
        }
        return out.toByteArray();
    }

    private static int triangles(UploadedFiles u) {
        return SceneImport.read(u, UploadLimits.DEFAULT, Progress.SILENT).triangles();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "set/scene.gltf | ./data.bin | set/data.bin",
                "set/scene.gltf | ../bin/data.bin | bin/data.bin",
                "scene.gltf | bin/data.bin | data.bin",
                "set/scene.gltf | 100%.bin | set/100%.bin",
                "set/scene.gltf | 100%25.bin | set/100%.bin",
                "set/scene.gltf | a%20b%2zc.bin | set/a b%2zc.bin",
                "set/scene.gltf | Part%203:%20lid.bin | set/Part 3: lid.bin",
                "set/scene.gltf | %E6%BD%AE.bin | set/潮.bin",
                "set/scene.gltf | e\u0301cluse.bin | set/\u00e9cluse.bin",
                "set\\scene.gltf | maps\\data.bin | set\\maps\\data.bin",
            })
    void filesAreFoundHoweverTheyAreNamed(String main, String uri, String file) {
        UploadedFiles u = new UploadedFiles(UploadLimits.DEFAULT)
                .add(main, scene(uri.replace("\\", "\\\\")))
                .add(file, data());
        assertThat(triangles(u)).isEqualTo(1);
    }

    @Test
    void whatDesktopsLeaveInZipsDoesNoHarm() throws Exception {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("__MACOSX/set/._Part 3: lid.glb", new byte[] {1, 2});
        files.put("set/.DS_Store", new byte[] {3});
        files.put("set/Thumbs.db", new byte[] {4});
        files.put("set/Part 3: lid.glb", GLB);
        UploadedFiles u = new UploadedFiles(UploadLimits.DEFAULT).add("set.zip", zip(StandardCharsets.UTF_8, files));
        assertThat(triangles(u)).isEqualTo(1);
        assertThat(u.main()).isEqualTo("set/Part 3: lid.glb");
    }

    @Test
    void namesInAnOldCodePageAreRead() throws Exception {
        byte[] zip = zip(Charset.forName("IBM437"), Map.of("Möwe.glb", GLB));
        assertThat(new UploadedFiles(UploadLimits.DEFAULT).add("old.zip", zip).main())
                .isEqualTo("Möwe.glb");
    }

    @Test
    void whatLeadsOutOfAZipIsRefusedAndTooManyFilesToo() throws Exception {
        byte[] escape = zip(StandardCharsets.UTF_8, Map.of("a/../../etc/passwd", new byte[1]));
        assertThatThrownBy(() -> new UploadedFiles(UploadLimits.DEFAULT).add("x.zip", escape))
                .hasMessageContaining("outside the upload");
        UploadedFiles u = new UploadedFiles(UploadLimits.DEFAULT);
        for (int i = 0; i < 1000; i++) {
            u.add(i + ".bin", new byte[1]);
        }
        assertThatThrownBy(() -> u.add("one more.bin", new byte[1]))
                .hasMessageContaining("one file too many")
                .hasMessageContaining("1000");
    }

    @Test
    void twoFilesOfOneNameAreNotTakenForOne() {
        UploadedFiles u =
                new UploadedFiles(UploadLimits.DEFAULT).add("a/scene.glb", GLB).add("a/./scene.glb", GLB);
        assertThat(u.main()).isEqualTo("a/scene.glb");
        assertThatThrownBy(() -> u.add("a/scene.glb", new byte[3])).hasMessageContaining("twice");
    }

    /** Zeros pack a thousand to one: a small zip may not fill the memory. */
    @Test
    void aZipUnpacksInProportionToWhatWasSent() throws Exception {
        byte[] zeros = zip(StandardCharsets.UTF_8, Map.of("scene.bin", new byte[60 << 20]));
        assertThat(zeros.length).isLessThan(100_000);
        assertThatThrownBy(() -> new UploadedFiles(UploadLimits.DEFAULT).add("x.zip", zeros))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("unpacks to more than");
    }

    @Test
    void messagesNameFilesAsPeopleDo() {
        UploadedFiles u =
                new UploadedFiles(UploadLimits.DEFAULT).add("scene.gltf", scene("the%20tide%20%E6%BD%AE.bin"));
        assertThatThrownBy(() -> triangles(u)).hasMessageContaining("\"the tide 潮.bin\"");
    }
}
