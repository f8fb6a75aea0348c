package rhombus.core.match;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/**
 * A camera on the way to the one that fits best.
 *
 * @param focal pixels
 */
record CameraEstimate(double focal, Quat turned, Vec3 eye) {
    /** How many numbers it has: focal length, three of its turning, three of its place. */
    static final int ALL = 7;
    /** Those of lens and turning alone. */
    static final int TURNED = 4;

    /** The state a step away; a step of the first number is a part of the focal length, of the next three an angle. */
    CameraEstimate plus(double[] step, double scale) {
        Vec3 w = new Vec3(step[1], step[2], step[3]);
        double angle = w.length();
        Quat by = angle == 0 ? Quat.IDENTITY : Quat.about(w.times(1 / angle), angle);
        Vec3 to = step.length < ALL ? eye : eye.plus(new Vec3(step[4] * scale, step[5] * scale, step[6] * scale));
        return new CameraEstimate(focal * Math.exp(step[0]), turned.times(by).unit(), to);
    }
}
