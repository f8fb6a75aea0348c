package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import java.util.TreeSet;
import rhombus.core.edit.Edit;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditHistory;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.OpenedEdits;
import rhombus.core.edit.StateRestoring;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;

/** Everything that changes the scene goes through here: what is shown at once, and what can be undone. */
public final class SceneEditor {
    /** From so many objects on, a step is kept as what it does. */
    private static final int MANY = 64;

    private final StageContext ground;
    private final Selection selection;
    private final ComponentSelection components;
    private Scene base = Scene.EMPTY;
    private EditHistory history = new EditHistory();
    /** The scene that the steps of the history lead to: what differs from it now is not a step yet. */
    private Scene recorded = Scene.EMPTY;
    /** Whether all changes are one step for now. */
    private boolean sweeping;

    private String sweepName;
    private boolean sweepMore;
    /** How the last state that was shown came of the one before, where one thing was done to it; else null. */
    private How how;

    /** Holds what changes the scene over some time; it does not change it itself. */
    private Runnable settle = () -> {};

    private record How(Scene before, EditOperation what, Scene after) {}

    public SceneEditor(StageContext ground, Selection selection, ComponentSelection components) {
        this.ground = ground;
        this.selection = selection;
        this.components = components;
    }

    /** A scene was opened as its file has it. */
    public void open(Scene s) {
        base = s;
        recorded = s;
        history = new EditHistory();
        sweeping = false;
        sweepName = null;
        sweepMore = false;
        how = null;
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
        boolean nothingOpen = was == recorded;
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
        if (nothingOpen && Edit.between("", was, next) == null) {
            // Another way of looking at it, such as what is isolated: no step leads to that.
            recorded = next;
        }
        selection.keep(next);
        components.keep();
        ground.board().views.forEach(v -> CameraViews.follow(ground, v));
        if (unseen) {
            // A camera or a light moves: viewports need not be drawn again for it, but where it is seen through.
            ground.changes().marks();
            if (pictures(was, next)) {
                ground.changes().views();
            }
            return;
        }
        if (structure) {
            ground.changes().add(ChangeTopic.STRUCTURE, ChangeTopic.SELECTION, ChangeTopic.CAPTION);
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
    public void live(Scene before, EditOperation what) {
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
        settle();
        sweeping = on;
    }

    /** Whether a sweep goes on. */
    public boolean sweeping() {
        return sweeping;
    }

    /** Whatever changes the scene over some time ends, and what it has changed is a step: something else is about to change it. */
    public void settle() {
        settle.run();
        boolean swept = sweeping;
        sweeping = false;
        String name = sweepName == null ? say("editing.change") : sweepName;
        boolean more = sweepMore;
        sweepName = null;
        sweepMore = false;
        done(swept && more ? say("editing.and-more-2", name) : name);
    }

    /** What was shown since the last step is one that can be undone; says whether there was anything. */
    public boolean done(String name) {
        Scene before = recorded;
        Scene now = ground.scene();
        if (now == before) {
            return false;
        }
        if (sweeping) {
            sweepMore = sweepName != null;
            sweepName = sweepMore ? sweepName : name;
            return true;
        }
        Edit e = Edit.between(name, before, now);
        recorded = now;
        if (e == null) {
            return false;
        }
        boolean told = how != null
                && how.before == before
                && how.after == now
                && e.after().size() >= MANY;
        history.add(told ? e.by(how.what) : e);
        how = null;
        ground.changes().add(ChangeTopic.KEEP_EDITS, ChangeTopic.READOUT);
        return true;
    }

    /** Changes the scene as one step. */
    public boolean apply(String name, Scene next) {
        begin();
        live(next);
        return done(name);
    }

    /** Does one thing to the scene as one step. */
    public boolean apply(String name, EditOperation what) {
        begin();
        live(ground.scene(), what);
        return done(name);
    }

    /** Changes the scene as one step that is known to come of an operation. */
    public boolean apply(String name, Scene next, EditOperation what) {
        begin();
        Scene before = ground.scene();
        live(next);
        how = new How(before, what, next);
        return done(name);
    }

    /** A step begins: what was changed before it is another one, but in a sweep. */
    private void begin() {
        if (sweeping) {
            settle.run();
        } else {
            settle();
        }
    }

    public void undo() {
        settle();
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
        settle();
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
        settle();
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
        return e != null && e.how() instanceof EditOperation.OtherFile;
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
        recorded = ground.scene();
        ground.changes().add(ChangeTopic.KEEP_EDITS, ChangeTopic.READOUT);
    }

    /** What was changed, as plain data. */
    public Map<String, Object> toPlain() {
        return EditDocument.of(base, recorded, history);
    }

    /** Takes over what was changed before. */
    public void read(Map<String, Object> document) {
        OpenedEdits o = EditDocument.read(base, document);
        history = o.history();
        // Numbers of added objects may be others now.
        selection.clear();
        components.clear();
        live(o.scene());
        recorded = ground.scene();
        selection.changed();
    }

    /** Brings back a state that was kept, as one step that can be undone. */
    public void bringBack(String name, Map<String, Object> document) {
        Scene now = ground.scene();
        Scene then = EditDocument.read(base, document).scene();
        apply(name, StateRestoring.over(now, then));
    }
}
