package rhombus.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.Scenes;

class CameraTableTest {
    private static Scene with(SceneCamera c) {
        Scene s = Scenes.boxes();
        return s.withNodes(Map.of(5, s.node(5).withCamera(c)));
    }

    private static String cell(Scene s, String column) {
        List<String> lines = CameraTable.csv(s).lines().toList();
        int at = Arrays.asList(lines.get(0).split(",")).indexOf(column);
        return lines.get(1).split(",", -1)[at];
    }

    @Test
    void everyCameraTellsWhereItLooksAlsoWhereNothingIsFocused() {
        Scene s = Scenes.boxes();
        double[] m = s.world(5);
        assertThat(Double.parseDouble(cell(s, "forward x")))
                .isCloseTo(-m[8], org.assertj.core.data.Offset.offset(1e-6));
        assertThat(cell(s, "up y")).isEqualTo("1");
        assertThat(cell(s, "aim x")).isEmpty();
        for (String column : List.of("circle of confusion", "near", "far", "locked")) {
            assertThat(CameraTable.csv(s)).contains(column);
        }
        assertThat(cell(s, "locked")).isEqualTo("no");
        assertThat(PlainData.map(CameraTable.plain(s).get(0)))
                .containsKeys("aim", "near", "far", "confusion", "roll", "pose");
    }

    @Test
    void aTypedLensReadsAsItWasTyped() {
        for (double mm : new double[] {12, 17.3, 35, 85, 400}) {
            Scene s = with(Scenes.boxes().node(5).camera().withFocalLength(mm));
            assertThat(PlainData.map(CameraTable.plain(s).get(0))).containsEntry("focalLength", mm);
            assertThat(Double.parseDouble(cell(s, "focal length"))).isEqualTo(mm);
        }
    }
}
