package rhombus.core.stage.show.boards;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.stage.boards.BorderMark;

/**
 * The boards, and how the one in use is divided.
 *
 * @param tabs in their order
 * @param borders of the board in use
 * @param templates arrangements to choose
 * @param undo what can be taken back
 */
public record BoardsState(
        List<BoardTabRow> tabs, List<BorderMark> borders, List<TemplateChoice> templates, @Maybe String undo) {}
