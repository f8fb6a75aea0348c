package rhombus.formats;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mat4;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.NormalForm;
import rhombus.core.scene.OpticsForm;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;

/**
 * Cameras as glTF writes them (2.0, 3.10). One that is as its file described it is written as it came. glTF wants clip planes
 * of every camera: where they follow the scene, those are written that hold the scene as it is seen from there.
 */
final class ExportedCameras {
    private final List<Object> source;
    private final Map<String, Integer> numbers;
    private final Scene scene;
    private final RenumberedList out;

    /**
     * @param source cameras of the file
     * @param numbers of nodes of the file whose cameras are those, by id
     */
    ExportedCameras(List<Object> source, Map<String, Integer> numbers, Scene scene) {
        this.source = source;
        this.numbers = numbers;
        this.scene = scene;
        this.out = new RenumberedList(source, c -> {});
    }

    List<Object> list() {
        return out.list();
    }

    /** The number under which the camera of a node is written. */
    int of(int node) {
        SceneCamera kept = scene.node(node).camera();
        SceneCamera camera = scene.camera(node);
        Integer from = numbers.get(scene.node(node).id());
        Map<String, Object> was = from == null ? Map.of() : PlainData.map(source.get(from));
        Map<String, Object> lens = PlainData.map(was.get(camera.perspective() ? "perspective" : "orthographic"));
        boolean complete = lens.get("znear") != null && (camera.perspective() || lens.get("zfar") != null);
        if (from != null && complete && NormalForm.camera(was).equals(kept)) {
            return out.of(from);
        }
        return out.add(written(node, camera, kept.aspect() == 0, was));
    }

    private Map<String, Object> written(int node, SceneCamera c, boolean follows, Map<String, Object> was) {
        ClipRange clip = clip(node, c);
        String kind = c.perspective() ? "perspective" : "orthographic";
        String name = scene.node(node).name();
        Object called = was.get("name") != null ? was.get("name") : name.isEmpty() ? null : name;
        Map<String, Object> lens = c.perspective()
                ? PlainData.map("yfov", c.fovY(), "aspectRatio", c.aspect())
                : PlainData.map("xmag", c.extent() / 2 * c.aspect(), "ymag", c.extent() / 2);
        lens.put("znear", clip.near());
        lens.put("zfar", clip.far());
        return PlainData.map("type", kind, "name", called, kind, lens, "extras", extras(c, follows, was));
    }

    /** What the file said besides, and what glTF has no place for: film back, stop and focus. */
    private static Object extras(SceneCamera c, boolean follows, Map<String, Object> was) {
        Map<String, Object> own = OpticsForm.plain(c.optics());
        if (follows) {
            own.put("aspect", "scene");
        }
        Map<String, Object> all = new LinkedHashMap<>(PlainData.map(was.get("extras")));
        all.remove("rhombus");
        if (!own.isEmpty()) {
            all.put("rhombus", own);
        }
        return all.isEmpty() ? null : all;
    }

    private ClipRange clip(int node, SceneCamera c) {
        double[] m = scene.world(node);
        var bounds = scene.bounds();
        double focus = bounds.isEmpty() ? 1 : Math.max(bounds.center().distance(Mat4.origin(m)), scene.radius() * 1e-3);
        Projection p = c.perspective() ? new Projection.Perspective(c.fovY()) : new Projection.Orthographic(c.extent());
        Pose pose = new Pose(Mat4.origin(m), Mat4.rotation(m), focus, p);
        ClipRange around = ClipRange.of(pose, bounds, ClipRange.roomThatCounts(pose) / 10);
        // A flat view draws what lies behind its eye too; glTF has no such camera.
        ClipRange before = p.flat() ? new ClipRange(0, Math.max(around.far(), focus)) : around;
        return before.within(c.optics().near(), c.optics().far());
    }
}
