package rhombus.core.stage.subject;

/**
 * The mark of a light or camera in a viewport.
 *
 * @param object id of the object
 * @param kind {@code light} or {@code camera}
 * @param x viewport pixels
 * @param y viewport pixels
 * @param selected whether it is selected
 * @param locked whether it is locked
 * @param driven whether another viewport drives it
 */
public record IconMark(
        String object, String kind, double x, double y, boolean selected, boolean locked, boolean driven) {}
