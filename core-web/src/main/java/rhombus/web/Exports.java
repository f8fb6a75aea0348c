package rhombus.web;

import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int32Array;
import rhombus.boundary.Gives;
import rhombus.core.geometry.Vec3;
import rhombus.core.stage.show.Snapshots;
import rhombus.core.stage.view.NamedOption;
import rhombus.core.words.Messages;

/** What the browser module gives: stages, and what is the same for all of them. */
public final class Exports {
    private Exports() {}

    /** TeaVM asks for an entry point; there is nothing to start. */
    public static void main(String[] args) {}

    /** Speaks the language of a message file; to be called before anything else here is. */
    @JSExport
    public static void useWords(String file) {
        Messages.use(file);
    }

    /** A stage of its own for one scene. */
    @JSExport
    public static StageApi newStage() {
        return new StageDoor();
    }

    /** The 26 standard directions. */
    @JSExport
    @Gives(value = NamedOption.class, list = true)
    public static JSObject standardDirections() {
        return Js.list(Snapshots.standardDirections(), Told::of);
    }

    /** The solids that can be added. */
    @JSExport
    @Gives(value = NamedOption.class, list = true)
    public static JSObject shapes() {
        return Js.list(Snapshots.shapes(), Told::of);
    }

    // ---- the hierarchy by itself, for measuring ------------------------------------------------------------------

    @JSExport
    public static void buildHierarchy(Float32Array positions, Int32Array triangles) {
        Picking.buildHierarchy(positions, triangles);
    }

    @JSExport
    public static void castRays(Float64Array rays, Float64Array out) {
        Picking.castRays(rays, out);
    }

    @JSExport
    @Gives(Vec3.class)
    public static JSObject frameHierarchy(boolean everyVertex, double yaw, double pitch) {
        return Js.vector(Picking.frame(everyVertex, yaw, pitch));
    }
}
