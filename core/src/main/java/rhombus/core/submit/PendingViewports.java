package rhombus.core.submit;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/** Viewports that are still to be drawn in full: drawn with less detail while they moved, or not drawn for a mark that moved. */
public final class PendingViewports {
    private final BitSet views = new BitSet();
    private boolean finishing;

    /** A viewport was drawn, in full or with less detail. */
    public void drawn(int view, boolean inFull) {
        views.set(view, !inFull);
    }

    /** A mark within a viewport has moved that is not worth a frame of its own while something moves. */
    public void owe(int view) {
        views.set(view);
    }

    /**
     * When they are to be drawn: at once after a motion, a little later where a hand holds still within one.
     *
     * @return milliseconds, -1 where there are none
     */
    public double in(boolean moving) {
        return views.isEmpty() ? -1 : moving ? DetailEasing.REST : 0;
    }

    /** They are drawn in full with the next frame; gives them, and nobody waits for them from then on, whatever becomes of them. */
    public List<Integer> finish() {
        List<Integer> out = new ArrayList<>();
        views.stream().forEach(out::add);
        views.clear();
        finishing = true;
        return out;
    }

    /** Whether the frame that begins is the one in which they are drawn in full. */
    public boolean takeFinishing() {
        boolean was = finishing;
        finishing = false;
        return was;
    }
}
