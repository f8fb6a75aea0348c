package rhombus.core.stage.show.scene;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditHistory;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.optics.Optics;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.subject.Ruler;
import rhombus.core.stage.subject.Selection;
import rhombus.core.stage.subject.ShotChecks;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** What is in the scene, and what of it is selected. */
public final class SceneContents {
    private final StageContext ground;
    private final SubjectParts subject;

    /** Reads the scene of a stage. */
    public SceneContents(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    /** The scene with all objects and their bounds. */
    @PageCall
    public SceneState scene() {
        Scene scene = ground.scene();
        List<SceneObject> objects = new ArrayList<>();
        for (int i = 0; i < scene.count(); i++) {
            if (!scene.node(i).gone()) {
                objects.add(object(scene, i));
            }
        }
        return new SceneState(ground.model().name(), scene.up().name(), objects);
    }

    private static SceneObject object(Scene scene, int i) {
        Node n = scene.node(i);
        Aabb b = scene.boundsBelow(i);
        return new SceneObject(
                n.id(),
                n.name(),
                n.kind().word(),
                n.parent() < 0 ? null : scene.node(n.parent()).id(),
                n.layer(),
                !n.hidden(),
                scene.shown(i),
                n.locked(),
                scene.triangles(i),
                b.isEmpty() ? null : new WorldBox(b.min(), b.max()));
    }

    /** The objects as panels list them. */
    @PageCall
    public List<ObjectRow> objects() {
        Scene s = ground.scene();
        List<ObjectRow> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            Node n = s.node(i);
            if (!n.gone()) {
                out.add(new ObjectRow(
                        n.id(),
                        n.name(),
                        n.kind().word(),
                        n.parent() < 0 ? null : s.node(n.parent()).id(),
                        n.layer(),
                        !n.hidden(),
                        s.shown(i),
                        n.locked(),
                        n.id().equals(s.setup().active())));
            }
        }
        return out;
    }

    /** Ids of the selected objects, last one last. */
    @PageCall
    public List<String> selection() {
        return subject.selection().nodes().stream()
                .map(n -> ground.scene().node(n).id())
                .toList();
    }

    /** Numbers of the nodes that are selected, or of the one selected last, with all below them. */
    @PageCall
    public int[] selectedNodes(boolean last) {
        Selection selected = subject.selection();
        List<Integer> from = !last ? selected.nodes() : selected.isEmpty() ? List.of() : List.of(selected.last());
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

    /** The layers in their order, each with how many objects lie on it. */
    @PageCall
    public List<LayerRow> layers() {
        Scene s = ground.scene();
        List<LayerRow> out = new ArrayList<>();
        for (Layer l : s.layers()) {
            int on = 0;
            for (int i = 0; i < s.count(); i++) {
                on += !s.node(i).gone() && l.id().equals(s.node(i).layer()) ? 1 : 0;
            }
            out.add(new LayerRow(l.id(), l.name(), l.visible(), l.locked(), on));
        }
        return out;
    }

    /** The cameras of the scene. */
    @PageCall
    public List<CameraRow> cameras() {
        Scene s = ground.scene();
        List<CameraRow> out = new ArrayList<>();
        for (int i : s.cameras()) {
            out.add(camera(s, i));
        }
        return out;
    }

    private CameraRow camera(Scene s, int i) {
        Node n = s.node(i);
        SceneCamera c = s.camera(i);
        Optics o = c.optics();
        Quat q = Mat4.rotation(s.world(i));
        return new CameraRow(
                n.id(),
                ground.nameOf(i),
                new CameraRow.Pose(Mat4.origin(s.world(i)), q.forward(), q.up()),
                new CameraRow.Size(o.back().width(), o.back().height()),
                c.perspective() ? c.toldFocalLength() : null,
                c.perspective() ? Math.toDegrees(c.fovY()) : null,
                c.perspective() ? null : c.extent(),
                c.aspect(),
                o.fit().id(),
                o.fNumber(),
                o.focus(),
                o.near(),
                o.far(),
                s.locked(i),
                CameraViews.driven(ground, n.id()),
                n.id().equals(s.setup().active()),
                new ShotChecks(ground, subject, ground.board().active(), i).warnings());
    }

    /** What can be undone and redone, oldest first. */
    @PageCall
    public HistoryState history() {
        EditHistory h = subject.editing().history();
        return new HistoryState(h.edits().stream().map(Edit::name).toList(), h.done());
    }

    /** The rulers that lie over the viewports. */
    @PageCall
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
}
