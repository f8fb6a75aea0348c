package rhombus.core.scene;

import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;

/**
 * Where a free view of a scene stands at first, with a level horizon.
 *
 * @param eye metres
 * @param at what is in the middle of the picture, metres
 */
public record InitialView(Vec3 eye, Vec3 at) {
    /** As plain data. */
    List<Object> toPlain() {
        return PlainData.list(eye.x(), eye.y(), eye.z(), at.x(), at.y(), at.z());
    }

    /** From plain data; null for what is none. */
    static InitialView of(Object plain) {
        double[] d = PlainData.numbers(plain, 6);
        if (d == null) {
            return null;
        }
        InitialView s = new InitialView(new Vec3(d[0], d[1], d[2]), new Vec3(d[3], d[4], d[5]));
        return s.eye.distance(s.at) > 0 ? s : null;
    }
}
