package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import rhombus.core.display.StandardLooks;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.stage.show.paint.PortholeRect;
import rhombus.core.stage.view.Porthole;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** The lozenge in which a viewport is drawn with its other look. */
class PortholeTest {
    private final Hand hand = new Hand();
    private final Porthole porthole = hand.stage.parts.ground.porthole();

    private PortholeRect hole(int view) {
        return hand.stage.paint().plan(view, "").hole();
    }

    private void hold() {
        hand.down("Backquote");
        hand.stage.tick(hand.now += 400);
    }

    @Test
    void itIsAboutThePointerAsLongAsItsKeyIsHeldAndShowsTheLookThatSwappingWouldBring() {
        hand.move(700, 150, 0);
        hold();
        Viewport v = hand.view(1);
        double x = 700 - v.x;
        double y = 150 - v.y;
        assertThat(v.otherLook).isNotEqualTo(v.look);
        assertThat(hand.stage.paint().plan(1, hole(1).look()).shade())
                .isEqualTo(String.join(" ", v.otherLook.shading()))
                .isNotEqualTo(hand.stage.paint().plan(1, "").shade());
        assertThat(hole(1).x()).isEqualTo(x);
        assertThat(hole(1).y()).isEqualTo(y);
        assertThat(porthole.at(v, x, y)).isEqualTo(v.otherLook);
        double half = porthole.half();
        assertThat(porthole.at(v, x + half * 0.6, y + half * 0.6))
                .as("a lozenge, no square")
                .isEqualTo(v.look);
        assertThat(porthole.at(v, x + half * 0.9, y)).isEqualTo(v.otherLook);
        hand.move(720, 170, 0);
        assertThat(hole(1).x()).isEqualTo(x + 20);
        hand.up("Backquote");
        assertThat(hole(1)).isNull();
    }

    @Test
    void heldItGoesAlongIntoOtherViewportsAndItsRectangleStaysInside() {
        hand.move(700, 150, 0);
        hold();
        Viewport other = hand.view(0);
        hand.move(other.x + 10, other.y + 15, 0);
        assertThat(hole(1)).isNull();
        assertThat(hole(0).left()).isZero();
        assertThat(hole(0).top()).isZero();
        assertThat(hole(0).width()).isCloseTo(10 + porthole.half(), within(1.0));
        hand.up("Backquote");
    }

    @Test
    void aTapLeavesItOpenAndTheNextOneClosesIt() {
        hand.move(700, 150, 0);
        hand.tap("Backquote", 0);
        assertThat(hole(1)).isNotNull();
        Viewport other = hand.view(0);
        hand.move(other.x + 50, other.y + 50, 0);
        assertThat(hole(1)).as("it stays in its viewport").isNotNull();
        hand.move(700, 150, 0);
        hand.tap("Backquote", 0);
        assertThat(hole(1)).isNull();
    }

    @Test
    void theWheelChangesItsSizeAndMovesNoView() {
        hand.move(700, 150, 0);
        Pose before = hand.pose(1);
        hold();
        double half = porthole.half();
        hand.stage.input().wheel(700, 150, 0, -100, 0, 0, hand.now += 10);
        assertThat(porthole.half()).isGreaterThan(half);
        hand.stage.input().wheel(700, 150, 0, 200, 0, 0, hand.now += 10);
        assertThat(porthole.half()).isLessThan(half);
        hand.up("Backquote");
        assertThat(hand.view(1).destination()).isEqualTo(before);
        hand.stage.input().wheel(700, 150, 0, -100, 0, 0, hand.now += 10);
        assertThat(hand.view(1).destination()).isNotEqualTo(before);
    }

    /** The picture of a rectangle alone shows each point where the viewport shows it. */
    @Test
    void aPartOfAViewportShowsPointsWhereTheWholeDoes() {
        Viewport v = hand.view(1);
        double[] m = new double[32];
        hand.stage.offscreen().part(1, 40, 30, 120, 90, m);
        double[] view = java.util.Arrays.copyOfRange(m, 0, 16);
        double[] projection = java.util.Arrays.copyOfRange(m, 16, 32);
        for (Vec3 p : new Vec3[] {Vec3.ZERO, new Vec3(1, 2, -1), new Vec3(-3, 0.5, 2)}) {
            Vec3 s = v.screen().project(p);
            Vec3 e = Mat4.point(view, p);
            double w = projection[3] * e.x() + projection[7] * e.y() + projection[11] * e.z() + projection[15];
            double x = (projection[0] * e.x() + projection[4] * e.y() + projection[8] * e.z() + projection[12]) / w;
            double y = (projection[1] * e.x() + projection[5] * e.y() + projection[9] * e.z() + projection[13]) / w;
            assertThat(40 + (x + 1) / 2 * 120).isCloseTo(s.x(), within(1e-6));
            assertThat(30 + (1 - y) / 2 * 90).isCloseTo(s.y(), within(1e-6));
        }
    }

    /** Where it shows edges, an edge within reach is taken before the surface that lies there; outside of it that is not so. */
    @Test
    void whatIsTakenInItIsWhatItShows() {
        hand.run("display.set", "v2", "look", "wire");
        hand.run("display.set", "v2", "look", "smooth");
        Viewport v = hand.view(1);
        assertThat(v.otherLook).isEqualTo(StandardLooks.WIRE);
        hand.move(700, 150, 0);
        assertThat(porthole.at(v, 100, 100).inside()).isFalse();
        hold();
        assertThat(porthole.at(v, 700 - v.x, 150 - v.y).inside()).isTrue();
        hand.up("Backquote");
    }
}
