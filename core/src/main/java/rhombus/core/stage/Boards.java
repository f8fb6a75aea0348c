package rhombus.core.stage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Start;
import rhombus.core.board.Tab;
import rhombus.core.board.Tabs;
import rhombus.core.display.DisplayMode;
import rhombus.core.scene.Kind;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/** All boards of the user, the one in use, and the way back from changes to them. */
final class Boards {
    private static final int UNDO = 30;

    /** A viewport as it was. */
    record WasView(ViewState view, Pose pose, Crop crop, String camera, DisplayMode mode) {}

    /** A board as it was. */
    record WasBoard(Board board, String name, boolean linked, Arrangement arrangement, List<WasView> views, int active, int solo) {}

    /** All boards as they were before a change. */
    record Was(String what, boolean views, List<WasBoard> boards, Board current) {}

    private final Stage stage;
    private final List<Board> list = new ArrayList<>();
    private final List<Was> undo = new ArrayList<>();
    /** The one in use; always in the list. */
    private Board shown;
    private double width = 1;
    private double height = 1;

    Boards(Stage stage) {
        this.stage = stage;
        Tabs.starting().forEach(t -> list.add(new Board(t)));
        shown = list.get(0);
    }

    /** Which one is in use: this one, or the first where it is not in the list any more. */
    private void show(Board b) {
        shown = list.contains(b) ? b : list.get(0);
    }

    Board current() {
        return shown;
    }

    List<Board> list() {
        return list;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    Board named(String id) {
        return list.stream().filter(b -> b.id.equals(id)).findFirst().orElse(null);
    }

    // ---- size and scene --------------------------------------------------------------------------------------------

    void resize(double w, double h) {
        width = Math.max(1, w);
        height = Math.max(1, h);
        layOut();
    }

    /** Lays out the board in use; what looks through a camera fits its picture into the new size. */
    void layOut() {
        current().layOut(width, height);
        for (ViewState v : current().views) {
            Cameras.follow(stage, v);
        }
        stage.changes().add(Changes.LAYOUT | Changes.VIEWS | Changes.CAPTION | Changes.READOUT);
    }

    /** Another scene: every board is new to it. */
    void open() {
        undo.clear();
        list.removeIf(b -> b.passing);
        List<Tab> tabs = list.stream().map(b -> b.tab()).toList();
        String was = shown.id;
        list.clear();
        tabs.forEach(t -> list.add(new Board(t)));
        show(named(was));
        enter();
    }

    /** Shows the board in use: viewports that stand nowhere yet go home. */
    void enter() {
        Board b = current();
        b.layOut(width, height);
        if (!b.entered && stage.opened()) {
            Workspace.board(stage, b, b.kept);
            b.entered = true;
        }
        for (ViewState v : b.views) {
            if (v.pose == null) {
                settle(v);
            }
        }
        layOut();
    }

    private void settle(ViewState v) {
        v.set(Homes.of(v, stage.scene()));
        if (v.start.from().equals(Start.CAMERA)) {
            String camera = Cameras.usual(stage, v);
            if (camera != null && stage.scene().node(stage.scene().indexOf(camera)).kind() == Kind.CAMERA) {
                v.beforeCamera = v.pose;
                v.camera = camera;
                v.lastCamera = camera;
                Cameras.follow(stage, v);
            }
        }
        v.trail.restart(v.pose);
    }

    // ---- which one -------------------------------------------------------------------------------------------------

    void go(Board b) {
        if (b == shown || !list.contains(b)) {
            return;
        }
        leave();
        show(b);
        enter();
        stage.changes().add(Changes.KEEP);
    }

    void next(int by) {
        go(list.get(Math.floorMod(list.indexOf(shown) + by, list.size())));
    }

    /** Before another board is shown: what runs on this one ends, and what glides has landed. */
    private void leave() {
        stage.settle();
        for (ViewState v : current().views) {
            if (v.glide != null) {
                v.set(v.glide.to());
                v.glide = null;
            }
        }
    }

    // ---- the user's document ---------------------------------------------------------------------------------------

    /** What is kept for the user, whatever the scene. */
    Map<String, Object> toPlain() {
        return Tabs.toPlain(list.stream().filter(b -> !b.passing).map(b -> b.tab()).toList());
    }

    /**
     * Takes over the boards that are kept for the user; those that are there already keep what they show.
     *
     * @throws IllegalArgumentException if the document cannot be read; nothing is changed then
     */
    void use(Map<String, Object> document) {
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

    String freeId() {
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
    void add(Board b) {
        leave();
        list.add(list.indexOf(shown) + 1, b);
        show(b);
        enter();
        changed();
    }

    void remove(Board b) {
        int at = list.indexOf(b);
        leave();
        list.remove(at);
        show(b == shown ? list.get(Math.min(at, list.size() - 1)) : shown);
        enter();
        changed();
    }

    void move(Board b, int to) {
        list.remove(b);
        list.add(Math.max(0, Math.min(list.size(), to)), b);
        changed();
    }

    /** Arranges the viewports of the board in use anew; those that are new take their pose from the one they came from. */
    void arrange(Arrangement to, Map<String, Start> starts) {
        stage.settle();
        current().arrange(to, starts);
        enter();
        changed();
    }

    /** Something that is kept for the user has changed. */
    void changed() {
        stage.changes().add(Changes.BOARDS | Changes.KEEP | Changes.LAYOUT | Changes.VIEWS | Changes.CAPTION | Changes.READOUT);
    }

    // ---- back ------------------------------------------------------------------------------------------------------

    /** Remembers how all boards are, before a change that is called so. */
    void before(String what) {
        before(what, false);
    }

    /** The same; {@code views} where the change also moves viewports, so that taking it back moves them back. */
    void before(String what, boolean withViews) {
        remember(asIs(what, withViews));
    }

    /** How all boards are, to be remembered once it is known that something changes. */
    Was asIs(String what, boolean withViews) {
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

    void remember(Was was) {
        undo.add(was);
        if (undo.size() > UNDO) {
            undo.remove(0);
        }
    }

    /** What would be taken back, or null. */
    String undoName() {
        return undo.isEmpty() ? null : undo.get(undo.size() - 1).what();
    }

    /** Takes the last change of boards back; gives false if there is none. */
    boolean undo() {
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
            b.views = new ArrayList<>();
            for (WasView v : w.views) {
                v.view.number = b.views.size();
                b.views.add(v.view);
                if (was.views && v.pose != null) {
                    v.view.crop = v.crop;
                    v.view.camera = v.camera;
                    v.view.mode = v.mode;
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
