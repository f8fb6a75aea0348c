package rhombus.web;

import org.teavm.jso.typedarrays.ArrayBuffer;
import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Int32Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.core.scene.BinaryArrays;

/** Views on a fetched file, sharing its memory. */
final class JsArrays implements BinaryArrays {
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
}
