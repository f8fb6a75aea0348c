package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.navigate.Turns;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Kind;
import rhombus.core.scene.Node;
import rhombus.core.view.Direction;
import rhombus.core.view.Pose;
import rhombus.core.view.Standard;

/** What a viewport can be made to look from, and how each would look: the direction chooser. */
final class Choices {
    private Choices() {}

    /** A choice: its words, the command that takes it, and whether it is the present one. */
    static List<Object> of(Stage stage, ViewState v) {
        List<Object> out = new ArrayList<>();
        String title = Captions.title(stage, v);
        boolean flat = v.pose.projection().flat();
        for (Direction d : List.of(Direction.TOP, Direction.FRONT, Direction.RIGHT, Direction.BOTTOM, Direction.BACK, Direction.LEFT)) {
            String word = d.word();
            out.add(Plain.map(
                    "id", word, "label", Words.capital(word),
                    "command", "view.direction", "args", Plain.map("to", word, "flat", true),
                    "on", v.camera == null && Captions.direction(v, stage.scene().up()).equals(word)));
        }
        out.add(Plain.map("id", "free-flat", "label", "Free flat", "command", "view.free-flat", "args", Map.of(), "on", title.equals("Free flat")));
        out.add(Plain.map("id", "scout", "label", "Scout", "note", "perspective", "command", "view.scout", "args", Map.of(),
                "on", v.camera == null && !flat && title.equals("Scout")));
        for (int i = 0; i < stage.scene().count(); i++) {
            Node n = stage.scene().node(i);
            if (n.kind() == Kind.CAMERA && !n.gone()) {
                out.add(Plain.map(
                        "id", "camera:" + n.id(), "label", stage.nameOf(i), "note", "guarded camera",
                        "command", "camera.look-through", "args", Plain.map("camera", n.id()), "on", n.id().equals(v.camera)));
            }
        }
        return out;
    }

    /** Where the viewport would stand after a choice, or null if there is none with this id. */
    static Pose pose(Stage stage, ViewState v, String id) {
        Pose p = v.destination();
        if (id.equals("scout")) {
            return scout(stage, v, p);
        }
        if (id.equals("free-flat")) {
            return freeFlat(stage, v, p);
        }
        if (id.startsWith("camera:")) {
            int node = stage.scene().indexOf(id.substring("camera:".length()));
            return node < 0 ? null : Cameras.pose(stage, v, node);
        }
        Standard d = Standard.named(id);
        if (d == null) {
            return null;
        }
        Pose to = Turns.to(p, d, stage.scene().up());
        return to.projection().flat() ? to : Turns.toggleProjection(to, v.lens);
    }

    /** A free perspective at the same focus. */
    static Pose scout(Stage stage, ViewState v, Pose p) {
        return free(stage, p.projection().flat() ? Turns.toggleProjection(p, v.lens) : p);
    }

    /** A free flat view at the same focus. */
    static Pose freeFlat(Stage stage, ViewState v, Pose p) {
        return free(stage, p.projection().flat() ? p : Turns.toggleProjection(p, v.lens));
    }

    /** Turned out of an axis, where it looks along one. */
    private static Pose free(Stage stage, Pose p) {
        return Direction.of(p.orientation(), stage.scene().up()) == null
                ? p : p.turnedAboutFocus(Homes.SCOUT.orientation(stage.scene().up()));
    }
}
