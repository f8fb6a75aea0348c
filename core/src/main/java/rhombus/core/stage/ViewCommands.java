package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Lengths;
import rhombus.core.navigate.Pan;
import rhombus.core.navigate.Turns;
import rhombus.core.navigate.Turntable;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.view.Direction;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** Actions that change where a view stands. */
final class ViewCommands {
    private static final double STEP = Math.toRadians(15);
    private static final double PAN_STEP = 0.1;

    private final Stage stage;

    ViewCommands(Stage stage) {
        this.stage = stage;
    }

    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        String to = Plain.text(args.get("to"), "");
        Scene scene = stage.scene();
        Pose p = v.destination();
        switch (id) {
            case "navigate.step-orbit" -> go(v, stepOrbit(v, p, to));
            case "navigate.step-pan" -> go(v, Pan.by(
                    new Screen(p, v.width, v.height),
                    p.focus(),
                    v.height * PAN_STEP * (to.equals("left") ? 1 : to.equals("right") ? -1 : 0),
                    v.height * PAN_STEP * (to.equals("up") ? 1 : to.equals("down") ? -1 : 0)));
            case "navigate.step-dolly" -> {
                boolean inside = !Double.isNaN(lx);
                Target t = Target.at(stage, v, p, inside ? lx : v.width / 2, inside ? ly : v.height / 2);
                go(v, t.dolly(p, to.equals("out") ? -1 : 1));
            }
            case "view.frame-selection" -> frame(v);
            case "view.frame-all" -> frameAll(v);
            case "view.frame-everything" -> go(v, Frames.everything(scene, p, v.aspect()));
            case "view.home" -> go(v, v.home);
            case "view.set-home" -> {
                v.home = p;
                stage.changes().notice("Home of this viewport is this view now.", null, null);
                stage.changes().add(Changes.KEEP);
            }
            case "view.direction" -> {
                Direction d = Direction.named(to);
                if (d == null) {
                    return false;
                }
                go(v, flat(args, v, Turns.to(p, d, scene.up())));
            }
            case "view.opposite" -> go(v, Turns.opposite(p, scene.up()));
            case "view.toggle-projection" -> go(v, Turns.toggleProjection(p, v.lens));
            case "view.level" -> go(v, Turns.level(p, scene.up()));
            case "view.scout" -> scout(v, p);
            case "trail.back" -> trail(v, v.trail.back(), "This is the first view of the Trail.");
            case "trail.forward" -> trail(v, v.trail.forward(), "This is the newest view of the Trail.");
            case "camera.look-through" -> {
                String camera = Plain.text(args.get("camera"), Cameras.usual(stage, v));
                if (camera == null || !Cameras.through(stage, v, camera)) {
                    stage.changes().notice("This scene has no such camera.", null, null);
                }
            }
            case "camera.leave" -> Cameras.leave(stage, v);
            default -> {
                return false;
            }
        }
        return true;
    }

    private Pose flat(Map<String, Object> args, ViewState v, Pose p) {
        return Plain.truth(args.get("flat"), false) && !p.projection().flat() ? Turns.toggleProjection(p, v.lens) : p;
    }

    /** Goes to a pose as one step: a camera viewport becomes a scout view first. */
    private void go(ViewState v, Pose to) {
        if (to == null) {
            return;
        }
        stage.wheelBurst().end();
        Cameras.stepOut(stage, v);
        stage.glide(v, to, Stage.GLIDE_MS);
        stage.remember(v);
        stage.changes().add(Changes.CAPTION);
    }

    private Pose stepOrbit(ViewState v, Pose p, String to) {
        double yaw = to.equals("left") ? -STEP : to.equals("right") ? STEP : 0;
        double pitch = to.equals("up") ? -STEP : to.equals("down") ? STEP : 0;
        return Turntable.orbit(p, p.focusPoint(), stage.scene().up(), yaw, pitch, true);
    }

    private void scout(ViewState v, Pose p) {
        Pose to = p;
        if (p.projection() instanceof Projection.Orthographic) {
            to = Turns.toggleProjection(p, v.lens);
        }
        if (Direction.of(to.orientation(), stage.scene().up()) != null) {
            to = to.turnedAboutFocus(
                    new Heading(Math.toRadians(38), Math.toRadians(-24), 0).orientation(stage.scene().up()));
        }
        v.camera = null;
        go(v, to);
    }

    private void frame(ViewState v) {
        Scene scene = stage.scene();
        if (stage.selection().isEmpty()) {
            frameAll(v);
            return;
        }
        v.frameLevel = v.destination().equals(v.framed) ? v.frameLevel + 1 : 0;
        List<Integer> nodes = stage.selection().nodes();
        int last = stage.selection().last();
        for (int i = 0; i < v.frameLevel && last >= 0; i++) {
            last = scene.node(last).parent();
            nodes = last < 0 ? List.of() : List.of(last);
        }
        if (nodes.isEmpty()) {
            frameAll(v);
            return;
        }
        Pose fit = Frames.fit(scene, nodes, v.destination(), v.aspect());
        if (fit == null) {
            stage.changes().notice("There is nothing to see in the selection.", null, null);
            return;
        }
        go(v, fit);
        v.framed = fit;
    }

    private void frameAll(ViewState v) {
        Frames.Whole whole = Frames.whole(stage.scene(), v.destination(), v.width, v.height);
        if (whole == null) {
            go(v, v.home);
            return;
        }
        go(v, whole.pose());
        if (!whole.left().isEmpty()) {
            Vec3 middle = whole.pose().focusPoint();
            StringBuilder s = new StringBuilder("Left out as too far away: ");
            for (int i = 0; i < Math.min(3, whole.left().size()); i++) {
                int n = whole.left().get(i);
                s.append(i == 0 ? "" : ", ").append(stage.nameOf(n)).append(" (")
                        .append(Lengths.words(stage.scene().bounds(n).center().distance(middle))).append(')');
            }
            if (whole.left().size() > 3) {
                s.append(" and ").append(whole.left().size() - 3).append(" more");
            }
            stage.changes().notice(s.append('.').toString(), "Take them in", "view.frame-everything");
        }
    }

    private void trail(ViewState v, Pose to, String atEnd) {
        if (to == null) {
            stage.changes().notice(atEnd, null, null);
            return;
        }
        v.camera = null;
        stage.glide(v, to, Stage.GLIDE_MS);
        stage.changes().add(Changes.CAPTION | Changes.KEEP);
    }
}
