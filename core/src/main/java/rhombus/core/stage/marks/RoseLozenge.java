package rhombus.core.stage.marks;

import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * A standard direction on the Rose.
 *
 * @param name of the direction
 * @param x its place
 * @param y its place
 * @param half half its diagonal
 * @param axis the world axis it stands for
 * @param positive which end of it
 * @param behind whether it lies more than a right angle away
 */
public record RoseLozenge(
        String name,
        double x,
        double y,
        double half,
        @Maybe @OneOf({"x", "y", "z"}) String axis,
        boolean positive,
        boolean behind) {}
