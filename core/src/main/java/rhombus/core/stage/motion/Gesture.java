package rhombus.core.stage.motion;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.TwoFingers;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ToolHandle;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/** What runs while a button, key or finger is down: in which viewport, by which motion, and what else it moves. */
public final class Gesture {
    /** What a viewport was before the press. */
    public record Before(Viewport view, Pose pose, Crop crop, String camera, boolean autoFlat) {
        static Before of(Viewport v) {
            return new Before(v, v.pose, v.crop, v.camera, v.autoFlat);
        }
    }

    private final StageContext ground;
    private final SubjectParts subject;
    private final List<Before> before = new ArrayList<>();
    private Viewport view;
    private Motion motion;
    private TwoFingers fingers;
    private Command command;
    private PivotLadder.Choice pivot;
    private ToolHandle handle;

    /** Nothing runs yet. */
    public Gesture(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    // ---- told by the hand
    // --------------------------------------------------------------------------------------------

    /** A press takes hold of a viewport, on a handle or on none. */
    public void take(Viewport v, ToolHandle on) {
        view = v;
        handle = on;
        before.clear();
        before.add(Before.of(v));
    }

    /** What follows the pointer from now on, called so; null where nothing does. */
    public void run(Command c, Motion m) {
        if (motion != null && motion != m) {
            motion.ended();
        }
        command = c;
        motion = m;
        fingers = null;
    }

    /** Two fingers follow the glass from now on. */
    public void run(Command c, TwoFingers two) {
        command = c;
        motion = null;
        fingers = two;
    }

    /** It is over; gives what the viewports were before. */
    public List<Before> end() {
        List<Before> was = List.copyOf(before);
        if (motion != null) {
            motion.ended();
        }
        view = null;
        motion = null;
        fingers = null;
        pivot = null;
        command = null;
        handle = null;
        before.clear();
        return was;
    }

    // ---- told by motions
    // ---------------------------------------------------------------------------------------------

    /** A motion moves these viewports as well: they come back with it when it is taken back. */
    public void alsoMoving(List<Viewport> views) {
        for (Viewport v : views) {
            if (before.stream().noneMatch(b -> b.view == v)) {
                ground.navigator().hold(v);
                before.add(Before.of(v));
            }
        }
    }

    /** The pivot of this press: chosen once, so that changing modifiers does not change what is turned about. */
    public PivotLadder.Choice pivot(Viewport v, double lx, double ly) {
        if (pivot == null) {
            pivot = subject.pivot().choose(v, lx, ly);
            subject.pivot().use(pivot);
        }
        return pivot;
    }

    // ---- asked by everybody
    // ------------------------------------------------------------------------------------------

    /** The viewport of the press, or null. */
    public Viewport view() {
        return view;
    }

    /** What follows the pointer, or null. */
    public Motion motion() {
        return motion;
    }

    /** What follows two fingers, or null. */
    public TwoFingers fingers() {
        return fingers;
    }

    /** The command the press has begun last, whether it found something to move or not; or null. */
    public Command began() {
        return command;
    }

    /** The handle under the press, or null. */
    public ToolHandle handle() {
        return handle;
    }

    /** The handle that is dragged in a viewport, or null. */
    public ToolHandle handleIn(Viewport v) {
        return view == v && motion != null && command.has(CommandTrait.HANDLE) ? handle : null;
    }

    /** The rectangle that is drawn in a viewport, or null. */
    public MarqueeMark marquee(Viewport v) {
        return view == v && motion instanceof MarqueeMotion m ? m.mark() : null;
    }

    /** The command whose motion runs, or null. */
    public Command command() {
        return motion == null && fingers == null ? null : command;
    }

    /** Whether a motion moves this viewport right now. */
    public boolean movingIn(Viewport v) {
        return view == v && (motion != null && !command.has(CommandTrait.STAYS) || fingers != null);
    }

    /** Number of the viewport in which an orbit runs right now, or -1. */
    public int orbiting() {
        return view != null && motion != null && pivot != null && command.has(CommandTrait.TURNS) ? view.number : -1;
    }

    /** Time goes by. */
    public void tick(double nowMs) {
        if (motion != null) {
            motion.tick(nowMs);
        }
    }

    /** Whether it goes on while the hand rests. */
    public boolean running() {
        return motion != null && motion.running();
    }
}
