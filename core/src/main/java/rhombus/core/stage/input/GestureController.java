package rhombus.core.stage.input;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.ResolverActions;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.TwoFingers;
import rhombus.core.scene.Scene;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.motion.AxisSteering;
import rhombus.core.stage.motion.DollyTarget;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.motion.GrabPoint;
import rhombus.core.stage.motion.MarqueeMotion;
import rhombus.core.stage.motion.Motion;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.PictureSketch;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.tool.CameraHandle;
import rhombus.core.stage.tool.ToolHandle;
import rhombus.core.stage.tool.ToolSort;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewContexts;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;

/** One press from the first motion to the last release: it can be taken back, and it is one entry of the Trail. */
public final class GestureController implements ResolverActions {
    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final Gesture gesture;
    private final Walking walking;
    private final LinkedViews linked;
    private final PadGrips grips;
    private final MotionPreparation beginning;
    private final SteeringAxis reading;
    private final GestureObserver observer;
    private Binding counted;
    /** What the axes of this press have done. */
    private final Set<Command> steered = new HashSet<>();

    private CommandExecutor deeds;
    private ClickHandler clicks;
    private Scene sceneBefore;
    private boolean pinching;
    private boolean twisting;
    private PadGrips.Grip grip;
    private String handleName;
    /** Left and top of the viewport as the motion began: solo in its middle does not make the hand jump. */
    private double left;

    private double top;
    /** From the pointer to the point on which the motion takes hold: lozenges act on another place than their own. */
    private double offX;

    private double offY;

    /** A press on what the rooms below hold. */
    public GestureController(
            StageContext ground,
            SubjectParts subject,
            ActiveTool tools,
            Gesture gesture,
            Walking walking,
            LinkedViews linked,
            PadGrips grips,
            GestureObserver observer) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.gesture = gesture;
        this.walking = walking;
        this.linked = linked;
        this.grips = grips;
        this.observer = observer;
        this.beginning = new MotionPreparation(ground, subject, tools);
        this.reading = new SteeringAxis(ground);
    }

    /**
     * What it sets going.
     *
     * @param forgetClick makes the next click a first one again
     */
    public void sets(CommandExecutor what, Runnable forgetClick) {
        this.deeds = what;
        this.clicks = new ClickHandler(ground, subject, grips, what, forgetClick);
    }

    // ---- where -----------------------------------------------------------------------------------------------------

    @Override
    public List<BindingContext> contextsAt(double x, double y) {
        List<BindingContext> out = new ArrayList<>();
        Viewport v = ground.viewAt(x, y);
        double lx = x - v.x;
        double ly = y - v.y;
        if (grips.at(v, lx, ly) != null) {
            out.add(BindingContext.GRIP);
        }
        if (grips.padOpen()) {
            out.add(BindingContext.PAD);
        }
        if (RoseMark.rim(ground, v, lx, ly)) {
            out.add(BindingContext.RIM);
        }
        if (RoseMark.at(ground, v, lx, ly) != null) {
            out.add(BindingContext.ROSE);
        }
        if (walking.on()) {
            out.add(BindingContext.WALK);
        }
        if (tools.handleAt(v, lx, ly) != null) {
            out.add(BindingContext.HANDLE);
        }
        if (tools.on()) {
            out.add(BindingContext.TOOL);
        }
        out.add(ViewContexts.of(ground, v));
        out.add(BindingContext.STAGE);
        out.add(BindingContext.APPLICATION);
        return out;
    }

    @Override
    public List<BindingContext> whileMoving() {
        return walking.on() ? List.of(BindingContext.GESTURE, BindingContext.WALK) : List.of(BindingContext.GESTURE);
    }

    // ---- at once ---------------------------------------------------------------------------------------------------

    @Override
    public void run(Binding b, double x, double y) {
        observer.used(b, ground.viewAt(x, y));
        clicks.run(b, x, y);
    }

    @Override
    public void held(Binding b, boolean down, boolean tap, double x, double y) {
        Viewport v = ground.viewAt(x, y);
        if (down) {
            observer.used(b, v);
        }
        boolean inside = v.holds(x, y);
        deeds.held(b.command(), b.args(), v, inside ? x - v.x : Double.NaN, inside ? y - v.y : Double.NaN, down, tap);
    }

    // ---- motions ---------------------------------------------------------------------------------------------------

    @Override
    public void begin(Binding b, double x, double y, boolean fine, boolean snap) {
        press(x, y);
        Viewport v = gesture.view();
        left = v.x;
        top = v.y;
        count(b, v);
        ground.attention().worked(v);
        Command c = b.command();
        if (grip == null) {
            grips.dismissed(v, x - v.x, y - v.y);
        }
        if (c.has(CommandTrait.LOZENGE)) {
            if (grip == null) {
                grip = grips.at(v, x - v.x, y - v.y);
                offX = grip == null ? 0 : grip.anchorX() - (x - v.x);
                offY = grip == null ? 0 : grip.anchorY() - (y - v.y);
            }
            if (grip == null) {
                gesture.run(c, (Motion) null);
                return;
            }
            c = grip.command();
            observer.means(c);
        }
        double lx = x - v.x + offX;
        double ly = y - v.y + offY;
        if (c.has(CommandTrait.OBJECT) && !beginning.penMoves(v, lx, ly)) {
            c = deeds.catalogue().command(c.otherwise());
        }
        double rate = fine ? GrabPoint.FINE : 1;
        gesture.run(
                c,
                beginning.allowed(c, v, lx, ly)
                        ? deeds.start(c, new GrabPoint(gesture, v, lx, ly, rate, snap, b.args()))
                        : null);
    }

    /** What a press does is counted once, however often it is resolved anew. */
    private void count(Binding b, Viewport v) {
        if (b != counted) {
            observer.used(b, v);
            counted = b;
        }
    }

    /** The first motion of a press finds out where it is; those that follow it go on there. */
    private void press(double x, double y) {
        if (gesture.view() != null) {
            return;
        }
        Viewport v = ground.viewAt(x, y);
        ground.navigator().endWheels();
        ground.navigator().hold(v);
        if (!walking.on()) {
            subject.editing().settle();
        }
        ToolHandle handle = tools.handleAt(v, x - v.x, y - v.y);
        gesture.take(v, handle);
        // Named now: keys in the middle of the drag may select something else.
        handleName = handleName(handle);
        gesture.alsoMoving(linked.followers(v));
        sceneBefore = ground.scene();
        offX = 0;
        offY = 0;
    }

    @Override
    public void beginFingers(Binding b, double x, double y, boolean pinch, boolean twist) {
        press(x, y);
        Viewport v = gesture.view();
        left = v.x;
        top = v.y;
        count(b, v);
        if (!CameraViews.stepOut(ground, v)) {
            gesture.run(b.command(), (Motion) null);
            return;
        }
        DollyTarget t = DollyTarget.surface(ground, subject, v, v.pose, x - v.x, y - v.y);
        gesture.run(b.command(), new TwoFingers(v.screen(), t.line(), t.distance(), t.limit()));
        pinching = pinch;
        twisting = twist;
    }

    @Override
    public void dragFingers(double x, double y, double spread, double angle) {
        Viewport v = gesture.view();
        if (gesture.fingers() != null && v != null) {
            ground.navigator()
                    .pose(v, gesture.fingers().at(x - left, y - top, pinching ? spread : 1, twisting ? angle : 0));
        }
    }

    @Override
    public void steer(List<Steer> some) {
        if (!(gesture.motion() instanceof AxisSteering steering)) {
            return;
        }
        steering.still();
        Command leads = null;
        for (Steer s : some) {
            Command c = s.binding().command();
            double rate = reading.amount(s.binding(), s.amount()) * (s.fine() ? GrabPoint.FINE : 1);
            if (rate != 0) {
                if (steered.add(c)) {
                    observer.steers(c);
                }
                steering.go(c, rate);
                leads = leads == null || c.has(CommandTrait.TURNS) ? c : leads;
            }
        }
        if (leads != null) {
            gesture.run(steering.called(leads), steering);
        }
        ground.changes().add(ChangeTopic.READOUT);
    }

    @Override
    public void drag(double x, double y) {
        if (gesture.motion() != null) {
            gesture.motion().drag(x - left + offX, y - top + offY);
        }
    }

    @Override
    public void release() {
        Viewport v = gesture.view();
        Command deed = gesture.began();
        observer.released();
        List<Gesture.Before> moved = end();
        if (v == null) {
            return;
        }
        // Turns and looks of a walk with a camera are one step with the walk.
        boolean walked = v.driven && v == walking.view();
        if (!walked && !subject.driving().step()) {
            subject.editing().done(handleName != null ? handleName : toolName());
        }
        for (Gesture.Before b : moved) {
            // A walk is one entry, whatever turns there were in it.
            if (b.view() != walking.view()) {
                ground.navigator()
                        .remember(
                                b.view(),
                                deed == null
                                        ? ""
                                        : deed.spoken()
                                                .name(b.view().pose.projection().flat()));
                ViewRefusals.released(ground, b.view(), b.pose());
            }
        }
        ground.changes().view(v.number);
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
    }

    /** What dragging a handle of a camera or of a picture is called; null for a tool's. */
    private String handleName(ToolHandle handle) {
        CameraHandle.Part part = handle == null ? null : CameraHandle.Part.of(handle.id());
        if (handle != null && PictureSketch.End.of(handle.id()) != null) {
            return say("press.move-a-mark-on", ground.nameOf(subject.selection().last()));
        }
        if (part != null) {
            return part.deed() + " " + ground.nameOf(subject.selection().last());
        }
        return null;
    }

    private String toolName() {
        ToolSort s = tools.sort();
        return (s == null ? say("press.move") : s.words()) + " " + subject.names();
    }

    @Override
    public void cancel() {
        Motion running = gesture.motion();
        boolean began = gesture.view() != null;
        observer.cancelled(gesture.began());
        List<Gesture.Before> moved = end();
        if (!began) {
            return;
        }
        subject.editing().live(sceneBefore);
        if (running instanceof MarqueeMotion m) {
            m.takeBack();
        }
        linked.quietly(() -> subject.driving()
                .quietly(() -> moved.forEach(b -> {
                    b.view().putBack(b.camera(), b.crop(), b.autoFlat());
                    ground.navigator().pose(b.view(), b.pose());
                })));
        ground.changes().add(ChangeTopic.CAPTION);
    }

    private List<Gesture.Before> end() {
        counted = null;
        steered.clear();
        boolean fromPad = grip != null && grip.pad();
        grip = null;
        List<Gesture.Before> was = gesture.end();
        if (fromPad) {
            grips.used();
        }
        return was;
    }

    // ---- steps -----------------------------------------------------------------------------------------------------

    @Override
    public void steps(Binding b, double x, double y, double steps, boolean fine) {
        Viewport v = ground.viewAt(x, y);
        if (v.holds(x, y) || walking.on()) {
            ground.attention().worked(v);
            observer.stepped(b, v);
            double by = steps * (fine ? GrabPoint.FINE : 1);
            if (b.trigger().kind() == Trigger.Kind.WHEEL) {
                by *= ground.habits().number(AllHabits.WHEEL_SPEED)
                        * (ground.habits().on(AllHabits.WHEEL_INVERT) ? -1 : 1);
            }
            deeds.steps(b.command(), v, x - v.x, y - v.y, by);
        }
    }
}
