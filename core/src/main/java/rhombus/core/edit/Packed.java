package rhombus.core.edit;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Base64;

/** Numbers as text, bit for bit: eight bytes each, the lowest first, in base64 (RFC 4648). */
final class Packed {
    private Packed() {}

    static String text(double[] numbers) {
        ByteBuffer b = ByteBuffer.allocate(numbers.length * 8).order(ByteOrder.LITTLE_ENDIAN);
        for (double d : numbers) {
            b.putLong(Double.doubleToLongBits(d));
        }
        return Base64.getEncoder().encodeToString(b.array());
    }

    /**
     * The numbers of a text.
     *
     * @throws IllegalArgumentException unless they are {@code count} finite numbers
     */
    static double[] numbers(String text, int count) {
        byte[] bytes = Base64.getDecoder().decode(text);
        if (bytes.length != count * 8L) {
            throw new IllegalArgumentException("packed numbers are missing");
        }
        ByteBuffer b = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        double[] out = new double[count];
        for (int i = 0; i < count; i++) {
            out[i] = Double.longBitsToDouble(b.getLong());
            if (!(Math.abs(out[i]) < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException("a packed number is none");
            }
        }
        return out;
    }
}
