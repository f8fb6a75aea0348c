package rhombus.core.stage.tool;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.match.Evidence;
import rhombus.core.match.Matched;
import rhombus.core.navigate.Lengths;
import rhombus.core.scene.Picture;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.Sketch;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Screen;

/** The ends of what is marked on the picture that was selected last, in the viewports where it is seen. */
public final class PictureHandles {
    /** Half a lozenge, pixels. */
    private static final double HALF = 7;

    private PictureHandles() {}

    /** The picture whose marks can be dragged in a viewport, or null. */
    public static PicturePlanes.Plane plane(Ground ground, Subject subject, ViewState v) {
        Scene s = ground.scene();
        int n = subject.selection().last();
        boolean open = n >= 0 && s.node(n).picture() != null && s.shown(n) && !s.locked(n);
        return open ? PicturePlanes.in(ground, v, n) : null;
    }

    /** The ends' lozenges. */
    static List<Handle> of(Ground ground, Subject subject, ViewState v) {
        PicturePlanes.Plane p = plane(ground, subject, v);
        List<Handle> out = new ArrayList<>();
        if (p == null) {
            return out;
        }
        for (Sketch.End e : Sketch.ends(p.picture())) {
            double[] at = Sketch.at(p.picture(), e);
            Vec3 s = v.screen().project(p.at(at[0], at[1]));
            out.add(new Handle(e.id(), Handle.Sort.CENTRE, -1, new double[] {
                s.x(), s.y() - HALF, s.x() + HALF, s.y(), s.x(), s.y() + HALF, s.x() - HALF, s.y()
            }));
        }
        return out;
    }

    /** What is marked, as a viewport shows it; null where nothing is. */
    static SketchMark mark(Ground ground, Subject subject, ViewState v, String lit) {
        PicturePlanes.Plane plane = plane(ground, subject, v);
        Picture p = plane == null ? null : plane.picture();
        if (p == null || p.lines().isEmpty() && p.points().isEmpty() && p.span() == null) {
            return null;
        }
        Matched found = subject.matching().look(ground.scene(), p);
        Screen screen = v.screen();
        List<SketchMark.Marked> strokes = new ArrayList<>();
        for (int k = 0; k < p.lines().size(); k++) {
            Evidence.Line l = p.lines().get(k);
            strokes.add(stroke(
                    "line",
                    k,
                    "xyz".substring(l.axis(), l.axis() + 1),
                    lit,
                    found == null ? null : found.lines().get(k),
                    screen.project(plane.at(l.x1(), l.y1())),
                    screen.project(plane.at(l.x2(), l.y2()))));
        }
        for (int k = 0; k < p.points().size(); k++) {
            Evidence.Point q = p.points().get(k);
            Vec3 s = screen.project(plane.at(q.x(), q.y()));
            boolean told = found != null && found.placed();
            strokes.add(stroke("point", k, null, lit, told ? found.points().get(k) : null, s, s));
        }
        if (p.span() != null) {
            strokes.add(stroke(
                    "span",
                    0,
                    null,
                    lit,
                    null,
                    screen.project(plane.at(p.span().x1(), p.span().y1())),
                    screen.project(plane.at(p.span().x2(), p.span().y2()))));
        }
        return new SketchMark(ground.scene().node(plane.node()).id(), strokes);
    }

    private static SketchMark.Marked stroke(
            String sort, int index, String axis, String lit, Double error, Vec3 a, Vec3 b) {
        Sketch.End first = new Sketch.End(sort, index, false);
        Sketch.End second = new Sketch.End(sort, index, true);
        return new SketchMark.Marked(
                first.id(),
                second.id(),
                sort,
                index + 1,
                axis,
                a.x(),
                a.y(),
                b.x(),
                b.y(),
                first.id().equals(lit) || second.id().equals(lit) ? lit : null,
                error == null ? null : Lengths.fixed(error, 1) + " px");
    }
}
