package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class WalkStepTest {
    /** One second at 1 m/s in so many steps, straight towards a surface. */
    private static double gone(int steps, double speed, double gap, double reach) {
        double gone = 0;
        for (int i = 0; i < steps; i++) {
            gone += WalkStep.advance(speed, gap - gone, reach, 1.0 / steps);
        }
        return gone;
    }

    @Property(tries = 1000)
    void theSameSecondInAnyNumberOfStepsEndsAtTheSamePlace(
            @ForAll @Scale(9) @DoubleRange(min = 0.001, max = 200) double gap,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 50) double reach) {
        double once = WalkStep.advance(1, gap, reach, 1);
        for (int steps : new int[] {30, 60, 144}) {
            assertThat(gone(steps, 1, gap, reach)).isCloseTo(once, within(1e-9 * (1 + gap)));
        }
        assertThat(once).isLessThanOrEqualTo(WalkStep.FASTEST + 1e-9);
    }

    @Property(tries = 1000)
    void itNearsASurfaceAndNeverMeetsIt(
            @ForAll @Scale(9) @DoubleRange(min = -1, max = 1000) double gap,
            @ForAll @Scale(9) @DoubleRange(min = 0.01, max = 100) double reach,
            @ForAll @Scale(9) @DoubleRange(min = 0.001, max = 10000) double speed,
            @ForAll @IntRange(min = 1, max = 200) int steps) {
        double gone = gone(steps, speed, gap, reach);
        assertThat(gone).isGreaterThanOrEqualTo(0).isLessThanOrEqualTo(Math.max(0, gap));
    }

    /** The motion solves dx/dt = min(4 v, v · gap / reach): against plain small steps of that equation (Euler's method). */
    @Property(tries = 1000)
    void itSolvesTheEquationItSays(
            @ForAll @Scale(9) @DoubleRange(min = 0.5, max = 60) double gap,
            @ForAll @Scale(9) @DoubleRange(min = 1, max = 20) double reach,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 5) double speed) {
        double x = 0;
        for (int i = 0; i < 20000; i++) {
            x += Math.min(WalkStep.FASTEST * speed, speed * (gap - x) / reach) / 20000;
        }
        assertThat(WalkStep.advance(speed, gap, reach, 1)).isCloseTo(x, within(2e-3 * speed));
    }

    @Property(tries = 1000)
    void walkingStaysLevelAndFlyingFollowsTheLineOfSight(@ForAll Quat q, @ForAll UpAxis up) {
        Vec3 walk = WalkStep.direction(q, up, false, 0, 0, 1);
        assertThat(walk.dot(up.up())).isCloseTo(0, within(1e-9));
        assertThat(walk.length()).isCloseTo(1, within(1e-9));
        assertThat(WalkStep.direction(q, up, true, 0, 0, 1).distance(q.forward()))
                .isLessThan(1e-9);
        assertThat(WalkStep.direction(q, up, false, 0, 1, 0).distance(up.up())).isLessThan(1e-9);
    }

    @Property(tries = 1000)
    void twoWaysAtOnceAreNoFasterThanOne(
            @ForAll Quat q,
            @ForAll UpAxis up,
            @ForAll boolean fly,
            @ForAll @Scale(9) @DoubleRange(min = -1, max = 1) double x,
            @ForAll @Scale(9) @DoubleRange(min = -1, max = 1) double y,
            @ForAll @Scale(9) @DoubleRange(min = -1, max = 1) double z) {
        double l = WalkStep.direction(q, up, fly, x, y, z).length();
        assertThat(l).isCloseTo(Math.min(1, Math.sqrt(x * x + y * y + z * z)), within(1e-9));
    }
}
