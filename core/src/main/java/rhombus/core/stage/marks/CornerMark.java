package rhombus.core.stage.marks;

import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * A corner of the Facet.
 *
 * @param name of its direction
 * @param x its place
 * @param y its place
 * @param axis the world axis it stands for
 * @param positive which end of it
 * @param lit whether the pointer is on it
 */
public record CornerMark(
        String name, double x, double y, @Maybe @OneOf({"x", "y", "z"}) String axis, boolean positive, boolean lit) {}
