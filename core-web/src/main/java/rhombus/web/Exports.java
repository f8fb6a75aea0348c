package rhombus.web;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.ArrayBuffer;
import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int32Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.core.display.DisplayMode;
import rhombus.core.display.Grid;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Keymap;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.scene.ShapeMesh;
import rhombus.core.stage.Stage;
import rhombus.core.stage.area.AllCommands;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.show.KeysPage;
import rhombus.core.stage.show.Snapshots;
import rhombus.core.view.Standard;

/** The functions of the browser module; see {@code rhombus-core.d.ts} for their types. */
public final class Exports {
    private static final double[] MATRICES = new double[32];
    private static final Float64Array MATRICES_JS = Float64Array.fromJavaArray(MATRICES);
    private static Stage stage = new Stage();
    private static OpenScene open;
    private static Shapes shapes = new Shapes();
    private static final Map<String, String> LAYOUT = new HashMap<>();

    private Exports() {}

    /** TeaVM asks for an entry point; there is nothing to start. */
    public static void main(String[] args) {}

    // ---- the scene -----------------------------------------------------------------------------------------------

    @JSExport
    public static void reset() {
        stage = new Stage();
        open = null;
    }

    @JSExport
    public static void openScene(ArrayBuffer glb, String title) {
        open = new OpenScene(glb);
        shapes = new Shapes();
        stage.open(open.scene, title);
    }

    @JSExport
    public static void attachEdges(ArrayBuffer file) {
        open.edges(file);
        stage.geometryCame();
    }

    @JSExport
    public static void attachHierarchies(ArrayBuffer file) {
        open.hierarchies(file);
        stage.geometryCame();
    }

    @JSExport
    public static int meshCount() {
        return stage.scene().meshes().size();
    }

    @JSExport
    public static Float32Array positions(int mesh) {
        return Float32Array.fromJavaArray(stage.scene().meshes().get(mesh).positions());
    }

    @JSExport
    public static Float32Array attribute(int mesh, String name, int size) {
        if (open.has(mesh)) {
            return open.attribute(mesh, name, size);
        }
        ShapeMesh s = shapes.of(stage.scene(), mesh);
        return s == null || !name.equals("NORMAL") ? null : Float32Array.fromJavaArray(s.normals());
    }

    @JSExport
    public static Int32Array indices(int mesh) {
        return open.has(mesh) ? open.indices(mesh) : Int32Array.fromJavaArray(stage.scene().meshes().get(mesh).triangles());
    }

    @JSExport
    public static Int32Array edgeVertices(int mesh) {
        int[] e = stage.scene().meshes().get(mesh).edgeVertices();
        return e == null ? null : Int32Array.fromJavaArray(e);
    }

    @JSExport
    public static Int8Array edgeStrength(int mesh) {
        byte[] e = stage.scene().meshes().get(mesh).edgeStrength();
        return e == null ? null : Int8Array.fromJavaArray(e);
    }

    @JSExport
    public static Int8Array sides(int mesh) {
        if (open.has(mesh)) {
            return open.sides(mesh);
        }
        ShapeMesh s = shapes.of(stage.scene(), mesh);
        return s == null ? null : Int8Array.fromJavaArray(s.sides());
    }

    @JSExport
    public static JSObject material(int mesh) {
        return JsPlain.toJs(open.has(mesh) ? open.material(mesh) : Shapes.material());
    }

    /** Centre and radius of the ball round a mesh's stored positions. */
    @JSExport
    public static JSObject ball(int mesh) {
        Mesh m = stage.scene().meshes().get(mesh);
        Vec3 c = m.bounds().center().minus(m.origin());
        return JsPlain.toJs(Plain.list(c.x(), c.y(), c.z(), m.bounds().radius()));
    }

    /** Node number and mesh number of everything drawn, in turn. */
    @JSExport
    public static Int32Array drawn() {
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

    /** For everything drawn, in the order of {@link #drawn}, 1 where it is shown and 0 where it is hidden. */
    @JSExport
    public static Int8Array shown() {
        Scene scene = stage.scene();
        byte[] out = new byte[scene.drawnCount()];
        int at = 0;
        for (int i = 0; i < scene.count(); i++) {
            byte on = (byte) (scene.shown(i) ? 1 : 0);
            for (int k = scene.node(i).meshes().size(); k > 0; k--) {
                out[at++] = on;
            }
        }
        return Int8Array.fromJavaArray(out);
    }

    /** World matrix of a node's mesh, its origin included. */
    @JSExport
    public static Float64Array placement(int node, int mesh) {
        double[] w = stage.scene().world(node).clone();
        Vec3 o = Mat4.point(w, stage.scene().meshes().get(mesh).origin());
        w[12] = o.x();
        w[13] = o.y();
        w[14] = o.z();
        return Float64Array.fromJavaArray(w);
    }

    // ---- input ---------------------------------------------------------------------------------------------------

    @JSExport
    public static void resize(double width, double height) {
        stage.resize(width, height);
    }

    @JSExport
    public static void pointer(double x, double y, int buttons, int modifiers, boolean pen, double time) {
        stage.input().pointer(x, y, buttons, modifiers, pen, time);
    }

    @JSExport
    public static void touchDown(int id, double x, double y, double time) {
        stage.input().touchDown(id, x, y, time);
    }

    @JSExport
    public static void touchMove(int id, double x, double y, double time) {
        stage.input().touchMove(id, x, y, time);
    }

    @JSExport
    public static void touchUp(int id, double x, double y, boolean lost, double time) {
        stage.input().touchUp(id, x, y, lost, time);
    }

    @JSExport
    public static void locked(boolean on) {
        stage.input().locked(on);
    }

    @JSExport
    public static int lockWanted() {
        return stage.input().lockWanted();
    }

    @JSExport
    public static void pointerLeft() {
        stage.input().pointerLeft();
    }

    @JSExport
    public static boolean wheel(
            double x, double y, double deltaX, double deltaY, int deltaMode, int modifiers, double time) {
        return stage.input().wheel(x, y, deltaX, deltaY, deltaMode, modifiers, time);
    }

    @JSExport
    public static boolean keyDown(String code, int modifiers, boolean repeat, double time) {
        return stage.input().keyDown(code, modifiers, repeat, time);
    }

    @JSExport
    public static boolean keyUp(String code, int modifiers, double time) {
        return stage.input().keyUp(code, modifiers, time);
    }

    @JSExport
    public static void blur() {
        stage.input().blur();
    }

    @JSExport
    public static boolean command(String id, JSObject args, String view, double time) {
        return stage.command(id, JsPlain.map(args), view, time);
    }

    @JSExport
    public static void tick(double time) {
        stage.tick(time);
    }

    @JSExport
    public static boolean animating() {
        return stage.animating();
    }

    @JSExport
    public static void reduceMotion(boolean reduce) {
        stage.reduceMotion(reduce);
    }

    // ---- what changed --------------------------------------------------------------------------------------------

    @JSExport
    public static int takeChanges() {
        return stage.changes().take();
    }

    @JSExport
    public static Int32Array takeMoved() {
        List<Integer> moved = stage.changes().takeMoved();
        int[] out = new int[moved.size()];
        for (int i = 0; i < out.length; i++) {
            out[i] = moved.get(i);
        }
        return Int32Array.fromJavaArray(out);
    }

    @JSExport
    public static JSObject takeNotices() {
        return JsPlain.toJs(stage.changes().takeNotices());
    }

    @JSExport
    public static JSObject takeApplication() {
        return JsPlain.toJs(stage.changes().takeApplication());
    }

    // ---- what is drawn -------------------------------------------------------------------------------------------

    /** View matrix and projection matrix; the same array each time. */
    @JSExport
    public static Float64Array matrices(int view) {
        stage.shots().matrices(view, MATRICES);
        return MATRICES_JS;
    }

    @JSExport
    public static JSObject plan(int view) {
        return JsPlain.toJs(stage.snapshots().plan(view));
    }

    /** Id and label of every display mode, in the order of their digits. */
    @JSExport
    public static JSObject displayModes() {
        List<Object> out = new ArrayList<>();
        for (DisplayMode m : DisplayMode.values()) {
            out.add(Plain.map("id", m.id(), "label", m.label()));
        }
        return JsPlain.toJs(out);
    }

    /** Name and words of the 26 standard directions. */
    @JSExport
    public static JSObject standardDirections() {
        List<Object> out = new ArrayList<>();
        for (Standard s : Standard.all()) {
            out.add(Plain.map("id", s.name(), "label", s.words()));
        }
        return JsPlain.toJs(out);
    }

    /** See {@link rhombus.core.stage.show.Snapshots#edges}; in the order of {@link #drawn}. */
    @JSExport
    public static Int32Array edges(int view) {
        return Int32Array.fromJavaArray(stage.snapshots().edges(view));
    }

    /** Lines of the grid: seven numbers each; the last four numbers are the centre and the radius of fading. */
    @JSExport
    public static Float32Array grid(int view) {
        Grid g = stage.snapshots().grid(view);
        float[] out = Arrays.copyOf(g.lines(), g.lines().length + 4);
        int at = g.lines().length;
        out[at] = (float) g.center().x();
        out[at + 1] = (float) g.center().y();
        out[at + 2] = (float) g.center().z();
        out[at + 3] = (float) g.radius();
        return Float32Array.fromJavaArray(out);
    }

    @JSExport
    public static JSObject marks(int view) {
        return JsPlain.toJs(stage.snapshots().marks(view));
    }

    // ---- snapshots -----------------------------------------------------------------------------------------------

    @JSExport
    public static JSObject views() {
        return JsPlain.toJs(stage.snapshots().views());
    }

    @JSExport
    public static JSObject scene() {
        return JsPlain.toJs(stage.snapshots().scene());
    }

    /** The objects as panels list them: without bounds, so that very many are told quickly. */
    @JSExport
    public static JSObject objects() {
        return Objects.of(stage);
    }

    @JSExport
    public static JSObject selection() {
        return JsPlain.toJs(stage.snapshots().selection());
    }

    /** Numbers of the nodes that are selected, or of the one selected last, with all below them. */
    @JSExport
    public static Int32Array selectedNodes(boolean last) {
        return Int32Array.fromJavaArray(stage.snapshots().selectedNodes(last));
    }

    @JSExport
    public static JSObject pivot(String view) {
        return JsPlain.toJs(stage.snapshots().pivot(view));
    }

    @JSExport
    public static JSObject trail(String view) {
        return JsPlain.toJs(stage.snapshots().trail(view));
    }

    @JSExport
    public static JSObject readout() {
        return JsPlain.toJs(stage.snapshots().readout());
    }

    @JSExport
    public static JSObject hints() {
        return JsPlain.toJs(stage.snapshots().hints(LAYOUT));
    }

    @JSExport
    public static JSObject project(String view, JSObject point) {
        double[] p = Plain.numbers(JsPlain.fromJs(point), 3);
        Vec3 s = p == null ? null : stage.project(view, new Vec3(p[0], p[1], p[2]));
        return s == null ? null : JsPlain.toJs(Plain.list(s.x(), s.y(), s.z()));
    }

    @JSExport
    public static JSObject pick(String view, double x, double y) {
        Hit h = stage.pick(view, x, y);
        return h == null ? null : JsPlain.toJs(Plain.map(
                "object", stage.scene().node(h.node()).id(),
                "name", stage.scene().node(h.node()).name(),
                "point", Plain.list(h.point().x(), h.point().y(), h.point().z()),
                "distance", h.distance()));
    }

    @JSExport
    public static JSObject workspace() {
        return JsPlain.toJs(stage.kept().workspace());
    }

    @JSExport
    public static void restore(JSObject workspace) {
        stage.kept().restore(JsPlain.map(workspace));
    }

    // ---- changes of the scene ------------------------------------------------------------------------------------

    @JSExport
    public static JSObject keepEdits() {
        return JsPlain.toJs(stage.kept().edits());
    }

    /** Takes over what was changed in the scene; gives what is wrong with it, or null. */
    @JSExport
    public static String useEdits(JSObject stored) {
        return stage.kept().useEdits(JsPlain.map(stored));
    }

    /** Brings a kept version back as one step; gives what is wrong with it, or null. */
    @JSExport
    public static String bringBack(String title, JSObject stored) {
        return stage.kept().bringBack(title, JsPlain.map(stored));
    }

    @JSExport
    public static JSObject history() {
        return JsPlain.toJs(stage.snapshots().history());
    }

    @JSExport
    public static JSObject layers() {
        return JsPlain.toJs(stage.snapshots().layers());
    }

    /** The solids that can be added. */
    @JSExport
    public static JSObject shapes() {
        return JsPlain.toJs(Snapshots.shapes());
    }

    // ---- boards, Pins, pictures ----------------------------------------------------------------------------------

    @JSExport
    public static JSObject boards() {
        return JsPlain.toJs(stage.snapshots().boards());
    }

    @JSExport
    public static JSObject keepBoards() {
        return JsPlain.toJs(stage.kept().boards());
    }

    /** Uses the boards kept for the user; gives what is wrong with them, or null. */
    @JSExport
    public static String useBoards(JSObject stored) {
        return stage.kept().useBoards(JsPlain.map(stored));
    }

    @JSExport
    public static JSObject pins() {
        return JsPlain.toJs(stage.snapshots().pins());
    }

    @JSExport
    public static JSObject keepPins() {
        return JsPlain.toJs(stage.kept().pins());
    }

    /** One Pin as a file of its own. */
    @JSExport
    public static JSObject keepPin(String pin) {
        return JsPlain.toJs(stage.kept().pin(pin));
    }

    @JSExport
    public static String usePins(JSObject stored) {
        return stage.kept().usePins(JsPlain.map(stored));
    }

    /** Adds the Pins of a file; gives what is wrong with it, or null. */
    @JSExport
    public static String bringPins(JSObject file) {
        return stage.kept().bringPins(JsPlain.map(file));
    }

    @JSExport
    public static void pinPicture(String pin, String dataUrl) {
        stage.kept().pinPicture(pin, dataUrl);
    }

    @JSExport
    public static JSObject address() {
        return JsPlain.toJs(stage.kept().address());
    }

    /** Shows what an address holds; gives what is wrong with it, or null. */
    @JSExport
    public static String openAddress(JSObject address) {
        return stage.kept().openAddress(JsPlain.map(address));
    }

    @JSExport
    public static JSObject choices(String view) {
        return JsPlain.toJs(stage.snapshots().choices(view));
    }

    @JSExport
    public static JSObject trailEntries(String view) {
        return JsPlain.toJs(stage.snapshots().trailEntries(view));
    }

    /** Both matrices of a picture of some aspect that holds all a viewport shows; the same array each time. */
    @JSExport
    public static Float64Array wholeMatrices(int view, double aspect) {
        stage.shots().whole(view, aspect, MATRICES);
        return MATRICES_JS;
    }

    /** What a snapshot is made of. */
    @JSExport
    public static JSObject shotPlaces(String sort, double width, double height) {
        return JsPlain.toJs(stage.shots().places(sort, width, height));
    }

    /** The same of what a choice, or an entry of the Trail, would show; null if there is no such. */
    @JSExport
    public static Float64Array pictureMatrices(String view, String choice, int trail, double aspect) {
        return stage.shots().of(view, choice, trail, aspect, MATRICES) ? MATRICES_JS : null;
    }

    // ---- the hierarchy by itself ---------------------------------------------------------------------------------

    @JSExport
    public static void buildHierarchy(Float32Array positions, Int32Array triangles) {
        Picking.buildHierarchy(positions, triangles);
    }

    @JSExport
    public static void castRays(Float64Array rays, Float64Array out) {
        Picking.castRays(rays, out);
    }

    @JSExport
    public static JSObject frameHierarchy(boolean everyVertex, double yaw, double pitch) {
        Vec3 e = Picking.frame(everyVertex, yaw, pitch);
        return JsPlain.toJs(Plain.list(e.x(), e.y(), e.z()));
    }

    // ---- keymap --------------------------------------------------------------------------------------------------

    /** What the user's own layout prints on each key. */
    @JSExport
    public static void layout(JSObject names) {
        JsPlain.map(names).forEach((code, printed) -> LAYOUT.put(code, Plain.text(printed, "")));
    }

    @JSExport
    public static JSObject keymap() {
        return JsPlain.toJs(stage.keymap().toPlain());
    }

    /** Uses a stored keymap; gives what is wrong with it, or null. */
    @JSExport
    public static String useKeymap(JSObject stored) {
        try {
            stage.use(AllCommands.CATALOGUE.keymap(JsPlain.map(stored)));
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    @JSExport
    public static JSObject keysPage() {
        return JsPlain.toJs(KeysPage.of(stage.rebinding(), LAYOUT));
    }

    @JSExport
    public static void capture(boolean on) {
        stage.input().capture(on);
    }

    @JSExport
    public static JSObject captured(String binding) {
        return JsPlain.toJs(stage.rebinding().captured(binding, LAYOUT));
    }

    @JSExport
    public static void rebind(String how) {
        stage.rebinding().apply(how);
    }

    @JSExport
    public static void resetBinding(String binding) {
        stage.rebinding().reset(binding);
    }

    @JSExport
    public static void usePreset(String preset) {
        stage.rebinding().preset(preset);
    }

    @JSExport
    public static boolean undoKeymap() {
        return stage.rebinding().undo();
    }

    // ---- habits --------------------------------------------------------------------------------------------------

    @JSExport
    public static JSObject habits() {
        return JsPlain.toJs(stage.habits().toPlain());
    }

    @JSExport
    public static void useHabits(JSObject stored) {
        stage.use(Habits.of(JsPlain.map(stored)));
    }

    @JSExport
    public static JSObject habitsPage() {
        return JsPlain.toJs(stage.snapshots().habits());
    }

    /** Sets a setting; an absent value puts it back. */
    @JSExport
    public static void setHabit(JSObject change) {
        Map<String, Object> m = JsPlain.map(change);
        stage.habit(Plain.text(m.get("id"), ""), m.get("value"));
    }
}
