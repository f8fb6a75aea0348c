package rhombus.formats.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Numbers of text files are read as the library reads them, to the last bit. */
class TextWordsTest {
    private static TextWords at(String text) {
        TextWords w = new TextWords(text.getBytes(StandardCharsets.UTF_8), "a.txt");
        w.line();
        w.next();
        return w;
    }

    @Property(tries = 2000)
    void numbersAreThoseOfTheLibrary(@ForAll long bits) {
        double d = Double.longBitsToDouble(bits);
        if (Double.isFinite(d)) {
            assertThat(at(Double.toString(d)).real()).isEqualTo(d);
            float f = (float) d;
            if (Float.isFinite(f)) {
                assertThat((float) at(Float.toString(f)).real()).isEqualTo(f);
            }
        }
    }

    @Property(tries = 2000)
    void writtenOutTheyAreToo(@ForAll int whole, @ForAll short exponent, @ForAll boolean large) {
        String s = whole / 1000 + "." + Math.abs(whole % 1000) + (large ? "E" : "e") + exponent % 300;
        double d = Double.parseDouble(s);
        assertThat(at(s).realOrNaN()).isEqualTo(d);
    }

    @Test
    void numbersWithoutAPartAndWithASignAreNumbers() {
        assertThat(at("+1.").real()).isEqualTo(1);
        assertThat(at("-.5").real()).isEqualTo(-0.5);
        assertThat(at("007").whole()).isEqualTo(7);
        assertThat(at("123456789012345678901234567890").real()).isEqualTo(1.2345678901234568e29);
        for (String s : new String[] {"1e", "e5", "1.2.3", "0x10", "1f", "--1", ".", "+", "NaN", "1e999", "inf"}) {
            assertThatThrownBy(() -> at(s).real()).as(s).hasMessageContaining("a.txt line 1");
        }
        for (String s : new String[] {"1.0", "2147483648", "", "-", "99999999999999999999", "1a"}) {
            assertThatThrownBy(() -> at(s).whole()).as(s).hasMessageContaining("no whole number");
        }
    }

    @Test
    void linesAreCountedAsAnEditorCountsThem() {
        TextWords w = new TextWords("a\n\nb\r\nc\rd \\\n e\nf # not\n".getBytes(StandardCharsets.UTF_8), "x");
        StringBuilder seen = new StringBuilder();
        while (w.line()) {
            while (w.next()) {
                seen.append(w.number()).append(w.word());
            }
        }
        assertThat(seen).hasToString("1a3b4c5d5e7f");
    }
}
