package rhombus.core.stage.marks;

import java.util.Arrays;
import java.util.Objects;
import rhombus.core.plain.Maybe;

/**
 * Name and outline of what a click would take.
 *
 * @param name of the object
 * @param object its id
 * @param hull outline, x and y in turn
 * @param x where the pointer is
 * @param y where the pointer is
 */
public record HoverMark(String name, String object, double[] hull, @Maybe Double x, @Maybe Double y) {
    @Override
    public boolean equals(Object other) {
        return other instanceof HoverMark o
                && Objects.equals(name, o.name)
                && Objects.equals(object, o.object)
                && Arrays.equals(hull, o.hull)
                && Objects.equals(x, o.x)
                && Objects.equals(y, o.y);
    }

    @Override
    public int hashCode() {
        return Objects.hash(name, Arrays.hashCode(hull));
    }
}
