package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import java.util.TreeSet;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.edit.Operation;
import rhombus.core.edit.Restoring;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Topic;

/** Everything that changes the scene goes through here: what is shown at once, and what can be undone. */
public final class Editing {
    /** From so many objects on, a step is kept as what it does. */
    private static final int MANY = 64;

    private final Ground ground;
    private final Subject subject;
    private Scene base = Scene.EMPTY;
    private EditHistory history = new EditHistory();
    /** The scene before a sweep, or null. */
    private Scene sweepFrom;

    private String sweepName;
    private boolean sweepMore;
    /** How the last state that was shown came of the one before, where one thing was done to it; else null. */
    private How how;

    /** Holds what changes the scene over some time; it does not change it itself. */
    private Runnable settle = () -> {};

    private record How(Scene before, Operation what, Scene after) {}

    public Editing(Ground ground, Subject subject) {
        this.ground = ground;
        this.subject = subject;
    }

    /** A scene was opened as its file has it. */
    public void open(Scene s) {
        base = s;
        history = new EditHistory();
    }

    /** How to hold what moves cameras over some time: it comes before anything else that changes the scene. */
    void settledBy(Runnable ending) {
        settle = ending;
    }

    public EditHistory history() {
        return history;
    }

    /** Shows another state of the scene, as in the middle of a drag; nothing can be undone yet. */
    public void live(Scene next) {
        Scene was = ground.scene();
        if (next == was) {
            return;
        }
        TreeSet<Integer> moved = new TreeSet<>();
        boolean structure =
                next.count() != was.count() || next.setup() != was.setup() || next.isolated() != was.isolated();
        for (int i = 0; i < Math.min(was.count(), next.count()); i++) {
            Node a = was.node(i);
            Node b = next.node(i);
            if (a != b) {
                structure |= !same(a, b);
                if (a.local() != b.local() || a.parent() != b.parent() || a.meshes() != b.meshes()) {
                    moved.addAll(next.subtree(i));
                }
            }
        }
        for (int i = was.count(); i < next.count(); i++) {
            moved.add(i);
        }
        boolean unseen = !structure
                && moved.stream()
                        .allMatch(i -> next.node(i).meshes().isEmpty()
                                && was.node(i).meshes().isEmpty());
        if (unseen) {
            ground.model().showUnseen(next);
        } else {
            ground.model().show(next, moved);
        }
        subject.selection().keep(next);
        subject.components().keep();
        ground.board().views.forEach(v -> Cameras.follow(ground, v));
        if (unseen) {
            // A camera or a light moves: viewports need not be drawn again for it, but where it is seen through.
            ground.changes().marks();
            if (pictures(was, next)) {
                ground.changes().views();
            }
            return;
        }
        if (structure) {
            ground.changes().add(Topic.STRUCTURE, Topic.SELECTION, Topic.CAPTION);
        }
        ground.changes().moved(moved);
    }

    /** Whether any picture plane is another one, or somewhere else. */
    private static boolean pictures(Scene was, Scene next) {
        for (int i : next.pictures()) {
            boolean same =
                    i < was.count() && next.node(i).picture() == was.node(i).picture() && next.world(i) == was.world(i);
            if (!same) {
                return true;
            }
        }
        return false;
    }

    /** Shows what an operation makes of a state. */
    public void live(Scene before, Operation what) {
        Scene after = what.of(before);
        live(after);
        how = new How(before, what, after);
    }

    /** Whether a node is drawn, listed and picked as before, wherever it is. */
    private static boolean same(Node a, Node b) {
        boolean lens = a.camera() != null && b.camera() != null;
        boolean picture = a.picture() != null && b.picture() != null;
        return b.withLocal(a.local())
                .withCamera(lens ? a.camera() : b.camera())
                .withPicture(picture ? a.picture() : b.picture())
                .equals(a);
    }

    /** Between on and off, however many changes are one step, named after the first: a press that sweeps over a list. */
    public void sweep(boolean on) {
        Scene before = sweepFrom;
        String name = sweepMore ? say("editing.and-more-2", sweepName) : sweepName;
        sweepMore = false;
        sweepFrom = on ? ground.scene() : null;
        sweepName = null;
        if (before != null && name != null) {
            done(name, before);
        }
    }

    /** What was shown since a state is one step that can be undone; says whether there was anything. */
    public boolean done(String name, Scene before) {
        if (sweepFrom != null) {
            sweepMore = sweepName != null;
            sweepName = sweepMore ? sweepName : name;
            return ground.scene() != before;
        }
        Edit e = Edit.between(name, before, ground.scene());
        if (e == null) {
            return false;
        }
        boolean told = how != null
                && how.before == before
                && how.after == ground.scene()
                && e.after().size() >= MANY;
        history.add(told ? e.by(how.what) : e);
        how = null;
        ground.changes().add(Topic.KEEP_EDITS, Topic.READOUT);
        return true;
    }

    /** Changes the scene as one step. */
    public boolean apply(String name, Scene next) {
        settle.run();
        Scene before = ground.scene();
        live(next);
        return done(name, before);
    }

    /** Does one thing to the scene as one step. */
    public boolean apply(String name, Operation what) {
        settle.run();
        Scene before = ground.scene();
        live(before, what);
        return done(name, before);
    }

    /** Changes the scene as one step that is known to come of an operation. */
    public boolean apply(String name, Scene next, Operation what) {
        settle.run();
        Scene before = ground.scene();
        live(next);
        how = new How(before, what, next);
        return done(name, before);
    }

    public void undo() {
        settle.run();
        if (otherFile(history.last(), false)) {
            return;
        }
        Edit e = history.undo();
        if (e == null) {
            ground.changes().notice(say("editing.there-is-nothing-to-undo"), null, null);
            return;
        }
        show(e.undone(ground.scene()));
        ground.changes().notice(say("editing.undone", e.name()), say("editing.redo"), "edit.redo");
    }

    public void redo() {
        settle.run();
        if (otherFile(history.next(), true)) {
            return;
        }
        Edit e = history.redo();
        if (e == null) {
            ground.changes().notice(say("editing.there-is-nothing-to-redo"), null, null);
            return;
        }
        show(e.done(ground.scene()));
        ground.changes().notice(say("editing.done-again", e.name()), null, null);
    }

    /** Undoes or redoes until so many edits are done, or until one comes at which another file lies under the scene. */
    public void go(int done) {
        settle.run();
        Scene s = ground.scene();
        int to = Math.max(0, Math.min(done, history.edits().size()));
        while (history.done() > to && !isOtherFile(history.last())) {
            s = history.undo().undone(s);
        }
        while (history.done() < to && !isOtherFile(history.next())) {
            s = history.redo().done(s);
        }
        show(s);
        if (history.done() != to) {
            boolean again = history.done() < to;
            otherFile(again ? history.next() : history.last(), again);
        }
    }

    private static boolean isOtherFile(Edit e) {
        return e != null && e.how() instanceof Operation.OtherFile;
    }

    /** Whether a step is another file; the page asks for it, and the scene is opened anew once it is there. */
    private boolean otherFile(Edit e, boolean again) {
        if (!isOtherFile(e)) {
            return false;
        }
        ground.changes().application("scene.other-file", Map.of("again", again));
        return true;
    }

    /** Goes back to where so many edits are done, and forgets those after it. */
    public void backTo(int done) {
        if (history.edits().size() > done) {
            go(done);
            history.forgetUndone();
        }
    }

    private void show(Scene s) {
        live(s);
        ground.changes().add(Topic.KEEP_EDITS, Topic.READOUT);
    }

    /** What was changed, as plain data. */
    public Map<String, Object> toPlain() {
        return EditDocument.of(base, ground.scene(), history);
    }

    /** Takes over what was changed before. */
    public void read(Map<String, Object> document) {
        EditDocument.Opened o = EditDocument.read(base, document);
        history = o.history();
        // Numbers of added objects may be others now.
        subject.selection().clear();
        subject.components().clear();
        live(o.scene());
        subject.changed();
    }

    /** Brings back a state that was kept, as one step that can be undone. */
    public void bringBack(String name, Map<String, Object> document) {
        Scene now = ground.scene();
        Scene then = EditDocument.read(base, document).scene();
        apply(name, Restoring.over(now, then));
    }
}
