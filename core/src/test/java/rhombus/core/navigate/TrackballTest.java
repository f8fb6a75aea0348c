package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.domains.Domain;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.threed.rotation.QuaternionRotation;
import rhombus.core.Any;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** The arcball of Shoemake (1992): no hysteresis, and twice the arc's angle. */
@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class TrackballTest {
    private static Trackball ball(Screen s, Vec3 pivot, double fx, double fy) {
        return new Trackball(s.pose(), pivot, s.width(), s.height(), fx * s.width(), fy * s.height());
    }

    @Property(tries = 1000)
    void thePivotStaysWhereItIsOnTheScreen(
            @ForAll Screen s,
            @ForAll Vec3 pivot,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double ax,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double ay,
            @ForAll @Scale(9) @DoubleRange(min = -3, max = 4) double bx,
            @ForAll @Scale(9) @DoubleRange(min = -3, max = 4) double by) {
        Pose end = ball(s, pivot, ax, ay).at(bx * s.width(), by * s.height());
        Vec3 before =
                s.pose().orientation().inverse().rotate(pivot.minus(s.pose().eye()));
        Vec3 after = end.orientation().inverse().rotate(pivot.minus(end.eye()));
        assertThat(before.distance(after)).isLessThan(1e-9 * (1 + before.length()));
        assertThat(end.focus()).isEqualTo(s.pose().focus());
        assertThat(end.projection()).isEqualTo(s.pose().projection());
    }

    @Property(tries = 1000)
    void whatCountsIsWhereThePointerIsAndNotHowItCameThere(
            @ForAll Screen s,
            @ForAll Vec3 pivot,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fx,
            @ForAll @Scale(9) @DoubleRange(min = -2, max = 3) double gx,
            @ForAll @Scale(9) @DoubleRange(min = -2, max = 3) double gy) {
        Trackball straight = ball(s, pivot, fx, 0.4);
        Trackball round = ball(s, pivot, fx, 0.4);
        for (int i = 0; i < 20; i++) {
            round.at(s.width() * Math.cos(i), s.height() * Math.sin(i * 1.7));
        }
        assertThat(round.at(gx * s.width(), gy * s.height())).isEqualTo(straight.at(gx * s.width(), gy * s.height()));
        assertThat(round.at(fx * s.width(), 0.4 * s.height()))
                .as("back at the first point")
                .isEqualTo(s.pose());
    }

    @Property(tries = 1000)
    void theBallTurnsByTwiceTheArc(
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double ax,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double ay,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double bx,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double by,
            @ForAll Screen s) {
        Trackball ball = ball(s, Vec3.ZERO, ax, ay);
        Vec3 from = ball.onBall(ax * s.width(), ay * s.height());
        Vec3 to = ball.onBall(bx * s.width(), by * s.height());
        double arc = Math.atan2(from.cross(to).length(), from.dot(to));
        double turned = Quat.IDENTITY.angleTo(ball.turn(bx * s.width(), by * s.height()));
        assertThat(turned).isCloseTo(Math.min(2 * arc, 2 * Math.PI - 2 * arc), within(1e-7));
    }

    @Property(tries = 1000)
    void outsideTheRingItOnlyRolls(
            @ForAll Screen s,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 6.28) double a,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 6.28) double b,
            @ForAll @Scale(9) @DoubleRange(min = 1.01, max = 4) double far) {
        double r = Trackball.RADIUS * Math.min(s.width(), s.height()) * far;
        double cx = s.width() / 2;
        double cy = s.height() / 2;
        Trackball ball = new Trackball(
                s.pose(), s.pose().focusPoint(), s.width(), s.height(), cx + r * Math.cos(a), cy + r * Math.sin(a));
        Pose end = ball.at(cx + r * Math.cos(b), cy + r * Math.sin(b));
        assertThat(end.forward().distance(s.pose().forward())).isLessThan(1e-9);
        assertThat(end.eye().distance(s.pose().eye()))
                .isLessThan(1e-9 * (1 + s.pose().focus() + s.pose().eye().length()));
    }

    /** The same ball turned with Apache Commons Geometry's axis-angle rotations. */
    @Property(tries = 1000)
    void agreesWithAnIndependentRotation(
            @ForAll Screen s,
            @ForAll Vec3 pivot,
            @ForAll @Scale(9) @DoubleRange(min = 0.2, max = 0.8) double ax,
            @ForAll @Scale(9) @DoubleRange(min = 0.2, max = 0.8) double by) {
        Trackball ball = ball(s, pivot, ax, 0.5);
        Vec3 from = ball.onBall(ax * s.width(), 0.5 * s.height());
        Vec3 to = ball.onBall(0.5 * s.width(), by * s.height());
        Vec3 axis = s.pose().orientation().rotate(from.cross(to));
        net.jqwik.api.Assume.that(axis.length() > 1e-6);
        double arc = Math.atan2(axis.length(), from.dot(to));
        var turn = QuaternionRotation.fromAxisAngle(Vector3D.of(axis.x(), axis.y(), axis.z()), -2 * arc);
        Vec3 arm = s.pose().eye().minus(pivot);
        Vector3D there = turn.apply(Vector3D.of(arm.x(), arm.y(), arm.z()));
        Pose end = ball.at(0.5 * s.width(), by * s.height());
        Vec3 expected = pivot.plus(new Vec3(there.getX(), there.getY(), there.getZ()));
        assertThat(end.eye().distance(expected)).isLessThan(1e-8 * (1 + arm.length()));
    }
}
