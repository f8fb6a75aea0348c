package rhombus.core.table;

import java.util.List;
import rhombus.core.navigate.NumberText;
import rhombus.core.words.Messages;

/** Comma-separated values (RFC 4180). */
final class Csv {
    private static final String END = "\r\n";
    private static final int PLACES = 6;

    private final StringBuilder out = new StringBuilder();

    /** A line of numbers and text; null is an empty cell. */
    Csv line(List<?> cells) {
        for (int i = 0; i < cells.size(); i++) {
            Object c = cells.get(i);
            out.append(i == 0 ? "" : ",")
                    .append(c == null ? "" : c instanceof Double d ? number(d) : text(String.valueOf(c)));
        }
        out.append(END);
        return this;
    }

    /** A number with six decimals at most. */
    private static String number(double v) {
        String text = Math.abs(v) < 1e15 ? NumberText.trimmed(NumberText.fixed(v, PLACES)) : NumberText.digits(v);
        // Files are the same in every language.
        return text.replace(Messages.decimalSign(), '.');
    }

    /** In quotes, so that commas and lines in it are its own; a formula of a spreadsheet is kept from being one. */
    private static String text(String s) {
        boolean plain = s.matches("[a-z][a-z0-9 -]*");
        boolean formula = !s.isEmpty() && "=+-@\t\r".indexOf(s.charAt(0)) >= 0;
        return plain || s.isEmpty() ? s : '"' + (formula ? "'" : "") + s.replace("\"", "\"\"") + '"';
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
