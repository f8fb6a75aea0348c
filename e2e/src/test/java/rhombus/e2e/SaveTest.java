package rhombus.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Files for other programs, made in the page, read by three's loaders and by the official validator. */
class SaveTest extends OfTheirOwn {
    private Locator dialog() {
        hand.choose("[data-scene-menu]", "[data-thing='Save as a file']");
        Locator d = page.locator("[data-save]");
        d.locator("[data-export-preview] .name").waitFor();
        return d;
    }

    private Download save(Locator dialog, String format, String name) {
        dialog.locator("[data-format=" + format + "]").click();
        page.locator("[data-export-preview] .name:text-is('" + name + "')").waitFor();
        Download d = page.waitForDownload(() -> page.locator("[data-save-file]").click());
        assertThat(d.suggestedFilename()).isEqualTo(name);
        return d;
    }

    private static Map<?, ?> loaded(Download d, String kind) throws Exception {
        return JsonMapper.builder()
                .build()
                .readValue(Tool.run("tools/loaded.mjs", Files.readAllBytes(d.path()), kind), Map.class);
    }

    @Test
    void everyFormatIsReadByOthersWithTheSameTrianglesAndBounds() throws Exception {
        List<String[]> formats = List.of(
                new String[] {"glb", "boxes.glb", "glb"},
                new String[] {"gltf", "boxes - gltf.zip", "zip"},
                new String[] {"obj", "boxes.obj", "obj"},
                new String[] {"stl", "boxes.stl", "stl"},
                new String[] {"ply", "boxes.ply", "ply"});
        Map<?, ?> first = null;
        for (String[] f : formats) {
            Map<?, ?> read = loaded(save(dialog(), f[0], f[1]), f[2]);
            if (first == null) {
                first = read;
                assertThat(((Number) read.get("triangles")).intValue()).isEqualTo(48);
            }
            assertThat(read.get("triangles")).as(f[0]).isEqualTo(first.get("triangles"));
            for (String end : List.of("min", "max")) {
                double[] here = numbers(read.get(end));
                assertThat(here).as(f[0]).containsExactly(numbers(first.get(end)), within(1e-6));
            }
            page.locator("[data-save]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        }
    }

    private static double[] numbers(Object list) {
        return ((List<?>) list)
                .stream().mapToDouble(n -> ((Number) n).doubleValue()).toArray();
    }

    @Test
    void whatWouldBeLostIsSaidBeforeAndTheSelectionCanGoAlone() throws Exception {
        Locator d = dialog();
        assertThat(d.locator("button:has-text('Nothing is selected')").isDisabled())
                .isTrue();
        page.keyboard().press("Escape");
        hand.press("[data-drawer=scene] .row >> nth=0");
        d = dialog();
        d.locator("[data-format=stl]").click();
        d.locator("li:has-text('All objects become one')").waitFor();
        d.locator("button:has-text('What is selected (1)')").click();
        page.waitForFunction("() => document.querySelector('[data-export-preview]').textContent.includes('1 object')");
        Download one =
                page.waitForDownload(() -> page.locator("[data-save-file]").click());
        assertThat(Files.size(one.path())).isEqualTo(84 + 12 * 50);
    }

    @Test
    void axesAndUnitAreAsked() throws Exception {
        Locator d = dialog();
        d.locator("[data-format=obj]").click();
        d.locator("label:has-text('Unit') select").selectOption("cm");
        d.locator("label:has-text('Up') select").selectOption("Z");
        d.locator("button:has-text('Faces as modelled')").click();
        Map<?, ?> centimetres = loaded(save(d, "obj", "boxes.obj"), "obj");
        Map<?, ?> metres = loaded(save(dialog(), "glb", "boxes.glb"), "glb");
        double[] high = numbers(metres.get("max"));
        assertThat(numbers(centimetres.get("max"))[2]).isCloseTo(high[1] * 100, within(1e-4));
    }
}
