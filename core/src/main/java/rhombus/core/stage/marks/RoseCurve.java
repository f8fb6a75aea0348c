package rhombus.core.stage.marks;

import java.util.Arrays;

/**
 * A great circle on the Rose.
 *
 * @param points x and y in turn, from one end to the other
 * @param horizon whether it is the horizon
 */
public record RoseCurve(double[] points, boolean horizon) {
    @Override
    public boolean equals(Object other) {
        return other instanceof RoseCurve o && Arrays.equals(points, o.points) && horizon == o.horizon;
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(points);
    }
}
