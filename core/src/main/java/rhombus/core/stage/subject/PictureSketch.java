package rhombus.core.stage.subject;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Vec3;
import rhombus.core.match.MatchConstraints;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;

/** What is marked on a picture: lines along axes, points, and two points whose distance is known. */
public final class PictureSketch {
    /** Where a new mark lies, from the middle of the picture, and how long it is: parts of its height. */
    private static final double LENGTH = 0.15;

    private static final double APART = 0.06;

    private PictureSketch() {}

    /**
     * An end of a mark that can be dragged.
     *
     * @param sort {@code line}, {@code point} or {@code span}
     * @param index which of the sort
     * @param second whether it is the second end
     */
    public record End(String sort, int index, boolean second) {
        private static final String BEFORE = "mark-";

        /** Its name in marks and commands. */
        public String id() {
            return BEFORE + sort + "-" + index + (second ? "-b" : "-a");
        }

        /** The end of a name, or null. */
        public static End of(String id) {
            String[] p = id.startsWith(BEFORE) ? id.split("-") : new String[0];
            if (p.length != 4 || !p[2].matches("\\d{1,3}")) {
                return null;
            }
            return new End(p[1], Integer.parseInt(p[2]), p[3].equals("b"));
        }
    }

    /** All ends on a picture. */
    public static List<End> ends(PicturePlane p) {
        List<End> out = new ArrayList<>();
        for (int k = 0; k < p.points().size(); k++) {
            out.add(new End("point", k, false));
        }
        for (int k = 0; k < p.lines().size(); k++) {
            out.add(new End("line", k, false));
            out.add(new End("line", k, true));
        }
        if (p.span() != null) {
            out.add(new End("span", 0, false));
            out.add(new End("span", 0, true));
        }
        return out;
    }

    /** Where an end lies, pixels; null where there is no such end. */
    public static double[] at(PicturePlane p, End e) {
        switch (e.sort) {
            case "line":
                if (e.index >= p.lines().size()) {
                    return null;
                }
                MatchConstraints.Line l = p.lines().get(e.index);
                return e.second ? new double[] {l.x2(), l.y2()} : new double[] {l.x1(), l.y1()};
            case "point":
                return e.index >= p.points().size()
                        ? null
                        : new double[] {
                            p.points().get(e.index).x(), p.points().get(e.index).y()
                        };
            case "span":
                PicturePlane.Span s = p.span();
                return s == null ? null : e.second ? new double[] {s.x2(), s.y2()} : new double[] {s.x1(), s.y1()};
            default:
                return null;
        }
    }

    /** With an end somewhere else on the picture; one that is led beyond its edge stays at it. */
    public static PicturePlane moved(PicturePlane p, End e, double x, double y) {
        double px = Math.max(0, Math.min(p.width(), x));
        double py = Math.max(0, Math.min(p.height(), y));
        List<MatchConstraints.Line> lines = new ArrayList<>(p.lines());
        List<MatchConstraints.Point> points = new ArrayList<>(p.points());
        PicturePlane.Span span = p.span();
        if (e.sort.equals("line")) {
            MatchConstraints.Line l = lines.get(e.index);
            lines.set(
                    e.index,
                    e.second
                            ? new MatchConstraints.Line(l.axis(), l.x1(), l.y1(), px, py)
                            : new MatchConstraints.Line(l.axis(), px, py, l.x2(), l.y2()));
        } else if (e.sort.equals("point")) {
            points.set(
                    e.index,
                    new MatchConstraints.Point(px, py, points.get(e.index).at()));
        } else {
            span = e.second
                    ? new PicturePlane.Span(span.x1(), span.y1(), px, py)
                    : new PicturePlane.Span(px, py, span.x2(), span.y2());
        }
        return p.marked(lines, points, span);
    }

    /** With another line along an axis in its middle, beside those there are, to be dragged to where it belongs. */
    public static PicturePlane withLine(PicturePlane p, int axis) {
        List<MatchConstraints.Line> lines = new ArrayList<>(p.lines());
        double half = p.height() * LENGTH / 2;
        double x = p.width() / 2.0;
        double y = p.height() / 2.0 + (lines.size() % 8 - 3) * p.height() * APART;
        boolean upright = axis == 1;
        lines.add(
                upright
                        ? new MatchConstraints.Line(
                                axis,
                                x + y - p.height() / 2.0,
                                p.height() / 2.0 + half,
                                x + y - p.height() / 2.0,
                                p.height() / 2.0 - half)
                        : new MatchConstraints.Line(axis, x - half, y, x + half, y));
        return p.marked(lines, p.points(), p.span());
    }

    /** With another point. */
    public static PicturePlane withPoint(PicturePlane p, Vec3 at) {
        List<MatchConstraints.Point> points = new ArrayList<>(p.points());
        double x = p.width() / 2.0 + (points.size() % 8 - 3) * p.height() * APART;
        points.add(new MatchConstraints.Point(x, p.height() * 0.4, at));
        return p.marked(p.lines(), points, p.span());
    }

    /** With two points whose distance can be told. */
    public static PicturePlane withSpan(PicturePlane p) {
        double half = p.height() * LENGTH;
        double y = p.height() * 0.6;
        return p.marked(
                p.lines(), p.points(), new PicturePlane.Span(p.width() / 2.0 - half, y, p.width() / 2.0 + half, y));
    }

    /** Without the mark an end belongs to. */
    public static PicturePlane without(PicturePlane p, End e) {
        List<MatchConstraints.Line> lines = new ArrayList<>(p.lines());
        List<MatchConstraints.Point> points = new ArrayList<>(p.points());
        if (e.sort.equals("line")) {
            lines.remove(e.index);
        } else if (e.sort.equals("point")) {
            points.remove(e.index);
        }
        return p.marked(lines, points, e.sort.equals("span") ? null : p.span());
    }

    /** With a line that points the other way. */
    public static PicturePlane turned(PicturePlane p, End e) {
        List<MatchConstraints.Line> lines = new ArrayList<>(p.lines());
        MatchConstraints.Line l = lines.get(e.index);
        lines.set(e.index, new MatchConstraints.Line(l.axis(), l.x2(), l.y2(), l.x1(), l.y1()));
        return p.marked(lines, p.points(), p.span());
    }

    /** With a point that is somewhere else in the scene. */
    public static PicturePlane known(PicturePlane p, int index, Vec3 at) {
        List<MatchConstraints.Point> points = new ArrayList<>(p.points());
        MatchConstraints.Point is = points.get(index);
        points.set(index, new MatchConstraints.Point(is.x(), is.y(), at));
        return p.marked(p.lines(), points, p.span());
    }

    /** A scene with a picture changed. */
    public static Scene change(Scene s, int node, UnaryOperator<PicturePlane> how) {
        return SceneEdits.each(s, List.of(node), n -> n.withPicture(how.apply(n.picture())));
    }
}
