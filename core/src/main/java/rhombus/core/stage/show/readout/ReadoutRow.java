package rhombus.core.stage.show.readout;

/**
 * A fact of a readout.
 */
public record ReadoutRow(String label, String value) {}
