package rhombus.core.stage;

import java.util.Map;
import rhombus.core.display.DisplayMode;
import rhombus.core.display.Overlay;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Commands;
import rhombus.core.pick.Edges;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** Runs actions by id: views, scene, board and display, each by its own group. */
final class CommandRunner {
    private final Stage stage;
    private final ViewCommands views;
    private final SceneCommands scenes;
    private final BoardCommands boards;

    CommandRunner(Stage stage) {
        this.stage = stage;
        this.views = new ViewCommands(stage);
        this.scenes = new SceneCommands(stage);
        this.boards = new BoardCommands(stage);
    }

    ViewCommands views() {
        return views;
    }

    SelectCommands select() {
        return scenes.select();
    }

    BoardCommands boards() {
        return boards;
    }

    /**
     * Runs an action.
     *
     * @param lx pointer in the viewport, NaN where it is elsewhere
     * @return whether there is such an action
     */
    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        Command command = Commands.named(id);
        if (command == null) {
            return false;
        }
        if (command.area() == Command.Area.APP) {
            boolean here = id.equals("app.add") && !Double.isNaN(lx);
            stage.changes().application(id, here ? Plain.map("view", v.id, "x", lx, "y", ly) : args);
            return true;
        }
        if (!stage.opened()) {
            return false;
        }
        return switch (command.area()) {
            case WALK, PAD -> modes(id, args, v, lx, ly);
            case BOARD -> boards.run(id, args, v);
            case DISPLAY -> display(id, args, v);
            case PIN -> stage.pins().run(id, args, v);
            default -> views.run(id, args, v, lx, ly) || scenes.run(id, args, v, lx, ly);
        };
    }

    private boolean modes(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        Walking walking = stage.walking();
        switch (id) {
            case "walk.start" -> walking.toggle(v, false, Plain.truth(args.get("key"), false));
            case "walk.fly" -> walking.toggle(v, true, Plain.truth(args.get("key"), false));
            case "walk.leave" -> walking.leave();
            case "walk.back" -> walking.back();
            case "walk.stick" -> walking.stick(Plain.number(args.get("right"), 0), Plain.number(args.get("ahead"), 0));
            case "walk.step-speed" ->
                    walking.speed(walking.speed() * (Plain.text(args.get("to"), "").equals("slower") ? 1 / Stepping.WALK_NOTCH : Stepping.WALK_NOTCH));
            case "pad.open" -> stage.grips().openPad(v, lx, ly, false);
            case "pad.close" -> stage.grips().closePad();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean display(String id, Map<String, Object> args, ViewState v) {
        switch (id) {
            case "display.set" -> {
                DisplayMode m = DisplayMode.named(Plain.text(args.get("mode"), ""));
                display(v, m == null ? v.mode : m);
            }
            case "display.swap" -> display(v, v.otherMode);
            case "display.overlay" -> {
                Overlay o = Overlay.named(Plain.text(args.get("overlay"), ""));
                if (o == null) {
                    return false;
                }
                if (!v.hidden.remove(o)) {
                    v.hidden.add(o);
                }
                stage.changes().view(v.number);
                stage.changes().add(Changes.CAPTION | Changes.KEEP);
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void display(ViewState v, DisplayMode m) {
        if (m != v.mode) {
            v.otherMode = v.mode;
            v.mode = m;
            stage.changes().view(v.number);
            stage.changes().add(Changes.CAPTION | Changes.KEEP);
        }
    }

    /** What a click takes: in wireframe an edge in reach first, then the nearest surface; never a locked object. */
    Hit pick(ViewState v, double lx, double ly) {
        Hit first = markOrEdge(v, v.pose, lx, ly);
        return first != null ? first : stage.surfaceAt(v, v.pose, lx, ly, false);
    }

    /** What is taken before any surface: the mark of a light or camera, in wireframe an edge in reach; null for none. */
    Hit markOrEdge(ViewState v, Pose p, double lx, double ly) {
        Screen screen = v.screen().with(p);
        Hit icon = Icons.at(stage, v, screen, lx, ly);
        return icon != null || v.mode != DisplayMode.WIRE ? icon : Edges.closest(stage.scene(), screen, lx, ly);
    }
}
