package rhombus.core.optics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rhombus.core.scene.SceneCamera;

/** Lenses, film backs and what is sharp, against tables of the trade and a thin lens computed in another way. */
class OpticsTest {
    private static Optics optics(FilmBack back, GateFit fit) {
        return new Optics(back, fit, 8, 0.03, null, null, null);
    }

    private static SceneCamera lens(FilmBack back, double focal) {
        Optics o = optics(back, GateFit.VERTICAL);
        return new SceneCamera(true, 1, 0, back.aspect(), o).withFocalLength(focal);
    }

    /** Angles of view of rectilinear lenses on 36 × 24 mm as makers' lens tables print them, whole or half degrees; from memory. */
    @ParameterizedTest
    @CsvSource({
        "20, 84, 62, 94.5",
        "24, 74, 53, 84",
        "28, 65.5, 46.5, 75.5",
        "35, 54.5, 38, 63.5",
        "50, 39.5, 27, 47",
        "85, 24, 16, 28.5",
        "135, 15, 10, 18",
        "200, 10.5, 7, 12.5"
    })
    void anglesOfFullFrameLensesAreThoseOfTheTables(double focal, double across, double upright, double diagonal) {
        SceneCamera c = lens(FilmBack.FULL_FRAME, focal);
        assertThat(Math.toDegrees(c.fovX())).isCloseTo(across, within(0.51));
        assertThat(Math.toDegrees(c.fovY())).isCloseTo(upright, within(0.51));
        assertThat(Math.toDegrees(c.fovDiagonal())).isCloseTo(diagonal, within(0.51));
    }

    /** On a Super 35 back a lens sees as wide as one 36/24.89 times as long does on full frame: the trade's crop factor. */
    @Property
    void aSmallerBackSeesWhatALongerLensDoes(@ForAll @DoubleRange(min = 8, max = 400) double focal) {
        FilmBack small = new FilmBack(24.89, 18.66);
        SceneCamera a = lens(small, focal);
        SceneCamera b = lens(FilmBack.FULL_FRAME, focal * 36 / 24.89);
        assertThat(a.fovX()).isCloseTo(b.fovX(), within(1e-12));
        assertThat(a.focalLength()).isCloseTo(focal, within(1e-9));
    }

    @Property
    void fillLiesInsideTheBackAndOverscanHoldsIt(
            @ForAll @DoubleRange(min = 1, max = 100) double width,
            @ForAll @DoubleRange(min = 1, max = 100) double height,
            @ForAll @DoubleRange(min = 0.1, max = 10) double aspect) {
        FilmBack back = new FilmBack(width, height);
        double fill = GateFit.FILL.height(back, aspect);
        double over = GateFit.OVERSCAN.height(back, aspect);
        assertThat(fill).isLessThanOrEqualTo(height * (1 + 1e-12));
        assertThat(fill * aspect).isLessThanOrEqualTo(width * (1 + 1e-12));
        assertThat(over).isGreaterThanOrEqualTo(height * (1 - 1e-12));
        assertThat(over * aspect).isGreaterThanOrEqualTo(width * (1 - 1e-12));
        assertThat(GateFit.HORIZONTAL.height(back, aspect) * aspect).isCloseTo(width, within(1e-9));
        assertThat(GateFit.VERTICAL.height(back, aspect)).isEqualTo(height);
        assertThat(GateFit.FILL.height(back, 0)).isEqualTo(height);
    }

    /** A lens stays what it is when the film back, the fit or the picture behind it changes. */
    @Property
    void theFocalLengthStaysWhateverIsBehindIt(
            @ForAll @DoubleRange(min = 5, max = 500) double focal,
            @ForAll @DoubleRange(min = 5, max = 100) double width,
            @ForAll @DoubleRange(min = 5, max = 100) double height,
            @ForAll @DoubleRange(min = 0.3, max = 3) double aspect) {
        SceneCamera c = lens(FilmBack.FULL_FRAME, focal);
        for (GateFit fit : GateFit.values()) {
            Optics o = optics(new FilmBack(width, height), fit);
            assertThat(c.with(o).focalLength()).isCloseTo(focal, within(1e-9 * focal));
            assertThat(c.with(o).withAspect(aspect).focalLength()).isCloseTo(focal, within(1e-9 * focal));
        }
        assertThat(c.with(c.optics())).isEqualTo(c);
    }

    /** Values of the usual depth-of-field tables for 0.03 mm, 50 mm, rounded to a centimetre; from memory. */
    @ParameterizedTest
    @CsvSource({"8, 5, 10.47, 3.39, 9.53", "2.8, 3, 29.81, 2.73, 3.33", "16, 2, 5.26, 1.46, 3.19"})
    void depthOfFieldIsThatOfTheTables(double stop, double focus, double hyperfocal, double near, double far) {
        DepthOfField d = DepthOfField.of(50, stop, 0.03, focus);
        assertThat(d.hyperfocal()).isCloseTo(hyperfocal, within(0.01));
        assertThat(d.near()).isCloseTo(near, within(0.01));
        assertThat(d.far()).isCloseTo(far, within(0.01));
    }

    /**
     * Another way to the same: the image of a point at distance d behind a thin lens (1/f = 1/d + 1/v), cut by the film at the
     * image distance of the focus, is a disc of the pupil's width times |v - film| / v.
     */
    @Property
    void atBothEndsTheImageOfAPointIsTheCircleOfConfusion(
            @ForAll @DoubleRange(min = 10, max = 400) double focal,
            @ForAll @DoubleRange(min = 1, max = 32) double stop,
            @ForAll @DoubleRange(min = 1, max = 60) double focus) {
        double c = 0.03;
        DepthOfField d = DepthOfField.of(focal, stop, c, focus);
        assertThat(blur(focal, stop, focus, d.near())).isCloseTo(c, within(1e-9));
        if (Double.isFinite(d.far())) {
            assertThat(blur(focal, stop, focus, d.far())).isCloseTo(c, within(1e-9));
            assertThat(focus).isLessThan(d.hyperfocal());
        }
        assertThat(d.near()).isLessThan(focus);
        assertThat(d.far()).isGreaterThan(focus);
        DepthOfField h = DepthOfField.of(focal, stop, c, d.hyperfocal());
        assertThat(h.far()).isInfinite();
        assertThat(h.near()).isCloseTo(d.hyperfocal() / 2, within(1e-9 * d.hyperfocal()));
    }

    private static double blur(double focal, double stop, double focus, double at) {
        double film = 1 / (1 / focal - 1 / (focus * 1000));
        double image = 1 / (1 / focal - 1 / (at * 1000));
        return focal / stop * Math.abs(image - film) / image;
    }

    @Test
    void whatCannotBeIsASentence() {
        assertThatThrownBy(() -> new FilmBack(0, 24)).hasMessageContaining("between 0.1 and 1000 mm");
        assertThatThrownBy(() -> new FilmBack(36, Double.NaN)).hasMessageContaining("between 0.1 and 1000 mm");
        Optics o = Optics.USUAL;
        assertThatThrownBy(() -> new Optics(o.back(), o.fit(), 0, 0.03, null, null, null))
                .hasMessageContaining("f-number");
        assertThatThrownBy(() -> new Optics(o.back(), o.fit(), 8, -1, null, null, null))
                .hasMessageContaining("circle of confusion");
        assertThatThrownBy(() -> new Optics(o.back(), o.fit(), 8, 0.03, 0.0, null, null))
                .hasMessageContaining("focus distance");
        assertThatThrownBy(() -> new Optics(o.back(), o.fit(), 8, 0.03, null, 5.0, 5.0))
                .hasMessageContaining("before the far one");
        assertThatThrownBy(() -> new Optics(o.back(), o.fit(), 8, 0.03, null, Double.NaN, null))
                .hasMessageContaining("near plane");
    }

    @Test
    void sizesOfTheTradeHaveNames() {
        assertThat(FilmBack.named("Super 35")).isEqualTo(new FilmBack(24.89, 18.66));
        assertThat(FilmBack.FULL_FRAME.name()).isEqualTo("Full frame");
        assertThat(new FilmBack(36, 24.5).name()).isNull();
        assertThat(FilmBack.TRADE).extracting(FilmBack.Named::name).doesNotHaveDuplicates();
    }
}
