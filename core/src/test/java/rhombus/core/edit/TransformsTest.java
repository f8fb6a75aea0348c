package rhombus.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;
import org.joml.Matrix4d;
import org.joml.Quaterniond;
import rhombus.core.Any;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Scenes;

/** Against the definition of translation, rotation and scale in glTF 2.0, 3.5.3, multiplied by JOML. */
@Domain(Any.class)
@Domain(DomainContext.Global.class)
class TransformsTest {
    private static Scene tangled(Quat q, double k) {
        Scene s = Scenes.boxes();
        Scene turned = s.withLocals(Transforms.turn(s, List.of(1), s::pivot, Quat.about(q.right(), 1.1)));
        return turned.withLocals(
                Transforms.scale(turned, List.of(3), turned::pivot, TransformAxes.WORLD, new Vec3(k, 1, 2)));
    }

    /** JOML's own product of translation, rotation and scale is the matrix again. */
    private static void isTrs(double[] m) {
        Vec3 t = Mat4.origin(m);
        Quat q = Transforms.rotationOf(m);
        Vec3 s = Transforms.scaleOf(m);
        double[] joml = new Matrix4d()
                .translationRotateScale(t.x(), t.y(), t.z(), q.x(), q.y(), q.z(), q.w(), s.x(), s.y(), s.z())
                .get(new double[16]);
        for (int i = 0; i < 16; i++) {
            assertThat(m[i]).isCloseTo(joml[i], within(1e-7 * Math.max(1, s.length())));
        }
    }

    @Property(tries = 1000)
    void everyResultIsTranslationRotationScale(
            @ForAll Quat q,
            @ForAll @DoubleRange(min = -6, max = 6) double angle,
            @ForAll @DoubleRange(min = 0.1, max = 5) double k) {
        Scene s = tangled(q, k);
        for (int n : List.of(1, 2, 3, 4)) {
            isTrs(Transforms.turn(s, List.of(n), s::pivot, Quat.about(q.up(), angle))
                    .get(n));
            isTrs(Transforms.scale(s, List.of(n), s::pivot, new TransformAxes(q), new Vec3(k, 1 / k, 2))
                    .get(n));
            isTrs(Transforms.move(s, List.of(n), q.back()).get(n));
            isTrs(Transforms.placed(s, n, q, new Vec3(k, 2, 1)));
        }
    }

    /** Against JOML: T(p) R T(-p), multiplied onto the world matrix. */
    @Property(tries = 1000)
    void turningTurnsRigidlyAboutThePoint(
            @ForAll Quat q, @ForAll Vec3 p, @ForAll @DoubleRange(min = -6, max = 6) double angle) {
        Scene s = Scenes.boxes();
        Vec3 axis = q.back();
        Scene t = s.withLocals(Transforms.turn(s, List.of(1, 4), n -> p, Quat.about(axis, angle)));
        Matrix4d by = new Matrix4d()
                .translate(p.x(), p.y(), p.z())
                .rotate(new Quaterniond().fromAxisAngleRad(axis.x(), axis.y(), axis.z(), angle))
                .translate(-p.x(), -p.y(), -p.z());
        for (int n : List.of(1, 2, 3, 4)) {
            double[] joml = new Matrix4d(by).mul(new Matrix4d().set(s.world(n))).get(new double[16]);
            for (int i = 0; i < 16; i++) {
                assertThat(t.world(n)[i]).isCloseTo(joml[i], within(1e-9 * (1 + p.length())));
            }
        }
    }

    @Property(tries = 1000)
    void thePivotPointStaysAndSoDoesTheWayBack(
            @ForAll Quat q,
            @ForAll @DoubleRange(min = 0.2, max = 4) double k,
            @ForAll @DoubleRange(min = -3, max = 3) double angle) {
        Scene s = tangled(q, k);
        for (int n : List.of(1, 3, 4)) {
            Vec3 p = s.pivot(n);
            Vec3 f = new Vec3(k, 1, 1 / k);
            Scene scaled = s.withLocals(Transforms.scale(s, List.of(n), s::pivot, new TransformAxes(q), f));
            Scene typed = s.withLocals(java.util.Map.of(n, Transforms.placed(s, n, q, f)));
            // The point in the object's own frame that was the pivot is where it was.
            Vec3 own = Mat4.point(Mat4.inverseAffine(s.world(n)), p);
            assertThat(Mat4.point(scaled.world(n), own).distance(p)).isLessThan(1e-9);
            assertThat(Mat4.point(typed.world(n), own).distance(p)).isLessThan(1e-9);
            Scene there = s.withLocals(Transforms.turn(s, List.of(n), x -> p, Quat.about(q.up(), angle)));
            Scene back = there.withLocals(Transforms.turn(there, List.of(n), x -> p, Quat.about(q.up(), -angle)));
            for (int i = 0; i < 16; i++) {
                assertThat(back.world(n)[i]).isCloseTo(s.world(n)[i], within(1e-9));
            }
        }
    }

    @Property(tries = 1000)
    void anglesLeadBackToTheRotation(@ForAll Quat q) {
        assertThat(Transforms.ofAngles(Transforms.angles(q)).angleTo(q)).isLessThan(1e-6);
        Vec3 a = Transforms.angles(q);
        Quaterniond joml = new Quaterniond().rotationZ(a.z()).rotateY(a.y()).rotateX(a.x());
        assertThat(new Quat(joml.x, joml.y, joml.z, joml.w).angleTo(q)).isLessThan(1e-6);
    }

    @Property(tries = 1000)
    void movingMovesByExactlySoMuchAndTurnsNothing(@ForAll Vec3 by) {
        Scene s = Scenes.boxes();
        Scene t = s.withLocals(Transforms.move(s, List.of(1, 4), by));
        for (int n : List.of(2, 3, 4)) {
            assertThat(Mat4.origin(t.world(n)).minus(Mat4.origin(s.world(n))).distance(by))
                    .isLessThan(1e-9);
            for (int i : new int[] {0, 1, 2, 4, 5, 6, 8, 9, 10}) {
                assertThat(t.world(n)[i]).isEqualTo(s.world(n)[i]);
            }
        }
    }
}
