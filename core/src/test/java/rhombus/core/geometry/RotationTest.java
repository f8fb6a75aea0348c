package rhombus.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.domains.Domain;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.threed.rotation.QuaternionRotation;
import org.joml.Matrix4d;
import org.joml.Quaterniond;
import rhombus.core.Any;

/** Rotations and matrices against Apache Commons Geometry and JOML. */
@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class RotationTest {
    private static Vec3 of(Vector3D v) {
        return new Vec3(v.getX(), v.getY(), v.getZ());
    }

    private static QuaternionRotation theirs(Quat q) {
        return QuaternionRotation.of(q.w(), q.x(), q.y(), q.z());
    }

    @Property(tries = 1000)
    void rotatesAsCommonsGeometryDoes(@ForAll Quat q, @ForAll Vec3 v) {
        Vec3 there = of(theirs(q).apply(Vector3D.of(v.x(), v.y(), v.z())));
        assertThat(q.rotate(v).distance(there)).isLessThan(1e-12 * (1 + v.length()));
        assertThat(q.inverse().rotate(q.rotate(v)).distance(v)).isLessThan(1e-12 * (1 + v.length()));
    }

    @Property(tries = 1000)
    void productsAreTheRotationsOneAfterTheOther(@ForAll Quat a, @ForAll Quat b, @ForAll Vec3 v) {
        assertThat(a.times(b).rotate(v).distance(a.rotate(b.rotate(v)))).isLessThan(1e-11 * (1 + v.length()));
    }

    @Property(tries = 1000)
    void theImagesOfTheAxesAreABasisThatGivesTheRotationBack(@ForAll Quat q) {
        assertThat(q.right().distance(q.rotate(Vec3.X))).isLessThan(1e-12);
        assertThat(q.up().distance(q.rotate(Vec3.Y))).isLessThan(1e-12);
        assertThat(q.back().distance(q.rotate(Vec3.Z))).isLessThan(1e-12);
        assertThat(q.right().cross(q.up()).distance(q.back())).isLessThan(1e-12);
        assertThat(Quat.ofBasis(q.right(), q.up(), q.back()).angleTo(q)).isLessThan(1e-7);
    }

    @Property(tries = 1000)
    void slerpIsJomls(@ForAll Quat a, @ForAll Quat b, @ForAll @Scale(6) @DoubleRange(min = 0, max = 1) double t) {
        // Half a turn apart, both ways round are equally short.
        Assume.that(Math.abs(a.angleTo(b) - Math.PI) > 1e-4);
        Quaterniond j =
                new Quaterniond(a.x(), a.y(), a.z(), a.w()).slerp(new Quaterniond(b.x(), b.y(), b.z(), b.w()), t);
        assertThat(a.slerp(b, t).angleTo(new Quat(j.x, j.y, j.z, j.w).unit())).isLessThan(1e-5);
        assertThat(a.slerp(b, 0).angleTo(a)).isLessThan(1e-7);
        assertThat(a.slerp(b, 1).angleTo(b)).isLessThan(1e-7);
    }

    @Property(tries = 1000)
    void translationRotationScaleIsTheMatrixOfTheSpecification(
            @ForAll Vec3 t,
            @ForAll Quat r,
            @ForAll @DoubleRange(min = 0.01, max = 50) double x,
            @ForAll @DoubleRange(min = 0.01, max = 50) double y,
            @ForAll @DoubleRange(min = 0.01, max = 50) double z,
            @ForAll Vec3 p) {
        double[] m = Mat4.trs(t, r, new Vec3(x, y, z));
        Matrix4d j = new Matrix4d().translationRotateScale(t.x(), t.y(), t.z(), r.x(), r.y(), r.z(), r.w(), x, y, z);
        double[] theirs = j.get(new double[16]);
        for (int i = 0; i < 16; i++) {
            assertThat(m[i]).isCloseTo(theirs[i], within(1e-9 * (1 + Math.abs(theirs[i]))));
        }
        Vec3 there = Mat4.point(m, p);
        Vec3 back = Mat4.point(Mat4.inverseAffine(m), there);
        assertThat(back.distance(p)).isLessThan(1e-7 * (1 + p.length() + t.length() / Math.min(x, Math.min(y, z))));
        assertThat(Mat4.rotation(m).angleTo(r)).isLessThan(1e-6);
    }

    @Property(tries = 1000)
    void aBoxAroundTurnedCornersHoldsThemAll(@ForAll Vec3 a, @ForAll Vec3 b, @ForAll Vec3 t, @ForAll Quat r) {
        Aabb box = Aabb.of(a).union(Aabb.of(b));
        double[] m = Mat4.trs(t, r, new Vec3(1, 2, 0.5));
        Aabb turned = box.transformed(m);
        Aabb exact = Aabb.EMPTY;
        for (int i = 0; i < 8; i++) {
            exact = exact.union(Aabb.of(Mat4.point(m, box.corner(i))));
        }
        assertThat(turned.min().distance(exact.min())).isLessThan(1e-8 * (1 + exact.radius()));
        assertThat(turned.max().distance(exact.max())).isLessThan(1e-8 * (1 + exact.radius()));
    }
}
