package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.board.Start;
import rhombus.core.navigate.Aim;
import rhombus.core.navigate.Centre;
import rhombus.core.navigate.Lengths;
import rhombus.core.navigate.Lens;
import rhombus.core.navigate.Look;
import rhombus.core.navigate.Pan;
import rhombus.core.navigate.Turns;
import rhombus.core.navigate.Turntable;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.view.Crop;
import rhombus.core.view.Direction;
import rhombus.core.view.Facet;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Standard;

/** Actions that change where a view stands. */
final class ViewCommands {
    private static final double PAN_STEP = 0.1;
    /** Doublings of the picture's size in one step of the lens. */
    private static final double ZOOM_STEP = 0.25;

    private final Stage stage;
    /** What is being done, as the Trail will call it. */
    private String deed = "";

    ViewCommands(Stage stage) {
        this.stage = stage;
    }

    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        String to = Plain.text(args.get("to"), "");
        deed = Words.deed(id, to);
        Scene scene = stage.scene();
        Pose p = v.destination();
        switch (id) {
            case "navigate.step-orbit" -> stepOrbit(v, p, to);
            case "navigate.step-pan" -> go(v, Pan.by(v.screen().with(p), p.focus(), v.height * PAN_STEP * -aside(to), v.height * PAN_STEP * above(to)));
            case "navigate.step-look" -> stepLook(v, p, to);
            case "navigate.step-roll" -> go(v, Look.roll(p, step() * aside(to)));
            case "navigate.step-zoom" -> go(v, Lens.zoom(p, Math.pow(2, inward(to) * ZOOM_STEP)));
            case "navigate.step-dolly-zoom" -> {
                if (p.projection().flat()) {
                    stage.refusals().refuse(v, v.width / 2, v.height / 2, "A flat view has no lens, so there is nothing to dolly-zoom.");
                } else {
                    go(v, Lens.dollyZoom(p, Math.pow(2, inward(to) * ZOOM_STEP)));
                }
            }
            case "navigate.step-crop" -> stepCrop(v, to);
            case "view.reset-crop" -> stage.crop(v, Crop.NONE);
            case "view.centre-here" -> go(v, centred(v, p, lx, ly));
            case "view.quarter-roll" -> go(v, Turns.quarterRoll(p, to.equals("right")));
            case "navigate.step-dolly" -> {
                boolean inside = !Double.isNaN(lx);
                DollyRun run = new DollyRun(stage, v, p, inside ? lx : v.width / 2, inside ? ly : v.height / 2);
                go(v, run.at(inward(to)));
            }
            case "view.frame-selection" -> everywhere(args, v, this::frame);
            case "view.frame-all" -> everywhere(args, v, this::frameAll);
            case "view.frame-everything" -> fresh(v, Frames.everything(scene, p, v.aspect()));
            case "view.aim" -> aim(v);
            case "view.set" -> go(v, ViewNumbers.with(stage, v, p, args));
            case "view.home" -> fresh(v, Homes.of(v, scene));
            case "view.set-home" -> {
                v.home = p;
                stage.changes().notice("Home of this viewport is this view now.", null, null);
                stage.changes().add(Changes.KEEP);
            }
            case "view.reset-home" -> {
                v.home = null;
                stage.changes().notice("Home of this viewport is as it was at first.", "Go home", "view.home");
                stage.changes().add(Changes.KEEP);
            }
            case "view.direction" -> {
                Standard d = Standard.named(to);
                if (d == null) {
                    return false;
                }
                direction(args, v, p, d);
            }
            case "facet.go" -> facet(v, lx, ly);
            case "facet.menu" -> stage.changes().application(id, Map.of("view", v.id));
            case "facet.step" -> {
                Standard from = Standard.named(v.facetAim == null ? "" : v.facetAim);
                from = from == null ? Standard.nearest(p.orientation(), scene.up()) : from;
                v.facetAim = Facet.next(from, (int) aside(to), (int) above(to), scene.up()).name();
                stage.changes().view(v.number);
            }
            case "facet.aim-here" -> {
                stage.activate(v);
                facetAim(v, Standard.nearest(p.orientation(), scene.up()).name());
            }
            case "facet.aim-away" -> facetAim(v, null);
            case "view.opposite" -> go(v, Turns.opposite(p, scene.up()));
            case "view.toggle-projection" -> {
                v.autoFlat = false;
                go(v, Turns.toggleProjection(p, v.lens));
            }
            case "view.level" -> go(v, Turns.level(p, scene.up()));
            case "view.scout" -> {
                v.chosen(Start.SCOUT);
                free(v, Choices.scout(stage, v, p));
            }
            case "view.free-flat" -> free(v, Choices.freeFlat(stage, v, p));
            case "trail.back" -> trail(v, v.trail.back(), "This is the first view of the Trail.");
            case "trail.forward" -> trail(v, v.trail.forward(), "This is the newest view of the Trail.");
            case "trail.go" -> trail(v, v.trail.go(Plain.whole(args.get("to"), -1)), "The Trail has no such view any more.");
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

    private static double aside(String to) {
        return to.equals("left") ? -1 : to.equals("right") ? 1 : 0;
    }

    private static double above(String to) {
        return to.equals("up") ? 1 : to.equals("down") ? -1 : 0;
    }

    private static double inward(String to) {
        return to.equals("out") ? -1 : 1;
    }

    private double step() {
        return Math.toRadians(stage.habits().number(AllHabits.STEP));
    }

    private void everywhere(Map<String, Object> args, ViewState v, Consumer<ViewState> frame) {
        for (ViewState each : stage.board().views) {
            if (each == v || Plain.truth(args.get("all"), false) && each.shown) {
                frame.accept(each);
            }
        }
    }

    private void direction(Map<String, Object> args, ViewState v, Pose p, Standard d) {
        Pose to = Turns.to(p, d, stage.scene().up());
        boolean flat = to.projection().flat();
        if (d.axes() != 1) {
            to = stage.refusals().leavingAxis(v, to);
        } else if (!flat && Plain.truth(args.get("flat"), false)) {
            to = Turns.toggleProjection(to, v.lens);
        } else if (!flat && stage.habits().on(AllHabits.AXIS_FLAT)) {
            to = Turns.toggleProjection(to, v.lens);
            v.autoFlat = true;
        }
        if (Plain.truth(args.get("flat"), false)) {
            v.chosen(d.name());
        }
        fresh(v, to);
    }

    private void facetAim(ViewState v, String aim) {
        v.facetAim = aim;
        stage.changes().view(v.number);
    }

    /** Goes where the pointer is on the Facet, or where the keyboard has chosen. */
    private void facet(ViewState v, double lx, double ly) {
        String part = v.facetAim != null && Double.isNaN(lx) ? v.facetAim : FacetMark.at(stage, v, lx, ly);
        if (part == null) {
            return;
        }
        switch (part) {
            case FacetMark.HOME -> fresh(v, Homes.of(v, stage.scene()));
            case FacetMark.ROLL_LEFT, FacetMark.ROLL_RIGHT ->
                    go(v, Turns.quarterRoll(v.destination(), part.equals(FacetMark.ROLL_RIGHT)));
            default -> direction(Map.of(), v, v.destination(), Standard.named(part));
        }
    }

    private Pose centred(ViewState v, Pose p, double lx, double ly) {
        double x = Double.isNaN(lx) ? v.width / 2 : lx;
        double y = Double.isNaN(ly) ? v.height / 2 : ly;
        Hit hit = stage.heldAt(v, p, x, y);
        return Centre.on(p, hit == null ? v.screen().with(p).at(x, y, p.focus()) : hit.point());
    }

    private void stepLook(ViewState v, Pose p, String to) {
        if (p.projection().flat()) {
            stage.refusals().refuse(v, v.width / 2, v.height / 2, "A flat view has no eye to turn on the spot; make it a perspective to look around.");
            return;
        }
        go(v, Look.turn(p, stage.scene().up(), -step() * aside(to), step() * above(to)));
    }

    private void stepCrop(ViewState v, String to) {
        if (to.equals("in") || to.equals("out")) {
            stage.crop(v, v.crop.scaled(Math.pow(2, inward(to) * ZOOM_STEP), 0, 0));
        } else {
            stage.crop(v, v.crop.shifted(-aside(to) * PAN_STEP, above(to) * PAN_STEP));
        }
    }

    /** Goes to a view that shows something on purpose: what was cropped is whole again. */
    private void fresh(ViewState v, Pose to) {
        if (to != null && !v.crop.none()) {
            stage.crop(v, Crop.NONE);
        }
        go(v, to);
    }

    /** Goes to a pose as one step: a camera viewport becomes a scout view first. */
    private void go(ViewState v, Pose to) {
        if (to == null) {
            return;
        }
        stage.endWheels();
        if (to.projection().flat()) {
            stage.walking().leaveIn(v);
        }
        Cameras.stepOut(stage, v);
        stage.glide(v, to, stage.glideMs());
        if (v != stage.walking().view()) {
            stage.remember(v, deed);
        }
        stage.changes().add(Changes.CAPTION);
    }

    private void stepOrbit(ViewState v, Pose at, String to) {
        if (stage.refusals().heldInPlace(v, v.width / 2, v.height / 2)) {
            return;
        }
        Pose p = stage.refusals().leavingAxis(v, at);
        boolean stop = stage.habits().is(AllHabits.POLES, "stop");
        go(v, Turntable.orbit(p, p.focusPoint(), stage.scene().up(), step() * aside(to), -step() * above(to), stop));
        stage.refusals().released(v, at);
    }

    private void free(ViewState v, Pose to) {
        v.camera = null;
        v.autoFlat = false;
        fresh(v, to);
    }

    /** Goes to a stored view as one step: its pose and crop, or its camera. */
    void look(ViewState v, Map<String, Object> look) {
        String camera = Plain.text(look.get("camera"), "");
        if (!camera.isEmpty() && Cameras.through(stage, v, camera)) {
            return;
        }
        deed = "to a Pin";
        Pose to = Workspace.pose(look.get("pose"));
        if (to == null) {
            return;
        }
        free(v, to);
        double[] crop = Plain.numbers(look.get("crop"), 3);
        if (crop != null && crop[0] > 0) {
            stage.crop(v, new Crop(crop[0], crop[1], crop[2]));
        }
    }

    /** Turns the camera on the spot, or slides a flat view, until the selection is in the middle. */
    private void aim(ViewState v) {
        if (stage.selection().isEmpty()) {
            stage.changes().notice("Select something to aim at.", null, null);
            return;
        }
        Vec3 c = stage.components().isEmpty()
                ? stage.selection().bounds(stage.scene()).center() : stage.components().bounds().center();
        fresh(v, Aim.at(v.destination(), c, stage.scene().up()));
    }

    private void frame(ViewState v) {
        Scene scene = stage.scene();
        if (!stage.components().isEmpty() && !v.destination().equals(v.framed)) {
            Pose parts = Frames.points(scene, stage.components().points(), v.destination(), v.aspect());
            fresh(v, parts);
            v.framed = parts;
            v.frameLevel = -1;
            return;
        }
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
        fresh(v, fit);
        v.framed = fit;
    }

    private void frameAll(ViewState v) {
        Frames.Whole whole = Frames.whole(stage.scene(), v.destination(), v.width, v.height);
        if (whole == null) {
            fresh(v, Homes.of(v, stage.scene()));
            return;
        }
        fresh(v, whole.pose());
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
        stage.walking().leaveIn(v);
        v.camera = null;
        v.autoFlat = false;
        stage.glide(v, to, stage.glideMs());
        stage.changes().add(Changes.CAPTION | Changes.KEEP);
    }
}
