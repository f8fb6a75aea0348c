package rhombus.core.stage.show.boards;

/**
 * An arrangement to choose.
 */
public record TemplateChoice(String id, String label, BoardPart parts) {}
