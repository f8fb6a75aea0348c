package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.Plain;
import rhombus.core.view.Screen;

/** The three axis handles of the move tool: a constant size on the screen, none for an axis seen end on. */
final class Handles {
    private static final double LENGTH = 84;
    private static final double INNER = 16;
    private static final double REACH = 9;
    private static final double SHORTEST = 18;
    private static final Vec3[] AXES = {Vec3.X, Vec3.Y, Vec3.Z};

    private Handles() {}

    /** Where the handles stand, or null without a selection. */
    static Vec3 origin(Stage stage) {
        Aabb b = stage.selection().bounds(stage.scene());
        return b.isEmpty() ? null : b.center();
    }

    static Vec3 axis(int i) {
        return AXES[i];
    }

    /** Both ends of a handle on the screen as x1 y1 x2 y2, or null if it does not show. */
    private static double[] ends(Screen screen, Vec3 origin, int axis) {
        Vec3 a = screen.project(origin);
        if (a.z() <= 0 && !screen.pose().projection().flat()) {
            return null;
        }
        double metres = screen.metresPerPixel(a.z()) * LENGTH;
        Vec3 b = screen.project(origin.plus(AXES[axis], metres));
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double l = Math.hypot(dx, dy);
        if (l < SHORTEST || b.z() <= 0 && !screen.pose().projection().flat()) {
            return null;
        }
        return new double[] {a.x() + dx * INNER / LENGTH, a.y() + dy * INNER / LENGTH, b.x(), b.y()};
    }

    /** The axis whose handle lies under a point of the viewport, or -1. */
    static int at(Stage stage, ViewState v, double lx, double ly) {
        Vec3 o = origin(stage);
        int best = -1;
        double nearest = REACH;
        for (int i = 0; o != null && i < 3; i++) {
            double[] e = ends(v.screen(), o, i);
            if (e == null) {
                continue;
            }
            double dx = e[2] - e[0];
            double dy = e[3] - e[1];
            double t = Math.max(0, Math.min(1.1, ((lx - e[0]) * dx + (ly - e[1]) * dy) / (dx * dx + dy * dy)));
            double d = Math.hypot(e[0] + dx * t - lx, e[1] + dy * t - ly);
            if (d < nearest) {
                nearest = d;
                best = i;
            }
        }
        return best;
    }

    static List<Object> plain(Stage stage, ViewState v) {
        List<Object> out = new ArrayList<>();
        Vec3 o = origin(stage);
        for (int i = 0; o != null && i < 3; i++) {
            double[] e = ends(v.screen(), o, i);
            if (e != null) {
                out.add(Plain.map("axis", "xyz".substring(i, i + 1), "line", Plain.list(e)));
            }
        }
        return out;
    }
}
