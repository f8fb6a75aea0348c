package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.marks.CameraGate;
import rhombus.core.stage.view.PixelRect;
import rhombus.core.stage.view.Viewport;

/** What a camera's final picture contains, drawn in the viewport that looks through it. */
class CameraGateTest {
    private Hand hand = new Hand();
    private Viewport view = hand.view(1);

    private void through() {
        hand.run("camera.look-through", "v2", "camera", "n5");
    }

    private Map<String, Object> gate() {
        return PlainData.map(hand.marks(1).get("gate"));
    }

    private PixelRect picture() {
        return CameraGate.picture(hand.stage.parts.ground, view);
    }

    /** Independent of the gate: where the core projects the corners of what the camera sees. */
    @Property(tries = 300)
    void itsCornersAreThoseOfWhatTheCameraSees(
            @ForAll @DoubleRange(min = 0.2, max = 4) double aspect,
            @ForAll @DoubleRange(min = 0.5, max = 3) double scale,
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double shift) {
        hand = new Hand();
        view = hand.view(1);
        through();
        hand.run("camera.set", "v2", "aspect", aspect);
        hand.stage
                .parts
                .ground
                .navigator()
                .crop(view, view.crop.shifted(shift, -shift / 2).scaled(scale, 0.1, 0.2));
        SceneCamera c = hand.stage.scene().node(5).camera();
        double up = Math.tan(c.fovY() / 2);
        PixelRect r = picture();
        for (int sx = -1; sx <= 1; sx += 2) {
            for (int sy = -1; sy <= 1; sy += 2) {
                Vec3 ray = view.pose
                        .forward()
                        .plus(view.pose.orientation().right(), sx * up * c.aspect())
                        .plus(view.pose.orientation().up(), sy * up);
                Vec3 at = view.screen().project(view.pose.eye().plus(ray, 7));
                assertThat(at.x()).isCloseTo(r.x() + (sx + 1) / 2.0 * r.width(), within(1e-6));
                assertThat(at.y()).isCloseTo(r.y() + (1 - sy) / 2.0 * r.height(), within(1e-6));
            }
        }
        assertThat(r.width() / r.height()).isCloseTo(aspect, within(1e-9));
    }

    /** The gate and what is dimmed cover the viewport once and nothing twice. */
    @Property(tries = 300)
    void theGateAndWhatIsOutsideCoverTheViewportOnce(
            @ForAll @DoubleRange(min = 0.1, max = 9) double aspect,
            @ForAll @DoubleRange(min = 0.2, max = 4) double scale) {
        hand = new Hand();
        view = hand.view(1);
        through();
        hand.run("camera.set", "v2", "aspect", aspect);
        hand.stage.parts.ground.navigator().crop(view, view.crop.scaled(scale, 0.3, -0.2));
        PixelRect r = picture();
        double inside = overlap(r, new PixelRect(0, 0, view.width, view.height));
        List<PixelRect> outside = new ArrayList<>();
        for (Object o : PlainData.list(gate().get("outside"))) {
            Map<String, Object> m = PlainData.map(o);
            outside.add(new PixelRect(number(m, "x"), number(m, "y"), number(m, "width"), number(m, "height")));
        }
        double sum = inside;
        for (PixelRect a : outside) {
            assertThat(overlap(a, r)).isCloseTo(0, within(1e-6));
            sum += a.width() * a.height();
        }
        // Strips thinner than half a pixel are left out.
        assertThat(sum).isCloseTo(view.width * view.height, within(view.width + view.height));
    }

    private static double overlap(PixelRect a, PixelRect b) {
        double w = Math.min(a.x() + a.width(), b.x() + b.width()) - Math.max(a.x(), b.x());
        double h = Math.min(a.y() + a.height(), b.y() + b.height()) - Math.max(a.y(), b.y());
        return Math.max(0, w) * Math.max(0, h);
    }

    private static double number(Map<String, Object> m, String key) {
        return PlainData.number(m.get(key), Double.NaN);
    }

    /** SMPTE ST 2046-1: action safe 93%, title safe 90% of width and height; for 1920 × 1080 that is 1785.6 × 1004.4 and 1728 × 972. */
    @Test
    void theAreasAreThoseOfTheStandard() {
        through();
        hand.run("camera.set", "v2", "aspect", "1920/1080");
        assertThat(PlainData.list(gate().get("areas"))).isEmpty();
        hand.run("display.overlay", "v2", "overlay", "areas");
        double k = 1920 / picture().width();
        double[][] sizes = {{1785.6, 1004.4}, {1728, 972}};
        List<Object> areas = PlainData.list(gate().get("areas"));
        assertThat(areas).extracting(a -> PlainData.map(a).get("what")).containsExactly("action", "title");
        for (int i = 0; i < 2; i++) {
            Map<String, Object> rect = PlainData.map(PlainData.map(areas.get(i)).get("rect"));
            assertThat(number(rect, "width") * k).isCloseTo(sizes[i][0], within(1e-6));
            assertThat(number(rect, "height") * k).isCloseTo(sizes[i][1], within(1e-6));
            assertThat(number(rect, "x") + number(rect, "width") / 2).isCloseTo(view.width / 2, within(1e-6));
        }
    }

    @Test
    void eachPartIsSwitchedByItselfAndStaysWithItsViewport() {
        assertThat(hand.marks(1)).doesNotContainKey("gate");
        through();
        assertThat(gate()).containsKey("frame");
        assertThat(PlainData.list(gate().get("lines"))).isEmpty();
        hand.run("display.overlay", "v2", "overlay", "thirds");
        hand.run("display.overlay", "v2", "overlay", "centre");
        assertThat(PlainData.list(gate().get("lines"))).hasSize(6);
        hand.run("display.overlay", "v2", "overlay", "gate");
        hand.run("display.overlay", "v2", "overlay", "dim");
        assertThat(gate()).doesNotContainKey("frame");
        assertThat(PlainData.list(gate().get("outside"))).isEmpty();
        Stage other = new Stage();
        other.resize(1003, 803);
        other.open(Scenes.boxes(), "Boxes");
        other.documents().restore(hand.stage.documents().workspace());
        assertThat(new Seen(other).marks(1).get("gate")).isEqualTo(hand.marks(1).get("gate"));
        for (String overlay : List.of("thirds", "centre")) {
            hand.run("display.overlay", "v2", "overlay", overlay);
        }
        assertThat(hand.marks(1)).doesNotContainKey("gate");
    }

    @Test
    void itsSwitchesAreOfferedOnlyWhereACameraIsLookedThrough() {
        assertThat(overlays()).doesNotContain("gate", "areas");
        through();
        assertThat(overlays()).contains("gate", "dim", "areas", "thirds", "centre");
    }

    private List<String> overlays() {
        return PlainData.list(PlainData.map(new Seen(hand.stage).views().get(1)).get("overlays")).stream()
                .map(o -> PlainData.text(PlainData.map(o).get("id"), ""))
                .toList();
    }
}
