package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.Set;
import rhombus.core.scene.Kind;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Topic;
import rhombus.core.stage.view.ViewState;

/** What the work is about: what is selected, what it turns about, and the one way to change the scene. */
public final class Subject {
    private final Ground ground;
    private final Selection selection = new Selection();
    private final Components components;
    private final PivotState pivot;
    private final Picks picks;
    private final Rulers rulers;
    private final Editing editing;
    private final Driving driving;
    private final Matching matching = new Matching();

    /** Nothing is selected yet. */
    public Subject(Ground ground) {
        this.ground = ground;
        this.components = new Components(ground, this);
        this.pivot = new PivotState(ground, this);
        this.picks = new Picks(ground, this);
        this.rulers = new Rulers(ground, this);
        this.editing = new Editing(ground, this);
        this.driving = new Driving(ground, editing);
    }

    /** Selected objects. */
    public Selection selection() {
        return selection;
    }

    /** Selected vertices, edges and faces. */
    public Components components() {
        return components;
    }

    /** The point that orbit turns about. */
    public PivotState pivot() {
        return pivot;
    }

    /** Rulers between points. */
    public Rulers rulers() {
        return rulers;
    }

    /** What lies under a point. */
    public Picks picks() {
        return picks;
    }

    /** The only writer of the scene. */
    public Editing editing() {
        return editing;
    }

    /** Cameras that go along with their viewports. */
    public Driving driving() {
        return driving;
    }

    /** Cameras that are made from pictures. */
    public Matching matching() {
        return matching;
    }

    /** Number of the picture that was selected last, or -1. */
    public int picture() {
        int last = selection.last();
        return last >= 0 && ground.scene().node(last).kind() == Kind.PICTURE ? last : -1;
    }

    /** Number of the camera that is meant: the one selected last, else the one a viewport looks through, else -1. */
    public int camera(ViewState v) {
        int last = selection.last();
        if (last >= 0 && ground.scene().node(last).kind() == Kind.CAMERA) {
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

    /** The selection is another one. */
    public void changed() {
        // Framing widens when it is repeated; framing something else starts anew.
        ground.board().views.forEach(ViewState::forgetFraming);
        ground.changes().add(Topic.SELECTION);
        ground.changes().views();
    }

    /** What the selection is called. */
    public String names() {
        int count = selection.count();
        return count == 1 ? ground.nameOf(selection.last()) : say("subject.objects", count);
    }

    /** Draws only some objects, or all again for null; a way of looking, so nothing to undo. */
    public void isolate(Set<Integer> some) {
        editing.live(ground.scene().withIsolated(some));
        ground.changes().add(Topic.KEEP);
    }
}
