package rhombus.core.stage.view;

import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.Hit;
import rhombus.core.scene.Kind;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/**
 * Looking through cameras of the scene. A camera here is guarded: navigating in its viewport makes the viewport a scout
 * view at that pose, and the camera stays where it is.
 */
public final class Cameras {
    private Cameras() {}

    /** Looks through a camera node; gives false if it is none. */
    public static boolean through(Ground ground, ViewState v, String id) {
        int node = ground.scene().indexOf(id);
        if (node < 0 || ground.scene().node(node).kind() != Kind.CAMERA) {
            return false;
        }
        ground.walks().leaveIn(v);
        if (v.camera == null) {
            v.beforeCamera = v.destination();
        }
        v.camera = id;
        v.lastCamera = id;
        // A new line of sight is not a way to fly: the cut between views is at once, as on a film set.
        ground.navigator().pose(v, pose(ground, v, node));
        ground.navigator().remember(v, "through " + ground.nameOf(node));
        ground.changes().add(Topic.CAPTION, Topic.KEEP);
        return true;
    }

    /** A viewport starts as one that looks through a camera. */
    public static void start(Ground ground, ViewState v, String id) {
        v.beforeCamera = v.pose;
        v.camera = id;
        v.lastCamera = id;
        follow(ground, v);
    }

    /** The pose of the viewport before it looked through a camera. */
    public static void leave(Ground ground, ViewState v) {
        if (v.camera == null) {
            ground.changes().notice("This viewport looks through no camera.", null, null);
            return;
        }
        v.camera = null;
        if (v.beforeCamera != null) {
            ground.navigator().pose(v, v.beforeCamera);
        }
        ground.navigator().remember(v, "leave the camera");
        ground.changes().add(Topic.CAPTION, Topic.KEEP);
    }

    /** Before a motion: the viewport goes on as a scout view from where the camera stands. */
    public static void stepOut(Ground ground, ViewState v) {
        if (v.camera == null) {
            return;
        }
        String name = ground.nameOf(ground.scene().indexOf(v.camera));
        v.camera = null;
        ground.changes()
                .notice(
                        name + " is guarded and stays where it is. You look around from there.",
                        "Back to " + name,
                        "camera.look-through");
        ground.changes().add(Topic.CAPTION, Topic.KEEP);
    }

    /** After the scene or the size changed: a viewport that looks through a camera shows what the camera sees now. */
    public static void follow(Ground ground, ViewState v) {
        if (v.camera != null && v.pose != null) {
            int node = ground.scene().indexOf(v.camera);
            if (node < 0 || ground.scene().node(node).camera() == null) {
                // It was deleted: the viewport stays where it looked from.
                v.camera = null;
                return;
            }
            v.set(pose(ground, v, node));
        }
    }

    /** The camera that the key without a name means: the one of this viewport, else the first of the scene. */
    public static String usual(Ground ground, ViewState v) {
        if (v.lastCamera != null && ground.scene().indexOf(v.lastCamera) >= 0) {
            return v.lastCamera;
        }
        for (int i = 0; i < ground.scene().count(); i++) {
            if (!ground.scene().node(i).gone() && ground.scene().node(i).kind() == Kind.CAMERA) {
                return ground.scene().node(i).id();
            }
        }
        return null;
    }

    /** What a camera sees, fitted into a viewport. */
    public static Pose pose(Ground ground, ViewState v, int node) {
        Scene scene = ground.scene();
        SceneCamera c = scene.node(node).camera();
        double[] world = scene.world(node);
        Vec3 eye = Mat4.origin(world);
        Quat q = Mat4.rotation(world);
        Projection p = c.perspective()
                ? new Projection.Perspective(fovY(c, v.aspect()))
                : new Projection.Orthographic(c.extent() * Math.max(1, c.aspect() / v.aspect()));
        Pose start = new Pose(eye, q, scene.radius(), p);
        Hit ahead = ground.model().surfaceAt(v, start, v.width / 2, v.height / 2, true);
        double focus = ahead == null || ahead.distance() <= 0
                ? Math.max(eye.distance(scene.bounds().center()), scene.radius() * 0.01)
                : ahead.distance();
        return new Pose(eye, q, focus, p);
    }

    /** Vertical field of view at which the camera's whole picture fits into the viewport. */
    public static double fovY(SceneCamera c, double aspect) {
        if (c.aspect() <= aspect || c.aspect() == 0) {
            return c.fovY();
        }
        return 2 * Math.atan(Math.tan(c.fovY() / 2) * c.aspect() / aspect);
    }
}
