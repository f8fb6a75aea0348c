package rhombus.core.stage.marks;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * The Rose as it is seen: the square in the viewport that holds it, and points from that square's middle.
 *
 * @param left of the square, pixels of the viewport
 * @param top of the square
 * @param size of the square
 * @param half from the middle to where its four corners stand
 * @param radius of the chart
 * @param corner half the diagonal of a corner's lozenge
 * @param letter height of the letters
 * @param faded whether it stands back because the pointer is far
 * @param curves great circles, the horizon last
 * @param lozenges all 26 directions, the farthest first
 * @param lit what the pointer is on, or the keyboard has chosen
 * @param words of that
 * @param here the standard direction nearest to the view
 */
public record RosePicture(
        double left,
        double top,
        double size,
        double half,
        double radius,
        double corner,
        double letter,
        boolean faded,
        List<RoseCurve> curves,
        List<RoseLozenge> lozenges,
        @Maybe String lit,
        @Maybe String words,
        String here) {}
