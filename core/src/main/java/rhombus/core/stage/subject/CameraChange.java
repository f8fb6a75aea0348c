package rhombus.core.stage.subject;

import java.util.List;
import java.util.Map;
import rhombus.core.edit.SceneEdits;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.AimAt;
import rhombus.core.optics.Optics;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/** A camera with one thing about it changed by hand: numbers out of range are brought into it. */
public final class CameraChange {
    /** Nearest and farthest distances of focus and of planes, metres. */
    private static final double LEAST = 1e-3;

    private static final double MOST = 1e6;
    /** The far plane lies at least so many times as far as the near one. */
    private static final double BETWEEN = 1.001;

    private final Scene scene;
    private final int node;
    private final SceneCamera kept;
    private final SceneCamera camera;
    private final Pose pose;

    /**
     * Of a camera of a scene.
     *
     * @param pose where it stands and what it focuses
     */
    public CameraChange(Scene scene, int node, Pose pose) {
        this.scene = scene;
        this.node = node;
        this.kept = scene.node(node).camera();
        this.camera = scene.camera(node);
        this.pose = pose;
    }

    private Scene with(SceneCamera c) {
        return SceneEdits.each(scene, List.of(node), n -> n.withCamera(c.withShapeOf(kept)));
    }

    private Scene standing(Vec3 eye, Quat q) {
        double[] local = Transforms.standing(scene, node, eye, q);
        return SceneEdits.each(scene, List.of(node), n -> local == n.local() ? n : n.withLocal(local));
    }

    /** Moved, metres in the world. */
    public Scene moved(Vec3 by) {
        return scene.withLocals(Map.of(node, scene.movedLocal(node, by)));
    }

    /** Turned on the spot until it looks at a point; its roll stays. */
    public Scene aimed(Vec3 point) {
        // An orthographic camera turns on the spot too.
        Pose turns = new Pose(pose.eye(), pose.orientation(), pose.focus(), new Projection.Perspective(1));
        return standing(pose.eye(), AimAt.at(turns, point, scene.up()).orientation());
    }

    /** Turned about its line of sight, radians, counter-clockwise as it is seen from before it. */
    public Scene rolled(double by) {
        return standing(pose.eye(), Quat.about(pose.forward(), by).times(pose.orientation()));
    }

    /** With a picture that shows so many times as much at the focus. */
    public Scene wider(double times) {
        double k = Math.max(1e-6, times);
        if (!camera.perspective()) {
            double extent = Math.max(1e-6, Math.min(MOST, camera.extent() * k));
            return with(new SceneCamera(false, camera.fovY(), extent, camera.aspect(), camera.optics()));
        }
        return with(camera.withFovY(within(2 * Math.atan(Math.tan(camera.fovY() / 2) * k))));
    }

    /** With a focal length, millimetres. */
    public Scene focal(double mm) {
        return with(camera.withFovY(
                within(camera.withFocalLength(Math.max(1e-3, mm)).fovY())));
    }

    private static double within(double fov) {
        return Math.max(SceneCamera.NARROWEST, Math.min(SceneCamera.WIDEST, fov));
    }

    private Scene with(Double focus, Double near, Double far) {
        Optics o = camera.optics();
        return with(camera.with(new Optics(o.back(), o.fit(), o.fNumber(), o.confusion(), focus, near, far)));
    }

    private static double inReach(double metres) {
        return Math.max(LEAST, Math.min(MOST, metres));
    }

    /** Focused at a distance, metres. */
    public Scene focused(double metres) {
        return with(inReach(metres), camera.optics().near(), camera.optics().far());
    }

    /** With its near plane at a distance, metres; the far one stays behind it. */
    public Scene near(double metres) {
        Double far = camera.optics().far();
        double n = far == null ? inReach(metres) : Math.min(inReach(metres), far / BETWEEN);
        return with(camera.optics().focus(), n, far);
    }

    /** With its far plane at a distance, metres; it stays behind the near one. */
    public Scene far(double metres) {
        Double near = camera.optics().near();
        double f = near == null ? inReach(metres) : Math.max(inReach(metres), near * BETWEEN);
        return with(camera.optics().focus(), near, f);
    }
}
