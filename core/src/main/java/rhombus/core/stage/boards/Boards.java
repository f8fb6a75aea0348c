package rhombus.core.stage.boards;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.board.Arrangement;
import rhombus.core.board.StoredBoard;
import rhombus.core.board.StoredBoards;
import rhombus.core.board.ViewportStart;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** All boards of the user, the one in use, and the way back from changes to them. */
public final class Boards {
    private final StageContext ground;
    private final Runnable settle;
    private final List<ActiveBoard> list = new ArrayList<>();
    private final BoardHistory back = new BoardHistory();

    /** The one in use; always in the list. */
    private ActiveBoard shown;

    private boolean clearDeck;
    private double width = 1;
    private double height = 1;

    /** @param settle ends whatever runs by itself or waits for the hand */
    public Boards(StageContext ground, Runnable settle) {
        this.ground = ground;
        this.settle = settle;
        StoredBoards.starting().forEach(t -> list.add(new ActiveBoard(t)));
        shown = list.get(0);
    }

    private void show(ActiveBoard b) {
        shown = list.contains(b) ? b : list.get(0);
    }

    public ActiveBoard current() {
        return shown;
    }

    public List<ActiveBoard> list() {
        return list;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    public ActiveBoard named(String id) {
        return list.stream().filter(b -> b.id.equals(id)).findFirst().orElse(null);
    }

    public void resize(double w, double h) {
        width = Math.max(1, w);
        height = Math.max(1, h);
        layOut();
    }

    /** Lays out the board in use; what looks through a camera fits its picture into the new size. */
    public void layOut() {
        current().layOut(width, height);
        for (Viewport v : current().views) {
            CameraViews.follow(ground, v);
        }
        ground.changes().add(ChangeTopic.LAYOUT);
        ground.changes().add(ChangeTopic.CAPTION);
        ground.changes().views();
    }

    /** Another scene: every board is new to it. */
    public void open() {
        back.forget();
        list.removeIf(b -> b.passing);
        List<StoredBoard> tabs = list.stream().map(ActiveBoard::tab).toList();
        String was = shown.id;
        list.clear();
        tabs.forEach(t -> list.add(new ActiveBoard(t)));
        show(named(was));
        enter();
    }

    /** Ends whatever runs by itself or waits for the hand, where it is. */
    public void settle() {
        settle.run();
    }

    /** Whether everything but the viewports is hidden. */
    public boolean clearDeck() {
        return clearDeck;
    }

    /** Hides everything but the viewports, or brings it back. */
    public void clearDeck(boolean on) {
        clearDeck = on;
    }

    /** Shows the board in use: viewports that stand nowhere yet go home. */
    public void enter() {
        ActiveBoard b = current();
        b.layOut(width, height);
        if (!b.entered && ground.model().opened()) {
            FirstViews.fill(ground, b, b.kept);
            b.entered = true;
        }
        for (Viewport v : b.views) {
            if (v.pose == null) {
                FirstViews.settle(ground, v);
            }
        }
        layOut();
    }

    /** One viewport alone, or all of them again. */
    public void solo(Viewport v) {
        ActiveBoard b = current();
        b.solo = b.solo >= 0 ? -1 : v.number;
        b.active = v.number;
        layOut();
    }

    /** No viewport is alone any more, once the board is arranged anew. */
    public void leaveSolo() {
        current().solo = -1;
    }

    public void go(ActiveBoard b) {
        if (b == shown || !list.contains(b)) {
            return;
        }
        leave();
        show(b);
        enter();
        ground.changes().add(ChangeTopic.KEEP);
    }

    public void next(int by) {
        go(list.get(Math.floorMod(list.indexOf(shown) + by, list.size())));
    }

    /** Before another board is shown: what runs on this one ends, and what glides has landed. */
    private void leave() {
        settle.run();
        for (Viewport v : current().views) {
            ground.navigator().land(v);
        }
    }

    /** What is kept for the user, whatever the scene. */
    public Map<String, Object> toPlain() {
        return StoredBoards.toPlain(
                list.stream().filter(b -> !b.passing).map(ActiveBoard::tab).toList());
    }

    /**
     * Takes over the boards that are kept for the user; those that are there already keep what they show.
     *
     * @throws IllegalArgumentException if the document cannot be read; nothing is changed then
     */
    public void use(Map<String, Object> document) {
        List<StoredBoard> tabs = StoredBoards.of(document);
        leave();
        List<ActiveBoard> next = new ArrayList<>();
        for (StoredBoard t : tabs) {
            ActiveBoard known = named(t.id());
            if (known == null) {
                known = new ActiveBoard(t);
            } else {
                known.take(t);
            }
            next.add(known);
        }
        list.stream().filter(b -> b.passing).forEach(next::add);
        list.clear();
        list.addAll(next);
        show(shown);
        back.forget();
        enter();
    }

    public String freeId() {
        Set<String> taken = back.ids();
        list.forEach(b -> taken.add(b.id));
        int n = 1;
        while (taken.contains("b" + n)) {
            n++;
        }
        return "b" + n;
    }

    /** Adds a board after the one in use and shows it. */
    public void add(ActiveBoard b) {
        leave();
        list.add(list.indexOf(shown) + 1, b);
        show(b);
        enter();
        changed();
    }

    public void remove(ActiveBoard b) {
        int at = list.indexOf(b);
        leave();
        list.remove(at);
        show(b == shown ? list.get(Math.min(at, list.size() - 1)) : shown);
        enter();
        changed();
    }

    public void move(ActiveBoard b, int to) {
        list.remove(b);
        list.add(Math.max(0, Math.min(list.size(), to)), b);
        changed();
    }

    /** Arranges the viewports of the board in use anew; those that are new take their pose from the one they came from. */
    public void arrange(Arrangement to, Map<String, ViewportStart> starts) {
        settle.run();
        current().arrange(to, starts);
        enter();
        changed();
    }

    /** The borders and crossings of the board in use; none while one viewport fills it. */
    public List<BorderMark> borders() {
        return BorderMarks.of(current(), width, height);
    }

    /** Another name for a board, which is the user's own from now on. */
    public void rename(ActiveBoard b, String name) {
        before(say("boards.rename", b.name));
        b.name = name;
        b.passing = false;
        changed();
    }

    /** A board that came with an address is the user's own from now on. */
    public void keep(ActiveBoard b) {
        b.passing = false;
        changed();
    }

    /** Something that is kept for the user has changed. */
    public void changed() {
        ground.changes().add(ChangeTopic.BOARDS, ChangeTopic.KEEP, ChangeTopic.LAYOUT);
        ground.changes().add(ChangeTopic.CAPTION);
        ground.changes().views();
    }

    /** Remembers how all boards are, before a change that is called so. */
    public void before(String what) {
        before(what, false);
    }

    /** The same; {@code views} where the change also moves viewports, so that taking it back moves them back. */
    public void before(String what, boolean withViews) {
        remember(asIs(what, withViews));
    }

    void remember(BoardsSnapshot was) {
        back.remember(was);
    }

    /** What would be taken back, or null. */
    public String undoName() {
        return back.name();
    }

    /** How all boards are, to be remembered once it is known that something changes. */
    BoardsSnapshot asIs(String what, boolean withViews) {
        return BoardsSnapshot.of(what, withViews, list, current());
    }

    /** Takes the last change of boards back; gives false if there is none. */
    public boolean undo() {
        BoardsSnapshot was = back.take();
        if (was == null) {
            return false;
        }
        leave();
        // A board that came with an address since is nobody's change of boards.
        List<ActiveBoard> passing =
                list.stream().filter(b -> b.passing && !was.holds(b)).toList();
        list.clear();
        list.addAll(was.putBack());
        list.addAll(passing);
        show(was.current());
        enter();
        changed();
        return true;
    }
}
