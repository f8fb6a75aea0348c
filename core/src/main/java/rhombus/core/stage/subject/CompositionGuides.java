package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.edit.Quantity;
import rhombus.core.navigate.NumberText;
import rhombus.core.words.Messages;

/** Own guides of the final picture as they are typed: places one after the other, in percent or in pixels. */
public final class CompositionGuides {
    private static final int MOST = 20;

    private CompositionGuides() {}

    /** Places as they are shown for typing. */
    public static String words(List<Double> parts) {
        List<String> out = new ArrayList<>();
        for (double p : parts) {
            out.add(NumberText.trimmed(NumberText.fixed(p * 100, 4)) + "%");
        }
        return String.join(" ", out);
    }

    /**
     * Reads places.
     *
     * @param text such as {@code 25% 50% 1200 px}; a number alone is a percentage
     * @param pixels of the picture in that direction
     * @return parts of the picture, 0 to 1, in order
     * @throws IllegalArgumentException in words
     */
    public static List<Double> read(String text, int pixels) {
        List<Double> out = new ArrayList<>();
        // Between two digits a comma is a decimal sign where the language has it so.
        String commas = Messages.decimalSign() == ',' ? ",(?!\\d)|(?<!\\d)," : ",";
        String spaced = text.replace(';', ' ').replaceAll(commas, " ").replaceAll("\\s*(px|%)", "$1");
        for (String one : spaced.strip().split("\\s+")) {
            if (one.isEmpty()) {
                continue;
            }
            boolean px = one.endsWith("px");
            String number = px ? one.substring(0, one.length() - 2) : one.replace("%", "");
            double v = Quantity.number(number) / (px ? pixels : 100);
            if (!(v >= 0 && v <= 1)) {
                throw new IllegalArgumentException(say("guides.a-guide-lies-within-the", pixels));
            }
            out.add(v);
        }
        if (out.size() > MOST) {
            throw new IllegalArgumentException(say("guides.there-are-at-most-guides", MOST));
        }
        out.sort(null);
        return out;
    }
}
