package rhombus.core.stage.motion;

import static rhombus.core.words.Messages.say;

import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Modifiers;
import rhombus.core.navigate.DirectionTurns;
import rhombus.core.navigate.NumberText;
import rhombus.core.navigate.WalkStep;
import rhombus.core.pick.RayHit;
import rhombus.core.pick.SurfacePicking;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.NodeFraming;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.stage.view.WalkStatus;
import rhombus.core.view.Pose;

/** Walking and flying: on from a command until it is left; one walk is one entry of the Trail. */
public final class Walking implements WalkStatus {
    private static final double SLOWEST = 1e-4;
    private static final double FASTEST = 1e5;
    /** A picture that took longer than this, seconds, counts as no longer: nobody wants to find themselves far away. */
    private static final double LONGEST = 2;

    private final StageContext ground;
    private Viewport view;
    private Pose entered;
    private boolean fly;
    /** Whether the walk began with a key, so that the hands are on the keyboard and the pointer may be held. */
    private boolean byKey;

    private final Set<String> going = new LinkedHashSet<>();
    private double stickX;
    private double stickY;
    /** What axes of devices add: to the right, up and forward. */
    private double axisX;

    private double axisY;
    private double axisZ;
    private double speed;
    private double reach = 1;
    private double last = Double.NaN;

    public Walking(StageContext ground) {
        this.ground = ground;
    }

    /** The viewport one walks in, or null. */
    @Override
    public Viewport view() {
        return view;
    }

    public boolean on() {
        return view != null;
    }

    /** Whether the pointer should be held, so that moving it turns the head. */
    public boolean holdsPointer() {
        return view != null && byKey;
    }

    @Override
    public boolean flying() {
        return fly;
    }

    /** Metres a second set by the user. */
    public double speed() {
        return speed;
    }

    public void speed(double metresPerSecond) {
        speed = Math.max(SLOWEST, Math.min(FASTEST, metresPerSecond));
        ground.changes().add(ChangeTopic.READOUT, ChangeTopic.KEEP);
    }

    /** A scene was opened: its size says what a good speed is. */
    public void measure(Scene scene) {
        leave();
        double r = NodeFraming.reach(scene);
        // A quarter of the way across in ten seconds, rounded to something that is easy to say.
        double s = r / 20;
        double power = Math.pow(10, Math.floor(Math.log10(s)));
        speed = Math.max(1, Math.rint(s / power)) * power;
        reach = r / 8;
    }

    /** Starts, changes between walking and flying, or leaves when it was on already. */
    public void toggle(Viewport v, boolean toFly, boolean key) {
        if (view != null) {
            boolean change = fly != toFly;
            fly = toFly;
            if (!change) {
                leave();
            }
            ground.changes().add(ChangeTopic.READOUT);
            return;
        }
        if (!CameraViews.stepOut(ground, v)) {
            return;
        }
        entered = v.destination();
        view = v;
        fly = toFly;
        byKey = key;
        ground.navigator().hold(v);
        if (entered.projection().flat()) {
            // One walks with an eye, and a flat view has none.
            ground.navigator().pose(v, DirectionTurns.toggleProjection(v.pose, v.lens));
        }
        ground.attention().activate(v);
        ground.changes().add(ChangeTopic.READOUT, ChangeTopic.CAPTION);
    }

    /** Ends it; one stays where one is. */
    public void leave() {
        Viewport v = view;
        if (v == null) {
            return;
        }
        boolean wasFlat = entered.projection().flat() && !v.pose.projection().flat();
        forget();
        ground.navigator().remember(v, fly ? say("trail.fly") : say("trail.walk"));
        if (wasFlat) {
            ground.changes()
                    .notice(
                            v.id,
                            say("walking.this-viewport-is-a-perspective-now"),
                            say("walking.back-to-the-flat-view"),
                            "trail.back",
                            Map.of());
        }
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.READOUT);
        ground.changes().view(v.number);
    }

    /** Ends it where something else is about to happen to the viewport. */
    @Override
    public void leaveIn(Viewport v) {
        if (v == view) {
            leave();
        }
    }

    /** Ends it and goes back to where it began. */
    public void back() {
        Viewport v = view;
        if (v == null) {
            return;
        }
        Pose to = entered;
        forget();
        if (v.pose.projection().flat() == to.projection().flat()) {
            ground.navigator().glide(v, to, ground.glideMs());
        } else {
            ground.navigator().pose(v, to);
        }
        ground.navigator().remember(v, say("trail.back-from-the-walk"));
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.READOUT);
    }

    private void forget() {
        view = null;
        going.clear();
        stickX = 0;
        stickY = 0;
        axisX = 0;
        axisY = 0;
        axisZ = 0;
        last = Double.NaN;
    }

    /** A key to go somewhere went down or up. */
    public void go(String to, boolean down) {
        if (down && view != null) {
            going.add(to);
        } else {
            going.remove(to);
        }
        clock();
    }

    /** The stick on the screen is held: to the right and forward, -1 to 1 each. */
    public void stick(double x, double y) {
        stickX = view == null ? 0 : Math.max(-1, Math.min(1, x));
        stickY = view == null ? 0 : Math.max(-1, Math.min(1, y));
        clock();
    }

    /** Axes of a device are held: to the right, up and forward, -1 to 1 each. */
    public void axes(double right, double up, double forward) {
        boolean on = view != null;
        axisX = on ? right : 0;
        axisY = on ? up : 0;
        axisZ = on ? forward : 0;
        clock();
    }

    /** Time counts from when one sets out. */
    private void clock() {
        if (!moving()) {
            last = Double.NaN;
        } else if (Double.isNaN(last)) {
            last = ground.now();
        }
    }

    public boolean moving() {
        return view != null
                && (!going.isEmpty() || stickX != 0 || stickY != 0 || axisX != 0 || axisY != 0 || axisZ != 0);
    }

    private double both(String plus, String minus) {
        return (going.contains(plus) ? 1 : 0) - (going.contains(minus) ? 1 : 0);
    }

    public void tick(double nowMs) {
        if (!moving()) {
            return;
        }
        double seconds = Math.min(LONGEST, (nowMs - last) / 1000);
        last = nowMs;
        if (seconds <= 0) {
            return;
        }
        Vec3 way = WalkStep.direction(
                view.pose.orientation(),
                ground.scene().up(),
                fly,
                both("right", "left") + stickX + axisX,
                both("up", "down") + axisY,
                both("forward", "backward") + stickY + axisZ);
        int mods = ground.pointer().modifiers();
        double pace = speed
                * ((mods & Modifiers.SHIFT) != 0 ? ground.habits().number(AllHabits.RUN) : 1)
                * ((mods & Modifiers.ALT) != 0 ? GrabPoint.FINE : 1);
        ground.navigator().pose(view, moved(view, view.pose, way, pace, seconds));
    }

    /**
     * The pose after going for some time.
     *
     * @param way no longer than 1
     * @param pace metres a second
     */
    public Pose moved(Viewport v, Pose p, Vec3 way, double pace, double seconds) {
        double part = way.length();
        if (part == 0) {
            return p;
        }
        if (ground.habits().is(AllHabits.WALK_SPEED, "fixed")) {
            return p.withEye(p.eye().plus(way, pace * seconds));
        }
        return p.withEye(
                adaptive(ground.model().surfaces(), p.eye(), way.times(1 / part), pace * part, reach, seconds));
    }

    /** Where one gets to at adaptive speed in a direction of length 1. */
    public static Vec3 adaptive(
            SurfacePicking surfaces, Vec3 eye, Vec3 way, double pace, double reach, double seconds) {
        RayHit ahead = surfaces.closest(new Ray(eye, way), true);
        double room = reach * 2e-3;
        double gap = ahead == null ? Double.POSITIVE_INFINITY : ahead.distance() - room;
        return eye.plus(way, WalkStep.advance(pace, gap, reach, seconds));
    }

    /** What shows while walking, in the viewport's own pixels: the speed at the pointer, and the stick. */
    public WalkIndicator mark(Viewport v) {
        if (v != view) {
            return null;
        }
        boolean inside = v.holds(ground.pointer().x(), ground.pointer().y());
        boolean adaptive = ground.habits().is(AllHabits.WALK_SPEED, "adaptive");
        return new WalkIndicator(
                inside ? ground.pointer().x() - v.x : v.width / 2,
                inside ? ground.pointer().y() - v.y : v.height / 2,
                inside && ground.pointer().x() - v.x > v.width / 2,
                ground.pointer().locked(),
                NumberText.words(speed) + "/s",
                (fly ? say("walking.fly") : say("walking.walk")) + ", "
                        + (adaptive ? say("walking.adaptive") : say("walking.fixed")));
    }
}
