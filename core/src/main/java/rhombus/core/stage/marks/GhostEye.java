package rhombus.core.stage.marks;

import rhombus.core.geometry.Vec3;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** The eye of a run that one races with, where it was at this time of its own. */
public final class GhostEye {
    /** As near as this, in parts of what a viewport looks at, it is one's own eye and nothing to see. */
    private static final double ONESELF = 0.02;

    private final StageContext ground;
    private Vec3 eye;
    private Vec3 aim;

    public GhostEye(StageContext ground) {
        this.ground = ground;
    }

    /** Where its eye is, and what it looks at; null and null for none. */
    public void at(Vec3 itsEye, Vec3 itsAim) {
        if (itsEye != null || eye != null) {
            ground.changes().marks();
        }
        eye = itsEye;
        aim = itsAim;
    }

    /** It in a viewport, or null where it is not seen: behind, beyond the edge, or where one is oneself. */
    public GhostEyeMark mark(Viewport v) {
        if (eye == null || !v.shown || eye.distance(v.pose.eye()) < ONESELF * v.pose.focus()) {
            return null;
        }
        Vec3 s = v.screen().project(eye);
        boolean flat = v.pose.projection().flat();
        if (!flat && s.z() <= 0 || s.x() < 0 || s.y() < 0 || s.x() > v.width || s.y() > v.height) {
            return null;
        }
        Vec3 t = v.screen().project(aim);
        boolean seen = flat || t.z() > 0;
        double length = Math.hypot(t.x() - s.x(), t.y() - s.y());
        return new GhostEyeMark(
                s.x(), s.y(), seen && length > 1 ? Math.toDegrees(Math.atan2(t.y() - s.y(), t.x() - s.x())) : null);
    }
}
