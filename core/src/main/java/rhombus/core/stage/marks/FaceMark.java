package rhombus.core.stage.marks;

import java.util.Arrays;
import java.util.Objects;

/**
 * A face of the Facet.
 *
 * @param name of its direction
 * @param points x and y in turn
 * @param light 0 dark to 1 bright
 * @param lit whether the pointer is on it
 */
public record FaceMark(String name, double[] points, double light, boolean lit) {
    @Override
    public boolean equals(Object other) {
        return other instanceof FaceMark o
                && Objects.equals(name, o.name)
                && Arrays.equals(points, o.points)
                && light == o.light
                && lit == o.lit;
    }

    @Override
    public int hashCode() {
        return Objects.hash(name, Arrays.hashCode(points));
    }
}
