package rhombus.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** Builds small GLB files for tests, right by default, wrong where a test makes them so. */
public final class Sample {
    private final ByteBuffer bin = ByteBuffer.allocate(1 << 16).order(ByteOrder.LITTLE_ENDIAN);
    private final List<String> views = new ArrayList<>();
    private final List<String> accessors = new ArrayList<>();
    String primitive = "{\"attributes\":{\"POSITION\":0},\"indices\":1}";
    String nodes = "[{\"name\":\"Thing\",\"mesh\":0}]";
    String roots = "[0]";
    String more = "";
    String moreBuffers = "";

    /** One triangle with corners at 0 0 0, 1 0 0, 0 1 0. */
    public static Sample triangle() {
        Sample s = new Sample();
        s.floats("VEC3", 0, 0, 0, 1, 0, 0, 0, 1, 0);
        s.shorts(0, 1, 2);
        return s;
    }

    int view(byte[] bytes) {
        while (bin.position() % 4 != 0) {
            bin.put((byte) 0);
        }
        views.add("{\"buffer\":0,\"byteOffset\":" + bin.position() + ",\"byteLength\":" + bytes.length + "}");
        bin.put(bytes);
        return views.size() - 1;
    }

    int accessor(String json) {
        accessors.add(json);
        return accessors.size() - 1;
    }

    int floats(String type, double... v) {
        ByteBuffer b = ByteBuffer.allocate(v.length * 4).order(ByteOrder.LITTLE_ENDIAN);
        for (double d : v) {
            b.putFloat((float) d);
        }
        int width = type.equals("SCALAR") ? 1 : type.charAt(3) - '0';
        return accessor("{\"bufferView\":" + view(b.array()) + ",\"componentType\":5126,\"count\":" + v.length / width
                + ",\"type\":\"" + type + "\"}");
    }

    int shorts(int... v) {
        ByteBuffer b = ByteBuffer.allocate(v.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        for (int i : v) {
            b.putShort((short) i);
        }
        return accessor("{\"bufferView\":" + view(b.array()) + ",\"componentType\":5123,\"count\":" + v.length
                + ",\"type\":\"SCALAR\"}");
    }

    /** Changes an accessor's text. */
    Sample edit(int accessor, String from, String to) {
        accessors.set(accessor, accessors.get(accessor).replace(from, to));
        return this;
    }

    /** Where in the buffer a view starts. */
    int offset(int view) {
        return Integer.parseInt(views.get(view).replaceAll(".*\"byteOffset\":(\\d+).*", "$1"));
    }

    /** Changes a buffer view's text. */
    Sample editView(int view, String from, String to) {
        views.set(view, views.get(view).replace(from, to));
        return this;
    }

    /** Adds a buffer view as it is. */
    void rawView(String json) {
        views.add(json);
    }

    public String json() {
        return "{\"asset\":{\"version\":\"2.0\"},\"scene\":0,\"scenes\":[{\"nodes\":" + roots + "}],\"nodes\":" + nodes
                + ",\"meshes\":[{\"primitives\":[" + primitive + "]}],\"accessors\":[" + String.join(",", accessors)
                + "],\"bufferViews\":[" + String.join(",", views) + "],\"buffers\":[{\"byteLength\":" + bin.position()
                + "}" + moreBuffers + "]" + more + "}";
    }

    public byte[] glb() {
        byte[] b = new byte[bin.position()];
        bin.get(0, b);
        return NormalWriter.container(json().getBytes(StandardCharsets.UTF_8), b);
    }
}
