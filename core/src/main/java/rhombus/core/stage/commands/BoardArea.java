package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.APPLICATION;
import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.BiPredicate;
import rhombus.core.board.StoredBoard;
import rhombus.core.board.StoredBoards;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Actions on boards: their tabs, and how their viewports share the stage. */
public final class BoardArea {
    /** Hints name it early: it is how one sees more. */
    private static final int FIRST = -29;

    private final StageContext ground;
    private final Boards boards;
    private final Walking walking;
    private final LinkedViews linked;
    private final PadGrips grips;
    private final InputResolver resolver;

    private BoardArea(
            StageContext ground,
            Boards boards,
            Walking walking,
            LinkedViews linked,
            PadGrips grips,
            InputResolver resolver) {
        this.ground = ground;
        this.boards = boards;
        this.walking = walking;
        this.linked = linked;
        this.grips = grips;
        this.resolver = resolver;
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static CommandArea<BoardArea> area() {
        return new CommandArea<>(
                p -> new BoardArea(p.ground(), p.boards(), p.walking(), p.linked(), p.grips(), p.resolver()),
                BoardArea::declare);
    }

    private static void declare(CommandDeclarations<BoardArea> d) {
        d.group(say("group.board"));
        d.replays(true);
        views(d);
        d.replays(false);
        tabs(d);
    }

    private static void views(CommandDeclarations<BoardArea> d) {
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
                .on("activate", Trigger.click(MouseButtons.LEFT), ALT, STAGE, say("hint.activate-select-nothing"))
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

    private static void tabs(CommandDeclarations<BoardArea> d) {
        of(d, "board.go").traits(CommandTrait.TOLD).tries(on((a, c) -> a.boards.go(a.board(c))));
        d.action("board.add")
                .does((a, c) -> a.copy(
                        a.boards.current(),
                        say("board-area.board", a.boards.list().size() + 1)));
        of(d, "board.duplicate").tries(on((a, c) -> a.copy(a.board(c), say("board-area.copy", a.board(c).name))));
        of(d, "board.rename").traits(CommandTrait.TOLD).text("name").tries(on((a, c) -> a.rename(a.board(c), c)));
        of(d, "board.move").place("to", "left", "right").tries(on((a, c) -> a.move(a.board(c), c)));
        of(d, "board.delete").tries(on((a, c) -> a.delete(a.board(c))));
        of(d, "board.keep").traits(CommandTrait.TOLD).tries(on((a, c) -> a.boards.keep(a.board(c))));
        d.action("board.undo").does((a, c) -> a.undo());
        d.action("board.use-for-new-scenes").does((a, c) -> a.useForNewScenes());
        d.action("board.link")
                .on("link-views", Trigger.key("KeyB"), ALT, APPLICATION, say("hint.link-flat-views"))
                .does((a, c) -> a.linked.toggle(c.view()));
    }

    /** A command on one board: the named one, or else the one in use. */
    private static CommandSpec<BoardArea> of(CommandDeclarations<BoardArea> d, String id) {
        return d.action(id).text("board");
    }

    private static BiPredicate<BoardArea, CommandCall> on(BiConsumer<BoardArea, CommandCall> what) {
        return (a, c) -> {
            boolean known = a.board(c) != null;
            if (known) {
                what.accept(a, c);
            }
            return known;
        };
    }

    private ActiveBoard board(CommandCall c) {
        return c.args().get("board") == null ? boards.current() : boards.named(c.text("board"));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private void activate(CommandCall c) {
        ground.attention().activate(c.view());
        ground.attention().worked(c.view());
    }

    /** Goes round the viewports that are shown; until the pointer moves again it is the hand's place, wherever that lies. */
    private void nextView(CommandCall c) {
        List<Viewport> shown =
                ground.board().views.stream().filter(v -> v.shown).toList();
        int at = shown.indexOf(ground.board().active());
        int to = Math.floorMod(at + (c.to().equals("before") ? -1 : 1), shown.size());
        ground.attention().activate(shown.get(to));
        ground.pointer().away();
        resolver.away();
    }

    private void rename(ActiveBoard b, CommandCall c) {
        boards.rename(b, StoredBoard.tidy(c.args().get("name") == null ? b.name : c.text("name")));
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
        ActiveBoard b = boards.current();
        b.starts(ground.scene().up()).forEach((view, start) -> b.named(view).startAs(start));
        ground.changes().notice(say("board-area.in-scenes-that-are-new"), null, null);
        boards.changed();
    }

    private void solo(Viewport v) {
        grips.closePad();
        boards.solo(v);
        if (walking.on() && !walking.view().shown) {
            walking.leave();
        }
        ground.changes().add(ChangeTopic.KEEP);
    }

    private void clearDeck() {
        boards.clearDeck(!boards.clearDeck());
        ground.changes().application("board.clear-deck", Map.of());
        ground.changes().add(ChangeTopic.READOUT);
    }

    // ---- tabs ------------------------------------------------------------------------------------------------------

    private void copy(ActiveBoard of, String name) {
        if (boards.list().size() >= StoredBoards.MOST) {
            ground.changes().notice(say("board-area.there-are-boards-already-delete", StoredBoards.MOST), null, null);
            return;
        }
        boards.settle();
        boards.before(say("board-area.add", name));
        boards.add(of.copy(ground.scene().up(), boards.freeId(), name));
    }

    private void move(ActiveBoard b, CommandCall c) {
        int at = boards.list().indexOf(b);
        int to = c.place("left", "right", at);
        if (to != at && to >= 0 && to < boards.list().size()) {
            boards.before(say("board-area.move", b.name));
            boards.move(b, to);
        }
    }

    private void delete(ActiveBoard b) {
        if (boards.list().size() == 1) {
            ground.changes().notice(say("board-area.the-last-board-stays"), null, null);
            return;
        }
        boards.before(say("board-area.delete", b.name));
        boards.remove(b);
        ground.changes().notice(say("board-area.is-deleted", b.name), say("board-area.bring-it-back"), "board.undo");
    }
}
