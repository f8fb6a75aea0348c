package rhombus.core.stage.show.paint;

/**
 * Where a viewport goes in a snapshot.
 *
 * @param number of the viewport, or -1 for a camera
 * @param camera its id, or empty for a viewport
 * @param caption its words
 * @param x pixels
 * @param y pixels
 * @param width pixels
 * @param height pixels
 * @param below whether the caption lies below the picture
 * @param line height of the caption
 * @param ratio pixels for a CSS pixel
 */
public record SnapshotPlace(
        int number,
        String camera,
        String caption,
        double x,
        double y,
        double width,
        double height,
        boolean below,
        double line,
        double ratio) {}
