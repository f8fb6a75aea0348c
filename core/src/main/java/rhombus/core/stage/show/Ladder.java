package rhombus.core.stage.show;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.stage.view.Labelled;

/**
 * The pivot ladder: rungs in their order, those that are off last.
 */
public record Ladder(List<LadderRung> rungs, List<Labelled> presets, @Maybe String preset) {}
