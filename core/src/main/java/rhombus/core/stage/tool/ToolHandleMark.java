package rhombus.core.stage.tool;

import java.util.Arrays;
import java.util.Objects;
import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * A part of a tool that can be dragged, as a viewport shows it.
 *
 * @param id names it
 * @param sort what it looks like
 * @param axis its axis
 * @param points on the screen, x and y in turn
 * @param lit whether the pointer is on it
 * @param words what it does
 */
public record ToolHandleMark(
        String id,
        @OneOf({"arm", "plane", "ring", "centre"}) String sort,
        @Maybe @OneOf({"x", "y", "z"}) String axis,
        double[] points,
        boolean lit,
        String words) {
    @Override
    public boolean equals(Object other) {
        return other instanceof ToolHandleMark o
                && Objects.equals(id, o.id)
                && Objects.equals(sort, o.sort)
                && Objects.equals(axis, o.axis)
                && Arrays.equals(points, o.points)
                && lit == o.lit
                && Objects.equals(words, o.words);
    }

    @Override
    public int hashCode() {
        return Objects.hash(id, Arrays.hashCode(points));
    }
}
