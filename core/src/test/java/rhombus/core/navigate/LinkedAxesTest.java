package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Positive;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class LinkedAxesTest {
    private static Pose flat(Vec3 eye, AxisDirection d, UpAxis up, double extent) {
        return new Pose(eye, d.orientation(up), 10, new Projection.Orthographic(extent));
    }

    @Property(tries = 1000)
    void aPointStandsAtTheSameDistanceFromBothMiddlesAlongTheSharedAxis(
            @ForAll Vec3 eye,
            @ForAll Vec3 other,
            @ForAll Vec3 p,
            @ForAll AxisDirection a,
            @ForAll AxisDirection b,
            @ForAll UpAxis up,
            @ForAll @DoubleRange(min = 0.01, max = 2000) double extent,
            @ForAll @DoubleRange(min = 50, max = 3000) double ha,
            @ForAll @DoubleRange(min = 50, max = 3000) double hb) {
        Pose lead = flat(eye, a, up, extent);
        Pose follows = LinkedAxes.follow(lead, ha, flat(other, b, up, 7), hb);
        assertThat(follows.orientation()).isEqualTo(b.orientation(up));
        Screen sa = new Screen(lead, 800, ha);
        Screen sb = new Screen(follows, 600, hb);
        assertThat(sb.metresPerPixel(1)).isCloseTo(sa.metresPerPixel(1), within(1e-12 * extent));
        for (int axis = 0; axis < 3; axis++) {
            if (LinkedAxes.shows(lead, axis) && LinkedAxes.shows(follows, axis)) {
                assertThat(offset(sa, p, axis))
                        .isCloseTo(offset(sb, p, axis), within(1e-6 * (1 + Math.abs(offset(sa, p, axis)))));
            } else {
                assertThat(follows.eye().get(axis)).isEqualTo(other.get(axis));
            }
        }
    }

    /** Pixels from the middle of the viewport along the screen direction in which an axis grows. */
    private static double offset(Screen s, Vec3 p, int axis) {
        Vec3 on = s.project(p);
        double right = s.pose().orientation().right().get(axis);
        double above = s.pose().orientation().up().get(axis);
        return (on.x() - s.width() / 2) * Math.round(right) - (on.y() - s.height() / 2) * Math.round(above);
    }

    @Property(tries = 1000)
    void followingTwiceIsFollowingOnce(
            @ForAll Vec3 eye,
            @ForAll Vec3 other,
            @ForAll AxisDirection a,
            @ForAll AxisDirection b,
            @ForAll @Positive @DoubleRange(max = 900) double extent) {
        Pose lead = flat(eye, a, UpAxis.Y, extent);
        Pose once = LinkedAxes.follow(lead, 400, flat(other, b, UpAxis.Y, 3), 300);
        assertThat(LinkedAxes.follow(lead, 400, once, 300)).isEqualTo(once);
    }
}
