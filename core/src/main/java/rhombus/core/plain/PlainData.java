package rhombus.core.plain;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads plain data that somebody else wrote: a value of the wrong sort counts as absent. */
public final class PlainData {
    private static final int LONGEST_TOLD = 40;

    private PlainData() {}

    /** A new ordered map of the given keys and values in turn; null values are left out. */
    public static Map<String, Object> map(Object... keysAndValues) {
        Map<String, Object> m = new LinkedHashMap<>();
        for (int i = 0; i < keysAndValues.length; i += 2) {
            if (keysAndValues[i + 1] != null) {
                m.put((String) keysAndValues[i], keysAndValues[i + 1]);
            }
        }
        return m;
    }

    /** A value as it is told to people: a number without needless decimals, text in quotes, else of what kind it is. */
    public static String told(Object value) {
        if (value instanceof Number n) {
            double d = n.doubleValue();
            return d == Math.rint(d) && Math.abs(d) < 1e15 ? String.valueOf((long) d) : String.valueOf(d);
        }
        if (value instanceof String s) {
            return '"' + (s.length() > LONGEST_TOLD ? s.substring(0, LONGEST_TOLD) + "…" : s) + '"';
        }
        return value instanceof Boolean
                ? value.toString()
                : say(value == null ? "plain.nothing" : value instanceof List<?> ? "plain.a-list" : "plain.an-object");
    }

    /** The value as a map, or an empty one. */
    @SuppressWarnings("unchecked")
    public static Map<String, Object> map(Object value) {
        return value instanceof Map<?, ?> m ? (Map<String, Object>) m : Map.of();
    }

    /** The value as a list, or an empty one. */
    @SuppressWarnings("unchecked")
    public static List<Object> list(Object value) {
        return value instanceof List<?> l ? (List<Object>) l : List.of();
    }

    /** The value as text, or {@code otherwise}. */
    public static String text(Object value, String otherwise) {
        return value instanceof String s ? s : otherwise;
    }

    /** The value as a finite number, or {@code otherwise}. */
    public static double number(Object value, double otherwise) {
        return value instanceof Number n && Double.isFinite(n.doubleValue()) ? n.doubleValue() : otherwise;
    }

    /** The value as a whole number, or {@code otherwise}. */
    public static int whole(Object value, int otherwise) {
        double d = number(value, otherwise);
        return d >= Integer.MIN_VALUE && d <= Integer.MAX_VALUE ? (int) d : otherwise;
    }

    /** The value as yes or no, or {@code otherwise}. */
    public static boolean truth(Object value, boolean otherwise) {
        return value instanceof Boolean b ? b : otherwise;
    }

    /** A list of numbers of exactly {@code length} finite entries, or null. */
    public static double[] numbers(Object value, int length) {
        List<Object> l = list(value);
        if (l.size() != length) {
            return null;
        }
        double[] d = new double[length];
        for (int i = 0; i < length; i++) {
            d[i] = number(l.get(i), Double.NaN);
            if (Double.isNaN(d[i])) {
                return null;
            }
        }
        return d;
    }

    /** The numbers as a list. */
    public static List<Object> list(double... numbers) {
        List<Object> l = new ArrayList<>(numbers.length);
        for (double d : numbers) {
            l.add(d);
        }
        return l;
    }
}
