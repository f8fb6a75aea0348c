package rhombus.core.stage.view;

/**
 * Something to choose, by its id.
 */
public record NamedOption(String id, String label) {}
