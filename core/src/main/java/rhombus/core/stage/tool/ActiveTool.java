package rhombus.core.stage.tool;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.edit.TransformAxes;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** The tool in use: which, along which axes, about which point, and what it snaps to. */
public final class ActiveTool {
    /** Along which axes a tool acts. */
    public static final List<String> AXES = List.of("world", "parent", "local", "view");
    /** About which point it turns and scales. */
    public static final List<String> ABOUT = List.of("common", "each", "last");
    /** What it snaps to. */
    public static final List<String> SNAP = List.of("grid", "vertex");
    /** What typed numbers do to several objects. */
    public static final List<String> TYPED = List.of("relative", "same");

    private final StageContext ground;
    private final SubjectParts subject;
    private ToolSort sort;
    private ToolSort last = ToolSort.MOVE;
    private String axes = "world";
    private String about = "common";
    private String snap = "grid";
    private String typed = "relative";

    public ActiveTool(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    public ToolSort sort() {
        return sort;
    }

    public boolean on() {
        return sort != null;
    }

    public void use(ToolSort s) {
        sort = s;
        if (s != null) {
            last = s;
            if (subject.selection().isEmpty()) {
                ground.changes().notice(say("tools.select-something-to-" + s.id()), null, null);
            }
        }
        ground.changes().add(ChangeTopic.READOUT, ChangeTopic.KEEP);
    }

    /** The tool that was in use last, or no tool where one is in use. */
    public void useLast() {
        use(sort == null ? last : null);
    }

    /** Acts along these axes, or without a name along the next ones. */
    public void axes(String to) {
        axes = next(AXES, axes, to);
        changed();
    }

    /** Turns about this point, or without a name about the next one. */
    public void about(String to) {
        about = next(ABOUT, about, to);
        changed();
    }

    /** Snaps to this, or without a name to the next one. */
    public void snap(String to) {
        snap = next(SNAP, snap, to);
        changed();
    }

    /** Typed numbers do this to several objects, or without a name the other. */
    public void typed(String to) {
        typed = next(TYPED, typed, to);
        changed();
    }

    private void changed() {
        ground.changes().add(ChangeTopic.READOUT, ChangeTopic.KEEP);
    }

    /** The named one, or without a name the one after the present. */
    private static String next(List<String> all, String is, String to) {
        return all.contains(to) ? to : to.isEmpty() ? all.get((all.indexOf(is) + 1) % all.size()) : is;
    }

    /** Whether numbers typed for the last of several objects hold for all of them; else all change by as much. */
    public boolean typesTheSame() {
        return typed.equals("same");
    }

    public boolean snapsToVertices() {
        return snap.equals("vertex");
    }

    /** What is moved, turned and scaled. */
    public List<Integer> roots() {
        return subject.selection().roots(ground.scene());
    }

    /** Where the handles stand: the pivot point of one object or of the last, or the middle of several; null for none. */
    public Vec3 origin() {
        Scene s = ground.scene();
        List<Integer> roots = roots();
        if (roots.isEmpty()) {
            return null;
        }
        if (roots.size() == 1 || about.equals("last")) {
            return s.pivot(about.equals("last") ? subject.selection().last() : roots.get(0));
        }
        return subject.selection().bounds(s).center();
    }

    /** The point about which objects are turned and scaled, as things are now; null for each one's own. */
    public Vec3 about() {
        return about.equals("each") ? null : origin();
    }

    /** The axes of the handles in a viewport. */
    public TransformAxes axes(Viewport v) {
        int n = subject.selection().last();
        Scene s = ground.scene();
        return switch (axes) {
            case "view" -> new TransformAxes(v.pose.orientation());
            case "local" -> n < 0 ? TransformAxes.WORLD : new TransformAxes(Transforms.rotationOf(s.world(n)));
            case "parent" ->
                n < 0 || s.node(n).parent() < 0
                        ? TransformAxes.WORLD
                        : new TransformAxes(
                                Transforms.rotationOf(s.world(s.node(n).parent())));
            default -> TransformAxes.WORLD;
        };
    }

    /** The handle at a point of a viewport, of the tool or of a camera; null for none. */
    public ToolHandle handleAt(Viewport v, double x, double y) {
        if (Double.isNaN(x)) {
            return null;
        }
        ToolHandle own = sort == null ? null : ToolHandles.at(handlesOf(v), x, y);
        if (own != null) {
            return own;
        }
        ToolHandle camera = ToolHandles.at(CameraHandles.lozenges(CameraHandles.of(ground, subject, on(), v)), x, y);
        return camera != null ? camera : ToolHandles.at(PictureHandles.of(ground, subject, v), x, y);
    }

    /** The handle of a camera with this id in a viewport; null where it is none, or not there any more. */
    public CameraHandle cameraHandle(Viewport v, String id) {
        return CameraHandles.of(ground, subject, on(), v).stream()
                .filter(h -> h.handle().id().equals(id))
                .findFirst()
                .orElse(null);
    }

    /** The handles of a camera in a viewport; the one that is dragged there, or the one under the pointer, is lit. */
    public List<CameraHandleMark> cameraMarks(Viewport v, ToolHandle held) {
        List<CameraHandle> all = CameraHandles.of(ground, subject, on(), v);
        if (all.isEmpty()) {
            return List.of();
        }
        ToolHandle lit = held != null || ground.pointer().moving()
                ? held
                : handleAt(v, ground.pointer().x() - v.x, ground.pointer().y() - v.y);
        return CameraHandles.marks(ground, v, all, lit == null ? null : lit.id(), held != null);
    }

    /** The handles in a viewport; the one that is dragged there, or the one under the pointer, is lit. */
    public List<ToolHandleMark> marks(Viewport v, ToolHandle held) {
        if (sort == null) {
            return List.of();
        }
        List<ToolHandle> all = handlesOf(v);
        ToolHandle lit = held != null
                ? held
                : ground.pointer().moving()
                        ? null
                        : ToolHandles.at(
                                all,
                                ground.pointer().x() - v.x,
                                ground.pointer().y() - v.y);
        return ToolHandles.marks(all, lit == null ? null : lit.id(), sort);
    }

    /** What is marked on the picture that is selected, in a viewport where it is seen; null for nothing. */
    public PictureSketchMark sketch(Viewport v, ToolHandle held) {
        if (subject.picture() < 0) {
            return null;
        }
        ToolHandle lit = held != null || ground.pointer().moving()
                ? held
                : handleAt(v, ground.pointer().x() - v.x, ground.pointer().y() - v.y);
        return PictureHandles.mark(ground, subject, v, lit == null ? null : lit.id());
    }

    /** The tool in use and its settings. */
    public ToolState state() {
        return new ToolState(sort == null ? null : sort.id(), last.id(), axes, about, snap, typed);
    }

    /** What is kept: a tool in use is not, so that nobody who comes back moves things by accident. */
    public Map<String, Object> toKeep() {
        return PlainData.map("last", last.id(), "axes", axes, "about", about, "snap", snap, "typed", typed);
    }

    public void read(Object plain) {
        Map<String, Object> m = PlainData.map(plain);
        for (ToolSort s : ToolSort.values()) {
            if (s.id().equals(m.get("last"))) {
                last = s;
            }
        }
        axes = next(AXES, axes, PlainData.text(m.get("axes"), axes));
        about = next(ABOUT, about, PlainData.text(m.get("about"), about));
        snap = next(SNAP, snap, PlainData.text(m.get("snap"), snap));
        typed = next(TYPED, typed, PlainData.text(m.get("typed"), typed));
    }

    /** The handles of the tool in a viewport, the ones that win where several are hit first; none where it has nothing to act on. */
    public List<ToolHandle> handlesOf(Viewport v) {
        Vec3 origin = origin();
        return sort == null || origin == null ? List.of() : ToolHandles.of(sort, v.screen(), origin, axes(v));
    }
}
