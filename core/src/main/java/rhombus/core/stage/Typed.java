package rhombus.core.stage;

import rhombus.core.edit.Quantity;
import rhombus.core.habits.AllHabits;

/** Numbers as the user types them; what cannot be read is told, and the old number stays. */
final class Typed {
    private final Stage stage;

    Typed(Stage stage) {
        this.stage = stage;
    }

    /** A length in metres: a number, or text in the user's unit. */
    double length(Object typed, double otherwise) {
        return read(typed, otherwise, text -> Quantity.length(text, stage.habits().value(AllHabits.UNIT).toString()));
    }

    /** An angle in radians: a number of radians, or text in degrees. */
    double angle(Object typed, double otherwise) {
        return read(typed, otherwise, Quantity::angle);
    }

    /** A number without a unit. */
    double number(Object typed, double otherwise) {
        return read(typed, otherwise, Quantity::number);
    }

    private interface Reader {
        double read(String text);
    }

    private double read(Object typed, double otherwise, Reader reader) {
        if (typed instanceof Number n && Double.isFinite(n.doubleValue())) {
            return n.doubleValue();
        }
        if (typed instanceof String text && !text.isBlank()) {
            try {
                return reader.read(text);
            } catch (IllegalArgumentException e) {
                stage.changes().notice(e.getMessage() + "; the old number stays.", null, null);
            }
        }
        return otherwise;
    }
}
