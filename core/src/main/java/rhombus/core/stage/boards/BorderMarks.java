package rhombus.core.stage.boards;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.board.Arrangement;
import rhombus.core.board.Borders;
import rhombus.core.stage.view.ActiveBoard;

/** Borders as they are drawn and dragged. */
final class BorderMarks {
    private BorderMarks() {}

    /** The borders and crossings of the board in use as plain data; none while one viewport fills it. */
    static List<BorderMark> of(ActiveBoard b, double width, double height) {
        List<BorderMark> out = new ArrayList<>();
        if (b.solo >= 0) {
            return out;
        }
        Borders borders = Borders.of(b.arrangement, width, height);
        borders.all()
                .forEach(each -> out.add(new BorderMark(
                        each.id(),
                        each.upright(),
                        null,
                        each.part(),
                        each.box().x(),
                        each.box().y(),
                        each.box().width(),
                        each.box().height())));
        borders.crossings()
                .forEach(c -> out.add(
                        new BorderMark(c.id(), null, true, null, c.x(), c.y(), Arrangement.GAP, Arrangement.GAP)));
        return out;
    }
}
