package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.words.Messages;

/**
 * A typed number: arithmetic with + - * / and parentheses, and units behind numbers. A length without a unit is in the
 * user's own unit; {@code 5 ft 3 in} and {@code 5' 3"} add up. The inch is 25.4 mm and the foot 12 inches, exactly, as
 * follows from the international yard of 0.9144 m (1959).
 */
public final class Quantity {
    /** Metres in a unit of length. */
    public static final Map<String, Double> LENGTHS = Map.ofEntries(
            Map.entry("mm", 0.001),
            Map.entry("cm", 0.01),
            Map.entry("m", 1.0),
            Map.entry("km", 1000.0),
            Map.entry("in", 0.0254),
            Map.entry("\"", 0.0254),
            Map.entry("ft", 0.3048),
            Map.entry("'", 0.3048),
            Map.entry("yd", 0.9144));
    /** Radians in a unit of angle. */
    public static final Map<String, Double> ANGLES =
            Map.of("°", Math.PI / 180, "deg", Math.PI / 180, "rad", 1.0, "turn", 2 * Math.PI);

    private static final Map<String, Double> NONE = Map.of("%", 0.01);
    /** Parentheses that may lie in one another. */
    private static final int DEEPEST = 50;

    private final String text;
    private final Map<String, Double> units;
    private final double usual;
    private int at;
    private int depth;

    private Quantity(String text, Map<String, Double> units, double usual) {
        this.text = text;
        this.units = units;
        this.usual = usual;
    }

    /** A value, and whether it carries a unit already. */
    private record Value(double number, boolean measured) {}

    /**
     * A length in metres.
     *
     * @param unit one of {@link #LENGTHS}, for numbers without one
     * @throws IllegalArgumentException in words if the text is no length
     */
    public static double length(String text, String unit) {
        return new Quantity(text, LENGTHS, LENGTHS.getOrDefault(unit, 1.0)).read();
    }

    /**
     * An angle in radians; a number without a unit is in degrees.
     *
     * @throws IllegalArgumentException in words if the text is no angle
     */
    public static double angle(String text) {
        return new Quantity(text, ANGLES, Math.PI / 180).read();
    }

    /**
     * A number without a unit; {@code %} divides by a hundred.
     *
     * @throws IllegalArgumentException in words if the text is no number
     */
    public static double number(String text) {
        return new Quantity(text, NONE, 1).read();
    }

    private double read() {
        Value v = sum();
        skip();
        if (at < text.length()) {
            throw wrong();
        }
        double d = measured(v);
        if (!Double.isFinite(d)) {
            throw new IllegalArgumentException(say("quantity.has-no-finite-value", text.trim()));
        }
        return d;
    }

    private IllegalArgumentException wrong() {
        String rest = at < text.length() ? "“" + text.substring(at).trim() + "”" : say("quantity.its-end");
        return new IllegalArgumentException(say("quantity.cannot-be-read-at", text.trim(), rest));
    }

    private double measured(Value v) {
        return v.measured ? v.number : v.number * usual;
    }

    private void skip() {
        while (at < text.length()
                && (text.charAt(at) == ' ' || text.charAt(at) == '\u00A0' || text.charAt(at) == '\t')) {
            at++;
        }
    }

    private char peek() {
        skip();
        return at < text.length() ? text.charAt(at) : 0;
    }

    private Value sum() {
        Value v = product();
        for (char c = peek(); c == '+' || c == '-' || c == '−'; c = peek()) {
            at++;
            Value w = product();
            double k = c == '+' ? 1 : -1;
            v = v.measured || w.measured
                    ? new Value(measured(v) + k * measured(w), true)
                    : new Value(v.number + k * w.number, false);
        }
        return v;
    }

    private Value product() {
        Value v = signed();
        for (char c = peek(); c == '*' || c == '/' || c == '×'; c = peek()) {
            at++;
            Value w = signed();
            if (c == '/') {
                if (w.measured && !v.measured) {
                    throw new IllegalArgumentException(say("quantity.divides-by-a-measured-number", text.trim()));
                }
                v = new Value(v.number / w.number, v.measured && !w.measured);
            } else {
                if (v.measured && w.measured) {
                    throw new IllegalArgumentException(say("quantity.multiplies-two-measured-numbers", text.trim()));
                }
                v = new Value(v.number * w.number, v.measured || w.measured);
            }
        }
        return v;
    }

    private Value signed() {
        char c = peek();
        if (c == '-' || c == '−' || c == '+') {
            at++;
            if (++depth > DEEPEST) {
                throw wrong();
            }
            Value v = signed();
            depth--;
            return c == '+' ? v : new Value(-v.number, v.measured);
        }
        return measure();
    }

    /** A number or parenthesis with its unit; measured numbers side by side add up. */
    private Value measure() {
        Value v = one();
        while (v.measured && (digit(peek()) || peek() == '.')) {
            Value w = one();
            v = new Value(v.number + measured(w), true);
        }
        return v;
    }

    private Value one() {
        Value v;
        if (peek() == '(') {
            at++;
            if (++depth > DEEPEST) {
                throw wrong();
            }
            v = sum();
            depth--;
            if (peek() != ')') {
                throw wrong();
            }
            at++;
        } else {
            v = new Value(digits(), false);
        }
        Double unit = unit();
        if (unit != null) {
            if (v.measured) {
                throw new IllegalArgumentException(say("quantity.has-a-unit-too-many", text.trim()));
            }
            v = new Value(v.number * unit, true);
        }
        return v;
    }

    private double digits() {
        skip();
        int from = at;
        while (at < text.length() && (digit(text.charAt(at)) || text.charAt(at) == '.' || text.charAt(at) == ',')) {
            at++;
        }
        if (at > from && at + 1 < text.length() && (text.charAt(at) == 'e' || text.charAt(at) == 'E')) {
            int sign = text.charAt(at + 1) == '-' || text.charAt(at + 1) == '+' ? 1 : 0;
            if (at + 1 + sign < text.length() && digit(text.charAt(at + 1 + sign))) {
                at += 1 + sign;
                while (at < text.length() && digit(text.charAt(at))) {
                    at++;
                }
            }
        }
        try {
            String number = text.substring(from, at);
            return Double.parseDouble(grouped(number) ? ungrouped(number) : number.replace(',', '.'));
        } catch (NumberFormatException e) {
            at = from;
            throw wrong();
        }
    }

    /**
     * The first number in a text whose digits are grouped by thousands as the language in use does it, with the number it is
     * read as; null where there is none. In English 1,234 is more than a thousand, in German a little more than one.
     */
    public static String[] thousands(String text) {
        int at = 0;
        while (at < text.length()) {
            int from = at;
            while (at < text.length() && (digit(text.charAt(at)) || text.charAt(at) == '.' || text.charAt(at) == ',')) {
                at++;
            }
            String number = text.substring(from, at);
            if (grouped(number)) {
                return new String[] {number, ungrouped(number)};
            }
            at = Math.max(at, from + 1);
        }
        return null;
    }

    private static String ungrouped(String number) {
        char sign = Messages.decimalSign();
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < number.length(); i++) {
            char c = number.charAt(i);
            if (digit(c) || c == sign) {
                s.append(c == sign ? '.' : c);
            }
        }
        return s.toString();
    }

    /** One to three digits, of which the first is not 0, then groups of a separator that is no decimal sign and three digits. */
    private static boolean grouped(String number) {
        char sign = Messages.decimalSign();
        char separator = sign == '.' ? ',' : '.';
        int end = number.indexOf(sign) < 0 ? number.length() : number.indexOf(sign);
        int first = number.indexOf(separator);
        if (first < 1 || first > 3 || first >= end || number.charAt(0) == '0' || (end - first) % 4 != 0) {
            return false;
        }
        for (int i = 0; i < number.length(); i++) {
            boolean between = i >= first && i < end && (i - first) % 4 == 0;
            boolean fits = between ? number.charAt(i) == separator : digit(number.charAt(i)) || i == end;
            if (!fits) {
                return false;
            }
        }
        return true;
    }

    private static boolean digit(char c) {
        return c >= '0' && c <= '9';
    }

    private static boolean letter(char c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
    }

    private Double unit() {
        skip();
        int from = at;
        while (at < text.length() && (letter(text.charAt(at)) || "\"'°%".indexOf(text.charAt(at)) >= 0)) {
            at++;
            if (!letter(text.charAt(at - 1))) {
                break;
            }
        }
        if (at == from) {
            return null;
        }
        Double unit = units.get(text.substring(from, at).toLowerCase());
        if (unit == null) {
            at = from;
            throw wrong();
        }
        return unit;
    }
}
