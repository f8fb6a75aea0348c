package rhombus.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Layer;

/** Layers as plain data. */
final class LayerForm {
    private LayerForm() {}

    static List<Object> of(List<Layer> list) {
        List<Object> out = new ArrayList<>();
        for (Layer l : list) {
            out.add(PlainData.map("id", l.id(), "name", l.name(), "visible", l.visible(), "locked", l.locked()));
        }
        return out;
    }

    static List<Layer> read(Object plain) {
        List<Layer> out = new ArrayList<>();
        for (Object o : PlainData.list(plain)) {
            Map<String, Object> m = PlainData.map(o);
            out.add(new Layer(
                    PlainData.text(m.get("id"), ""),
                    PlainData.text(m.get("name"), ""),
                    PlainData.truth(m.get("visible"), true),
                    PlainData.truth(m.get("locked"), false)));
        }
        return List.copyOf(out);
    }
}
