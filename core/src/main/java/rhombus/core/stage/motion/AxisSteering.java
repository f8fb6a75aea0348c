package rhombus.core.stage.motion;

import static rhombus.core.words.Messages.say;

import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandPhrase;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.navigate.Dolly;
import rhombus.core.navigate.LensChange;
import rhombus.core.navigate.LookAround;
import rhombus.core.navigate.Pan;
import rhombus.core.navigate.Turntable;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/**
 * A view moved by the axes of a device: as fast as they are out of their middle, all of them at once, for as long as they
 * are. How fast an axis at its end is, is ours.
 */
public final class AxisSteering implements Motion {
    /** Orbit a second, radians. */
    public static final double ORBIT = Math.toRadians(150);
    /** Roll a second, radians. */
    public static final double ROLL = Math.toRadians(90);
    /** Look a second, radians. */
    public static final double LOOK = Math.toRadians(110);
    /** Pan a second, heights of the viewport. */
    public static final double PAN = 0.9;
    /** Dolly a second, notches of the wheel. */
    public static final double DOLLY = 7;
    /** Zoom a second, notches of the wheel. */
    public static final double ZOOM = 4;

    /** A picture that took longer than this, seconds, counts as no longer. */
    private static final double LONGEST = 0.5;

    private static final CommandPhrase SPOKEN = new CommandPhrase(say("spoken.steer"), say("spoken.steer"), "", "", "");

    private final StageContext ground;
    private final SubjectParts subject;
    private final Walking walking;
    private final Gesture gesture;
    private final Viewport view;
    private final Map<DegreeOfFreedom, Double> rates = new EnumMap<>(DegreeOfFreedom.class);
    private final Set<CommandPhrase> names = new LinkedHashSet<>();
    private Vec3 pivot;
    private boolean held;
    private double last;

    /** Nothing moves yet. */
    public AxisSteering(StageContext ground, SubjectParts subject, Walking walking, GrabPoint g) {
        this.ground = ground;
        this.subject = subject;
        this.walking = walking;
        this.gesture = g.gesture();
        this.view = g.view();
        this.last = ground.now();
    }

    /** All axes count as in their middle until they are told of. */
    public void still() {
        rates.clear();
    }

    /** An axis is so far out of its middle; several that do the same add up. */
    public void go(Command c, double amount) {
        DegreeOfFreedom f = DegreeOfFreedom.of(c.id());
        if (f != null) {
            rates.merge(f, amount, Double::sum);
            names.add(c.spoken());
        }
    }

    /** What it is called: by what it does, or by a name for all where it has done several things. */
    public Command called(Command one) {
        if (names.size() < 2) {
            return one;
        }
        return new Command(
                one.id(),
                one.words(),
                one.group(),
                one.sort(),
                false,
                false,
                turns() ? Set.of(CommandTrait.TURNS) : Set.of(),
                SPOKEN,
                null,
                null,
                List.of(),
                one.meanwhile());
    }

    private boolean turns() {
        return rates.keySet().stream().anyMatch(DegreeOfFreedom::orbits);
    }

    @Override
    public void drag(double lx, double ly) {
        // Where the pointer is does not matter.
    }

    @Override
    public boolean running() {
        return !rates.isEmpty();
    }

    @Override
    public void ended() {
        rates.clear();
        walking.axes(0, 0, 0);
    }

    private double rate(DegreeOfFreedom f) {
        return rates.getOrDefault(f, 0.0);
    }

    @Override
    public void tick(double nowMs) {
        double seconds = Math.min(LONGEST, (nowMs - last) / 1000);
        last = nowMs;
        walking.axes(
                rate(DegreeOfFreedom.WALK_SIDEWAYS), rate(DegreeOfFreedom.WALK_UP), rate(DegreeOfFreedom.WALK_AHEAD));
        if (seconds <= 0) {
            return;
        }
        Pose p = view.pose;
        Pose next = orbited(p, seconds);
        next = panned(next, seconds);
        next = nearer(next, rate(DegreeOfFreedom.DOLLY) * DOLLY * seconds);
        double roll = rate(DegreeOfFreedom.ROLL) * ROLL * seconds;
        next = LookAround.roll(next, roll);
        double zoom = rate(DegreeOfFreedom.ZOOM) * ZOOM * seconds;
        next = zoom == 0 ? next : LensChange.zoom(next, Math.pow(Dolly.NOTCH, -zoom));
        next = looked(next, seconds);
        if (next != p) {
            ground.navigator().pose(view, next);
        }
    }

    private Pose orbited(Pose p, double seconds) {
        Habits h = ground.habits();
        double sideways = rate(DegreeOfFreedom.ORBIT_SIDEWAYS) * (h.on(AllHabits.ORBIT_INVERT_X) ? -1 : 1);
        double up = rate(DegreeOfFreedom.ORBIT_UP) * (h.on(AllHabits.ORBIT_INVERT_Y) ? -1 : 1);
        if (sideways == 0 && up == 0 || !mayOrbit()) {
            return p;
        }
        double yaw = -sideways * ORBIT * seconds;
        double pitch = up * ORBIT * seconds;
        // An axis view was left when the pivot was chosen.
        Pose from = view.pose;
        if (h.is(AllHabits.ORBIT_STYLE, "trackball")) {
            Quat q = from.orientation()
                    .times(Quat.about(Vec3.Y, yaw).times(Quat.about(Vec3.X, pitch)))
                    .unit();
            return from.turnedAbout(pivot, q);
        }
        return new Turntable.Gesture(from, pivot, ground.scene().up(), h.is(AllHabits.POLES, "stop"))
                .byHand(yaw, pitch);
    }

    /** The first time it orbits it finds out about what, and whether it may: axis views may be held. */
    private boolean mayOrbit() {
        if (pivot == null && !held) {
            held = ViewRefusals.heldInPlace(ground, view, view.width / 2, view.height / 2);
            if (!held) {
                pivot = gesture.pivot(view, Double.NaN, Double.NaN).point();
                ground.navigator().pose(view, ViewRefusals.leavingAxis(view, view.pose));
            }
        }
        return !held;
    }

    private Pose panned(Pose p, double seconds) {
        double k = PAN * view.height * seconds;
        double right = rate(DegreeOfFreedom.PAN_SIDEWAYS) * k;
        double up = rate(DegreeOfFreedom.PAN_UP) * k;
        return right == 0 && up == 0 ? p : Pan.by(view.screen().with(p), p.focus(), right, -up);
    }

    /** Towards what is in the middle, wherever the pointer may lie. */
    private Pose nearer(Pose p, double notches) {
        return notches == 0 ? p : new DollyPath(ground, subject, view, p, view.width / 2, view.height / 2).at(notches);
    }

    private Pose looked(Pose p, double seconds) {
        double right = rate(DegreeOfFreedom.LOOK_SIDEWAYS) * (ground.habits().on(AllHabits.LOOK_INVERT_X) ? -1 : 1);
        double up = rate(DegreeOfFreedom.LOOK_UP) * (ground.habits().on(AllHabits.LOOK_INVERT_Y) ? -1 : 1);
        if (right == 0 && up == 0 || !(p.projection() instanceof Projection.Perspective)) {
            return p;
        }
        double k = LOOK * seconds;
        return LookAround.turn(p, ground.scene().up(), -right * k, up * k);
    }
}
