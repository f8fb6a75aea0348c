package rhombus.core.navigate;

import rhombus.core.geometry.Vec3;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/**
 * The way from one pose to another in a given time: it starts where the view is and lands exactly.
 *
 * @param from pose at the start
 * @param to pose at the end
 * @param startMs when it started
 * @param durationMs how long it takes; 0 lands at once
 */
public record Glide(Pose from, Pose to, double startMs, double durationMs) {
    /** Whether it has landed. */
    public boolean over(double nowMs) {
        return nowMs >= startMs + durationMs;
    }

    /** Part of the way gone after a part of the time: fast at first, gentle at the end. */
    public static double eased(double t) {
        return 1 - (1 - t) * (1 - t) * (1 - t);
    }

    /** The pose at a time. */
    public Pose at(double nowMs) {
        if (over(nowMs)) {
            return to;
        }
        double t = Math.max(0, (nowMs - startMs) / durationMs);
        double s = eased(t);
        if (from.orientation().angleTo(to.orientation()) < 1e-9) {
            // Without a turn the eye goes straight, so whatever both poses hold still under the pointer stays there.
            return new Pose(
                    from.eye().mix(to.eye(), s), to.orientation(), mix(from.focus(), to.focus(), s), projection(s));
        }
        double focus = from.focus() * Math.pow(to.focus() / from.focus(), s);
        Vec3 about = from.focusPoint().mix(to.focusPoint(), s);
        var q = from.orientation().slerp(to.orientation(), s);
        return new Pose(about.plus(q.back(), focus), q, focus, projection(s));
    }

    private Projection projection(double s) {
        if (from.projection() instanceof Projection.Orthographic a
                && to.projection() instanceof Projection.Orthographic b) {
            return new Projection.Orthographic(mix(a.extent(), b.extent(), s));
        }
        if (from.projection() instanceof Projection.Perspective a
                && to.projection() instanceof Projection.Perspective b) {
            return new Projection.Perspective(mix(a.fovY(), b.fovY(), s));
        }
        return to.projection();
    }

    private static double mix(double a, double b, double t) {
        return a + (b - a) * t;
    }
}
