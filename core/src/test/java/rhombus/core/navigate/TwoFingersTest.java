package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class TwoFingersTest {
    @Property(tries = 1000)
    void whatWasBetweenTheFingersStaysBetweenThem(
            @ForAll Screen s,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fx,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 500) double distance,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double gx,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double gy,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 10) double spread,
            @ForAll @Scale(9) @DoubleRange(min = -3, max = 3) double twist) {
        Ray line = s.ray(fx * s.width(), 0.4 * s.height());
        Vec3 held = line.at(distance);
        Pose end = new TwoFingers(s, line, distance, 0.02).at(gx * s.width(), gy * s.height(), spread, twist);
        Assume.that(end.projection().flat() || end.depth(held) > 1e-3);
        Vec3 there = s.with(end).project(held);
        assertThat(Math.hypot(there.x() - gx * s.width(), there.y() - gy * s.height()))
                .isLessThan(0.5);
        assertThat(end.forward().distance(s.pose().forward()))
                .as("line of sight")
                .isLessThan(1e-9);
    }

    @Property(tries = 1000)
    void fingersThatComeBackBringThePoseBack(
            @ForAll Screen s,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fx,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 500) double distance) {
        Ray line = s.ray(fx * s.width(), 0.4 * s.height());
        Pose end = new TwoFingers(s, line, distance, 0.02).at(fx * s.width(), 0.4 * s.height(), 1, 0);
        assertThat(end.eye().distance(s.pose().eye()))
                .isLessThan(1e-7 * (1 + s.pose().eye().length() + distance));
        assertThat(end.orientation().angleTo(s.pose().orientation())).isLessThan(1e-9);
    }

    @Property(tries = 1000)
    void spreadingToTheDoubleComesTwiceAsNear(
            @ForAll Screen s, @ForAll @Scale(9) @DoubleRange(min = 1, max = 500) double distance) {
        Assume.that(!s.pose().projection().flat());
        Ray line = s.ray(s.width() / 2, s.height() / 2);
        Pose end = new TwoFingers(s, line, distance, 0.02).at(s.width() / 2, s.height() / 2, 2, 0);
        assertThat(end.eye().distance(line.at(distance))).isBetween(distance * (0.5 - 1e-9), distance * (0.5 + 1e-9));
    }
}
