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

class NumberTextTest {
    @Example
    void lengthsAreSaidInTheUnitThatSuitsThem() {
        assertThat(NumberText.words(912)).isEqualTo("912 m");
        assertThat(NumberText.words(1500)).isEqualTo("1.5 km");
        assertThat(NumberText.words(14.234)).isEqualTo("14.23 m");
        assertThat(NumberText.words(0.352)).isEqualTo("35.2 cm");
        assertThat(NumberText.words(0.008)).isEqualTo("8 mm");
        assertThat(NumberText.words(2.5e-5)).isEqualTo("25 µm");
        assertThat(NumberText.words(0)).isEqualTo("0 m");
        assertThat(NumberText.words(2.09e10)).isEqualTo("2.09 × 10¹⁰ m");
        assertThat(NumberText.digits(1.8636274978360268E-8)).isEqualTo("1.864 × 10⁻⁸");
        assertThat(NumberText.digits(-123456)).isEqualTo("-123500");
        assertThat(NumberText.digits(9999.6)).isEqualTo("10000");
        assertThat(NumberText.fixed(-0.0004, 3)).isEqualTo("0.000");
        assertThat(NumberText.fixed(-1.5, 1)).isEqualTo("-1.5");
    }

    /** Four significant digits, as the platform's exact decimals round them, and never a machine's exponent. */
    @Property(tries = 2000)
    void numbersOnTheScreenHaveFourDigits(
            @ForAll @DoubleRange(min = -30, max = 30) double power,
            @ForAll @DoubleRange(min = 1, max = 10) double mantissa) {
        double v = mantissa * Math.pow(10, power);
        String s = NumberText.digits(v);
        assertThat(s).doesNotContain("E");
        String[] parts = s.split(" × 10");
        double shown = Double.parseDouble(parts[0]);
        if (parts.length > 1) {
            StringBuilder p = new StringBuilder();
            for (char c : parts[1].toCharArray()) {
                p.append(c == '⁻' ? "-" : String.valueOf("⁰¹²³⁴⁵⁶⁷⁸⁹".indexOf(c)));
            }
            shown *= Math.pow(10, Integer.parseInt(p.toString()));
        }
        double exact = new BigDecimal(v).round(new java.math.MathContext(4)).doubleValue();
        assertThat(shown).isCloseTo(exact, within(Math.abs(exact) * 1.1e-3));
        assertThat(shown).isCloseTo(v, within(Math.abs(v) * 5.1e-4));
        assertThat(parts[0].replaceAll("[-.]", "").replaceAll("^0+|0+$", "").length())
                .isLessThanOrEqualTo(4);
    }

    /** Against the platform's exact decimals; ties may go either way. */
    @Property(tries = 1000)
    void fixedPlacesAreRoundedRight(
            @ForAll @DoubleRange(min = -1e12, max = 1e12) double v, @ForAll @IntRange(max = 4) int places) {
        String s = NumberText.fixed(v, places);
        double unit = Math.pow(10, -places);
        assertThat(Double.parseDouble(s)).isCloseTo(v, within(unit * 0.5 + Math.abs(v) * 1e-12));
        BigDecimal exact = new BigDecimal(v).setScale(places, RoundingMode.HALF_EVEN);
        assertThat(s.length())
                .isBetween(
                        exact.toPlainString().length() - 1,
                        exact.toPlainString().length() + 1);
    }
}
