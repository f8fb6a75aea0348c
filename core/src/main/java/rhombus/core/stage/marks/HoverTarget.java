package rhombus.core.stage.marks;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** What a click would take: under the pointer, or named by a list that the pointer is over. */
public final class HoverTarget {
    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final PadGrips grips;
    /** Named by a list, or -1. */
    private int listed = -1;

    private int node = -1;
    private Scene scene;
    private Viewport view;
    private Pose pose;
    private double x = Double.NaN;
    private double y = Double.NaN;

    public HoverTarget(StageContext ground, SubjectParts subject, ActiveTool tools, PadGrips grips) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.grips = grips;
    }

    /** A list shows an object, or none any more. */
    public void from(int object) {
        listed = object;
        ground.changes().add(ChangeTopic.READOUT);
    }

    /** The object under the pointer, found anew only when the pointer has moved; -1 for none. */
    private int under(Viewport v) {
        double px = ground.pointer().x() - v.x;
        double py = ground.pointer().y() - v.y;
        if (!v.holds(ground.pointer().x(), ground.pointer().y())
                || ground.pointer().moving()
                || ground.walks().view() != null
                || ground.habits().is(AllHabits.HOVER, "off")) {
            return -1;
        }
        if (v.glide != null) {
            // Things pass under a resting pointer; once the view has arrived it is looked at again.
            return -1;
        }
        if (scene != ground.scene() || view != v || px != x || py != y || pose != v.pose) {
            scene = ground.scene();
            view = v;
            pose = v.pose;
            x = px;
            y = py;
            boolean onMark = tools.handleAt(v, px, py) != null
                    || RoseMark.at(ground, v, px, py) != null
                    || grips.at(v, px, py) != null;
            RayHit hit = onMark ? null : subject.picks().pick(v, px, py);
            node = hit == null ? -1 : hit.node();
        }
        return node < ground.scene().count() && node >= 0 && ground.scene().shown(node) ? node : -1;
    }

    /** Name and outline of what a click would take, in the viewport's own pixels; null for nothing. */
    public HoverMark mark(Viewport v) {
        boolean list = listed >= 0 && listed < ground.scene().count();
        int n = list ? listed : under(v);
        if (n < 0) {
            return null;
        }
        double[] hull = hull(v.screen(), ground.scene().boundsBelow(n));
        return hull == null
                ? null
                : new HoverMark(
                        ground.nameOf(n),
                        ground.scene().node(n).id(),
                        hull,
                        list ? null : ground.pointer().x() - v.x,
                        list ? null : ground.pointer().y() - v.y);
    }

    /** The convex outline of a box on the screen (Andrew's monotone chain), or null where it reaches behind the eye. */
    public static double[] hull(Screen screen, Aabb box) {
        if (box.isEmpty()) {
            return null;
        }
        List<double[]> p = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Vec3 s = screen.project(box.corner(i));
            if (s.z() <= 0 && !screen.pose().projection().flat()) {
                return null;
            }
            p.add(new double[] {s.x(), s.y()});
        }
        p.sort((a, b) -> a[0] != b[0] ? Double.compare(a[0], b[0]) : Double.compare(a[1], b[1]));
        List<double[]> h = new ArrayList<>();
        for (int pass = 0; pass < 2; pass++) {
            int start = h.size();
            for (int k = 0; k < 8; k++) {
                double[] c = p.get(pass == 0 ? k : 7 - k);
                while (h.size() >= start + 2 && cross(h.get(h.size() - 2), h.get(h.size() - 1), c) <= 0) {
                    h.remove(h.size() - 1);
                }
                h.add(c);
            }
            h.remove(h.size() - 1);
        }
        double[] out = new double[h.size() * 2];
        for (int i = 0; i < h.size(); i++) {
            out[2 * i] = h.get(i)[0];
            out[2 * i + 1] = h.get(i)[1];
        }
        return out;
    }

    private static double cross(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    }
}
