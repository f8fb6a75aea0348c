package rhombus.core.stage.view;

import java.util.function.Supplier;
import rhombus.core.habits.Habits;
import rhombus.core.optics.Optics;
import rhombus.core.scene.Scene;
import rhombus.core.view.ClipRange;

/** What every room stands on: the scene, the hand, the user's settings, the board in use, and the way to move its viewports. */
public final class StageContext {
    private final ChangeLog changes = new ChangeLog();
    private final PointerState pointer = new PointerState();
    private final UserSettings settings = new UserSettings(changes);
    private final TypedNumbers typed = new TypedNumbers(settings, changes);
    private final ViewNavigator navigator = new ViewNavigator(changes, pointer, settings, this::board);
    private final ActiveViewport attention = new ActiveViewport(changes, settings, this::board);
    private final UserLooks looks = new UserLooks(settings, changes);
    private final Porthole porthole = new Porthole(changes, this::board);
    private final SceneModel model = new SceneModel(porthole);
    private Supplier<ActiveBoard> board;
    private WalkStatus walks;
    private final RecentCommands recent = new RecentCommands();

    /** Who knows the board in use. */
    public void shows(Supplier<ActiveBoard> which) {
        board = which;
    }

    /** Who walks. */
    public void walkedBy(WalkStatus who) {
        walks = who;
    }

    /** What has changed. */
    public ChangeLog changes() {
        return changes;
    }

    /** The scene with what an eye meets in it. */
    public SceneModel model() {
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
    public PointerState pointer() {
        return pointer;
    }

    /** Milliseconds of the clock that comes with the input. */
    public double now() {
        return pointer.now();
    }

    /** What the user and the system prefer. */
    public UserSettings settings() {
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
    public TypedNumbers typed() {
        return typed;
    }

    /** The one way to move a viewport. */
    public ViewNavigator navigator() {
        return navigator;
    }

    /** The looks that there are. */
    public UserLooks looks() {
        return looks;
    }

    /** Where a viewport is drawn with its other look. */
    public Porthole porthole() {
        return porthole;
    }

    /** Which viewport is worked in. */
    public ActiveViewport attention() {
        return attention;
    }

    /** The board in use. */
    public ActiveBoard board() {
        return board.get();
    }

    /** What was run last from the list of all commands. */
    public RecentCommands recent() {
        return recent;
    }

    /** Whether somebody walks. */
    public WalkStatus walks() {
        return walks;
    }

    /** The viewport a hand at a point of the stage acts on: the one under it, else the active one; while walking the one walked in. */
    public Viewport viewAt(double x, double y) {
        if (walks.view() != null) {
            return walks.view();
        }
        Viewport v = board().at(x, y);
        return v == null ? board().active() : v;
    }

    /** Nearest and farthest depth drawn in a viewport. */
    public ClipRange clip(Viewport v) {
        ClipRange c = ClipRange.of(
                v.pose,
                scene().bounds(),
                v.pose.projection().flat() ? 0 : v.clearance(model.surfaces(), model.version()));
        int node = v.camera == null ? -1 : scene().indexOf(v.camera);
        if (node < 0) {
            return c;
        }
        Optics o = scene().node(node).camera().optics();
        return c.within(o.near(), o.far());
    }
}
