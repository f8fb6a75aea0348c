package rhombus.core.stage.view;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/**
 * Looking through cameras of the scene. A camera is guarded unless its viewport says otherwise: navigating there makes the
 * viewport a scout view at that pose, and the camera stays where it is. Where it is driven, it goes along.
 */
public final class CameraViews {
    private static final String LOCKED = "cameras.is-locked-navigating-does-not";

    private CameraViews() {}

    /** Looks through a camera node; gives false if it is none. */
    public static boolean through(StageContext ground, Viewport v, String id) {
        int node = ground.scene().indexOf(id);
        if (node < 0 || ground.scene().node(node).kind() != NodeKind.CAMERA) {
            return false;
        }
        ground.walks().leaveIn(v);
        ground.changes().unsay(v.id);
        if (v.camera == null) {
            v.beforeCamera = v.saved();
        }
        v.putBack(id, Crop.NONE, false);
        v.lastCamera = id;
        // A new line of sight is not a way to fly: the cut between views is at once, as on a film set.
        ground.navigator().pose(v, pose(ground, v, node));
        ground.navigator().remember(v, say("trail.through", ground.nameOf(node)));
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
        return true;
    }

    /** Looks through a camera that an entry of the Trail looked through, guarded; gives false where it is not there any more. */
    public static boolean again(StageContext ground, Viewport v, String id) {
        int node = ground.scene().indexOf(id);
        if (node < 0 || ground.scene().node(node).kind() != NodeKind.CAMERA) {
            return false;
        }
        ground.changes().unsay(v.id);
        if (v.camera == null) {
            v.beforeCamera = v.saved();
        }
        v.drive(false);
        v.putBack(id, Crop.NONE, false);
        v.lastCamera = id;
        ground.navigator().pose(v, pose(ground, v, node));
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
        return true;
    }

    /** A viewport starts as one that looks through a camera. */
    public static void start(StageContext ground, Viewport v, String id) {
        v.beforeCamera = v.saved();
        v.through(id);
        v.lastCamera = id;
        follow(ground, v);
    }

    /** A camera was made of what a viewport shows, which is what it looks through from now on. */
    public static void made(StageContext ground, Viewport v, String id) {
        v.beforeCamera = v.saved();
        v.through(id);
        v.lastCamera = id;
        ground.changes().view(v.number);
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
    }

    /** The viewport stands exactly as it did before it looked through a camera. */
    public static void leave(StageContext ground, Viewport v) {
        if (v.camera == null) {
            ground.changes().notice(say("cameras.this-viewport-looks-through-no"), null, null);
            return;
        }
        ground.walks().leaveIn(v);
        ground.changes().unsay(v.id);
        v.release();
        SavedView was = v.beforeCamera;
        if (was != null) {
            v.putBack(null, was.crop(), was.autoFlat());
            ground.navigator().pose(v, was.pose());
        }
        ground.navigator().remember(v, say("trail.leave-the-camera"));
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
    }

    /**
     * Before a motion: a guarded camera stays, and the viewport goes on as a scout view from there; a driven one goes along.
     *
     * @return false where the camera is locked, which is told: nothing may move then
     */
    public static boolean stepOut(StageContext ground, Viewport v) {
        if (v.camera == null) {
            return true;
        }
        int node = ground.scene().indexOf(v.camera);
        String name = ground.nameOf(node);
        if (ground.scene().locked(node)) {
            ViewRefusals.refuse(ground, v, v.width / 2, v.height / 2, say(LOCKED, name));
            return false;
        }
        if (v.driven) {
            return true;
        }
        String left = v.camera;
        v.through(null);
        ground.changes()
                .notice(
                        v.id,
                        say("cameras.is-guarded-and-stays-where", name),
                        say("cameras.back-to", name),
                        "camera.look-through",
                        Map.of("camera", left));
        ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
        return true;
    }

    /** Navigating in a viewport moves its camera from now on, or leaves it where it is; gives false if that cannot be. */
    public static boolean drive(StageContext ground, Viewport v, boolean on) {
        if (v.camera == null) {
            ground.changes().notice(say("cameras.this-viewport-looks-through-no-2"), null, null);
            return false;
        }
        int node = ground.scene().indexOf(v.camera);
        if (on && ground.scene().locked(node)) {
            ViewRefusals.refuse(ground, v, v.width / 2, v.height / 2, say(LOCKED, ground.nameOf(node)));
            return false;
        }
        v.drive(on);
        String name = ground.nameOf(node);
        if (on) {
            ground.changes()
                    .notice(
                            v.id,
                            say("cameras.is-driven-navigating-in-this", name),
                            say("cameras.guard-it"),
                            "camera.drive",
                            Map.of("on", false));
        } else {
            ground.changes().notice(v.id, say("cameras.is-guarded-navigating-leaves-it", name), null, null, Map.of());
        }
        ground.changes().view(v.number);
        ground.changes().views();
        ground.changes().add(ChangeTopic.CAPTION);
        return true;
    }

    /** Whether a viewport of the board drives a camera. */
    public static boolean driven(StageContext ground, String id) {
        return ground.board().views.stream().anyMatch(v -> v.shown && v.driven && id.equals(v.camera));
    }

    /** What navigating in a viewport does to its camera, as a word: guarded, driven or locked; null without a camera. */
    public static String state(StageContext ground, Viewport v) {
        if (v.camera == null) {
            return null;
        }
        return ground.scene().locked(ground.scene().indexOf(v.camera)) ? "locked" : v.driven ? "driven" : "guarded";
    }

    /** A viewport is about to put the camera it looks through where it looks from: it does not follow itself. */
    public static void lead(Viewport v, Runnable what) {
        v.leads = true;
        try {
            what.run();
        } finally {
            v.leads = false;
        }
    }

    /** After the scene or the size changed: a viewport that looks through a camera shows what the camera sees now. */
    public static void follow(StageContext ground, Viewport v) {
        if (v.camera != null && v.pose != null && !v.leads) {
            int node = ground.scene().indexOf(v.camera);
            if (node < 0 || ground.scene().node(node).camera() == null) {
                // It was deleted: the viewport stays where it looked from.
                int was = ground.scene().everIndexOf(v.camera);
                String name = was < 0 ? say("cameras.the-camera") : ground.nameOf(was);
                v.release();
                ground.changes().notice(v.id, say("cameras.is-not-there-any-more", name), null, null, Map.of());
                ground.changes().add(ChangeTopic.CAPTION, ChangeTopic.KEEP);
                return;
            }
            v.glide = null;
            Pose was = v.pose;
            v.set(pose(ground, v, node));
            if (!v.pose.equals(was)) {
                ground.changes().view(v.number);
            }
        }
    }

    /** The camera that the key without a name means: the active one, else that of this viewport, else the first of the scene. */
    public static String usual(StageContext ground, Viewport v) {
        String active = ground.scene().setup().active();
        if (active != null && ground.scene().indexOf(active) >= 0) {
            return active;
        }
        if (v.lastCamera != null && ground.scene().indexOf(v.lastCamera) >= 0) {
            return v.lastCamera;
        }
        List<Integer> all = ground.scene().cameras();
        return all.isEmpty() ? null : ground.scene().node(all.get(0)).id();
    }

    /** What a camera sees, fitted into a viewport. */
    public static Pose pose(StageContext ground, Viewport v, int node) {
        Scene scene = ground.scene();
        SceneCamera c = scene.camera(node);
        double[] world = scene.world(node);
        Vec3 eye = Mat4.origin(world);
        Quat q = Mat4.rotation(world);
        Projection p = c.perspective()
                ? new Projection.Perspective(fovY(c, v.aspect()))
                : new Projection.Orthographic(c.extent() * Math.max(1, c.aspect() / v.aspect()));
        Pose start = new Pose(eye, q, scene.radius(), p);
        RayHit ahead = ground.model().surfaceAt(v, start, v.width / 2, v.height / 2, true);
        double focus = ahead == null || ahead.distance() <= 0
                ? Math.max(eye.distance(scene.bounds().center()), scene.radius() * 0.01)
                : ahead.distance();
        return new Pose(eye, q, focus, p);
    }

    /**
     * The lens with which a camera sees what a viewport shows: the inverse of the fit in {@link #pose}. What has not changed
     * keeps its number to the last bit.
     *
     * @param c with the shape that its picture has in the scene
     */
    public static SceneCamera lens(SceneCamera c, Projection p, double aspect) {
        double fit = Math.max(1, c.aspect() / aspect);
        if (p instanceof Projection.Perspective q) {
            if (c.perspective() && q.fovY() == fovY(c, aspect)) {
                return c;
            }
            double fov = fit == 1 ? q.fovY() : 2 * Math.atan(Math.tan(q.fovY() / 2) / fit);
            SceneCamera near = new SceneCamera(true, fov, c.extent(), c.aspect(), c.optics());
            // The fit of the angle that was rounded may miss by its last bit; a neighbour of it does not.
            return Stream.of(fov, Math.nextUp(fov), Math.nextDown(fov))
                    .map(near::withFovY)
                    .filter(a -> fovY(a, aspect) == q.fovY())
                    .findFirst()
                    .orElse(near);
        }
        double extent = ((Projection.Orthographic) p).extent();
        if (!c.perspective() && extent == c.extent() * fit) {
            return c;
        }
        return new SceneCamera(false, c.fovY(), extent / fit, c.aspect(), c.optics());
    }

    /** Vertical field of view at which the camera's whole picture fits into the viewport. */
    public static double fovY(SceneCamera c, double aspect) {
        if (c.aspect() <= aspect) {
            return c.fovY();
        }
        return 2 * Math.atan(Math.tan(c.fovY() / 2) * c.aspect() / aspect);
    }
}
