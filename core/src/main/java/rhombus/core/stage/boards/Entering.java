package rhombus.core.stage.boards;

import java.util.Map;
import rhombus.core.board.Start;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Kind;
import rhombus.core.stage.view.Board;
import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Homes;
import rhombus.core.stage.view.KeptView;
import rhombus.core.stage.view.ViewState;

/** What a board shows when it is first entered in a scene: what was kept of it, or each viewport at home. */
final class Entering {
    private Entering() {}

    /** Gives a board what was kept of it for this scene. */
    static void fill(Ground ground, Board b, Map<String, Object> m) {
        Map<String, Object> views = Plain.map(m.get("views"));
        for (ViewState v : b.views) {
            if (views.containsKey(v.id)) {
                KeptView.view(ground, v, Plain.map(views.get(v.id)));
            }
        }
        ViewState active = b.named(Plain.text(m.get("active"), ""));
        ViewState solo = b.named(Plain.text(m.get("solo"), ""));
        b.active = active == null ? b.active : active.number;
        b.solo = solo == null ? -1 : solo.number;
    }

    static void settle(Ground ground, ViewState v) {
        v.set(Homes.of(v, ground.scene()));
        if (v.start.from().equals(Start.CAMERA)) {
            String camera = Cameras.usual(ground, v);
            if (camera != null
                    && ground.scene().node(ground.scene().indexOf(camera)).kind() == Kind.CAMERA) {
                Cameras.start(ground, v, camera);
            }
        }
        v.trail.restart(v.pose);
    }
}
