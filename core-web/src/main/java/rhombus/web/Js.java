package rhombus.web;

import java.util.List;
import java.util.function.Function;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSByRef;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArray;
import org.teavm.jso.core.JSString;
import rhombus.core.geometry.Vec3;

/** Lists, texts and numbers as browser values. */
final class Js {
    private Js() {}

    static <T> JSObject list(List<T> list, Function<T, JSObject> each) {
        if (list == null) {
            return null;
        }
        JSArray<JSObject> out = new JSArray<>(list.size());
        for (int i = 0; i < list.size(); i++) {
            out.set(i, each.apply(list.get(i)));
        }
        return out;
    }

    /** A new list in which what is the same as in the last one is the same object. */
    static <T> JSObject list(List<T> last, List<T> now, JSObject before, Function<T, JSObject> each) {
        if (now == null || last == null || before == null) {
            return list(now, each);
        }
        JSArray<JSObject> out = new JSArray<>(now.size());
        for (int i = 0; i < now.size(); i++) {
            boolean same = i < last.size() && now.get(i).equals(last.get(i));
            out.set(i, same ? at(before, i) : each.apply(now.get(i)));
        }
        return out;
    }

    static JSObject text(String s) {
        return s == null ? null : JSString.valueOf(s);
    }

    static JSObject vector(Vec3 v) {
        return v == null ? null : three(v.x(), v.y(), v.z());
    }

    static JSObject numbers(double[] d) {
        return d == null ? null : copy(d);
    }

    @JSBody(
            params = {"list", "i"},
            script = "return list[i];")
    private static native JSObject at(JSObject list, int i);

    @JSBody(
            params = {"target", "name"},
            script = "return target[name] === undefined ? null : target[name];")
    static native JSObject get(JSObject target, String name);

    @JSBody(
            params = {"target", "name", "value"},
            script = "target[name] = value;")
    static native void put(JSObject target, String name, JSObject value);

    /** The same for what is left out where it is null. */
    @JSBody(
            params = {"target", "name", "value"},
            script = "target[name] = value === null ? undefined : value;")
    static native void maybe(JSObject target, String name, JSObject value);

    @JSBody(
            params = {"x", "y", "z"},
            script = "return [x, y, z];")
    private static native JSObject three(double x, double y, double z);

    @JSBody(params = "d", script = "return Array.from(d);")
    private static native JSObject copy(@JSByRef double[] d);
}
