package rhombus.core.stage.view;

/**
 * Something to choose, by its id.
 */
public record Labelled(String id, String label) {}
