package rhombus.server.picture;

/**
 * A picture as it is kept.
 *
 * @param type of its bytes, as in MIME
 * @param width pixels
 * @param height pixels
 */
public record EncodedPicture(String type, int width, int height, byte[] data) {}
