package rhombus.web;

import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArray;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Stage;

/** The list of all objects, made in one go: in a scene of a hundred thousand every step counts. */
final class Objects {
    private Objects() {}

    static JSObject of(Stage stage) {
        Scene s = stage.scene();
        JSArray<JSObject> out = new JSArray<>();
        for (int i = 0; i < s.count(); i++) {
            Node n = s.node(i);
            if (!n.gone()) {
                out.push(object(n.id(), n.name(), n.kind().word(), n.parent() < 0 ? null : s.node(n.parent()).id(), n.layer(),
                        !n.hidden(), s.shown(i), n.locked()));
            }
        }
        return out;
    }

    @JSBody(params = {"id", "name", "kind", "parent", "layer", "visible", "shown", "locked"},
            script = "return { id: id, name: name, kind: kind, parent: parent, layer: layer, visible: visible, shown: shown, locked: locked };")
    private static native JSObject object(
            String id, String name, String kind, String parent, String layer, boolean visible, boolean shown, boolean locked);
}
