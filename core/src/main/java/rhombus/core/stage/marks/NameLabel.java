package rhombus.core.stage.marks;

/**
 * The name of an object where it is in a viewport.
 *
 * @param object its id
 * @param text its name
 * @param x middle of the label, pixels from the viewport's left
 * @param y middle of the label, pixels from its top
 * @param width that it has at most, pixels
 * @param picked whether the object is selected
 */
public record NameLabel(String object, String text, double x, double y, double width, boolean picked) {}
