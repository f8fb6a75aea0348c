package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.board.Template;
import rhombus.core.display.DisplayMode;
import rhombus.core.display.EdgeThinning;
import rhombus.core.display.Grid;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.navigate.Lengths;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.Trackball;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.Shape;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.hand.Hints;
import rhombus.core.stage.marks.FacetMark;
import rhombus.core.stage.marks.Grips;
import rhombus.core.stage.marks.Hover;
import rhombus.core.stage.marks.Lost;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.subject.Icons;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.view.Board;
import rhombus.core.stage.view.Captions;
import rhombus.core.stage.view.Choices;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Looks;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Clip;
import rhombus.core.view.Direction;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** The state of the stage as plain data, for panels and for {@code window.rhombus}. */
public final class Snapshots {
    /** Scenes with more to draw are drawn mesh by mesh. */
    private static final int CROWD = 4096;

    private final Ground ground;
    private final Subject subject;
    private final Tools tools;
    private final Gesture gesture;
    private final Boards boards;
    private final LinkedViews linked;
    private final Pins pins;
    private final Grips grips;
    private final Hover hover;
    private final Walking walking;
    private final Hints hints;

    /** Reads what the rooms below hold. */
    public Snapshots(
            Ground ground, Subject subject, Tools tools, Gesture gesture, Walking walking, Boards boards, LinkedViews linked, Pins pins,
            Grips grips, Hover hover, Hints hints) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.gesture = gesture;
        this.walking = walking;
        this.boards = boards;
        this.linked = linked;
        this.pins = pins;
        this.grips = grips;
        this.hover = hover;
        this.hints = hints;
    }

    /** All viewports: pose, projection, rectangle, captions. */
    public List<Object> views() {
        List<Object> out = new ArrayList<>();
        for (ViewState v : ground.board().views) {
            out.add(view(v));
        }
        return out;
    }

    private Map<String, Object> view(ViewState v) {
        Pose p = v.pose;
        boolean flat = p.projection().flat();
        Clip clip = ground.clip(v);
        Map<String, Object> m = Plain.map(
                "id", v.id,
                "number", v.number,
                "title", Captions.title(ground, v),
                "lens", Captions.lens(ground, v),
                "direction", Captions.direction(v, ground.scene().up()),
                "projection", flat ? "orthographic" : "perspective",
                "key", ground.board().id + "/" + v.serial,
                "caption", Shots.caption(ground, v),
                "display", v.mode.id(),
                "overlays", overlays(v),
                "displayLabel", v.mode.label(),
                "eye", Looks.point(p.eye()),
                "forward", Looks.point(p.forward()),
                "up", Looks.point(p.orientation().up()),
                "focusDistance", p.focus(),
                "near", clip.near(),
                "far", clip.far(),
                "rect", Plain.map("x", v.x, "y", v.y, "width", v.width, "height", v.height),
                "shown", v.shown,
                "active", ground.board().active == v.number,
                "solo", ground.board().solo == v.number);
        m.put("fovY", flat ? null : Math.toDegrees(((Projection.Perspective) p.projection()).fovY()));
        m.put("extent", flat ? ((Projection.Orthographic) p.projection()).extent() : null);
        m.put("camera", v.camera);
        m.put("crop", v.crop.none() ? null : Plain.map("scale", v.crop.scale(), "x", v.crop.x(), "y", v.crop.y()));
        m.put("walking", walking.view() == v ? walking.flying() ? "fly" : "walk" : null);
        return m;
    }

    private static List<Object> overlays(ViewState v) {
        List<Object> out = new ArrayList<>();
        for (Overlay o : Overlay.values()) {
            out.add(Plain.map("id", o.id(), "label", o.words(), "on", v.shows(o)));
        }
        return out;
    }

    /** What is drawn in a viewport: surfaces, how edges, and the grid with its spacing. */
    public Map<String, Object> plan(int view) {
        ViewState v = ground.board().views.get(view);
        return Plain.map(
                "shown", v.shown,
                "surfaces", v.mode.surfaces(),
                "edges", v.mode.edging().name().toLowerCase(),
                "flat", v.pose.projection().flat(),
                "grid", v.shows(Overlay.GRID),
                "outline", v.shows(Overlay.OUTLINE));
    }

    /**
     * For each drawn mesh, in the order of the nodes and their meshes: how many edges a wire view shows, or for edges on
     * surfaces 1 where they can be seen.
     */
    public int[] edges(int view) {
        ViewState v = ground.board().views.get(view);
        Screen screen = v.screen();
        Scene scene = ground.scene();
        int[] out = new int[scene.drawnCount()];
        if (v.mode.edging() == DisplayMode.Edging.NONE) {
            return out;
        }
        if (out.length > CROWD) {
            return alike(v, screen, scene, out);
        }
        int at = 0;
        for (int i = 0; i < scene.count(); i++) {
            if (scene.node(i).meshes().isEmpty()) {
                continue;
            }
            if (!scene.shown(i)) {
                at += scene.node(i).meshes().size();
                continue;
            }
            double area = EdgeThinning.area(screen, scene.bounds(i));
            double room = EdgeThinning.room(screen, scene.bounds(i));
            for (int m : scene.node(i).meshes()) {
                Mesh mesh = scene.meshes().get(m);
                out[at++] = switch (v.mode.edging()) {
                    case NONE -> 0;
                    case ON_SURFACE -> EdgeThinning.showOnSurface(area, mesh.triangleCount()) ? 1 : 0;
                    case LINES -> mesh.edgeVertices() == null ? 0 : EdgeThinning.count(room, mesh.edgeVertices().length / 2);
                };
            }
        }
        return out;
    }

    /** In a scene of very many objects, all uses of a mesh are drawn as one that stood at the focus would be. */
    private static int[] alike(ViewState v, Screen screen, Scene scene, int[] out) {
        int[] ofMesh = new int[scene.meshes().size()];
        double m = screen.metresPerPixel(v.pose.focus());
        for (int k = 0; k < ofMesh.length; k++) {
            Mesh mesh = scene.meshes().get(k);
            double side = mesh.bounds().radius() * 2 / m;
            ofMesh[k] = switch (v.mode.edging()) {
                case NONE -> 0;
                case ON_SURFACE -> EdgeThinning.showOnSurface(side * side, mesh.triangleCount()) ? 1 : 0;
                case LINES -> mesh.edgeVertices() == null ? 0 : EdgeThinning.count(side * side + 8 * side, mesh.edgeVertices().length / 2);
            };
        }
        int at = 0;
        for (int i = 0; i < scene.count(); i++) {
            List<Integer> meshes = scene.node(i).meshes();
            for (int k = 0; k < meshes.size(); k++) {
                out[at++] = ofMesh[meshes.get(k)];
            }
        }
        return out;
    }

    /** The grid of a viewport. */
    public Grid grid(int view) {
        return Grid.of(ground.board().views.get(view).screen(), ground.scene().up());
    }

    /** Marks over a viewport, in its own pixels: the pivot, the move tool's handles, the axes. */
    public Map<String, Object> marks(int view) {
        ViewState v = ground.board().views.get(view);
        boolean orbiting = gesture.orbiting() == view;
        Vec3 pivot = orbiting ? subject.pivot().used().point() : subject.pivot().pinned();
        Vec3 s = pivot == null ? null : v.screen().project(pivot);
        boolean visible = s != null && (s.z() > 0 || v.pose.projection().flat());
        return Plain.map(
                "pivot", visible ? Plain.map("x", s.x(), "y", s.y(), "pinned", subject.pivot().pinned() != null) : null,
                "handles", tools.marks(v, gesture.handleIn(v)),
                "facet", FacetMark.plain(ground, v, grips.padOpen()),
                "grips", grips.marks(v),
                "lines", linked.lines(v),
                "walk", walking.mark(v),
                "icons", Icons.plain(ground, subject, v),
                "beacon", ground.model().opened() ? Lost.beacon(ground, subject, v) : null,
                "empty", Lost.empty(ground, subject, v) ? true : null,
                "hover", hover.mark(v),
                "marquee", gesture.marquee(v),
                "parts", subject.components().marks(v),
                "own", own(v),
                "ring", orbiting && ground.habits().is(AllHabits.ORBIT_STYLE, "trackball")
                        ? Plain.map("x", v.width / 2, "y", v.height / 2, "radius", Trackball.RADIUS * Math.min(v.width, v.height))
                        : null,
                "refused", v.refusedUntil > Double.NEGATIVE_INFINITY ? Plain.map("x", v.refusedX, "y", v.refusedY) : null);
    }

    /** Where the pivot point of the object selected last is in a viewport; null where a tool stands on it, or it is not in view. */
    private Map<String, Object> own(ViewState v) {
        int last = subject.selection().last();
        if (last < 0 || tools.on()) {
            return null;
        }
        Vec3 s = v.screen().project(ground.scene().pivot(last));
        boolean seen = s.z() > 0 || v.pose.projection().flat();
        return seen && s.x() > 0 && s.y() > 0 && s.x() < v.width && s.y() < v.height ? Plain.map("x", s.x(), "y", s.y()) : null;
    }

    /** The scene with all objects and their bounds. */
    public Map<String, Object> scene() {
        Scene scene = ground.scene();
        List<Object> objects = new ArrayList<>();
        for (int i = 0; i < scene.count(); i++) {
            Node n = scene.node(i);
            if (n.gone()) {
                continue;
            }
            Aabb b = scene.boundsBelow(i);
            Map<String, Object> m = Plain.map(
                    "id", n.id(), "name", n.name(), "kind", n.kind().word(),
                    "visible", !n.hidden(), "shown", scene.shown(i), "locked", n.locked(), "triangles", scene.triangles(i));
            m.put("parent", n.parent() < 0 ? null : scene.node(n.parent()).id());
            m.put("layer", n.layer());
            m.put("bounds", b.isEmpty() ? null : Plain.map("min", Looks.point(b.min()), "max", Looks.point(b.max())));
            objects.add(m);
        }
        return Plain.map("name", ground.model().name(), "upAxis", scene.up().name(), "objects", objects);
    }

    /** Ids of the selected objects, last one last. */
    public List<Object> selection() {
        List<Object> out = new ArrayList<>();
        for (int n : subject.selection().nodes()) {
            out.add(ground.scene().node(n).id());
        }
        return out;
    }

    /** Numbers of the nodes that are selected, or of the one selected last, with all below them. */
    public int[] selectedNodes(boolean last) {
        List<Integer> from = !last ? subject.selection().nodes() : subject.selection().isEmpty() ? List.of() : List.of(subject.selection().last());
        Scene s = ground.scene();
        boolean[] marks = new boolean[s.count()];
        int count = 0;
        for (int n : from) {
            for (int below : s.children(n).isEmpty() ? List.of(n) : s.subtree(n)) {
                count += marks[below] ? 0 : 1;
                marks[below] = true;
            }
        }
        int[] out = new int[count];
        int at = 0;
        for (int i = 0; i < marks.length; i++) {
            if (marks[i]) {
                out[at++] = i;
            }
        }
        return out;
    }

    /** What a viewport turns, or would turn, about. */
    public Map<String, Object> pivot(String viewId) {
        ViewState v = ground.board().named(viewId);
        if (v == null || !ground.model().opened()) {
            return null;
        }
        PivotLadder.Choice c = gesture.orbiting() == v.number ? subject.pivot().used() : candidate(v);
        return Plain.map("point", Looks.point(c.point()), "rung", c.rung().id(), "reason", c.reason());
    }

    private PivotLadder.Choice candidate(ViewState v) {
        boolean inside = v.holds(ground.pointer().x(), ground.pointer().y());
        return subject.pivot().choose(
                v, inside ? ground.pointer().x() - v.x : Double.NaN, inside ? ground.pointer().y() - v.y : Double.NaN);
    }

    /** Place in a viewport's Trail and its length. */
    public Map<String, Object> trail(String viewId) {
        ViewState v = ground.board().named(viewId);
        if (v == null) {
            return null;
        }
        // At rest at the entry itself: only then does a picture of the viewport show it.
        boolean there = v.trail.index() >= 0 && v.pose.equals(v.trail.poses().get(v.trail.index()));
        return Plain.map("index", v.trail.index(), "length", v.trail.length(),
                "name", there && v.crop.none() ? v.trail.names().get(v.trail.index()) : null);
    }

    /** The Trail of a viewport, oldest first: the name of each entry, and whether it is the present one. */
    public List<Object> trailEntries(String viewId) {
        ViewState v = ground.board().named(viewId);
        List<Object> out = new ArrayList<>();
        for (int i = 0; v != null && i < v.trail.length(); i++) {
            Pose p = v.trail.poses().get(i);
            Direction d = Direction.of(p.orientation(), ground.scene().up());
            boolean flat = p.projection().flat();
            out.add(Plain.map(
                    "name", v.trail.names().get(i),
                    "on", i == v.trail.index(),
                    "words", v.trail.deed(i).isEmpty() ? d != null ? d.word() : flat ? "free flat" : "scout" : v.trail.deed(i),
                    "lens", flat ? "flat" : Lengths.fixed(Math.toDegrees(((Projection.Perspective) p.projection()).fovY()), 0) + "°"));
        }
        return out;
    }

    /** The boards as tabs, and the borders of the one in use. */
    public Map<String, Object> boards() {
        List<Object> tabs = new ArrayList<>();
        for (Board b : boards.list()) {
            tabs.add(Plain.map("id", b.id, "name", b.name, "on", b == ground.board(), "linked", b.linked, "passing", b.passing,
                    "parts", b.arrangement.toPlain()));
        }
        List<Object> templates = new ArrayList<>();
        for (Template t : Template.values()) {
            templates.add(Plain.map("id", t.id(), "label", t.words(), "parts", t.of(List.of("v1", "v2", "v3", "v4").subList(0, t.count())).toPlain()));
        }
        return Plain.map("tabs", tabs, "borders", boards.borders(), "templates", templates,
                "undo", boards.undoName());
    }

    /** The Pins in their order. */
    public List<Object> pins() {
        List<Object> out = new ArrayList<>();
        for (Pins.Pin p : pins.list()) {
            out.add(Plain.map("id", p.id(), "name", p.name(), "board", p.board(), "picture", p.picture()));
        }
        return out;
    }

    /** What a viewport can be made to look from. */
    public List<Object> choices(String viewId) {
        ViewState v = ground.board().named(viewId);
        return v == null ? List.of() : Choices.of(ground, v);
    }

    /** What each trigger does now. */
    public List<Object> hints(Map<String, String> layout) {
        return hints.now(layout);
    }

    /** The numbers of the active view and of the selection, ready to read. */
    public Map<String, Object> readout() {
        return Readout.of(ground, subject, tools, boards, this);
    }

    /** What can be undone and redone, oldest first. */
    public Map<String, Object> history() {
        List<Object> names = new ArrayList<>();
        subject.editing().history().edits().forEach(e -> names.add(e.name()));
        return Plain.map("edits", names, "done", subject.editing().history().done());
    }

    /** The layers in their order, each with how many objects lie on it. */
    public List<Object> layers() {
        Scene s = ground.scene();
        List<Object> out = new ArrayList<>();
        for (Layer l : s.layers()) {
            int on = 0;
            for (int i = 0; i < s.count(); i++) {
                on += !s.node(i).gone() && l.id().equals(s.node(i).layer()) ? 1 : 0;
            }
            out.add(Plain.map("id", l.id(), "name", l.name(), "visible", l.visible(), "locked", l.locked(), "objects", on));
        }
        return out;
    }

    /** The solids that can be added. */
    public static List<Object> shapes() {
        List<Object> out = new ArrayList<>();
        for (Shape.Sort s : Shape.Sort.values()) {
            out.add(Plain.map("id", s.id(), "label", s.words()));
        }
        return out;
    }

    /** All settings as listed on the screen, with their values. */
    public List<Object> habits() {
        List<Object> out = new ArrayList<>();
        for (Habit h : AllHabits.all().values()) {
            if (h.ordered()) {
                // The ladder has a place of its own, where its sentence stands.
                continue;
            }
            List<Object> choices = new ArrayList<>();
            for (int i = 0; i < h.choices().size(); i++) {
                choices.add(Plain.map("id", h.choices().get(i), "label", h.labels().get(i)));
            }
            out.add(Plain.map(
                    "id", h.id(), "group", h.group(), "words", h.words(), "sentence", h.sentence(),
                    "value", ground.habits().value(h),
                    "changed", ground.habits().changed(h),
                    "choices", choices,
                    "least", h.least(), "most", h.most(), "step", h.step(), "unit", h.unit()));
        }
        return out;
    }
}
