package rhombus.core.stage.subject;

/**
 * The mark of a light or camera in a viewport.
 */
public record IconMark(String object, String kind, double x, double y, boolean selected, boolean locked) {}
