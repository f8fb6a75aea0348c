package rhombus.core.stage.show.readout;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.stage.view.NamedOption;

/**
 * The pivot ladder: rungs in their order, those that are off last.
 */
public record PivotLadderReading(List<PivotRungRow> rungs, List<NamedOption> presets, @Maybe String preset) {}
