package rhombus.core.navigate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.RoundingMode;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

class LengthsTest {
    @Example
    void lengthsAreSaidInTheUnitThatSuitsThem() {
        assertThat(Lengths.words(912)).isEqualTo("912 m");
        assertThat(Lengths.words(1500)).isEqualTo("1.50 km");
        assertThat(Lengths.words(14.23)).isEqualTo("14.2 m");
        assertThat(Lengths.words(0.352)).isEqualTo("35.2 cm");
        assertThat(Lengths.words(0.008)).isEqualTo("8.00 mm");
        assertThat(Lengths.words(0)).isEqualTo("0.00 m");
        assertThat(Lengths.fixed(-0.0004, 3)).isEqualTo("0.000");
        assertThat(Lengths.fixed(-1.5, 1)).isEqualTo("-1.5");
    }

    /** Against the platform's exact decimals; ties may go either way. */
    @Property(tries = 1000)
    void fixedPlacesAreRoundedRight(@ForAll @DoubleRange(min = -1e12, max = 1e12) double v, @ForAll @IntRange(max = 4) int places) {
        String s = Lengths.fixed(v, places);
        double unit = Math.pow(10, -places);
        assertThat(Double.parseDouble(s)).isCloseTo(v, within(unit * 0.5 + Math.abs(v) * 1e-12));
        BigDecimal exact = new BigDecimal(v).setScale(places, RoundingMode.HALF_EVEN);
        assertThat(s.length()).isBetween(exact.toPlainString().length() - 1, exact.toPlainString().length() + 1);
    }
}
