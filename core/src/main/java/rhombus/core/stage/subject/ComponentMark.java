package rhombus.core.stage.subject;

import java.util.Arrays;
import java.util.Objects;

/**
 * A selected vertex, edge or face on the screen.
 *
 * @param sort vertex, edge or face
 * @param points x and y in turn
 */
public record ComponentMark(String sort, double[] points) {
    @Override
    public boolean equals(Object other) {
        return other instanceof ComponentMark o && Objects.equals(sort, o.sort) && Arrays.equals(points, o.points);
    }

    @Override
    public int hashCode() {
        return Objects.hash(sort, Arrays.hashCode(points));
    }
}
