package rhombus.core.stage.show.readout;

/**
 * A rung of the pivot ladder.
 */
public record PivotRungRow(String id, String label, boolean on) {}
