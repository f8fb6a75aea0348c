package rhombus.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class BackgroundTest {
    @Property
    void aColourComesBackAsItWasGiven(@ForAll @IntRange(max = 0xFFFFFF) int rgb) {
        String text = "#%06x".formatted(rgb);
        Background b = Background.of(text);
        assertThat(b.kind()).isEqualTo(Background.OWN);
        assertThat(b.text()).isEqualTo(text);
        assertThat(b.color()[0]).isCloseTo((rgb >> 16) / 255.0, within(1e-12));
    }

    /** The contrast formula of WCAG 2.2: lines are dark where black has more contrast than white. */
    @Property
    void linesAreDarkWhereBlackStandsOutMoreThanWhite(@ForAll @IntRange(max = 0xFFFFFF) int rgb) {
        double[] weights = {0.2126, 0.7152, 0.0722};
        double l = 0;
        for (int k = 0; k < 3; k++) {
            double c = (rgb >> 16 - 8 * k & 255) / 255.0;
            l += weights[k] * (c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        double black = (l + 0.05) / 0.05;
        double white = 1.05 / (l + 0.05);
        assertThat(Background.of("#%06X".formatted(rgb)).light()).isEqualTo(black > white);
    }

    @Test
    void theThemesOwnLeaveThatToTheTheme() {
        assertThat(Background.of("gradient").light()).isNull();
        assertThat(Background.of("plain").light()).isNull();
        assertThat(Background.of("chalk").light()).isTrue();
        for (String wrong : new String[] {"", "#12345", "#12345g", "red", "#1234567"}) {
            assertThat(Background.of(wrong)).isNull();
        }
    }
}
