package rhombus.core.stage;

import java.util.LinkedHashMap;
import java.util.Map;
import rhombus.core.display.Grid;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Dolly;
import rhombus.core.navigate.Pan;
import rhombus.core.navigate.PivotLadder;
import rhombus.core.navigate.Turntable;
import rhombus.core.pick.Hit;
import rhombus.core.scene.Scene;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** Makes the motion for a command, started at a point of a viewport. */
final class Motions {
    /** What the fine modifier multiplies motions by. */
    static final double FINE = 0.1;
    /** Notches of a dolly drag over the full height of the viewport: sixteen times nearer. */
    private static final double DOLLY_DRAG = 4 * Math.log(2) / -Math.log(Dolly.NOTCH);

    private final Stage stage;

    Motions(Stage stage) {
        this.stage = stage;
    }

    /** The motion, or null for a command that is none. */
    Motion start(String command, ViewState v, double lx, double ly, boolean fine, boolean snap) {
        double rate = fine ? FINE : 1;
        return switch (command) {
            case "navigate.orbit" -> orbit(v, lx, ly, rate);
            case "navigate.pan" -> pan(v, lx, ly, rate);
            case "navigate.dolly" -> dolly(v, lx, ly, rate);
            case "tool.drag" -> move(v, lx, ly, rate, snap);
            default -> null;
        };
    }

    private Motion orbit(ViewState v, double lx, double ly, double rate) {
        Pose start = v.pose;
        PivotLadder.Choice choice = stage.pivotForPress(v, lx, ly);
        double k = Math.PI / v.height * rate;
        var orbit = new Turntable.Gesture(start, choice.point(), stage.scene().up(), true);
        return (x, y) -> stage.pose(v, orbit.at((lx - x) * k, (ly - y) * k));
    }

    private Motion pan(ViewState v, double lx, double ly, double rate) {
        Screen start = v.screen();
        Hit hit = stage.surfaceAt(v, v.pose, lx, ly, true);
        double depth = hit == null ? v.pose.focus() : v.pose.depth(hit.point());
        return (x, y) -> stage.pose(v, Pan.by(start, depth, (x - lx) * rate, (y - ly) * rate));
    }

    private Motion dolly(ViewState v, double lx, double ly, double rate) {
        Pose start = v.pose;
        Target t = Target.at(stage, v, start, lx, ly);
        double k = DOLLY_DRAG / v.height * rate;
        return (x, y) -> stage.pose(v, t.dolly(start, (x - lx + ly - y) * k));
    }

    private Motion move(ViewState v, double lx, double ly, double rate, boolean snap) {
        int i = stage.pressedHandle() >= 0 ? stage.pressedHandle() : Handles.at(stage, v, lx, ly);
        Vec3 origin = Handles.origin(stage);
        if (i < 0 || origin == null) {
            return null;
        }
        Vec3 axis = Handles.axis(i);
        Screen screen = v.screen();
        Ray from = screen.ray(lx, ly);
        double s0 = from.nearestOnLine(origin, axis);
        Scene before = stage.scene();
        double grid = Grid.of(screen, before.up()).spacing();
        return (x, y) -> {
            double s = screen.ray(x, y).nearestOnLine(origin, axis);
            if (Double.isNaN(s) || Double.isNaN(s0)) {
                return;
            }
            double by = (s - s0) * rate;
            if (snap) {
                by = Math.rint(by / grid) * grid;
            }
            Map<Integer, double[]> locals = new LinkedHashMap<>();
            for (int n : stage.selection().roots(before)) {
                locals.put(n, before.movedLocal(n, axis.times(by)));
            }
            stage.locals(locals);
        };
    }
}
