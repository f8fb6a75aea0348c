package rhombus.core.stage.show.paint;

/**
 * A picture plane as a viewport draws it.
 *
 * @param object its id
 * @param image id of what was brought
 * @param corners in the world, metres: upper left and right, lower right and left, three numbers each
 * @param opacity 0 to 1
 * @param front whether it is drawn after the scene, else before it
 */
public record PictureLook(String object, String image, double[] corners, double opacity, boolean front) {}
