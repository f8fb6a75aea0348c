package rhombus.core.stage.show;

/**
 * A fact of a readout.
 */
public record ReadoutRow(String label, String value) {}
