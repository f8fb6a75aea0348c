package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class PanAndDollyTest {
    @Property(tries = 1000)
    void panKeepsTheGrabbedPointUnderThePointer(
            @ForAll Screen start,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fx,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fy,
            @ForAll @Scale(9) @DoubleRange(min = 0.01, max = 800) double depth,
            @ForAll @Scale(9) @DoubleRange(min = -5000, max = 5000) double dx,
            @ForAll @Scale(9) @DoubleRange(min = -5000, max = 5000) double dy) {
        double x = fx * start.width();
        double y = fy * start.height();
        Vec3 grabbed = start.at(x, y, depth);
        Screen end = new Screen(Pan.by(start, depth, dx, dy), start.width(), start.height());
        Vec3 s = end.project(grabbed);
        assertThat(Math.hypot(s.x() - x - dx, s.y() - y - dy)).isLessThan(0.5);
    }

    @Property(tries = 1000)
    void dollyKeepsItsTargetUnderThePointer(
            @ForAll Screen start,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fx,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fy,
            @ForAll @Scale(9) @DoubleRange(min = 0.05, max = 800) double distance,
            @ForAll @Scale(9) @DoubleRange(min = -20, max = 20) double notches) {
        Ray line = start.ray(fx * start.width(), fy * start.height());
        Pose end = Dolly.notches(start.pose(), line, distance, 0.02, notches);
        Vec3 target = line.at(distance);
        Assume.that(end.projection().flat() || end.depth(target) > 1e-3);
        Vec3 s = new Screen(end, start.width(), start.height()).project(target);
        assertThat(Math.hypot(s.x() - fx * start.width(), s.y() - fy * start.height()))
                .isLessThan(0.5);
    }

    @Property(tries = 1000)
    void notchesInAndOutRestoreThePose(
            @ForAll Screen start,
            @ForAll @Scale(9) @DoubleRange(min = 0.001, max = 800) double distance,
            @ForAll @IntRange(min = 1, max = 60) int n) {
        Pose pose = start.pose();
        Ray line = start.ray(start.width() * 0.3, start.height() * 0.8);
        double d = distance;
        Pose p = pose;
        for (int i = 0; i < n; i++) {
            p = Dolly.notches(p, p.projection().flat() ? movedTo(line, p, start) : line, d, 0.02, 1);
            d = Dolly.after(d, 0.02, 1);
        }
        for (int i = 0; i < n; i++) {
            p = Dolly.notches(p, p.projection().flat() ? movedTo(line, p, start) : line, d, 0.02, -1);
            d = Dolly.after(d, 0.02, -1);
        }
        assertThat(p.eye().distance(pose.eye()))
                .isLessThan(1e-9 * (1 + distance + pose.eye().length()));
        assertThat(p.focus()).isCloseTo(pose.focus(), within(1e-9 * (1 + pose.focus())));
        assertThat(p.projection().heightAt(1))
                .isCloseTo(
                        pose.projection().heightAt(1),
                        within(1e-9 * pose.projection().heightAt(1)));
    }

    private static Ray movedTo(Ray line, Pose p, Screen s) {
        return new Screen(p, s.width(), s.height()).ray(s.width() * 0.3, s.height() * 0.8);
    }

    @Property(tries = 1000)
    void aFiniteNumberOfNotchesPassesAnySurface(
            @ForAll @Scale(9) @DoubleRange(min = 1e-6, max = 1e6) double distance,
            @ForAll @Scale(9) @DoubleRange(min = 1e-6, max = 10) double limit) {
        double d = distance;
        int n = 0;
        while (d > 0) {
            double next = Dolly.after(d, limit, 1);
            assertThat(next).isLessThan(d);
            d = next;
            assertThat(++n).isLessThan(400);
        }
    }

    @Example
    void farAwayANotchIsAFactor() {
        assertThat(Dolly.after(100, 0.02, 1)).isCloseTo(85, within(1e-12));
        assertThat(Dolly.after(100, 0.02, -1)).isCloseTo(100 / 0.85, within(1e-9));
    }

    @Example
    void aMillimetreAtAHundredKilometresMovesTheImageAsAtTheOrigin() {
        for (Vec3 at : new Vec3[] {Vec3.ZERO, new Vec3(1e5, -1e5, 1e5)}) {
            Pose p = new Pose(at, rhombus.core.geometry.Quat.IDENTITY, 1, new Projection.Perspective(0.8));
            Vec3 point = at.plus(new Vec3(0.1, 0.1, -1));
            Screen s = new Screen(p, 800, 600);
            Vec3 before = s.project(point);
            Vec3 after = new Screen(p.withEye(at.plus(new Vec3(0.001, 0, 0))), 800, 600).project(point);
            assertThat(before.x() - after.x()).isCloseTo(0.001 / s.metresPerPixel(1), within(1e-6));
        }
    }

    @Property(tries = 1000)
    void glidesLandExactlyAndStayOnTheWay(@ForAll Pose a, @ForAll Pose b) {
        Glide g = new Glide(a, b, 1000, 180);
        assertThat(g.at(1180)).isEqualTo(b);
        assertThat(g.at(5000)).isEqualTo(b);
        Pose start = g.at(1000);
        assertThat(start.eye().distance(a.eye())).isLessThan(1e-6 * (1 + a.eye().length() + a.focus()));
        Pose middle = g.at(1090);
        assertThat(middle.eye().finite()).isTrue();
        assertThat(middle.focus()).isPositive();
    }
}
