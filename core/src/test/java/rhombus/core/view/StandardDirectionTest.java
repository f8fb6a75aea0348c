package rhombus.core.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Set;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.DirectionTurns;
import rhombus.core.scene.UpAxis;

/** The 26 standard directions and how one leads to the next. */
@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class StandardDirectionTest {
    @Example
    void thereAreTwentySixWithNamesOfTheirOwn() {
        assertThat(StandardDirection.all())
                .hasSize(26)
                .extracting(StandardDirection::name)
                .doesNotHaveDuplicates();
        assertThat(StandardDirection.all()).filteredOn(s -> s.axes() == 2).hasSize(12);
        assertThat(StandardDirection.all()).filteredOn(s -> s.axes() == 3).hasSize(8);
        assertThat(StandardDirection.named("front-right-top")).isEqualTo(new StandardDirection(1, 1, 1));
        assertThat(StandardDirection.named("nowhere")).isNull();
    }

    @Example
    void axisViewsAreTheSixDirections() {
        for (UpAxis up : UpAxis.values()) {
            for (AxisDirection d : AxisDirection.values()) {
                Quat q = StandardDirection.named(d.word()).orientation(up);
                assertThat(q.angleTo(d.orientation(up))).isLessThan(1e-9);
            }
        }
    }

    /** ISO 5456-3, isometric axonometry: elevation atan(1/sqrt 2) = 35.264°, all three axes shortened by sqrt(2/3) = 0.8165. */
    @Example
    void isometricViewsHaveTheElevationAndForeshorteningOfTheStandard() {
        for (UpAxis up : UpAxis.values()) {
            for (StandardDirection s : StandardDirection.all()) {
                if (s.axes() != 3) {
                    continue;
                }
                Quat q = s.orientation(up);
                double elevation = Math.asin(q.back().dot(up.up()));
                assertThat(Math.abs(Math.toDegrees(elevation))).isCloseTo(35.264, within(5e-4));
                for (Vec3 axis : new Vec3[] {Vec3.X, Vec3.Y, Vec3.Z}) {
                    Vec3 seen = q.inverse().rotate(axis);
                    assertThat(Math.hypot(seen.x(), seen.y())).isCloseTo(Math.sqrt(2.0 / 3), within(1e-12));
                }
            }
        }
    }

    @Example
    void everyDirectionIsLevelAndLooksFromWhereItSays() {
        for (UpAxis up : UpAxis.values()) {
            for (StandardDirection s : StandardDirection.all()) {
                Quat q = s.orientation(up);
                assertThat(q.back().distance(s.towardsEye(up))).isLessThan(1e-12);
                assertThat(q.right().dot(up.up())).isCloseTo(0, within(1e-12));
                assertThat(StandardDirection.nearest(q, up)).isEqualTo(s);
                assertThat(s.angleTo(q, up)).isLessThan(1e-7);
            }
        }
    }

    @Property(tries = 1000)
    void oppositeTwiceIsWhereOneWas(@ForAll Pose p, @ForAll UpAxis up) {
        Pose back = DirectionTurns.opposite(DirectionTurns.opposite(p, up), up);
        assertThat(back.eye().distance(p.eye())).isLessThan(1e-9 * (1 + p.eye().length() + p.focus()));
        assertThat(back.orientation().angleTo(p.orientation())).isLessThan(1e-7);
    }

    @Example
    void theArrowKeysReachEveryDirection() {
        Set<StandardDirection> seen = new HashSet<>(Set.of(StandardDirection.named("front")));
        int before = 0;
        while (seen.size() > before) {
            before = seen.size();
            for (StandardDirection s : Set.copyOf(seen)) {
                for (int[] d : new int[][] {{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                    seen.add(Rose.next(s, d[0], d[1], UpAxis.Y));
                }
            }
        }
        assertThat(seen).hasSize(26);
        assertThat(Rose.next(StandardDirection.named("front"), 1, 0, UpAxis.Y))
                .isEqualTo(StandardDirection.named("front-right"));
        assertThat(Rose.next(StandardDirection.named("front"), 0, 1, UpAxis.Z))
                .isEqualTo(StandardDirection.named("front-top"));
    }
}
