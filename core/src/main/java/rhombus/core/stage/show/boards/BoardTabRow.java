package rhombus.core.stage.show.boards;

/**
 * A board as a tab.
 *
 * @param id names it
 * @param name on the tab
 * @param on whether it is in use
 * @param linked whether its flat views are linked
 * @param passing whether it came with an address and is not kept
 * @param parts how its viewports are arranged
 */
public record BoardTabRow(String id, String name, boolean on, boolean linked, boolean passing, BoardPart parts) {}
