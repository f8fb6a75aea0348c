package rhombus.web;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.ArrayBuffer;
import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int32Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.core.geometry.BoxEdges;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Vec3;
import rhombus.core.light.Lighting;
import rhombus.core.scene.Scene;
import rhombus.core.scene.ShapeMesh;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.Material;
import rhombus.core.stage.show.ViewportMarks;
import rhombus.core.stage.subject.IconMark;
import rhombus.core.submit.VertexAttributes;

/** The door for the painter. */
final class DrawDoor implements DrawApi {
    /** Triangles whose hierarchies are attached without the hand waiting: some milliseconds of work. */
    private static final int PIECE = 60_000;

    private final double[] matrices = new double[32];
    private final Float64Array shared = Float64Array.fromJavaArray(matrices);
    private final Stage stage;
    private final Map<Integer, ViewportMarks> marks = new HashMap<>();
    private OpenScene open;
    private Shapes shapes = new Shapes();
    /** Told when edges or coarser triangles have come. */
    Runnable onGeometry = () -> {};

    DrawDoor(Stage stage) {
        this.stage = stage;
    }

    private void geometryCame() {
        onGeometry.run();
        stage.edgesCame();
    }

    void open(OpenScene scene) {
        open = scene;
        shapes = new Shapes();
    }

    @Override
    public void attachEdges(ArrayBuffer file) {
        open.edges(file);
        geometryCame();
    }

    @Override
    public void attachLevels(ArrayBuffer file) {
        open.levels(file);
        geometryCame();
    }

    @Override
    public void attachHierarchies(ArrayBuffer file) {
        open.hierarchies(file);
    }

    @Override
    public boolean moreHierarchies() {
        if (open.moreHierarchies(PIECE)) {
            return true;
        }
        stage.geometryCame();
        return false;
    }

    @Override
    public Float32Array positions(int mesh) {
        return Float32Array.fromJavaArray(stage.scene().meshes().get(mesh).positions());
    }

    @Override
    public Float32Array attribute(int mesh, String name, int size) {
        if (open.has(mesh)) {
            return open.attribute(mesh, name, size);
        }
        ShapeMesh s = shapes.of(stage.scene(), mesh);
        return s == null || !name.equals("NORMAL") ? null : Float32Array.fromJavaArray(s.normals());
    }

    @Override
    public Float32Array places(int mesh) {
        return open.has(mesh) ? open.places(mesh) : null;
    }

    @Override
    public Int32Array indices(int mesh) {
        return open.has(mesh)
                ? open.indices(mesh)
                : Int32Array.fromJavaArray(stage.scene().meshes().get(mesh).triangles());
    }

    @Override
    public Int32Array levelIndices(int mesh, int level) {
        List<Mesh.Level> levels = stage.scene().meshes().get(mesh).levels();
        return Int32Array.fromJavaArray(
                levels.get(Math.min(level, levels.size()) - 1).triangles());
    }

    @Override
    public Float32Array edgeEnds(int mesh, int from, int count) {
        Mesh m = stage.scene().meshes().get(mesh);
        float[] p = m.positions();
        float[] out = new float[count * 6];
        for (int e = 0; e < count; e++) {
            int a = m.edgeStart(from + e) * 3;
            int b = m.edgeEnd(from + e) * 3;
            for (int k = 0; k < 3; k++) {
                out[e * 6 + k] = p[a + k];
                out[e * 6 + 3 + k] = p[b + k];
            }
        }
        return Float32Array.fromJavaArray(out);
    }

    @Override
    public Float32Array boxEnds(int mesh) {
        Mesh m = stage.scene().meshes().get(mesh);
        return Float32Array.fromJavaArray(BoxEdges.ends(m.bounds(), m.origin()));
    }

    @Override
    public Int8Array edgeStrength(int mesh, int from, int count) {
        byte[] out = new byte[count];
        int strong = stage.scene().meshes().get(mesh).strongEdges() - from;
        for (int e = 0; e < count; e++) {
            out[e] = e < strong ? MeshEdges.STRONG : MeshEdges.PLAIN;
        }
        return Int8Array.fromJavaArray(out);
    }

    @Override
    public int edgeCount(int mesh) {
        Mesh m = stage.scene().meshes().get(mesh);
        return m.hasEdges() ? m.edgeCount() : -1;
    }

    @Override
    public Int8Array sides(int mesh) {
        byte[] m = marksOf(mesh);
        return m == null ? null : Int8Array.fromJavaArray(m);
    }

    /** Which sides of a mesh's triangles are edges; null until that is known. */
    byte[] marksOf(int mesh) {
        if (open.has(mesh)) {
            return open.marks(mesh);
        }
        ShapeMesh s = shapes.of(stage.scene(), mesh);
        return s == null ? null : s.marks();
    }

    /** What a mesh is drawn with. */
    VertexAttributes skin(int mesh) {
        Material m = open.has(mesh) ? open.material(mesh) : Shapes.material();
        Float32Array places = m.textured() ? places(mesh) : null;
        float[] uv = places == null ? null : places.toJavaArray();
        return new VertexAttributes(
                floats(mesh, "NORMAL", 3),
                uv,
                m.twofold() ? 4 : 2,
                floats(mesh, "COLOR_0", 4),
                m.color(),
                uv == null || m.image() == null ? -1 : m.image().id(),
                m.cutoff(),
                m.blend(),
                m.metallic(),
                m.roughness(),
                m.finish());
    }

    private float[] floats(int mesh, String name, int size) {
        Float32Array a = attribute(mesh, name, size);
        return a == null ? null : a.toJavaArray();
    }

    @Override
    public JSObject material(int mesh) {
        return Told.of(open.has(mesh) ? open.material(mesh) : Shapes.material());
    }

    @Override
    public Float64Array ball(int mesh) {
        Mesh m = stage.scene().meshes().get(mesh);
        Vec3 c = m.bounds().center().minus(m.origin());
        return Float64Array.fromJavaArray(
                new double[] {c.x(), c.y(), c.z(), m.bounds().radius()});
    }

    @Override
    public Int32Array drawn() {
        Scene scene = stage.scene();
        int[] out = new int[scene.drawnCount() * 2];
        int at = 0;
        for (int i = 0; i < scene.count(); i++) {
            for (int m : scene.node(i).meshes()) {
                out[at++] = i;
                out[at++] = m;
            }
        }
        return Int32Array.fromJavaArray(out);
    }

    @Override
    public Float64Array placement(int node, int mesh) {
        double[] w = stage.scene().world(node).clone();
        Vec3 o = Mat4.point(w, stage.scene().meshes().get(mesh).origin());
        w[12] = o.x();
        w[13] = o.y();
        w[14] = o.z();
        return Float64Array.fromJavaArray(w);
    }

    @Override
    public Float64Array matrices(int view) {
        stage.shots().matrices(view, matrices);
        return shared;
    }

    @Override
    public Float64Array smoothMatrices(int view, int frame, double pixels) {
        stage.shots().smoothed(view, frame, pixels, matrices);
        return shared;
    }

    @Override
    public int smoothFrames(int view) {
        return stage.shots().frames(view);
    }

    @Override
    public Float64Array partMatrices(int view, double left, double top, double width, double height) {
        stage.shots().part(view, left, top, width, height, matrices);
        return shared;
    }

    @Override
    public Float32Array lights(int view, String look, Float64Array of) {
        return Float32Array.fromJavaArray(stage.snapshots().lights(view, look, Arrays.copyOf(of.toJavaArray(), 16)));
    }

    @Override
    public Float64Array shadowMatrices(int view, String look) {
        double[] m = stage.snapshots().shadow(view, look);
        return m == null ? null : Float64Array.fromJavaArray(m);
    }

    @Override
    public int shadowSize() {
        return Lighting.shadowSize();
    }

    @Override
    public int shadowVersion() {
        return stage.snapshots().shadowVersion();
    }

    @Override
    public JSObject plan(int view, String look) {
        return Told.of(stage.snapshots().plan(view, look));
    }

    @Override
    public Float32Array grid(int view) {
        return Float32Array.fromJavaArray(stage.snapshots().grid(view).numbers());
    }

    @Override
    public Float32Array icons(int view) {
        List<IconMark> all = stage.snapshots().icons(view);
        float[] out = new float[all.size() * 4];
        for (int i = 0; i < all.size(); i++) {
            IconMark m = all.get(i);
            out[i * 4] = (float) m.x();
            out[i * 4 + 1] = (float) m.y();
            out[i * 4 + 2] = m.kind().equals("camera") ? 1 : 0;
            out[i * 4 + 3] = (m.selected() ? 1 : 0) + (m.locked() ? 2 : 0) + (m.driven() ? 4 : 0);
        }
        return Float32Array.fromJavaArray(out);
    }

    @Override
    public void marks(int view, JSObject target, boolean fresh) {
        ViewportMarks now = stage.snapshots().marks(view);
        Told.change(fresh ? null : marks.get(view), now, target);
        marks.put(view, now);
    }

    @Override
    public Float64Array wholeMatrices(int view, double aspect) {
        stage.shots().whole(view, aspect, matrices);
        return shared;
    }

    @Override
    public Float64Array pictureMatrices(String view, String choice, int trail, double aspect) {
        return stage.shots().of(view, choice, trail, aspect, matrices) ? shared : null;
    }

    @Override
    public JSObject pictures(int view) {
        return Js.list(stage.snapshots().pictures(view), Told::of);
    }

    @Override
    public Float64Array cameraMatrices(String camera) {
        return stage.shots().camera(camera, matrices) ? shared : null;
    }

    @Override
    public JSObject shotPlaces(String sort, double width, double height) {
        return Js.list(stage.shots().places(sort, width, height), Told::of);
    }
}
