package rhombus.core.stage.motion;

import static rhombus.core.words.Messages.say;

import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
import rhombus.core.navigate.Glide;
import rhombus.core.navigate.Trackball;
import rhombus.core.navigate.Turntable;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.StandardDirection;

/** Orbit by the pointer: turntable or trackball, and with the snap modifier from one standard direction to the next. */
public final class OrbitMotion implements Motion {
    /** A standard direction holds the view within this angle, radians. */
    private static final double HOLD = Math.toRadians(22.5);

    private final StageContext ground;
    private final Viewport view;
    private final Pose start;
    private final Vec3 pivot;
    private final boolean snap;
    private final Turntable.Gesture table;
    private final Trackball ball;
    private final double lx;
    private final double ly;
    private final double kx;
    private final double ky;
    private Pose free;
    private StandardDirection held;
    /** Whether a pole stops the turn, which is told once. */
    private boolean atPole;

    private Quat from;
    private double fromMs = Double.NEGATIVE_INFINITY;

    /** By the turntable, or by the trackball where the user has chosen it: a drag over the viewport's height is half a turn. */
    public static Motion start(StageContext ground, GrabPoint g) {
        Vec3 pivot = g.gesture().pivot(g.view(), g.x(), g.y()).point();
        boolean ball = ground.habits().is(AllHabits.ORBIT_STYLE, "trackball");
        return new OrbitMotion(
                ground, g.view(), pivot, g.x(), g.y(), Math.PI / g.view().height, g.rate(), g.snap(), ball);
    }

    /** By the turntable, as far as a mark is dragged; about what the keyboard would turn about. */
    public static Motion byMark(StageContext ground, GrabPoint g, double perPixel) {
        Vec3 pivot = g.gesture().pivot(g.view(), Double.NaN, Double.NaN).point();
        return new OrbitMotion(ground, g.view(), pivot, g.x(), g.y(), perPixel, g.rate(), g.snap(), false);
    }

    /**
     * Takes hold of a view.
     *
     * @param perPixel radians a pixel turns the turntable by
     * @param rate part of the hand's way that counts
     */
    public OrbitMotion(
            StageContext ground,
            Viewport v,
            Vec3 pivot,
            double lx,
            double ly,
            double perPixel,
            double rate,
            boolean snap,
            boolean ball) {
        this.ground = ground;
        this.view = v;
        this.start = v.pose;
        this.free = start;
        this.pivot = pivot;
        this.snap = snap;
        this.lx = lx;
        this.ly = ly;
        Habits h = ground.habits();
        double speed = rate * h.number(AllHabits.ORBIT_SPEED);
        double k = ball ? speed : perPixel * speed;
        kx = h.on(AllHabits.ORBIT_INVERT_X) ? -k : k;
        ky = h.on(AllHabits.ORBIT_INVERT_Y) ? -k : k;
        this.ball = ball ? new Trackball(start, pivot, v.width, v.height, lx, ly) : null;
        table = ball ? null : new Turntable.Gesture(start, pivot, ground.scene().up(), h.is(AllHabits.POLES, "stop"));
    }

    @Override
    public void drag(double x, double y) {
        free = ball == null
                ? table.byHand((lx - x) * kx, (ly - y) * ky)
                : ball.at(lx + (x - lx) * kx, ly + (y - ly) * ky);
        boolean stopped = ball == null && table.stopped((ly - y) * ky);
        if (stopped && !atPole) {
            ViewRefusals.refuse(ground, view, lx, ly, say("orbit-motion.the-pole-stops-it"));
        }
        atPole = stopped;
        StandardDirection to = null;
        if (snap) {
            StandardDirection s =
                    StandardDirection.nearest(free.orientation(), ground.scene().up());
            to = s.angleTo(free.orientation(), ground.scene().up()) <= HOLD ? s : null;
        }
        if (to != held) {
            held = to;
            from = view.pose.orientation();
            fromMs = ground.now();
        }
        show(ground.now());
    }

    private void show(double nowMs) {
        double t = ground.glideMs() == 0 ? 1 : Math.min(1, (nowMs - fromMs) / ground.glideMs());
        if (t >= 1) {
            from = null;
            ground.navigator()
                    .pose(
                            view,
                            held == null
                                    ? free
                                    : start.turnedAbout(
                                            pivot,
                                            held.orientation(ground.scene().up())));
            return;
        }
        Quat to = held == null
                ? free.orientation()
                : held.orientation(ground.scene().up());
        ground.navigator().pose(view, start.turnedAbout(pivot, from.slerp(to, Glide.eased(t))));
    }

    @Override
    public void tick(double nowMs) {
        if (from != null) {
            show(nowMs);
        }
    }

    @Override
    public boolean running() {
        return from != null;
    }
}
