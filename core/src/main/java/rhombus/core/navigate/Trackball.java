package rhombus.core.navigate;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;

/**
 * Orbit with a ball held in the hand: the arcball of K. Shoemake, "ARCBALL: a user interface for specifying
 * three-dimensional orientation using a mouse" (1992). The ball turns by twice the arc from the first point to the
 * present one, so it has no hysteresis: back at the first point it is as it was. Outside the ring it rolls.
 */
public final class Trackball {
    /** Radius of the ball as part of the viewport's smaller side. */
    public static final double RADIUS = 0.42;

    private final Pose start;
    private final Vec3 pivot;
    private final double centreX;
    private final double centreY;
    private final double radius;
    private final Vec3 from;

    /**
     * Takes hold of the ball.
     *
     * @param start pose at the press
     * @param pivot point that stays
     * @param width of the viewport, CSS pixels
     * @param height of the viewport, CSS pixels
     * @param x of the press, CSS pixels from the viewport's left
     * @param y of the press, CSS pixels from the viewport's top
     */
    public Trackball(Pose start, Vec3 pivot, double width, double height, double x, double y) {
        this.start = start;
        this.pivot = pivot;
        centreX = width / 2;
        centreY = height / 2;
        radius = Math.min(width, height) * RADIUS;
        from = onBall(x, y);
    }

    /** The point of the unit ball under a pixel, in the camera's frame; outside the ball the nearest one of its ring. */
    Vec3 onBall(double x, double y) {
        double bx = (x - centreX) / radius;
        double by = (centreY - y) / radius;
        double r = bx * bx + by * by;
        if (r > 1) {
            double l = Math.sqrt(r);
            return new Vec3(bx / l, by / l, 0);
        }
        return new Vec3(bx, by, Math.sqrt(1 - r));
    }

    /** How far the ball has turned with the pointer at a pixel, in the camera's frame. */
    Quat turn(double x, double y) {
        Vec3 to = onBall(x, y);
        Vec3 axis = from.cross(to);
        return new Quat(axis.x(), axis.y(), axis.z(), from.dot(to)).unit();
    }

    /** The pose with the pointer at a pixel. */
    public Pose at(double x, double y) {
        if (onBall(x, y).equals(from)) {
            return start;
        }
        // The scene turns with the ball, so the camera turns the other way.
        return start.turnedAbout(
                pivot, start.orientation().times(turn(x, y).inverse()).unit());
    }
}
