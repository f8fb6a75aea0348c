package rhombus.core.edit;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/**
 * Three directions at right angles along which things are moved, turned and scaled.
 *
 * @param orientation carries X, Y, Z to them
 */
public record TransformAxes(Quat orientation) {
    /** Those of the world. */
    public static final TransformAxes WORLD = new TransformAxes(Quat.IDENTITY);

    /** One of the three, of length 1. */
    public Vec3 axis(int i) {
        return i == 0 ? orientation.right() : i == 1 ? orientation.up() : orientation.back();
    }
}
