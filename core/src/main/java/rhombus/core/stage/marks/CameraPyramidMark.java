package rhombus.core.stage.marks;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import rhombus.core.plain.OneOf;

/**
 * What a camera sees, drawn from outside.
 *
 * @param object id of the camera
 * @param driven whether a viewport drives it
 * @param strokes lines of several sorts
 */
public record CameraPyramidMark(String object, boolean driven, List<Stroke> strokes) {
    /**
     * Lines of one sort.
     *
     * @param what edges from the eye, the plane that is focused, the ends of what is sharp, clip planes, the line of sight
     * @param segments x and y of both ends of each line in turn, pixels
     */
    public record Stroke(@OneOf({"edge", "focus", "sharp", "clip", "sight"}) String what, double[] segments) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Stroke o && what.equals(o.what) && Arrays.equals(segments, o.segments);
        }

        @Override
        public int hashCode() {
            return Objects.hash(what, Arrays.hashCode(segments));
        }
    }
}
