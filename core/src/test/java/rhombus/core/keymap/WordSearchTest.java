package rhombus.core.keymap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

/** Words that are meant by what somebody types. */
class WordSearchTest {
    /** Against the plain recursion of the definition. */
    private static int recursive(String a, int i, String b, int k) {
        if (i == 0 || k == 0) {
            return i + k;
        }
        int best = recursive(a, i - 1, b, k - 1) + (a.charAt(i - 1) == b.charAt(k - 1) ? 0 : 1);
        best = Math.min(best, Math.min(recursive(a, i - 1, b, k), recursive(a, i, b, k - 1)) + 1);
        if (i > 1 && k > 1 && a.charAt(i - 1) == b.charAt(k - 2) && a.charAt(i - 2) == b.charAt(k - 1)) {
            best = Math.min(best, recursive(a, i - 2, b, k - 2) + 1);
        }
        return best;
    }

    @Property(tries = 500)
    void slipsAreCountedAsTheyAreDefined(@ForAll @AlphaChars @StringLength(max = 6) String a, @ForAll long seed) {
        Random r = new Random(seed);
        StringBuilder b = new StringBuilder(a);
        for (int n = r.nextInt(4); n > 0; n--) {
            b.insert(r.nextInt(b.length() + 1), (char) ('a' + r.nextInt(3)));
            if (b.length() > 1 && r.nextBoolean()) {
                b.deleteCharAt(r.nextInt(b.length()));
            }
        }
        assertThat(WordSearch.slips(a, b.toString(), 99)).isEqualTo(recursive(a, a.length(), b.toString(), b.length()));
    }

    private static double score(String typed, String name) {
        return new WordSearch(typed).score(name);
    }

    @Test
    void wholeWordsCountMoreThanBeginningsAndTheseMoreThanPartsAndSlips() {
        double whole = score("orbit", "Orbit");
        double beginning = score("orb", "Orbit");
        double slip = score("obrit", "Orbit");
        double part = score("rbi", "Orbit");
        assertThat(whole).isGreaterThan(beginning);
        assertThat(beginning).isGreaterThan(slip);
        assertThat(slip).isPositive();
        assertThat(part).isPositive().isLessThan(beginning);
        assertThat(score("pan", "Orbit")).isZero();
        assertThat(score("obt", "Orbit")).as("three letters have no slips").isZero();
        assertThat(score("frame pan", "Frame the selection"))
                .as("every word is meant")
                .isZero();
    }
}
