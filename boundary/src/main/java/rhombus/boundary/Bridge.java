package rhombus.boundary;

import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.Parameter;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.BinaryArrays;

/** Writes the Java through which the page calls a class of the core: an interface of JavaScript values, and what hands on. */
final class Bridge {
    private static final Map<Class<?>, String> ARRAYS = Map.of(
            float[].class, "Float32Array",
            double[].class, "Float64Array",
            int[].class, "Int32Array",
            short[].class, "Int16Array",
            byte[].class, "Int8Array");

    private final Class<?> of;
    private final StringBuilder api = new StringBuilder();
    private final StringBuilder fields = new StringBuilder();
    private final StringBuilder made = new StringBuilder();
    private final StringBuilder calls = new StringBuilder();

    private Bridge(Class<?> of) {
        this.of = of;
    }

    /** The name of the interface of a class. */
    static String api(Class<?> c) {
        return c.getSimpleName() + "Api";
    }

    private static String bridge(Class<?> c) {
        return c.getSimpleName() + "Bridge";
    }

    /** The name of the typed array that an array crosses as, or null. */
    static String array(Class<?> c) {
        return ARRAYS.get(c);
    }

    /** Both files of a class by their names. */
    static Map<String, String> sources(String pkg, Class<?> c) {
        Bridge b = new Bridge(c);
        PageClasses.calls(c).forEach(b::add);
        String head =
                """
                package %s;

                import java.util.Map;
                import org.teavm.jso.*;
                import org.teavm.jso.typedarrays.*;
                import rhombus.core.plain.PlainData;

                /** Made in the build from {@link %s}. */
                """
                        .formatted(pkg, c.getCanonicalName());
        String body =
                """
                final class %1$s implements %2$s {
                    private final %3$s of;
                    private final Map<String, String> layout;
                %4$s
                    %1$s(%3$s of, Map<String, String> layout) {
                        this.of = of;
                        this.layout = layout;
                %5$s    }
                %6$s}
                """
                        .formatted(bridge(c), api(c), c.getCanonicalName(), b.fields, b.made, b.calls);
        return Map.of(
                api(c),
                head + "public interface %s extends JSObject {\n%s}\n".formatted(api(c), b.api),
                bridge(c),
                head + body);
    }

    private void add(Method m) {
        PageCall how = m.getAnnotation(PageCall.class);
        if (PageClasses.property(m)) {
            property(m);
        } else if (how.patches()) {
            patch(m);
        } else if (how.keepsEqual()) {
            keep(m);
        } else {
            String result = m.getReturnType() == void.class ? call(m) + ";" : "return " + given(call(m), m) + ";";
            method(m, type(m.getGenericReturnType()), parameters(m), result);
        }
    }

    private void property(Method m) {
        String name = m.getName();
        String type = api(m.getReturnType());
        String get = "get" + name.substring(0, 1).toUpperCase() + name.substring(1);
        fields.append("    private final %s %s;\n".formatted(type, name));
        made.append("        %s = new %s(of.%s(), layout);\n".formatted(name, bridge(m.getReturnType()), name));
        api.append("    @JSProperty\n");
        method(get, type, "", "return " + name + ";");
    }

    /** The last list is kept, one for all calls: what the page passes could ask for another. */
    private void keep(Method m) {
        if (!PageClasses.passed(m).isEmpty()) {
            throw new IllegalArgumentException(m + " keeps what it gave and cannot be told anything by the page");
        }
        Class<?> element = Records.element(m.getGenericReturnType());
        String kept = m.getName() + "Kept";
        fields.append("    private final KeptList<%s> %s = new KeptList<>(e -> %s);\n"
                .formatted(element.getCanonicalName(), kept, JsRecords.value("e", element)));
        method(m, "JSObject", "", "return %s.of(%s);".formatted(kept, call(m)));
    }

    /** What was told last is kept for each value that the method is asked with. */
    private void patch(Method m) {
        String record = m.getReturnType().getCanonicalName();
        String last = m.getName() + "Last";
        fields.append("    private final Map<String, %s> %s = new java.util.HashMap<>();\n".formatted(record, last));
        String key =
                PageClasses.passed(m).stream().map(p -> " + " + p.getName()).collect(Collectors.joining());
        String more = parameters(m);
        method(
                m,
                "void",
                more + (more.isEmpty() ? "" : ", ") + "JSObject target, boolean fresh",
                """
                %s now = %s;
                        String key = ""%s;
                        JsRecords.change(fresh ? null : %s.get(key), now, target);
                        %s.put(key, now);"""
                        .formatted(record, call(m), key, last, last));
    }

    private void method(Method m, String type, String parameters, String body) {
        method(m.getName(), type, parameters, body);
    }

    private void method(String name, String type, String parameters, String body) {
        String head = "%s %s(%s)".formatted(type, name, parameters);
        api.append("    %s;\n\n".formatted(head));
        calls.append("\n    @Override\n    public %s {\n        %s\n    }\n".formatted(head, body));
    }

    private String call(Method m) {
        String on = Modifier.isStatic(m.getModifiers()) ? of.getCanonicalName() : "of";
        return on + "." + m.getName() + "("
                + Arrays.stream(m.getParameters()).map(Bridge::taken).collect(Collectors.joining(", ")) + ")";
    }

    private static String parameters(Method m) {
        return PageClasses.passed(m).stream()
                .map(p -> type(p.getParameterizedType()) + " " + p.getName())
                .collect(Collectors.joining(", "));
    }

    /** The type of a value of the core on its way. */
    private static String type(Type t) {
        Class<?> c = Records.element(t);
        if (Records.isList(t)) {
            return "JSObject";
        }
        if (c.isPrimitive() || c == String.class) {
            return c.getSimpleName();
        }
        return ARRAYS.containsKey(c)
                ? ARRAYS.get(c)
                : BinaryArrays.class.isAssignableFrom(c) ? "ArrayBuffer" : "JSObject";
    }

    /** An argument of the page as a value of the core. */
    private static String taken(Parameter p) {
        String name = p.getName();
        Class<?> c = p.getType();
        if (PageClasses.filledIn(p) || c.isPrimitive() || c == String.class) {
            return name;
        }
        if (ARRAYS.containsKey(c)) {
            return name + ".toJavaArray()";
        }
        if (BinaryArrays.class.isAssignableFrom(c)) {
            return "new JsArrays(" + name + ", 0)";
        }
        if (c == Map.class) {
            return "JsPlain.map(" + name + ")";
        }
        if (c == List.class) {
            return "PlainData.list(JsPlain.fromJs(" + name + "))";
        }
        if (Records.isVector(c)) {
            return "JsPlain.vector(" + name + ")";
        }
        throw new IllegalArgumentException(
                "A page cannot pass " + c.getName() + " as " + name + " of " + p.getDeclaringExecutable());
    }

    private static String given(String value, Method m) {
        Type t = m.getGenericReturnType();
        Class<?> c = m.getReturnType();
        if (ARRAYS.containsKey(c)) {
            return "JsArrays.of(" + value + ")";
        }
        return c.isPrimitive() || c == String.class
                ? value
                : Records.isList(t)
                        ? "Js.list(" + value + ", e -> " + JsRecords.value("e", Records.element(t)) + ")"
                        : JsRecords.value(value, c);
    }
}
