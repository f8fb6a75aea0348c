package rhombus.core.edit;

import java.util.ArrayList;
import java.util.List;

/** What can be undone and redone, {@value #DEPTH} deep unless told otherwise. */
public final class EditHistory {
    /** How many edits are kept. */
    public static final int DEPTH = 500;

    private final int depth;
    private final List<Edit> edits = new ArrayList<>();
    private int done;

    /** An empty history of the usual depth. */
    public EditHistory() {
        this(DEPTH);
    }

    /** An empty history. */
    public EditHistory(int depth) {
        this.depth = depth;
    }

    /** A history that was kept: edits oldest first, of which the first {@code done} are done. */
    public EditHistory(List<Edit> edits, int done) {
        this(DEPTH);
        this.edits.addAll(edits);
        this.done = done;
    }

    /** Adds an edit that has just been done; what was undone before is forgotten. */
    public void add(Edit e) {
        while (edits.size() > done) {
            edits.remove(edits.size() - 1);
        }
        edits.add(e);
        if (edits.size() > depth) {
            edits.remove(0);
        }
        done = edits.size();
    }

    /** The edit to take back now, or null. */
    public Edit undo() {
        return done == 0 ? null : edits.get(--done);
    }

    /** The edit to do again now, or null. */
    public Edit redo() {
        return done == edits.size() ? null : edits.get(done++);
    }

    /** Name of what undo would take back, or null. */
    public String undoName() {
        return done == 0 ? null : last().name();
    }

    /** Name of what redo would do, or null. */
    public String redoName() {
        return done == edits.size() ? null : next().name();
    }

    /** What undo would take back, or null. */
    public Edit last() {
        return done == 0 ? null : edits.get(done - 1);
    }

    /** What redo would do, or null. */
    public Edit next() {
        return done == edits.size() ? null : edits.get(done);
    }

    /** Forgets the edits that were taken back: they cannot be done again. */
    public void forgetUndone() {
        edits.subList(done, edits.size()).clear();
    }

    /** All edits, oldest first; the first {@link #done()} of them are done. */
    public List<Edit> edits() {
        return List.copyOf(edits);
    }

    /** How many of the edits are done. */
    public int done() {
        return done;
    }
}
