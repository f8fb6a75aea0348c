package rhombus.core.stage.input;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.coach.InputRecorder;

/**
 * One raw event of a recording.
 *
 * @param at milliseconds since the recording began
 * @param sort of event
 * @param what belongs to it, in the order of {@link #SHAPES}
 */
public record RecordedEvent(double at, String sort, List<Object> what) {
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
    public List<Object> toPlain() {
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
    public static RecordedEvent of(Object plain) {
        List<Object> l = PlainData.list(plain);
        String sort = l.size() > 1 ? PlainData.text(l.get(1), "") : "";
        String shape = SHAPES.get(sort);
        if (shape == null) {
            throw new IllegalArgumentException(say("hand-event.is-no-event", sort));
        }
        double at = PlainData.number(l.get(0), Double.NaN);
        if (!(at >= 0 && at <= InputRecorder.LONGEST_MS)) {
            throw new IllegalArgumentException(
                    say("hand-event.is-no-time-it-is", l.get(0), (long) InputRecorder.LONGEST_MS));
        }
        List<Object> what = l.subList(2, l.size());
        boolean fits = what.size() == shape.length();
        for (int i = 0; fits && i < shape.length(); i++) {
            Object o = what.get(i);
            fits = switch (shape.charAt(i)) {
                case 'n' -> !Double.isNaN(PlainData.number(o, Double.NaN));
                case 'p' -> PlainData.number(o, 0) > 0;
                case 't' -> o instanceof String;
                case 'b' -> o instanceof Boolean;
                case 'm' -> o instanceof Map<?, ?>;
                default -> o instanceof List<?>;
            };
        }
        if (!fits) {
            throw new IllegalArgumentException(say("hand-event.what-is-told-of-the", sort));
        }
        return new RecordedEvent(at, sort, List.copyOf(what));
    }

    public double number(int i) {
        return PlainData.number(what.get(i), 0);
    }

    public int whole(int i) {
        return (int) number(i);
    }

    public String text(int i) {
        return PlainData.text(what.get(i), "");
    }

    public boolean truth(int i) {
        return PlainData.truth(what.get(i), false);
    }

    public List<Object> list(int i) {
        return PlainData.list(what.get(i));
    }

    public Map<String, Object> map(int i) {
        return PlainData.map(what.get(i));
    }

    public double[] numbers(int i) {
        return list(i).stream().mapToDouble(o -> PlainData.number(o, 0)).toArray();
    }
}
