package rhombus.core.navigate;

import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/**
 * Motion along the line through a target, which therefore stays where it is on the screen. A flat view scales about it.
 *
 * <p>The distance {@code d} to the target is mapped to a parameter {@code u} that grows by one with each notch:
 * {@code u = -ln(d/m)/k} for {@code d >= m} and {@code u = (m-d)/(m·k)} below, with {@code k = -ln(factor)}. Both
 * branches meet with the same slope at the near limit {@code m}. So far away a notch multiplies the distance, close by
 * it is an even step that leads through the target, and n notches back undo n notches exactly.
 */
public final class Dolly {
    /** What one wheel notch multiplies the distance by. */
    public static final double NOTCH = 0.85;

    private static final double K = -Math.log(NOTCH);
    private static final double SMALLEST = 1e-9;
    private static final double LARGEST = 1e12;

    private Dolly() {}

    /**
     * The pose after some notches.
     *
     * @param start pose before
     * @param line from the eye (flat: from the eye's plane) through the target, unit direction
     * @param distance to the target along the line, metres; may be negative once it is behind
     * @param limit the near limit {@code m}, metres, positive
     * @param notches how many, fractions allowed, positive towards the target
     */
    public static Pose notches(Pose start, Ray line, double distance, double limit, double notches) {
        if (start.projection() instanceof Projection.Orthographic flat) {
            return scale(start, flat, line, notches);
        }
        double to = after(distance, limit, notches);
        double focus = start.focus() * (Math.max(to, limit) / Math.max(distance, limit));
        Vec3 eye = start.eye().plus(line.direction(), distance - to);
        return new Pose(eye, start.orientation(), focus, start.projection());
    }

    /** Distance to the target after some notches. */
    static double after(double d, double m, double notches) {
        double u = parameter(d, m) + notches;
        return u <= 0 ? Math.min(LARGEST, m * Math.exp(-u * K)) : m - u * m * K;
    }

    /** The parameter {@code u} of a distance. */
    private static double parameter(double d, double m) {
        return d >= m ? -Math.log(d / m) / K : (m - d) / (m * K);
    }

    /** How many notches divide a distance by a ratio, far from the near limit; negative for a ratio below 1. */
    public static double notchesFor(double ratio) {
        return Math.log(ratio) / K;
    }

    /** How many notches lead from one distance to another, with the near limit {@code m}. */
    public static double notchesBetween(double from, double to, double m) {
        return parameter(to, m) - parameter(from, m);
    }

    private static Pose scale(Pose start, Projection.Orthographic flat, Ray line, double notches) {
        double extent = Math.max(SMALLEST, Math.min(LARGEST, flat.extent() * Math.exp(-notches * K)));
        double ratio = extent / flat.extent();
        // The line starts in the eye's plane, right in front of the target.
        Vec3 eye = line.origin().plus(start.eye().minus(line.origin()), ratio);
        return new Pose(eye, start.orientation(), start.focus(), new Projection.Orthographic(extent));
    }
}
