package rhombus.core.stage.boards;

import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.board.Arrangement;
import rhombus.core.display.Look;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/**
 * All boards as they were before a change.
 *
 * @param what the change is called
 * @param moved whether it also moved viewports, so that taking it back moves them back
 * @param boards in their order
 * @param current the one that was in use
 */
record BoardsSnapshot(String what, boolean moved, List<WasBoard> boards, ActiveBoard current) {
    /** A viewport as it was. */
    private record WasView(Viewport view, Pose pose, Crop crop, String camera, Look look) {
        static WasView of(Viewport v) {
            return new WasView(v, v.pose == null ? null : v.destination(), v.crop, v.camera, v.look);
        }

        void putBack() {
            if (pose != null) {
                view.putBack(camera, crop, view.autoFlat);
                view.draw(look);
                view.set(pose);
                view.trail.add(pose, say("was.taken-back"), view.camera);
            }
        }
    }

    /** A board as it was. */
    private record WasBoard(
            ActiveBoard board,
            String name,
            boolean linked,
            Arrangement arrangement,
            List<WasView> views,
            int active,
            int solo) {
        static WasBoard of(ActiveBoard b) {
            return new WasBoard(
                    b,
                    b.name,
                    b.linked,
                    b.arrangement,
                    b.views.stream().map(WasView::of).toList(),
                    b.active,
                    b.solo);
        }

        ActiveBoard putBack(boolean moved) {
            board.name = name;
            board.linked = linked;
            board.arrangement = arrangement;
            board.show(views.stream().map(WasView::view).toList());
            if (moved) {
                views.forEach(WasView::putBack);
            }
            board.active = active;
            board.solo = solo;
            return board;
        }
    }

    static BoardsSnapshot of(String what, boolean moved, List<ActiveBoard> boards, ActiveBoard current) {
        return new BoardsSnapshot(what, moved, boards.stream().map(WasBoard::of).toList(), current);
    }

    List<String> ids() {
        return boards.stream().map(w -> w.board.id).toList();
    }

    boolean holds(ActiveBoard b) {
        return boards.stream().anyMatch(w -> w.board == b);
    }

    /** Makes all boards as they were, and gives them in their order. */
    List<ActiveBoard> putBack() {
        return boards.stream().map(w -> w.putBack(moved)).toList();
    }
}
