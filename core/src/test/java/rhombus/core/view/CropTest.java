package rhombus.core.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.domains.Domain;
import org.joml.Matrix4d;
import org.joml.Vector4d;
import rhombus.core.Any;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class CropTest {
    @Property(tries = 1000)
    void thePictureIsScaledAndShiftedAndNothingElse(
            @ForAll Screen plain,
            @ForAll Vec3 p,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 20) double scale,
            @ForAll @Scale(9) @DoubleRange(min = -2, max = 2) double dx,
            @ForAll @Scale(9) @DoubleRange(min = -2, max = 2) double dy) {
        Screen cropped = new Screen(plain.pose(), plain.width(), plain.height(), new Crop(scale, dx, dy));
        Vec3 was = plain.project(p);
        Vec3 is = cropped.project(p);
        Assume.that(Math.abs(was.z()) > 1e-3);
        // The platform's own transforms: about the middle of the picture, then aside by parts of its height.
        AffineTransform t = AffineTransform.getTranslateInstance(dx * plain.height(), dy * plain.height());
        t.translate(plain.width() / 2, plain.height() / 2);
        t.scale(scale, scale);
        t.translate(-plain.width() / 2, -plain.height() / 2);
        Point2D at = t.transform(new Point2D.Double(was.x(), was.y()), null);
        assertThat(at.distance(is.x(), is.y())).isLessThan(1e-6 * (1 + Math.hypot(at.getX(), at.getY())));
        assertThat(is.z()).isEqualTo(was.z());
    }

    /** What the graphics card is given says the same as the screen. */
    @Property(tries = 1000)
    void theMatrixPutsPointsWhereTheScreenSays(
            @ForAll Screen plain,
            @ForAll Vec3 p,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 20) double scale,
            @ForAll @Scale(9) @DoubleRange(min = -2, max = 2) double dx,
            @ForAll @Scale(9) @DoubleRange(min = -2, max = 2) double dy) {
        Screen s = new Screen(plain.pose(), plain.width(), plain.height(), new Crop(scale, dx, dy));
        double aspect = s.width() / s.height();
        double[] m = new double[32];
        Matrices.view(s.pose(), m, 0);
        Matrices.projection(s.pose().projection(), aspect, new ClipRange(0.5, 4000), m, 16);
        Matrices.crop(s.crop(), aspect, m, 16);
        Vector4d c =
                new Matrix4d().set(m, 16).mul(new Matrix4d().set(m, 0)).transform(new Vector4d(p.x(), p.y(), p.z(), 1));
        Assume.that(Math.abs(c.w) > 1e-3);
        Vec3 at = s.project(p);
        double x = (c.x / c.w + 1) / 2 * s.width();
        double y = (1 - c.y / c.w) / 2 * s.height();
        assertThat(Math.hypot(at.x() - x, at.y() - y)).isLessThan(1e-6 * (1 + Math.hypot(x, y)));
    }

    @Property(tries = 1000)
    void aLineOfSightThroughAPixelMeetsThatPixel(
            @ForAll Screen plain,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 20) double scale,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fx,
            @ForAll @Scale(9) @DoubleRange(min = 0.1, max = 300) double far) {
        Screen s = new Screen(plain.pose(), plain.width(), plain.height(), new Crop(scale, 0.3, -0.2));
        Ray r = s.ray(fx * s.width(), fx * s.height());
        Vec3 back = s.project(r.at(far));
        assertThat(Math.hypot(back.x() - fx * s.width(), back.y() - fx * s.height()))
                .isLessThan(1e-4);
    }

    @Property(tries = 1000)
    void enlargingKeepsThePointUnderThePointerAndComesBack(
            @ForAll @Scale(9) @DoubleRange(min = 0.5, max = 2) double factor,
            @ForAll @Scale(9) @DoubleRange(min = -1, max = 1) double x,
            @ForAll @Scale(9) @DoubleRange(min = -1, max = 1) double y) {
        Crop start = new Crop(1.5, 0.1, 0.4);
        Crop c = start.scaled(factor, x, y);
        double before = (x - start.x()) / start.scale();
        double after = (x - c.x()) / c.scale();
        assertThat(after).isCloseTo(before, within(1e-9));
        Crop back = c.scaled(1 / factor, x, y);
        assertThat(back.scale()).isCloseTo(start.scale(), within(1e-9));
        assertThat(back.y()).isCloseTo(start.y(), within(1e-9));
    }
}
