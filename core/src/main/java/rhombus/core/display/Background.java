package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Locale;

/**
 * What lies behind everything in a viewport.
 *
 * @param kind {@value #GRADIENT} and {@value #PLAIN} in the colours of the theme, {@value #CHALK} as light as paper in any theme, {@value #OWN}
 *     a colour of one's own
 * @param color red, green and blue of one's own colour, sRGB from 0 to 1; null for the others
 */
public record Background(String kind, double[] color) {
    public static final String GRADIENT = "gradient";
    public static final String PLAIN = "plain";
    public static final String CHALK = "chalk";
    public static final String OWN = "own";

    /** The luminance l with (l + 0.05) / 0.05 = 1.05 / (l + 0.05). */
    private static final double EVEN = Math.sqrt(1.05 * 0.05) - 0.05;

    /** The usual one. */
    public static final Background USUAL = new Background(GRADIENT, null);

    /** Those that have a name. */
    public static final List<Background> NAMED =
            List.of(USUAL, new Background(PLAIN, null), new Background(CHALK, null));

    /** From its name, or from a colour as six hexadecimal digits behind a #; null for what is neither. */
    public static Background of(String text) {
        String t = text.toLowerCase(Locale.ROOT);
        for (Background b : NAMED) {
            if (b.kind.equals(t)) {
                return b;
            }
        }
        if (t.length() != 7 || t.charAt(0) != '#') {
            return null;
        }
        double[] c = new double[3];
        for (int i = 0; i < 6; i++) {
            int digit = Character.digit(t.charAt(i + 1), 16);
            if (digit < 0) {
                return null;
            }
            c[i / 2] += digit * (i % 2 == 0 ? 16 : 1) / 255.0;
        }
        return new Background(OWN, c);
    }

    /** Name on the screen. */
    public String words() {
        return switch (kind) {
            case GRADIENT -> say("background.gradient");
            case PLAIN -> say("background.plain");
            case CHALK -> say("background.chalk");
            default -> text();
        };
    }

    /** As {@link #of} reads it. */
    public String text() {
        if (color == null) {
            return kind;
        }
        StringBuilder out = new StringBuilder("#");
        for (double c : color) {
            int byteOf = (int) Math.round(c * 255);
            out.append(Character.forDigit(byteOf / 16, 16)).append(Character.forDigit(byteOf % 16, 16));
        }
        return out.toString();
    }

    /**
     * Whether dark lines stand out from it more than light ones do: from the relative luminance on from which the contrast with black is
     * greater than that with white (WCAG 2.2, contrast ratio). The theme decides where it is the theme's.
     */
    public Boolean light() {
        return color == null ? kind.equals(CHALK) ? Boolean.TRUE : null : (Boolean) (luminance() > EVEN);
    }

    private double luminance() {
        return Srgb.luminance(Srgb.linear(color[0]), Srgb.linear(color[1]), Srgb.linear(color[2]));
    }
}
