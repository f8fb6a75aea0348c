package rhombus.core.stage.motion;

import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Dolly;
import rhombus.core.pick.RayHit;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/**
 * What a dolly goes towards.
 *
 * @param line of sight through it
 * @param distance along the line, metres
 * @param limit near limit from which on the dolly goes in even steps, metres
 */
public record DollyTarget(Ray line, double distance, double limit) {
    /** Near limit before a surface, metres, in scenes of everyday size. */
    private static final double NEAR = 0.02;
    /** How far behind a surface the way counts as through it, in near limits. */
    private static final double BEHIND = 0.05;

    /**
     * What the user wants to go towards: the surface under a point of a viewport, the one in its middle, or the focus. Where
     * there is none it is a point at the focus or farther, in open space.
     */
    public static DollyTarget at(
            StageContext ground, SubjectParts subject, Viewport v, Pose pose, double lx, double ly) {
        if (ground.habits().is(AllHabits.DOLLY_TARGET, "pointer")) {
            return surface(ground, subject, v, pose, lx, ly);
        }
        DollyTarget middle = surface(ground, subject, v, pose, v.width / 2, v.height / 2);
        if (ground.habits().is(AllHabits.DOLLY_TARGET, "centre")) {
            return middle;
        }
        return new DollyTarget(middle.line, pose.focus(), near(ground, subject));
    }

    /** The surface under a point of a viewport, or a point in the open. */
    public static DollyTarget surface(
            StageContext ground, SubjectParts subject, Viewport v, Pose pose, double lx, double ly) {
        Screen screen = v.screen().with(pose);
        RayHit mark = subject.picks().markAt(v, pose, lx, ly);
        if (mark != null) {
            // The line of sight through the mark's middle, so that this stays where it is on the screen.
            Vec3 middle = screen.project(mark.point());
            Ray through = screen.ray(middle.x(), middle.y());
            double depth = mark.point().minus(through.origin()).dot(through.direction());
            return new DollyTarget(through, depth, near(ground, subject));
        }
        Ray line = screen.ray(lx, ly);
        double radius = ground.scene().radius();
        RayHit hit = pose.projection().flat() ? null : subject.picks().heldAt(v, pose, lx, ly);
        if (hit != null) {
            // An edge in reach lies beside the line of sight: as deep as it counts.
            double depth = hit.point().minus(pose.eye()).dot(pose.forward());
            return new DollyTarget(line, depth / line.direction().dot(pose.forward()), near(ground, subject));
        }
        // Steps of a useful size, so that flying through the open never seems to stall.
        return new DollyTarget(line, Math.max(pose.focus(), radius * 0.1), radius * 0.05);
    }

    private static double near(StageContext ground, SubjectParts subject) {
        return Math.min(NEAR, ground.scene().radius() * 1e-3);
    }

    /** The pose some notches nearer. */
    public Pose dolly(Pose start, double notches) {
        return Dolly.notches(start, line, distance, limit, notches);
    }

    /** Notches that lead just through the target; infinite in a flat view, which scales and passes nothing. */
    public double notchesThrough(Pose start) {
        return start.projection().flat()
                ? Double.POSITIVE_INFINITY
                : Dolly.notchesBetween(distance, -limit * BEHIND, limit);
    }
}
