package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class CentreOnTest {
    @Property(tries = 1000)
    void thePointComesToTheMiddleAtTheDistanceItHad(@ForAll Screen s, @ForAll Vec3 point) {
        Pose p = s.pose();
        Assume.that(p.depth(point) > 1e-3);
        Pose end = CentreOn.on(p, point);
        Vec3 there = s.with(end).project(point);
        assertThat(Math.hypot(there.x() - s.width() / 2, there.y() - s.height() / 2))
                .isLessThan(0.5);
        assertThat(end.orientation()).isEqualTo(p.orientation());
        assertThat(end.projection()).isEqualTo(p.projection());
        if (!p.projection().flat()) {
            assertThat(end.eye().distance(point))
                    .isCloseTo(
                            p.eye().distance(point),
                            within(1e-9 * (1 + point.length() + p.eye().length())));
            assertThat(end.focusPoint().distance(point)).isLessThan(1e-9 * (1 + point.length() + end.focus()));
        }
    }

    /** From point to point along a wall: however often, the distance does not creep. */
    @Property(tries = 1000)
    void oneSlidesAlongAWall(@ForAll Pose p, @ForAll Vec3 a, @ForAll Vec3 b) {
        Assume.that(!p.projection().flat());
        double d = p.eye().distance(a);
        Pose q = CentreOn.on(p, a);
        for (int i = 0; i < 10; i++) {
            // A wall square to the line of sight.
            Vec3 along = b.minus(a);
            Vec3 next = q.focusPoint().plus(along.plus(q.forward(), -along.dot(q.forward())), 0.1);
            double before = q.eye().distance(next);
            q = CentreOn.on(q, next);
            assertThat(q.focus()).isCloseTo(before, within(1e-9 * (1 + before)));
        }
        assertThat(q.focus()).isGreaterThanOrEqualTo(d * (1 - 1e-9));
    }
}
