package rhombus.core.board;

import java.util.List;

/**
 * What lies between two parts that share a row or column.
 *
 * @param id names it within its arrangement: the way to the row or column, and the number of the part before it
 * @param path the way down the tree
 * @param index of the part before it
 * @param upright whether it is a vertical line, which moves sideways
 * @param box the gap itself
 * @param least nearest place to which it can be moved, pixels
 * @param most farthest place, pixels
 * @param from where the two parts begin, pixels
 * @param to where they end, pixels
 */
public record Border(
        String id,
        List<Integer> path,
        int index,
        boolean upright,
        StageRect box,
        double least,
        double most,
        double from,
        double to) {
    /** Where it is: its left or upper edge. */
    public double at() {
        return box.start(upright);
    }

    /** What part of the two parts' room lies before it, 0 to 1. */
    public double part() {
        double room = to - from - Arrangement.GAP;
        return room <= 0 ? 0.5 : (at() - from) / room;
    }

    /** Whether both are one line: at the same place, one ending where a border across begins and the other goes on. */
    boolean continues(Border o) {
        return upright == o.upright
                && Math.abs(at() - o.at()) <= 1
                && box.start(!upright) <= o.box.end(!upright) + Arrangement.GAP + 1
                && o.box.start(!upright) <= box.end(!upright) + Arrangement.GAP + 1;
    }

    /** Whether an upright border meets a level one. */
    boolean meets(Border level) {
        StageRect b = level.box;
        return upright != level.upright
                && box.x() >= b.x() - Arrangement.GAP - 1
                && box.x() <= b.x() + b.width() + 1
                && box.y() <= b.y() + b.height() + 1
                && box.y() + box.height() >= b.y() - 1;
    }
}
