package rhombus.core.stage.subject;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Screen;

/** The marks of lights and cameras in a viewport: a constant size on the screen, picked within their shape. */
public final class SceneIcons {
    /** Half a mark, pixels. */
    private static final double HALF = 11;

    private SceneIcons() {}

    private interface Each {
        void at(int node, Vec3 place, Vec3 screen);
    }

    private static void each(StageContext ground, Selection selection, Viewport v, Screen screen, Each to) {
        Scene s = ground.scene();
        for (int i : s.points()) {
            NodeKind k = s.node(i).kind();
            if ((k == NodeKind.LIGHT && v.shows(Overlay.LIGHTS) || k == NodeKind.CAMERA && v.shows(Overlay.CAMERAS))
                    && s.shown(i)
                    && !s.node(i).id().equals(v.camera)) {
                Vec3 p = Mat4.origin(s.world(i));
                Vec3 at = screen.project(p);
                if ((at.z() > 0 || screen.pose().projection().flat())
                        && at.x() > -HALF
                        && at.y() > -HALF
                        && at.x() < v.width + HALF
                        && at.y() < v.height + HALF) {
                    to.at(i, p, at);
                }
            }
        }
    }

    /** Whether any mark is in a viewport. */
    public static boolean any(StageContext ground, Selection selection, Viewport v) {
        boolean[] found = new boolean[1];
        each(ground, selection, v, v.screen(), (n, p, at) -> found[0] = true);
        return found[0];
    }

    public static List<IconMark> marks(StageContext ground, Selection selection, Viewport v) {
        List<IconMark> out = new ArrayList<>();
        each(
                ground,
                selection,
                v,
                v.screen(),
                (n, p, at) -> out.add(new IconMark(
                        ground.scene().node(n).id(),
                        ground.scene().node(n).kind().word(),
                        at.x(),
                        at.y(),
                        selection.has(n),
                        ground.scene().locked(n),
                        CameraViews.driven(ground, ground.scene().node(n).id()))));
        return out;
    }

    /** The light or camera whose mark lies under a point, the nearest in front; null for none. */
    public static RayHit at(StageContext ground, Selection selection, Viewport v, Screen screen, double lx, double ly) {
        RayHit[] best = new RayHit[1];
        each(ground, selection, v, screen, (n, p, at) -> {
            boolean on = Math.abs(at.x() - lx) + Math.abs(at.y() - ly) <= HALF + 3;
            if (on && !ground.scene().locked(n) && (best[0] == null || at.z() < best[0].distance())) {
                best[0] = new RayHit(n, p, at.z());
            }
        });
        return best[0];
    }
}
