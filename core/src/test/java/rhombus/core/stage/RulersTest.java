package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.stage.show.scene.RulerRow;
import rhombus.core.stage.subject.Ruler;
import rhombus.core.stage.subject.RulerMark;
import rhombus.core.stage.view.Viewport;

/** Rulers between two picked points. */
class RulersTest {
    private final Hand hand = new Hand();

    /** The pointer is some pixels beside a point of a box, towards its middle. */
    private void at(int view, Vec3 p, double off) {
        Viewport v = hand.view(view);
        Vec3 s = v.screen().project(p);
        Vec3 m = v.screen().project(hand.stage.scene().bounds(2).center());
        double l = Math.hypot(m.x() - s.x(), m.y() - s.y());
        hand.move(v.x + s.x() + (m.x() - s.x()) / l * off, v.y + s.y() + (m.y() - s.y()) / l * off, 0);
    }

    private List<RulerRow> rulers() {
        return hand.stage.contents().rulers();
    }

    /** Two corners of a box that a view sees, those nearest to its eye. */
    private Vec3[] corners(int view, int node) {
        Aabb b = hand.stage.scene().bounds(node);
        Vec3 eye = hand.pose(view).eye();
        Vec3 best = null;
        int number = 0;
        for (int k = 0; k < 8; k++) {
            Vec3 c = b.corner(k);
            if (best == null || c.distance(eye) < best.distance(eye)) {
                best = c;
                number = k;
            }
        }
        return new Vec3[] {best, b.corner(number ^ 2)};
    }

    private Vec3[] measure() {
        Vec3[] c = corners(1, 2);
        at(1, c[0], 2);
        hand.tap("Comma", 0);
        at(1, c[1], 2);
        hand.tap("Comma", 0);
        return c;
    }

    @Test
    void twoPointsNearVerticesGiveTheExactLengthAndItsPixelsInEveryViewport() {
        Vec3[] c = measure();
        assertThat(rulers()).hasSize(1);
        RulerRow r = rulers().get(0);
        assertThat(r.length()).isCloseTo(c[0].distance(c[1]), within(1e-9));
        assertThat(r.pixels()).hasSize(4);
        for (int i = 0; i < 4; i++) {
            Viewport v = hand.view(i);
            Vec3 p = v.screen().project(r.a());
            Vec3 q = v.screen().project(r.b());
            assertThat(r.pixels().get(v.id)).isCloseTo(Math.hypot(p.x() - q.x(), p.y() - q.y()), within(1e-9));
        }
    }

    /** In a flat view pixels are metres by the scale, as far as the line lies in the picture. */
    @Test
    void flatViewsAgreeWithTheirScale() {
        measure();
        Ruler r = hand.stage.parts.subject.rulers().all().get(0);
        for (int i = 0; i < 4; i++) {
            Viewport v = hand.view(i);
            if (v.pose.projection().flat()) {
                Vec3 way = r.b().minus(r.a());
                double across = way.minus(v.pose.forward().times(way.dot(v.pose.forward())))
                        .length();
                assertThat(r.pixels(v) * v.screen().metresPerPixel(1)).isCloseTo(across, within(1e-9));
                assertThat(r.shortening(v)).isEqualTo(1);
            }
        }
    }

    /** In a perspective the same metre is smaller at the farther end by the ratio that is told. */
    @Test
    void aPerspectiveTellsByHowMuchTheFarEndIsSmaller() {
        Viewport v = hand.view(1);
        Ruler r = new Ruler(
                "x", v.pose.eye().plus(v.pose.forward(), 3), v.pose.eye().plus(v.pose.forward(), 7.5));
        double metre = 0.01;
        Vec3 up = v.pose.orientation().up();
        double near = new Ruler("n", r.a(), r.a().plus(up, metre)).pixels(v);
        double far = new Ruler("f", r.b(), r.b().plus(up, metre)).pixels(v);
        assertThat(r.shortening(v)).isCloseTo(near / far, within(1e-6)).isCloseTo(2.5, within(1e-6));
        Ruler behind = new Ruler("b", r.a(), v.pose.eye().plus(v.pose.forward(), -1));
        assertThat(behind.pixels(v)).isNaN();
    }

    @Test
    void theOneThatIsBegunFollowsThePointerUntilItIsEndedOrGivenUp() {
        Vec3[] c = corners(1, 2);
        at(1, c[0], 2);
        hand.tap("Comma", 0);
        assertThat(rulers()).isEmpty();
        at(1, c[1], 2);
        List<RulerMark> marks = hand.stage.parts.subject.rulers().marks(hand.view(1));
        assertThat(marks).hasSize(1);
        assertThat(marks.get(0).begun()).isTrue();
        assertThat(marks.get(0).words()).contains(" px");
        hand.tap("Comma", rhombus.core.keymap.Modifiers.SHIFT);
        assertThat(hand.stage.parts.subject.rulers().marks(hand.view(1))).isEmpty();
    }

    @Test
    void theyStayWithTheSceneUntilTheyAreTakenAwayAndComeBack() {
        measure();
        RulerRow was = rulers().get(0);
        Map<String, Object> kept = hand.stage.parts.workspace.toPlain();
        hand.run("ruler.remove", "v2", "ruler", was.id());
        assertThat(rulers()).isEmpty();
        hand.run("ruler.put-back", "v2");
        assertThat(rulers()).containsExactly(was);
        hand.run("ruler.clear", "v2");
        assertThat(rulers()).isEmpty();
        hand.stage.parts.workspace.restore(kept);
        assertThat(rulers()).hasSize(1);
        assertThat(rulers().get(0).a()).isEqualTo(was.a());
        assertThat(rulers().get(0).b()).isEqualTo(was.b());
    }

    @Test
    void whereThereIsNothingThatIsSaid() {
        Viewport v = hand.view(1);
        hand.notices();
        hand.move(v.x + 3, v.y + 3, 0);
        hand.tap("Comma", 0);
        assertThat(hand.notices()).containsExactly("There is nothing under the pointer to measure from.");
        assertThat(rulers()).isEmpty();
    }
}
