package rhombus.core.stage.show.boards;

import rhombus.core.plain.Maybe;

/**
 * Where a viewport stands in its Trail.
 *
 * @param index from 0
 * @param length number of entries
 * @param name of the entry at which the viewport rests
 */
public record TrailState(int index, int length, @Maybe Integer name) {}
