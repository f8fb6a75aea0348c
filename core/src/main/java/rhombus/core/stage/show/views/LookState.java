package rhombus.core.stage.show.views;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * The look of a viewport, to be changed and kept.
 *
 * @param id of the look
 * @param label its name
 * @param named whether it has a name by which it can be chosen
 * @param own its name where it is kept as the user's own, else null
 * @param digit digit that chooses it, or null
 * @param parts those that make a difference
 */
public record LookState(
        String id, String label, boolean named, @Maybe String own, @Maybe String digit, List<LookPartRow> parts) {}
