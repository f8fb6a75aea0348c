package rhombus.core.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.DirectionTurns;
import rhombus.core.scene.UpAxis;

/** The six axis views, and the isometric direction between them (ISO 5456-3). */
@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class AxisDirectionTest {
    private static void seen(AxisDirection d, UpAxis up, Vec3 from, Vec3 upOnScreen) {
        Quat q = d.orientation(up);
        assertThat(q.back().distance(from)).as("%s %s from", d, up).isLessThan(1e-12);
        assertThat(q.up().distance(upOnScreen)).as("%s %s up", d, up).isLessThan(1e-12);
    }

    @Example
    void everyAxisViewIsSeenFromItsSideWithItsUpVector() {
        Vec3 x = Vec3.X;
        Vec3 y = Vec3.Y;
        Vec3 z = Vec3.Z;
        seen(AxisDirection.FRONT, UpAxis.Y, z, y);
        seen(AxisDirection.BACK, UpAxis.Y, z.negated(), y);
        seen(AxisDirection.RIGHT, UpAxis.Y, x, y);
        seen(AxisDirection.LEFT, UpAxis.Y, x.negated(), y);
        seen(AxisDirection.TOP, UpAxis.Y, y, z.negated());
        seen(AxisDirection.BOTTOM, UpAxis.Y, y.negated(), z);
        seen(AxisDirection.FRONT, UpAxis.Z, y.negated(), z);
        seen(AxisDirection.BACK, UpAxis.Z, y, z);
        seen(AxisDirection.RIGHT, UpAxis.Z, x, z);
        seen(AxisDirection.LEFT, UpAxis.Z, x.negated(), z);
        seen(AxisDirection.TOP, UpAxis.Z, z, y);
        seen(AxisDirection.BOTTOM, UpAxis.Z, z.negated(), y.negated());
    }

    /** ISO 5456-3: in isometric projection all three axes are shortened by sqrt(2/3), and their lines lie 60° apart. */
    @Example
    void isometricAxesAreShortenedAlikeAndLieEvenly() {
        for (UpAxis up : UpAxis.values()) {
            Quat q = new Heading(Math.PI / 4, -Math.atan(1 / Math.sqrt(2)), 0).orientation(up);
            double[] angles = new double[3];
            Vec3[] axes = {Vec3.X, Vec3.Y, Vec3.Z};
            for (int i = 0; i < 3; i++) {
                double sx = q.right().dot(axes[i]);
                double sy = q.up().dot(axes[i]);
                assertThat(Math.hypot(sx, sy)).isCloseTo(Math.sqrt(2.0 / 3), within(1e-12));
                angles[i] = Math.toDegrees(Math.atan2(sy, sx));
            }
            for (int i = 0; i < 3; i++) {
                // As lines: which end of an axis is seen depends on the side one stands on.
                double apart = Math.abs(Math.IEEEremainder(angles[i] - angles[(i + 1) % 3], 180));
                assertThat(apart).isCloseTo(60, within(1e-9));
            }
        }
    }

    @Property(tries = 1000)
    void oppositeTwiceIsWhereOneWasAndLooksTheOtherWay(
            @ForAll Heading h, @ForAll UpAxis up, @ForAll Vec3 eye, @ForAll Projection p) {
        Pose start = new Pose(eye, h.orientation(up), 5, p);
        Pose other = DirectionTurns.opposite(start, up);
        Pose back = DirectionTurns.opposite(other, up);
        assertThat(back.orientation().angleTo(start.orientation())).isLessThan(1e-7);
        assertThat(back.eye().distance(eye)).isLessThan(1e-6);
        assertThat(other.focusPoint().distance(start.focusPoint())).isLessThan(1e-6);
        Vec3 flatStart = start.forward().plus(up.up(), -start.forward().dot(up.up()));
        Vec3 flatOther = other.forward().plus(up.up(), -other.forward().dot(up.up()));
        assertThat(flatStart.plus(flatOther, 1).length()).isLessThan(1e-9);
    }

    @Example
    void oppositeSwapsTopAndBottom() {
        Pose top = new Pose(Vec3.ZERO, AxisDirection.TOP.orientation(UpAxis.Y), 5, new Projection.Orthographic(3));
        assertThat(AxisDirection.of(DirectionTurns.opposite(top, UpAxis.Y).orientation(), UpAxis.Y))
                .isEqualTo(AxisDirection.BOTTOM);
    }

    @Property(tries = 1000)
    void aSegmentInTheFocusPlaneMeasuresTheSameFlatAndInPerspective(@ForAll Screen screen) {
        Pose start = screen.pose();
        double fov = 0.8;
        Pose other = DirectionTurns.toggleProjection(start, fov);
        Vec3 a = start.focusPoint();
        Vec3 b = a.plus(start.orientation().right(), 1).plus(start.orientation().up(), 0.5);
        double before = length(screen, a, b);
        double after = length(new Screen(other, screen.width(), screen.height()), a, b);
        assertThat(after).isCloseTo(before, within(1e-6 * before));
        assertThat(other.forward().distance(start.forward())).isZero();
        Pose again = DirectionTurns.toggleProjection(
                other, start.projection() instanceof Projection.Perspective p ? p.fovY() : fov);
        assertThat(again.projection().heightAt(again.focus()))
                .isCloseTo(
                        start.projection().heightAt(start.focus()),
                        within(1e-9 * start.projection().heightAt(start.focus())));
    }

    private static double length(Screen s, Vec3 a, Vec3 b) {
        return Math.hypot(
                s.project(a).x() - s.project(b).x(),
                s.project(a).y() - s.project(b).y());
    }

    @Property(tries = 1000)
    void levelTakesTheRollAwayAndNothingElse(
            @ForAll Heading h, @ForAll UpAxis up, @ForAll Vec3 eye, @ForAll Projection p) {
        Pose start = new Pose(eye, h.orientation(up), 5, p);
        Pose level = DirectionTurns.level(start, up);
        assertThat(Heading.of(level.orientation(), up).roll()).isCloseTo(0, within(1e-7));
        assertThat(level.forward().distance(start.forward())).isLessThan(1e-9);
        assertThat(level.eye()).isEqualTo(eye);
        assertThat(level.projection()).isEqualTo(p);
    }
}
