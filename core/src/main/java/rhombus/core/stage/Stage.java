package rhombus.core.stage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import rhombus.core.edit.EditHistory;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
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
import rhombus.core.view.Crop;
import rhombus.core.view.Matrices;
import rhombus.core.view.Pose;

/**
 * The conductor: holds the parts together, takes input and time, and says what changed. What the parts do is theirs.
 *
 * <p>Points are CSS pixels from the stage's top left, times milliseconds of any steady clock.
 */
public final class Stage {

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
    private final Input input = new Input(this, resolver);
    private final Refusals refusals = new Refusals(this);
    private final List<WheelBurst> wheels = new ArrayList<>();
    private final Stepping stepping = new Stepping(this);
    private final Walking walking = new Walking(this);
    private final Grips grips = new Grips(this);
    private Habits habits = Habits.USUAL;
    private final CommandRunner runner = new CommandRunner(this);
    private final Rebinding rebinding = new Rebinding(this);
    /** Local matrices as the scene was opened, for the nodes that have been moved since. */
    private final Map<Integer, double[]> original = new HashMap<>();
    private Capture capture;
    private boolean moveTool;
    private boolean reducedMotion;
    private boolean opened;
    private double now;

    /** A stage on which there is nothing yet. */
    public Stage() {
        for (ViewState v : board.views) {
            wheels.add(new WheelBurst(this, v));
        }
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

    WheelBurst wheel(ViewState v) {
        return wheels.get(v.number);
    }

    void endWheels() {
        for (WheelBurst w : wheels) {
            w.end();
        }
    }

    Stepping stepping() {
        return stepping;
    }

    Walking walking() {
        return walking;
    }

    Grips grips() {
        return grips;
    }

    Surfaces surfaces() {
        return surfaces;
    }

    /** What the user prefers. */
    public Habits habits() {
        return habits;
    }

    /** How long views glide, milliseconds; 0 where the system asks for reduced motion. */
    double glideMs() {
        return reducedMotion ? 0 : habits.number(AllHabits.GLIDE);
    }

    /** The viewport a hand at a point acts on: the one under it, else the active one; while walking the one walked in. */
    ViewState viewAt(double x, double y) {
        if (walking.on()) {
            return walking.view();
        }
        ViewState v = board.at(x, y);
        return v == null ? board.active() : v;
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
        return input.pointerX();
    }

    double pointerY() {
        return input.pointerY();
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
        walking.measure(s);
        grips.closePad();
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
        grips.closePad();
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

    /** Uses other preferences from now on. */
    public void use(Habits h) {
        habits = h;
        resolver.follow(h.is(AllHabits.FOLLOW, "follow"));
        changes.add(Changes.HABITS | Changes.VIEWS | Changes.READOUT);
    }

    /** Changes one setting; null puts it back. A value it cannot have is refused with a notice. */
    public void habit(String id, Object value) {
        try {
            use(habits.with(id, value));
        } catch (IllegalArgumentException e) {
            changes.notice(e.getMessage() + ".", null, null);
        }
    }

    // ---- input ---------------------------------------------------------------------------------------------------

    /** See {@link Resolver#pointer}. The viewport under the pointer becomes active. */
    public void pointer(double x, double y, int buttons, int mods, double timeMs) {
        input.pointer(x, y, buttons, mods, false, timeMs);
    }

    /** The same, from a pen or not. */
    public void pointer(double x, double y, int buttons, int mods, boolean pen, double timeMs) {
        input.pointer(x, y, buttons, mods, pen, timeMs);
    }

    /** The pointer has left the stage. */
    public void pointerLeft() {
        input.pointerLeft();
    }

    /** Whether the browser holds the pointer: it moves without end, and its points go on where it stood. */
    public void locked(boolean on) {
        input.locked(on);
    }

    /** Whether the pointer should be held: 0 no, 1 when it comes to the edge of what it can reach, 2 at once. */
    public int lockWanted() {
        return input.lockWanted();
    }

    /** A finger came down on the glass. */
    public void touchDown(int id, double x, double y, double timeMs) {
        input.touchDown(id, x, y, timeMs);
    }

    /** A finger moved. */
    public void touchMove(int id, double x, double y, double timeMs) {
        input.touchMove(id, x, y, timeMs);
    }

    /** A finger left the glass, or the browser took it away. */
    public void touchUp(int id, double x, double y, boolean lost, double timeMs) {
        input.touchUp(id, x, y, lost, timeMs);
    }

    /**
     * The wheel has turned or two fingers have moved on a trackpad.
     *
     * @param deltaX as in the W3C WheelEvent
     * @param deltaY as in the W3C WheelEvent
     * @param deltaMode 0 pixels, 1 lines, 2 pages, as in the W3C WheelEvent
     * @return whether something answered
     */
    public boolean wheel(double x, double y, double deltaX, double deltaY, int deltaMode, int mods, double timeMs) {
        return input.wheel(x, y, deltaX, deltaY, deltaMode, mods, timeMs);
    }

    /** See {@link Resolver#keyDown}. */
    public boolean keyDown(String code, int mods, boolean repeat, double timeMs) {
        return input.keyDown(code, mods, repeat, timeMs);
    }

    /** See {@link Resolver#keyUp}. */
    public boolean keyUp(String code, int mods, double timeMs) {
        return input.keyUp(code, mods, timeMs);
    }

    /** The window lost the keyboard. */
    public void blur() {
        input.blur();
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
        for (WheelBurst w : wheels) {
            w.tick(timeMs);
        }
        walking.tick(timeMs);
        press.tick(timeMs);
        for (ViewState v : board.views) {
            if (v.glide != null) {
                Glide g = v.glide;
                v.set(g.at(timeMs));
                if (g.over(timeMs)) {
                    v.glide = null;
                }
                changes.view(v.number);
            }
            if (v.refusedUntil <= timeMs && v.refusedUntil > Double.NEGATIVE_INFINITY) {
                v.refusedUntil = Double.NEGATIVE_INFINITY;
                changes.add(Changes.READOUT);
            }
        }
    }

    /** Whether time must go on for something to finish. */
    public boolean animating() {
        if (capture != null || walking.moving() || press.running()) {
            return true;
        }
        for (WheelBurst w : wheels) {
            if (w.running()) {
                return true;
            }
        }
        for (ViewState v : board.views) {
            if (v.glide != null || v.refusedUntil > Double.NEGATIVE_INFINITY) {
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
        if (reducedMotion || ms <= 0) {
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
        Ray sight = v.screen().with(p).ray(lx, ly);
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

    /** Shows the picture of a viewport shifted or enlarged; its pose is untouched. */
    void crop(ViewState v, Crop crop) {
        v.crop = crop;
        changes.view(v.number);
        changes.add(Changes.CAPTION | Changes.KEEP);
    }

    /** What is refused where, and what has to be done first. */
    Refusals refusals() {
        return refusals;
    }

    boolean locked() {
        return input.isLocked();
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
        Matrices.crop(v.crop, v.aspect(), out, 16);
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
