package rhombus.core.edit;

/** Numbers as text, bit for bit: eight bytes each, the lowest first, in base64 (RFC 4648). */
final class Packed {
    private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";

    private Packed() {}

    static String text(double[] numbers) {
        int bytes = numbers.length * 8;
        StringBuilder out = new StringBuilder((bytes + 2) / 3 * 4);
        int held = 0;
        int bits = 0;
        for (double d : numbers) {
            long v = Double.doubleToLongBits(d);
            int[] halves = {(int) v, (int) (v >>> 32)};
            for (int k = 0; k < 8; k++) {
                held = held << 8 | halves[k / 4] >>> k % 4 * 8 & 0xFF;
                bits += 8;
                while (bits >= 6) {
                    bits -= 6;
                    out.append(LETTERS.charAt(held >>> bits & 63));
                }
                held &= (1 << bits) - 1;
            }
        }
        if (bits > 0) {
            out.append(LETTERS.charAt(held << 6 - bits & 63));
        }
        while (out.length() % 4 != 0) {
            out.append('=');
        }
        return out.toString();
    }

    /**
     * The numbers of a text.
     *
     * @throws IllegalArgumentException unless they are {@code count} finite numbers
     */
    static double[] numbers(String text, int count) {
        int letters = text.length();
        while (letters > 0 && text.charAt(letters - 1) == '=') {
            letters--;
        }
        if ((long) letters * 6 / 8 != count * 8L) {
            throw new IllegalArgumentException("packed numbers are missing");
        }
        double[] out = new double[count];
        int held = 0;
        int bits = 0;
        int at = 0;
        int[] halves = new int[2];
        int have = 0;
        for (int i = 0; i < letters; i++) {
            int v = value(text.charAt(i));
            held = held << 6 | v;
            bits += 6;
            if (bits >= 8) {
                bits -= 8;
                int b = held >>> bits & 0xFF;
                held &= (1 << bits) - 1;
                halves[have / 4] |= b << have % 4 * 8;
                if (++have == 8) {
                    out[at] = Double.longBitsToDouble(halves[0] & 0xFFFFFFFFL | (long) halves[1] << 32);
                    if (!(Math.abs(out[at]) < Double.POSITIVE_INFINITY)) {
                        throw new IllegalArgumentException("a packed number is none");
                    }
                    at++;
                    have = 0;
                    halves[0] = 0;
                    halves[1] = 0;
                }
            }
        }
        return out;
    }

    private static int value(char c) {
        if (c >= 'A' && c <= 'Z') {
            return c - 'A';
        }
        if (c >= 'a' && c <= 'z') {
            return c - 'a' + 26;
        }
        if (c >= '0' && c <= '9') {
            return c - '0' + 52;
        }
        if (c == '+' || c == '/') {
            return c == '+' ? 62 : 63;
        }
        throw new IllegalArgumentException("packed numbers hold the sign " + c);
    }
}
