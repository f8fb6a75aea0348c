package rhombus.core.stage.motion;

import static rhombus.core.words.Messages.say;

import rhombus.core.geometry.Quat;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.LookAround;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** Look: the eye turns on the spot. */
public final class LookMotion {
    /** Why a flat view cannot. */
    public static final String NO_EYE = say("look-motion.a-flat-view-has-no");

    private LookMotion() {}

    /** A drag over the viewport's height turns by its field of view; null in a flat view, where it is refused. */
    public static Motion start(StageContext ground, GrabPoint g) {
        Viewport v = g.view();
        if (!(v.pose.projection() instanceof Projection.Perspective lens)) {
            ViewRefusals.refuse(ground, v, g.x(), g.y(), NO_EYE);
            return null;
        }
        Pose start = v.pose;
        double k = lens.fovY() / v.height * g.rate() * ground.habits().number(AllHabits.LOOK_SPEED);
        double kx = ground.habits().on(AllHabits.LOOK_INVERT_X) ? -k : k;
        double ky = ground.habits().on(AllHabits.LOOK_INVERT_Y) ? -k : k;
        return (x, y) -> {
            // Only the orientation is the hand's: one may be walking meanwhile.
            Quat q = LookAround.turn(start, ground.scene().up(), (g.x() - x) * kx, (g.y() - y) * ky)
                    .orientation();
            ground.navigator().pose(v, new Pose(v.pose.eye(), q, v.pose.focus(), v.pose.projection()));
        };
    }
}
