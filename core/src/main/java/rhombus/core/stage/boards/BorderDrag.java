package rhombus.core.stage.boards;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Border;
import rhombus.core.board.Borders;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.StageContext;

/** Dragging a border or a crossing: held against the arrangement at the press, so that coming back restores it. */
public final class BorderDrag {
    /** How far a key moves a border, pixels. */
    private static final double STEP = 24;

    private final StageContext ground;
    private final Boards boards;
    private Borders start;
    private Arrangement before;
    private Arrangement last;
    private String id = "";
    private BoardsSnapshot was;
    private double offX;
    private double offY;

    public BorderDrag(StageContext ground, Boards boards) {
        this.ground = ground;
        this.boards = boards;
    }

    private Borders now() {
        return Borders.of(ground.board().arrangement, boards.width(), boards.height());
    }

    /**
     * One event of a drag.
     *
     * @param args {@code part} begin, move, end or cancel; {@code border} its id at the beginning; {@code x}, {@code y}
     *     the pointer on the stage, pixels; {@code alone} whether the border leaves the line it is part of
     */
    public void drag(Map<String, Object> args) {
        double x = PlainData.number(args.get("x"), 0);
        double y = PlainData.number(args.get("y"), 0);
        switch (PlainData.text(args.get("part"), "")) {
            case "begin" -> begin(PlainData.text(args.get("border"), ""), x, y);
            case "move" -> {
                if (holds()) {
                    last = to(start.moved(id, x - offX, y - offY, PlainData.truth(args.get("alone"), false)));
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
        boards.settle();
        start = now();
        List<Border> grabbed = start.named(border);
        if (grabbed.isEmpty()) {
            start = null;
            return;
        }
        before = ground.board().arrangement;
        last = before;
        was = boards.asIs(say("border-drag.move-a-border"), false);
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
        return start != null && ground.board().arrangement.equals(last);
    }

    private void end() {
        if (start != null && !last.equals(before)) {
            boards.remember(was);
            boards.changed();
        }
        start = null;
    }

    /** Takes an arrangement as one step that can be taken back; one that is as it was is none. */
    private void step(String what, Arrangement a) {
        if (!a.equals(ground.board().arrangement)) {
            boards.before(what);
            to(a);
            boards.changed();
        }
    }

    private Arrangement to(Arrangement a) {
        if (!a.equals(ground.board().arrangement)) {
            ground.board().arrangement = a;
            boards.layOut();
        }
        return a;
    }

    /** Moves a border by a step. */
    public void step(String border, String to) {
        for (Border b : now().named(border)) {
            double by = (b.upright() ? to.equals("right") : to.equals("down"))
                    ? STEP
                    : (b.upright() ? to.equals("left") : to.equals("up")) ? -STEP : 0;
            if (by != 0) {
                step(say("border-drag.move-a-border"), now().moved(b.id(), b.at() + by, b.at() + by, false));
            }
        }
    }

    /** Gives all parts along a border the same room. */
    public void even(String border) {
        boards.settle();
        step(say("border-drag.even-out"), now().evened(border));
    }
}
