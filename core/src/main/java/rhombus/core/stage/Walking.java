package rhombus.core.stage;

import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Modifiers;
import rhombus.core.navigate.Lengths;
import rhombus.core.navigate.Turns;
import rhombus.core.navigate.Walk;
import rhombus.core.pick.Hit;
import rhombus.core.pick.Surfaces;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.view.Pose;

/** Walking and flying: on from a command until it is left; one walk is one entry of the Trail. */
final class Walking {
    private static final double SLOWEST = 1e-4;
    private static final double FASTEST = 1e5;
    /** A picture that took longer than this, seconds, counts as no longer: nobody wants to find themselves far away. */
    private static final double LONGEST = 2;

    private final Stage stage;
    private ViewState view;
    private Pose entered;
    private boolean fly;
    /** Whether the walk began with a key, so that the hands are on the keyboard and the pointer may be held. */
    private boolean byKey;
    private final Set<String> going = new LinkedHashSet<>();
    private double stickX;
    private double stickY;
    private double speed;
    private double reach = 1;
    private double last = Double.NaN;

    Walking(Stage stage) {
        this.stage = stage;
    }

    /** The viewport one walks in, or null. */
    ViewState view() {
        return view;
    }

    boolean on() {
        return view != null;
    }

    /** Whether the pointer should be held, so that moving it turns the head. */
    boolean holdsPointer() {
        return view != null && byKey;
    }

    boolean flying() {
        return fly;
    }

    /** Metres a second set by the user. */
    double speed() {
        return speed;
    }

    void speed(double metresPerSecond) {
        speed = Math.max(SLOWEST, Math.min(FASTEST, metresPerSecond));
        stage.changes().add(Changes.READOUT | Changes.KEEP);
    }

    /** A scene was opened: its size says what a good speed is. */
    void measure(Scene scene) {
        leave();
        double r = Frames.reach(scene);
        // A quarter of the way across in ten seconds, rounded to something that is easy to say.
        double s = r / 20;
        double power = Math.pow(10, Math.floor(Math.log10(s)));
        speed = Math.max(1, Math.rint(s / power)) * power;
        reach = r / 8;
    }

    /** Starts, changes between walking and flying, or leaves when it was on already. */
    void toggle(ViewState v, boolean toFly, boolean key) {
        if (view != null) {
            boolean change = fly != toFly;
            fly = toFly;
            if (!change) {
                leave();
            }
            stage.changes().add(Changes.READOUT);
            return;
        }
        Cameras.stepOut(stage, v);
        entered = v.destination();
        view = v;
        fly = toFly;
        byKey = key;
        v.glide = null;
        if (entered.projection().flat()) {
            // One walks with an eye, and a flat view has none.
            stage.pose(v, Turns.toggleProjection(v.pose, v.lens));
        }
        stage.activate(v);
        stage.changes().add(Changes.READOUT | Changes.CAPTION);
    }

    /** Ends it; one stays where one is. */
    void leave() {
        ViewState v = view;
        if (v == null) {
            return;
        }
        forget();
        stage.remember(v, fly ? "fly" : "walk");
        stage.changes().add(Changes.CAPTION | Changes.READOUT);
        stage.changes().view(v.number);
    }

    /** Ends it where something else is about to happen to the viewport. */
    void leaveIn(ViewState v) {
        if (v == view) {
            leave();
        }
    }

    /** Ends it and goes back to where it began. */
    void back() {
        ViewState v = view;
        if (v == null) {
            return;
        }
        Pose to = entered;
        forget();
        if (v.pose.projection().flat() == to.projection().flat()) {
            stage.glide(v, to, stage.glideMs());
        } else {
            stage.pose(v, to);
        }
        stage.remember(v, "back from the walk");
        stage.changes().add(Changes.CAPTION | Changes.READOUT);
    }

    private void forget() {
        view = null;
        going.clear();
        stickX = 0;
        stickY = 0;
        last = Double.NaN;
    }

    /** A key to go somewhere went down or up. */
    void go(String to, boolean down) {
        if (down && view != null) {
            going.add(to);
        } else {
            going.remove(to);
        }
        clock();
    }

    /** The stick on the screen is held: to the right and forward, -1 to 1 each. */
    void stick(double x, double y) {
        stickX = view == null ? 0 : Math.max(-1, Math.min(1, x));
        stickY = view == null ? 0 : Math.max(-1, Math.min(1, y));
        clock();
    }

    /** Time counts from when one sets out. */
    private void clock() {
        if (!moving()) {
            last = Double.NaN;
        } else if (Double.isNaN(last)) {
            last = stage.now();
        }
    }

    boolean moving() {
        return view != null && (!going.isEmpty() || stickX != 0 || stickY != 0);
    }

    private double both(String plus, String minus) {
        return (going.contains(plus) ? 1 : 0) - (going.contains(minus) ? 1 : 0);
    }

    void tick(double nowMs) {
        if (!moving()) {
            return;
        }
        double seconds = Math.min(LONGEST, (nowMs - last) / 1000);
        last = nowMs;
        if (seconds <= 0) {
            return;
        }
        Vec3 way = Walk.direction(
                view.pose.orientation(), stage.scene().up(), fly,
                both("right", "left") + stickX, both("up", "down"), both("forward", "backward") + stickY);
        int mods = stage.resolver().modifiers();
        double pace = speed
                * ((mods & Modifiers.SHIFT) != 0 ? stage.habits().number(AllHabits.RUN) : 1)
                * ((mods & Modifiers.ALT) != 0 ? Motions.FINE : 1);
        stage.pose(view, moved(view, view.pose, way, pace, seconds));
    }

    /**
     * The pose after going for some time.
     *
     * @param way no longer than 1
     * @param pace metres a second
     */
    Pose moved(ViewState v, Pose p, Vec3 way, double pace, double seconds) {
        double part = way.length();
        if (part == 0) {
            return p;
        }
        if (stage.habits().is(AllHabits.WALK_SPEED, "fixed")) {
            return p.withEye(p.eye().plus(way, pace * seconds));
        }
        return p.withEye(adaptive(stage.surfaces(), p.eye(), way.times(1 / part), pace * part, reach, seconds));
    }

    /** Where one gets to at adaptive speed in a direction of length 1. */
    static Vec3 adaptive(Surfaces surfaces, Vec3 eye, Vec3 way, double pace, double reach, double seconds) {
        Hit ahead = surfaces.closest(new Ray(eye, way), true);
        double room = reach * 2e-3;
        double gap = ahead == null ? Double.POSITIVE_INFINITY : ahead.distance() - room;
        return eye.plus(way, Walk.advance(pace, gap, reach, seconds));
    }

    /** What shows while walking, in the viewport's own pixels: the speed at the pointer, and the stick. */
    Map<String, Object> mark(ViewState v) {
        if (v != view) {
            return null;
        }
        boolean inside = v.holds(stage.pointerX(), stage.pointerY());
        boolean adaptive = stage.habits().is(AllHabits.WALK_SPEED, "adaptive");
        return Plain.map(
                "x", inside ? stage.pointerX() - v.x : v.width / 2,
                "y", inside ? stage.pointerY() - v.y : v.height / 2,
                "before", inside && stage.pointerX() - v.x > v.width / 2,
                "locked", stage.locked(),
                "speed", Lengths.words(speed) + "/s",
                "words", (fly ? "fly" : "walk") + (adaptive ? ", adaptive" : ", fixed"));
    }
}
