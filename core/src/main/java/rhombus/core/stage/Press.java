package rhombus.core.stage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.Edit;
import rhombus.core.keymap.Actions;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Context;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.scene.Scene;
import rhombus.core.view.Direction;
import rhombus.core.view.Pose;

/** One press from the first motion to the last release: it can be taken back, and it is one entry of the Trail. */
final class Press implements Actions {
    private final Stage stage;
    private final Motions motions;
    private ViewState view;
    private Pose before;
    private String cameraBefore;
    private Scene sceneBefore;
    private Motion motion;
    private String command = "";
    private PivotLadder.Choice pivot;
    private int handle = -1;

    Press(Stage stage) {
        this.stage = stage;
        this.motions = new Motions(stage);
    }

    @Override
    public List<Context> contextsAt(double x, double y) {
        List<Context> out = new ArrayList<>();
        ViewState v = stage.board().at(x, y);
        if (v == null) {
            v = stage.board().active();
        }
        if (stage.moveTool() && Handles.at(stage, v, x - v.x, y - v.y) >= 0) {
            out.add(Context.HANDLE);
        }
        if (stage.moveTool()) {
            out.add(Context.TOOL);
        }
        out.add(sort(stage, v));
        out.add(Context.STAGE);
        out.add(Context.APPLICATION);
        return out;
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

    @Override
    public void run(Binding b, double x, double y) {
        ViewState v = stage.board().at(x, y);
        boolean inside = v != null;
        v = inside ? v : stage.board().active();
        stage.runner().run(b.command(), b.args(), v, inside ? x - v.x : Double.NaN, inside ? y - v.y : Double.NaN);
    }

    @Override
    public void begin(Binding b, double x, double y, boolean fine, boolean snap) {
        if (view == null) {
            ViewState v = stage.board().at(x, y);
            view = v == null ? stage.board().active() : v;
            stage.wheelBurst().end();
            view.glide = null;
            before = view.pose;
            cameraBefore = view.camera;
            sceneBefore = stage.scene();
            handle = Handles.at(stage, view, x - view.x, y - view.y);
        }
        if (!b.command().equals("tool.drag")) {
            Cameras.stepOut(stage, view);
        }
        command = b.command();
        motion = motions.start(command, view, x - view.x, y - view.y, fine, snap);
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

    int handle() {
        return handle;
    }

    /** Number of the viewport in which an orbit runs right now, or -1. */
    int orbiting() {
        return view != null && command.equals("navigate.orbit") ? view.number : -1;
    }

    @Override
    public void drag(double x, double y) {
        if (motion != null) {
            motion.drag(x - view.x, y - view.y);
        }
    }

    @Override
    public void release() {
        ViewState v = view;
        forget();
        if (v == null) {
            return;
        }
        if (stage.scene() != sceneBefore) {
            stage.history().add(edit());
        }
        stage.remember(v);
        stage.changes().view(v.number);
        stage.changes().add(Changes.CAPTION | Changes.KEEP);
    }

    private Edit edit() {
        Map<Integer, double[]> from = new LinkedHashMap<>();
        Map<Integer, double[]> to = new LinkedHashMap<>();
        for (int n : stage.selection().roots(sceneBefore)) {
            from.put(n, sceneBefore.node(n).local());
            to.put(n, stage.scene().node(n).local());
        }
        return new Edit("Move " + SceneCommands.names(stage), from, to);
    }

    @Override
    public void cancel() {
        ViewState v = view;
        Scene was = sceneBefore;
        Pose pose = before;
        forget();
        if (v == null) {
            return;
        }
        if (stage.scene() != was) {
            Map<Integer, double[]> back = new LinkedHashMap<>();
            for (int n : stage.selection().roots(was)) {
                back.put(n, was.node(n).local());
            }
            stage.locals(back);
        }
        v.camera = cameraBefore;
        stage.pose(v, pose);
        stage.changes().add(Changes.CAPTION);
    }

    private void forget() {
        view = null;
        motion = null;
        pivot = null;
        command = "";
        handle = -1;
    }

    @Override
    public void steps(Binding b, double x, double y, double steps, boolean fine) {
        ViewState v = stage.board().at(x, y);
        if (v != null && b.command().equals("navigate.dolly-steps")) {
            Cameras.stepOut(stage, v);
            stage.wheelBurst().step(v, x - v.x, y - v.y, steps * (fine ? Motions.FINE : 1), stage.now());
        }
    }
}
