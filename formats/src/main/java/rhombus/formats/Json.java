package rhombus.formats;

import java.util.List;
import java.util.Map;
import rhombus.core.plain.Plain;
import rhombus.formats.upload.Problem;

/** Strict reading of a document's values: what is there must be right, and the place is named when it is not. */
final class Json {
    private Json() {}

    static List<Object> list(Map<String, Object> in, String key, String place) {
        Object o = in.get(key);
        if (o == null) {
            return List.of();
        }
        if (!(o instanceof List)) {
            throw new Problem(join(place, key), "must be a list");
        }
        return Plain.list(o);
    }

    static Map<String, Object> map(Object o, String place) {
        if (!(o instanceof Map)) {
            throw new Problem(place, "must be an object");
        }
        return Plain.map(o);
    }

    static Map<String, Object> mapIn(Map<String, Object> in, String key, String place) {
        return in.get(key) == null ? Map.of() : map(in.get(key), join(place, key));
    }

    static long whole(Map<String, Object> in, String key, long otherwise, String place) {
        Object o = in.get(key);
        if (o == null) {
            return otherwise;
        }
        double d = o instanceof Number n ? n.doubleValue() : Double.NaN;
        if (d != Math.rint(d) || d < 0 || d > 1L << 53) {
            throw new Problem(join(place, key), "must be a whole number that is not negative");
        }
        return (long) d;
    }

    /** Index into a list of {@code size}, or -1 where absent. */
    static int index(Map<String, Object> in, String key, int size, String place) {
        long i = whole(in, key, -1, place);
        if (i >= size) {
            throw new Problem(join(place, key), "names number " + i + ", but there are only " + size);
        }
        return (int) i;
    }

    static int index(Object o, int size, String place) {
        double d = o instanceof Number n ? n.doubleValue() : -1;
        if (d != Math.rint(d) || d < 0 || d >= size) {
            throw new Problem(place, "names number " + Problem.shown(o) + ", but there are only " + size);
        }
        return (int) d;
    }

    static double[] numbers(Map<String, Object> in, String key, int length, String place) {
        if (in.get(key) == null) {
            return null;
        }
        double[] d = Plain.numbers(in.get(key), length);
        if (d == null) {
            throw new Problem(join(place, key), "must be " + length + " finite numbers");
        }
        return d;
    }

    /** A finite number over zero, or also zero itself where that is allowed; null where absent. */
    static Double positive(Map<String, Object> in, String key, String place, boolean zero) {
        Object o = in.get(key);
        if (o == null) {
            return null;
        }
        double d = o instanceof Number n ? n.doubleValue() : Double.NaN;
        if (!(d < Double.POSITIVE_INFINITY) || d < 0 || d == 0 && !zero) {
            throw new Problem(
                    join(place, key),
                    "is " + Problem.shown(o) + "; it must be a number "
                            + (zero ? "that is not negative" : "greater than 0"));
        }
        return d;
    }

    /** The first name in an object, or null. */
    static String firstKey(Object o) {
        return Plain.map(o).keySet().stream().findFirst().map(Problem::shown).orElse(null);
    }

    static String join(String place, String key) {
        return place.isEmpty() ? key : place + "." + key;
    }
}
