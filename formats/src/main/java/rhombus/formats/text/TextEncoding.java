package rhombus.formats.text;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** In what letters a text file is written: formats without a rule of their own come in whatever a program had at hand. */
final class TextEncoding {
    /** Of so many bytes at the start the zeros tell 16-bit letters. */
    private static final int LOOKED_AT = 64;

    private TextEncoding() {}

    /** The text with letters of eight bits, without a byte order mark; 16-bit letters become UTF-8. */
    static byte[] eightBits(byte[] b) {
        if (starts(b, 0xEF, 0xBB, 0xBF)) {
            return Arrays.copyOfRange(b, 3, b.length);
        }
        Charset wide = wide(b);
        if (wide == null) {
            return b;
        }
        int skip = starts(b, 0xFE, 0xFF) || starts(b, 0xFF, 0xFE) ? 2 : 0;
        return new String(b, skip, b.length - skip, wide).getBytes(StandardCharsets.UTF_8);
    }

    private static Charset wide(byte[] b) {
        if (starts(b, 0xFE, 0xFF)) {
            return StandardCharsets.UTF_16BE;
        }
        if (starts(b, 0xFF, 0xFE)) {
            return StandardCharsets.UTF_16LE;
        }
        int even = 0;
        int odd = 0;
        int n = Math.min(b.length, LOOKED_AT) / 2 * 2;
        for (int i = 0; i < n; i += 2) {
            even += b[i] == 0 ? 1 : 0;
            odd += b[i + 1] == 0 ? 1 : 0;
        }
        // Plain letters have a zero in one half and never in the other.
        boolean most = n >= 8 && Math.max(even, odd) > n / 2 * 3 / 4 && Math.min(even, odd) == 0;
        return !most ? null : even > odd ? StandardCharsets.UTF_16BE : StandardCharsets.UTF_16LE;
    }

    private static boolean starts(byte[] b, int... with) {
        for (int i = 0; i < with.length; i++) {
            if (i >= b.length || (b[i] & 0xFF) != with[i]) {
                return false;
            }
        }
        return true;
    }

    /** A piece of text: UTF-8 where it is that, else one letter a byte as in ISO 8859-1. */
    static String text(byte[] b, int from, int to) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(b, from, to - from))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(b, from, to - from, StandardCharsets.ISO_8859_1);
        }
    }
}
