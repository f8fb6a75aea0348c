package rhombus.core.stage.motion;

import java.util.List;
import rhombus.core.display.Grid;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.TransformAxes;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.pick.VertexPick;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.PictureSketch;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.tool.CameraHandle;
import rhombus.core.stage.tool.ToolHandle;
import rhombus.core.stage.tool.ToolHandles;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Screen;

/** Drags of a tool's handles. Each is computed from the scene there was at the press and the whole drag since. */
public final class ToolMotions {
    /** A plane seen flatter than this (sine of the angle to the line of sight) is turned by the drag's way instead. */
    private static final double EDGE_ON = 0.12;
    /** Pixels of a drag that double the size. */
    private static final double DOUBLING = 120;

    private static final double LEAST = 1e-3;
    /** Steps of a snapped scale. */
    private static final double SCALE_STEP = 0.1;

    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final Viewport view;
    private final ToolHandle handle;
    private final double lx;
    private final double ly;
    private final double rate;
    private final boolean snap;
    private final Screen screen;
    private final Scene before;
    private final List<Integer> roots;
    private final Vec3 origin;
    private final TransformAxes axes;
    private final Vec3 about;

    private ToolMotions(StageContext ground, SubjectParts subject, ActiveTool tools, GrabPoint g, ToolHandle handle) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.handle = handle;
        view = g.view();
        lx = g.x();
        ly = g.y();
        rate = g.rate();
        snap = g.snap();
        screen = view.screen();
        before = ground.scene();
        roots = tools.roots();
        origin = tools.origin();
        axes = tools.axes(view);
        about = tools.about();
    }

    /** The motion of the handle under the hand, or null where there is none or nothing is selected. */
    public static Motion start(StageContext ground, SubjectParts subject, ActiveTool tools, GrabPoint g) {
        ToolHandle h = g.gesture().handle() != null ? g.gesture().handle() : tools.handleAt(g.view(), g.x(), g.y());
        CameraHandle camera = h == null ? null : tools.cameraHandle(g.view(), h.id());
        if (camera != null) {
            return CameraMotions.start(ground, subject, g, camera);
        }
        PictureSketch.End end = h == null ? null : PictureSketch.End.of(h.id());
        if (end != null) {
            return SketchMotion.start(ground, subject, g, end);
        }
        return h == null ? null : new ToolMotions(ground, subject, tools, g, h).motion();
    }

    private Motion motion() {
        // A press that took hold of a handle may go on after the tool was put away.
        if (origin == null || tools.sort() == null) {
            return null;
        }
        return switch (tools.sort()) {
            case MOVE -> handle.sort() == ToolHandle.Sort.ARM ? alongAxis() : inPlane();
            case ROTATE -> turn();
            case SCALE -> scale();
        };
    }

    private void show(EditOperation how) {
        subject.editing().live(before, how);
    }

    private double grid() {
        return Grid.spacing(screen, before.up());
    }

    /** The nearest corner of something else under the pointer, or null where none is meant. */
    private Vec3 corner(double x, double y) {
        return snap && tools.snapsToVertices() ? VertexPick.nearest(before, screen, x, y, roots) : null;
    }

    private Motion alongAxis() {
        Vec3 axis = axes.axis(handle.axis());
        double s0 = screen.ray(lx, ly).nearestOnLine(origin, axis);
        double grid = grid();
        return (x, y) -> {
            Vec3 corner = corner(x, y);
            double s = screen.ray(x, y).nearestOnLine(origin, axis);
            if (corner != null) {
                show(new EditOperation.Move(
                        roots, axis.times(corner.minus(origin).dot(axis))));
            } else if (!Double.isNaN(s) && !Double.isNaN(s0)) {
                double by = (s - s0) * rate;
                show(new EditOperation.Move(roots, axis.times(snap ? Math.rint(by / grid) * grid : by)));
            }
        };
    }

    private Motion inPlane() {
        Vec3 n = handle.axis() < 0 ? view.pose.orientation().back() : axes.axis(handle.axis());
        Vec3 from = onPlane(lx, ly, n);
        double grid = grid();
        if (from == null) {
            return null;
        }
        return (x, y) -> {
            Vec3 corner = corner(x, y);
            Vec3 to = onPlane(x, y, n);
            if (corner != null) {
                Vec3 way = corner.minus(origin);
                // In the picture's plane the corner itself is meant, however deep it lies.
                show(new EditOperation.Move(roots, handle.axis() < 0 ? way : way.plus(n, -way.dot(n))));
            } else if (to != null) {
                Vec3 by = to.minus(from).times(rate);
                show(new EditOperation.Move(roots, snap ? stepped(by, grid) : by));
            }
        };
    }

    private Vec3 stepped(Vec3 by, double grid) {
        Vec3 out = Vec3.ZERO;
        TransformAxes a = handle.axis() < 0 ? new TransformAxes(view.pose.orientation()) : axes;
        for (int i = 0; i < 3; i++) {
            out = out.plus(a.axis(i), Math.rint(by.dot(a.axis(i)) / grid) * grid);
        }
        return out;
    }

    private Vec3 onPlane(double x, double y, Vec3 normal) {
        Ray r = screen.ray(x, y);
        double t = r.plane(origin, normal);
        return Double.isNaN(t) || t <= 0 && !screen.pose().projection().flat() ? null : r.at(t);
    }

    private Motion turn() {
        Vec3 axis = handle.axis() < 0 ? view.pose.orientation().back() : axes.axis(handle.axis());
        double step = Math.toRadians(ground.habits().number(AllHabits.STEP));
        Vec3 sight = screen.pose().projection().flat()
                ? view.pose.forward()
                : origin.minus(view.pose.eye()).unit();
        boolean edgeOn = Math.abs(sight.dot(axis)) < EDGE_ON;
        Vec3 m = screen.project(origin);
        double[] turned = {0, Math.atan2(-(ly - m.y()), lx - m.x())};
        // Seen from the axis' tip the hand turns as the object does; from behind, the other way.
        double side = axis.dot(sight) < 0 ? 1 : -1;
        Vec3 way = sight.cross(axis);
        Vec3 p = screen.project(origin.plus(way, screen.metresPerPixel(m.z())));
        double ux = p.x() - m.x();
        double uy = p.y() - m.y();
        double u = Math.max(1e-9, Math.hypot(ux, uy));
        return (x, y) -> {
            double angle;
            if (edgeOn) {
                // A drag as long as the ring is wide is half a turn.
                angle = ((x - lx) * ux + (y - ly) * uy) / u / ToolHandles.LENGTH * Math.PI / 2;
            } else {
                double now = Math.atan2(-(y - m.y()), x - m.x());
                double d = now - turned[1];
                turned[0] += d > Math.PI ? d - 2 * Math.PI : d < -Math.PI ? d + 2 * Math.PI : d;
                turned[1] = now;
                angle = turned[0] * side;
            }
            double by = angle * rate;
            show(new EditOperation.Turn(roots, about, Quat.about(axis, snap ? Math.rint(by / step) * step : by)));
        };
    }

    private Motion scale() {
        boolean all = handle.sort() == ToolHandle.Sort.CENTRE;
        Vec3 m = screen.project(origin);
        double dx = all ? 1 : middleX() - m.x();
        double dy = all ? -1 : middleY() - m.y();
        double l = Math.hypot(dx, dy);
        double start = Math.max(4, ((lx - m.x()) * dx + (ly - m.y()) * dy) / l);
        return (x, y) -> {
            double k;
            if (all) {
                k = Math.pow(2, ((x - lx) + (ly - y)) * rate / DOUBLING);
            } else {
                double now = ((x - m.x()) * dx + (y - m.y()) * dy) / l;
                k = 1 + (now / start - 1) * rate;
            }
            k = Math.max(LEAST, snap ? Math.rint(k / SCALE_STEP) * SCALE_STEP : k);
            double[] f = new double[3];
            for (int i = 0; i < 3; i++) {
                boolean grows = all || (handle.sort() == ToolHandle.Sort.ARM) == (i == handle.axis());
                f[i] = grows ? k : 1;
            }
            show(new EditOperation.Scale(roots, about, axes.orientation(), new Vec3(f[0], f[1], f[2])));
        };
    }

    private double middleX() {
        double[] p = handle.points();
        return handle.sort() == ToolHandle.Sort.ARM ? p[2] : (p[0] + p[4]) / 2;
    }

    private double middleY() {
        double[] p = handle.points();
        return handle.sort() == ToolHandle.Sort.ARM ? p[3] : (p[1] + p[5]) / 2;
    }
}
