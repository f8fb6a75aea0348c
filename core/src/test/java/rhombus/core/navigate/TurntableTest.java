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
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class TurntableTest {
    private static Pose pose(Heading h, UpAxis up, Vec3 eye, Projection p) {
        return new Pose(eye, h.orientation(up), 7, p);
    }

    @Property(tries = 1000)
    void turnsRigidlyAboutThePivotAndKeepsRoll(
            @ForAll Heading h,
            @ForAll UpAxis up,
            @ForAll Vec3 eye,
            @ForAll Vec3 pivot,
            @ForAll Projection projection,
            @ForAll @Scale(9) @DoubleRange(min = -7, max = 7) double yaw,
            @ForAll @Scale(9) @DoubleRange(min = -7, max = 7) double pitch) {
        Pose start = pose(h, up, eye, projection);
        Pose end = Turntable.orbit(start, pivot, up, yaw, pitch, true);

        assertThat(pivot.distance(end.eye())).isCloseTo(pivot.distance(eye), within(1e-9 * (1 + pivot.distance(eye))));
        Vec3 before = start.orientation().inverse().rotate(pivot.minus(start.eye()));
        Vec3 after = end.orientation().inverse().rotate(pivot.minus(end.eye()));
        assertThat(before.distance(after)).isLessThan(1e-9 * (1 + before.length()));
        Heading turned = Heading.of(end.orientation(), up);
        assertThat(turned.pitch()).isBetween(-Math.PI / 2, Math.PI / 2);
        if (Math.abs(turned.pitch()) < Math.PI / 2 - 1e-5) {
            assertThat(Math.IEEEremainder(turned.roll() - h.roll(), 2 * Math.PI))
                    .isCloseTo(0, within(1e-7));
        }
    }

    @Property(tries = 1000)
    void comingBackToThePressRestoresThePose(
            @ForAll Heading h, @ForAll UpAxis up, @ForAll Vec3 eye, @ForAll Vec3 pivot, @ForAll Projection p) {
        Pose start = pose(h, up, eye, p);
        assertThat(Turntable.orbit(start, pivot, up, 0, 0, true)).isEqualTo(start);
    }

    @Property(tries = 1000)
    void twentyFourStepsOfFifteenDegreesComeRound(
            @ForAll Heading h, @ForAll UpAxis up, @ForAll Vec3 eye, @ForAll Vec3 pivot, @ForAll Projection projection) {
        Pose pose = pose(h, up, eye, projection);
        for (int i = 0; i < 24; i++) {
            pose = Turntable.orbit(pose, pivot, up, Math.toRadians(15), 0, true);
        }
        assertThat(pose.eye().distance(eye)).isLessThan(1e-9 * (1 + eye.length() + pivot.length()));
        assertThat(pose.orientation().angleTo(h.orientation(up))).isLessThan(1e-7);
    }

    /** An independent computation of the same turn: Apache Commons Geometry's axis-angle rotations. */
    @Property(tries = 1000)
    void agreesWithAnIndependentRotation(
            @ForAll Heading h,
            @ForAll Vec3 eye,
            @ForAll Vec3 pivot,
            @ForAll @Scale(9) @DoubleRange(min = -3, max = 3) double yaw,
            @ForAll @Scale(9) @DoubleRange(min = -0.3, max = 0.3) double pitch) {
        Heading level = new Heading(h.yaw(), h.pitch() * 0.7, 0);
        Pose start = pose(level, UpAxis.Y, eye, new Projection.Perspective(0.8));
        Pose end = Turntable.orbit(start, pivot, UpAxis.Y, yaw, pitch, true);

        Vec3 right = start.orientation().right();
        var tilt = QuaternionRotation.fromAxisAngle(Vector3D.of(right.x(), right.y(), right.z()), pitch);
        var turn = QuaternionRotation.fromAxisAngle(Vector3D.of(0, 1, 0), yaw);
        Vector3D arm = Vector3D.of(eye.x() - pivot.x(), eye.y() - pivot.y(), eye.z() - pivot.z());
        Vector3D there = turn.apply(tilt.apply(arm));
        Vec3 expected = pivot.plus(new Vec3(there.getX(), there.getY(), there.getZ()));
        assertThat(end.eye().distance(expected)).isLessThan(1e-8 * (1 + arm.norm()));
    }

    @Property(tries = 1000)
    void headingsComeBack(@ForAll Heading h, @ForAll UpAxis up) {
        Heading back = Heading.of(h.orientation(up), up);
        assertThat(back.yaw()).isCloseTo(h.yaw(), within(1e-9));
        assertThat(back.pitch()).isCloseTo(h.pitch(), within(1e-9));
        assertThat(back.roll()).isCloseTo(h.roll(), within(1e-9));
    }
}
