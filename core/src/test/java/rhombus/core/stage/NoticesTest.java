package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import rhombus.core.plain.PlainData;

/** What the user is told goes when it is not true any more. */
class NoticesTest {
    private final Hand hand = new Hand();

    private List<String> told() {
        return new Seen(hand.stage)
                .notices().stream()
                        .map(n -> PlainData.text(PlainData.map(n).get("text"), ""))
                        .toList();
    }

    @Test
    void whatWasLeftOutOfAFrameIsNotToldAfterTheNextOne() {
        for (int i = 0; i < 30; i++) {
            hand.run("add.shape", "v2", "shape", "box");
        }
        hand.run("edit.place", null, "x", "9 km");
        told();
        hand.run("view.frame-all", "v2");
        assertThat(told()).anyMatch(t -> t.startsWith("Left out"));
        hand.run("view.home", "v2");
        assertThat(told()).as("what was told is taken back").contains("");
        hand.run("view.opposite", "v2");
        assertThat(told()).as("once").doesNotContain("");
    }

    @Test
    void whatACommandTellsItselfStays() {
        hand.run("camera.look-through", "v2", "camera", "n5");
        hand.run("camera.drive", "v2", "on", true);
        hand.run("camera.drive", "v2", "on", false);
        told();
        hand.run("view.home", "v2");
        List<String> told = told();
        assertThat(told.get(told.size() - 1)).contains("guarded and stays");
    }
}
