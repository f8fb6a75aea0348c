package rhombus.core.habits;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * A setting.
 *
 * @param id its name in files
 * @param group heading under which it is listed
 * @param words what it is called on the screen
 * @param sentence what it does
 * @param usual its value until the user sets another: a {@link String} of the choices, a {@link Boolean} or a {@link Double}
 * @param choices ids of what can be chosen; empty for a switch and for a number
 * @param labels what the choices are called, in the same order
 * @param least smallest number
 * @param most largest number
 * @param step by which a number changes
 * @param unit of a number as shown; may be empty
 */
public record Habit(
        String id,
        String group,
        String words,
        String sentence,
        Object usual,
        List<String> choices,
        List<String> labels,
        double least,
        double most,
        double step,
        String unit) {

    /** Whether a value is some of the choices in an order, ids with commas between, rather than one of them. */
    public boolean ordered() {
        return unit.equals("order");
    }

    /** Whether a value is one that this setting can have. */
    public boolean allows(Object value) {
        if (ordered()) {
            return value instanceof String s && inOrder(s);
        }
        if (usual instanceof String) {
            return value instanceof String s && choices.contains(s);
        }
        if (usual instanceof Boolean) {
            return value instanceof Boolean;
        }
        return value instanceof Number n && n.doubleValue() >= least && n.doubleValue() <= most;
    }

    /** What it can be, as a JSON Schema. */
    Map<String, Object> schema() {
        if (ordered()) {
            String one = "(" + String.join("|", choices) + ")";
            return PlainData.map("type", "string", "pattern", "^(" + one + "(," + one + ")*)?$");
        }
        if (usual instanceof String) {
            return PlainData.map("enum", new ArrayList<Object>(choices));
        }
        return usual instanceof Boolean
                ? PlainData.map("type", "boolean")
                : PlainData.map("type", "number", "minimum", least, "maximum", most);
    }

    private boolean inOrder(String text) {
        List<String> said = new ArrayList<>();
        int from = 0;
        for (int at = 0; at <= text.length() && !text.isEmpty(); at++) {
            if (at == text.length() || text.charAt(at) == ',') {
                String id = text.substring(from, at);
                if (said.contains(id) || !choices.contains(id)) {
                    return false;
                }
                said.add(id);
                from = at + 1;
            }
        }
        return true;
    }

    /** What can be set, in words. */
    public String allowed() {
        return ordered()
                ? say("habit.some-of-none-twice", String.join(", ", choices))
                : usual instanceof String
                        ? say("habit.one-of", String.join(", ", choices))
                        : usual instanceof Boolean
                                ? say("habit.true-or-false")
                                : say("habit.a-number-from-to", least, most);
    }
}
