package rhombus.core.glossary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GlossaryTest {
    @Provide
    Arbitrary<String> words() {
        return Arbitraries.of(Glossary.words());
    }

    @Property(tries = 300)
    void everyMomentOfEveryWordIsDrawnWithNumbersThatCanBeDrawn(
            @ForAll("words") String word, @ForAll @DoubleRange(min = -3, max = 3) double part) {
        GlossaryFrame s = Glossary.at(word, part);
        for (List<DrawnLine> picture : List.of(s.seen(), s.outside())) {
            assertThat(picture).isNotEmpty();
            for (DrawnLine d : picture) {
                assertThat(d.points().length).isGreaterThanOrEqualTo(4);
                for (double p : d.points()) {
                    assertThat(p).isFinite();
                }
            }
        }
    }

    @Property(tries = 100)
    void aPictureIsALoop(@ForAll("words") String word) {
        assertThat(numbers(Glossary.at(word, 0))).isEqualTo(numbers(Glossary.at(word, 1)));
        // Nothing jumps where the loop closes.
        double[] last = first(Glossary.at(word, 1 - 1e-9), "ground");
        double[] next = first(Glossary.at(word, 1e-9), "ground");
        for (int i = 0; i < 4; i++) {
            assertThat(last[i]).isCloseTo(next[i], within(1e-3));
        }
    }

    @Test
    void whatIsNoWordHasNoPicture() {
        assertThatThrownBy(() -> Glossary.at("marmalade", 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("marmalade");
    }

    /** A zoom and a crop leave the perspective as it is: all lines grow about the middle by one factor. */
    @ParameterizedTest
    @ValueSource(strings = {"zoom", "focal-length", "field-of-view"})
    void aZoomScalesThePictureAboutItsMiddle(String word) {
        GlossaryFrame a = Glossary.at(word, 0);
        GlossaryFrame b = Glossary.at(word, 0.2);
        List<double[]> before = lines(a.seen(), "line");
        List<double[]> after = lines(b.seen(), "line");
        assertThat(after).hasSameSizeAs(before);
        double k = (after.get(0)[0] - a.width() / 2) / (before.get(0)[0] - a.width() / 2);
        assertThat(k).isGreaterThan(1.05);
        for (int i = 0; i < before.size(); i++) {
            for (int j = 0; j < 4; j++) {
                double half = (j % 2 == 0 ? a.width() : a.height()) / 2;
                assertThat(after.get(i)[j] - half).isCloseTo(k * (before.get(i)[j] - half), within(1e-6));
            }
        }
        assertThat(eye(a)).as("the eye stays").isEqualTo(eye(b));
    }

    @Test
    void aDollyDoesNot() {
        GlossaryFrame a = Glossary.at("dolly", 0);
        GlossaryFrame b = Glossary.at("dolly", 0.2);
        List<double[]> before = lines(a.seen(), "line");
        List<double[]> after = lines(b.seen(), "line");
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (int i = 0; i < Math.min(before.size(), after.size()); i++) {
            double k = length(after.get(i)) / length(before.get(i));
            least = Math.min(least, k);
            most = Math.max(most, k);
        }
        assertThat(most).as("what is near grows faster").isGreaterThan(least * 1.1);
        assertThat(eye(a)).as("the eye moves").isNotEqualTo(eye(b));
    }

    /** The mark of the pivot keeps its place in the picture while all else turns. */
    @ParameterizedTest
    @ValueSource(strings = {"orbit", "pivot"})
    void thePivotStays(String word) {
        double[] before = first(Glossary.at(word, 0), "mark");
        for (double t = 0; t < 1; t += 0.05) {
            GlossaryFrame s = Glossary.at(word, t);
            double[] now = first(s, "mark");
            for (int i = 0; i < 10; i++) {
                assertThat(now[i]).isCloseTo(before[i], within(1e-9));
            }
        }
        assertThat(first(Glossary.at(word, 0.2), "line")).isNotEqualTo(first(Glossary.at(word, 0), "line"));
    }

    @Test
    void edgesThatAreParallelStayParallelInAFlatViewAndNotInPerspective() {
        // The two gables' feet are the same direction in the world.
        assertThat(spread("flat")).isLessThan(1e-9);
        assertThat(spread("perspective")).isGreaterThan(0.01);
    }

    /** How far the lines of the ground that run one way differ in direction, radians. */
    private static double spread(String word) {
        List<double[]> ground = lines(Glossary.at(word, 0).seen(), "ground");
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < ground.size(); i += 2) {
            double[] l = ground.get(i);
            double angle = Math.atan2(l[3] - l[1], l[2] - l[0]);
            least = Math.min(least, angle);
            most = Math.max(most, angle);
        }
        return most - least;
    }

    @Test
    void aWireframeHasTheLinesBehindAndHiddenLineHasNot() {
        int wire = lines(Glossary.at("wireframe", 0).seen(), "line").size();
        int hidden = lines(Glossary.at("hidden-line", 0).seen(), "line").size();
        // A house of 15 edges, a post of 12 and a stone of 12.
        assertThat(wire).isEqualTo(39);
        assertThat(hidden).isLessThan(wire).isGreaterThan(15);
    }

    @Test
    void aNearPlaneTakesAwayWhatIsNearer() {
        int whole = lines(Glossary.at("clipping", 0).seen(), "line").size();
        int cut = lines(Glossary.at("clipping", 0.4).seen(), "line").size();
        assertThat(cut).isLessThan(whole);
    }

    private static List<double[]> lines(List<DrawnLine> of, String tone) {
        return of.stream()
                .filter(d -> d.tone().equals(tone))
                .map(DrawnLine::points)
                .toList();
    }

    private static double[] first(GlossaryFrame s, String tone) {
        return lines(s.seen(), tone).get(0);
    }

    /** The body of the eye as it is seen from outside: its last lines. */
    private static List<Double> eye(GlossaryFrame s) {
        List<double[]> l = lines(s.outside(), "eye");
        List<Double> out = new ArrayList<>();
        for (double d : l.get(l.size() - 1)) {
            out.add(d);
        }
        return out;
    }

    private static double length(double[] l) {
        return Math.hypot(l[2] - l[0], l[3] - l[1]);
    }

    private static List<Double> numbers(GlossaryFrame s) {
        List<Double> out = new ArrayList<>();
        s.seen().forEach(d -> {
            for (double p : d.points()) {
                out.add(p);
            }
        });
        return out;
    }
}
