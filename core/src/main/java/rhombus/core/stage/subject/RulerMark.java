package rhombus.core.stage.subject;

/**
 * A ruler as a viewport shows it, in its own pixels.
 *
 * @param id names it
 * @param x1 where it starts
 * @param y1 where it starts
 * @param x2 where it ends
 * @param y2 where it ends
 * @param words its length in the scene and in this picture
 * @param begun whether its end still follows the pointer
 */
public record RulerMark(String id, double x1, double y1, double x2, double y2, String words, boolean begun) {}
