package rhombus.core.stage.show.boards;

import rhombus.core.plain.Maybe;

/**
 * A Pin as it is listed.
 */
public record PinRow(String id, String name, boolean board, @Maybe String picture) {}
