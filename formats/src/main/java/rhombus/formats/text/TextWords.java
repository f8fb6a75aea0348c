package rhombus.formats.text;

import rhombus.formats.upload.FileProblem;

/**
 * A text file as lines of words between blanks, read in place so that a large file costs no more than its bytes. A line that
 * ends in a backslash goes on in the next; a word that starts with # ends a line.
 */
public final class TextWords {
    private static final double[] TENS = new double[23];

    static {
        double ten = 1;
        for (int i = 0; i < TENS.length; i++) {
            TENS[i] = ten;
            ten *= 10;
        }
    }

    private final byte[] b;
    private final String file;
    private int at;
    private int from;
    private int to;
    private int line;
    /** Lines that were joined to this one. */
    private int joined;

    private boolean begun;

    /**
     * Text to be read.
     *
     * @param bytes in any of the usual encodings
     * @param file its name, for problems
     */
    public TextWords(byte[] bytes, String file) {
        b = TextEncoding.eightBits(bytes);
        this.file = file;
    }

    /** Goes to the start of the next line; false at the end of the file. */
    public boolean line() {
        if (begun) {
            while (at < b.length && !breaks(b[at])) {
                at++;
            }
            if (at < b.length) {
                at += b[at] == '\r' && at + 1 < b.length && b[at + 1] == '\n' ? 2 : 1;
            }
        }
        begun = true;
        line += 1 + joined;
        joined = 0;
        from = to = at;
        return at < b.length;
    }

    private static boolean breaks(byte c) {
        return c == '\n' || c == '\r';
    }

    private static boolean blank(byte c) {
        return c == ' ' || c == '\t' || c == '\f' || c == 0x0B;
    }

    /** Goes to the next word of the line; false if there is none. */
    public boolean next() {
        while (at < b.length) {
            if (blank(b[at])) {
                at++;
            } else if (b[at] == '\\' && at + 1 < b.length && breaks(b[at + 1])) {
                at += b[at + 1] == '\r' && at + 2 < b.length && b[at + 2] == '\n' ? 3 : 2;
                joined++;
            } else {
                break;
            }
        }
        from = to = at;
        if (at >= b.length || breaks(b[at]) || b[at] == '#') {
            return false;
        }
        while (at < b.length && !blank(b[at]) && !breaks(b[at]) && !continues(at)) {
            at++;
        }
        to = at;
        return true;
    }

    private boolean continues(int i) {
        return b[i] == '\\' && i + 1 < b.length && breaks(b[i + 1]);
    }

    /** Goes back to before the word. */
    public void back() {
        at = to = from;
    }

    /** Whether the word is this one, in small letters or large. */
    public boolean is(String word) {
        if (to - from != word.length()) {
            return false;
        }
        for (int i = 0; i < word.length(); i++) {
            if (Character.toLowerCase((char) (b[from + i] & 0xFF)) != word.charAt(i)) {
                return false;
            }
        }
        return true;
    }

    /** The word as text. */
    public String word() {
        return TextEncoding.text(b, from, to);
    }

    /** What is left of the line after the word, blanks around it taken away. */
    public String rest() {
        int end = at;
        while (end < b.length && !breaks(b[end])) {
            end++;
        }
        int start = at;
        while (start < end && blank(b[start])) {
            start++;
        }
        while (end > start && blank(b[end - 1])) {
            end--;
        }
        return TextEncoding.text(b, start, end);
    }

    /** Whether there are letters alone: no zeros, which binary numbers are full of. */
    public boolean isText() {
        for (byte c : b) {
            if (c == 0) {
                return false;
            }
        }
        return true;
    }

    /** How far the file is read, 0 to 1. */
    public double part() {
        return b.length == 0 ? 1 : (double) at / b.length;
    }

    /** Where the next line starts, counted from the start of the text. */
    public int afterLine() {
        int end = at;
        while (end < b.length && !breaks(b[end])) {
            end++;
        }
        return Math.min(b.length, end + (end + 1 < b.length && b[end] == '\r' && b[end + 1] == '\n' ? 2 : 1));
    }

    /** Where the next byte to be read is, counted from the start of the text. */
    public int offset() {
        return at;
    }

    /** Number of the line, from 1. */
    public int number() {
        return line;
    }

    /** The line as a place. */
    public String place() {
        return FileProblem.shown(file) + " line " + line;
    }

    /** What is wrong in this line. */
    public FileProblem wrong(String detail) {
        return new FileProblem(place(), detail);
    }

    /**
     * The word as a finite number.
     *
     * @throws FileProblem if it is none
     */
    public double real() {
        double d = real(from, to);
        if (!(Math.abs(d) <= Double.MAX_VALUE)) {
            throw wrong("\"" + FileProblem.shown(word()) + "\" is no finite number. Export the file again");
        }
        return d;
    }

    /** The word as a number, which may be infinite, or NaN where it is none. */
    public double realOrNaN() {
        return real(from, to);
    }

    /** Goes to the next word, which must be a finite number. */
    public double nextReal(String what) {
        if (!next()) {
            throw wrong("ends where " + what + " should stand. Export the file again");
        }
        return real();
    }

    /**
     * The word as a whole number.
     *
     * @throws FileProblem if it is none of 32 bits
     */
    public int whole() {
        return whole(from, to);
    }

    /**
     * The whole numbers of a word like 3/1/2 or 3//2; those left out are 0.
     *
     * @return how many were filled in or left out
     */
    public int wholes(int[] into) {
        int n = 0;
        int start = from;
        for (int i = from; i <= to; i++) {
            if (i == to || b[i] == '/') {
                if (n == into.length) {
                    throw wrong("\"" + FileProblem.shown(word()) + "\" has too many numbers");
                }
                into[n++] = i == start ? 0 : whole(start, i);
                start = i + 1;
            }
        }
        return n;
    }

    private int whole(int start, int end) {
        int i = start;
        boolean minus = i < end && b[i] == '-';
        i += minus || i < end && b[i] == '+' ? 1 : 0;
        long v = 0;
        boolean good = i < end && end - i <= 10;
        for (; i < end && good; i++) {
            good = b[i] >= '0' && b[i] <= '9';
            v = v * 10 + b[i] - '0';
        }
        v = minus ? -v : v;
        if (!good || v != (int) v) {
            throw wrong("\"" + FileProblem.shown(TextEncoding.text(b, start, end))
                    + "\" is no whole number. Export the file again");
        }
        return (int) v;
    }

    /**
     * A decimal number, exactly rounded: up to 15 digits and powers of ten up to 22 are exact in a double, so that one
     * operation rounds once (Clinger 1990); the others are left to the library.
     */
    private double real(int start, int end) {
        int i = start;
        boolean minus = i < end && b[i] == '-';
        i += minus || i < end && b[i] == '+' ? 1 : 0;
        long digits = 0;
        int count = 0;
        int scale = 0;
        boolean point = false;
        boolean any = false;
        for (; i < end; i++) {
            byte c = b[i];
            if (c >= '0' && c <= '9') {
                any = true;
                if (count < 18) {
                    digits = digits * 10 + c - '0';
                    count += digits == 0 ? 0 : 1;
                    scale -= point ? 1 : 0;
                } else {
                    return slow(start, end);
                }
            } else if (c == '.' && !point) {
                point = true;
            } else {
                break;
            }
        }
        if (!any) {
            return slow(start, end);
        }
        if (i < end) {
            if (b[i] != 'e' && b[i] != 'E') {
                return Double.NaN;
            }
            boolean down = ++i < end && b[i] == '-';
            i += down || i < end && b[i] == '+' ? 1 : 0;
            int e = 0;
            if (i == end || end - i > 4) {
                return slow(start, end);
            }
            for (; i < end; i++) {
                if (b[i] < '0' || b[i] > '9') {
                    return Double.NaN;
                }
                e = e * 10 + b[i] - '0';
            }
            scale += down ? -e : e;
        }
        if (digits >= 1L << 53 || Math.abs(scale) >= TENS.length) {
            return slow(start, end);
        }
        double d = scale < 0 ? digits / TENS[-scale] : digits * TENS[scale];
        return minus ? -d : d;
    }

    private double slow(int start, int end) {
        String s = TextEncoding.text(b, start, end);
        // The library takes hexadecimal numbers and letters at the end for numbers too.
        if (s.isEmpty() || !s.chars().allMatch(c -> c >= '0' && c <= '9' || "+-.eE".indexOf(c) >= 0)) {
            return s.matches("(?i)[+-]?inf(inity)?") ? Double.POSITIVE_INFINITY : Double.NaN;
        }
        try {
            return Double.parseDouble(s);
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }
}
