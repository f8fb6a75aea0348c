package rhombus.core.stage.motion;

import rhombus.core.display.Grid;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.CameraChange;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.tool.CameraHandle;
import rhombus.core.stage.view.StageContext;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/**
 * Drags of a camera's handles, from outside of it. Each is computed from the scene there was at the press and the whole drag
 * since. With the snap modifier aim and focus go to the surface under the pointer, numbers to whole ones.
 */
final class CameraMotions {
    /** A plane seen flatter than this (sine of the angle to the line of sight) is turned by the drag's way instead. */
    private static final double EDGE_ON = 0.12;
    /** Pixels of a drag that turn once in that case. */
    private static final double A_TURN = 340;

    private final StageContext ground;
    private final SubjectParts subject;
    private final GrabPoint grab;
    private final Screen screen;
    private final CameraHandle handle;
    private final Scene before;
    private final Pose pose;
    private final CameraChange change;

    private CameraMotions(StageContext ground, SubjectParts subject, GrabPoint grab, CameraHandle handle) {
        this.ground = ground;
        this.subject = subject;
        this.grab = grab;
        this.handle = handle;
        screen = grab.view().screen();
        before = ground.scene();
        pose = TypedCamera.aimed(ground, grab.view(), handle.node());
        change = new CameraChange(before, handle.node(), pose);
    }

    static Motion start(StageContext ground, SubjectParts subject, GrabPoint g, CameraHandle h) {
        return new CameraMotions(ground, subject, g, h).motion();
    }

    private Motion motion() {
        return switch (handle.part()) {
            case PLACE -> place();
            case AIM -> aim();
            case LENS -> lens();
            case ROLL -> roll();
            case FOCUS -> along(pose.focus(), change::focused, true);
            case NEAR -> along(before.camera(handle.node()).optics().near(), change::near, false);
            case FAR -> along(before.camera(handle.node()).optics().far(), change::far, false);
        };
    }

    private void show(Scene next) {
        subject.editing().live(next);
    }

    /** Where a line of sight meets the plane of the picture through a point; null where that lies behind the eye. */
    private Vec3 facing(double x, double y, Vec3 through) {
        Ray r = screen.ray(x, y);
        double t = r.plane(through, screen.pose().orientation().back());
        return Double.isNaN(t) || t <= 0 && !screen.pose().projection().flat() ? null : r.at(t);
    }

    /** How far the hand has moved a point in the plane of the picture; null where it points elsewhere. */
    private Vec3 way(double x, double y, Vec3 from) {
        Vec3 a = facing(grab.x(), grab.y(), from);
        Vec3 b = facing(x, y, from);
        return a == null || b == null ? null : b.minus(a).times(grab.rate());
    }

    private Vec3 surface(double x, double y) {
        RayHit hit = grab.snap() ? subject.picks().pick(grab.view(), x, y) : null;
        return hit == null ? null : hit.point();
    }

    private Motion place() {
        double grid = Grid.spacing(screen, before.up());
        Quat q = screen.pose().orientation();
        return (x, y) -> {
            Vec3 by = way(x, y, handle.at());
            if (by != null && grab.snap()) {
                by = q.right()
                        .times(Math.rint(by.dot(q.right()) / grid) * grid)
                        .plus(q.up(), Math.rint(by.dot(q.up()) / grid) * grid);
            }
            if (by != null) {
                show(change.moved(by));
            }
        };
    }

    private Motion aim() {
        return (x, y) -> {
            Vec3 by = way(x, y, handle.at());
            Vec3 picked = surface(x, y);
            Vec3 to = picked != null ? picked : by == null ? null : handle.at().plus(by);
            if (to != null) {
                show(change.aimed(to));
            }
        };
    }

    private Motion lens() {
        Vec3 c = pose.focusPoint();
        Vec3 out = handle.at().minus(c).unit();
        double s0 = screen.ray(grab.x(), grab.y()).nearestOnLine(c, out);
        return (x, y) -> {
            double s = screen.ray(x, y).nearestOnLine(c, out);
            if (Double.isNaN(s) || !(s0 > 0)) {
                return;
            }
            Scene next = change.wider(Math.max(1e-3, 1 + (s / s0 - 1) * grab.rate()));
            if (grab.snap() && next.camera(handle.node()).perspective()) {
                next = change.focal(
                        Math.max(1, Math.rint(next.camera(handle.node()).focalLength())));
            }
            show(next);
        };
    }

    private interface At {
        Scene metres(double d);
    }

    /** A plane across the line of sight, moved along it. */
    private Motion along(double is, At at, boolean picks) {
        Vec3 f = pose.forward();
        double s0 = screen.ray(grab.x(), grab.y()).nearestOnLine(handle.at(), f);
        return (x, y) -> {
            Vec3 picked = picks ? surface(x, y) : null;
            double s = screen.ray(x, y).nearestOnLine(handle.at(), f);
            if (picked != null && pose.depth(picked) > 0) {
                show(at.metres(pose.depth(picked)));
            } else if (!Double.isNaN(s) && !Double.isNaN(s0)) {
                show(at.metres(is + (s - s0) * grab.rate()));
            }
        };
    }

    private Motion roll() {
        Vec3 axis = pose.forward();
        Vec3 middle = pose.focusPoint();
        double step = Math.toRadians(ground.habits().number(AllHabits.STEP));
        double start = angle(grab.x(), grab.y(), middle, axis);
        double[] turned = {0, start};
        return (x, y) -> {
            double now = angle(x, y, middle, axis);
            if (Double.isNaN(start) || Double.isNaN(now)) {
                turned[0] = (x - grab.x()) / A_TURN * 2 * Math.PI;
            } else {
                double d = now - turned[1];
                turned[0] += d > Math.PI ? d - 2 * Math.PI : d < -Math.PI ? d + 2 * Math.PI : d;
                turned[1] = now;
            }
            double by = turned[0] * grab.rate();
            show(change.rolled(grab.snap() ? Math.rint(by / step) * step : by));
        };
    }

    /** Angle about an axis of the point of its plane that the hand is on; NaN where the plane is seen edge on. */
    private double angle(double x, double y, Vec3 middle, Vec3 axis) {
        Ray r = screen.ray(x, y);
        double t = Math.abs(r.direction().unit().dot(axis)) < EDGE_ON ? Double.NaN : r.plane(middle, axis);
        if (Double.isNaN(t) || t <= 0 && !screen.pose().projection().flat()) {
            return Double.NaN;
        }
        Vec3 d = r.at(t).minus(middle);
        // Counter-clockwise about the axis, as rotations are: from right to down, seen along the line of sight.
        return Math.atan2(
                -d.dot(pose.orientation().up()), d.dot(pose.orientation().right()));
    }
}
