package rhombus.core.stage.show.paint;

/**
 * An image within a scene's file, and how it is laid on surfaces.
 *
 * @param id names it within the file, with the way of reading it
 * @param type media type
 * @param start of its bytes
 * @param length of its bytes
 * @param second whether it lies by the second coordinates of a mesh
 * @param wrapU how it goes on beyond its edges, as glTF 2.0 numbers that
 * @param wrapV the same upwards
 * @param magnify how colours between its dots are found where it is drawn large, as glTF 2.0 numbers that
 * @param minify the same where it is drawn small
 */
public record ImageRange(
        int id, String type, int start, int length, boolean second, int wrapU, int wrapV, int magnify, int minify) {}
