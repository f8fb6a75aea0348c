package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import net.jqwik.api.domains.Domain;
import rhombus.core.Any;
import rhombus.core.geometry.Vec3;
import rhombus.core.optics.Rectilinear;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

@Domain(Any.class)
@Domain(net.jqwik.api.domains.DomainContext.Global.class)
class LensChangeTest {
    @Property(tries = 1000)
    void zoomLeavesTheEyeAndTheLineOfSightToTheLastBit(
            @ForAll Pose p, @ForAll @Scale(9) @DoubleRange(min = 0.01, max = 100) double magnification) {
        Pose end = LensChange.zoom(p, magnification);
        assertThat(end.eye()).isEqualTo(p.eye());
        assertThat(end.orientation()).isEqualTo(p.orientation());
        assertThat(end.focus()).isEqualTo(p.focus());
        if (end.projection() instanceof Projection.Perspective lens) {
            assertThat(lens.fovY()).isBetween(Math.toRadians(1) - 1e-12, Math.toRadians(150) + 1e-12);
        }
    }

    @Property(tries = 1000)
    void zoomingInAndOutRestoresTheLens(
            @ForAll Pose p, @ForAll @Scale(9) @DoubleRange(min = 0.5, max = 2) double magnification) {
        double height = p.projection().heightAt(1);
        Pose there = LensChange.zoom(p, magnification);
        Assume.that(p.projection().flat() || within1And150(there));
        assertThat(there.projection().heightAt(1)).isCloseTo(height / magnification, within(1e-9 * height * 4));
        assertThat(LensChange.zoom(there, 1 / magnification).projection().heightAt(1))
                .isCloseTo(height, within(1e-9 * height));
    }

    private static boolean within1And150(Pose p) {
        double fov = ((Projection.Perspective) p.projection()).fovY();
        return fov > LensChange.NARROWEST * 1.01 && fov < LensChange.WIDEST * 0.99;
    }

    @Property(tries = 1000)
    void dollyZoomKeepsWhatIsInFocusWhereItIsAndAsLargeAsItIs(
            @ForAll Screen s,
            @ForAll @Scale(9) @DoubleRange(min = 0.02, max = 50) double magnification,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fx,
            @ForAll @Scale(9) @DoubleRange(min = 0, max = 1) double fy) {
        Vec3 subject = s.at(fx * s.width(), fy * s.height(), s.pose().focus());
        Pose end = LensChange.dollyZoom(s.pose(), magnification);
        Vec3 there = s.with(end).project(subject);
        assertThat(Math.hypot(there.x() - fx * s.width(), there.y() - fy * s.height()))
                .isLessThan(1e-3);
        assertThat(end.focusPoint().distance(s.pose().focusPoint()))
                .isLessThan(1e-9
                        * (1 + s.pose().focus() + end.focus() + s.pose().eye().length()));
        assertThat(end.orientation()).isEqualTo(s.pose().orientation());
    }

    /** The film back at the distance of the focal length is a near plane: JOML's frustum through it has the same angle. */
    @Property(tries = 500)
    void fieldsOfViewAreThoseOfTheFrustumThroughTheFilmBack(
            @ForAll @Scale(9) @DoubleRange(min = 4, max = 80) double back,
            @ForAll @Scale(9) @DoubleRange(min = 3, max = 2000) double focal) {
        double joml = new org.joml.Matrix4d()
                .frustum(-back, back, -back / 2, back / 2, focal, focal * 1e4)
                .perspectiveFov();
        assertThat(Rectilinear.fieldOfView(back, focal)).isCloseTo(joml, within(1e-9));
        assertThat(Rectilinear.focalLength(back, joml)).isCloseTo(focal, within(1e-6 * focal));
    }

    /** The trade's own reference: 50 mm before full frame sees 39.6° across (values of the rules, docs/rules.md). */
    @Example
    void fullFrameAtFiftyMillimetres() {
        assertThat(Math.toDegrees(Rectilinear.fieldOfView(36, 50))).isCloseTo(39.6, within(0.05));
    }
}
