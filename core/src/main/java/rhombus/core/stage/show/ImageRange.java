package rhombus.core.stage.show;

/**
 * An image within a scene's file.
 *
 * @param id names it within the file
 * @param type media type
 * @param start of its bytes
 * @param length of its bytes
 */
public record ImageRange(int id, String type, int start, int length) {}
