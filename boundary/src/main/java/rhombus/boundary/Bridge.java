package rhombus.boundary;

import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.Parameter;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
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
        String head = "package " + pkg + ";\n\nimport java.util.Map;\nimport org.teavm.jso.*;\n"
                + "import org.teavm.jso.typedarrays.*;\nimport rhombus.core.plain.PlainData;\n\n"
                + "/** Made in the build from {@link " + c.getCanonicalName() + "}. */\n";
        return Map.of(
                api(c),
                head + "public interface " + api(c) + " extends JSObject {\n" + b.api + "}\n",
                bridge(c),
                head + "final class " + bridge(c) + " implements " + api(c) + " {\n    private final "
                        + c.getCanonicalName() + " of;\n    private final Map<String, String> layout;\n" + b.fields
                        + "\n    " + bridge(c) + "(" + c.getCanonicalName() + " of, Map<String, String> layout) {\n"
                        + "        this.of = of;\n        this.layout = layout;\n" + b.made + "    }\n" + b.calls
                        + "}\n");
    }

    private void add(Method m) {
        PageCall how = m.getAnnotation(PageCall.class);
        if (PageClasses.property(m)) {
            property(m);
        } else if (how.patches()) {
            patch(m);
        } else if (how.keepsEqual()) {
            String kept = m.getName() + "Kept";
            Class<?> element = Records.element(m.getGenericReturnType());
            fields.append("    private final KeptList<")
                    .append(element.getCanonicalName())
                    .append("> ")
                    .append(kept)
                    .append(" = new KeptList<>(e -> ")
                    .append(JsRecords.value("e", element))
                    .append(");\n");
            method(m, "JSObject", parameters(m), "return " + kept + ".of(" + call(m) + ");");
        } else {
            Class<?> gives = m.getReturnType();
            String result = gives == void.class ? call(m) + ";" : "return " + given(call(m), m) + ";";
            method(m, type(m.getGenericReturnType()), parameters(m), result);
        }
    }

    private void property(Method m) {
        Class<?> part = m.getReturnType();
        String name = m.getName();
        String get = "get" + name.substring(0, 1).toUpperCase() + name.substring(1);
        fields.append("    private final ")
                .append(api(part))
                .append(" ")
                .append(name)
                .append(";\n");
        made.append("        ")
                .append(name)
                .append(" = new ")
                .append(bridge(part))
                .append("(of.")
                .append(name)
                .append("(), layout);\n");
        api.append("    @JSProperty\n    ")
                .append(api(part))
                .append(" ")
                .append(get)
                .append("();\n\n");
        calls.append("\n    @Override\n    public ")
                .append(api(part))
                .append(" ")
                .append(get)
                .append("() {\n        return ")
                .append(name)
                .append(";\n    }\n");
    }

    /** What was told last is kept for each number that the method is asked with. */
    private void patch(Method m) {
        String record = m.getReturnType().getCanonicalName();
        String last = m.getName() + "Last";
        fields.append("    private final Map<String, ")
                .append(record)
                .append("> ")
                .append(last)
                .append(" = new java.util.HashMap<>();\n");
        String key =
                PageClasses.passed(m).stream().map(p -> " + " + p.getName()).collect(Collectors.joining());
        String more = parameters(m);
        method(
                m,
                "void",
                more + (more.isEmpty() ? "" : ", ") + "JSObject target, boolean fresh",
                record + " now = " + call(m) + ";\n        String key = \"\"" + key
                        + ";\n        JsRecords.change(fresh ? null : " + last + ".get(key), now, target);\n        "
                        + last + ".put(key, now);");
    }

    private void method(Method m, String type, String parameters, String body) {
        api.append("    ")
                .append(type)
                .append(" ")
                .append(m.getName())
                .append("(")
                .append(parameters)
                .append(");\n\n");
        calls.append("\n    @Override\n    public ")
                .append(type)
                .append(" ")
                .append(m.getName())
                .append("(")
                .append(parameters)
                .append(") {\n        ")
                .append(body)
                .append("\n    }\n");
    }

    private String call(Method m) {
        String on = Modifier.isStatic(m.getModifiers()) ? of.getCanonicalName() : "of";
        return on + "." + m.getName() + "("
                + List.of(m.getParameters()).stream().map(Bridge::taken).collect(Collectors.joining(", ")) + ")";
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
            return PlainData.class.getSimpleName() + ".list(JsPlain.fromJs(" + name + "))";
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
