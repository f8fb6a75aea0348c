package rhombus.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rhombus.core.Effort;
import rhombus.core.geometry.Aabb;
import rhombus.core.plain.PlainData;
import rhombus.formats.draco.DracoMesh;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;
import tools.jackson.databind.json.JsonMapper;

/** Meshes packed with Draco, of Debian's assimp-testmodels, which hold the same model without. */
class DracoPrimitivesTest {
    private static final Path MODELS = Path.of("/usr/share/assimp/models/glTF2");

    @Test
    void aPackedModelIsTheSameAsTheOneThatIsNot() throws Exception {
        Opened packed = Opened.of(SecondReaderTest.upload(MODELS.resolve("draco/2CylinderEngine.gltf")));
        Opened plain = Opened.of(new UploadedFiles(UploadLimits.DEFAULT)
                .add(
                        "plain.glb",
                        Files.readAllBytes(MODELS.resolve("2CylinderEngine-glTF-Binary/2CylinderEngine.glb"))));
        assertThat(packed.names()).isEqualTo(plain.names());
        // Counted with npm draco3dgltf 1.5.7 in node; the file without has more, of which packing left out thin ones.
        assertThat(packed.imported().triangles()).isEqualTo(110_336);
        assertThat(plain.imported().triangles()).isEqualTo(121_496);
        Aabb a = packed.scene().bounds();
        Aabb b = plain.scene().bounds();
        double grain = b.radius() / 1000;
        assertThat(a.min().distance(b.min())).isLessThan(grain);
        assertThat(a.max().distance(b.max())).isLessThan(grain);
        assertThat(packed.imported().notes()).isEmpty();
    }

    @Test
    void brokenOnesAreRefusedOrUnpackToSomething() throws Exception {
        byte[] file = Files.readAllBytes(MODELS.resolve("draco/2CylinderEngine.bin"));
        Map<?, ?> gltf = JsonMapper.builder()
                .build()
                .readValue(Files.readAllBytes(MODELS.resolve("draco/2CylinderEngine.gltf")), Map.class);
        Map<String, Object> view =
                PlainData.map(PlainData.list(gltf.get("bufferViews")).get(0));
        int from = PlainData.whole(view.get("byteOffset"), 0);
        byte[] good = Arrays.copyOfRange(file, from, from + PlainData.whole(view.get("byteLength"), 0));
        assertThat(DracoMesh.of(good, 64 << 20).triangles()).isPositive();
        Random r = Effort.random("draco");
        int all = Effort.times(50);
        int refused = 0;
        for (int i = 0; i < all; i++) {
            byte[] b = good.clone();
            for (int k = r.nextInt(3); k >= 0; k--) {
                b[r.nextInt(i % 2 == 0 ? Math.min(60, b.length) : b.length)] = (byte) r.nextInt(256);
            }
            try {
                DracoMesh m = DracoMesh.of(b, 64 << 20);
                assertThat(m.indices()).hasSize(m.triangles() * 12);
            } catch (DracoMesh.Broken e) {
                assertThat(e.getMessage()).hasSizeGreaterThan(10);
                refused++;
            }
        }
        assertThat(refused).isGreaterThan(all / 8);
    }
}
