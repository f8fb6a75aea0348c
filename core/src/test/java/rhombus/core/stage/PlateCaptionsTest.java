package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Projection;

/** What a Plate says of a lens or a drawing scale. */
class PlateCaptionsTest {
    /** A CSS pixel is 1/96 inch (CSS Values and Units, 6.2). */
    private static final double PIXEL = 0.0254 / 96;

    private final Hand hand = new Hand();

    private String lens(double metresPerPixel) {
        Viewport v = hand.stage.parts.ground.board().views.get(0);
        v.set(v.pose.withProjection(new Projection.Orthographic(metresPerPixel * v.height)));
        return PlateCaptions.lens(hand.stage.parts.ground, v);
    }

    /** Written as ISO 5455 writes scales: 1:X for a reduction, X:1 for an enlargement. */
    @ParameterizedTest
    @CsvSource({
        "500,1:500",
        "29,1:29",
        "28.6,1:29",
        "3.24,1:3.2",
        "1,1:1",
        "0.5,2:1",
        "0.1,10:1",
        "12345,1:12000",
        "9.96,1:10",
        "1000,1:1000"
    })
    void aFlatViewTellsItsScaleInTwoDigits(double ratio, String words) {
        assertThat(lens(ratio * PIXEL)).isEqualTo(words);
    }

    @Test
    void whatItTellsIsTrueWithinFivePercent() {
        for (double ratio = 0.002; ratio < 1e6; ratio *= 1.37) {
            String[] s = lens(ratio * PIXEL).split(":");
            double told = Double.parseDouble(s[1]) / Double.parseDouble(s[0]);
            assertThat(told / ratio).as(String.join(":", s)).isCloseTo(1, within(0.051));
        }
    }
}
