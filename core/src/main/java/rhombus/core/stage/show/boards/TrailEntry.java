package rhombus.core.stage.show.boards;

/**
 * A view of a Trail.
 *
 * @param name names it as long as the scene is open
 * @param on whether it is the present one
 * @param words how one came there
 * @param lens in words
 */
public record TrailEntry(int name, boolean on, String words, String lens) {}
