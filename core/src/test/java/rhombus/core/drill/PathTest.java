package rhombus.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Vec3;

/** Where the eye of a run that one races with is at a time. */
class PathTest {
    private static double[] path(int times) {
        double[] out = new double[times * 6];
        for (int i = 0; i < out.length; i++) {
            out[i] = Math.sin(i * 1.7) * 20;
        }
        return out;
    }

    private static Vec3 point(double[] path, int at) {
        return new Vec3(path[at], path[at + 1], path[at + 2]);
    }

    @Property
    void itIsWhereItWasAtEachTimeAndBetweenTwoOnTheWayFromOneToTheOther(
            @ForAll @IntRange(min = 2, max = 40) int times,
            @ForAll @DoubleRange(min = 0, max = 0.99) double where,
            @ForAll @DoubleRange(min = 0, max = 1) double part) {
        double[] path = path(times);
        int before = (int) (where * (times - 1));
        Vec3[] then = RunScore.place(path, before * RunScore.STEP);
        assertThat(then[0].distance(point(path, before * 6))).isLessThan(1e-9);
        assertThat(then[1].distance(point(path, before * 6 + 3))).isLessThan(1e-9);
        Vec3[] next = RunScore.place(path, (before + 1) * RunScore.STEP);
        Vec3[] between = RunScore.place(path, (before + part) * RunScore.STEP);
        for (int k = 0; k < 2; k++) {
            double whole = then[k].distance(next[k]);
            assertThat(then[k].distance(between[k]) + between[k].distance(next[k]))
                    .isBetween(whole - 1e-9, whole + 1e-9);
            assertThat(Math.abs(then[k].distance(between[k]) - part * whole)).isLessThan(1e-9);
        }
    }

    @Test
    void afterItsEndItStaysAndWithoutAPathItIsNowhere() {
        double[] path = path(4);
        assertThat(RunScore.place(path, 1e6)[0].distance(point(path, 18))).isLessThan(1e-9);
        assertThat(RunScore.place(new double[0], 1)).isNull();
    }
}
