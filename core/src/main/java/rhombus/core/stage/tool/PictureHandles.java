package rhombus.core.stage.tool;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.match.MatchConstraints;
import rhombus.core.match.MatchResult;
import rhombus.core.navigate.NumberText;
import rhombus.core.scene.PicturePlane;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.PicturePlanes;
import rhombus.core.stage.subject.PictureSketch;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Screen;

/** The ends of what is marked on the picture that was selected last, in the viewports where it is seen. */
public final class PictureHandles {
    /** Half a lozenge, pixels. */
    private static final double HALF = 7;

    private PictureHandles() {}

    /** The picture whose marks can be dragged in a viewport, or null. */
    public static PicturePlanes.Plane plane(StageContext ground, SubjectParts subject, Viewport v) {
        Scene s = ground.scene();
        int n = subject.selection().last();
        boolean open = n >= 0 && s.node(n).picture() != null && s.shown(n) && !s.locked(n);
        return open ? PicturePlanes.in(ground, v, n) : null;
    }

    /** The ends' lozenges. */
    static List<ToolHandle> of(StageContext ground, SubjectParts subject, Viewport v) {
        PicturePlanes.Plane p = plane(ground, subject, v);
        List<ToolHandle> out = new ArrayList<>();
        if (p == null) {
            return out;
        }
        for (PictureSketch.End e : PictureSketch.ends(p.picture())) {
            double[] at = PictureSketch.at(p.picture(), e);
            Vec3 s = v.screen().project(p.at(at[0], at[1]));
            out.add(new ToolHandle(e.id(), ToolHandle.Sort.CENTRE, -1, new double[] {
                s.x(), s.y() - HALF, s.x() + HALF, s.y(), s.x(), s.y() + HALF, s.x() - HALF, s.y()
            }));
        }
        return out;
    }

    /** What is marked, as a viewport shows it; null where nothing is. */
    static PictureSketchMark mark(StageContext ground, SubjectParts subject, Viewport v, String lit) {
        PicturePlanes.Plane plane = plane(ground, subject, v);
        PicturePlane p = plane == null ? null : plane.picture();
        if (p == null || p.lines().isEmpty() && p.points().isEmpty() && p.span() == null) {
            return null;
        }
        MatchResult found = subject.matching().look(ground.scene(), p);
        Screen screen = v.screen();
        List<PictureSketchMark.Marked> strokes = new ArrayList<>();
        for (int k = 0; k < p.lines().size(); k++) {
            MatchConstraints.Line l = p.lines().get(k);
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
            MatchConstraints.Point q = p.points().get(k);
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
        return new PictureSketchMark(ground.scene().node(plane.node()).id(), strokes);
    }

    private static PictureSketchMark.Marked stroke(
            String sort, int index, String axis, String lit, Double error, Vec3 a, Vec3 b) {
        PictureSketch.End first = new PictureSketch.End(sort, index, false);
        PictureSketch.End second = new PictureSketch.End(sort, index, true);
        return new PictureSketchMark.Marked(
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
                error == null ? null : NumberText.fixed(error, 1) + " px");
    }
}
