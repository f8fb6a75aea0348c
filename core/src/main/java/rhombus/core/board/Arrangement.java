package rhombus.core.board;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.board.ArrangementPart.Cell;
import rhombus.core.board.ArrangementPart.Split;
import rhombus.core.plain.PlainData;

/**
 * Which viewports there are and how they share the stage.
 *
 * @param root of the tree
 */
public record Arrangement(ArrangementPart root) {
    /** Pixels between viewports. */
    public static final double GAP = SizeShares.GAP;
    /** Viewports a board can have. */
    public static final int MOST = 12;
    /** Rows in columns in rows: as deep as a file may nest them. */
    private static final int DEEPEST = 24;

    // ---- what there is ---------------------------------------------------------------------------------------------

    /** Ids of the viewports, as one reads: from the left, then down. */
    public List<String> views() {
        List<String> out = new ArrayList<>();
        collect(root, out);
        return out;
    }

    private static void collect(ArrangementPart p, List<String> out) {
        if (p instanceof Cell c) {
            out.add(c.view());
        } else {
            ((Split) p).parts().forEach(each -> collect(each, out));
        }
    }

    /** Where each viewport lies on a stage of some size. */
    public Map<String, StageRect> boxes(double width, double height) {
        Map<String, StageRect> out = new LinkedHashMap<>();
        place(root, new StageRect(0, 0, Math.max(1, width), Math.max(1, height)), out);
        return out;
    }

    private static void place(ArrangementPart p, StageRect box, Map<String, StageRect> out) {
        if (p instanceof Cell c) {
            out.put(c.view(), box);
            return;
        }
        Split s = (Split) p;
        List<StageRect> rooms = rooms(s, box);
        for (int i = 0; i < rooms.size(); i++) {
            place(s.parts().get(i), rooms.get(i), out);
        }
    }

    static List<StageRect> rooms(Split s, StageRect box) {
        double[] places = SizeShares.places(s.shares(), box.start(s.row()), box.size(s.row()));
        List<StageRect> out = new ArrayList<>();
        for (int i = 0; i < s.parts().size(); i++) {
            out.add(box.slice(s.row(), places[i * 2], places[i * 2 + 1]));
        }
        return out;
    }

    /** An id that no viewport here has. */
    public String freeId() {
        Set<String> taken = new HashSet<>(views());
        int n = 1;
        while (taken.contains("v" + n)) {
            n++;
        }
        return "v" + n;
    }

    // ---- what can be done ------------------------------------------------------------------------------------------

    /**
     * A viewport halved: the new one to its right, or below it.
     *
     * @throws IllegalArgumentException if there is no such viewport, the id is taken, or there are {@value #MOST} already
     */
    public Arrangement split(String view, String added, boolean sideBySide) {
        List<String> views = views();
        if (!views.contains(view) || views.contains(added)) {
            throw new IllegalArgumentException(say("arrangement.there-is-no-viewport-to", view, added));
        }
        if (views.size() >= MOST) {
            throw new IllegalArgumentException(say("arrangement.a-board-has-at-most", MOST));
        }
        return new Arrangement(split(root, view, added, sideBySide));
    }

    private static ArrangementPart split(ArrangementPart p, String view, String added, boolean row) {
        if (p instanceof Cell c) {
            return c.view().equals(view) ? Split.even(row, List.of(c, new Cell(added))) : c;
        }
        Split s = (Split) p;
        List<ArrangementPart> parts = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        for (int i = 0; i < s.parts().size(); i++) {
            ArrangementPart each = s.parts().get(i);
            double share = s.shares().get(i);
            if (s.row() == row && each instanceof Cell c && c.view().equals(view)) {
                parts.addAll(List.of(c, new Cell(added)));
                shares.addAll(List.of(share / 2, share / 2));
            } else {
                parts.add(split(each, view, added, row));
                shares.add(share);
            }
        }
        return new Split(s.row(), parts, shares);
    }

    /**
     * The same without a viewport; its room goes to the one before it, or to the next if it is the first.
     *
     * @throws IllegalArgumentException if it is the only one
     */
    public Arrangement without(String view) {
        if (!(root instanceof Split)) {
            throw new IllegalArgumentException(say("arrangement.the-last-viewport-stays"));
        }
        return new Arrangement(without(root, view));
    }

    private static ArrangementPart without(ArrangementPart p, String view) {
        if (!(p instanceof Split s)) {
            return p;
        }
        List<ArrangementPart> parts = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        double owed = 0;
        for (int i = 0; i < s.parts().size(); i++) {
            ArrangementPart each = s.parts().get(i);
            double share = s.shares().get(i) + owed;
            owed = 0;
            if (each instanceof Cell c && c.view().equals(view)) {
                if (parts.isEmpty()) {
                    owed = share;
                } else {
                    shares.set(shares.size() - 1, shares.get(shares.size() - 1) + share);
                }
                continue;
            }
            ArrangementPart kept = without(each, view);
            if (kept instanceof Split inner && inner.row() == s.row()) {
                // A row in a row is one row.
                parts.addAll(inner.parts());
                inner.shares().forEach(x -> shares.add(x * share));
            } else {
                parts.add(kept);
                shares.add(share);
            }
        }
        return parts.size() == 1 ? parts.get(0) : new Split(s.row(), parts, SizeShares.whole(shares));
    }

    /** Two viewports in each other's place. */
    public Arrangement swapped(String a, String b) {
        return a.equals(b) ? this : new Arrangement(renamed(root, Map.of(a, b, b, a)));
    }

    private static ArrangementPart renamed(ArrangementPart p, Map<String, String> names) {
        if (p instanceof Cell c) {
            return new Cell(names.getOrDefault(c.view(), c.view()));
        }
        Split s = (Split) p;
        return new Split(
                s.row(), s.parts().stream().map(each -> renamed(each, names)).toList(), s.shares());
    }

    // ---- plain data ------------------------------------------------------------------------------------------------

    /** As plain data. */
    public Object toPlain() {
        return plain(root);
    }

    private static Object plain(ArrangementPart p) {
        if (p instanceof Cell c) {
            return PlainData.map("view", c.view());
        }
        Split s = (Split) p;
        List<Object> parts = new ArrayList<>();
        s.parts().forEach(each -> parts.add(plain(each)));
        return PlainData.map(s.row() ? "row" : "column", parts, "shares", new ArrayList<Object>(s.shares()));
    }

    /**
     * From plain data.
     *
     * @throws IllegalArgumentException if it is none, names a viewport twice, or has too many
     */
    public static Arrangement of(Object plain) {
        Arrangement a = new Arrangement(part(plain, 0));
        List<String> views = a.views();
        if (views.size() > MOST || new HashSet<>(views).size() < views.size()) {
            throw new IllegalArgumentException(say("arrangement.a-board-has-at-most-2", MOST));
        }
        return a;
    }

    private static ArrangementPart part(Object plain, int depth) {
        Map<String, Object> m = PlainData.map(plain);
        String view = PlainData.text(m.get("view"), "");
        if (view.matches("v[1-9][0-9]?")) {
            return new Cell(view);
        }
        boolean row = m.containsKey("row");
        List<Object> plainParts = PlainData.list(m.get(row ? "row" : "column"));
        double[] shares = PlainData.numbers(m.get("shares"), plainParts.size());
        if (plainParts.size() < 2 || plainParts.size() > MOST || shares == null || depth > DEEPEST) {
            throw new IllegalArgumentException(say("arrangement.a-part-of-a-board"));
        }
        List<ArrangementPart> parts = new ArrayList<>();
        List<Double> kept = new ArrayList<>();
        for (int i = 0; i < shares.length; i++) {
            if (shares[i] <= 0) {
                throw new IllegalArgumentException(say("arrangement.every-part-of-a-board"));
            }
            parts.add(part(plainParts.get(i), depth + 1));
            kept.add(shares[i]);
        }
        double sum = kept.stream().mapToDouble(Double::doubleValue).sum();
        return new Split(row, parts, Math.abs(sum - 1) < 1e-9 ? kept : SizeShares.whole(kept));
    }
}
