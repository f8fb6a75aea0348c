package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.Viewport;

/** The eye of a run that one races with, in the viewports it is seen in. */
class GhostEyeTest {
    private final Hand hand = new Hand();

    private Map<String, Object> mark(int view) {
        Object m = hand.marks(view).get("companion");
        return m == null ? null : PlainData.map(m);
    }

    @Test
    void itStandsWhereItsEyeIsAndPointsWhereItLooks() {
        Viewport v = hand.view(0);
        Vec3 eye = v.screen().at(120, 90, v.pose.focus());
        Vec3 aim = v.screen().at(160, 130, v.pose.focus());
        hand.stage.companion().at(eye, aim);
        Map<String, Object> m = mark(0);
        assertThat((double) m.get("x")).isCloseTo(120, within(1e-6));
        assertThat((double) m.get("y")).isCloseTo(90, within(1e-6));
        assertThat((double) m.get("angle")).isCloseTo(45, within(1e-6));
    }

    @Test
    void oneDoesNotSeeOneselfNorWhatIsBehindOrBeyondTheEdge() {
        Viewport v = hand.view(1);
        assertThat(v.pose.projection().flat()).isFalse();
        Vec3 ahead = v.pose.focusPoint();
        hand.stage.companion().at(v.pose.eye(), ahead);
        assertThat(mark(1)).isNull();
        hand.stage.companion().at(v.pose.eye().mix(ahead, -0.5), ahead);
        assertThat(mark(1)).as("behind").isNull();
        hand.stage.companion().at(v.screen().at(-40, 50, v.pose.focus()), ahead);
        assertThat(mark(1)).as("beyond the edge").isNull();
        hand.stage.companion().at(v.pose.eye().mix(ahead, 0.5), ahead);
        assertThat(mark(1)).as("ahead").isNotNull();
        assertThat(mark(1).get("angle")).as("looking straight away").isNull();
        hand.stage.companion().at(null, null);
        assertThat(mark(1)).isNull();
    }
}
