package rhombus.core.words;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * All words of the core, in one language at a time. A message file has <code>name=text</code> in each line, and lines
 * that begin with <code>#</code>; in a text <code>{0}</code> stands for the first value, and <code>{0|object|objects}</code>
 * for the first form where the first value is 1, and for the second where it is not.
 *
 * <p>Where there are files beside the classes English is there from the beginning. A page has none and says with {@link
 * #use} what to speak before anything else of the core is touched: many words are looked up once, when a class is first
 * used.
 */
public final class Messages {
    /** What numbers have before their decimals, in the language in use. */
    private static final String DECIMAL_SIGN = "number.decimal-sign";

    /** There where names of things are written with small letters within a sentence. */
    private static final String SMALL = "words.small-within-a-sentence";

    private static Map<String, String> texts = new HashMap<>();
    private static char decimalSign = '.';

    static {
        speakEnglish();
    }

    private Messages() {}

    /** Speaks English, where there are files beside the classes. */
    public static void speakEnglish() {
        try (InputStream in = Messages.class.getResourceAsStream("/rhombus/words/core.en.properties")) {
            if (in != null) {
                ByteArrayOutputStream all = new ByteArrayOutputStream();
                byte[] some = new byte[8192];
                for (int n = in.read(some); n > 0; n = in.read(some)) {
                    all.write(some, 0, n);
                }
                use(new String(all.toByteArray(), StandardCharsets.UTF_8));
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Speaks the language of a message file from now on. */
    public static void use(String file) {
        Map<String, String> read = new HashMap<>();
        int from = 0;
        while (from < file.length()) {
            int end = file.indexOf('\n', from);
            end = end < 0 ? file.length() : end;
            int at = file.indexOf('=', from);
            if (at > from && at < end && file.charAt(from) != '#') {
                read.put(file.substring(from, at), file.substring(at + 1, end));
            }
            from = end + 1;
        }
        texts = read;
        decimalSign = read.getOrDefault(DECIMAL_SIGN, ".").charAt(0);
    }

    /** What numbers have before their decimals. */
    public static char decimalSign() {
        return decimalSign;
    }

    /** Whether there is a message of this name. */
    public static boolean has(String name) {
        return texts.containsKey(name);
    }

    /** A message, with values in it; the name itself where there is none. */
    public static String say(String name, Object... values) {
        String text = texts.get(name);
        return text == null ? name : values.length == 0 ? text : filled(text, values);
    }

    /** Words that stand alone with a capital letter, as they stand within a sentence of the language in use. */
    public static String within(String words) {
        return texts.containsKey(SMALL) ? words.toLowerCase(Locale.ROOT) : words;
    }

    /** A sentence without its end that goes on from another: its first word with a small letter, where names have one. */
    public static String continued(String words) {
        return texts.containsKey(SMALL) ? words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1) : words;
    }

    private static String filled(String text, Object[] values) {
        StringBuilder out = new StringBuilder();
        int done = 0;
        for (int open = text.indexOf('{'); open >= 0; open = text.indexOf('{', open + 1)) {
            int close = text.indexOf('}', open);
            int which = close < 0 ? -1 : text.charAt(open + 1) - '0';
            if (which >= 0 && which < values.length) {
                out.append(text, done, open).append(value(text.substring(open + 2, close), values[which]));
                done = close + 1;
            }
        }
        return out.append(text, done, text.length()).toString();
    }

    /** A value, or the form of a word that goes with it. */
    private static String value(String forms, Object value) {
        if (forms.isEmpty()) {
            String text = String.valueOf(value);
            return value instanceof Double ? text.replace('.', decimalSign) : text;
        }
        int bar = forms.indexOf('|', 1);
        return String.valueOf(value).equals("1") ? forms.substring(1, bar) : forms.substring(bar + 1);
    }
}
