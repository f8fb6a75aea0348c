package rhombus.core.stage.boards;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Set;

/** What the boards were before their last changes, newest last; the oldest is forgotten when there are too many. */
final class BoardHistory {
    private static final int MOST = 30;

    private final Deque<BoardsSnapshot> steps = new ArrayDeque<>();

    void remember(BoardsSnapshot was) {
        steps.addLast(was);
        if (steps.size() > MOST) {
            steps.removeFirst();
        }
    }

    void forget() {
        steps.clear();
    }

    /** The newest, which is not a way back any more then; null if there is none. */
    BoardsSnapshot take() {
        return steps.pollLast();
    }

    /** What the newest change is called; null if there is none. */
    String name() {
        return steps.isEmpty() ? null : steps.getLast().what();
    }

    /** The ids of all boards a way back leads to. */
    Set<String> ids() {
        Set<String> all = new HashSet<>();
        steps.forEach(w -> all.addAll(w.ids()));
        return all;
    }
}
