package rhombus.core.stage.motion;

import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.Pan;
import rhombus.core.pick.RayHit;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Screen;

/** Pan: what is under the hand stays under it. */
public final class PanMotion {
    private PanMotion() {}

    /** Takes hold of the surface under the hand, or else of the focus. */
    public static Motion start(StageContext ground, SubjectParts subject, GrabPoint g) {
        Screen start = g.view().screen();
        double depth = depthAt(subject, g.view(), g.x(), g.y());
        double speed = g.rate() * ground.habits().number(AllHabits.PAN_SPEED);
        double k = ground.habits().on(AllHabits.PAN_INVERT) ? -speed : speed;
        return (x, y) -> ground.navigator().pose(g.view(), Pan.by(start, depth, (x - g.x()) * k, (y - g.y()) * k));
    }

    /** Depth of the surface under a point, else of the focus, metres. */
    static double depthAt(SubjectParts subject, Viewport v, double lx, double ly) {
        RayHit hit = subject.picks().heldAt(v, v.pose, lx, ly);
        return hit == null ? v.pose.focus() : v.pose.depth(hit.point());
    }
}
