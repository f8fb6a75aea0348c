package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** What a motion did, in words. */
class MotionAnnouncementTest {
    private static final List<String> MOTIONS = List.of(
            "navigate.step-orbit",
            "navigate.step-pan",
            "navigate.step-dolly",
            "view.opposite",
            "view.toggle-projection");

    private final Hand h = new Hand();

    private static void step(Hand h, int which, double now) {
        switch (MOTIONS.get(which)) {
            case "navigate.step-orbit" -> h.stage.command("navigate.step-orbit", Map.of("to", "left"), null, now);
            case "navigate.step-pan" -> h.stage.command("navigate.step-pan", Map.of("to", "up"), null, now);
            case "navigate.step-dolly" -> h.stage.command("navigate.step-dolly", Map.of("to", "in"), null, now);
            default -> h.stage.command(MOTIONS.get(which), Map.of(), null, now);
        }
        h.stage.tick(now + 9_000);
    }

    /** A view that is as it was is told as it was, and one that has moved is told anew. */
    @Property(tries = 40)
    void whatHasMovedIsToldAnewAndWhatHasNotIsNot(@ForAll @Size(max = 6) List<@IntRange(max = 4) Integer> steps) {
        Hand hand = new Hand();
        double now = 10_000;
        for (int which : steps) {
            String before = hand.stage.readout().aloud();
            assertThat(hand.stage.readout().aloud()).isEqualTo(before);
            step(hand, which, now += 10_000);
            assertThat(hand.stage.readout().aloud())
                    .isNotEqualTo(before)
                    .endsWith(".")
                    .doesNotContain("NaN")
                    .doesNotContain("Infinity");
        }
    }

    @Test
    void itTellsTheViewportWhatWasDoneWhereItLooksAndWhatIsSelected() {
        h.stage.command("board.activate", Map.of(), "v1", 0);
        assertThat(h.stage.readout().aloud())
                .startsWith("Top")
                .contains("Looks from the top")
                .endsWith("Nothing is selected.");
        h.stage.command("board.activate", Map.of(), "v2", 0);
        step(h, 0, 10_000);
        assertThat(h.stage.readout().aloud())
                .startsWith("Scout, view 2: orbit left. Looks ")
                .contains("° round and ")
                .contains("° down, focus ");
        h.stage.command("trail.back", Map.of(), null, 20_000);
        h.stage.tick(40_000);
        assertThat(h.stage.readout().aloud()).startsWith("Scout, view 1: start. Looks ");
        h.stage.command("select.all", Map.of(), null, 41_000);
        assertThat(h.stage.readout().aloud()).endsWith(" objects are selected.");
    }
}
