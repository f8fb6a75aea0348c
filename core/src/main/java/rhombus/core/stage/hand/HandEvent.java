package rhombus.core.stage.hand;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.Plain;

/**
 * One raw event of a recording.
 *
 * @param at milliseconds since the recording began
 * @param sort of event
 * @param what belongs to it, in the order of {@link #SHAPES}
 */
record HandEvent(double at, String sort, List<Object> what) {
    /** What each sort of event tells: n a number, p one above 0, t a text, b a truth, l a list, m a map. */
    static final Map<String, String> SHAPES = Map.ofEntries(
            Map.entry("pointer", "nnnnb"),
            Map.entry("left", ""),
            Map.entry("wheel", "nnnnnn"),
            Map.entry("key-down", "tnb"),
            Map.entry("key-up", "tn"),
            Map.entry("touch-down", "nnn"),
            Map.entry("touch-move", "nnn"),
            Map.entry("touch-up", "nnnb"),
            Map.entry("blur", ""),
            Map.entry("size", "pp"),
            Map.entry("command", "tmn"),
            Map.entry("gamepad", "nttll"),
            Map.entry("gamepad-gone", "n"),
            Map.entry("hid-open", "ntl"),
            Map.entry("hid", "nnl"),
            Map.entry("hid-gone", "n"));

    /** As plain data: when, which, and what belongs to it, in one list. */
    List<Object> toPlain() {
        List<Object> out = new ArrayList<>();
        out.add(at);
        out.add(sort);
        out.addAll(what);
        return out;
    }

    /**
     * From plain data.
     *
     * @throws IllegalArgumentException saying what is wrong
     */
    static HandEvent of(Object plain) {
        List<Object> l = Plain.list(plain);
        String sort = l.size() > 1 ? Plain.text(l.get(1), "") : "";
        String shape = SHAPES.get(sort);
        if (shape == null) {
            throw new IllegalArgumentException(say("hand-event.is-no-event", sort));
        }
        double at = Plain.number(l.get(0), Double.NaN);
        if (!(at >= 0 && at <= Recorder.LONGEST_MS)) {
            throw new IllegalArgumentException(
                    say("hand-event.is-no-time-it-is", l.get(0), (long) Recorder.LONGEST_MS));
        }
        List<Object> what = l.subList(2, l.size());
        boolean fits = what.size() == shape.length();
        for (int i = 0; fits && i < shape.length(); i++) {
            Object o = what.get(i);
            fits = switch (shape.charAt(i)) {
                case 'n' -> !Double.isNaN(Plain.number(o, Double.NaN));
                case 'p' -> Plain.number(o, 0) > 0;
                case 't' -> o instanceof String;
                case 'b' -> o instanceof Boolean;
                case 'm' -> o instanceof Map<?, ?>;
                default -> o instanceof List<?>;
            };
        }
        if (!fits) {
            throw new IllegalArgumentException(say("hand-event.what-is-told-of-the", sort));
        }
        return new HandEvent(at, sort, List.copyOf(what));
    }

    double number(int i) {
        return Plain.number(what.get(i), 0);
    }

    int whole(int i) {
        return (int) number(i);
    }

    String text(int i) {
        return Plain.text(what.get(i), "");
    }

    boolean truth(int i) {
        return Plain.truth(what.get(i), false);
    }

    List<Object> list(int i) {
        return Plain.list(what.get(i));
    }

    Map<String, Object> map(int i) {
        return Plain.map(what.get(i));
    }

    double[] numbers(int i) {
        return list(i).stream().mapToDouble(o -> Plain.number(o, 0)).toArray();
    }
}
