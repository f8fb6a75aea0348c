package rhombus.core.stage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.display.DisplayMode;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.Plain;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** What is kept for a user and a scene: viewports, Trails, homes, the pinned pivot, moved objects. */
final class Workspace {
    private Workspace() {}

    static Map<String, Object> of(Stage stage) {
        List<Object> views = new ArrayList<>();
        for (ViewState v : stage.board().views) {
            List<Object> trail = new ArrayList<>();
            for (Pose p : v.trail.poses()) {
                trail.add(pose(p));
            }
            views.add(Plain.map(
                    "pose", pose(v.destination()),
                    "home", pose(v.home),
                    "lens", v.lens,
                    "mode", v.mode.id(),
                    "otherMode", v.otherMode.id(),
                    "camera", v.camera,
                    "crop", v.crop.none() ? null : Plain.list(v.crop.scale(), v.crop.x(), v.crop.y()),
                    "autoFlat", v.autoFlat ? true : null,
                    "lastCamera", v.lastCamera,
                    "beforeCamera", v.beforeCamera == null ? null : pose(v.beforeCamera),
                    "trail", trail,
                    "trailIndex", v.trail.index()));
        }
        Map<String, Object> moved = new HashMap<>();
        stage.original().forEach((n, was) -> {
            double[] is = stage.scene().node(n).local();
            if (!Arrays.equals(is, was)) {
                moved.put(stage.scene().node(n).id(), Plain.list(is));
            }
        });
        PivotState pivot = stage.pivot();
        return Plain.map(
                "format", "rhombus-workspace",
                "version", 1,
                "active", stage.board().active,
                "solo", stage.board().solo,
                "views", views,
                "walkSpeed", stage.walking().speed(),
                "pinned", pivot.pinned == null ? null : point(pivot.pinned),
                "pinnedOn", pivot.pinned == null ? null : pivot.pinnedOn,
                "moved", moved);
    }

    static void restore(Stage stage, Map<String, Object> m) {
        if (!"rhombus-workspace".equals(m.get("format")) || Plain.whole(m.get("version"), 0) != 1) {
            return;
        }
        Map<Integer, double[]> locals = new HashMap<>();
        Plain.map(m.get("moved")).forEach((id, matrix) -> {
            int n = stage.scene().indexOf(id);
            double[] local = Plain.numbers(matrix, 16);
            if (n >= 0 && local != null) {
                locals.put(n, local);
            }
        });
        if (!locals.isEmpty()) {
            stage.locals(locals);
        }
        Board board = stage.board();
        board.active = within(Plain.whole(m.get("active"), 1), 0, board.views.size() - 1);
        board.solo = within(Plain.whole(m.get("solo"), -1), -1, board.views.size() - 1);
        board.layOut();
        List<Object> views = Plain.list(m.get("views"));
        for (int i = 0; i < Math.min(views.size(), board.views.size()); i++) {
            view(stage, board.views.get(i), Plain.map(views.get(i)));
        }
        double walk = Plain.number(m.get("walkSpeed"), 0);
        if (walk > 0) {
            stage.walking().speed(walk);
        }
        stage.pivot().pinned = point(m.get("pinned"));
        stage.pivot().pinnedOn = Plain.text(m.get("pinnedOn"), "");
    }

    private static void view(Stage stage, ViewState v, Map<String, Object> m) {
        DisplayMode mode = DisplayMode.named(Plain.text(m.get("mode"), ""));
        DisplayMode other = DisplayMode.named(Plain.text(m.get("otherMode"), ""));
        v.mode = mode == null ? v.mode : mode;
        v.otherMode = other == null ? v.otherMode : other;
        Pose home = pose(m.get("home"));
        v.home = home == null ? v.home : home;
        List<Pose> trail = new ArrayList<>();
        for (Object o : Plain.list(m.get("trail"))) {
            Pose p = pose(o);
            if (p != null && trail.size() < Trail.DEPTH) {
                trail.add(p);
            }
        }
        Pose p = pose(m.get("pose"));
        if (p != null) {
            v.set(p);
            v.trail.restore(trail.isEmpty() ? List.of(p) : trail, Plain.whole(m.get("trailIndex"), 0));
        }
        double lens = Plain.number(m.get("lens"), 0);
        if (v.pose.projection().flat() && lens > 0 && lens < Math.PI) {
            v.lens = lens;
        }
        double[] crop = Plain.numbers(m.get("crop"), 3);
        v.crop = crop != null && crop[0] > 0 ? new Crop(crop[0], crop[1], crop[2]) : Crop.NONE;
        v.autoFlat = Plain.truth(m.get("autoFlat"), false);
        v.beforeCamera = pose(m.get("beforeCamera"));
        v.lastCamera = camera(stage, m.get("lastCamera"));
        v.camera = camera(stage, m.get("camera"));
        Cameras.follow(stage, v);
    }

    private static String camera(Stage stage, Object id) {
        int n = stage.scene().indexOf(Plain.text(id, ""));
        return n >= 0 && stage.scene().node(n).camera() != null ? stage.scene().node(n).id() : null;
    }

    private static int within(int v, int lo, int hi) {
        return Math.max(lo, Math.min(hi, v));
    }

    static List<Object> point(Vec3 p) {
        return Plain.list(p.x(), p.y(), p.z());
    }

    static Vec3 point(Object o) {
        double[] d = Plain.numbers(o, 3);
        return d == null ? null : new Vec3(d[0], d[1], d[2]);
    }

    static Map<String, Object> pose(Pose p) {
        Quat q = p.orientation();
        boolean flat = p.projection().flat();
        return Plain.map(
                "eye", point(p.eye()),
                "orientation", Plain.list(q.x(), q.y(), q.z(), q.w()),
                "focus", p.focus(),
                "fovY", flat ? null : ((Projection.Perspective) p.projection()).fovY(),
                "extent", flat ? ((Projection.Orthographic) p.projection()).extent() : null);
    }

    static Pose pose(Object o) {
        Map<String, Object> m = Plain.map(o);
        Vec3 eye = point(m.get("eye"));
        double[] q = Plain.numbers(m.get("orientation"), 4);
        double focus = Plain.number(m.get("focus"), 0);
        double fov = Plain.number(m.get("fovY"), 0);
        double extent = Plain.number(m.get("extent"), 0);
        boolean perspective = fov > 0 && fov < Math.PI;
        if (eye == null || q == null || focus <= 0 || !perspective && extent <= 0) {
            return null;
        }
        Quat orientation = new Quat(q[0], q[1], q[2], q[3]);
        double n = q[0] * q[0] + q[1] * q[1] + q[2] * q[2] + q[3] * q[3];
        // A stored unit quaternion comes back bit for bit; anything else is brought to length 1.
        return new Pose(
                eye,
                Math.abs(n - 1) < 1e-12 ? orientation : orientation.unit(),
                focus,
                perspective ? new Projection.Perspective(fov) : new Projection.Orthographic(extent));
    }
}
