package rhombus.boundary;

import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.BinaryArrays;

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

    /** A class of the core as the interface of what the page calls. */
    static String calls(Class<?> c) {
        StringBuilder s = new StringBuilder("export interface " + c.getSimpleName() + " {\n");
        for (Method m : PageClasses.calls(c)) {
            if (PageClasses.property(m)) {
                s.append("  readonly ").append(m.getName()).append(": ");
                s.append(m.getReturnType().getSimpleName()).append(";\n");
            } else {
                s.append("  ").append(call(m)).append(";\n");
            }
        }
        return s.append("}\n").toString();
    }

    /** A function's name, arguments and result. */
    private static String call(Method m) {
        List<String> args = new ArrayList<>();
        for (Parameter p : PageClasses.passed(m)) {
            args.add(p.getName() + ": " + passed(p.getParameterizedType(), p.isAnnotationPresent(OrNull.class)));
        }
        boolean patches = m.getAnnotation(PageCall.class).patches();
        if (patches) {
            args.add("target: " + m.getReturnType().getSimpleName());
            args.add("fresh: boolean");
        }
        return m.getName() + "(" + String.join(", ", args) + "): "
                + (patches ? "void" : passed(m.getGenericReturnType(), m.isAnnotationPresent(OrNull.class)));
    }

    private static String passed(Type t, boolean orNull) {
        return passed(t) + (orNull ? " | null" : "");
    }

    private static String passed(Type t) {
        Class<?> c = Records.element(t);
        if (t == void.class) {
            return "void";
        }
        if (Records.isList(t)) {
            return c == Object.class ? "unknown[]" : type(t);
        }
        if (Bridge.array(c) != null) {
            // It shares memory with the core, which is made of plain buffers whatever else the browser could hold.
            return Bridge.array(c) + "<ArrayBuffer>";
        }
        return BinaryArrays.class.isAssignableFrom(c) ? "ArrayBuffer" : type(t);
    }
}
