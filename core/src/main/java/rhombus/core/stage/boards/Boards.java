package rhombus.core.stage.boards;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Borders;
import rhombus.core.board.Start;
import rhombus.core.board.Tab;
import rhombus.core.board.Tabs;
import rhombus.core.display.DisplayMode;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Kind;
import rhombus.core.stage.view.Board;
import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Homes;
import rhombus.core.stage.view.Looks;
import rhombus.core.stage.view.Topic;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/** All boards of the user, the one in use, and the way back from changes to them. */
public final class Boards {
    private static final int UNDO = 30;

    /** A viewport as it was. */
    public record WasView(ViewState view, Pose pose, Crop crop, String camera, DisplayMode mode) {}

    /** A board as it was. */
    public record WasBoard(Board board, String name, boolean linked, Arrangement arrangement, List<WasView> views, int active, int solo) {}

    /** All boards as they were before a change. */
    public record Was(String what, boolean views, List<WasBoard> boards, Board current) {}

    private final Ground ground;
    private final Runnable settle;
    private final List<Board> list = new ArrayList<>();
    private final List<Was> undo = new ArrayList<>();
    /** The one in use; always in the list. */
    private Board shown;
    private boolean clearDeck;
    private double width = 1;
    private double height = 1;

    /** @param settle ends whatever runs by itself or waits for the hand */
    public Boards(Ground ground, Runnable settle) {
        this.ground = ground;
        this.settle = settle;
        Tabs.starting().forEach(t -> list.add(new Board(t)));
        shown = list.get(0);
    }

    /** Which one is in use: this one, or the first where it is not in the list any more. */
    private void show(Board b) {
        shown = list.contains(b) ? b : list.get(0);
    }

    public Board current() {
        return shown;
    }

    public List<Board> list() {
        return list;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    public Board named(String id) {
        return list.stream().filter(b -> b.id.equals(id)).findFirst().orElse(null);
    }

    // ---- size and scene --------------------------------------------------------------------------------------------

    public void resize(double w, double h) {
        width = Math.max(1, w);
        height = Math.max(1, h);
        layOut();
    }

    /** Lays out the board in use; what looks through a camera fits its picture into the new size. */
    public void layOut() {
        current().layOut(width, height);
        for (ViewState v : current().views) {
            Cameras.follow(ground, v);
        }
        ground.changes().add(Topic.LAYOUT, Topic.CAPTION);
        ground.changes().views();
    }

    /** Another scene: every board is new to it. */
    public void open() {
        undo.clear();
        list.removeIf(b -> b.passing);
        List<Tab> tabs = list.stream().map(b -> b.tab()).toList();
        String was = shown.id;
        list.clear();
        tabs.forEach(t -> list.add(new Board(t)));
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
        Board b = current();
        b.layOut(width, height);
        if (!b.entered && ground.model().opened()) {
            fill(b, b.kept);
            b.entered = true;
        }
        for (ViewState v : b.views) {
            if (v.pose == null) {
                settle(v);
            }
        }
        layOut();
    }

    /** Gives a board what was kept of it for this scene. */
    public void fill(Board b, Map<String, Object> m) {
        Map<String, Object> views = Plain.map(m.get("views"));
        for (ViewState v : b.views) {
            if (views.containsKey(v.id)) {
                Looks.view(ground, v, Plain.map(views.get(v.id)));
            }
        }
        ViewState active = b.named(Plain.text(m.get("active"), ""));
        ViewState solo = b.named(Plain.text(m.get("solo"), ""));
        b.active = active == null ? b.active : active.number;
        b.solo = solo == null ? -1 : solo.number;
    }

    private void settle(ViewState v) {
        v.set(Homes.of(v, ground.scene()));
        if (v.start.from().equals(Start.CAMERA)) {
            String camera = Cameras.usual(ground, v);
            if (camera != null && ground.scene().node(ground.scene().indexOf(camera)).kind() == Kind.CAMERA) {
                Cameras.start(ground, v, camera);
            }
        }
        v.trail.restart(v.pose);
    }

    /** One viewport alone, or all of them again. */
    public void solo(ViewState v) {
        Board b = current();
        b.solo = b.solo >= 0 ? -1 : v.number;
        b.active = v.number;
        layOut();
    }

    /** No viewport is alone any more, once the board is arranged anew. */
    public void leaveSolo() {
        current().solo = -1;
    }

    /** The borders and crossings of the board in use as plain data; none while one viewport fills it. */
    public List<BorderMark> borders() {
        Board b = current();
        List<BorderMark> out = new ArrayList<>();
        if (b.solo >= 0) {
            return out;
        }
        Borders borders = Borders.of(b.arrangement, width, height);
        borders.all().forEach(each -> out.add(new BorderMark(
                each.id(), each.upright(), null, each.part(), each.box().x(), each.box().y(), each.box().width(), each.box().height())));
        borders.crossings().forEach(c -> out.add(
                new BorderMark(c.id(), null, true, null, c.x(), c.y(), Arrangement.GAP, Arrangement.GAP)));
        return out;
    }

    // ---- which one -------------------------------------------------------------------------------------------------

    public void go(Board b) {
        if (b == shown || !list.contains(b)) {
            return;
        }
        leave();
        show(b);
        enter();
        ground.changes().add(Topic.KEEP);
    }

    public void next(int by) {
        go(list.get(Math.floorMod(list.indexOf(shown) + by, list.size())));
    }

    /** Before another board is shown: what runs on this one ends, and what glides has landed. */
    private void leave() {
        settle.run();
        for (ViewState v : current().views) {
            ground.navigator().land(v);
        }
    }

    // ---- the user's document ---------------------------------------------------------------------------------------

    /** What is kept for the user, whatever the scene. */
    public Map<String, Object> toPlain() {
        return Tabs.toPlain(list.stream().filter(b -> !b.passing).map(b -> b.tab()).toList());
    }

    /**
     * Takes over the boards that are kept for the user; those that are there already keep what they show.
     *
     * @throws IllegalArgumentException if the document cannot be read; nothing is changed then
     */
    public void use(Map<String, Object> document) {
        List<Tab> tabs = Tabs.of(document);
        leave();
        Board was = current();
        List<Board> next = new ArrayList<>();
        for (Tab t : tabs) {
            Board known = named(t.id());
            if (known == null) {
                known = new Board(t);
            } else {
                known.take(t);
            }
            next.add(known);
        }
        list.stream().filter(b -> b.passing).forEach(next::add);
        list.clear();
        list.addAll(next);
        show(was);
        undo.clear();
        enter();
    }

    public String freeId() {
        Set<String> taken = new HashSet<>();
        list.forEach(b -> taken.add(b.id));
        undo.forEach(u -> u.boards.forEach(b -> taken.add(b.board.id)));
        int n = 1;
        while (taken.contains("b" + n)) {
            n++;
        }
        return "b" + n;
    }

    /** Adds a board after the one in use and shows it. */
    public void add(Board b) {
        leave();
        list.add(list.indexOf(shown) + 1, b);
        show(b);
        enter();
        changed();
    }

    public void remove(Board b) {
        int at = list.indexOf(b);
        leave();
        list.remove(at);
        show(b == shown ? list.get(Math.min(at, list.size() - 1)) : shown);
        enter();
        changed();
    }

    public void move(Board b, int to) {
        list.remove(b);
        list.add(Math.max(0, Math.min(list.size(), to)), b);
        changed();
    }

    /** Arranges the viewports of the board in use anew; those that are new take their pose from the one they came from. */
    public void arrange(Arrangement to, Map<String, Start> starts) {
        settle.run();
        current().arrange(to, starts);
        enter();
        changed();
    }

    /** Another name for a board, which is the user's own from now on. */
    public void rename(Board b, String name) {
        before("Rename " + b.name);
        b.name = name;
        b.passing = false;
        changed();
    }

    /** A board that came with an address is the user's own from now on. */
    public void keep(Board b) {
        b.passing = false;
        changed();
    }

    /** Something that is kept for the user has changed. */
    public void changed() {
        ground.changes().add(Topic.BOARDS, Topic.KEEP, Topic.LAYOUT);
        ground.changes().add(Topic.CAPTION);
        ground.changes().views();
    }

    // ---- back ------------------------------------------------------------------------------------------------------

    /** Remembers how all boards are, before a change that is called so. */
    public void before(String what) {
        before(what, false);
    }

    /** The same; {@code views} where the change also moves viewports, so that taking it back moves them back. */
    public void before(String what, boolean withViews) {
        remember(asIs(what, withViews));
    }

    /** How all boards are, to be remembered once it is known that something changes. */
    public Was asIs(String what, boolean withViews) {
        List<WasBoard> boards = new ArrayList<>();
        for (Board b : list) {
            List<WasView> views = new ArrayList<>();
            for (ViewState v : b.views) {
                views.add(new WasView(v, v.pose == null ? null : v.destination(), v.crop, v.camera, v.mode));
            }
            boards.add(new WasBoard(b, b.name, b.linked, b.arrangement, views, b.active, b.solo));
        }
        return new Was(what, withViews, boards, current());
    }

    public void remember(Was was) {
        undo.add(was);
        if (undo.size() > UNDO) {
            undo.remove(0);
        }
    }

    /** What would be taken back, or null. */
    public String undoName() {
        return undo.isEmpty() ? null : undo.get(undo.size() - 1).what();
    }

    /** Takes the last change of boards back; gives false if there is none. */
    public boolean undo() {
        if (undo.isEmpty()) {
            return false;
        }
        leave();
        Was was = undo.remove(undo.size() - 1);
        // A board that came with an address since is nobody's change of boards.
        List<Board> passing = list.stream().filter(b -> b.passing && was.boards.stream().noneMatch(w -> w.board == b)).toList();
        list.clear();
        for (WasBoard w : was.boards) {
            Board b = w.board;
            b.name = w.name;
            b.linked = w.linked;
            b.arrangement = w.arrangement;
            b.show(w.views.stream().map(WasView::view).toList());
            for (WasView v : w.views) {
                if (was.views && v.pose != null) {
                    v.view.putBack(v.camera, v.crop, v.view.autoFlat);
                    v.view.draw(v.mode);
                    v.view.set(v.pose);
                    v.view.trail.add(v.pose, "taken back");
                }
            }
            b.active = w.active;
            b.solo = w.solo;
            list.add(b);
        }
        list.addAll(passing);
        show(was.current);
        enter();
        changed();
        return true;
    }
}
