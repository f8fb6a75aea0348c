package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.words.Messages;

/**
 * Something a command can be told.
 *
 * @param name of it
 * @param type what it has to be
 * @param choices the words it may be, for a choice; one that ends in a colon stands for all that goes on after it
 * @param required whether the command does nothing without it
 */
public record CommandArgument(String name, Type type, List<String> choices, boolean required) {
    /** What a value has to be. */
    public enum Type {
        /** Text. */
        TEXT("text"),
        /** One of some words. */
        CHOICE(say("argument.one-of")),
        /** One of some words, or a whole number. */
        PLACE(say("argument.a-whole-number-or-one")),
        /** True or false. */
        TRUTH(say("argument.true-or-false")),
        /** A finite number. */
        NUMBER(say("argument.a-number")),
        /** A whole number. */
        WHOLE(say("argument.a-whole-number")),
        /** A number, text with a unit as it is typed, or steps that keys made. */
        TYPED(say("argument.a-number-or-text")),
        /** A list of texts. */
        TEXTS(say("argument.a-list-of-texts"));

        private final String words;

        Type(String words) {
            this.words = words;
        }

        /** What it has to be, in words. */
        public String words() {
            return words;
        }
    }

    /** What is wrong with a value, or null. */
    public String problem(Object value) {
        if (value == null) {
            return required ? say("argument.is-missing", name) : null;
        }
        return fits(value) ? null : say("argument.must-be", name, words());
    }

    /** What it has to be, in words. */
    public String words() {
        return choices.isEmpty() ? type.words() : type.words() + " " + String.join(", ", choices);
    }

    private boolean fits(Object v) {
        return switch (type) {
            case TEXT -> v instanceof String;
            case CHOICE -> v instanceof String s && chosen(s);
            case PLACE -> whole(v) || v instanceof String s && choices.contains(s);
            case TRUTH -> v instanceof Boolean;
            case NUMBER -> finite(v);
            case WHOLE -> whole(v);
            case TYPED -> finite(v) || v instanceof String || v instanceof Map<?, ?>;
            case TEXTS -> v instanceof List<?> l && l.stream().allMatch(String.class::isInstance);
        };
    }

    private boolean chosen(String s) {
        return choices.stream().anyMatch(c -> open(c) ? s.startsWith(c) && s.length() > c.length() : s.equals(c));
    }

    /** Whether a choice stands for all that goes on after it. */
    static boolean open(String choice) {
        return choice.endsWith(":");
    }

    private static boolean finite(Object v) {
        return v instanceof Number n && Double.isFinite(n.doubleValue());
    }

    private static boolean whole(Object v) {
        return v instanceof Number n && n.doubleValue() == Math.rint(n.doubleValue());
    }

    /** What a choice is called where a command is told it; what one has named oneself is called that. */
    public static String choice(Object value) {
        String id = String.valueOf(value);
        String message = "argument.choice." + id;
        return Messages.has(message)
                ? say(message)
                : id.substring(id.indexOf(':') + 1).replace('-', ' ');
    }

    /** What an argument of this name is called where somebody is asked for it. */
    public static String called(String name) {
        return say("argument.named." + name);
    }
}
