package rhombus.core.stage;

import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Commands;
import rhombus.core.navigate.Lengths;
import rhombus.core.plain.Plain;

/** Actions on the selection, the pivot, the tool and the scene, each by its own group; none of them moves a view. */
final class SceneCommands {
    private final Stage stage;
    private final SelectCommands select;
    private final ObjectCommands objects;
    private final LayerCommands layers;
    private final PivotCommands pivot;
    private final PlaceCommands places;

    SceneCommands(Stage stage) {
        this.stage = stage;
        this.select = new SelectCommands(stage);
        this.objects = new ObjectCommands(stage);
        this.layers = new LayerCommands(stage, objects);
        this.pivot = new PivotCommands(stage);
        this.places = new PlaceCommands(stage);
    }

    SelectCommands select() {
        return select;
    }

    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        return switch (Commands.named(id).area()) {
            case SELECT -> select.run(id, args, v, lx, ly);
            case OBJECT -> objects.run(id, args);
            case LAYER -> layers.run(id, args);
            case PIVOT -> pivot.run(id, args, v, lx, ly);
            case TOOL -> places.run(id, args, v, lx, ly) || stage.tools().run(id, args);
            case ADD -> places.run(id, args, v, lx, ly);
            case EDIT -> edit(id, args) || places.run(id, args, v, lx, ly);
            case GESTURE -> {
                stage.resolver().cancel();
                yield true;
            }
            default -> false;
        };
    }

    private boolean edit(String id, Map<String, Object> args) {
        switch (id) {
            case "edit.undo" -> stage.editing().undo();
            case "edit.redo" -> stage.editing().redo();
            case "edit.go" -> stage.editing().go(Plain.whole(args.get("to"), stage.editing().history().done()));
            case "edit.sweep" -> stage.editing().sweep(Plain.truth(args.get("on"), false));
            default -> {
                return false;
            }
        }
        return true;
    }

    /** What the selection is called. */
    static String names(Stage stage) {
        int count = stage.selection().count();
        return count == 1 ? stage.nameOf(stage.selection().last()) : count + " objects";
    }

    /** A place in words: millimetres near the origin, coarser where the numbers grow long. */
    static String point(Vec3 p) {
        double most = Math.max(Math.abs(p.x()), Math.max(Math.abs(p.y()), Math.abs(p.z())));
        int places = most < 10 ? 3 : most < 100 ? 2 : most < 1000 ? 1 : 0;
        return Lengths.fixed(p.x(), places) + " " + Lengths.fixed(p.y(), places) + " " + Lengths.fixed(p.z(), places);
    }
}
