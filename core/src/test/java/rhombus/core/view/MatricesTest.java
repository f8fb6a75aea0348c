package rhombus.core.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.domains.Domain;
import org.joml.Matrix4d;
import org.joml.Quaterniond;
import org.joml.Vector4d;
import rhombus.core.Any;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;

/** View and projection matrices against JOML, an independent library, and against the formulas of glTF 2.0, 3.10.3. */
@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class MatricesTest {
    private static Matrix4d joml(Pose pose, double aspect, ClipRange clip) {
        Matrix4d m = new Matrix4d();
        if (pose.projection() instanceof Projection.Perspective p) {
            m.perspective(p.fovY(), aspect, clip.near(), clip.far());
        } else {
            double h = ((Projection.Orthographic) pose.projection()).extent() / 2;
            m.ortho(-h * aspect, h * aspect, -h, h, clip.near(), clip.far());
        }
        var q = pose.orientation();
        Vec3 e = pose.eye();
        return m.rotate(new Quaterniond(q.x(), q.y(), q.z(), q.w()).conjugate()).translate(-e.x(), -e.y(), -e.z());
    }

    @Property(tries = 1000)
    void pointsLandWhereJomlPutsThemAndWhereTheScreenSays(@ForAll Screen screen, @ForAll Vec3 p) {
        Pose pose = screen.pose();
        ClipRange clip = new ClipRange(0.5, 4000);
        double aspect = screen.width() / screen.height();
        double[] m = new double[32];
        Matrices.view(pose, m, 0);
        Matrices.projection(pose.projection(), aspect, clip, m, 16);
        Vector4d ours =
                new Matrix4d().set(m, 16).mul(new Matrix4d().set(m, 0)).transform(new Vector4d(p.x(), p.y(), p.z(), 1));
        Vector4d theirs = joml(pose, aspect, clip).transform(new Vector4d(p.x(), p.y(), p.z(), 1));
        double scale = 1e-9 * (1 + theirs.length());
        assertThat(ours.distance(theirs)).isLessThan(scale);
        if (Math.abs(ours.w) > 1e-3) {
            Vec3 s = screen.project(p);
            double x = (ours.x / ours.w + 1) / 2 * screen.width();
            double y = (1 - ours.y / ours.w) / 2 * screen.height();
            assertThat(Math.hypot(s.x() - x, s.y() - y)).isLessThan(1e-6 * (1 + Math.hypot(x, y)));
        }
    }

    /** glTF 2.0, 3.10.3.1: the entries of the finite perspective projection. */
    @Property(tries = 1000)
    void perspectiveHasTheEntriesOfTheSpecification(
            @ForAll @DoubleRange(min = 0.02, max = 2.6) double y,
            @ForAll @DoubleRange(min = 0.1, max = 9) double a,
            @ForAll @DoubleRange(min = 0.01, max = 10) double n,
            @ForAll @DoubleRange(min = 11, max = 1e6) double f) {
        double[] m = new double[16];
        Matrices.projection(new Projection.Perspective(y), a, new ClipRange(n, f), m, 0);
        assertThat(m[0]).isCloseTo(1 / (a * Math.tan(0.5 * y)), within(1e-9 * Math.abs(m[0])));
        assertThat(m[5]).isCloseTo(1 / Math.tan(0.5 * y), within(1e-9 * Math.abs(m[5])));
        assertThat(m[10]).isEqualTo((f + n) / (n - f));
        assertThat(m[14]).isEqualTo(2 * f * n / (n - f));
        assertThat(m[11]).isEqualTo(-1);
    }

    @Property(tries = 1000)
    void everyCornerOfTheSceneLiesBetweenNearAndFar(@ForAll Pose pose, @ForAll Vec3 a, @ForAll Vec3 b) {
        Aabb box = Aabb.of(a).union(Aabb.of(b));
        ClipRange clip = ClipRange.of(pose, box, 0);
        for (int i = 0; i < 8; i++) {
            double depth = pose.depth(box.corner(i));
            assertThat(depth).isLessThanOrEqualTo(clip.far() + 1e-6);
            if (pose.projection().flat()) {
                assertThat(depth).isGreaterThanOrEqualTo(clip.near() - 1e-6);
            }
        }
        assertThat(clip.near()).isLessThan(clip.far());
    }
}
