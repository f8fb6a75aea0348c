package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.board.Arrangement;
import rhombus.core.board.BoardTemplate;
import rhombus.core.board.ViewportStart;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.BorderDrag;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.StoredView;
import rhombus.core.stage.view.Viewport;
import rhombus.core.stage.view.ViewportRestoring;

/** How the viewports of a board share the stage. */
final class ArrangeArea {
    private static final String[] SIDES = {"top", "front", "right", "left", "back", "bottom"};

    private final StageContext ground;
    private final Boards boards;
    private final BorderDrag border;

    private ArrangeArea(StageContext ground, Boards boards) {
        this.ground = ground;
        this.boards = boards;
        this.border = new BorderDrag(ground, boards);
    }

    static CommandArea<ArrangeArea> area() {
        return new CommandArea<>(p -> new ArrangeArea(p.ground(), p.boards()), ArrangeArea::declare);
    }

    private static void declare(CommandDeclarations<ArrangeArea> d) {
        d.group(say("group.board"));
        d.action("board.arrange")
                .needs(
                        "to",
                        Arrays.stream(BoardTemplate.values())
                                .map(BoardTemplate::id)
                                .toList())
                .does((a, c) -> a.template(BoardTemplate.named(c.to()), c.view()));
        d.action("board.split")
                .choice("to", "right", "below")
                .does((a, c) -> a.split(c.view(), !c.to().equals("below")));
        d.action("board.close").does((a, c) -> a.close(c.view()));
        d.action("board.swap").needs("with").does((a, c) -> a.swap(c.view(), c.text("with")));
        d.action("board.drag-border")
                .traits(CommandTrait.TOLD)
                .joins()
                .needs("part", "begin", "move", "end", "cancel")
                .text("border")
                .number("x", "y")
                .truth("alone")
                .does((a, c) -> a.border.drag(c.args()));
        d.action("board.step-border")
                .repeats()
                .needs("border")
                .needs("to", "left", "right", "up", "down")
                .does((a, c) -> a.border.step(c.text("border"), c.to()));
        d.action("board.even").needs("border").does((a, c) -> a.border.even(c.text("border")));
    }

    /** The viewports there are fill the template as one reads, the active one first where one is meant to be worked in. */
    private void template(BoardTemplate t, Viewport v) {
        if (t == null) {
            return;
        }
        ActiveBoard b = ground.board();
        List<String> ids = new ArrayList<>(b.arrangement.views());
        if (t.hasLargeOne()) {
            ids.remove(v.id);
            ids.add(0, v.id);
        }
        if (ids.size() > t.count()) {
            ids = differentFirst(b, ids);
        }
        Map<String, ViewportStart> starts = new LinkedHashMap<>();
        for (int i = 0; ids.size() < t.count(); i++) {
            String id = freeId(ids);
            starts.put(id, ViewportStart.of(unusedSide(b, starts, i), v.look));
            ids.add(id);
        }
        int closed = Math.max(0, ids.size() - t.count());
        boards.before(t.words());
        boards.leaveSolo();
        boards.arrange(t.of(ids.subList(0, t.count())), starts);
        if (closed > 0) {
            ground.changes()
                    .notice(
                            closed == 1
                                    ? say("arrange-area.one-viewport-is-closed")
                                    : say("arrange-area.viewports-are-closed", closed),
                            say("arrange-area.bring-them-back"),
                            "board.undo");
        }
    }

    /** Viewports that show what no one before them shows come first; otherwise the order stays. */
    private List<String> differentFirst(ActiveBoard b, List<String> ids) {
        Set<Object> seen = new HashSet<>();
        List<String> first = new ArrayList<>();
        List<String> same = new ArrayList<>();
        for (String id : ids) {
            Viewport v = b.named(id);
            String side = PlateCaptions.direction(v, ground.scene().up());
            Object shows = v.camera != null
                    ? v.camera
                    : side.equals("free")
                            ? v.destination()
                            : side + v.destination().projection().flat();
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
    private String unusedSide(ActiveBoard b, Map<String, ViewportStart> added, int fallback) {
        for (String side : SIDES) {
            boolean used = b.views.stream().anyMatch(v -> PlateCaptions.direction(
                                    v, ground.scene().up())
                            .equals(side))
                    || added.values().stream().anyMatch(s -> s.from().equals(side));
            if (!used) {
                return side;
            }
        }
        return SIDES[fallback % SIDES.length];
    }

    private void split(Viewport v, boolean sideBySide) {
        ActiveBoard b = ground.board();
        String added = b.arrangement.freeId();
        Arrangement to;
        try {
            to = b.arrangement.split(v.id, added, sideBySide);
        } catch (IllegalArgumentException e) {
            ground.changes().notice(say("arrange-area.a-board-has-at-most", Arrangement.MOST), null, null);
            return;
        }
        boards.before(say("arrange-area.split", PlateCaptions.title(ground, v)));
        boards.leaveSolo();
        boards.arrange(to, Map.of(added, ActiveBoard.startLike(ground.scene().up(), v)));
        // A half shows what the whole showed.
        Viewport half = b.named(added);
        ViewportRestoring.look(ground, half, StoredView.look(v));
        half.trail.restart(half.pose);
        boards.layOut();
    }

    private void close(Viewport v) {
        ActiveBoard b = ground.board();
        if (b.views.size() == 1) {
            ground.changes().notice(say("arrange-area.the-last-viewport-of-a"), null, null);
            return;
        }
        String title = PlateCaptions.title(ground, v);
        boards.before(say("arrange-area.close", title));
        if (b.solo == v.number) {
            boards.leaveSolo();
        }
        boards.arrange(b.arrangement.without(v.id), Map.of());
        ground.changes().notice(say("arrange-area.is-closed", title), say("arrange-area.bring-it-back"), "board.undo");
    }

    private void swap(Viewport v, String with) {
        ActiveBoard b = ground.board();
        if (b.named(with) == null || with.equals(v.id)) {
            return;
        }
        boards.before(say("arrange-area.swap-two-viewports"));
        boards.arrange(b.arrangement.swapped(v.id, with), Map.of());
    }
}
