package rhombus.core.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** How axes are read: nothing in the dead zone, all at the end, no jump, and every direction alike. */
class DeflectionCurveTest {
    @Property
    void nothingInTheDeadZoneAndAllAtTheEnd(
            @ForAll @DoubleRange(min = 0, max = 0.9) double dead,
            @ForAll @DoubleRange(min = 0.5, max = 4) double curve) {
        DeflectionCurve d = new DeflectionCurve(dead, curve);
        assertThat(d.of(dead)).isZero();
        assertThat(d.of(-dead / 2)).isZero();
        assertThat(d.of(1)).isEqualTo(1);
        assertThat(d.of(-1)).isEqualTo(-1);
        assertThat(d.of(Math.min(1, dead + 1e-9))).as("no jump").isLessThan(0.001);
    }

    @Property
    void itGrowsAndIsTheSameOnBothSides(
            @ForAll @DoubleRange(min = 0, max = 0.9) double dead,
            @ForAll @DoubleRange(min = 0.5, max = 4) double curve,
            @ForAll @DoubleRange(min = -1, max = 1) double a,
            @ForAll @DoubleRange(min = -1, max = 1) double b) {
        DeflectionCurve d = new DeflectionCurve(dead, curve);
        assertThat(d.of(-a)).isEqualTo(-d.of(a));
        assertThat(d.of(Math.min(a, b))).isLessThanOrEqualTo(d.of(Math.max(a, b)));
        assertThat(Math.abs(d.of(a))).isLessThanOrEqualTo(1);
    }

    /** A stick pushed by so much is read alike in every direction, and its direction stays. */
    @Property
    void aSticksZoneIsRound(
            @ForAll @DoubleRange(min = 0, max = 0.9) double dead,
            @ForAll @DoubleRange(min = 0, max = 6.3) double angle,
            @ForAll @DoubleRange(min = 0, max = 1) double length) {
        DeflectionCurve d = new DeflectionCurve(dead, 1.6);
        double x = length * Math.cos(angle);
        double y = length * Math.sin(angle);
        double k = d.factor(x, y);
        assertThat(Math.hypot(k * x, k * y)).isCloseTo(d.of(length), within(1e-9));
        assertThat(k).isGreaterThanOrEqualTo(0);
    }

    @Test
    void anEvenCurveIsAStraightLineFromTheZonesEdge() {
        DeflectionCurve d = new DeflectionCurve(0.2, 1);
        assertThat(d.of(0.6)).isCloseTo(0.5, within(1e-12));
        assertThat(new DeflectionCurve(0.2, 2).of(0.6)).isCloseTo(0.25, within(1e-12));
    }

    @Test
    void whatMakesNoSenseIsRefused() {
        assertThatThrownBy(() -> new DeflectionCurve(1, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new DeflectionCurve(0, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new DeflectionCurve(Double.NaN, 1)).isInstanceOf(IllegalArgumentException.class);
    }
}
