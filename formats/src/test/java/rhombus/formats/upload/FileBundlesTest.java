package rhombus.formats.upload;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class FileBundlesTest {
    @Provide
    Arbitrary<List<String>> names() {
        return Arbitraries.of("", "boat/", "boat/hull/", "shed/")
                .flatMap(f -> Arbitraries.of(
                                "a.glb", "b.gltf", "b.bin", "c.obj", "c.mtl", "d.stl", "wood.png", ".DS_Store")
                        .map(n -> f + n))
                .list()
                .uniqueElements()
                .ofMaxSize(20);
    }

    @Property
    void everySceneIsOneUploadAndEveryOtherFileGoesWithAnyOrNone(@ForAll("names") List<String> names) {
        List<FileBundles.Bundle> out = FileBundles.of(names);
        List<Integer> first = new ArrayList<>();
        for (FileBundles.Bundle b : out) {
            first.add(b.files().get(0));
            assertThat(new HashSet<>(b.files())).hasSameSizeAs(b.files());
            for (int f : b.files().subList(1, b.files().size())) {
                assertThat(names.get(f)).as("no second scene").doesNotMatch(".*\\.(glb|gltf|obj|stl)");
            }
        }
        List<Integer> scenes = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            if (names.get(i).matches(".*\\.(glb|gltf|obj|stl)")) {
                scenes.add(i);
            }
        }
        if (!scenes.isEmpty()) {
            assertThat(first).containsExactlyElementsOf(scenes);
        }
        assertThat(out.stream().flatMap(b -> b.files().stream()).map(names::get))
                .noneMatch(n -> n.endsWith(".DS_Store"));
    }

    @Test
    void filesGoWithTheSceneInWhoseFolderTheyLie() {
        List<String> names =
                List.of("boat/b.gltf", "boat/b.bin", "boat/maps/wood.png", "shed/s.obj", "shed/s.mtl", "sky.png");
        assertThat(FileBundles.of(names))
                .containsExactly(
                        new FileBundles.Bundle("b.gltf", List.of(0, 1, 2, 5)),
                        new FileBundles.Bundle("s.obj", List.of(3, 4, 5)));
    }

    @Test
    void withoutASceneAllGoTogetherSoThatTheReaderCanSayWhatItMisses() {
        assertThat(FileBundles.of(List.of("a.bin", "a.png")))
                .containsExactly(new FileBundles.Bundle("a.bin", List.of(0, 1)));
        assertThat(FileBundles.of(List.of())).isEmpty();
    }
}
