package rhombus.core.stage;

import java.util.Map;
import java.util.TreeSet;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.edit.Operation;
import rhombus.core.edit.Restoring;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;

/** Everything that changes the scene goes through here: what is shown at once, and what can be undone. */
final class Editing {
    /** From so many objects on, a step is kept as what it does. */
    private static final int MANY = 64;

    private final Stage stage;
    private Scene base = Scene.EMPTY;
    private EditHistory history = new EditHistory();
    /** The scene before a sweep, or null. */
    private Scene sweepFrom;
    private String sweepName;
    /** How the last state that was shown came of the one before, where one thing was done to it; else null. */
    private How how;

    private record How(Scene before, Operation what, Scene after) {}

    Editing(Stage stage) {
        this.stage = stage;
    }

    /** A scene was opened as its file has it. */
    void open(Scene s) {
        base = s;
        history = new EditHistory();
    }

    EditHistory history() {
        return history;
    }

    /** Shows another state of the scene, as in the middle of a drag; nothing can be undone yet. */
    void live(Scene next) {
        Scene was = stage.scene();
        if (next == was) {
            return;
        }
        TreeSet<Integer> moved = new TreeSet<>();
        boolean structure = next.count() != was.count() || next.layers() != was.layers() || next.isolated() != was.isolated();
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
        stage.show(next, moved);
        if (structure) {
            stage.changes().add(Changes.STRUCTURE | Changes.SELECTION | Changes.CAPTION);
        }
        stage.changes().moved(moved);
    }

    /** Shows what an operation makes of a state. */
    void live(Scene before, Operation what) {
        Scene after = what.of(before);
        live(after);
        how = new How(before, what, after);
    }

    /** Whether a node is drawn, listed and picked as before, wherever it is. */
    private static boolean same(Node a, Node b) {
        return b.withLocal(a.local()).equals(a);
    }

    /** Between on and off, however many changes are one step, named after the first: a press that sweeps over a list. */
    void sweep(boolean on) {
        Scene before = sweepFrom;
        String name = sweepName;
        sweepFrom = on ? stage.scene() : null;
        sweepName = null;
        if (before != null && name != null) {
            done(name, before);
        }
    }

    /** What was shown since a state is one step that can be undone; says whether there was anything. */
    boolean done(String name, Scene before) {
        if (sweepFrom != null) {
            sweepName = sweepName == null ? name : sweepName.endsWith(" and more") ? sweepName : sweepName + " and more";
            return stage.scene() != before;
        }
        Edit e = Edit.between(name, before, stage.scene());
        if (e == null) {
            return false;
        }
        boolean told = how != null && how.before == before && how.after == stage.scene() && e.after().size() >= MANY;
        history.add(told ? e.by(how.what) : e);
        how = null;
        stage.changes().add(Changes.KEEP_EDITS | Changes.READOUT);
        return true;
    }

    /** Changes the scene as one step. */
    boolean apply(String name, Scene next) {
        Scene before = stage.scene();
        live(next);
        return done(name, before);
    }

    /** Does one thing to the scene as one step. */
    boolean apply(String name, Operation what) {
        Scene before = stage.scene();
        live(before, what);
        return done(name, before);
    }

    /** Changes the scene as one step that is known to come of an operation. */
    boolean apply(String name, Scene next, Operation what) {
        Scene before = stage.scene();
        live(next);
        how = new How(before, what, next);
        return done(name, before);
    }

    void undo() {
        Edit e = history.undo();
        if (e == null) {
            stage.changes().notice("There is nothing to undo.", null, null);
            return;
        }
        show(e.undone(stage.scene()));
        stage.changes().notice("Undone: " + e.name() + ".", "Redo", "edit.redo");
    }

    void redo() {
        Edit e = history.redo();
        if (e == null) {
            stage.changes().notice("There is nothing to redo.", null, null);
            return;
        }
        show(e.done(stage.scene()));
        stage.changes().notice("Done again: " + e.name() + ".", null, null);
    }

    /** Undoes or redoes until so many edits are done. */
    void go(int done) {
        Scene s = stage.scene();
        while (history.done() > Math.max(0, done)) {
            s = history.undo().undone(s);
        }
        while (history.done() < Math.min(done, history.edits().size())) {
            s = history.redo().done(s);
        }
        show(s);
    }

    private void show(Scene s) {
        live(s);
        stage.changes().add(Changes.KEEP_EDITS | Changes.READOUT);
    }

    /** What was changed, as plain data. */
    Map<String, Object> toPlain() {
        return EditDocument.of(base, stage.scene(), history);
    }

    /** Takes over what was changed before. */
    void read(Map<String, Object> document) {
        EditDocument.Opened o = EditDocument.read(base, document);
        history = o.history();
        // Numbers of added objects may be others now.
        stage.selection().clear();
        stage.components().clear();
        live(o.scene());
        stage.selectionChanged();
    }

    /** Brings back a state that was kept, as one step that can be undone. */
    void bringBack(String name, Map<String, Object> document) {
        Scene now = stage.scene();
        Scene then = EditDocument.read(base, document).scene();
        apply(name, Restoring.over(now, then));
    }
}
