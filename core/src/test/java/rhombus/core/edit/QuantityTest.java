package rhombus.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.StringLength;

class QuantityTest {
    /** The international yard and pound agreement of 1959: a yard is 0.9144 m exactly, 3 feet, 36 inches. */
    @Example
    void unitsFollowTheInternationalYard() {
        assertThat(Quantity.length("1 yd", "m")).isEqualTo(0.9144);
        assertThat(Quantity.length("3 ft", "m")).isCloseTo(0.9144, within(1e-15));
        assertThat(Quantity.length("36 in", "m")).isCloseTo(0.9144, within(1e-15));
        assertThat(Quantity.length("1", "in")).isEqualTo(0.0254);
        assertThat(Quantity.length("1", "ft")).isEqualTo(0.3048);
        assertThat(Quantity.length("25.4 mm", "m")).isCloseTo(0.0254, within(1e-15));
    }

    @Example
    void arithmeticAsOneWritesIt() {
        assertThat(Quantity.length("1 m + 20 cm", "m")).isCloseTo(1.2, within(1e-12));
        assertThat(Quantity.length("5 ft 3 in", "m")).isCloseTo(1.6002, within(1e-12));
        assertThat(Quantity.length("5' 3\"", "m")).isCloseTo(1.6002, within(1e-12));
        assertThat(Quantity.length("2 * (3 cm + 4 mm)", "m")).isCloseTo(0.068, within(1e-12));
        assertThat(Quantity.length("10 + 5 cm", "mm")).isCloseTo(0.06, within(1e-12));
        assertThat(Quantity.length("3 m / 4", "m")).isEqualTo(0.75);
        assertThat(Quantity.length("6 m / 2 m", "m")).isEqualTo(3);
        assertThat(Quantity.length("-1,5", "m")).isEqualTo(-1.5);
        assertThat(Quantity.length("1e-3", "m")).isEqualTo(0.001);
        assertThat(Quantity.length("- -2", "m")).isEqualTo(2);
        assertThat(Quantity.angle("180")).isCloseTo(Math.PI, within(1e-15));
        assertThat(Quantity.angle("1 turn / 4")).isCloseTo(Math.PI / 2, within(1e-15));
        assertThat(Quantity.angle("1 rad")).isEqualTo(1);
        assertThat(Quantity.number("50%")).isEqualTo(0.5);
        assertThat(Quantity.number("1/3")).isEqualTo(1.0 / 3);
    }

    @Example
    void whatCannotBeReadIsToldInWords() {
        assertThatThrownBy(() -> Quantity.length("3 parsec", "m")).hasMessageContaining("“parsec”");
        assertThatThrownBy(() -> Quantity.length("", "m")).hasMessageContaining("its end");
        assertThatThrownBy(() -> Quantity.length("2 m * 3 m", "m")).hasMessageContaining("two measured");
        assertThatThrownBy(() -> Quantity.length("1 / 0", "m")).hasMessageContaining("no finite value");
        assertThatThrownBy(() -> Quantity.length("(1 + 2", "m")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Quantity.length("(".repeat(100_000), "m"))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Quantity.length("-".repeat(100_000), "m"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Property(tries = 1000)
    void numbersAreThemselves(
            @ForAll @DoubleRange(min = -1e6, max = 1e6) double a, @ForAll @DoubleRange(min = 0.1, max = 1e3) double b) {
        assertThat(Quantity.number(a + " + " + b)).isEqualTo(a + b);
        assertThat(Quantity.number(a + " - " + b + " * 2")).isEqualTo(a - b * 2);
        assertThat(Quantity.number("(" + a + " - " + b + ") * 2")).isEqualTo((a - b) * 2);
        assertThat(Quantity.length(a + " mm", "ft")).isEqualTo(a * 0.001);
    }

    /** Whatever is typed gives a finite number or words, never anything else. */
    @Property(tries = 2000)
    void anythingAtAllIsReadOrRefused(
            @ForAll @CharRange(from = '(', to = '9') @CharRange(from = 'a', to = 'z') @StringLength(max = 24)
                    String text) {
        try {
            assertThat(Quantity.length(text, "m")).isFinite();
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).startsWith("“");
        }
    }

    /** Grouping of thousands goes by the language in use: English here. */
    @org.junit.jupiter.api.Test
    void groupsOfThousandsAreReadAsTheLanguageWritesThem() {
        assertThat(Quantity.length("1,234 mm", "m")).isCloseTo(1.234, within(1e-12));
        assertThat(Quantity.thousands("1,234 mm")).containsExactly("1,234", "1234");
        assertThat(Quantity.length("12,345.5 mm", "m")).isCloseTo(12.3455, within(1e-12));
        assertThat(Quantity.length("1,5 m", "m"))
                .as("a comma that groups nothing is a decimal one")
                .isEqualTo(1.5);
        assertThat(Quantity.length("0,125 m", "m")).isEqualTo(0.125);
        assertThat(Quantity.thousands("0,125 m")).isNull();
        assertThat(Quantity.thousands("1.234 m")).isNull();
        assertThat(Quantity.thousands("2 m + 1,000,000 mm")).containsExactly("1,000,000", "1000000");
    }
}
