package rhombus.core.stage.show;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * The pivot ladder: rungs in their order, those that are off last.
 */
public record Ladder(List<LadderRung> rungs, List<String> presets, @Maybe String preset) {}
