package rhombus.core.board;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import rhombus.core.board.ArrangementPart.Cell;
import rhombus.core.board.ArrangementPart.Split;

/** The borders of an arrangement on a stage of some size, and what comes of moving them. */
public final class Borders {
    /** Smallest size of a viewport that a border leaves, pixels. */
    private static final double LEAST = 72;
    /** How near an even share a border snaps to it, pixels. */
    private static final double SNAP = 7;

    private static final int[] EVEN = {2, 3, 4};

    private final Arrangement arrangement;
    private final List<Border> all = new ArrayList<>();

    private Borders(Arrangement arrangement, double width, double height) {
        this.arrangement = arrangement;
        collect(arrangement.root(), new StageRect(0, 0, Math.max(1, width), Math.max(1, height)), List.of());
    }

    /** The borders of an arrangement on a stage of some size. */
    public static Borders of(Arrangement arrangement, double width, double height) {
        return new Borders(arrangement, width, height);
    }

    private void collect(ArrangementPart p, StageRect box, List<Integer> path) {
        if (!(p instanceof Split s)) {
            return;
        }
        List<StageRect> rooms = Arrangement.rooms(s, box);
        for (int i = 0; i < rooms.size(); i++) {
            if (i > 0) {
                add(s, rooms, i - 1, box, path);
            }
            List<Integer> down = new ArrayList<>(path);
            down.add(i);
            collect(s.parts().get(i), rooms.get(i), List.copyOf(down));
        }
    }

    private void add(Split s, List<StageRect> rooms, int i, StageRect box, List<Integer> path) {
        StageRect before = rooms.get(i);
        StageRect after = rooms.get(i + 1);
        double from = before.start(s.row());
        double to = after.end(s.row());
        // Where there is too little room for all of them, each keeps a fair part of what there is.
        double fair = (to - from - Arrangement.GAP)
                / (leaves(s.parts().get(i), s.row()) + leaves(s.parts().get(i + 1), s.row()));
        double each = Math.min(LEAST, Math.max(1, fair));
        StringBuilder id = new StringBuilder("b");
        path.forEach(n -> id.append(n).append('.'));
        // Where it is already, it may stay.
        double at = before.end(s.row());
        all.add(new Border(
                id.append(i).toString(),
                path,
                i,
                s.row(),
                box.slice(s.row(), at, Arrangement.GAP),
                Math.min(at, from + need(s.parts().get(i), s.row(), each)),
                Math.max(at, to - need(s.parts().get(i + 1), s.row(), each) - Arrangement.GAP),
                from,
                to));
    }

    /** Most viewports beside each other in a direction. */
    private static int leaves(ArrangementPart p, boolean row) {
        if (p instanceof Cell) {
            return 1;
        }
        Split s = (Split) p;
        int sum = 0;
        int most = 1;
        for (ArrangementPart each : s.parts()) {
            int n = leaves(each, row);
            sum += n;
            most = Math.max(most, n);
        }
        return s.row() == row ? sum : most;
    }

    private static double need(ArrangementPart p, boolean row, double each) {
        int n = leaves(p, row);
        return n * each + (n - 1) * Arrangement.GAP;
    }

    /** All borders. */
    public List<Border> all() {
        return List.copyOf(all);
    }

    /** Points where an upright border meets a level one, as ids joined by a plus sign; one for each such point. */
    public List<Crossing> crossings() {
        List<Crossing> out = new ArrayList<>();
        for (Border u : all) {
            for (Border l : all) {
                if (u.upright() && u.meets(l)) {
                    Crossing c = new Crossing(u.id() + "+" + l.id(), u.at(), l.at());
                    if (out.stream().noneMatch(o -> Math.abs(o.x() - c.x()) <= 1 && Math.abs(o.y() - c.y()) <= 1)) {
                        out.add(c);
                    }
                }
            }
        }
        return out;
    }

    /**
     * Where two borders meet.
     *
     * @param id of both
     * @param x left edge, pixels
     * @param y upper edge, pixels
     */
    public record Crossing(String id, double x, double y) {}

    /** The borders that an id means: one border, or the two of a crossing; those that are unknown are left out. */
    public List<Border> named(String id) {
        List<Border> out = new ArrayList<>();
        for (String each : id.split("\\+")) {
            all.stream().filter(b -> b.id().equals(each)).forEach(out::add);
        }
        return out;
    }

    /** All borders that are one line with this one. */
    private Set<Border> line(Border b) {
        Set<Border> line = new LinkedHashSet<>(List.of(b));
        for (boolean grew = true; grew; ) {
            Set<Border> more = new LinkedHashSet<>();
            for (Border o : all) {
                if (line.stream().anyMatch(x -> x.continues(o))) {
                    more.add(o);
                }
            }
            grew = line.addAll(more);
        }
        return line;
    }

    /**
     * The arrangement after a border or a crossing was dragged so that its left or upper edge is at a point. Borders that
     * are one line with it go along. Near halves, thirds and quarters, and near another border's line, it snaps.
     *
     * @param alone whether a border leaves the line it was part of, and snaps to nothing
     */
    public Arrangement moved(String id, double x, double y, boolean alone) {
        ArrangementPart root = arrangement.root();
        for (Border b : named(id)) {
            Set<Border> line = alone ? Set.of(b) : line(b);
            double to = b.upright() ? x : y;
            to = alone ? to : snapped(b, line, to);
            double least = line.stream().mapToDouble(Border::least).max().orElseThrow();
            double most = line.stream().mapToDouble(Border::most).min().orElseThrow();
            to = Math.rint(Math.max(Math.min(least, most), Math.min(most, to)));
            for (Border each : line) {
                root = shares(root, each, to);
            }
        }
        return new Arrangement(root);
    }

    private double snapped(Border b, Set<Border> line, double to) {
        double best = to;
        double nearest = SNAP;
        List<Double> places = new ArrayList<>();
        double room = b.to() - b.from() - Arrangement.GAP;
        for (int parts : EVEN) {
            for (int i = 1; i < parts; i++) {
                places.add(b.from() + Math.floor(room * i / parts + 1e-6));
            }
        }
        all.stream()
                .filter(o -> o.upright() == b.upright() && !line.contains(o))
                .forEach(o -> places.add(o.at()));
        for (double p : places) {
            if (Math.abs(p - to) < nearest) {
                nearest = Math.abs(p - to);
                best = p;
            }
        }
        return best;
    }

    private static ArrangementPart shares(ArrangementPart p, Border b, double at) {
        return change(p, b.path(), 0, s -> {
            double room = b.to() - b.from() - Arrangement.GAP;
            double both = s.shares().get(b.index()) + s.shares().get(b.index() + 1);
            // Half a pixel more, so that rounding down comes out at the very pixel.
            double part = Math.max(
                    1e-6,
                    Math.min(1 - 1e-6, room <= 0 ? 0.5 : (at - b.from() + halfUnlessEven(at - b.from(), room)) / room));
            List<Double> shares = new ArrayList<>(s.shares());
            shares.set(b.index(), both * part);
            shares.set(b.index() + 1, both * (1 - part));
            return new Split(s.row(), s.parts(), shares);
        });
    }

    /** An even share is kept as such, so that it stays even in another window. */
    private static double halfUnlessEven(double at, double room) {
        for (int parts : EVEN) {
            for (int i = 1; i < parts; i++) {
                if (at == Math.floor(room * i / parts + 1e-6)) {
                    return room * i / parts - at;
                }
            }
        }
        return 0.5;
    }

    /** The arrangement with all parts along a border, or along both of a crossing, given the same room. */
    public Arrangement evened(String id) {
        ArrangementPart root = arrangement.root();
        for (Border b : named(id)) {
            for (Border each : line(b)) {
                root = change(root, each.path(), 0, s -> Split.even(s.row(), s.parts()));
            }
        }
        return new Arrangement(root);
    }

    private static ArrangementPart change(
            ArrangementPart p, List<Integer> path, int depth, java.util.function.UnaryOperator<Split> how) {
        Split s = (Split) p;
        if (depth == path.size()) {
            return how.apply(s);
        }
        List<ArrangementPart> parts = new ArrayList<>(s.parts());
        int i = path.get(depth);
        parts.set(i, change(parts.get(i), path, depth + 1, how));
        return new Split(s.row(), parts, s.shares());
    }
}
