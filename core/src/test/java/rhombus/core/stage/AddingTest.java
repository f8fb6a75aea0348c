package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import rhombus.core.display.Grid;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.stage.show.readout.ReadoutNumbers;
import rhombus.core.stage.view.Viewport;

/** Where new things stand. The slab's top is the ground of the scene of boxes; viewport 1 is the perspective one. */
class AddingTest {
    private final Hand hand = new Hand();
    private final Viewport view = hand.view(1);

    private Vec3 added() {
        int n = hand.stage.parts.subject.selection().last();
        return Mat4.origin(hand.stage.scene().world(n));
    }

    private static void assertRound(double number, double grid) {
        assertThat(number / grid).isCloseTo(Math.rint(number / grid), within(1e-9));
    }

    @Test
    void whatIsAddedStandsOnTheSurfaceInTheMiddleOfTheViewOnRoundNumbers() {
        double grid = Grid.spacing(view.screen(), hand.stage.scene().up());
        hand.stage.input().pointerLeft();
        hand.run("add.shape", view.id, "shape", "box");
        Vec3 p = added();
        assertRound(p.x(), grid);
        assertRound(p.z(), grid);
        Vec3 seen = view.screen().project(p);
        assertThat(Math.hypot(seen.x() - view.width / 2, seen.y() - view.height / 2))
                .as("where one looks")
                .isLessThan(1.5 * grid / view.screen().metresPerPixel(seen.z()));
    }

    @Test
    void onTheGroundItsHeightIsNothing() {
        double x = view.x + view.width * 0.6;
        double y = view.y + view.height * 0.9;
        hand.move(x, y, 0);
        hand.stage.parts.gate.run("add.shape", Map.of("shape", "cone"), view, x - view.x, y - view.y);
        assertThat(added().y()).isEqualTo(0);
        Map<String, Object> readout = new Seen(hand.stage).readout();
        assertThat(readout.toString()).doesNotContain("× 10");
    }

    @Test
    void inAViewFromTheFrontItStandsBeforeTheEye() {
        Viewport front = hand.view(2);
        hand.stage.input().pointerLeft();
        hand.run("add.group", front.id);
        Vec3 seen = front.screen().project(added());
        assertThat(seen.x()).isBetween(0.0, front.width);
        assertThat(seen.y()).isBetween(0.0, front.height);
    }

    @Test
    void aNumberInAFieldIsNeverCut() {
        for (double v :
                new double[] {0, 1.49e-9, -3e-7, 2.5e-6, 0.00042, 12.3456, -99999.5, 1.234e7, -9.99e11, 4e300}) {
            String s = ReadoutNumbers.brief(v);
            assertThat(s).as(String.valueOf(v)).doesNotContain("×");
            assertThat(s.length()).as(s).isLessThanOrEqualTo(9);
        }
    }
}
