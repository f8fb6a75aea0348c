package rhombus.core.stage;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
    private final Selection selection = new Selection();
    private final PivotState pivot = new PivotState(this);
    private final Editing editing = new Editing(this);
    private final Tools tools = new Tools(this);
    private final Hover hover = new Hover(this);
    private final Components components = new Components(this);
    private final Typed typed = new Typed(this);
    private final Changes changes = new Changes();
    private final Boards boards = new Boards(this);
    private final LinkedViews linked = new LinkedViews(this);
    private final Pins pins = new Pins(this);
    private final Press press = new Press(this);
    private final Resolver resolver = new Resolver(press, Keymap.preset(Presets.RHOMBUS));
    private final Input input = new Input(this, resolver);
    private final Refusals refusals = new Refusals(this);
    private final Stepping stepping = new Stepping(this);
    private final Walking walking = new Walking(this);
    private final Grips grips = new Grips(this);
    private Habits habits = Habits.USUAL;
    private final CommandRunner runner = new CommandRunner(this);
    private final Rebinding rebinding = new Rebinding(this);
    private Capture capture;
    private boolean reducedMotion;
    private boolean opened;
    /** Whether everything but the viewports is hidden. */
    private boolean clearDeck;
    /** The viewport in which something was done last. */
    private ViewState worked;
    private double now;

    /** A stage on which there is nothing yet. */
    public Stage() {
        boards.enter();
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

    /** The board in use. */
    Board board() {
        return boards.current();
    }

    Boards boards() {
        return boards;
    }

    LinkedViews linked() {
        return linked;
    }

    Pins pins() {
        return pins;
    }

    Selection selection() {
        return selection;
    }

    PivotState pivot() {
        return pivot;
    }

    Editing editing() {
        return editing;
    }

    Tools tools() {
        return tools;
    }

    Hover hover() {
        return hover;
    }

    Components components() {
        return components;
    }

    Typed typed() {
        return typed;
    }

    Resolver resolver() {
        return resolver;
    }

    CommandRunner runner() {
        return runner;
    }

    WheelBurst wheel(ViewState v) {
        if (v.wheel == null) {
            v.wheel = new WheelBurst(this, v);
        }
        return v.wheel;
    }

    void endWheels() {
        for (ViewState v : board().views) {
            if (v.wheel != null) {
                v.wheel.end();
            }
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
        ViewState v = board().at(x, y);
        return v == null ? board().active() : v;
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
        selection.clear();
        editing.open(s);
        worked = null;
        boards.open();
        changes.add(~(Changes.KEEP | Changes.BOARDS | Changes.KEEP_PINS | Changes.KEEP_EDITS));
    }

    /** Ends whatever runs by itself or waits for the hand, where it is. */
    void settle() {
        resolver.blur();
        walking.leave();
        grips.closePad();
        endWheels();
    }

    /** Takes over the boards that were kept for the user; gives what is wrong with them, or null. */
    public String useBoards(Map<String, Object> document) {
        return read(() -> boards.use(document));
    }

    /** The user's boards, whatever the scene, as plain data. */
    public Map<String, Object> keepBoards() {
        return boards.toPlain();
    }

    /** Takes over the Pins that were kept for the user and this scene; gives what is wrong with them, or null. */
    public String usePins(Map<String, Object> document) {
        return pins.use(document);
    }

    /** Adds the Pins of a file to those there are; gives what is wrong with it, or null. */
    public String bringPins(Map<String, Object> document) {
        return pins.bring(document);
    }

    /** Gives a Pin its picture, a data URL. */
    public void pinPicture(String pin, String dataUrl) {
        pins.picture(pin, dataUrl);
    }

    /** One Pin as a file of its own, or null. */
    public Map<String, Object> keepPin(String pin) {
        return pins.plain(pin);
    }

    /** The board in use with everything it shows, to be passed on as an address. */
    public Map<String, Object> address() {
        return Address.of(board());
    }

    /** Shows what an address holds beside the user's own boards; gives what is wrong with it, or null. */
    public String openAddress(Map<String, Object> address) {
        return Address.open(this, address);
    }

    /** Writes both matrices of a picture of some aspect that holds all a viewport shows. */
    public void wholeMatrices(int view, double aspect, double[] out) {
        Shots.whole(this, board().views.get(view), aspect, out);
    }

    /** What a snapshot of some sort and size is made of; see {@link Shots#places}. */
    public List<Object> shotPlaces(String sort, double width, double height) {
        return Shots.places(this, sort, width, height);
    }

    /** The same of what a choice or an entry of the Trail (-1 for none) would show; gives false if there is no such. */
    public boolean pictureMatrices(String viewId, String choice, int trail, double aspect, double[] out) {
        ViewState v = board().named(viewId);
        return v != null && Shots.of(this, v, choice, trail, aspect, out);
    }

    /** What was changed in the scene since its file was read, with what can be undone, as plain data. */
    public Map<String, Object> keepEdits() {
        return editing.toPlain();
    }

    /** Takes over what was changed in the scene; gives what is wrong with it, or null. */
    public String useEdits(Map<String, Object> document) {
        return read(() -> editing.read(document));
    }

    /** Brings a kept version of the scene back, as one step that can be undone; gives what is wrong with it, or null. */
    public String bringBack(String title, Map<String, Object> document) {
        return read(() -> editing.bringBack("Back to version " + title, document));
    }

    private static String read(Runnable what) {
        try {
            what.run();
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    /** The Pins as plain data. */
    public Map<String, Object> keepPins() {
        return pins.toPlain();
    }

    /** Takes over what was kept for the user; whatever does not fit this scene is passed over. */
    public void restore(Map<String, Object> workspace) {
        Workspace.restore(this, workspace);
        changes.add(~(Changes.KEEP | Changes.BOARDS | Changes.KEEP_PINS | Changes.KEEP_EDITS));
    }

    /** What to keep for the user, as plain data. */
    public Map<String, Object> workspace() {
        return Workspace.of(this);
    }

    /** Edges or hierarchies have been attached to the scene's meshes. */
    public void geometryCame() {
        forgetClearances();
        changes.add(Changes.VIEWS);
    }

    private void forgetClearances() {
        for (Board b : boards.list()) {
            b.views.forEach(ViewState::forgetClearance);
        }
    }

    /** The stage has another size. Before the first scene, home poses wait for it. */
    public void resize(double width, double height) {
        grips.closePad();
        boards.resize(width, height);
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
        ViewState v = viewId == null ? board().active() : board().named(viewId);
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
        // By number: this runs with every event, and an iterator costs as much as the event itself.
        List<ViewState> views = board().views;
        for (int i = 0; i < views.size(); i++) {
            WheelBurst w = views.get(i).wheel;
            if (w != null) {
                w.tick(timeMs);
            }
        }
        walking.tick(timeMs);
        press.tick(timeMs);
        for (int i = 0; i < views.size(); i++) {
            ViewState v = views.get(i);
            if (v.glide != null) {
                Glide g = v.glide;
                v.set(g.at(timeMs));
                boolean over = g.over(timeMs);
                if (over) {
                    v.glide = null;
                }
                changes.view(v.number);
                linked.moved(v);
                if (over) {
                    linked.remember(v);
                }
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
        for (ViewState v : board().views) {
            if (v.glide != null || v.refusedUntil > Double.NEGATIVE_INFINITY || v.wheel != null && v.wheel.running()) {
                return true;
            }
        }
        return false;
    }

    // ---- for the parts -------------------------------------------------------------------------------------------

    void activate(ViewState v) {
        if (v != null && v.number != board().active) {
            board().active = v.number;
            changes.add(Changes.CAPTION | Changes.READOUT);
        }
    }

    boolean clearDeck() {
        return clearDeck;
    }

    void clearDeck(boolean on) {
        clearDeck = on;
    }

    /** Somebody does something in a viewport other than passing over it. */
    void worked(ViewState v) {
        worked = v;
    }

    /** Whether a click in a viewport would only make it the one that is worked in. */
    boolean wouldOnlyActivate(ViewState v) {
        return worked != v && habits.is(AllHabits.FIRST_CLICK, "activates");
    }

    /** The same as it happens: from the next click on, the viewport is worked in. */
    boolean onlyActivates(ViewState v) {
        boolean first = wouldOnlyActivate(v);
        if (first) {
            worked = v;
            activate(v);
        }
        return first;
    }

    /** A motion's pose: taken at once. */
    void pose(ViewState v, Pose p) {
        v.glide = null;
        v.set(p);
        changes.view(v.number);
        linked.moved(v);
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

    /** A gesture or a command has ended: its destination is an entry of the Trail, called after what was done. */
    void remember(ViewState v, String deed) {
        if (v.trail.add(v.destination(), deed)) {
            changes.add(Changes.KEEP | Changes.READOUT);
        }
        if (v.glide == null) {
            linked.remember(v);
        }
    }

    Hit surfaceAt(ViewState v, Pose p, double lx, double ly, boolean locked) {
        Ray sight = v.screen().with(p).ray(lx, ly);
        return surfaces.closest(sight, startOf(sight, p), locked);
    }

    /**
     * What the hand holds at a point of a viewport: what a click would take there, so the mark of a light or camera and, in
     * a wireframe, an edge in reach come before the surface behind them; locked surfaces are held too. Null in the open.
     */
    Hit heldAt(ViewState v, Pose p, double lx, double ly) {
        Hit first = runner.markOrEdge(v, p, lx, ly);
        return first != null ? first : surfaceAt(v, p, lx, ly, true);
    }

    /** In a flat view nothing is behind the eye: a line of sight starts before the whole scene. */
    private double startOf(Ray sight, Pose p) {
        return p.projection().flat() ? -(scene.bounds().center().distance(p.eye()) + scene.radius() * 2) : 0;
    }

    PivotLadder.Choice pivotForPress(ViewState v, double lx, double ly) {
        return press.pivot(v, lx, ly);
    }

    /** Everything an eye meets under a point of a viewport, near to far; locked objects are passed over. */
    List<Hit> hitsAt(ViewState v, double lx, double ly) {
        Ray sight = v.screen().ray(lx, ly);
        return surfaces.through(sight, startOf(sight, v.pose));
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

    /** Shows another state of the scene; {@link Editing} alone asks for it. */
    void show(Scene next, Collection<Integer> moved) {
        scene = next;
        surfaces = surfaces.after(scene, moved);
        selection.keep(scene);
        components.keep();
        hover.forget();
        forgetClearances();
        for (ViewState v : board().views) {
            Cameras.follow(this, v);
        }
    }

    /** Draws only some objects, or all again for null. */
    void isolate(Set<Integer> some) {
        editing.live(scene.withIsolated(some));
        changes.add(Changes.KEEP);
    }

    void selectionChanged() {
        // Framing widens when it is repeated; framing something else starts anew.
        board().views.forEach(v -> v.framed = null);
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
        ViewState v = board().views.get(view);
        Matrices.view(v.pose, out, 0);
        Matrices.projection(v.pose.projection(), v.aspect(), clip(v), out, 16);
        Matrices.crop(v.crop, v.aspect(), out, 16);
    }

    /** Where a point of the world is on the stage, and how deep; null for an unknown viewport. */
    public Vec3 project(String viewId, Vec3 p) {
        ViewState v = board().named(viewId);
        if (v == null) {
            return null;
        }
        Vec3 s = v.screen().project(p);
        return new Vec3(s.x() + v.x, s.y() + v.y, s.z());
    }

    /** What a click at a point of the stage would take in a viewport, or null. */
    public Hit pick(String viewId, double x, double y) {
        ViewState v = board().named(viewId);
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
