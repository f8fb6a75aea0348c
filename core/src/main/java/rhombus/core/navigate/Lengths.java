package rhombus.core.navigate;

/** Lengths as people read them. */
public final class Lengths {
    private Lengths() {}

    /** A length in metres with three significant digits and the unit that suits it. */
    public static String words(double metres) {
        double a = Math.abs(metres);
        if (a >= 1000) {
            return digits(metres / 1000) + " km";
        }
        if (a >= 1 || a == 0) {
            return digits(metres) + " m";
        }
        return a >= 0.01 ? digits(metres * 100) + " cm" : digits(metres * 1000) + " mm";
    }

    /** A number with about three significant digits and no exponent where that is short. */
    public static String digits(double v) {
        double a = Math.abs(v);
        if (a >= 1e7 || a > 0 && a < 1e-4) {
            return String.valueOf(v);
        }
        int places = a >= 100 ? 0 : a >= 10 ? 1 : a >= 1 || a == 0 ? 2 : 3;
        return fixed(v, places);
    }

    /** A number with a fixed number of decimals, at most 9. */
    public static String fixed(double v, int places) {
        double k = 1;
        for (int i = 0; i < places; i++) {
            k *= 10;
        }
        double r = Math.rint(Math.abs(v) * k);
        String sign = v < 0 && r > 0 ? "-" : "";
        double whole = Math.floor(r / k);
        StringBuilder s = new StringBuilder(sign).append(plain(whole));
        if (places > 0) {
            String rest = plain(r - whole * k);
            s.append('.');
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
