package rhombus.core.stage;

import rhombus.core.geometry.Ray;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Dolly;
import rhombus.core.pick.Hit;
import rhombus.core.view.Pose;

/**
 * What a dolly goes towards.
 *
 * @param line of sight through it
 * @param distance along the line, metres
 * @param limit near limit from which on the dolly goes in even steps, metres
 */
record Target(Ray line, double distance, double limit) {
    /** Near limit before a surface, metres, in scenes of everyday size. */
    private static final double NEAR = 0.02;
    /** How far behind a surface the way counts as through it, in near limits. */
    private static final double BEHIND = 0.05;

    /**
     * What the user wants to go towards: the surface under a point of a viewport, the one in its middle, or the focus. Where
     * there is none it is a point at the focus or farther, in open space.
     */
    static Target at(Stage stage, ViewState v, Pose pose, double lx, double ly) {
        if (stage.habits().is(AllHabits.DOLLY_TARGET, "pointer")) {
            return surface(stage, v, pose, lx, ly);
        }
        Target middle = surface(stage, v, pose, v.width / 2, v.height / 2);
        if (stage.habits().is(AllHabits.DOLLY_TARGET, "centre")) {
            return middle;
        }
        return new Target(middle.line, pose.focus(), near(stage));
    }

    /** The surface under a point of a viewport, or a point in the open. */
    static Target surface(Stage stage, ViewState v, Pose pose, double lx, double ly) {
        Ray line = v.screen().with(pose).ray(lx, ly);
        double radius = stage.scene().radius();
        Hit hit = pose.projection().flat() ? null : stage.heldAt(v, pose, lx, ly);
        if (hit != null) {
            // A mark or an edge in reach lies beside the line of sight: as deep as it counts.
            double depth = hit.point().minus(pose.eye()).dot(pose.forward());
            return new Target(line, depth / line.direction().dot(pose.forward()), near(stage));
        }
        // Steps of a useful size, so that flying through the open never seems to stall.
        return new Target(line, Math.max(pose.focus(), radius * 0.1), radius * 0.05);
    }

    private static double near(Stage stage) {
        return Math.min(NEAR, stage.scene().radius() * 1e-3);
    }

    /** The pose some notches nearer. */
    Pose dolly(Pose start, double notches) {
        return Dolly.notches(start, line, distance, limit, notches);
    }

    /** Notches that lead just through the target; infinite in a flat view, which scales and passes nothing. */
    double notchesThrough(Pose start) {
        return start.projection().flat()
                ? Double.POSITIVE_INFINITY
                : Dolly.notchesBetween(distance, -limit * BEHIND, limit);
    }
}
