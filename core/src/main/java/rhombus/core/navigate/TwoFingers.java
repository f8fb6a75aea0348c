package rhombus.core.navigate;

import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/**
 * Two fingers on the glass: moving both pans, spreading them dollies, turning them rolls, all at once. The point that lay
 * between them at first stays between them.
 */
public final class TwoFingers {
    private final Screen start;
    private final Ray line;
    private final double distance;
    private final double limit;

    /**
     * Takes hold of a point.
     *
     * @param start the view when the second finger came down
     * @param line of sight through the point between the fingers
     * @param distance to the held point along the line, metres
     * @param limit near limit of the dolly, metres
     */
    public TwoFingers(Screen start, Ray line, double distance, double limit) {
        this.start = start;
        this.line = line;
        this.distance = distance;
        this.limit = limit;
    }

    /**
     * The pose with the fingers elsewhere.
     *
     * @param x middle between the fingers, CSS pixels from the viewport's left
     * @param y middle between the fingers, CSS pixels from the viewport's top
     * @param spread distance between them as a multiple of the first one, positive
     * @param twist radians by which they turned, clockwise on the glass
     */
    public Pose at(double x, double y, double spread, double twist) {
        double notches = Dolly.notchesFor(spread);
        // Spreading never leads through the held point: there would be nothing left between the fingers.
        Pose near = Dolly.notches(start.pose(), line, distance, limit, Math.min(notches, most()));
        Pose rolled = LookAround.roll(near, twist);
        Vec3 held = line.at(distance);
        Screen screen = start.with(rolled);
        Vec3 now = screen.project(held);
        return Pan.by(screen, now.z(), x - now.x(), y - now.y());
    }

    /** Notches that bring the eye to a hundredth of the near limit. */
    private double most() {
        if (start.pose().projection().flat()) {
            return Double.POSITIVE_INFINITY;
        }
        return Dolly.notchesBetween(distance, limit / 100, limit);
    }
}
