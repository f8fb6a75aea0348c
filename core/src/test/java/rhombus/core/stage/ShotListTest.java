package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import rhombus.core.stage.show.scene.ShotRow;
import rhombus.core.stage.subject.ShotChecks;

/** All cameras as a table: what the selection fills, what is probably not wanted, and the file made of it. */
class ShotListTest {
    private Hand hand = new Hand();

    private ShotRow row() {
        return hand.stage.shotList().row("n5");
    }

    private void set(Object... args) {
        List<Object> all = new ArrayList<>(List.of("camera", "n5"));
        all.addAll(List.of(args));
        hand.run("camera.set", "v2", all.toArray());
    }

    /** Straight on a box of one metre: its near face covers 1 / (2·d·tan(a/2)) of the picture's height and of its width. */
    @Property(tries = 200)
    void whatTheSelectionFillsIsWhatItsNearFaceCovers(
            @ForAll @DoubleRange(min = 3, max = 40) double distance,
            @ForAll @DoubleRange(min = 25, max = 100) double degrees) {
        hand = new Hand();
        // "Left box" is a cube of 1 m about (1.5, 1, 0).
        set("aspect", 1, "angle", degrees + "°", "x", 1.5, "y", 1, "z", distance + 0.5);
        set("aimX", 1.5, "aimY", 1, "aimZ", 0);
        hand.run("select.set", "v2", "objects", List.of("n2"));
        double side = 1 / (2 * distance * Math.tan(Math.toRadians(degrees) / 2));
        double fill = new ShotChecks(
                        hand.stage.parts.ground,
                        hand.stage.parts.subject,
                        hand.view(1),
                        hand.stage.scene().indexOf("n5"))
                .fill();
        assertThat(fill).isCloseTo(side * side, within(1e-9));
        assertThat(row().warnings()).isEmpty();
    }

    @Test
    void nothingIsFilledWithoutASelection() {
        assertThat(row().fill()).isEmpty();
        assertThat(row().name()).isEqualTo("Shot");
        // 24 mm / (2 tan(0.35)): the camera's 0.7 rad on a full-frame back.
        assertThat(row().lens()).isEqualTo("32.9 mm · 40.1°");
        assertThat(row().back()).isEqualTo("Full frame");
    }

    @Test
    void aCameraInsideOfSomethingIsTold() {
        // Within "Far box", a cube of 1 m about (-4, 1, -3).
        set("x", -4, "y", 1, "z", -3);
        assertThat(row().warnings()).contains("stands inside Far box");
        set("x", -4, "y", 3, "z", -3);
        assertThat(row().warnings()).doesNotContain("stands inside Far box");
    }

    @Test
    void aSubjectThatIsCutOrOutIsTold() {
        set("aspect", 1, "angle", "40", "x", 1.5, "y", 1, "z", 6);
        set("aimX", 1.5, "aimY", 1, "aimZ", 0);
        hand.run("select.set", "v2", "objects", List.of("n2"));
        assertThat(row().warnings()).isEmpty();
        set("z", 0.9);
        assertThat(row().warnings()).contains("the gate cuts Left box");
        set("z", 6, "aimX", 1.5, "aimY", 1, "aimZ", 12);
        assertThat(row().warnings()).contains("Left box is not in the picture");
        assertThat(row().fill()).isEqualTo("0%");
    }

    @Test
    void anEmptyPictureATiltedHorizonAndANearPlaneThatCutsAreTold() {
        set("x", 0, "y", 30, "z", 0, "aimX", 30, "aimY", 60, "aimZ", 0);
        assertThat(row().warnings()).containsExactly("nothing is in the picture");
        set("roll", "-3.2");
        assertThat(row().warnings()).containsExactly("nothing is in the picture", "the horizon is tilted by -3.2°");
        set("roll", "0", "x", 1.5, "y", 1, "z", 6);
        set("aimX", 1.5, "aimY", 1, "aimZ", 0);
        assertThat(row().warnings()).isEmpty();
        set("near", "5.7");
        assertThat(row().warnings()).anySatisfy(w -> assertThat(w).endsWith("reaches through the near plane"));
    }

    @Test
    void theFileHoldsEachCameraInOneRecordWhateverItsName() {
        hand.run("object.rename", "v2", "objects", List.of("n5"), "name", "=SUM(A1),\"x\"");
        hand.run("camera.from-view", "v2");
        String csv = hand.stage.shotList().csv();
        List<List<String>> records = parsed(csv);
        assertThat(records).hasSize(3);
        assertThat(records).allSatisfy(r -> assertThat(r).hasSize(30));
        assertThat(records.get(0).get(15)).isEqualTo("focal length");
        assertThat(records.get(1).get(0)).isEqualTo("'=SUM(A1),\"x\"");
        assertThat(records.get(1).subList(1, 4)).containsExactly("6", "4", "8");
        assertThat(Double.parseDouble(records.get(1).get(16))).isCloseTo(Math.toDegrees(0.7), within(1e-6));
        assertThat(records.get(2).get(0)).isEqualTo("Camera 1");
    }

    /** Comma-separated values as RFC 4180 says. */
    private static List<List<String>> parsed(String csv) {
        List<List<String>> out = new ArrayList<>();
        List<String> record = new ArrayList<>();
        StringBuilder cell = new StringBuilder();
        boolean quoted = false;
        for (int i = 0; i < csv.length(); i++) {
            char c = csv.charAt(i);
            if (quoted && c == '"' && i + 1 < csv.length() && csv.charAt(i + 1) == '"') {
                cell.append('"');
                i++;
            } else if (c == '"') {
                quoted = !quoted;
            } else if (!quoted && (c == ',' || c == '\n')) {
                record.add(cell.toString());
                cell.setLength(0);
                if (c == '\n') {
                    out.add(record);
                    record = new ArrayList<>();
                }
            } else if (quoted || c != '\r') {
                cell.append(c);
            }
        }
        return out;
    }
}
