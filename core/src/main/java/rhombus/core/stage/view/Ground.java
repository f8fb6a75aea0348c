package rhombus.core.stage.view;

import java.util.function.Supplier;
import rhombus.core.habits.Habits;
import rhombus.core.optics.Optics;
import rhombus.core.scene.Scene;
import rhombus.core.view.Clip;

/** What every room stands on: the scene, the hand, the user's settings, the board in use, and the way to move its viewports. */
public final class Ground {
    private final Changes changes = new Changes();
    private final Pointer pointer = new Pointer();
    private final Settings settings = new Settings(changes);
    private final Typed typed = new Typed(this);
    private final Refusals refusals = new Refusals(this);
    private final Navigator navigator = new Navigator(changes, pointer, settings, this::board);
    private final Attention attention = new Attention(changes, settings, this::board);
    private final Looks looks = new Looks(settings, changes);
    private final Porthole porthole = new Porthole(changes, this::board);
    private final Model model = new Model(porthole);
    private Supplier<Board> board;
    private Walks walks;
    private final Recent recent = new Recent();

    /** Who knows the board in use. */
    public void shows(Supplier<Board> which) {
        board = which;
    }

    /** Who walks. */
    public void walkedBy(Walks who) {
        walks = who;
    }

    /** What has changed. */
    public Changes changes() {
        return changes;
    }

    /** The scene with what an eye meets in it. */
    public Model model() {
        return model;
    }

    /** The scene as it is now. */
    public Scene scene() {
        return model.scene();
    }

    /** The name of a node. */
    public String nameOf(int node) {
        return model.nameOf(node);
    }

    /** Where the hand is. */
    public Pointer pointer() {
        return pointer;
    }

    /** Milliseconds of the clock that comes with the input. */
    public double now() {
        return pointer.now();
    }

    /** What the user and the system prefer. */
    public Settings settings() {
        return settings;
    }

    /** The user's preferences. */
    public Habits habits() {
        return settings.habits();
    }

    /** How long views glide, milliseconds. */
    public double glideMs() {
        return settings.glideMs();
    }

    /** Numbers as the user types them. */
    public Typed typed() {
        return typed;
    }

    /** What viewports refuse. */
    public Refusals refusals() {
        return refusals;
    }

    /** The one way to move a viewport. */
    public Navigator navigator() {
        return navigator;
    }

    /** The looks that there are. */
    public Looks looks() {
        return looks;
    }

    /** Where a viewport is drawn with its other look. */
    public Porthole porthole() {
        return porthole;
    }

    /** Which viewport is worked in. */
    public Attention attention() {
        return attention;
    }

    /** The board in use. */
    public Board board() {
        return board.get();
    }

    /** What was run last from the list of all commands. */
    public Recent recent() {
        return recent;
    }

    /** Whether somebody walks. */
    public Walks walks() {
        return walks;
    }

    /** The viewport a hand at a point of the stage acts on: the one under it, else the active one; while walking the one walked in. */
    public ViewState viewAt(double x, double y) {
        if (walks.view() != null) {
            return walks.view();
        }
        ViewState v = board().at(x, y);
        return v == null ? board().active() : v;
    }

    /** Nearest and farthest depth drawn in a viewport. */
    public Clip clip(ViewState v) {
        Clip c = Clip.of(v.pose, scene().bounds(), v.pose.projection().flat() ? 0 : v.clearance(model));
        int node = v.camera == null ? -1 : scene().indexOf(v.camera);
        if (node < 0) {
            return c;
        }
        Optics o = scene().node(node).camera().optics();
        return c.within(o.near(), o.far());
    }
}
