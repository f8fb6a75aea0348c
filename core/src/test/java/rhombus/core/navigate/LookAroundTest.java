package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.domains.Domain;
import org.joml.Quaterniond;
import org.joml.Vector3d;
import rhombus.core.Any;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class LookAroundTest {
    @Property(tries = 1000)
    void lookingKeepsTheEyeAndTheRollAndStopsAtThePoles(
            @ForAll Pose p,
            @ForAll Heading h,
            @ForAll UpAxis up,
            @ForAll @Scale(9) @DoubleRange(min = -9, max = 9) double yaw,
            @ForAll @Scale(9) @DoubleRange(min = -9, max = 9) double pitch) {
        Pose start = new Pose(p.eye(), h.orientation(up), p.focus(), p.projection());
        Pose end = LookAround.turn(start, up, yaw, pitch);
        Heading there = Heading.of(end.orientation(), up);
        assertThat(end.eye()).isEqualTo(start.eye());
        assertThat(there.pitch()).isBetween(-Math.PI / 2, Math.PI / 2);
        if (Math.abs(there.pitch()) < Math.PI / 2 - 1e-5) {
            assertThat(Math.IEEEremainder(there.roll() - h.roll(), 2 * Math.PI)).isCloseTo(0, within(1e-7));
            assertThat(Math.IEEEremainder(there.yaw() - h.yaw() - yaw, 2 * Math.PI))
                    .isCloseTo(0, within(1e-7));
        }
    }

    /** Turning on the spot against JOML's rotations about the world's up and the camera's own right axis. */
    @Property(tries = 1000)
    void agreesWithAnIndependentRotation(
            @ForAll Pose p,
            @ForAll Heading h,
            @ForAll UpAxis up,
            @ForAll @Scale(9) @DoubleRange(min = -3, max = 3) double yaw,
            @ForAll @Scale(9) @DoubleRange(min = -0.3, max = 0.3) double by) {
        Heading level = new Heading(h.yaw(), h.pitch() * 0.7, 0);
        Pose start = new Pose(p.eye(), level.orientation(up), p.focus(), p.projection());
        Vec3 r = start.orientation().right();
        Vec3 f = start.forward();
        Vector3d v = new Quaterniond().rotateAxis(by, r.x(), r.y(), r.z()).transform(new Vector3d(f.x(), f.y(), f.z()));
        Vec3 u = up.up();
        new Quaterniond().rotateAxis(yaw, u.x(), u.y(), u.z()).transform(v);
        assertThat(LookAround.turn(start, up, yaw, by).forward().distance(new Vec3(v.x, v.y, v.z)))
                .isLessThan(1e-9);
    }

    @Property(tries = 1000)
    void rollingKeepsTheEyeAndTheLineOfSightAndComesBack(
            @ForAll Pose p, @ForAll @Scale(9) @DoubleRange(min = -20, max = 20) double angle) {
        Pose end = LookAround.roll(p, angle);
        assertThat(end.eye()).isEqualTo(p.eye());
        assertThat(end.forward().distance(p.forward())).isLessThan(1e-12);
        assertThat(LookAround.roll(end, -angle).orientation().angleTo(p.orientation()))
                .isLessThan(1e-7);
    }

    @Property(tries = 1000)
    void levelBringsTheHorizonBackAndChangesNothingElse(@ForAll Pose p, @ForAll UpAxis up) {
        net.jqwik.api.Assume.that(p.forward().cross(up.up()).length() > 1e-6);
        Pose level = DirectionTurns.level(p, up);
        assertThat(level.eye()).isEqualTo(p.eye());
        assertThat(level.focus()).isEqualTo(p.focus());
        assertThat(level.forward().distance(p.forward())).isLessThan(1e-12);
        assertThat(level.orientation().right().dot(up.up())).isCloseTo(0, within(1e-9));
        assertThat(level.orientation().up().dot(up.up())).isGreaterThan(-1e-9);
    }

    @Property(tries = 1000)
    void fourQuarterRollsAreNoneAndEachTurnsThePictureByARightAngle(@ForAll Pose p) {
        Pose q = p;
        for (int i = 0; i < 4; i++) {
            Quat before = q.orientation();
            q = DirectionTurns.quarterRoll(q, true);
            // Clockwise on the screen: what was up points to the right now.
            assertThat(q.orientation().inverse().rotate(before.up()).distance(Vec3.X))
                    .isLessThan(1e-9);
        }
        assertThat(q.orientation().angleTo(p.orientation())).isLessThan(1e-9);
        assertThat(DirectionTurns.quarterRoll(DirectionTurns.quarterRoll(p, true), false)
                        .orientation()
                        .angleTo(p.orientation()))
                .isLessThan(1e-9);
    }
}
