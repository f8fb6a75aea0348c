package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** What a click would take: under the pointer, or named by a list that the pointer is over. */
final class Hover {
    private final Stage stage;
    /** Named by a list, or -1. */
    private int listed = -1;
    private int node = -1;
    private ViewState view;
    private Pose pose;
    private double x = Double.NaN;
    private double y = Double.NaN;

    Hover(Stage stage) {
        this.stage = stage;
    }

    /** A list shows an object, or none any more. */
    void from(int object) {
        listed = object;
        stage.changes().add(Changes.READOUT);
    }

    /** The object under the pointer, found anew only when the pointer has moved; -1 for none. */
    private int under(ViewState v) {
        double px = stage.pointerX() - v.x;
        double py = stage.pointerY() - v.y;
        if (!v.holds(stage.pointerX(), stage.pointerY()) || stage.resolver().moving() || stage.walking().on()
                || stage.habits().is(AllHabits.HOVER, "off")) {
            return -1;
        }
        if (v.glide != null) {
            // Things pass under a resting pointer; once the view has arrived it is looked at again.
            return -1;
        }
        if (view != v || px != x || py != y || pose != v.pose) {
            view = v;
            pose = v.pose;
            x = px;
            y = py;
            boolean onMark = stage.tools().handleAt(v, px, py) != null || FacetMark.at(stage, v, px, py) != null
                    || stage.grips().at(v, px, py) != null;
            Hit hit = onMark ? null : stage.runner().pick(v, px, py);
            node = hit == null ? -1 : hit.node();
        }
        return node < stage.scene().count() && node >= 0 && stage.scene().shown(node) ? node : -1;
    }

    /** Forgets what was found: the scene or a view is another. */
    void forget() {
        view = null;
        node = -1;
    }

    /** Name and outline of what a click would take, in the viewport's own pixels; null for nothing. */
    Map<String, Object> mark(ViewState v) {
        boolean list = listed >= 0 && listed < stage.scene().count();
        int n = list ? listed : under(v);
        if (n < 0) {
            return null;
        }
        List<Object> hull = hull(v.screen(), stage.scene().boundsBelow(n));
        return hull == null ? null : Plain.map(
                "name", stage.nameOf(n), "object", stage.scene().node(n).id(), "hull", hull,
                "x", list ? null : stage.pointerX() - v.x, "y", list ? null : stage.pointerY() - v.y);
    }

    /** The convex outline of a box on the screen (Andrew's monotone chain), or null where it reaches behind the eye. */
    static List<Object> hull(Screen screen, Aabb box) {
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
        List<Object> out = new ArrayList<>();
        for (double[] c : h) {
            out.add(c[0]);
            out.add(c[1]);
        }
        return out;
    }

    private static double cross(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    }
}
