package rhombus.core.stage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;
import rhombus.core.edit.Operation;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Binding;
import rhombus.core.navigate.Dolly;
import rhombus.core.navigate.Lens;
import rhombus.core.navigate.Look;
import rhombus.core.navigate.Pan;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** Makes the motion for a command, started at a point of a viewport. */
final class Motions {
    /** What the fine modifier multiplies motions by. */
    static final double FINE = 0.1;
    /** Notches of a dolly drag over the full height of the viewport: sixteen times nearer. */
    private static final double DOLLY_DRAG = Dolly.notchesFor(16);
    /** How often a lens drag over the full height of the viewport doubles the size of the picture. */
    private static final double DOUBLINGS = 3;

    private final Stage stage;

    Motions(Stage stage) {
        this.stage = stage;
    }

    /** The motion, or null for a command that is none or cannot be done here. */
    Motion start(Binding b, String command, ViewState v, double lx, double ly, boolean fine, boolean snap) {
        double rate = fine ? FINE : 1;
        return switch (command) {
            case "navigate.orbit" -> orbit(v, lx, ly, rate, snap);
            case "facet.turn" -> turnFacet(v, lx, ly, rate, snap);
            case "navigate.pan" -> pan(v, lx, ly, rate);
            case "navigate.dolly" -> dolly(v, lx, ly, rate);
            case "navigate.dolly-all" -> dollyAll(v, lx, ly, rate);
            case "navigate.look" -> look(v, lx, ly, rate);
            case "navigate.roll" -> roll(v, lx, rate, snap);
            case "navigate.zoom" -> zoom(v, lx, ly, rate);
            case "navigate.dolly-zoom" -> dollyZoom(v, lx, ly, rate);
            case "navigate.crop" -> crop(v, lx, ly, rate);
            case "navigate.drive" -> drive(v, lx, ly, rate);
            case "select.marquee" -> new MarqueeMotion(stage, v, Plain.text(b.args().get("how"), "pick"), lx, ly);
            case "tool.drag" -> drag(v, lx, ly, rate, snap);
            case "tool.drag-free" -> moveFreely(v, lx, ly, rate);
            default -> null;
        };
    }

    private Motion orbit(ViewState v, double lx, double ly, double rate, boolean snap) {
        Vec3 pivot = stage.pivotForPress(v, lx, ly).point();
        boolean ball = stage.habits().is(AllHabits.ORBIT_STYLE, "trackball");
        return new OrbitMotion(stage, v, pivot, lx, ly, Math.PI / v.height, rate, snap, ball);
    }

    /** A way as long as the Facet is wide is a quarter turn. */
    private Motion turnFacet(ViewState v, double lx, double ly, double rate, boolean snap) {
        Vec3 pivot = stage.pivotForPress(v, Double.NaN, Double.NaN).point();
        double k = Math.PI / 2 / (2 * FacetMark.of(v).radius());
        return new OrbitMotion(stage, v, pivot, lx, ly, k, rate, snap, false);
    }

    private Motion pan(ViewState v, double lx, double ly, double rate) {
        Screen start = v.screen();
        double depth = depthAt(v, lx, ly);
        return (x, y) -> stage.pose(v, Pan.by(start, depth, (x - lx) * rate, (y - ly) * rate));
    }

    /** Depth of the surface under a point, else of the focus. */
    private double depthAt(ViewState v, double lx, double ly) {
        Hit hit = stage.heldAt(v, v.pose, lx, ly);
        return hit == null ? v.pose.focus() : v.pose.depth(hit.point());
    }

    private double dollyNotches(ViewState v, double rate) {
        double k = DOLLY_DRAG / v.height * rate * stage.habits().number(AllHabits.DOLLY_SPEED);
        return stage.habits().on(AllHabits.DOLLY_INVERT) ? -k : k;
    }

    private Motion dolly(ViewState v, double lx, double ly, double rate) {
        double k = dollyNotches(v, rate);
        DollyRun run = new DollyRun(stage, v, v.pose, lx, ly);
        if (stage.habits().is(AllHabits.DOLLY_STYLE, "rate")) {
            // At the viewport's height it is as fast as a drag over that height in a second.
            return new RateMotion(lx, ly, notches -> stage.pose(v, run.at(notches * k)));
        }
        if (stage.habits().is(AllHabits.DOLLY_STYLE, "linear") && !v.pose.projection().flat()) {
            return linear(v, lx, ly, k / DOLLY_DRAG, run);
        }
        return (x, y) -> stage.pose(v, run.at((x - lx + ly - y) * k));
    }

    /** The viewport's height is twice the distance there was at the press, at any distance. */
    private Motion linear(ViewState v, double lx, double ly, double perPixel, DollyRun run) {
        Pose start = v.pose;
        double metres = run.distance() * 2 * perPixel;
        Vec3 way = run.line().direction();
        double least = stage.scene().radius() * 1e-4;
        return (x, y) -> {
            double by = (x - lx + ly - y) * metres;
            double focus = Math.max(least, start.focus() - by * way.dot(start.forward()));
            stage.pose(v, new Pose(start.eye().plus(way, by), start.orientation(), focus, start.projection()));
        };
    }

    private Motion dollyAll(ViewState v, double lx, double ly, double rate) {
        double k = dollyNotches(v, rate);
        List<DoubleFunction<Pose>> ways = new ArrayList<>();
        List<ViewState> views = new ArrayList<>();
        for (ViewState each : stage.board().views) {
            if (each.shown) {
                Cameras.stepOut(stage, each);
                DollyRun run = new DollyRun(stage, each, each.pose, each == v ? lx : each.width / 2, each == v ? ly : each.height / 2);
                views.add(each);
                ways.add(run::at);
            }
        }
        stage.press().alsoMoving(views);
        return (x, y) -> {
            for (int i = 0; i < views.size(); i++) {
                stage.pose(views.get(i), ways.get(i).apply((x - lx + ly - y) * k));
            }
        };
    }

    private Motion look(ViewState v, double lx, double ly, double rate) {
        if (v.pose.projection() instanceof Projection.Perspective lens) {
            Pose start = v.pose;
            double k = lens.fovY() / v.height * rate * stage.habits().number(AllHabits.LOOK_SPEED);
            double ky = stage.habits().on(AllHabits.LOOK_INVERT_Y) ? -k : k;
            return (x, y) -> {
                // Only the orientation is the hand's: one may be walking meanwhile.
                Quat q = Look.turn(start, stage.scene().up(), (lx - x) * k, (ly - y) * ky).orientation();
                stage.pose(v, new Pose(v.pose.eye(), q, v.pose.focus(), v.pose.projection()));
            };
        }
        stage.refusals().refuse(v, lx, ly, "A flat view has no eye to turn on the spot; make it a perspective to look around.");
        return null;
    }

    private Motion drive(ViewState v, double lx, double ly, double rate) {
        if (v.pose.projection().flat()) {
            stage.refusals().refuse(v, lx, ly, "A flat view has no eye to drive with; make it a perspective.");
            return null;
        }
        return new DriveMotion(stage, v, lx, ly, rate);
    }

    private Motion roll(ViewState v, double lx, double rate, boolean snap) {
        Pose start = v.pose;
        double k = Math.PI / v.height * rate;
        double step = Math.toRadians(stage.habits().number(AllHabits.STEP));
        return (x, y) -> {
            Pose rolled = Look.roll(start, (x - lx) * k);
            stage.pose(v, snap ? Look.rollTo(rolled, stage.scene().up(), step) : rolled);
        };
    }

    private Motion zoom(ViewState v, double lx, double ly, double rate) {
        Pose start = v.pose;
        double k = DOUBLINGS / v.height * rate;
        return (x, y) -> stage.pose(v, Lens.zoom(start, Math.pow(2, (x - lx + ly - y) * k)));
    }

    private Motion dollyZoom(ViewState v, double lx, double ly, double rate) {
        if (v.pose.projection().flat()) {
            stage.refusals().refuse(v, lx, ly, "A flat view has no lens, so there is nothing to dolly-zoom.");
            return null;
        }
        Pose start = v.pose;
        double k = DOUBLINGS / v.height * rate;
        return (x, y) -> stage.pose(v, Lens.dollyZoom(start, Math.pow(2, (x - lx + ly - y) * k)));
    }

    private Motion crop(ViewState v, double lx, double ly, double rate) {
        Crop start = v.crop;
        return (x, y) -> stage.crop(v, start.shifted((x - lx) / v.height * rate, (y - ly) / v.height * rate));
    }

    private Motion drag(ViewState v, double lx, double ly, double rate, boolean snap) {
        Handle h = stage.press().handle() != null ? stage.press().handle() : stage.tools().handleAt(v, lx, ly);
        return h == null ? null : new ToolMotions(stage, v, h, lx, ly, rate, snap).motion();
    }

    /** In the picture plane, at the depth of what was taken hold of. */
    private Motion moveFreely(ViewState v, double lx, double ly, double rate) {
        Screen screen = v.screen();
        double depth = depthAt(v, lx, ly);
        Vec3 from = screen.at(lx, ly, depth);
        Scene before = stage.scene();
        return (x, y) -> moveBy(before, screen.at(x, y, depth).minus(from).times(rate));
    }

    private void moveBy(Scene before, Vec3 delta) {
        stage.editing().live(before, new Operation.Move(stage.selection().roots(before), delta));
    }
}
