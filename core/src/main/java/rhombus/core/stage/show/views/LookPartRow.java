package rhombus.core.stage.show.views;

import java.util.List;
import rhombus.core.stage.view.ViewSource;

/**
 * A part of a viewport's look that can be changed.
 *
 * @param id of the part
 * @param words its name
 * @param choices what it can be, and is
 */
public record LookPartRow(String id, String words, List<ViewSource> choices) {}
