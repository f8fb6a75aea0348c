package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.demo.DemoScenes;
import rhombus.formats.ImportedScene;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/**
 * Smooth, drawn from shared buffers, is to a step of 255 what three.js draws of the same meshes one by one with the same shading, but
 * for the pixels at edges. Runs in the page that measures, built here.
 */
@Drawn
class DrawnAlikeTest {
    private static final Path PAGE = Path.of("../bench/dist");

    private static void build() throws IOException, InterruptedException {
        Process p = new ProcessBuilder(
                        Browser.onPath("node"),
                        "node_modules/vite/bin/vite.js",
                        "build",
                        "--config",
                        "../bench/vite.config.mjs",
                        "--logLevel",
                        "warn")
                .directory(Path.of("../web").toFile())
                .redirectErrorStream(true)
                .start();
        // Pipes of its own: Node sets those that it is given not to wait, and the test runner listens on its own ones.
        p.getOutputStream().close();
        String said = new String(p.getInputStream().readAllBytes());
        assertThat(p.waitFor()).as(said).isZero();
    }

    @Test
    void mergedMeshesLookLikeSingleOnes() throws Exception {
        build();
        ImportedScene yard = SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT)
                        .add(
                                "yard.glb",
                                DemoScenes.all().get(DemoScenes.BOATYARD).get()),
                UploadLimits.DEFAULT,
                Progress.SILENT);
        Page page = Browser.page();
        page.navigate("/sign-in");
        page.route("**/bench/**", route -> route.fulfill(answer(route, yard)));
        page.navigate("/bench/index.html");
        page.waitForFunction("() => window.bench");
        Map<?, ?> r = (Map<?, ?>)
                page.evaluate(
                        """
                async () => window.bench.pixels(await window.bench.open({
                  geometry: '/bench/file/geometry', edges: '/bench/file/edges', levels: '/bench/file/levels',
                  hierarchy: '/bench/file/hierarchy' }))""");
        page.context().close();
        assertThat(((Number) r.get("compared")).intValue()).isGreaterThan(100_000);
        // Within one step of 255, but for single pixels in which two surfaces are equally near: 3 of 333 528 here.
        assertThat(((Number) r.get("differ")).intValue())
                .isLessThanOrEqualTo(((Number) r.get("compared")).intValue() / 50_000);
    }

    private static Route.FulfillOptions answer(Route route, ImportedScene yard) {
        String name = route.request().url().replaceAll(".*/bench/", "");
        Route.FulfillOptions answer = new Route.FulfillOptions();
        switch (name) {
            case "file/geometry" -> answer.setBodyBytes(yard.glb());
            case "file/edges" -> answer.setBodyBytes(yard.edges());
            case "file/levels" -> answer.setBodyBytes(yard.levels());
            case "file/hierarchy" -> answer.setBodyBytes(yard.hierarchies());
            default -> {
                try {
                    answer.setBodyBytes(Files.readAllBytes(PAGE.resolve(name)))
                            .setContentType(name.endsWith(".html") ? "text/html" : "text/javascript");
                } catch (IOException e) {
                    answer.setStatus(404);
                }
            }
        }
        return answer;
    }
}
