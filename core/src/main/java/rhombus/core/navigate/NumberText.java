package rhombus.core.navigate;

import rhombus.core.words.Messages;

/** Lengths and other numbers as people read them, with the decimal sign of the language in use. */
public final class NumberText {
    private NumberText() {}

    /** Units in metres, each used from its own length on; beyond them a power of ten of metres is told. */
    private static final double[] UNIT = {1000, 1, 0.01, 1e-3, 1e-6, 1e-9};

    private static final String[] NAME = {" km", " m", " cm", " mm", " µm", " nm"};
    private static final double LONGEST = 1e7;
    private static final double SHORTEST = 1e-9;
    private static final int DIGITS = 4;

    /** A length in metres with four significant digits at most and the unit that suits it. */
    public static String words(double metres) {
        double a = Math.abs(metres);
        if (a == 0) {
            return "0 m";
        }
        if (a >= LONGEST || a < SHORTEST) {
            return digits(metres) + " m";
        }
        int i = 0;
        while (a < UNIT[i]) {
            i++;
        }
        return digits(metres / UNIT[i]) + NAME[i];
    }

    /** A number with four significant digits at most, no zeros at the end, and a power of ten where it would be long. */
    public static String digits(double v) {
        double a = Math.abs(v);
        if (!(a < Double.POSITIVE_INFINITY)) {
            return String.valueOf(v);
        }
        if (a == 0) {
            return "0";
        }
        int power = (int) Math.floor(Math.log10(a));
        // What rounds up to the next power has one digit more before the point.
        if (Math.rint(a / tenTo(power - DIGITS + 1)) >= tenTo(DIGITS)) {
            power++;
        }
        if (power >= 7 || power < -4) {
            return trimmed(fixed(v / tenTo(power), DIGITS - 1)) + " × 10" + raised(power);
        }
        if (power >= DIGITS) {
            double unit = tenTo(power - DIGITS + 1);
            return fixed(Math.rint(v / unit) * unit, 0);
        }
        return trimmed(fixed(v, DIGITS - 1 - power));
    }

    private static double tenTo(int power) {
        double k = 1;
        for (int i = 0; i < Math.abs(power); i++) {
            k *= 10;
        }
        return power < 0 ? 1 / k : k;
    }

    private static String raised(int power) {
        StringBuilder s = new StringBuilder(power < 0 ? "⁻" : "");
        for (char c : String.valueOf(Math.abs(power)).toCharArray()) {
            s.append("⁰¹²³⁴⁵⁶⁷⁸⁹".charAt(c - '0'));
        }
        return s.toString();
    }

    /** Without zeros behind the last decimal that counts. */
    public static String trimmed(String s) {
        int end = s.length();
        if (s.indexOf(Messages.decimalSign()) >= 0) {
            while (s.charAt(end - 1) == '0') {
                end--;
            }
            end -= s.charAt(end - 1) == Messages.decimalSign() ? 1 : 0;
        }
        return s.substring(0, end);
    }

    /** A number with a fixed number of decimals, at most 9, or 15 for numbers under a millionth. */
    public static String fixed(double v, int places) {
        double k = tenTo(places);
        double r = Math.rint(Math.abs(v) * k);
        String sign = v < 0 && r > 0 ? "-" : "";
        double whole = Math.floor(r / k);
        StringBuilder s = new StringBuilder(sign).append(plain(whole));
        if (places > 0) {
            String rest = plain(r - whole * k);
            s.append(Messages.decimalSign());
            for (int i = rest.length(); i < places; i++) {
                s.append('0');
            }
            s.append(rest);
        }
        return s.toString();
    }

    private static String plain(double whole) {
        if (whole < 2e9) {
            return String.valueOf((int) whole);
        }
        double high = Math.floor(whole / 1e9);
        String low = String.valueOf((int) (whole - high * 1e9));
        StringBuilder s = new StringBuilder(plain(high));
        for (int i = low.length(); i < 9; i++) {
            s.append('0');
        }
        return s.append(low).toString();
    }
}
