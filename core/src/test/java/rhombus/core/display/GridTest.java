package rhombus.core.display;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Direction;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class GridTest {
    @Property(tries = 1000)
    void spacingIsOneTwoOrFiveTimesAPowerOfTenAndNoFinerThanAsked(
            @ForAll @DoubleRange(min = 0.01, max = 1e6) double least) {
        double s = Grid.nice(least);
        assertThat(s).isGreaterThanOrEqualTo(least * (1 - 1e-12)).isLessThanOrEqualTo(least * 2.5 * (1 + 1e-12));
        double mantissa = s / Math.pow(10, Math.floor(Math.log10(s) + 1e-9));
        assertThat(Math.min(Math.abs(mantissa - 1), Math.min(Math.abs(mantissa - 2), Math.abs(mantissa - 5))))
                .isLessThan(1e-9);
    }

    @Property(tries = 1000)
    void inAnAxisViewTheGridLiesInThePictureAndCoversIt(
            @ForAll UpAxis up, @ForAll Vec3 eye, @ForAll @DoubleRange(min = 0.05, max = 500) double extent) {
        for (Direction d : Direction.values()) {
            Pose pose = new Pose(eye, d.orientation(up), 10, new Projection.Orthographic(extent));
            Screen screen = new Screen(pose, 640, 400);
            Grid g = Grid.of(screen, up);
            Vec3 sight = pose.forward();
            double span = 0;
            for (int i = 0; i < g.lines().length; i += 7) {
                Vec3 a = new Vec3(g.lines()[i], g.lines()[i + 1], g.lines()[i + 2]);
                Vec3 b = new Vec3(g.lines()[i + 3], g.lines()[i + 4], g.lines()[i + 5]);
                assertThat(Math.abs(b.minus(a).dot(sight))).isLessThan(1e-3 * (1 + a.length() + b.length()));
                span = Math.max(span, b.minus(a).length());
            }
            assertThat(span).isGreaterThan(extent);
            assertThat(1 / screen.metresPerPixel(1) * g.spacing()).isBetween(33.9, 86.0);
        }
    }
}
