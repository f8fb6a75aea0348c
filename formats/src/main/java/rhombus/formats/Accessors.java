package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.UploadLimits;

/** Reads accessors (glTF 2.0, 3.6.2): all component types, normalized ones, strides, sparse ones. */
final class Accessors {
    private static final Map<String, Integer> COMPONENTS =
            Map.of("SCALAR", 1, "VEC2", 2, "VEC3", 3, "VEC4", 4, "MAT2", 4, "MAT3", 9, "MAT4", 16);

    private final List<Object> accessors;
    private final List<Object> views;
    private final Buffers buffers;
    private final UploadLimits limits;
    private final ByteBudget budget;
    private final Map<Integer, byte[]> unpacked = new HashMap<>();

    /** Values that an extension brings for an accessor. */
    private record Filled(ByteBuffer bytes, int count, int type) {}

    private final Map<Integer, Filled> filled = new HashMap<>();

    /** Gives the bytes of a buffer. */
    interface Buffers {
        /** Bytes of buffer {@code i}, little-endian; null where the file brings none. */
        ByteBuffer get(int i);

        /** How many there are. */
        int size();
    }

    Accessors(Map<String, Object> gltf, Buffers buffers, UploadLimits limits, ByteBudget budget) {
        this.accessors = JsonReader.list(gltf, "accessors", "");
        this.views = JsonReader.list(gltf, "bufferViews", "");
        this.buffers = buffers;
        this.limits = limits;
        this.budget = budget;
    }

    /** What is made of accessors is taken from here. */
    ByteBudget budget() {
        return budget;
    }

    int size() {
        return accessors.size();
    }

    /** The sort of number that an accessor says it holds. */
    int componentType(int i) {
        String place = "accessors[" + i + "].componentType";
        int type = (int) JsonReader.whole(accessor(i), "componentType", 0, "accessors[" + i + "]");
        bytes(type, place);
        return type;
    }

    /** An extension brings the values of an accessor, tight and in the type that it says. */
    void fill(int i, int count, byte[] values) {
        fill(i, count, values, componentType(i));
    }

    /** The same of vertex numbers, which come in 32 bits. */
    void fillIndices(int i, int count, byte[] values) {
        fill(i, count, values, 5125);
    }

    /** The count of what was packed holds: packing leaves out triangles without an area, and files tell how many there were. */
    private void fill(int i, int count, byte[] values, int type) {
        String place = "accessors[" + i + "]";
        if (count > limits.elements()) {
            throw new FileProblem(
                    place, "unpacks to " + count + " elements; at most " + limits.elements() + " are accepted");
        }
        budget.take(values.length, place);
        filled.put(i, new Filled(ByteBuffer.wrap(values).order(ByteOrder.LITTLE_ENDIAN), count, type));
    }

    private Map<String, Object> accessor(int i) {
        return JsonReader.map(accessors.get(i), "accessors[" + i + "]");
    }

    int count(int i) {
        if (filled.containsKey(i)) {
            return filled.get(i).count;
        }
        String place = "accessors[" + i + "]";
        long n = JsonReader.whole(accessor(i), "count", -1, place);
        if (n < 1) {
            throw new FileProblem(place + ".count", "must be at least 1");
        }
        if (n > limits.elements()) {
            throw new FileProblem(
                    place + ".count", "claims " + n + " elements; at most " + limits.elements() + " are accepted");
        }
        return (int) n;
    }

    private int components(int i) {
        String type = PlainData.text(accessor(i).get("type"), "");
        Integer c = COMPONENTS.get(type);
        if (c == null) {
            throw new FileProblem(
                    "accessors[" + i + "].type", "\"" + FileProblem.shown(type) + "\" is no accessor type");
        }
        return c;
    }

    private static int bytes(int componentType, String place) {
        return switch (componentType) {
            case 5120, 5121 -> 1;
            case 5122, 5123 -> 2;
            case 5125, 5126 -> 4;
            default -> throw new FileProblem(place, componentType + " is no component type of glTF 2.0");
        };
    }

    /** A bufferView's bytes. */
    ByteBuffer view(int i) {
        String place = "bufferViews[" + i + "]";
        Map<String, Object> v = JsonReader.map(views.get(i), place);
        for (String packing : List.of(MeshoptBuffers.NAME, MeshoptBuffers.LATER)) {
            Object packed = PlainData.map(v.get("extensions")).get(packing);
            if (packed != null) {
                String at = place + ".extensions." + packing;
                byte[] done = unpacked.computeIfAbsent(i, k -> unpack(JsonReader.map(packed, at), at));
                return ByteBuffer.wrap(done).order(ByteOrder.LITTLE_ENDIAN);
            }
        }
        return bytes(v, place);
    }

    private byte[] unpack(Map<String, Object> p, String place) {
        long count = JsonReader.whole(p, "count", -1, place);
        long stride = JsonReader.whole(p, "byteStride", -1, place);
        if (count < 1 || stride < 1 || stride > 256 || count * stride > Integer.MAX_VALUE / 2) {
            throw new FileProblem(place, "has no count and byteStride that a view could have. Export the file again");
        }
        budget.take(count * stride, place);
        ByteBuffer b = bytes(p, place);
        byte[] in = new byte[b.remaining()];
        b.get(in);
        return MeshoptBuffers.unpacked(
                in,
                (int) count,
                (int) stride,
                PlainData.text(p.get("mode"), ""),
                PlainData.text(p.get("filter"), "NONE"),
                place);
    }

    private ByteBuffer bytes(Map<String, Object> v, String place) {
        int buffer = JsonReader.index(v, "buffer", buffers.size(), place);
        if (buffer < 0) {
            throw new FileProblem(place + ".buffer", "is missing");
        }
        long offset = JsonReader.whole(v, "byteOffset", 0, place);
        long length = JsonReader.whole(v, "byteLength", -1, place);
        ByteBuffer b = buffers.get(buffer);
        if (b == null) {
            String packed = JsonReader.firstKey(v.get("extensions"));
            throw new FileProblem(
                    place,
                    packed == null
                            ? "buffers[" + buffer + "] has no uri, and the file has no binary chunk for it"
                            : "is packed with " + packed
                                    + ", which is not read here. Export it without that extension");
        }
        if (length < 1 || offset + length > b.capacity()) {
            throw new FileProblem(
                    place + ".byteLength",
                    "reaches from byte " + offset + " to " + (offset + length) + ", but buffers[" + buffer + "] has "
                            + b.capacity() + " bytes");
        }
        return b.slice((int) offset, (int) length).order(ByteOrder.LITTLE_ENDIAN);
    }

    int viewIndex(Map<String, Object> in, String key, String place) {
        return JsonReader.index(in, key, views.size(), place);
    }

    /** Whether the file itself brings values for the accessor. */
    boolean brought(int i) {
        return filled.containsKey(i)
                || accessor(i).get("bufferView") != null
                || accessor(i).get("sparse") != null;
    }

    /** How many values an element has. */
    int width(int i) {
        return components(i);
    }

    /**
     * Values as floats, {@code width} an element; whole numbers are scaled to -1..1 or 0..1 where they are normalized.
     *
     * @param kept the elements wanted, in rising order, or null for all
     */
    float[] floats(int i, int width, int[] kept) {
        String place = "accessors[" + i + "]";
        Map<String, Object> a = accessor(i);
        int per = components(i);
        if (per != width) {
            throw new FileProblem(place + ".type", "has " + per + " components where " + width + " are needed");
        }
        int count = count(i);
        int n = kept == null ? count : kept.length;
        int type = (int) JsonReader.whole(a, "componentType", 0, place);
        boolean normalized = PlainData.truth(a.get("normalized"), false);
        Filled own = filled.get(i);
        Run run = own == null ? run(a, count, width, type, place) : run(own, width, place);
        // Where there is no view, the claimed number of elements is all there is to go by.
        budget.take(4L * width * (run == null ? count : n), place);
        float[] out = new float[Math.multiplyExact(n, width)];
        if (run != null) {
            for (int e = 0; e < n; e++) {
                for (int k = 0; k < width; k++) {
                    out[e * width + k] = (float) run.number(kept == null ? e : kept[e], k, normalized);
                }
            }
        }
        sparse(a, count, width, type, place, (at, r, e) -> {
            int to = kept == null ? at : Arrays.binarySearch(kept, at);
            for (int k = 0; k < width && to >= 0; k++) {
                out[to * width + k] = (float) r.number(e, k, normalized);
            }
        });
        return out;
    }

    /** Values as whole numbers. */
    int[] ints(int i) {
        String place = "accessors[" + i + "]";
        Map<String, Object> a = accessor(i);
        int type = (int) JsonReader.whole(a, "componentType", 0, place);
        if (components(i) != 1 || !unsigned(type)) {
            throw new FileProblem(place, "must be SCALAR of unsigned bytes, shorts or ints to hold indices");
        }
        int count = count(i);
        Filled own = filled.get(i);
        Run run = own == null ? run(a, count, 1, type, place) : run(own, 1, place);
        budget.take(4L * count, place);
        int[] out = new int[count];
        if (run != null) {
            for (int e = 0; e < count; e++) {
                out[e] = run.index(e, place);
            }
        }
        sparse(a, count, 1, type, place, (at, r, e) -> out[at] = r.index(e, place));
        return out;
    }

    private static Run run(Filled f, int width, String place) {
        return run(f.bytes, 0, (long) bytes(f.type, place) * width, f.count, width, f.type, place);
    }

    private static boolean unsigned(int type) {
        return type == 5121 || type == 5123 || type == 5125;
    }

    private Run run(Map<String, Object> a, int count, int width, int type, String place) {
        int view = JsonReader.index(a, "bufferView", views.size(), place);
        int bytes = bytes(type, place + ".componentType");
        if (view < 0) {
            // Zeros, legal only as the ground of a sparse accessor or for an extension to fill.
            if (a.get("sparse") == null) {
                throw new FileProblem(place + ".bufferView", "is missing");
            }
            return null;
        }
        String viewPlace = "bufferViews[" + view + "]";
        long stride = JsonReader.whole(JsonReader.map(views.get(view), viewPlace), "byteStride", 0, viewPlace);
        // glTF 2.0, 5.11.4: from 4 to 252; and elements that overlap would make much of little.
        if (stride != 0 && (stride < 4 || stride > 252 || stride < (long) bytes * width)) {
            throw new FileProblem(
                    viewPlace + ".byteStride",
                    "is " + stride + "; it must be from 4 to 252 and at least the " + bytes * width
                            + " bytes of one element");
        }
        return run(
                view(view),
                JsonReader.whole(a, "byteOffset", 0, place),
                stride == 0 ? (long) bytes * width : stride,
                count,
                width,
                type,
                place);
    }

    private static Run run(ByteBuffer b, long offset, long stride, int count, int width, int type, String place) {
        long last = offset + (count - 1L) * stride + (long) bytes(type, place) * width;
        if (last > b.capacity()) {
            throw new FileProblem(place, "needs " + last + " bytes, but its bufferView has " + b.capacity());
        }
        return new Run(b, (int) offset, (int) stride, type);
    }

    private interface Put {
        void at(int element, Run run, int from);
    }

    private void sparse(Map<String, Object> a, int count, int width, int type, String place, Put put) {
        if (a.get("sparse") == null) {
            return;
        }
        String p = place + ".sparse";
        Map<String, Object> s = JsonReader.map(a.get("sparse"), p);
        int n = (int) Math.min(JsonReader.whole(s, "count", 0, p), Integer.MAX_VALUE);
        if (n < 1 || n > count) {
            throw new FileProblem(p + ".count", "must be from 1 to " + count);
        }
        Map<String, Object> where = JsonReader.map(s.get("indices"), p + ".indices");
        Map<String, Object> what = JsonReader.map(s.get("values"), p + ".values");
        int indexType = (int) JsonReader.whole(where, "componentType", 0, p + ".indices");
        if (!unsigned(indexType)) {
            throw new FileProblem(
                    p + ".indices.componentType",
                    "is " + indexType + "; indices are unsigned bytes (5121), shorts (5123) or ints (5125)");
        }
        int indexView = viewIndex(where, "bufferView", p + ".indices");
        int valueView = viewIndex(what, "bufferView", p + ".values");
        if (indexView < 0 || valueView < 0) {
            throw new FileProblem(p, "needs a bufferView for its indices and one for its values");
        }
        Run indices = run(
                view(indexView),
                JsonReader.whole(where, "byteOffset", 0, p),
                bytes(indexType, p + ".indices.componentType"),
                n,
                1,
                indexType,
                p + ".indices");
        Run values = run(
                view(valueView),
                JsonReader.whole(what, "byteOffset", 0, p),
                (long) bytes(type, p) * width,
                n,
                width,
                type,
                p + ".values");
        for (int e = 0; e < n; e++) {
            int at = indices.index(e, p + ".indices");
            if (at >= count) {
                throw new FileProblem(p + ".indices", "names element " + at + ", but there are only " + count);
            }
            put.at(at, values, e);
        }
    }

    /** Elements at even distances in memory. */
    private record Run(ByteBuffer b, int offset, int stride, int type) {
        double number(int e, int k, boolean normalized) {
            int at = offset + e * stride;
            return switch (type) {
                case 5120 -> normalized ? Math.max(b.get(at + k) / 127.0, -1) : b.get(at + k);
                case 5121 -> (b.get(at + k) & 0xFF) / (normalized ? 255.0 : 1);
                case 5122 -> normalized ? Math.max(b.getShort(at + k * 2) / 32767.0, -1) : b.getShort(at + k * 2);
                case 5123 -> (b.getShort(at + k * 2) & 0xFFFF) / (normalized ? 65535.0 : 1);
                case 5125 -> (b.getInt(at + k * 4) & 0xFFFFFFFFL) / (normalized ? 4294967295.0 : 1);
                default -> b.getFloat(at + k * 4);
            };
        }

        int index(int e, String place) {
            double v = number(e, 0, false);
            if (v > Integer.MAX_VALUE) {
                throw new FileProblem(place, "holds the index " + (long) v + ", which no mesh can have");
            }
            return (int) v;
        }
    }
}
