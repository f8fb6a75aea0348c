package rhombus.core.stage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Borders;
import rhombus.core.board.Start;
import rhombus.core.board.Tab;
import rhombus.core.board.Tabs;
import rhombus.core.board.Template;
import rhombus.core.plain.Plain;

/** Actions on boards: their tabs, and how their viewports share the stage. */
final class BoardCommands {
    private static final String[] SIDES = {"top", "front", "right", "left", "back", "bottom"};

    private final Stage stage;
    private final BorderDrag border;

    BoardCommands(Stage stage) {
        this.stage = stage;
        this.border = new BorderDrag(stage);
    }

    boolean run(String id, Map<String, Object> args, ViewState v) {
        Boards boards = stage.boards();
        String named = Plain.text(args.get("board"), boards.current().id);
        Board b = boards.named(named);
        if (b == null) {
            return false;
        }
        switch (id) {
            case "board.solo" -> solo(v);
            case "board.clear-deck" -> clearDeck();
            case "board.activate" -> {
                stage.activate(v);
                stage.worked(v);
            }
            case "board.next" -> boards.next(1);
            case "board.previous" -> boards.next(-1);
            case "board.go" -> boards.go(b);
            case "board.add" -> copy(boards.current(), "Board " + (boards.list().size() + 1));
            case "board.duplicate" -> copy(b, b.name + " copy");
            case "board.rename" -> {
                boards.before("Rename " + b.name);
                b.name = Tab.tidy(Plain.text(args.get("name"), b.name));
                b.passing = false;
                boards.changed();
            }
            case "board.keep" -> {
                b.passing = false;
                boards.changed();
            }
            case "board.move" -> move(b, args);
            case "board.delete" -> delete(b);
            case "board.undo" -> {
                String what = boards.undoName();
                stage.changes().notice(boards.undo() ? "Taken back: " + what + "." : "No change of a board to take back.", null, null);
            }
            case "board.link" -> stage.linked().toggle(v);
            case "board.use-for-new-scenes" -> {
                boards.current().starts(stage).forEach((view, start) -> boards.current().named(view).start = start);
                stage.changes().notice("In scenes that are new to it, this board starts like this.", null, null);
                boards.changed();
            }
            default -> {
                return arrange(id, args, v);
            }
        }
        return true;
    }

    private boolean arrange(String id, Map<String, Object> args, ViewState v) {
        switch (id) {
            case "board.arrange" -> template(Template.named(Plain.text(args.get("to"), "")), v);
            case "board.split" -> split(v, !Plain.text(args.get("to"), "").equals("below"));
            case "board.close" -> close(v);
            case "board.swap" -> swap(v, Plain.text(args.get("with"), ""));
            case "board.drag-border" -> border.drag(args);
            case "board.step-border" -> border.step(Plain.text(args.get("border"), ""), Plain.text(args.get("to"), ""));
            case "board.even" -> border.even(Plain.text(args.get("border"), ""));
            default -> {
                return false;
            }
        }
        return true;
    }

    private void solo(ViewState v) {
        Board board = stage.board();
        stage.grips().closePad();
        board.solo = board.solo >= 0 ? -1 : v.number;
        board.active = v.number;
        stage.boards().layOut();
        if (stage.walking().on() && !stage.walking().view().shown) {
            stage.walking().leave();
        }
        stage.changes().add(Changes.KEEP);
    }

    private void clearDeck() {
        stage.clearDeck(!stage.clearDeck());
        stage.changes().application("board.clear-deck", Map.of());
        stage.changes().add(Changes.READOUT);
    }

    // ---- tabs ------------------------------------------------------------------------------------------------------

    private void copy(Board of, String name) {
        Boards boards = stage.boards();
        if (boards.list().size() >= Tabs.MOST) {
            stage.changes().notice("There are " + Tabs.MOST + " boards already; delete one first.", null, null);
            return;
        }
        stage.settle();
        boards.before("Add " + name);
        boards.add(of.copy(stage, boards.freeId(), name));
    }

    private void move(Board b, Map<String, Object> args) {
        Boards boards = stage.boards();
        int at = boards.list().indexOf(b);
        int to = switch (Plain.text(args.get("to"), "")) {
            case "left" -> at - 1;
            case "right" -> at + 1;
            default -> Plain.whole(args.get("to"), at);
        };
        if (to != at && to >= 0 && to < boards.list().size()) {
            boards.before("Move " + b.name);
            boards.move(b, to);
        }
    }

    private void delete(Board b) {
        Boards boards = stage.boards();
        if (boards.list().size() == 1) {
            stage.changes().notice("The last board stays.", null, null);
            return;
        }
        boards.before("Delete " + b.name);
        boards.remove(b);
        stage.changes().notice(b.name + " is deleted.", "Bring it back", "board.undo");
    }

    // ---- viewports -------------------------------------------------------------------------------------------------

    /** The viewports there are fill the template as one reads, the active one first where one is meant to be worked in. */
    private void template(Template t, ViewState v) {
        if (t == null) {
            return;
        }
        Board b = stage.board();
        List<String> ids = new ArrayList<>(b.arrangement.views());
        if (t.hasLargeOne()) {
            ids.remove(v.id);
            ids.add(0, v.id);
        }
        if (ids.size() > t.count()) {
            ids = differentFirst(b, ids);
        }
        Map<String, Start> starts = new LinkedHashMap<>();
        for (int i = 0; ids.size() < t.count(); i++) {
            String id = freeId(ids);
            starts.put(id, Start.of(unusedSide(b, starts, i), v.mode));
            ids.add(id);
        }
        int closed = Math.max(0, ids.size() - t.count());
        stage.boards().before(t.words());
        b.solo = -1;
        stage.boards().arrange(t.of(ids.subList(0, t.count())), starts);
        if (closed > 0) {
            stage.changes().notice(
                    closed == 1 ? "One viewport is closed." : closed + " viewports are closed.", "Bring them back", "board.undo");
        }
    }

    /** Viewports that show what no one before them shows come first; otherwise the order stays. */
    private List<String> differentFirst(Board b, List<String> ids) {
        Set<Object> seen = new HashSet<>();
        List<String> first = new ArrayList<>();
        List<String> same = new ArrayList<>();
        for (String id : ids) {
            ViewState v = b.named(id);
            String side = Captions.direction(v, stage.scene().up());
            Object shows = v.camera != null ? v.camera : side.equals("free") ? v.destination() : side + v.destination().projection().flat();
            (seen.add(shows) ? first : same).add(id);
        }
        first.addAll(same);
        return first;
    }

    private static String freeId(List<String> ids) {
        int n = 1;
        while (ids.contains("v" + n)) {
            n++;
        }
        return "v" + n;
    }

    /** A side from which no viewport looks yet, so that a new one shows something new. */
    private String unusedSide(Board b, Map<String, Start> added, int fallback) {
        for (String side : SIDES) {
            boolean used = b.views.stream().anyMatch(v -> Captions.direction(v, stage.scene().up()).equals(side))
                    || added.values().stream().anyMatch(s -> s.from().equals(side));
            if (!used) {
                return side;
            }
        }
        return SIDES[fallback % SIDES.length];
    }

    private void split(ViewState v, boolean sideBySide) {
        Board b = stage.board();
        String added = b.arrangement.freeId();
        Arrangement to;
        try {
            to = b.arrangement.split(v.id, added, sideBySide);
        } catch (IllegalArgumentException e) {
            stage.changes().notice("A board has at most " + Arrangement.MOST + " viewports; close one first.", null, null);
            return;
        }
        stage.boards().before("Split " + Captions.title(stage, v));
        b.solo = -1;
        stage.boards().arrange(to, Map.of(added, Board.startLike(stage, v)));
        // A half shows what the whole showed.
        ViewState half = b.named(added);
        Workspace.look(stage, half, Workspace.look(v));
        half.trail.restart(half.pose);
        stage.boards().layOut();
    }

    private void close(ViewState v) {
        Board b = stage.board();
        if (b.views.size() == 1) {
            stage.changes().notice("The last viewport of a board stays.", null, null);
            return;
        }
        String title = Captions.title(stage, v);
        stage.boards().before("Close " + title);
        if (b.solo == v.number) {
            b.solo = -1;
        }
        stage.boards().arrange(b.arrangement.without(v.id), Map.of());
        stage.changes().notice(title + " is closed.", "Bring it back", "board.undo");
    }

    private void swap(ViewState v, String with) {
        Board b = stage.board();
        if (b.named(with) == null || with.equals(v.id)) {
            return;
        }
        stage.boards().before("Swap two viewports");
        stage.boards().arrange(b.arrangement.swapped(v.id, with), Map.of());
    }

    /** The borders and crossings of the board in use as plain data; none while one viewport fills it. */
    List<Object> borders() {
        Board b = stage.board();
        List<Object> out = new ArrayList<>();
        if (b.solo >= 0) {
            return out;
        }
        Borders borders = Borders.of(b.arrangement, stage.boards().width(), stage.boards().height());
        borders.all().forEach(each -> out.add(Plain.map(
                "id", each.id(), "upright", each.upright(), "part", each.part(),
                "x", each.box().x(), "y", each.box().y(), "width", each.box().width(), "height", each.box().height())));
        borders.crossings().forEach(c -> out.add(Plain.map(
                "id", c.id(), "crossing", true, "x", c.x(), "y", c.y(), "width", Arrangement.GAP, "height", Arrangement.GAP)));
        return out;
    }
}
