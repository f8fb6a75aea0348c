package rhombus.core.glossary;

import java.util.List;

/**
 * One moment of a moving picture, twice: what the eye sees, and the eye seen from outside.
 *
 * @param width of each picture, pixels
 * @param height of each picture, pixels
 * @param seen what the eye sees
 * @param outside the scene with the eye in it
 */
public record GlossaryFrame(double width, double height, List<DrawnLine> seen, List<DrawnLine> outside) {}
