package rhombus.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
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
        for (AxisDirection d : AxisDirection.values()) {
            Pose pose = new Pose(eye, d.orientation(up), 10, new Projection.Orthographic(extent));
            Screen screen = new Screen(pose, 640, 400);
            Grid g = Grid.of(screen, up);
            Vec3 sight = pose.forward();
            double span = 0;
            for (Line l : lines(g)) {
                Vec3 along = l.to().minus(l.from());
                assertThat(Math.abs(along.dot(sight))).isLessThan(1e-9 * (1 + along.length()));
                span = Math.max(span, along.length());
            }
            assertThat(span).isGreaterThan(extent);
            assertThat(1 / screen.metresPerPixel(1) * g.spacing()).isBetween(33.9, 86.0);
        }
    }

    @Property(tries = 1000)
    void linesStandAtWholeSpacingsAndTellWhatTheyAre(
            @ForAll UpAxis up,
            @ForAll Vec3 eye,
            @ForAll Pose any,
            @ForAll @DoubleRange(min = 0.5, max = 500) double focus) {
        Pose pose = new Pose(eye, any.orientation(), focus, any.projection());
        Grid g = Grid.of(new Screen(pose, 640, 400), up);
        int flat = 3 - g.u() - g.v();
        for (Line l : lines(g)) {
            Vec3 from = l.from().plus(eye);
            Vec3 to = l.to().plus(eye);
            double error = 1e-9 * (1 + eye.length() + from.length() + to.length());
            assertThat(part(from, flat)).isCloseTo(0, within(error));
            assertThat(part(to, flat)).isCloseTo(0, within(error));
            int fixed = Math.abs(part(from, g.u()) - part(to, g.u())) < error ? g.u() : g.v();
            double n = part(from, fixed) / g.spacing();
            long whole = Math.round(n);
            assertThat(n).isCloseTo(whole, within(1e-6 + error / g.spacing()));
            if (error / g.spacing() > 0.1) continue;
            int what = whole == 0 ? 2 + (fixed == g.u() ? g.v() : g.u()) : whole % 10 == 0 ? 1 : 0;
            assertThat(l.what()).as("line %s of %s", whole, g).isEqualTo(what);
        }
    }

    /** Lines without axes are all of them; axes alone are those; neither is nothing. */
    @Property(tries = 500)
    void axesAndOtherLinesShowByThemselves(@ForAll UpAxis up, @ForAll Pose pose) {
        Grid g = Grid.of(new Screen(pose, 640, 400), up);
        assertThat(g.showing(true, true)).isEqualTo(g);
        List<Line> without = lines(g.showing(true, false));
        assertThat(without).hasSameSizeAs(lines(g)).allMatch(l -> l.what() < 2);
        List<Line> axes = lines(g.showing(false, true));
        List<Line> wanted = lines(g).stream().filter(l -> l.what() >= 2).toList();
        assertThat(axes).hasSameSizeAs(wanted);
        for (int k = 0; k < axes.size(); k++) {
            assertThat(axes.get(k).what()).isEqualTo(wanted.get(k).what());
            assertThat(axes.get(k).from().distance(wanted.get(k).from()))
                    .isLessThan(1e-9 * (1 + wanted.get(k).from().length()));
        }
        assertThat(lines(g.showing(false, false))).isEmpty();
    }

    private record Line(Vec3 from, Vec3 to, int what) {}

    /** The lines as they are to be drawn, relative to the eye: what is told of the rows, put into practice. */
    private static List<Line> lines(Grid g) {
        List<Line> out = new ArrayList<>();
        for (int r = 0; r < 2; r++) {
            Grid.Row row = r == 0 ? g.first() : g.second();
            int across = r == 0 ? g.u() : g.v();
            int along = r == 0 ? g.v() : g.u();
            for (int k = 0; k < row.count(); k++) {
                double[] from = new double[3];
                from[across] = row.at() + k * g.spacing();
                from[3 - across - along] = g.height();
                double[] to = from.clone();
                from[along] = row.from();
                to[along] = row.to();
                int what = k == row.axis() ? 2 + along : k % 10 == row.ten() ? 1 : 0;
                out.add(new Line(new Vec3(from[0], from[1], from[2]), new Vec3(to[0], to[1], to[2]), what));
            }
        }
        return out;
    }

    private static double part(Vec3 v, int axis) {
        return axis == 0 ? v.x() : axis == 1 ? v.y() : v.z();
    }
}
