package rhombus.core.match;

import java.util.List;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;

/**
 * A camera that was found.
 *
 * @param focal focal length in pixels of the picture
 * @param orientation of the camera's frame: x right, y up, looking along -z
 * @param eye where it stands, metres
 * @param placed whether where it stands follows from what was marked; else direction and lens alone do
 * @param lines how far each line's ends lie from one that runs along its axis, pixels
 * @param points how far each point lies from where the camera sees it, pixels
 */
public record MatchResult(
        double focal, Quat orientation, Vec3 eye, boolean placed, List<Double> lines, List<Double> points) {
    /** Vertical angle of view of the whole picture, radians. */
    public double fovY(double height) {
        return 2 * Math.atan(height / 2 / focal);
    }

    /** The root of the mean of all squared errors, pixels. */
    public double error() {
        double sum = 0;
        for (double e : lines) {
            sum += e * e;
        }
        for (double e : points) {
            sum += e * e;
        }
        int n = lines.size() + points.size();
        return n == 0 ? 0 : Math.sqrt(sum / n);
    }
}
