package rhombus.boundary;

import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.Maybe;

/** Writes the Java that makes a browser object of each record. */
final class JsRecords {
    private JsRecords() {}

    /** A class with a method for each record. The minifier renames arguments to short words, so what is made has a long one. */
    static String source(String pkg, String name, List<Class<?>> records) {
        StringBuilder s = new StringBuilder("package " + pkg + ";\n\n");
        s.append("import org.teavm.jso.JSBody;\nimport org.teavm.jso.JSObject;\n\n");
        s.append("/** Made in the build: records of the core as browser objects. */\n");
        s.append("final class ")
                .append(name)
                .append(" {\n    private ")
                .append(name)
                .append("() {}\n");
        records.forEach(r -> s.append('\n').append(method(r)).append('\n').append(change(r)));
        return s.append("}\n").toString();
    }

    private static String method(Class<?> record) {
        List<String> names = new ArrayList<>();
        List<String> params = new ArrayList<>();
        List<String> values = new ArrayList<>();
        List<String> fixed = new ArrayList<>();
        List<String> maybe = new ArrayList<>();
        for (RecordComponent c : record.getRecordComponents()) {
            names.add("\"" + c.getName() + "\"");
            params.add(kind(c.getGenericType()) + " " + c.getName());
            values.add(value("r." + c.getName() + "()", c.getGenericType(), 0));
            if (c.isAnnotationPresent(Maybe.class)) {
                maybe.add("if (" + c.getName() + " !== null) $made." + c.getName() + " = " + c.getName() + ";");
            } else {
                fixed.add(c.getName() + ": " + c.getName());
            }
        }
        String type = record.getCanonicalName();
        String make = "make" + record.getSimpleName();
        return "    static JSObject of(" + type + " r) {\n"
                + "        return r == null ? null : " + make + "(\n                "
                + String.join(",\n                ", values) + ");\n    }\n\n"
                + "    @JSBody(params = {" + String.join(", ", names) + "}, script = \"var $made = {"
                + String.join(", ", fixed) + "};"
                + String.join("", maybe) + "return $made;\")\n"
                + "    private static native JSObject " + make + "(\n            " + String.join(", ", params) + ");\n";
    }

    /** What changes a browser object from one state to the next, part by part, so that whoever looks at a part is told only of that. */
    private static String change(Class<?> record) {
        String type = record.getCanonicalName();
        StringBuilder s =
                new StringBuilder("    static void change(" + type + " last, " + type + " now, JSObject target) {\n");
        for (RecordComponent c : record.getRecordComponents()) {
            String name = c.getName() + "()";
            String same = c.getType().isPrimitive()
                    ? "last." + name + " == now." + name
                    : "java.util.Objects.equals(last." + name + ", now." + name + ")";
            s.append("        if (last == null || !(")
                    .append(same)
                    .append(")) {\n            Js.")
                    .append(c.isAnnotationPresent(Maybe.class) ? "maybe" : "put")
                    .append("(target, \"")
                    .append(c.getName())
                    .append("\", ")
                    .append(changed(c))
                    .append(");\n        }\n");
        }
        return s.append("    }\n").toString();
    }

    private static String changed(RecordComponent c) {
        Type t = c.getGenericType();
        Class<?> element = Records.element(t);
        String now = "now." + c.getName() + "()";
        if (Records.isList(t)) {
            return "Js.list(last == null ? null : last." + c.getName() + "(), " + now + ", Js.get(target, \""
                    + c.getName() + "\"), e -> " + one("e", element, true) + ")";
        }
        return c.getType().isPrimitive() ? "JsPlain.toJs(" + now + ")" : one(now, element, true);
    }

    /** What is handed to the browser: numbers, truths and texts as they are, all else as an object. */
    private static String kind(Type t) {
        Class<?> c = Records.element(t);
        return !Records.isList(t) && (c.isPrimitive() || c == String.class) ? c.getSimpleName() : "JSObject";
    }

    private static String value(String of, Type t, int depth) {
        if (Records.isList(t)) {
            String each = "e" + depth;
            Class<?> c = Records.element(t);
            return "Js.list(" + of + ", " + each + " -> " + one(each, c, true) + ")";
        }
        return one(of, Records.element(t), false);
    }

    private static String one(String of, Class<?> c, boolean boxed) {
        if (c.isPrimitive() || c == String.class && !boxed) {
            return of;
        }
        if (c.isEnum()) {
            return "Js.text(" + of + ".id())";
        }
        if (Records.isVector(c)) {
            return "Js.vector(" + of + ")";
        }
        if (c.isRecord()) {
            return "of(" + of + ")";
        }
        if (c.isArray()) {
            return "Js.numbers(" + of + ")";
        }
        return c == Map.class
                        || c == Object.class
                        || c == String.class
                        || c == Boolean.class
                        || Number.class.isAssignableFrom(c)
                ? "JsPlain.toJs(" + of + ")"
                : unknown(c);
    }

    /** A value that is not within a list of primitives, as a JavaScript value. */
    static String value(String of, Class<?> c) {
        return c.isRecord() && !Records.isVector(c) ? "JsRecords.of(" + of + ")" : one(of, c, true);
    }

    private static String unknown(Class<?> c) {
        throw new IllegalArgumentException(c.getName() + " cannot cross to the page: make it a record");
    }
}
