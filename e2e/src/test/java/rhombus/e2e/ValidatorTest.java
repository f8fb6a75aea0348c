package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import rhombus.demo.DemoScenes;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** The official validator of glTF 2.0 (npm gltf-validator) finds nothing wrong with what is written here. */
class ValidatorTest {
    @TestFactory
    Stream<DynamicTest> demoScenesAndTheirNormalFormsAreValid() {
        return DemoScenes.all().entrySet().stream().flatMap(ValidatorTest::both);
    }

    private static Stream<DynamicTest> both(Map.Entry<String, Supplier<byte[]>> scene) {
        byte[] glb = scene.getValue().get();
        return Stream.of(
                DynamicTest.dynamicTest(
                        scene.getKey(), () -> assertThat(issues(glb)).isEqualTo("[]")),
                DynamicTest.dynamicTest(scene.getKey() + ", as it is kept", () -> assertThat(issues(SceneImport.read(
                                        new UploadedFiles(UploadLimits.DEFAULT).add("a.glb", glb),
                                        UploadLimits.DEFAULT,
                                        Progress.SILENT)
                                .glb()))
                        .isEqualTo("[]")));
    }

    private static String issues(byte[] glb) throws Exception {
        return Tool.run("tools/validate.mjs", glb);
    }
}
