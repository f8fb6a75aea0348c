package rhombus.core.stage;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import rhombus.core.edit.EditHistory;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Capture;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Resolver;
import rhombus.core.navigate.Glide;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.pick.Hit;
import rhombus.core.pick.Surfaces;
import rhombus.core.scene.Scene;
import rhombus.core.view.Clip;
import rhombus.core.view.Matrices;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/**
 * The conductor: holds the parts together, takes input and time, and says what changed. What the parts do is theirs.
 *
 * <p>Points are CSS pixels from the stage's top left, times milliseconds of any steady clock.
 */
public final class Stage {
    /** How long view changes glide, milliseconds. */
    public static final double GLIDE_MS = 180;

    private Scene scene = Scene.EMPTY;
    private Surfaces surfaces = new Surfaces(scene);
    private String name = "";
    private final Board board = new Board();
    private final Selection selection = new Selection();
    private final PivotState pivot = new PivotState(this);
    private final EditHistory history = new EditHistory();
    private final Changes changes = new Changes();
    private final Press press = new Press(this);
    private final Resolver resolver = new Resolver(press, Keymap.preset(Presets.RHOMBUS));
    private final WheelBurst wheel = new WheelBurst(this);
    private final CommandRunner runner = new CommandRunner(this);
    private final Rebinding rebinding = new Rebinding(this);
    /** Local matrices as the scene was opened, for the nodes that have been moved since. */
    private final Map<Integer, double[]> original = new HashMap<>();
    private Capture capture;
    private boolean moveTool;
    private boolean reducedMotion;
    private boolean opened;
    private double pointerX = Double.NaN;
    private double pointerY = Double.NaN;
    private double now;

    /** A stage on which there is nothing yet. */
    public Stage() {
        goHome();
    }

    // ---- what is there -------------------------------------------------------------------------------------------

    /** The scene as it is now. */
    public Scene scene() {
        return scene;
    }

    /** Its name. */
    public String name() {
        return name;
    }

    /** What has changed; whoever paints asks and forgets. */
    public Changes changes() {
        return changes;
    }

    /** The keymap in use. */
    public Keymap keymap() {
        return resolver.keymap();
    }

    Board board() {
        return board;
    }

    Selection selection() {
        return selection;
    }

    PivotState pivot() {
        return pivot;
    }

    EditHistory history() {
        return history;
    }

    Resolver resolver() {
        return resolver;
    }

    CommandRunner runner() {
        return runner;
    }

    WheelBurst wheelBurst() {
        return wheel;
    }

    boolean moveTool() {
        return moveTool;
    }

    Map<Integer, double[]> original() {
        return original;
    }

    double now() {
        return now;
    }

    Press press() {
        return press;
    }

    double pointerX() {
        return pointerX;
    }

    double pointerY() {
        return pointerY;
    }

    String nameOf(int node) {
        String n = scene.node(node).name();
        return n.isEmpty() ? scene.node(node).kind().word() + " " + scene.node(node).id() : n;
    }

    // ---- opening -------------------------------------------------------------------------------------------------

    /** Shows a scene; every viewport goes home. */
    public void open(Scene s, String title) {
        scene = s;
        name = title;
        surfaces = new Surfaces(s);
        opened = true;
        goHome();
    }

    private void goHome() {
        for (ViewState v : board.views) {
            v.forgetClearance();
            v.home = Homes.of(v, scene);
            v.set(v.home);
            v.trail.restore(List.of(v.home), 0);
        }
        changes.add(~Changes.KEEP);
    }

    /** Takes over what was kept for the user; whatever does not fit this scene is passed over. */
    public void restore(Map<String, Object> workspace) {
        Workspace.restore(this, workspace);
        changes.add(~Changes.KEEP);
    }

    /** What to keep for the user, as plain data. */
    public Map<String, Object> workspace() {
        return Workspace.of(this);
    }

    /** Edges or hierarchies have been attached to the scene's meshes. */
    public void geometryCame() {
        for (ViewState v : board.views) {
            v.forgetClearance();
        }
        changes.add(Changes.VIEWS);
    }

    /** The stage has another size. Before the first scene, home poses wait for it. */
    public void resize(double width, double height) {
        board.resize(width, height);
        for (ViewState v : board.views) {
            Cameras.follow(this, v);
        }
        changes.add(Changes.VIEWS | Changes.LAYOUT);
    }

    /** Whether views jump instead of gliding. */
    public void reduceMotion(boolean reduce) {
        reducedMotion = reduce;
    }

    /** Uses another keymap. */
    public void use(Keymap map) {
        resolver.use(map);
        changes.add(Changes.KEYMAP | Changes.READOUT);
    }

    // ---- input ---------------------------------------------------------------------------------------------------

    /** See {@link Resolver#pointer}. The viewport under the pointer becomes active. */
    public void pointer(double x, double y, int buttons, int mods, double timeMs) {
        tick(timeMs);
        if (capture != null) {
            capture.pointer(x, y, buttons, mods, timeMs);
            return;
        }
        pointerX = x;
        pointerY = y;
        if (!resolver.moving() && buttons == 0) {
            activate(board.at(x, y));
        }
        resolver.pointer(x, y, buttons, mods, timeMs);
        changes.add(Changes.READOUT);
    }

    /** The pointer has left the stage. */
    public void pointerLeft() {
        if (!resolver.moving()) {
            pointerX = Double.NaN;
            pointerY = Double.NaN;
            changes.add(Changes.READOUT);
        }
    }

    /**
     * The wheel has turned or two fingers have moved on a trackpad.
     *
     * @param deltaY as in the W3C WheelEvent
     * @param deltaMode 0 pixels, 1 lines, 2 pages, as in the W3C WheelEvent
     * @return whether something answered
     */
    public boolean wheel(double x, double y, double deltaY, int deltaMode, int mods, double timeMs) {
        tick(timeMs);
        if (capture != null) {
            capture.wheel(mods);
            return true;
        }
        pointerX = x;
        pointerY = y;
        activate(board.at(x, y));
        // One notch of a common wheel is 100 pixels, three lines, or one page (common practice, no source).
        double unit = deltaMode == 0 ? 100 : deltaMode == 1 ? 3 : 1;
        return resolver.wheel(x, y, -deltaY / unit, mods);
    }

    /** See {@link Resolver#keyDown}. */
    public boolean keyDown(String code, int mods, boolean repeat, double timeMs) {
        tick(timeMs);
        if (capture != null) {
            capture.keyDown(code, mods);
            return true;
        }
        changes.add(Changes.READOUT);
        return resolver.keyDown(code, mods, repeat, timeMs);
    }

    /** See {@link Resolver#keyUp}. */
    public boolean keyUp(String code, int mods, double timeMs) {
        tick(timeMs);
        if (capture != null) {
            capture.keyUp(code);
            return true;
        }
        changes.add(Changes.READOUT);
        return resolver.keyUp(code, mods, timeMs);
    }

    /** The window lost the keyboard. */
    public void blur() {
        resolver.blur();
    }

    /** Runs a command on a viewport, or on the active one where the id is null. */
    public boolean command(String id, Map<String, Object> args, String viewId, double timeMs) {
        tick(timeMs);
        ViewState v = viewId == null ? board.active() : board.named(viewId);
        return v != null && runner.run(id, args, v, Double.NaN, Double.NaN);
    }

    /** Starts or ends watching for a trigger; while it watches nothing else happens. */
    public void capture(boolean on) {
        capture = on ? new Capture() : null;
    }

    /** The running capture, or null. */
    public Capture capture() {
        return capture;
    }

    /** Time goes by; call it once a frame while {@link #animating()}. */
    public void tick(double timeMs) {
        now = timeMs;
        if (capture != null) {
            capture.tick(timeMs);
        }
        wheel.tick(timeMs);
        for (ViewState v : board.views) {
            if (v.glide != null) {
                Glide g = v.glide;
                v.set(g.at(timeMs));
                if (g.over(timeMs)) {
                    v.glide = null;
                }
                changes.view(v.number);
            }
        }
    }

    /** Whether time must go on for something to finish. */
    public boolean animating() {
        if (wheel.running() || capture != null) {
            return true;
        }
        for (ViewState v : board.views) {
            if (v.glide != null) {
                return true;
            }
        }
        return false;
    }

    // ---- for the parts -------------------------------------------------------------------------------------------

    void activate(ViewState v) {
        if (v != null && v.number != board.active) {
            board.active = v.number;
            changes.add(Changes.CAPTION | Changes.READOUT);
        }
    }

    /** A motion's pose: taken at once. */
    void pose(ViewState v, Pose p) {
        v.glide = null;
        v.set(p);
        changes.view(v.number);
    }

    /** Goes to a pose in some time from where the view is now. */
    void glide(ViewState v, Pose to, double ms) {
        if (reducedMotion) {
            pose(v, to);
            return;
        }
        v.glide = new Glide(v.pose, to, now, ms);
        changes.view(v.number);
    }

    /** A gesture or a command has ended: its destination is an entry of the Trail. */
    void remember(ViewState v) {
        if (v.trail.add(v.destination())) {
            changes.add(Changes.KEEP | Changes.READOUT);
        }
    }

    Hit surfaceAt(ViewState v, Pose p, double lx, double ly, boolean locked) {
        Ray sight = new Screen(p, v.width, v.height).ray(lx, ly);
        // In a flat view nothing is behind the eye: the line starts before the whole scene.
        double from = p.projection().flat()
                ? -(scene.bounds().center().distance(p.eye()) + scene.radius() * 2)
                : 0;
        return surfaces.closest(sight, from, locked);
    }

    PivotLadder.Choice pivotForPress(ViewState v, double lx, double ly) {
        return press.pivot(v, lx, ly);
    }

    int pressedHandle() {
        return press.handle();
    }

    void moveTool(boolean on) {
        moveTool = on;
        changes.add(Changes.READOUT);
    }

    /** Gives nodes other local matrices. */
    void locals(Map<Integer, double[]> locals) {
        for (int n : locals.keySet()) {
            original.putIfAbsent(n, scene.node(n).local());
        }
        scene = scene.withLocals(locals);
        surfaces = new Surfaces(scene);
        TreeSet<Integer> all = new TreeSet<>();
        for (int n : locals.keySet()) {
            all.addAll(scene.subtree(n));
        }
        for (ViewState v : board.views) {
            v.forgetClearance();
            Cameras.follow(this, v);
        }
        changes.moved(all);
    }

    void selectionChanged() {
        changes.add(Changes.SELECTION | Changes.VIEWS | Changes.READOUT);
    }

    boolean opened() {
        return opened;
    }

    // ---- what is drawn -------------------------------------------------------------------------------------------

    /** Nearest and farthest depth drawn in a viewport. */
    Clip clip(ViewState v) {
        return Clip.of(v.pose, scene.bounds(), v.pose.projection().flat() ? 0 : v.clearance(surfaces));
    }

    /** Writes the view matrix and the projection matrix of a viewport, 16 numbers each. */
    public void matrices(int view, double[] out) {
        ViewState v = board.views.get(view);
        Matrices.view(v.pose, out, 0);
        Matrices.projection(v.pose.projection(), v.aspect(), clip(v), out, 16);
    }

    /** Where a point of the world is on the stage, and how deep; null for an unknown viewport. */
    public Vec3 project(String viewId, Vec3 p) {
        ViewState v = board.named(viewId);
        if (v == null) {
            return null;
        }
        Vec3 s = v.screen().project(p);
        return new Vec3(s.x() + v.x, s.y() + v.y, s.z());
    }

    /** What a click at a point of the stage would take in a viewport, or null. */
    public Hit pick(String viewId, double x, double y) {
        ViewState v = board.named(viewId);
        return v == null ? null : runner.pick(v, x - v.x, y - v.y);
    }

    /** Changing the keymap by doing. */
    public Rebinding rebinding() {
        return rebinding;
    }

    /** Everything panels show, made on demand. */
    public Snapshots snapshots() {
        return new Snapshots(this);
    }
}
