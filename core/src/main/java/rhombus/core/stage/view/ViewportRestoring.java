package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.display.Background;
import rhombus.core.display.Look;
import rhombus.core.display.Overlay;
import rhombus.core.display.StoredLook;
import rhombus.core.plain.PlainData;
import rhombus.core.view.Pose;

/** Puts viewports back as {@link StoredView} has kept them; what does not fit the scene is passed over. */
public final class ViewportRestoring {
    private ViewportRestoring() {}

    /** All that was kept of a viewport. */
    public static void view(StageContext ground, Viewport v, Map<String, Object> m) {
        Look other = StoredLook.of(m, "otherMode", "otherLook");
        v.otherLook = other == null ? v.otherLook : other;
        v.home = StoredView.pose(m.get("home"));
        List<Pose> trail = new ArrayList<>();
        List<String> deeds = new ArrayList<>();
        List<String> through = new ArrayList<>();
        List<Object> stored = PlainData.list(m.get("trail"));
        List<Object> words = PlainData.list(m.get("trailDeeds"));
        List<Object> cameras = PlainData.list(m.get("trailCameras"));
        for (int i = 0; i < stored.size(); i++) {
            Pose p = StoredView.pose(stored.get(i));
            if (p != null && trail.size() < Trail.DEPTH) {
                trail.add(p);
                deeds.add(i < words.size() ? PlainData.text(words.get(i), "") : "");
                String camera = i < cameras.size() ? PlainData.text(cameras.get(i), "") : "";
                through.add(camera.isEmpty() ? null : camera);
            }
        }
        Pose p = StoredView.pose(m.get("pose"));
        v.beforeCamera = StoredView.stood(m.get("beforeCamera"));
        v.lastCamera = camera(ground, m.get("lastCamera"));
        look(ground, v, m);
        if (p != null) {
            if (trail.isEmpty()) {
                v.trail.restart(p);
            } else {
                v.trail.restore(trail, deeds, through, PlainData.whole(m.get("trailIndex"), 0));
            }
        }
        v.autoFlat = PlainData.truth(m.get("autoFlat"), false);
    }

    /** Makes a viewport look as it was told by {@link StoredView#look}; what does not fit this scene is passed over. */
    public static void look(StageContext ground, Viewport v, Map<String, Object> m) {
        Look look = StoredLook.of(m, "mode", "look");
        v.look = look == null ? v.look : look;
        ground.looks().refresh(v);
        v.lightBy(Look.Light.named(PlainData.text(m.get("light"), "")));
        Background behind = Background.of(PlainData.text(m.get("background"), ""));
        v.onto(behind == null ? Background.USUAL : behind);
        v.brighter(PlainData.number(m.get("stops"), 0));
        v.switched = Overlay.of(m.get("hidden"));
        Pose p = StoredView.pose(m.get("pose"));
        if (p != null) {
            v.glide = null;
            v.set(p);
        }
        double lens = PlainData.number(m.get("lens"), 0);
        if (v.pose != null && v.pose.projection().flat() && lens > 0 && lens < Math.PI) {
            v.lens = lens;
        }
        v.putBack(camera(ground, m.get("camera")), StoredView.crop(m.get("crop")), false);
        CameraViews.follow(ground, v);
    }

    private static String camera(StageContext ground, Object id) {
        int n = ground.scene().indexOf(PlainData.text(id, ""));
        return n >= 0 && ground.scene().node(n).camera() != null
                ? ground.scene().node(n).id()
                : null;
    }
}
