package rhombus.core.stage.boards;

import java.util.Map;
import rhombus.core.board.ViewportStart;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.NodeKind;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.HomeViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.stage.view.ViewportRestoring;

/** What a board shows when it is first entered in a scene: what was kept of it, or each viewport at home. */
final class FirstViews {
    private FirstViews() {}

    /** Gives a board what was kept of it for this scene. */
    static void fill(StageContext ground, ActiveBoard b, Map<String, Object> m) {
        Map<String, Object> views = PlainData.map(m.get("views"));
        for (Viewport v : b.views) {
            if (views.containsKey(v.id)) {
                ViewportRestoring.view(ground, v, PlainData.map(views.get(v.id)));
            }
        }
        Viewport active = b.named(PlainData.text(m.get("active"), ""));
        Viewport solo = b.named(PlainData.text(m.get("solo"), ""));
        b.active = active == null ? b.active : active.number;
        b.solo = solo == null ? -1 : solo.number;
    }

    static void settle(StageContext ground, Viewport v) {
        v.set(HomeViews.of(v, ground.scene()));
        if (v.start.from().equals(ViewportStart.CAMERA)) {
            String camera = CameraViews.usual(ground, v);
            if (camera != null
                    && ground.scene().node(ground.scene().indexOf(camera)).kind() == NodeKind.CAMERA) {
                CameraViews.start(ground, v, camera);
            }
        }
        v.trail.restart(v.pose);
    }
}
