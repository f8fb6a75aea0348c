package rhombus.core.stage.marks;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * The Facet as it is seen: the square in the viewport that holds it, and points from that square's corner.
 *
 * @param left of the square, pixels of the viewport
 * @param top of the square
 * @param size of the square
 * @param x its middle
 * @param y its middle
 * @param radius of the solid
 * @param ring outer radius of the ring
 * @param faces those that are seen
 * @param corners the nearest last
 * @param roll degrees
 * @param home whether the mark of home shows
 * @param lit what the pointer is on, or the keyboard has chosen
 * @param words of that
 * @param here the standard direction nearest to the view
 */
public record FacetPicture(
        double left,
        double top,
        double size,
        double x,
        double y,
        double radius,
        double ring,
        List<FaceMark> faces,
        List<CornerMark> corners,
        double roll,
        boolean home,
        @Maybe String lit,
        @Maybe String words,
        String here) {}
