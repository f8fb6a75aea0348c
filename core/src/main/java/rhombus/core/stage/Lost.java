package rhombus.core.stage;

import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.geometry.Wedge;
import rhombus.core.navigate.Lengths;
import rhombus.core.pick.Marquee;
import rhombus.core.pick.Seen;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.view.Screen;

/** What keeps people from getting lost: the Beacon towards a selection out of view, and a word in a viewport that shows nothing. */
final class Lost {
    /** How far from the viewport's edge the Beacon stands, pixels. */
    private static final double INSET = 26;
    /** Free at the bottom for the Plate. */
    private static final double PLATE = 44;

    private Lost() {}

    /** Where the selection is when no part of it is in the picture; null while one is, or nothing is selected. */
    static Map<String, Object> beacon(Stage stage, ViewState v) {
        if (stage.selection().isEmpty() && stage.components().isEmpty() || !v.shown) {
            return null;
        }
        Aabb b = stage.components().isEmpty() ? stage.selection().bounds(stage.scene()) : stage.components().bounds();
        Screen screen = v.screen();
        if (b.isEmpty() || Marquee.wedge(screen, 0, 0, v.width, v.height).box(b) != Wedge.OUTSIDE) {
            return null;
        }
        Vec3 c = b.center();
        Vec3 d = c.minus(v.pose.eye());
        double x = d.dot(v.pose.orientation().right());
        double y = -d.dot(v.pose.orientation().up());
        double l = Math.hypot(x, y);
        // Straight behind there is no side: down is as good as any.
        double ux = l == 0 ? 0 : x / l;
        double uy = l == 0 ? 1 : y / l;
        double w = Math.max(1, v.width / 2 - INSET);
        double h = Math.max(1, (v.height - PLATE) / 2 - INSET);
        double k = Math.min(ux == 0 ? 1e9 : w / Math.abs(ux), uy == 0 ? 1e9 : h / Math.abs(uy));
        double far = v.pose.projection().flat() ? Math.hypot(x, y) : d.length();
        return Plain.map("x", v.width / 2 + ux * k, "y", (v.height - PLATE) / 2 + uy * k, "angle", Math.toDegrees(Math.atan2(uy, ux)),
                "name", stage.components().isEmpty() ? SceneCommands.names(stage) : stage.components().words(),
                "distance", Lengths.words(far));
    }

    /** Whether a viewport shows nothing of a scene that has something to show. */
    static boolean empty(Stage stage, ViewState v) {
        Scene s = stage.scene();
        if (!stage.opened() || !v.shown || s.bounds().isEmpty() && s.points().length == 0) {
            return false;
        }
        return !Icons.any(stage, v) && !Seen.anything(stage.surfaces(), s, v.screen(), Marquee.wedge(v.screen(), 0, 0, v.width, v.height));
    }
}
