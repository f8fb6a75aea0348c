package rhombus.boundary;

import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.PageCall;

/** The classes of the core whose methods the page calls, and those methods. */
final class PageClasses {
    private PageClasses() {}

    /** A class and all that are properties of it, directly or not; each once. */
    static Set<Class<?>> from(Class<?> root) {
        Set<Class<?>> out = new LinkedHashSet<>();
        add(root, out);
        return out;
    }

    private static void add(Class<?> c, Set<Class<?>> out) {
        if (out.add(c)) {
            calls(c).stream().filter(PageClasses::property).forEach(m -> add(m.getReturnType(), out));
        }
    }

    /**
     * The methods of a class that the page calls, by name.
     *
     * @throws IllegalArgumentException if two have the same name: JavaScript knows no overloading
     */
    static List<Method> calls(Class<?> c) {
        List<Method> out = new ArrayList<>(Arrays.stream(c.getDeclaredMethods())
                .filter(m -> m.isAnnotationPresent(PageCall.class))
                .sorted(Comparator.comparing(Method::getName))
                .toList());
        for (int i = 1; i < out.size(); i++) {
            if (out.get(i).getName().equals(out.get(i - 1).getName())) {
                throw new IllegalArgumentException("The page calls two methods "
                        + out.get(i).getName() + " of " + c.getName() + ": give one of them another name");
            }
        }
        return out;
    }

    /** Whether a method gives an object with methods of its own that the page calls. */
    static boolean property(Method m) {
        return m.getParameterCount() == 0 && !calls(m.getReturnType()).isEmpty();
    }

    /** The parameters of a method that the page passes: without those that the bridge fills in. */
    static List<Parameter> passed(Method m) {
        return Arrays.stream(m.getParameters()).filter(p -> !filledIn(p)).toList();
    }

    /** Whether the bridge fills in a parameter: what the user's keyboard prints on its keys. */
    static boolean filledIn(Parameter p) {
        return p.getName().equals("layout") && p.getType() == Map.class;
    }

    /** All records that methods of these classes give the page. */
    static List<Class<?>> records(Set<Class<?>> classes) {
        Set<Class<?>> out = new LinkedHashSet<>();
        for (Class<?> c : classes) {
            calls(c).forEach(m -> out.add(Records.element(m.getGenericReturnType())));
        }
        return Records.reachedFrom(out);
    }
}
