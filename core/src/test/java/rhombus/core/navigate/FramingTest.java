package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.domains.Domain;
import org.joml.Matrix4d;
import org.joml.Vector4d;
import rhombus.core.Any;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class FramingTest {
    /** Every vertex projected with JOML's own matrices: inside the margin, and two opposite ones touch it. */
    @Property(tries = 1000)
    void fitsExactly(@ForAll Screen screen, @ForAll @Size(min = 2, max = 40) List<Vec3> points) {
        Framing f = new Framing(screen.pose(), screen.width() / screen.height(), points.get(0));
        points.forEach(f::add);
        Pose fit = f.fit(1e-3);
        double lo = Double.POSITIVE_INFINITY, hi = -lo, bottom = lo, top = -lo;
        Matrix4d m = jomlMatrix(fit, screen);
        for (Vec3 p : points) {
            Vector4d v = m.transform(new Vector4d(
                    p.x() - fit.eye().x(),
                    p.y() - fit.eye().y(),
                    p.z() - fit.eye().z(),
                    1));
            lo = Math.min(lo, v.x / v.w);
            hi = Math.max(hi, v.x / v.w);
            bottom = Math.min(bottom, v.y / v.w);
            top = Math.max(top, v.y / v.w);
        }
        double inner = 1 - 2 * Framing.MARGIN;
        double px = 2 / Math.min(screen.width(), screen.height());
        double slack = 0.5 * px;
        assertThat(lo).isGreaterThan(-inner - slack);
        assertThat(hi).isLessThan(inner + slack);
        assertThat(bottom).isGreaterThan(-inner - slack);
        assertThat(top).isLessThan(inner + slack);
        // Where one vertex is the tip of the whole sight cone, or all are one point, nothing else can touch the margin.
        double spread = points.stream()
                .mapToDouble(q -> q.distance(points.get(0)))
                .max()
                .orElse(0);
        double nearest = points.stream().mapToDouble(fit::depth).min().orElse(0);
        double depth = fit.projection().flat() ? fit.projection().heightAt(1) : nearest;
        Assume.that(spread > 1e-3 && depth > spread * 4e-3);
        double touchX = Math.max(Math.abs(hi - inner), Math.abs(lo + inner)) * screen.width() / 2;
        double touchY = Math.max(Math.abs(top - inner), Math.abs(bottom + inner)) * screen.height() / 2;
        assertThat(Math.min(touchX, touchY)).isLessThan(0.5);
    }

    private static Matrix4d jomlMatrix(Pose p, Screen s) {
        Vec3 f = p.forward();
        Vec3 u = p.orientation().up();
        Matrix4d view = new Matrix4d().lookAt(0, 0, 0, f.x(), f.y(), f.z(), u.x(), u.y(), u.z());
        double aspect = s.width() / s.height();
        Matrix4d projection = p.projection() instanceof Projection.Perspective q
                ? new Matrix4d().perspective(q.fovY(), aspect, 1e-3, 1e6)
                : new Matrix4d()
                        .orthoSymmetric(
                                p.projection().heightAt(1) * aspect,
                                p.projection().heightAt(1),
                                -1e6,
                                1e6);
        return projection.mul(view);
    }

    /** The hierarchy finds the very vertices that looking at each of them finds. */
    @Property(tries = 1000)
    void theHierarchyFitsAsLookingAtEveryVertexDoes(
            @ForAll Screen screen, @ForAll Quat turn, @ForAll("clouds") float[] positions) {
        int[] triangles = new int[positions.length / 3 - positions.length / 3 % 3];
        for (int i = 0; i < triangles.length; i++) {
            triangles[i] = i;
        }
        float[] used = java.util.Arrays.copyOf(positions, triangles.length * 3);
        double[] world = Mat4.trs(new Vec3(3, -2, 1), turn, new Vec3(1, 2, 0.5));
        Mesh plain = new Mesh(new Vec3(1, 2, 3), used, triangles);
        Mesh searched = new Mesh(new Vec3(1, 2, 3), used, triangles);
        searched.attach(BvhBuilder.of(used, triangles));
        double aspect = screen.width() / screen.height();
        Framing all = new Framing(screen.pose(), aspect, Vec3.ZERO);
        all.add(plain, world);
        Framing few = new Framing(screen.pose(), aspect, Vec3.ZERO);
        few.add(searched, world);
        Pose a = all.fit(1e-3);
        Pose b = few.fit(1e-3);
        assertThat(b.eye().distance(a.eye())).isLessThan(1e-9 * (1 + a.eye().length()));
        assertThat(b.focus()).isCloseTo(a.focus(), within(1e-9 * a.focus()));
    }

    @Provide
    Arbitrary<float[]> clouds() {
        return Arbitraries.longs().between(0, 1_000_000).map(seed -> {
            Random r = new Random(seed);
            float[] p = new float[(65 + r.nextInt(300)) * 9];
            for (int i = 0; i < p.length; i++) {
                p[i] = (float) r.nextGaussian();
            }
            return p;
        });
    }

    @Example
    void onePointAndALineAlongTheSightGetASize() {
        for (Projection projection : List.of(new Projection.Perspective(0.8), new Projection.Orthographic(3))) {
            Pose pose = new Pose(Vec3.ZERO, Quat.IDENTITY, 5, projection);
            Framing point = new Framing(pose, 1.5, Vec3.ZERO);
            point.add(new Vec3(1, 2, 3));
            Pose fit = point.fit(0.01);
            assertThat(fit.eye().finite()).isTrue();
            assertThat(fit.focus()).isPositive();
            assertThat(new Screen(fit, 300, 200).project(new Vec3(1, 2, 3)).x()).isCloseTo(150, within(0.5));

            Framing line = new Framing(pose, 1.5, Vec3.ZERO);
            line.add(new Vec3(0, 0, -4));
            line.add(new Vec3(0, 0, 4));
            assertThat(line.fit(0.01).eye().z()).isGreaterThan(4);
        }
    }

    @Example
    void aMeshCountsWithItsRealVertices() {
        Mesh mesh = new Mesh(new Vec3(1e5, 0, 0), new float[] {-1, 0, 0, 1, 0, 0, 0, 2, 0}, new int[] {0, 1, 2});
        Pose pose = new Pose(Vec3.ZERO, Quat.IDENTITY, 5, new Projection.Orthographic(3));
        Framing f = new Framing(pose, 1, mesh.bounds().center());
        f.add(mesh, Mat4.identity());
        Pose fit = f.fit(0.01);
        assertThat(fit.eye().x()).isCloseTo(1e5, within(1e-9));
        assertThat(fit.projection().heightAt(1)).isCloseTo(2 / 0.9, within(1e-9));
    }
}
