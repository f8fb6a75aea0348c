package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Actions;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command.Area;
import rhombus.core.keymap.Commands;
import rhombus.core.keymap.Context;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.TwoFingers;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.view.Crop;
import rhombus.core.view.Direction;
import rhombus.core.view.Pose;

/** One press from the first motion to the last release: it can be taken back, and it is one entry of the Trail. */
final class Press implements Actions {
    /** What a viewport was before the press. */
    private record Before(ViewState view, Pose pose, Crop crop, String camera, boolean autoFlat) {
        static Before of(ViewState v) {
            return new Before(v, v.pose, v.crop, v.camera, v.autoFlat);
        }
    }

    private final Stage stage;
    private final Motions motions;
    private ViewState view;
    private final List<Before> before = new ArrayList<>();
    private Scene sceneBefore;
    private List<Integer> beforeClick;
    private Motion motion;
    private TwoFingers fingers;
    private boolean pinching;
    private boolean twisting;
    private String command = "";
    private PivotLadder.Choice pivot;
    private Handle handle;
    private Grips.Grip grip;
    /** From the pointer to the point on which the motion takes hold: lozenges act on another place than their own. */
    private double offX;
    private double offY;

    Press(Stage stage) {
        this.stage = stage;
        this.motions = new Motions(stage);
    }

    // ---- where -----------------------------------------------------------------------------------------------------

    @Override
    public List<Context> contextsAt(double x, double y) {
        List<Context> out = new ArrayList<>();
        ViewState v = stage.viewAt(x, y);
        double lx = x - v.x;
        double ly = y - v.y;
        if (stage.grips().at(v, lx, ly) != null) {
            out.add(Context.GRIP);
        }
        if (stage.grips().padOpen()) {
            out.add(Context.PAD);
        }
        if (FacetMark.at(stage, v, lx, ly) != null) {
            out.add(Context.FACET);
        }
        if (stage.walking().on()) {
            out.add(Context.WALK);
        }
        if (stage.tools().handleAt(v, lx, ly) != null) {
            out.add(Context.HANDLE);
        }
        if (stage.tools().on()) {
            out.add(Context.TOOL);
        }
        out.add(sort(stage, v));
        out.add(Context.STAGE);
        out.add(Context.APPLICATION);
        return out;
    }

    @Override
    public List<Context> whileMoving() {
        return stage.walking().on() ? List.of(Context.GESTURE, Context.WALK) : List.of(Context.GESTURE);
    }

    static Context sort(Stage stage, ViewState v) {
        if (v.camera != null) {
            return Context.CAMERA;
        }
        if (!v.pose.projection().flat()) {
            return Context.PERSPECTIVE;
        }
        return Direction.of(v.pose.orientation(), stage.scene().up()) == null ? Context.FREE_FLAT : Context.AXIS;
    }

    // ---- at once ---------------------------------------------------------------------------------------------------

    @Override
    public void run(Binding b, double x, double y) {
        ViewState v = stage.viewAt(x, y);
        if (b.command().equals("grip.latch")) {
            latch(b, v, x, y);
            return;
        }
        if (b.trigger().kind() == Trigger.Kind.CLICK && stage.grips().dismissed(v, x - v.x, y - v.y)) {
            return;
        }
        if (Commands.in(Area.SELECT, b.command()) && b.trigger().kind() == Trigger.Kind.CLICK && stage.onlyActivates(v)) {
            stage.resolver().forgetClick();
            return;
        }
        stage.worked(v);
        selectionOf(b);
        boolean inside = v.holds(x, y);
        String id = b.trigger().kind() == Trigger.Kind.CLICK ? SelectCommands.exchanged(stage, b.command()) : b.command();
        stage.runner().run(id, id.equals(b.command()) ? b.args() : SelectCommands.how(b), v, inside ? x - v.x : Double.NaN, inside ? y - v.y : Double.NaN);
    }

    /** A double click means its own deed alone: what its first click did to the selection is taken back. */
    private void selectionOf(Binding b) {
        if (b.trigger().kind() == Trigger.Kind.CLICK) {
            beforeClick = stage.selection().nodes();
        } else if (b.trigger().kind() == Trigger.Kind.DOUBLE && beforeClick != null && !Commands.in(Area.SELECT, b.command())) {
            if (!beforeClick.equals(stage.selection().nodes())) {
                stage.selection().clear();
                beforeClick.forEach(stage.selection()::add);
                stage.selectionChanged();
            }
            beforeClick = null;
        }
    }

    private void latch(Binding b, ViewState v, double x, double y) {
        Grips.Grip g = stage.grips().at(v, x - v.x, y - v.y);
        if (g != null) {
            String words = Words.of(g.command(), v.pose.projection().flat()) + "; click to put it down";
            stage.resolver().latch(new Binding(b.id(), null, 0, Context.STAGE, "grip.drag", Map.of(), words), x, y);
        }
    }

    @Override
    public void held(Binding b, boolean down, boolean tap, double x, double y) {
        if (b.command().equals("walk.go")) {
            stage.walking().go(Plain.text(b.args().get("to"), ""), down);
        } else if (down) {
            ViewState v = stage.viewAt(x, y);
            boolean inside = v.holds(x, y);
            stage.grips().openPad(v, inside ? x - v.x : Double.NaN, inside ? y - v.y : Double.NaN, true);
        } else {
            stage.grips().letGo(tap);
        }
    }

    // ---- motions ---------------------------------------------------------------------------------------------------

    @Override
    public void begin(Binding b, double x, double y, boolean fine, boolean snap) {
        press(x, y);
        stage.worked(view);
        command = b.command();
        if (grip == null) {
            stage.grips().dismissed(view, x - view.x, y - view.y);
        }
        if (command.equals("grip.drag")) {
            if (grip == null) {
                grip = stage.grips().at(view, x - view.x, y - view.y);
                offX = grip == null ? 0 : grip.anchorX() - (x - view.x);
                offY = grip == null ? 0 : grip.anchorY() - (y - view.y);
            }
            command = grip == null ? "" : grip.command();
        }
        double lx = x - view.x + offX;
        double ly = y - view.y + offY;
        if (command.equals("tool.drag-free") && !stage.refusals().penMoves(view, lx, ly)) {
            command = "navigate.orbit";
        }
        motion = allowed(command, lx, ly) ? motions.start(b, command, view, lx, ly, fine, snap) : null;
    }

    /** The first motion of a press finds out where it is; those that follow it go on there. */
    private void press(double x, double y) {
        fingers = null;
        if (view != null) {
            return;
        }
        view = stage.viewAt(x, y);
        stage.endWheels();
        view.glide = null;
        before.clear();
        before.add(Before.of(view));
        alsoMoving(stage.linked().followers(view));
        sceneBefore = stage.scene();
        handle = stage.tools().handleAt(view, x - view.x, y - view.y);
        offX = 0;
        offY = 0;
    }

    /** Whether a motion may begin; it also does what has to be done to the viewport first. */
    private boolean allowed(String motionCommand, double lx, double ly) {
        if (Commands.in(Area.TOOL, motionCommand) || Commands.in(Area.SELECT, motionCommand) || motionCommand.equals("navigate.crop")) {
            return true;
        }
        if (motionCommand.equals("navigate.orbit") || motionCommand.equals("facet.turn")) {
            if (stage.refusals().heldInPlace(view, lx, ly)) {
                return false;
            }
            Cameras.stepOut(stage, view);
            stage.pose(view, stage.refusals().leavingAxis(view, view.pose));
            return true;
        }
        Cameras.stepOut(stage, view);
        return true;
    }

    /** A motion moves these viewports as well: they come back with it when it is taken back. */
    void alsoMoving(List<ViewState> views) {
        for (ViewState v : views) {
            if (before.stream().noneMatch(b -> b.view == v)) {
                v.glide = null;
                before.add(Before.of(v));
            }
        }
    }

    @Override
    public void beginFingers(double x, double y, boolean pinch, boolean twist) {
        press(x, y);
        command = "navigate.pan";
        Cameras.stepOut(stage, view);
        double lx = x - view.x;
        double ly = y - view.y;
        Target t = Target.surface(stage, view, view.pose, lx, ly);
        fingers = new TwoFingers(view.screen(), t.line(), t.distance(), t.limit());
        pinching = pinch;
        twisting = twist;
        motion = null;
    }

    @Override
    public void dragFingers(double x, double y, double spread, double angle) {
        if (fingers != null && view != null) {
            stage.pose(view, fingers.at(x - view.x, y - view.y, pinching ? spread : 1, twisting ? angle : 0));
        }
    }

    /** The pivot of this press: chosen once, so that changing modifiers does not change what is turned about. */
    PivotLadder.Choice pivot(ViewState v, double lx, double ly) {
        if (pivot == null) {
            pivot = stage.pivot().choose(v, lx, ly);
            stage.pivot().used = pivot;
            stage.pivot().last = pivot.point();
        }
        return pivot;
    }

    /** The handle under the press, or null. */
    Handle handle() {
        return handle;
    }

    /** The handle that is dragged in a viewport, or null. */
    Handle handleIn(ViewState v) {
        return view == v && motion != null && command.equals("tool.drag") ? handle : null;
    }

    /** The rectangle that is drawn in a viewport, or null. */
    Map<String, Object> marquee(ViewState v) {
        return view == v && motion instanceof MarqueeMotion m ? m.mark() : null;
    }

    /** Name of the motion that runs, or empty. */
    String command() {
        return motion == null && fingers == null ? "" : command;
    }

    /** Whether a motion moves this viewport right now. */
    boolean movingIn(ViewState v) {
        return view == v && (motion != null && !Commands.in(Area.TOOL, command) && !Commands.in(Area.SELECT, command) || fingers != null);
    }

    /** Number of the viewport in which an orbit runs right now, or -1. */
    int orbiting() {
        boolean turns = command.equals("navigate.orbit") || command.equals("facet.turn");
        return view != null && motion != null && turns ? view.number : -1;
    }

    @Override
    public void drag(double x, double y) {
        if (motion != null) {
            motion.drag(x - view.x + offX, y - view.y + offY);
        }
    }

    void tick(double nowMs) {
        if (motion != null) {
            motion.tick(nowMs);
        }
    }

    boolean running() {
        return motion != null && motion.running();
    }

    @Override
    public void release() {
        ViewState v = view;
        boolean fromPad = grip != null && grip.pad();
        List<Before> moved = List.copyOf(before);
        String deed = command;
        forget();
        if (fromPad) {
            stage.grips().used();
        }
        if (v == null) {
            return;
        }
        stage.editing().done(toolName(), sceneBefore);
        for (Before b : moved) {
            // A walk is one entry, whatever turns there were in it.
            if (b.view != stage.walking().view()) {
                stage.remember(b.view, Words.of(deed, b.view.pose.projection().flat()));
                stage.refusals().released(b.view, b.pose);
            }
        }
        stage.changes().view(v.number);
        stage.changes().add(Changes.CAPTION | Changes.KEEP);
    }

    private String toolName() {
        Tools.Sort s = stage.tools().sort();
        return (s == null ? "Move" : s.words()) + " " + SceneCommands.names(stage);
    }

    @Override
    public void cancel() {
        Scene was = sceneBefore;
        Motion running = motion;
        List<Before> moved = List.copyOf(before);
        boolean began = view != null;
        boolean fromPad = grip != null && grip.pad();
        forget();
        if (fromPad) {
            stage.grips().used();
        }
        if (!began) {
            return;
        }
        stage.editing().live(was);
        if (running instanceof MarqueeMotion m) {
            m.takeBack();
        }
        stage.linked().quietly(() -> moved.forEach(b -> {
            b.view.camera = b.camera;
            b.view.crop = b.crop;
            b.view.autoFlat = b.autoFlat;
            stage.pose(b.view, b.pose);
        }));
        stage.changes().add(Changes.CAPTION);
    }

    private void forget() {
        view = null;
        motion = null;
        fingers = null;
        pivot = null;
        command = "";
        handle = null;
        grip = null;
        before.clear();
    }

    // ---- steps -----------------------------------------------------------------------------------------------------

    @Override
    public void steps(Binding b, double x, double y, double steps, boolean fine) {
        ViewState v = stage.viewAt(x, y);
        if (v.holds(x, y) || stage.walking().on()) {
            stage.worked(v);
            double by = steps * (fine ? Motions.FINE : 1);
            if (b.trigger().kind() == Trigger.Kind.WHEEL) {
                by *= stage.habits().number(AllHabits.WHEEL_SPEED) * (stage.habits().on(AllHabits.WHEEL_INVERT) ? -1 : 1);
            }
            stage.stepping().steps(b.command(), v, x - v.x, y - v.y, by);
        }
    }
}
