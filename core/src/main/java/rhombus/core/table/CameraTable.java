package rhombus.core.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.optics.Optics;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.view.Heading;

/**
 * The cameras of a scene as a table, line by line, and as plain data. Distances are metres, film backs and lenses millimetres,
 * angles degrees.
 */
public final class CameraTable {
    private static final List<String> NAMES = Arrays.asList(
            "name",
            "eye x",
            "eye y",
            "eye z",
            "aim x",
            "aim y",
            "aim z",
            "forward x",
            "forward y",
            "forward z",
            "up x",
            "up y",
            "up z",
            "roll",
            "kind",
            "focal length",
            "vertical angle",
            "height",
            "back width",
            "back height",
            "gate fit",
            "aspect",
            "f-number",
            "circle of confusion",
            "focus",
            "near",
            "far",
            "locked");

    private final Scene scene;
    private final Csv csv = new Csv();

    /**
     * An empty table.
     *
     * @param more names of columns after the usual ones
     */
    public CameraTable(Scene scene, String... more) {
        this.scene = scene;
        List<String> names = new ArrayList<>(NAMES);
        names.addAll(List.of(more));
        csv.line(names);
    }

    /** The table so far. */
    public String csv() {
        return csv.toString();
    }

    /**
     * Adds the line of a camera.
     *
     * @param name as it is listed
     * @param focus distance that is focused, metres, or null where that is not known
     * @param more what stands in the columns after the usual ones
     */
    public CameraTable add(int node, String name, Double focus, String... more) {
        SceneCamera c = scene.camera(node);
        Optics o = c.optics();
        boolean lens = c.perspective();
        double[] m = scene.world(node);
        Vec3 eye = Mat4.origin(m);
        Quat turned = Mat4.rotation(m);
        Vec3 aim = focus == null ? null : eye.plus(turned.forward(), focus);
        List<Object> cells = new ArrayList<>();
        cells.add(name);
        cells.addAll(List.of(eye.x(), eye.y(), eye.z()));
        for (int axis = 0; axis < 3; axis++) {
            cells.add(aim == null ? null : aim.get(axis));
        }
        for (Vec3 way : List.of(turned.forward(), turned.up())) {
            cells.addAll(List.of(way.x(), way.y(), way.z()));
        }
        cells.add(Math.toDegrees(Heading.roll(turned, scene.up())));
        cells.add(lens ? "perspective" : "orthographic");
        cells.add(lens ? c.toldFocalLength() : null);
        cells.add(lens ? Math.toDegrees(c.fovY()) : null);
        cells.add(lens ? null : c.extent());
        cells.add(o.back().width());
        cells.add(o.back().height());
        cells.add(o.fit().id());
        cells.add(c.shape());
        cells.add(o.fNumber());
        cells.add(o.confusion());
        cells.add(focus);
        cells.add(o.near());
        cells.add(o.far());
        cells.add(scene.locked(node) ? "yes" : "no");
        cells.addAll(List.of(more));
        csv.line(cells);
        return this;
    }

    /** All cameras of a scene, in the order in which they are listed. */
    public static String csv(Scene s) {
        CameraTable t = new CameraTable(s);
        for (int node : s.cameras()) {
            t.add(node, s.node(node).name(), s.camera(node).optics().focus());
        }
        return t.csv();
    }

    /** A camera as plain data: angles in degrees; focus, near and far null where they follow the scene. */
    public static Map<String, Object> plain(Scene s, int node) {
        Node n = s.node(node);
        SceneCamera c = s.camera(node);
        Optics o = c.optics();
        boolean lens = c.perspective();
        double[] m = s.world(node);
        Quat turned = Mat4.rotation(m);
        Map<String, Object> out = PlainData.map(
                "id",
                n.id(),
                "name",
                n.name(),
                "pose",
                PlainData.map(
                        "eye", point(Mat4.origin(m)), "forward", point(turned.forward()), "up", point(turned.up())),
                "kind",
                lens ? "perspective" : "orthographic",
                "filmBack",
                PlainData.map("width", o.back().width(), "height", o.back().height()),
                "gateFit",
                o.fit().id(),
                "aspect",
                c.shape(),
                "fNumber",
                o.fNumber(),
                "confusion",
                o.confusion(),
                "locked",
                s.locked(node));
        // What there is none of is told as null, so that every camera has the same fields.
        out.put("focalLength", lens ? c.toldFocalLength() : null);
        Vec3 aim = o.focus() == null ? null : Mat4.origin(m).plus(turned.forward(), o.focus());
        out.put("aim", aim == null ? null : point(aim));
        out.put("roll", Math.toDegrees(Heading.roll(turned, s.up())));
        out.put("fovY", lens ? Math.toDegrees(c.fovY()) : null);
        out.put("extent", lens ? null : c.extent());
        out.put("focus", o.focus());
        out.put("near", o.near());
        out.put("far", o.far());
        return out;
    }

    /** All cameras of a scene as plain data. */
    public static List<Object> plain(Scene s) {
        List<Object> out = new ArrayList<>();
        for (int node : s.cameras()) {
            out.add(plain(s, node));
        }
        return out;
    }

    private static List<Object> point(Vec3 p) {
        return PlainData.list(p.x(), p.y(), p.z());
    }
}
