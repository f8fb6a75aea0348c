package rhombus.core.stage.show.readout;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.edit.Quantity;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.AllHabits;
import rhombus.core.navigate.NumberText;
import rhombus.core.stage.view.SentenceWords;
import rhombus.core.stage.view.StageContext;

/** Numbers of the Readout as text, lengths in the user's unit, and fields of them that can be typed into. */
public final class ReadoutNumbers {
    private final StageContext ground;

    ReadoutNumbers(StageContext ground) {
        this.ground = ground;
    }

    /** The unit of lengths, such as "m". */
    String unit() {
        return ground.habits().value(AllHabits.UNIT).toString();
    }

    /** A point as three fields. */
    List<ReadoutField> axes(String command, String label, Vec3 p) {
        return axes(command, "", label, p);
    }

    /** A point as three fields, whose keys begin with something before the axis. */
    List<ReadoutField> axes(String command, String before, String label, Vec3 p) {
        List<ReadoutField> out = new ArrayList<>();
        for (int a = 0; a < 3; a++) {
            out.add(field(command, before, a, label, length(p.get(a)), inUnit(p.get(a))));
        }
        return out;
    }

    /** A length in the user's unit() with all the digits that count, to copy and to type over. */
    String length(double metres) {
        return full(inUnit(metres)) + " " + unit();
    }

    /** All of a number that counts: nine decimals, more for what is very small. */
    static String full(double v) {
        double a = Math.abs(v);
        return number(v, a < 1e-6 ? 15 : 9);
    }

    /** A number with some decimals at most and no zeros at the end. */
    public static String number(double v, int places) {
        return Math.abs(v) < 1e15 ? NumberText.trimmed(NumberText.fixed(v, places)) : NumberText.digits(v);
    }

    /** A field of an axis: where three stand in a row they are brief until one looks into them. */
    static ReadoutField field(String command, int axis, String label, String text, double value) {
        return field(command, "", axis, label, text, value);
    }

    static ReadoutField field(String command, String before, int axis, String label, String text, double value) {
        String key = "xyz".substring(axis, axis + 1);
        return new ReadoutField(
                command, SentenceWords.axis(before, axis), axis == 0 ? label : "", text, brief(value), key);
    }

    static ReadoutField field(String command, String key, String label, String text) {
        return new ReadoutField(command, key, label, text, null, null);
    }

    /** A length: four digits until one looks into the field, which then has all of them. */
    ReadoutField lengthField(String command, String key, String label, double metres) {
        return new ReadoutField(command, key, label, length(metres), brief(inUnit(metres)) + " " + unit(), null);
    }

    /** A number on the screen: four significant digits, and no longer than its field is wide. */
    public static String brief(double v) {
        double a = Math.abs(v);
        // What is nothing beside the places of a scene is told as nothing.
        if (a < 1e-6) {
            return "0";
        }
        if (a < 1e-3) {
            return NumberText.trimmed(NumberText.fixed(v, 6));
        }
        if (a < 1e7) {
            return NumberText.digits(v);
        }
        int power = (int) Math.floor(Math.log10(a));
        double mantissa = v / Math.pow(10, power);
        return Math.abs(mantissa) < 9.95
                ? NumberText.fixed(mantissa, 1) + "e" + power
                : NumberText.fixed(mantissa / 10, 1) + "e" + (power + 1);
    }

    double inUnit(double metres) {
        return metres / Quantity.LENGTHS.getOrDefault(unit(), 1.0);
    }
}
