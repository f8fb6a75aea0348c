package rhombus.core.stage.view;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.edit.Quantity;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.plain.PlainData;

/** Numbers as the user types them; what cannot be read is told, and the old number stays. */
public final class TypedNumbers {
    private static final double EXACT = 1e9;

    private final UserSettings settings;
    private final ChangeLog changes;

    TypedNumbers(UserSettings settings, ChangeLog changes) {
        this.settings = settings;
        this.changes = changes;
    }

    /** A length in metres: a number, or text in the user's unit. */
    public double length(Object typed, double otherwise) {
        return lengthIn(settings.habits().value(AllHabits.UNIT).toString(), typed, otherwise);
    }

    /** A length in metres: a number, or text in the unit of its field, in which the whole of it is read. */
    public double lengthIn(String unit, Object typed, double otherwise) {
        double metres = Quantity.LENGTHS.getOrDefault(unit, 1.0);
        // A whole metre or foot would be too far for one step.
        return read(typed, otherwise, metres > 0.1 ? metres / 10 : metres, text -> Quantity.length(text, unit));
    }

    /** An angle in radians: a number of radians, or text in degrees. */
    public double angle(Object typed, double otherwise) {
        return read(typed, otherwise, Math.toRadians(1), Quantity::angle);
    }

    /** A number without a unit. */
    public double number(Object typed, double otherwise) {
        return read(typed, otherwise, 0.1, Quantity::number);
    }

    /** A whole number without a unit. */
    public double whole(Object typed, double otherwise) {
        return Math.rint(read(typed, otherwise, 1, Quantity::number));
    }

    /** The number of a setting within its range; what is not the number of one is given back as it is. */
    public Object setting(String id, Object typed) {
        Habit h = AllHabits.named(id);
        if (h == null || !(h.usual() instanceof Double) || !(typed instanceof String || typed instanceof Map<?, ?>)) {
            return typed;
        }
        double to = read(typed, settings.habits().number(h), h.step(), Quantity::number);
        // Steps are sums, and sums of tenths are no tenths.
        return Math.max(h.least(), Math.min(h.most(), Math.rint(to * EXACT) / EXACT));
    }

    /** How far one step by a key goes: with Shift ten times as far, with Alt a tenth. */
    public static double stride(Map<String, Object> keys) {
        return (PlainData.truth(keys.get("shift"), false) ? 10 : 1)
                * (PlainData.truth(keys.get("alt"), false) ? 0.1 : 1);
    }

    private interface Reader {
        double read(String text);
    }

    private double read(Object typed, double otherwise, double step, Reader reader) {
        if (typed instanceof Map<?, ?>) {
            // Keys step a number up and down instead of typing it.
            Map<String, Object> keys = PlainData.map(typed);
            return otherwise + PlainData.number(keys.get("steps"), 0) * stride(keys) * step;
        }
        if (typed instanceof Number n && Double.isFinite(n.doubleValue())) {
            return n.doubleValue();
        }
        if (typed instanceof String text && !text.isBlank()) {
            try {
                double read = reader.read(text);
                String[] thousands = Quantity.thousands(text);
                if (thousands != null) {
                    changes.notice(say("typed.was-read-as", thousands[0], thousands[1]), null, null);
                }
                return read;
            } catch (IllegalArgumentException e) {
                changes.notice(say("typed.the-old-number-stays", e.getMessage()), null, null);
            }
        }
        return otherwise;
    }
}
