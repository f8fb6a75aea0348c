package rhombus.core.stage.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.display.Background;
import rhombus.core.display.Overlay;
import rhombus.core.display.StoredLook;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** What viewports look like as plain data, to be kept and passed on: poses bit for bit, crops, cameras, looks. */
public final class StoredView {
    private StoredView() {}

    /** What is kept of a viewport. */
    public static Map<String, Object> view(Viewport v) {
        List<Object> trail = new ArrayList<>();
        List<Object> deeds = new ArrayList<>();
        for (int i = 0; i < v.trail.length(); i++) {
            trail.add(brief(v.trail.poses().get(i)));
            deeds.add(v.trail.deed(i));
        }
        Map<String, Object> m = look(v);
        m.putAll(PlainData.map(
                "home",
                v.home == null ? null : pose(v.home),
                "autoFlat",
                v.autoFlat ? true : null,
                "lastCamera",
                v.lastCamera,
                "beforeCamera",
                stood(v.beforeCamera),
                "trail",
                trail,
                "trailDeeds",
                deeds,
                "trailCameras",
                cameras(v),
                "trailIndex",
                v.trail.index()));
        StoredLook.put(m, "otherMode", "otherLook", v.otherLook);
        return m;
    }

    /** Cameras that entries of the Trail look through, empty for none; null where no entry looks through any. */
    private static List<Object> cameras(Viewport v) {
        List<Object> out = new ArrayList<>();
        boolean any = false;
        for (int i = 0; i < v.trail.length(); i++) {
            String camera = v.trail.camera(i);
            any |= camera != null;
            out.add(camera == null ? "" : camera);
        }
        return any ? out : null;
    }

    /** What a viewport looks like to somebody else: where it stands, its lens, crop, camera and how it draws. */
    public static Map<String, Object> look(Viewport v) {
        Map<String, Object> m = PlainData.map(
                "pose",
                pose(v.destination()),
                "lens",
                v.lens,
                "light",
                v.light == null ? null : v.light.id(),
                "background",
                v.background.equals(Background.USUAL) ? null : v.background.text(),
                "stops",
                v.stops == 0 ? null : v.stops,
                "hidden",
                Overlay.toPlain(v.switched),
                "camera",
                v.camera,
                "crop",
                crop(v.crop));
        StoredLook.put(m, "mode", "look", v.look);
        return m;
    }

    private static List<Object> crop(Crop c) {
        return c.none() ? null : PlainData.list(c.scale(), c.x(), c.y());
    }

    static Crop crop(Object o) {
        double[] d = PlainData.numbers(o, 3);
        return d != null && d[0] > 0 ? new Crop(d[0], d[1], d[2]) : Crop.NONE;
    }

    private static Map<String, Object> stood(SavedView s) {
        if (s == null) {
            return null;
        }
        Map<String, Object> m = pose(s.pose());
        m.put("crop", crop(s.crop()));
        m.put("autoFlat", s.autoFlat() ? true : null);
        return m;
    }

    static SavedView stood(Object o) {
        Pose p = pose(o);
        Map<String, Object> m = PlainData.map(o);
        return p == null ? null : new SavedView(p, crop(m.get("crop")), PlainData.truth(m.get("autoFlat"), false));
    }

    public static List<Object> point(Vec3 p) {
        return PlainData.list(p.x(), p.y(), p.z());
    }

    public static Vec3 point(Object o) {
        double[] d = PlainData.numbers(o, 3);
        return d == null ? null : new Vec3(d[0], d[1], d[2]);
    }

    public static Map<String, Object> pose(Pose p) {
        Quat q = p.orientation();
        boolean flat = p.projection().flat();
        return PlainData.map(
                "eye", point(p.eye()),
                "orientation", PlainData.list(q.x(), q.y(), q.z(), q.w()),
                "focus", p.focus(),
                "fovY", flat ? null : ((Projection.Perspective) p.projection()).fovY(),
                "extent", flat ? ((Projection.Orthographic) p.projection()).extent() : null);
    }

    /** A pose in nine numbers, of which a Trail keeps hundreds: eye, orientation, focus, and the angle or minus the extent. */
    private static List<Object> brief(Pose p) {
        Quat q = p.orientation();
        return PlainData.list(
                p.eye().x(),
                p.eye().y(),
                p.eye().z(),
                q.x(),
                q.y(),
                q.z(),
                q.w(),
                p.focus(),
                p.projection() instanceof Projection.Perspective v
                        ? v.fovY()
                        : -((Projection.Orthographic) p.projection()).extent());
    }

    public static Pose pose(Object o) {
        double[] d = PlainData.numbers(o, 9);
        Map<String, Object> m = d == null
                ? PlainData.map(o)
                : PlainData.map(
                        "eye",
                        PlainData.list(d[0], d[1], d[2]),
                        "orientation",
                        PlainData.list(d[3], d[4], d[5], d[6]),
                        "focus",
                        d[7],
                        d[8] > 0 ? "fovY" : "extent",
                        Math.abs(d[8]));
        Vec3 eye = point(m.get("eye"));
        double[] q = PlainData.numbers(m.get("orientation"), 4);
        double focus = PlainData.number(m.get("focus"), 0);
        double fov = PlainData.number(m.get("fovY"), 0);
        double extent = PlainData.number(m.get("extent"), 0);
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
