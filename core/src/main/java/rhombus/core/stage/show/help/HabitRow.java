package rhombus.core.stage.show.help;

import java.util.List;
import rhombus.core.stage.view.NamedOption;

/**
 * A setting as it is listed.
 *
 * @param id names it
 * @param group heading
 * @param words what it is called
 * @param sentence what it does
 * @param value a text, a number or a truth
 * @param text a number as it is written, and can be typed; else empty
 * @param changed whether it is not the usual one
 * @param choices for a text
 * @param least for a number
 * @param most for a number
 * @param step for a number
 * @param unit of a number
 * @param shown whether there is a preview of it
 */
public record HabitRow(
        String id,
        String group,
        String words,
        String sentence,
        Object value,
        String text,
        boolean changed,
        List<NamedOption> choices,
        double least,
        double most,
        double step,
        String unit,
        boolean shown) {}
