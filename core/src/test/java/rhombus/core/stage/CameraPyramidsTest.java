package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.marks.CameraGate;
import rhombus.core.stage.view.PixelRect;
import rhombus.core.stage.view.Viewport;

/** What a camera sees, drawn in the viewports that look at it from outside. */
class CameraPyramidsTest {
    private Hand hand = new Hand();

    private List<Object> pyramids(int view) {
        return PlainData.list(hand.marks(view).get("pyramids"));
    }

    private double[] stroke(int view, String what) {
        for (Object o : PlainData.list(PlainData.map(pyramids(view).get(0)).get("strokes"))) {
            Map<String, Object> m = PlainData.map(o);
            if (what.equals(m.get("what"))) {
                return PlainData.numbers(
                        m.get("segments"), PlainData.list(m.get("segments")).size());
            }
        }
        return null;
    }

    /** The end of the pyramid is what the edges of the camera's own picture are at its focus: seen from inside and outside. */
    @Property(tries = 200)
    void itsEndIsTheEdgeOfThePictureAtTheFocus(
            @ForAll @DoubleRange(min = 0.3, max = 3) double aspect,
            @ForAll @DoubleRange(min = 0.5, max = 12) double focus,
            @ForAll boolean perspective) {
        hand = new Hand();
        hand.run("camera.look-through", "v2", "camera", "n5");
        hand.run("camera.set", "v2", "aspect", aspect, "focus", focus, "perspective", perspective);
        hand.run("camera.select", "v2");
        assertThat(pyramids(1)).isEmpty();
        Viewport inside = hand.view(1);
        Viewport outside = hand.view(0);
        PixelRect r = CameraGate.picture(hand.stage.parts.ground, inside);
        double[][] corners = {
            {r.x(), r.y()},
            {r.x() + r.width(), r.y()},
            {r.x() + r.width(), r.y() + r.height()},
            {r.x(), r.y() + r.height()}
        };
        double[] drawn = stroke(0, "focus");
        for (int k = 0; k < 4; k++) {
            Vec3 at = outside.screen().project(inside.screen().at(corners[k][0], corners[k][1], focus));
            assertThat(drawn[k * 4]).isCloseTo(at.x(), within(1e-6));
            assertThat(drawn[k * 4 + 1]).isCloseTo(at.y(), within(1e-6));
        }
    }

    @Test
    void onlyCamerasThatAreSelectedOrDrivenHaveOne() {
        assertThat(pyramids(0)).isEmpty();
        hand.run("camera.look-through", "v2", "camera", "n5");
        assertThat(pyramids(0)).isEmpty();
        hand.run("camera.drive", "v2");
        assertThat(PlainData.map(pyramids(0).get(0)))
                .containsEntry("object", "n5")
                .containsEntry("driven", true);
        hand.run("camera.drive", "v2");
        assertThat(pyramids(0)).isEmpty();
        hand.run("camera.select", "v2");
        assertThat(PlainData.map(pyramids(0).get(0))).containsEntry("driven", false);
        hand.run("object.hide", "v2", "objects", List.of("n5"));
        assertThat(pyramids(0)).isEmpty();
    }

    @Test
    void whatIsSharpIsDrawnAsTwoPlanesOrOneWhereItReachesToInfinity() {
        hand.run("camera.look-through", "v2", "camera", "n5");
        hand.run("camera.select", "v2");
        hand.run("camera.set", "v2", "focalLength", "50", "fNumber", "4", "focus", "5");
        assertThat(stroke(0, "sharp")).hasSize(2 * 4 * 4);
        hand.run("camera.set", "v2", "fNumber", "32");
        assertThat(stroke(0, "sharp")).hasSize(4 * 4);
        assertThat(stroke(0, "clip")).isNull();
        hand.run("camera.set", "v2", "near", "1", "far", "9");
        assertThat(stroke(0, "clip")).hasSize(2 * 4 * 4);
    }

    /** From wherever it is looked at, also from behind and from within, every line is finite and lies before the eye. */
    @Property(tries = 300)
    void itsLinesEndBeforeTheEye(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        java.util.Random r = new java.util.Random(seed);
        hand = new Hand();
        hand.run("select.set", "v2", "objects", List.of("n5"));
        hand.run(
                "view.set",
                "v2",
                "x",
                r.nextDouble() * 20 - 10,
                "y",
                r.nextDouble() * 20 - 10,
                "z",
                r.nextDouble() * 20);
        hand.rest();
        for (Object o : PlainData.list(PlainData.map(pyramids(1).get(0)).get("strokes"))) {
            List<Object> ends = PlainData.list(PlainData.map(o).get("segments"));
            assertThat(ends).allSatisfy(d -> assertThat((Double) d).isFinite());
            assertThat(ends.size() % 4).isZero();
        }
    }
}
