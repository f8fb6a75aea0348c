package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.Base64;

/** Numbers as text, bit for bit: eight bytes each, the lowest first, in base64 (RFC 4648). */
final class PackedNumbers {
    private PackedNumbers() {}

    static String text(double[] numbers) {
        byte[] bytes = new byte[numbers.length * 8];
        for (int i = 0; i < numbers.length; i++) {
            long bits = Double.doubleToLongBits(numbers[i]);
            put((int) bits, bytes, i * 8);
            put((int) (bits >>> 32), bytes, i * 8 + 4);
        }
        return Base64.getEncoder().encodeToString(bytes);
    }

    /**
     * The numbers of a text.
     *
     * @throws IllegalArgumentException unless they are {@code count} finite numbers
     */
    static double[] numbers(String text, int count) {
        byte[] bytes = Base64.getDecoder().decode(text);
        if (bytes.length != count * 8L) {
            throw new IllegalArgumentException(say("packed.packed-numbers-are-missing"));
        }
        double[] out = new double[count];
        for (int i = 0; i < count; i++) {
            out[i] = Double.longBitsToDouble(get(bytes, i * 8) & 0xFFFFFFFFL | (long) get(bytes, i * 8 + 4) << 32);
            if (!(Math.abs(out[i]) < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException(say("packed.a-packed-number-is-none"));
            }
        }
        return out;
    }

    private static void put(int half, byte[] to, int at) {
        for (int k = 0; k < 4; k++) {
            to[at + k] = (byte) (half >>> 8 * k);
        }
    }

    private static int get(byte[] from, int at) {
        int half = 0;
        for (int k = 0; k < 4; k++) {
            half |= (from[at + k] & 0xFF) << 8 * k;
        }
        return half;
    }
}
