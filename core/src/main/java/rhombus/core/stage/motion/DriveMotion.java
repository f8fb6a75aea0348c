package rhombus.core.stage.motion;

import static rhombus.core.words.Messages.say;

import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.LookAround;
import rhombus.core.navigate.WalkStep;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Driving with one button: pulling up and down goes forward and back, left and right turns, faster the farther. */
public final class DriveMotion implements Motion {
    /** Turn a second with the pointer as far aside as the viewport is high, radians. */
    private static final double TURN = Math.toRadians(120);
    /** Pixels around the press in which it rests, so that going straight is possible. */
    private static final double REST = 6;

    private final StageContext ground;
    private final Walking walking;
    private final Viewport view;
    private final double lx;
    private final double ly;
    private final double rate;
    private double aside;
    private double ahead;
    private double last = Double.NaN;

    public DriveMotion(StageContext ground, Walking walking, Viewport view, double lx, double ly, double rate) {
        this.ground = ground;
        this.walking = walking;
        this.view = view;
        this.lx = lx;
        this.ly = ly;
        this.rate = rate;
    }

    @Override
    public void drag(double x, double y) {
        aside = beyondRest(x - lx) / view.height;
        ahead = beyondRest(ly - y) / view.height;
    }

    /** Drives from where the hand is; null in a flat view, where it is refused. */
    public static Motion start(StageContext ground, Walking walking, GrabPoint g) {
        if (g.view().pose.projection().flat()) {
            ViewRefusals.refuse(ground, g.view(), g.x(), g.y(), say("drive-motion.a-flat-view-has-no"));
            return null;
        }
        return new DriveMotion(ground, walking, g.view(), g.x(), g.y(), g.rate());
    }

    private static double beyondRest(double d) {
        return Math.signum(d) * Math.max(0, Math.abs(d) - REST);
    }

    @Override
    public void tick(double nowMs) {
        double seconds = Double.isNaN(last) ? 0 : (nowMs - last) / 1000;
        last = nowMs;
        if (seconds <= 0 || aside == 0 && ahead == 0) {
            return;
        }
        Pose p = LookAround.turn(view.pose, ground.scene().up(), -aside * TURN * seconds * rate, 0);
        Vec3 way = WalkStep.direction(p.orientation(), ground.scene().up(), false, 0, 0, Math.signum(ahead));
        double speed = Math.abs(ahead) * 4 * walking.speed() * rate;
        ground.navigator().pose(view, walking.moved(view, p, way, speed, seconds));
    }

    @Override
    public boolean running() {
        return true;
    }
}
