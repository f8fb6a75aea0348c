package rhombus.core.stage.show;

/**
 * A fact of a readout.
 */
public record Row(String label, String value) {}
