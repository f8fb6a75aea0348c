package rhombus.core.device;

import static rhombus.core.words.Messages.say;

/**
 * How what a hand does with an axis or a stick is read: nothing within a dead zone about its middle, and from there to its end
 * by a curve, without a jump. A stick's zone is round, so that no direction is easier than another.
 *
 * @param deadZone part of the way that does nothing, 0 to less than 1
 * @param curve power to which the rest is raised: 1 is even, more is finer about the middle
 */
public record DeflectionCurve(double deadZone, double curve) {
    /** Checks the numbers. */
    public DeflectionCurve {
        if (!(deadZone >= 0 && deadZone < 1 && curve > 0)) {
            throw new IllegalArgumentException(say("deflection.no-dead-zone-with-curve", deadZone, curve));
        }
    }

    /** One axis, -1 to 1. */
    public double of(double v) {
        double m = Math.abs(v);
        return m <= deadZone ? 0 : Math.copySign(Math.pow(Math.min(1, (m - deadZone) / (1 - deadZone)), curve), v);
    }

    /** What a stick's two axes are multiplied by: its direction stays, its length is read. */
    public double factor(double x, double y) {
        double m = Math.hypot(x, y);
        return m <= deadZone ? 0 : of(m) / m;
    }
}
