/**
 * The motions: each a pure function from the pose at a gesture's start and the whole drag to the pose now, so that no
 * rounding piles up and going back to the first point goes back to the first pose.
 */
package rhombus.core.navigate;
