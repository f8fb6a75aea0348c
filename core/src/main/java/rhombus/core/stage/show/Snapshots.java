package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import rhombus.core.display.Background;
import rhombus.core.display.Grid;
import rhombus.core.display.Look;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.Habit;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.ParametricShape;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.coach.Hint;
import rhombus.core.stage.coach.Hints;
import rhombus.core.stage.keymaps.BindingEditor;
import rhombus.core.stage.marks.GhostEye;
import rhombus.core.stage.marks.HoverTarget;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.IconMark;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.Ruler;
import rhombus.core.stage.subject.SceneIcons;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.view.NamedOption;
import rhombus.core.stage.view.StageChanges;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewSource;
import rhombus.core.stage.view.ViewSources;
import rhombus.core.stage.view.Viewport;
import rhombus.core.submit.DrawSubmission;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Screen;
import rhombus.core.view.StandardDirection;

/** Everything that panels and the painter read, made when it is asked for. */
public final class Snapshots {
    private final StageContext ground;
    private final SubjectParts subject;
    private final Gesture gesture;
    private final Boards boards;
    private final Pins pins;
    private final Hints hints;
    private final CommandSearch finding;
    private final BindingEditor rebinding;
    private final ViewportReader views;
    private final MarkReader marking;
    private final SceneContents contents;
    private final ReadoutReader reading;
    private final LightingState lit;
    private final LookChoices looks;

    /** Reads what the rooms below hold. */
    public Snapshots(
            StageContext ground,
            SubjectParts subject,
            ActiveTool tools,
            Gesture gesture,
            Walking walking,
            Boards boards,
            LinkedViews linked,
            Pins pins,
            PadGrips grips,
            HoverTarget hover,
            GhostEye companion,
            Hints hints,
            BindingEditor rebinding) {
        this.ground = ground;
        this.subject = subject;
        this.gesture = gesture;
        this.boards = boards;
        this.pins = pins;
        this.hints = hints;
        this.rebinding = rebinding;
        views = new ViewportReader(ground);
        marking = new MarkReader(ground, subject, tools, gesture, walking, linked, grips, hover, companion);
        contents = new SceneContents(ground, subject);
        lit = new LightingState(ground);
        looks = new LookChoices(ground);
        finding = new CommandSearch(ground, subject);
        reading = new ReadoutReader(ground, subject, tools, boards, this::pivot);
    }

    private Viewport view(int number) {
        return ground.board().views.get(number);
    }

    // ---- viewports -------------------------------------------------------------------------------------------------

    /** All viewports: pose, projection, rectangle, captions. */
    public List<ViewportDetail> views() {
        return views.all();
    }

    /** So little of what is shown that two moments are quickly told apart. */
    public StageSummary glance() {
        return views.glance();
    }

    /** All viewports without the numbers of their poses. */
    public List<ViewportSummary> frames() {
        return views.frames();
    }

    /** What is drawn in a viewport. */
    public DrawPlan plan(int view, String look) {
        return views.plan(view(view), look(view(view), look));
    }

    /** What a viewport wants drawn of the meshes. */
    public DrawSubmission.Wish wish(int view, String look) {
        return ViewportReader.wish(view(view), look(view(view), look));
    }

    private Look look(Viewport v, String id) {
        Look named =
                id.equals(PortholeRect.OTHER) ? v.otherLook : ground.looks().named(id);
        return named == null ? v.look : named;
    }

    /** A viewport's pose, in a picture of another height. */
    public Screen screen(int view, double height) {
        Screen s = view(view).screen();
        return new Screen(s.pose(), s.width() * height / s.height(), height, s.crop());
    }

    /** The grid of a viewport. */
    public Grid grid(int view) {
        Viewport v = view(view);
        return Grid.of(v.screen(), ground.scene().up()).showing(v.shows(Overlay.GRID), v.shows(Overlay.AXES));
    }

    /** The pictures that a viewport draws, in the order in which they are drawn. */
    public List<PictureLook> pictures(int view) {
        List<PictureLook> out = new ArrayList<>();
        for (PicturePlanes.Plane p : PicturePlanes.of(ground, view(view))) {
            double[] corners = new double[12];
            for (int k = 0; k < 4; k++) {
                corners[3 * k] = p.corners()[k].x();
                corners[3 * k + 1] = p.corners()[k].y();
                corners[3 * k + 2] = p.corners()[k].z();
            }
            String id = ground.scene().node(p.node()).id();
            out.add(new PictureLook(
                    id,
                    p.picture().image(),
                    corners,
                    p.picture().opacity(),
                    p.picture().front()));
        }
        return out;
    }

    /** The marks of the lights and cameras that a viewport shows. */
    public List<IconMark> icons(int view) {
        return SceneIcons.marks(ground, subject, view(view));
    }

    /** What lies over a viewport, in its own pixels. */
    public ViewportMarks marks(int view) {
        return marking.of(view(view));
    }

    /** What a viewport turns, or would turn, about; null for an unknown one or before a scene is open. */
    public PivotReading pivot(String viewId) {
        Viewport v = ground.board().named(viewId);
        if (v == null || !ground.model().opened()) {
            return null;
        }
        PivotLadder.Choice c = gesture.orbiting() == v.number ? subject.pivot().used() : candidate(v);
        return new PivotReading(c.point(), c.rung().id(), c.reason());
    }

    private PivotLadder.Choice candidate(Viewport v) {
        boolean inside = v.holds(ground.pointer().x(), ground.pointer().y());
        return subject.pivot()
                .choose(
                        v,
                        inside ? ground.pointer().x() - v.x : Double.NaN,
                        inside ? ground.pointer().y() - v.y : Double.NaN);
    }

    /** Place in a viewport's Trail and its length, or null. */
    public TrailState trail(String viewId) {
        Viewport v = ground.board().named(viewId);
        return v == null ? null : BoardReader.trail(v);
    }

    /** The Trail of a viewport, oldest first. */
    public List<TrailEntry> trailEntries(String viewId) {
        Viewport v = ground.board().named(viewId);
        return v == null ? List.of() : BoardReader.entries(v, ground.scene());
    }

    /** What a viewport can be made to look from. */
    public List<ViewSource> choices(String viewId) {
        Viewport v = ground.board().named(viewId);
        return v == null ? List.of() : ViewSources.of(ground, v);
    }

    // ---- boards, scene, hand ---------------------------------------------------------------------------------------

    /** The boards as tabs, and the borders of the one in use. */
    public BoardsState boards() {
        return BoardReader.of(boards);
    }

    /** The Pins in their order. */
    public List<PinRow> pins() {
        return pins.list().stream()
                .map(p -> new PinRow(p.id(), p.name(), p.board(), p.picture()))
                .toList();
    }

    /** The scene with all objects and their bounds. */
    public SceneState scene() {
        return contents.scene();
    }

    /** The objects as panels list them. */
    public List<ObjectRow> objects() {
        return contents.listed();
    }

    /** What a click at a point of the stage would take in a viewport, or null. */
    public PickResult pick(String viewId, double x, double y) {
        Viewport v = ground.board().named(viewId);
        RayHit h = v == null ? null : subject.picks().pick(v, x - v.x, y - v.y);
        return h == null
                ? null
                : new PickResult(
                        ground.scene().node(h.node()).id(),
                        ground.scene().node(h.node()).name(),
                        h.point(),
                        h.distance());
    }

    /** Where a point of the world is on the stage, and how deep; null for an unknown viewport. */
    public Vec3 project(String viewId, Vec3 p) {
        Viewport v = ground.board().named(viewId);
        if (v == null) {
            return null;
        }
        Vec3 s = v.screen().project(p);
        return new Vec3(s.x() + v.x, s.y() + v.y, s.z());
    }

    /** The same, with whether it can be seen there; null for an unknown viewport. */
    public ScreenPoint onScreen(String viewId, Vec3 p) {
        Vec3 at = project(viewId, p);
        if (at == null) {
            return null;
        }
        Viewport v = ground.board().named(viewId);
        ClipRange clip = ground.clip(v);
        boolean visible = v.shown && v.holds(at.x(), at.y()) && at.z() >= clip.near() && at.z() <= clip.far();
        return new ScreenPoint(at.x(), at.y(), at.z(), visible);
    }

    /** What has changed since it was last asked, or null. */
    public StageChanges changed() {
        return ground.changes().take(ground.board().views.size());
    }

    /** The light of a viewport, in the frame of a view matrix: see {@link Lighting#numbers}. */
    public float[] lights(int view, String look, double[] matrix) {
        Viewport v = view(view);
        return lit.numbers(v, look(v, look), matrix);
    }

    /** What the light of a viewport sees that casts shadows: a view and a projection matrix; null where none does. */
    public double[] shadow(int view, String look) {
        return lit.shadow(view(view), look(view(view), look));
    }

    /** Another number whenever shadows may have changed. */
    public int shadowVersion() {
        return lit.now();
    }

    /** The rulers that lie over the viewports. */
    public List<RulerRow> rulers() {
        List<RulerRow> out = new ArrayList<>();
        for (Ruler r : subject.rulers().all()) {
            Map<String, Double> pixels = new LinkedHashMap<>();
            for (Viewport v : ground.board().views) {
                if (!Double.isNaN(r.pixels(v))) {
                    pixels.put(v.id, r.pixels(v));
                }
            }
            out.add(new RulerRow(r.id(), r.a(), r.b(), r.length(), pixels));
        }
        return out;
    }

    /** Every look that a viewport can be given: the usual ones, those of one's own, and its own where that has no name. */
    public List<ViewSource> looks(String viewId, Map<String, String> layout) {
        return looks.all(ground.board().named(viewId), rebinding.keymaps().inUse(), layout);
    }

    /** The look of a viewport, to be changed part by part; null for no viewport. */
    public LookState look(String viewId) {
        Viewport v = ground.board().named(viewId);
        return v == null ? null : looks.state(v, rebinding.keymaps().keymap());
    }

    /** What can lie behind everything in a viewport, a colour of one's own aside. */
    public List<ViewSource> backgrounds(String viewId) {
        Viewport v = ground.board().named(viewId);
        return Background.NAMED.stream()
                .map(b -> new ViewSource(
                        b.text(),
                        b.words(),
                        null,
                        "display.background",
                        Map.of("to", b.text()),
                        v != null && v.background.equals(b)))
                .toList();
    }

    /** What can light a viewport; empty where its look takes no light. */
    public List<ViewSource> lightsFor(String viewId) {
        Viewport v = ground.board().named(viewId);
        if (v == null || !v.look.lit()) {
            return List.of();
        }
        return Arrays.stream(Look.Light.values())
                .map(l -> new ViewSource(
                        l.id(), l.words(), null, "display.light", Map.of("light", l.id()), v.light() == l))
                .toList();
    }

    /** The 26 standard directions. */
    public static List<NamedOption> standardDirections() {
        return StandardDirection.all().stream()
                .map(s -> new NamedOption(s.name(), s.words()))
                .toList();
    }

    /** Ids of the selected objects, last one last. */
    public List<String> selection() {
        return contents.selection();
    }

    /** Numbers of the nodes that are selected, or of the one selected last, with all below them. */
    public int[] selectedNodes(boolean last) {
        return contents.selectedNodes(last);
    }

    /** The cameras of the scene as a table. */
    public ShotList shotList() {
        return new ShotList(ground, subject);
    }

    /** The cameras of the scene. */
    public List<CameraRow> cameras() {
        return contents.cameras();
    }

    /** The layers in their order, each with how many objects lie on it. */
    public List<LayerRow> layers() {
        return contents.layers();
    }

    /** What can be undone and redone, oldest first. */
    public HistoryState history() {
        return contents.history();
    }

    /** The numbers of the active view and of the selection, ready to read. */
    public Readout readout() {
        return reading.now();
    }

    /** What the last motion did and where the active view looks, in a sentence for somebody who does not see it. */
    public String aloud() {
        return MotionAnnouncement.of(ground, subject);
    }

    /** What each trigger does now. */
    public List<Hint> hints(Map<String, String> layout) {
        return hints.now(layout);
    }

    /** Commands that are meant by words, the best first. */
    public List<FoundCommand> find(String typed, Map<String, String> layout) {
        return finding.of(typed, rebinding.keymaps().inUse(), layout);
    }

    /** A command was run from that list. */
    public void ran(String key) {
        finding.ran(key);
    }

    /** The binding whose trigger is looked for from now on; see {@link BindingEditor#take}. */
    public KeyBinding taken(String id, int which, Map<String, String> layout) {
        return KeysList.taken(rebinding, id, which, layout);
    }

    /** The keymap as a sheet to print, as it answers. */
    public KeysSheet keysSheet(Map<String, String> layout) {
        return KeysSheet.of(rebinding.keymaps().inUse(), layout);
    }

    /** What is meant by words and fits the trigger that is looked for. */
    public List<TriggerTarget> giveable(String words) {
        return KeysList.giveable(rebinding, words);
    }

    /** The keymap as a picture, as it answers with these modifiers in one place. */
    public KeysPicture keysPicture(int modifiers, String place, Map<String, String> layout) {
        return KeysPictureBuilder.of(rebinding.keymaps().inUse(), layout, modifiers, place);
    }

    /** The keymap as the Keys page lists it; {@code layout} tells what the user's own keyboard prints on its keys. */
    public KeysPage keys(Map<String, Object> wish, Map<String, String> layout) {
        return KeysList.of(rebinding, wish, layout);
    }

    /** Settings as listed on the screen, with their values: those that are meant by words, or all. */
    public List<HabitRow> habits(String search, Predicate<Habit> shown) {
        return HabitsList.of(ground.habits(), search, shown);
    }

    /** The solids that can be added. */
    public static List<NamedOption> shapes() {
        return Arrays.stream(ParametricShape.Sort.values())
                .map(s -> new NamedOption(s.id(), s.words()))
                .toList();
    }
}
