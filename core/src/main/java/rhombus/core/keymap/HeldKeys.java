package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.List;

/** Keys held for a motion, in the order in which they went down: the newest moves, and hands back when it goes up. */
final class HeldKeys {
    private final List<String> down = new ArrayList<>();
    private double since;
    private boolean moved;

    /** The key that moves, or the empty string. */
    String newest() {
        return down.isEmpty() ? "" : down.get(down.size() - 1);
    }

    boolean none() {
        return down.isEmpty();
    }

    boolean holds(String code) {
        return down.contains(code);
    }

    void press(String code, double timeMs) {
        down.add(code);
        since = timeMs;
        moved = false;
    }

    /** Takes a key away; says whether it was the one that moves. */
    boolean release(String code) {
        boolean newest = code.equals(newest());
        down.remove(code);
        return newest;
    }

    /** The hand has moved: no key that is down now is a tap any more. */
    void moved() {
        moved = true;
    }

    /** Whether letting go now is a tap: nothing moved, not long. */
    boolean tap(double timeMs, double longest) {
        return !moved && timeMs - since <= longest;
    }

    void clear() {
        down.clear();
    }
}
