package rhombus.boundary;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Records that cross the boundary, and those within them. */
final class Records {
    private Records() {}

    /** All records that can be reached, in the order of their names. */
    static List<Class<?>> reachedFrom(Collection<Class<?>> roots) {
        Set<Class<?>> seen = new LinkedHashSet<>();
        Deque<Class<?>> todo = new ArrayDeque<>(roots);
        while (!todo.isEmpty()) {
            Class<?> c = todo.pop();
            // A vector is told as three numbers and has no name of its own on the page.
            if (c.isRecord() && !isVector(c) && seen.add(c)) {
                for (RecordComponent part : c.getRecordComponents()) {
                    todo.push(element(part.getGenericType()));
                }
            }
        }
        List<Class<?>> out = new ArrayList<>(seen);
        out.sort((a, b) -> a.getSimpleName().compareTo(b.getSimpleName()));
        for (int i = 1; i < out.size(); i++) {
            if (out.get(i).getSimpleName().equals(out.get(i - 1).getSimpleName())) {
                throw new IllegalArgumentException(out.get(i).getName() + " and "
                        + out.get(i - 1).getName() + " would have the same name on the page: give one of them another");
            }
        }
        return out;
    }

    static boolean isVector(Class<?> c) {
        return c.getName().equals("rhombus.core.geometry.Vec3");
    }

    static boolean isList(Type t) {
        return t instanceof ParameterizedType p && p.getRawType() == List.class;
    }

    /** The class itself, or that of a list's elements. */
    static Class<?> element(Type t) {
        if (t instanceof ParameterizedType p) {
            return isList(t) ? element(p.getActualTypeArguments()[0]) : (Class<?>) p.getRawType();
        }
        return (Class<?>) t;
    }
}
