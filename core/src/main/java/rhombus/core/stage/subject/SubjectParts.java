package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.Set;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** What the work is about: what is selected, what it turns about, and the one way to change the scene. */
public final class SubjectParts {
    private final StageContext ground;
    private final Selection selection;
    private final ComponentSelection components;
    private final PivotCandidates pivot;
    private final PointPicking picks;
    private final Rulers rulers;
    private final SceneEditor editing;
    private final CameraDriving driving;
    private final CameraMatching matching = new CameraMatching();

    /** Nothing is selected yet. */
    public SubjectParts(StageContext ground) {
        this.ground = ground;
        this.selection = new Selection(ground);
        this.components = new ComponentSelection(ground, selection);
        this.picks = new PointPicking(ground, selection);
        this.pivot = new PivotCandidates(ground, selection, components, picks);
        this.rulers = new Rulers(ground, picks);
        this.editing = new SceneEditor(ground, selection, components);
        this.driving = new CameraDriving(ground, editing);
    }

    /** Selected objects. */
    public Selection selection() {
        return selection;
    }

    /** Selected vertices, edges and faces. */
    public ComponentSelection components() {
        return components;
    }

    /** The point that orbit turns about. */
    public PivotCandidates pivot() {
        return pivot;
    }

    /** Rulers between points. */
    public Rulers rulers() {
        return rulers;
    }

    /** What lies under a point. */
    public PointPicking picks() {
        return picks;
    }

    /** The only writer of the scene. */
    public SceneEditor editing() {
        return editing;
    }

    /** Cameras that go along with their viewports. */
    public CameraDriving driving() {
        return driving;
    }

    /** Cameras that are made from pictures. */
    public CameraMatching matching() {
        return matching;
    }

    /** Number of the picture that was selected last, or -1. */
    public int picture() {
        int last = selection.last();
        return last >= 0 && ground.scene().node(last).kind() == NodeKind.PICTURE ? last : -1;
    }

    /** Number of the camera that is meant: the one selected last, else the one a viewport looks through, else -1. */
    public int camera(Viewport v) {
        int last = selection.last();
        if (last >= 0 && ground.scene().node(last).kind() == NodeKind.CAMERA) {
            return last;
        }
        return v.camera == null ? -1 : ground.scene().indexOf(v.camera);
    }

    /** Another scene is open. */
    public void open(Scene s) {
        selection.clear();
        rulers.read(null);
        editing.open(s);
    }

    /** What the selection is called. */
    public String names() {
        int count = selection.count();
        return count == 1 ? ground.nameOf(selection.last()) : say("subject.objects", count);
    }

    /** Draws only some objects, or all again for null; a way of looking, so nothing to undo. */
    public void isolate(Set<Integer> some) {
        editing.live(ground.scene().withIsolated(some));
        ground.changes().add(ChangeTopic.KEEP);
    }
}
