package rhombus.core.stage.show;

/**
 * An arrangement to choose.
 */
public record TemplateChoice(String id, String label, BoardPart parts) {}
