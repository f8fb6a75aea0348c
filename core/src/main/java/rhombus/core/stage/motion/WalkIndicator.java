package rhombus.core.stage.motion;

/**
 * What shows while one walks, in the viewport's own pixels.
 *
 * @param x of the pointer
 * @param y of the pointer
 * @param before whether it is right of the middle
 * @param locked whether the browser holds the pointer
 * @param speed in words
 * @param words how one goes
 */
public record WalkIndicator(double x, double y, boolean before, boolean locked, String speed, String words) {}
