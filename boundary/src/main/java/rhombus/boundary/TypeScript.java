package rhombus.boundary;

import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;
import rhombus.core.plain.OrNull;

/** Java types in the words of TypeScript. */
final class TypeScript {
    private TypeScript() {}

    /** A record as an interface. */
    static String of(Class<?> record) {
        StringBuilder s = new StringBuilder("export interface " + record.getSimpleName() + " {\n");
        for (RecordComponent c : record.getRecordComponents()) {
            boolean maybe = c.isAnnotationPresent(Maybe.class);
            OneOf words = c.getAnnotation(OneOf.class);
            String type = words == null ? type(c.getGenericType()) : union(List.of(words.value()));
            s.append("  ")
                    .append(c.getName())
                    .append(maybe ? "?: " : ": ")
                    .append(type)
                    .append(c.isAnnotationPresent(OrNull.class) ? " | null" : "")
                    .append(";\n");
        }
        return s.append("}\n").toString();
    }

    private static String union(Collection<String> words) {
        return words.stream().map(w -> "'" + w + "'").collect(Collectors.joining(" | "));
    }

    private static String type(Type t) {
        Class<?> c = Records.element(t);
        String one = c.isArray() ? "number[]" : c.isEnum() ? union(ids(c)) : name(c);
        return !Records.isList(t) ? one : one.contains("|") ? "(" + one + ")[]" : one + "[]";
    }

    private static String name(Class<?> c) {
        if (c == String.class) {
            return "string";
        }
        if (c == boolean.class || c == Boolean.class) {
            return "boolean";
        }
        if (c.isPrimitive() || Number.class.isAssignableFrom(c)) {
            return "number";
        }
        if (Records.isVector(c)) {
            return "Vec";
        }
        if (c == Map.class) {
            return "Plain";
        }
        return c == Object.class ? "string | number | boolean" : c.getSimpleName();
    }

    private static List<String> ids(Class<?> c) {
        List<String> out = new ArrayList<>();
        for (Object each : c.getEnumConstants()) {
            try {
                out.add((String) c.getMethod("id").invoke(each));
            } catch (ReflectiveOperationException e) {
                throw new IllegalArgumentException(c.getName() + " crosses to the page and needs a method id()", e);
            }
        }
        return out;
    }

    /** An interface of methods that the page calls. */
    static String calls(Class<?> api) {
        StringBuilder s = new StringBuilder("export interface " + api.getSimpleName() + " {\n");
        Method[] methods = api.getDeclaredMethods();
        Arrays.sort(methods, Comparator.comparing(Method::getName));
        for (Method m : methods) {
            if (m.getName().startsWith("get") && m.getParameterCount() == 0) {
                String name =
                        m.getName().substring(3, 4).toLowerCase() + m.getName().substring(4);
                s.append("  readonly ")
                        .append(name)
                        .append(": ")
                        .append(m.getReturnType().getSimpleName())
                        .append(";\n");
            } else {
                s.append("  ").append(call(m)).append(";\n");
            }
        }
        return s.append("}\n").toString();
    }

    /** A function's name, arguments and result. */
    static String call(Method m) {
        String args = Arrays.stream(m.getParameters())
                .map(p -> p.getName() + ": "
                        + passed(p.getType(), p.getAnnotation(Gives.class), p.isAnnotationPresent(OrNothing.class)))
                .collect(Collectors.joining(", "));
        return m.getName() + "(" + args + "): "
                + passed(m.getReturnType(), m.getAnnotation(Gives.class), m.isAnnotationPresent(OrNothing.class));
    }

    /** The classes that calls give or take. */
    static List<Class<?>> named(Class<?> api) {
        List<Class<?>> out = new ArrayList<>();
        for (Method m : api.getDeclaredMethods()) {
            add(out, m.getAnnotation(Gives.class));
            for (Parameter p : m.getParameters()) {
                add(out, p.getAnnotation(Gives.class));
            }
        }
        return out;
    }

    private static void add(List<Class<?>> out, Gives g) {
        if (g != null) {
            out.add(g.value());
        }
    }

    private static String passed(Class<?> c, Gives g, boolean orNull) {
        if (g != null) {
            return name(g.value()) + (g.list() ? "[]" : "") + (g.orNull() ? " | null" : "");
        }
        // What shares memory with the core is made of it, whatever the browser could hold besides.
        String name = c.getSimpleName();
        String type = c == void.class
                ? "void"
                : name.matches("Float32Array|Float64Array|Int32Array|Int8Array")
                        ? name + "<ArrayBuffer>"
                        : name.equals("ArrayBuffer") || c.isInterface() ? name : name(c);
        return type + (orNull ? " | null" : "");
    }
}
