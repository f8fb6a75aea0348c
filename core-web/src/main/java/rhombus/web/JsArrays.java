package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.ArrayBuffer;
import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int16Array;
import org.teavm.jso.typedarrays.Int32Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.core.scene.BinaryArrays;
import rhombus.core.scene.GlbBytes;

/** Arrays of a fetched file, and arrays of the core as typed arrays; each shares the memory of what it is made of. */
final class JsArrays implements GlbBytes {
    private final ArrayBuffer buffer;
    private final int start;

    JsArrays(ArrayBuffer buffer, int start) {
        this.buffer = buffer;
        this.start = start;
    }

    @Override
    public float[] floats(int byteOffset, int count) {
        return new Float32Array(buffer, start + byteOffset, count).toJavaArray();
    }

    @Override
    public int[] ints(int byteOffset, int count) {
        return new Int32Array(buffer, start + byteOffset, count).toJavaArray();
    }

    @Override
    public byte[] bytes(int byteOffset, int count) {
        return new Int8Array(buffer, start + byteOffset, count).toJavaArray();
    }

    @Override
    public Map<String, Object> json(int byteOffset, int count) {
        return JsPlain.map(parse(buffer, start + byteOffset, count));
    }

    @Override
    public BinaryArrays from(int byteOffset) {
        return new JsArrays(buffer, start + byteOffset);
    }

    static Float32Array of(float[] a) {
        return a == null ? null : Float32Array.fromJavaArray(a);
    }

    static Float64Array of(double[] a) {
        return a == null ? null : Float64Array.fromJavaArray(a);
    }

    static Int32Array of(int[] a) {
        return a == null ? null : Int32Array.fromJavaArray(a);
    }

    static Int16Array of(short[] a) {
        return a == null ? null : Int16Array.fromJavaArray(a);
    }

    static Int8Array of(byte[] a) {
        return a == null ? null : Int8Array.fromJavaArray(a);
    }

    @JSBody(
            params = {"b", "at", "n"},
            script = "return JSON.parse(new TextDecoder().decode(new Uint8Array(b, at, n)));")
    private static native JSObject parse(ArrayBuffer b, int at, int n);
}
