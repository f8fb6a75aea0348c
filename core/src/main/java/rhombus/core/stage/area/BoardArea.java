package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.APPLICATION;
import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.BiPredicate;
import rhombus.core.board.Tab;
import rhombus.core.board.Tabs;
import rhombus.core.keymap.Resolver;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.marks.Grips;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.Board;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Topic;
import rhombus.core.stage.view.ViewState;

/** Actions on boards: their tabs, and how their viewports share the stage. */
public final class BoardArea {
    /** Hints name it early: it is how one sees more. */
    private static final int FIRST = -29;

    private final Ground ground;
    private final Boards boards;
    private final Walking walking;
    private final LinkedViews linked;
    private final Grips grips;
    private final Resolver resolver;

    private BoardArea(
            Ground ground, Boards boards, Walking walking, LinkedViews linked, Grips grips, Resolver resolver) {
        this.ground = ground;
        this.boards = boards;
        this.walking = walking;
        this.linked = linked;
        this.grips = grips;
        this.resolver = resolver;
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static Area<BoardArea> area() {
        return new Area<>(
                p -> new BoardArea(p.ground(), p.boards(), p.walking(), p.linked(), p.grips(), p.resolver()),
                BoardArea::declare);
    }

    private static void declare(Declare<BoardArea> d) {
        d.group(say("group.board"));
        d.replays(true);
        views(d);
        d.replays(false);
        tabs(d);
    }

    private static void views(Declare<BoardArea> d) {
        d.action("board.solo")
                .joins()
                .rank(FIRST)
                .key("solo", "KeyQ", 0, say("hint.solo"))
                .on("pad-solo", Trigger.gamepad("stick-left"), 0, STAGE, say("hint.solo"))
                .told((a, c) -> a.boards.current().solo >= 0 ? say("board-area.bring-all-viewports-back") : null)
                .does((a, c) -> a.solo(c.view()));
        d.action("board.clear-deck")
                .joins()
                .on("clear-deck", Trigger.key("KeyQ"), SHIFT, APPLICATION, say("hint.clear-deck"))
                .does((a, c) -> a.clearDeck());
        d.action("board.activate")
                .on("activate", Trigger.click(Buttons.LEFT), ALT, STAGE, say("hint.activate-select-nothing"))
                .does(BoardArea::activate);
        d.action("board.next-view")
                .choice("to", "next", "before")
                .on(
                        "pad-next-view",
                        Trigger.gamepad("front-right"),
                        0,
                        STAGE,
                        Map.of("to", "next"),
                        say("hint.next-viewport"))
                .on(
                        "pad-view-before",
                        Trigger.gamepad("front-left"),
                        0,
                        STAGE,
                        Map.of("to", "before"),
                        say("hint.viewport-before"))
                .does(BoardArea::nextView);
        d.action("board.next")
                .on("next-board", Trigger.key("KeyB"), 0, APPLICATION, say("hint.next-board"))
                .does((a, c) -> a.boards.next(1));
        d.action("board.previous")
                .on("previous-board", Trigger.key("KeyB"), SHIFT, APPLICATION, say("hint.board-before"))
                .does((a, c) -> a.boards.next(-1));
    }

    private static void tabs(Declare<BoardArea> d) {
        of(d, "board.go").traits(Trait.TOLD).tries(on((a, c) -> a.boards.go(a.board(c))));
        d.action("board.add")
                .does((a, c) -> a.copy(
                        a.boards.current(),
                        say("board-area.board", a.boards.list().size() + 1)));
        of(d, "board.duplicate").tries(on((a, c) -> a.copy(a.board(c), say("board-area.copy", a.board(c).name))));
        of(d, "board.rename").traits(Trait.TOLD).text("name").tries(on((a, c) -> a.rename(a.board(c), c)));
        of(d, "board.move").place("to", "left", "right").tries(on((a, c) -> a.move(a.board(c), c)));
        of(d, "board.delete").tries(on((a, c) -> a.delete(a.board(c))));
        of(d, "board.keep").traits(Trait.TOLD).tries(on((a, c) -> a.boards.keep(a.board(c))));
        d.action("board.undo").does((a, c) -> a.undo());
        d.action("board.use-for-new-scenes").does((a, c) -> a.useForNewScenes());
        d.action("board.link")
                .on("link-views", Trigger.key("KeyB"), ALT, APPLICATION, say("hint.link-flat-views"))
                .does((a, c) -> a.linked.toggle(c.view()));
    }

    /** A command on one board: the named one, or else the one in use. */
    private static Entry<BoardArea> of(Declare<BoardArea> d, String id) {
        return d.action(id).text("board");
    }

    private static BiPredicate<BoardArea, Call> on(BiConsumer<BoardArea, Call> what) {
        return (a, c) -> {
            boolean known = a.board(c) != null;
            if (known) {
                what.accept(a, c);
            }
            return known;
        };
    }

    private Board board(Call c) {
        return c.args().get("board") == null ? boards.current() : boards.named(c.text("board"));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private void activate(Call c) {
        ground.attention().activate(c.view());
        ground.attention().worked(c.view());
    }

    /** Goes round the viewports that are shown; until the pointer moves again it is the hand's place, wherever that lies. */
    private void nextView(Call c) {
        List<ViewState> shown =
                ground.board().views.stream().filter(v -> v.shown).toList();
        int at = shown.indexOf(ground.board().active());
        int to = Math.floorMod(at + (c.to().equals("before") ? -1 : 1), shown.size());
        ground.attention().activate(shown.get(to));
        ground.pointer().away();
        resolver.away();
    }

    private void rename(Board b, Call c) {
        boards.rename(b, Tab.tidy(c.args().get("name") == null ? b.name : c.text("name")));
    }

    private void undo() {
        String what = boards.undoName();
        ground.changes()
                .notice(
                        boards.undo() ? say("board-area.taken-back", what) : say("board-area.no-change-of-a-board"),
                        null,
                        null);
    }

    private void useForNewScenes() {
        Board b = boards.current();
        b.starts(ground).forEach((view, start) -> b.named(view).startAs(start));
        ground.changes().notice(say("board-area.in-scenes-that-are-new"), null, null);
        boards.changed();
    }

    private void solo(ViewState v) {
        grips.closePad();
        boards.solo(v);
        if (walking.on() && !walking.view().shown) {
            walking.leave();
        }
        ground.changes().add(Topic.KEEP);
    }

    private void clearDeck() {
        boards.clearDeck(!boards.clearDeck());
        ground.changes().application("board.clear-deck", Map.of());
        ground.changes().add(Topic.READOUT);
    }

    // ---- tabs ------------------------------------------------------------------------------------------------------

    private void copy(Board of, String name) {
        if (boards.list().size() >= Tabs.MOST) {
            ground.changes().notice(say("board-area.there-are-boards-already-delete", Tabs.MOST), null, null);
            return;
        }
        boards.settle();
        boards.before(say("board-area.add", name));
        boards.add(of.copy(ground, boards.freeId(), name));
    }

    private void move(Board b, Call c) {
        int at = boards.list().indexOf(b);
        int to = c.place("left", "right", at);
        if (to != at && to >= 0 && to < boards.list().size()) {
            boards.before(say("board-area.move", b.name));
            boards.move(b, to);
        }
    }

    private void delete(Board b) {
        if (boards.list().size() == 1) {
            ground.changes().notice(say("board-area.the-last-board-stays"), null, null);
            return;
        }
        boards.before(say("board-area.delete", b.name));
        boards.remove(b);
        ground.changes().notice(say("board-area.is-deleted", b.name), say("board-area.bring-it-back"), "board.undo");
    }
}
