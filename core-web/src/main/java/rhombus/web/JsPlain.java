package rhombus.web;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArray;
import org.teavm.jso.core.JSBoolean;
import org.teavm.jso.core.JSNumber;
import org.teavm.jso.core.JSString;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;

/** Plain data to and from JavaScript values. */
final class JsPlain {
    private JsPlain() {}

    static JSObject toJs(Object o) {
        if (o instanceof String s) {
            return JSString.valueOf(s);
        }
        if (o instanceof Number n) {
            return JSNumber.valueOf(n.doubleValue());
        }
        if (o instanceof Boolean b) {
            return JSBoolean.valueOf(b);
        }
        if (o instanceof List<?> list) {
            JSArray<JSObject> a = new JSArray<>(list.size());
            for (int i = 0; i < list.size(); i++) {
                a.set(i, toJs(list.get(i)));
            }
            return a;
        }
        if (o instanceof Map<?, ?> map) {
            JSObject target = object();
            map.forEach((k, v) -> put(target, (String) k, toJs(v)));
            return target;
        }
        return null;
    }

    /** Values that lie deeper than this in a document are left out: no document of ours is so deep. */
    private static final int DEEPEST = 100;

    static Object fromJs(JSObject o) {
        return fromJs(o, 0);
    }

    private static Object fromJs(JSObject o, int depth) {
        if (depth > DEEPEST) {
            return null;
        }
        String type = o == null ? "null" : type(o);
        switch (type) {
            case "string":
                return text(o);
            case "number":
                return number(o);
            case "boolean":
                return truth(o);
            case "array": {
                List<Object> out = new ArrayList<>();
                int n = length(o);
                for (int i = 0; i < n; i++) {
                    out.add(fromJs(at(o, i), depth + 1));
                }
                return out;
            }
            case "object": {
                Map<String, Object> out = new LinkedHashMap<>();
                JSObject keys = keys(o);
                int n = length(keys);
                for (int i = 0; i < n; i++) {
                    JSObject key = at(keys, i);
                    out.put(text(key), fromJs(get(o, key), depth + 1));
                }
                return out;
            }
            default:
                return null;
        }
    }

    /** Three finite numbers as a point; null for anything else. */
    static Vec3 vector(JSObject o) {
        double[] p = PlainData.numbers(fromJs(o), 3);
        return p == null ? null : new Vec3(p[0], p[1], p[2]);
    }

    @SuppressWarnings("unchecked")
    static Map<String, Object> map(JSObject o) {
        return fromJs(o) instanceof Map<?, ?> m ? (Map<String, Object>) m : Map.of();
    }

    @JSBody(
            params = "o",
            script = "return o === null || o === undefined ? 'null' : Array.isArray(o) ? 'array' : typeof o;")
    private static native String type(JSObject o);

    @JSBody(params = "o", script = "return o;")
    private static native String text(JSObject o);

    @JSBody(params = "o", script = "return o;")
    private static native double number(JSObject o);

    @JSBody(params = "o", script = "return o;")
    private static native boolean truth(JSObject o);

    @JSBody(params = "o", script = "return o.length;")
    private static native int length(JSObject o);

    @JSBody(
            params = {"o", "i"},
            script = "return o[i];")
    private static native JSObject at(JSObject o, int i);

    @JSBody(
            params = {"o", "k"},
            script = "return o[k];")
    private static native JSObject get(JSObject o, JSObject k);

    @JSBody(params = "o", script = "return Object.keys(o);")
    private static native JSObject keys(JSObject o);

    @JSBody(script = "return {};")
    private static native JSObject object();

    @JSBody(
            params = {"o", "k", "v"},
            script = "o[k] = v;")
    private static native void put(JSObject o, String k, JSObject v);
}
