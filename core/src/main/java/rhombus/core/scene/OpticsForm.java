package rhombus.core.scene;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import rhombus.core.optics.FilmBack;
import rhombus.core.optics.GateFit;
import rhombus.core.optics.Optics;
import rhombus.core.plain.PlainData;

/** What a camera is made of, as plain data: in the document of a scene's changes, and in the extras of a glTF camera. */
public final class OpticsForm {
    private OpticsForm() {}

    /** The numbers by name, none where all are the usual ones; millimetres on the film back, metres before the camera. */
    public static Map<String, Object> plain(Optics o) {
        Map<String, Object> m = new LinkedHashMap<>();
        if (!o.equals(Optics.USUAL)) {
            m.put("back", PlainData.list(o.back().width(), o.back().height()));
            m.put("fit", o.fit().id());
            m.put("fNumber", o.fNumber());
            m.put("confusion", o.confusion());
            m.put("focus", o.focus());
            m.put("near", o.near());
            m.put("far", o.far());
            m.values().removeIf(Objects::isNull);
        }
        return m;
    }

    /**
     * What plain data describes; usual where it says nothing.
     *
     * @throws IllegalArgumentException in words if no camera can have such numbers
     */
    public static Optics of(Map<String, Object> m) {
        double[] back = PlainData.numbers(m.get("back"), 2);
        GateFit fit = GateFit.named(PlainData.text(m.get("fit"), ""));
        return new Optics(
                back == null ? Optics.USUAL.back() : new FilmBack(back[0], back[1]),
                fit == null ? Optics.USUAL.fit() : fit,
                PlainData.number(m.get("fNumber"), Optics.USUAL.fNumber()),
                PlainData.number(m.get("confusion"), Optics.USUAL.confusion()),
                distance(m.get("focus")),
                distance(m.get("near")),
                distance(m.get("far")));
    }

    private static Double distance(Object o) {
        double d = PlainData.number(o, 0);
        return d > 0 ? d : null;
    }
}
