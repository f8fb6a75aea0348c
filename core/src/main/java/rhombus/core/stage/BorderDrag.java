package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Border;
import rhombus.core.board.Borders;
import rhombus.core.plain.Plain;

/** Dragging a border or a crossing: held against the arrangement at the press, so that coming back restores it. */
final class BorderDrag {
    /** How far a key moves a border, pixels. */
    private static final double STEP = 24;

    private final Stage stage;
    private Borders start;
    private Arrangement before;
    private Arrangement last;
    private String id = "";
    private Boards.Was was;
    private double offX;
    private double offY;

    BorderDrag(Stage stage) {
        this.stage = stage;
    }

    private Borders now() {
        return Borders.of(stage.board().arrangement, stage.boards().width(), stage.boards().height());
    }

    /**
     * One event of a drag.
     *
     * @param args {@code part} begin, move, end or cancel; {@code border} its id at the beginning; {@code x}, {@code y}
     *     the pointer on the stage, pixels; {@code alone} whether the border leaves the line it is part of
     */
    void drag(Map<String, Object> args) {
        double x = Plain.number(args.get("x"), 0);
        double y = Plain.number(args.get("y"), 0);
        switch (Plain.text(args.get("part"), "")) {
            case "begin" -> begin(Plain.text(args.get("border"), ""), x, y);
            case "move" -> {
                if (holds()) {
                    last = to(start.moved(id, x - offX, y - offY, Plain.truth(args.get("alone"), false)));
                }
            }
            case "cancel" -> {
                if (holds()) {
                    to(before);
                }
                start = null;
            }
            default -> end();
        }
    }

    private void begin(String border, double x, double y) {
        stage.settle();
        start = now();
        List<Border> grabbed = start.named(border);
        if (grabbed.isEmpty()) {
            start = null;
            return;
        }
        before = stage.board().arrangement;
        last = before;
        was = stage.boards().asIs("Move a border", false);
        id = border;
        for (Border b : grabbed) {
            if (b.upright()) {
                offX = x - b.at();
            } else {
                offY = y - b.at();
            }
        }
    }

    /** Whether the drag still moves what it began with: another board, or another arrangement, ends it. */
    private boolean holds() {
        return start != null && stage.board().arrangement.equals(last);
    }

    private void end() {
        if (start != null && !last.equals(before)) {
            stage.boards().remember(was);
            stage.boards().changed();
        }
        start = null;
    }

    /** Takes an arrangement as one step that can be taken back; one that is as it was is none. */
    private void step(String what, Arrangement a) {
        if (!a.equals(stage.board().arrangement)) {
            stage.boards().before(what);
            to(a);
            stage.boards().changed();
        }
    }

    private Arrangement to(Arrangement a) {
        if (!a.equals(stage.board().arrangement)) {
            stage.board().arrangement = a;
            stage.boards().layOut();
        }
        return a;
    }

    /** Moves a border by a step. */
    void step(String border, String to) {
        for (Border b : now().named(border)) {
            double by = (b.upright() ? to.equals("right") : to.equals("down")) ? STEP
                    : (b.upright() ? to.equals("left") : to.equals("up")) ? -STEP : 0;
            if (by != 0) {
                step("Move a border", now().moved(b.id(), b.at() + by, b.at() + by, false));
            }
        }
    }

    /** Gives all parts along a border the same room. */
    void even(String border) {
        stage.settle();
        step("Even out", now().evened(border));
    }
}
