package rhombus.formats;

import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.formats.upload.FileProblem;

/** Strict reading of a document's values: what is there must be right, and the place is named when it is not. */
final class JsonReader {
    private JsonReader() {}

    static List<Object> list(Map<String, Object> in, String key, String place) {
        Object o = in.get(key);
        if (o == null) {
            return List.of();
        }
        if (!(o instanceof List)) {
            throw new FileProblem(join(place, key), "must be a list");
        }
        return PlainData.list(o);
    }

    static Map<String, Object> map(Object o, String place) {
        if (!(o instanceof Map)) {
            throw new FileProblem(place, "must be an object");
        }
        return PlainData.map(o);
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
            throw new FileProblem(join(place, key), "must be a whole number that is not negative");
        }
        return (long) d;
    }

    /** Index into a list of {@code size}, or -1 where absent. */
    static int index(Map<String, Object> in, String key, int size, String place) {
        long i = whole(in, key, -1, place);
        if (i >= size) {
            throw new FileProblem(join(place, key), "names number " + i + ", but there are only " + size);
        }
        return (int) i;
    }

    static int index(Object o, int size, String place) {
        double d = o instanceof Number n ? n.doubleValue() : -1;
        if (d != Math.rint(d) || d < 0 || d >= size) {
            throw new FileProblem(place, "names number " + FileProblem.shown(o) + ", but there are only " + size);
        }
        return (int) d;
    }

    static double[] numbers(Map<String, Object> in, String key, int length, String place) {
        if (in.get(key) == null) {
            return null;
        }
        double[] d = PlainData.numbers(in.get(key), length);
        if (d == null) {
            throw new FileProblem(join(place, key), "must be " + length + " finite numbers");
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
            throw new FileProblem(
                    join(place, key),
                    "is " + FileProblem.shown(o) + "; it must be a number "
                            + (zero ? "that is not negative" : "greater than 0"));
        }
        return d;
    }

    /** The first name in an object, or null. */
    static String firstKey(Object o) {
        return PlainData.map(o).keySet().stream()
                .findFirst()
                .map(FileProblem::shown)
                .orElse(null);
    }

    static String join(String place, String key) {
        return place.isEmpty() ? key : place + "." + key;
    }
}
