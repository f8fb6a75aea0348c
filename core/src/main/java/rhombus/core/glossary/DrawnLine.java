package rhombus.core.glossary;

/**
 * A line of a small picture.
 *
 * @param tone what it is: {@code ground}, {@code line}, {@code eye} for the camera, {@code mark} for what the
 *     word is about
 * @param points pixels from the picture's left and top, in turn
 */
public record DrawnLine(String tone, double[] points) {}
