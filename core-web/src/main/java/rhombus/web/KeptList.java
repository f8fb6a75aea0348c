package rhombus.web;

import java.util.List;
import java.util.function.Function;
import org.teavm.jso.JSObject;

/**
 * A list that the page asks for again and again: while nothing in it changes it gets the same object, so that nobody draws
 * it anew.
 */
final class KeptList<T> {
    private final Function<T, JSObject> each;
    private List<T> last;
    private JSObject given;

    KeptList(Function<T, JSObject> each) {
        this.each = each;
    }

    JSObject of(List<T> now) {
        if (!now.equals(last)) {
            given = Js.list(last, now, given, each);
            last = now;
        }
        return given;
    }
}
