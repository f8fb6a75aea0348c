package rhombus.core.stage;

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
final class Cameras {
    private Cameras() {}

    /** Looks through a camera node; gives false if it is none. */
    static boolean through(Stage stage, ViewState v, String id) {
        int node = stage.scene().indexOf(id);
        if (node < 0 || stage.scene().node(node).kind() != Kind.CAMERA) {
            return false;
        }
        stage.walking().leaveIn(v);
        if (v.camera == null) {
            v.beforeCamera = v.destination();
        }
        v.camera = id;
        v.lastCamera = id;
        // A new line of sight is not a way to fly: the cut between views is at once, as on a film set.
        stage.pose(v, pose(stage, v, node));
        stage.remember(v, "through " + stage.nameOf(node));
        stage.changes().add(Changes.CAPTION | Changes.KEEP);
        return true;
    }

    /** The pose of the viewport before it looked through a camera. */
    static void leave(Stage stage, ViewState v) {
        if (v.camera == null) {
            stage.changes().notice("This viewport looks through no camera.", null, null);
            return;
        }
        v.camera = null;
        if (v.beforeCamera != null) {
            stage.pose(v, v.beforeCamera);
        }
        stage.remember(v, "leave the camera");
        stage.changes().add(Changes.CAPTION | Changes.KEEP);
    }

    /** Before a motion: the viewport goes on as a scout view from where the camera stands. */
    static void stepOut(Stage stage, ViewState v) {
        if (v.camera == null) {
            return;
        }
        String name = stage.nameOf(stage.scene().indexOf(v.camera));
        v.camera = null;
        stage.changes().notice(name + " is guarded and stays where it is. You look around from there.", "Back to " + name, "camera.look-through");
        stage.changes().add(Changes.CAPTION | Changes.KEEP);
    }

    /** After the scene or the size changed: a viewport that looks through a camera shows what the camera sees now. */
    static void follow(Stage stage, ViewState v) {
        if (v.camera != null && v.pose != null) {
            int node = stage.scene().indexOf(v.camera);
            if (node < 0 || stage.scene().node(node).camera() == null) {
                // It was deleted: the viewport stays where it looked from.
                v.camera = null;
                return;
            }
            v.set(pose(stage, v, node));
        }
    }

    /** The camera that the key without a name means: the one of this viewport, else the first of the scene. */
    static String usual(Stage stage, ViewState v) {
        if (v.lastCamera != null && stage.scene().indexOf(v.lastCamera) >= 0) {
            return v.lastCamera;
        }
        for (int i = 0; i < stage.scene().count(); i++) {
            if (!stage.scene().node(i).gone() && stage.scene().node(i).kind() == Kind.CAMERA) {
                return stage.scene().node(i).id();
            }
        }
        return null;
    }

    /** What a camera sees, fitted into a viewport. */
    static Pose pose(Stage stage, ViewState v, int node) {
        Scene scene = stage.scene();
        SceneCamera c = scene.node(node).camera();
        double[] world = scene.world(node);
        Vec3 eye = Mat4.origin(world);
        Quat q = Mat4.rotation(world);
        Projection p = c.perspective()
                ? new Projection.Perspective(fovY(c, v.aspect()))
                : new Projection.Orthographic(c.extent() * Math.max(1, c.aspect() / v.aspect()));
        Pose start = new Pose(eye, q, scene.radius(), p);
        Hit ahead = stage.surfaceAt(v, start, v.width / 2, v.height / 2, true);
        double focus = ahead == null || ahead.distance() <= 0
                ? Math.max(eye.distance(scene.bounds().center()), scene.radius() * 0.01)
                : ahead.distance();
        return new Pose(eye, q, focus, p);
    }

    /** Vertical field of view at which the camera's whole picture fits into the viewport. */
    static double fovY(SceneCamera c, double aspect) {
        if (c.aspect() <= aspect || c.aspect() == 0) {
            return c.fovY();
        }
        return 2 * Math.atan(Math.tan(c.fovY() / 2) * c.aspect() / aspect);
    }
}
