package rhombus.core.stage.view;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.DirectionTurns;
import rhombus.core.plain.PlainData;
import rhombus.core.view.AxisDirection;
import rhombus.core.view.Pose;
import rhombus.core.view.StandardDirection;

/** What a viewport can be made to look from, and how each would look: the direction chooser. */
public final class ViewSources {
    private ViewSources() {}

    /** A choice: its words, the command that takes it, and whether it is the present one. */
    public static List<ViewSource> of(StageContext ground, Viewport v) {
        List<ViewSource> out = new ArrayList<>();
        String title = PlateCaptions.title(ground, v);
        boolean flat = v.pose.projection().flat();
        for (AxisDirection d : List.of(
                AxisDirection.TOP,
                AxisDirection.FRONT,
                AxisDirection.RIGHT,
                AxisDirection.BOTTOM,
                AxisDirection.BACK,
                AxisDirection.LEFT)) {
            String word = d.word();
            out.add(new ViewSource(
                    word,
                    d.words(),
                    null,
                    "view.direction",
                    PlainData.map("to", word, "own", true),
                    v.camera == null
                            && PlateCaptions.direction(v, ground.scene().up()).equals(word)));
        }
        out.add(new ViewSource(
                "free-flat",
                say("choices.free-flat"),
                null,
                "view.free-flat",
                Map.of(),
                title.equals(say("choices.free-flat"))));
        out.add(new ViewSource(
                "scout",
                say("choices.scout"),
                "perspective",
                "view.scout",
                Map.of(),
                v.camera == null && !flat && title.equals(say("choices.scout"))));
        for (int i : ground.scene().cameras()) {
            String id = ground.scene().node(i).id();
            out.add(new ViewSource(
                    "camera:" + id,
                    ground.nameOf(i),
                    note(ground, v, i),
                    "camera.look-through",
                    PlainData.map("camera", id),
                    id.equals(v.camera)));
        }
        return out;
    }

    /** What a camera would be here: guarded, unless it is locked or driven already. */
    private static String note(StageContext ground, Viewport v, int node) {
        boolean here = ground.scene().node(node).id().equals(v.camera);
        return ground.scene().locked(node)
                ? say("choices.locked-camera")
                : here && v.driven ? say("choices.driven-camera") : say("choices.guarded-camera");
    }

    /** Where the viewport would stand after a choice, or null if there is none with this id. */
    public static Pose pose(StageContext ground, Viewport v, String id) {
        Pose p = v.destination();
        if (id.equals("scout")) {
            return scout(ground, v, p);
        }
        if (id.equals("free-flat")) {
            return freeFlat(ground, v, p);
        }
        if (id.startsWith("camera:")) {
            int node = ground.scene().indexOf(id.substring("camera:".length()));
            return node < 0 ? null : CameraViews.pose(ground, v, node);
        }
        StandardDirection d = StandardDirection.named(id);
        if (d == null) {
            return null;
        }
        Pose to = DirectionTurns.to(p, d, ground.scene().up());
        return !to.projection().flat() && flatFrom(ground, v, d) ? DirectionTurns.toggleProjection(to, v.lens) : to;
    }

    /**
     * Whether a perspective view becomes flat as it turns to a direction: along an axis, where the user wants that; else the
     * projection stays. A camera that is driven keeps its own.
     */
    public static boolean flatFrom(StageContext ground, Viewport v, StandardDirection d) {
        return d.axes() == 1 && !v.driven && ground.habits().on(AllHabits.AXIS_FLAT);
    }

    /** A free perspective at the same focus. */
    public static Pose scout(StageContext ground, Viewport v, Pose p) {
        return free(ground, p.projection().flat() ? DirectionTurns.toggleProjection(p, v.lens) : p);
    }

    /** A free flat view at the same focus. */
    public static Pose freeFlat(StageContext ground, Viewport v, Pose p) {
        return free(ground, p.projection().flat() ? p : DirectionTurns.toggleProjection(p, v.lens));
    }

    /** Turned out of an axis, where it looks along one. */
    private static Pose free(StageContext ground, Pose p) {
        return AxisDirection.of(p.orientation(), ground.scene().up()) == null
                ? p
                : p.turnedAboutFocus(HomeViews.SCOUT.orientation(ground.scene().up()));
    }
}
