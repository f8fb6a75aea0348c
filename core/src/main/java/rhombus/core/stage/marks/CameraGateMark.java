package rhombus.core.stage.marks;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;
import rhombus.core.stage.view.PixelRect;

/**
 * What a camera's final picture contains, in a viewport.
 *
 * @param frame the picture
 * @param outside what lies outside of it and is dimmed
 * @param areas parts of the picture that are safe on every screen
 * @param lines that divide it
 */
public record CameraGateMark(@Maybe PixelRect frame, List<PixelRect> outside, List<Area> areas, List<Line> lines) {
    /** An area within the picture, with the words that stand in it. */
    public record Area(@OneOf({"action", "title"}) String what, String words, PixelRect rect) {}

    /** A line in the picture, upright or level, from a point on. */
    public record Line(
            @OneOf({"third", "centre", "guide"}) String what, double x, double y, double length, boolean upright) {}
}
