package rhombus.core.stage.show;

import rhombus.core.plain.Maybe;

/**
 * A binding as the Keys page lists it.
 *
 * @param id names it
 * @param group heading
 * @param words what it does
 * @param needs what kind of trigger fits
 * @param where it holds
 * @param special whether it holds in a special place only
 * @param trigger in words
 * @param changed whether it differs from the preset
 */
public record KeyBinding(
        String id,
        String group,
        String words,
        String needs,
        String where,
        boolean special,
        @Maybe String trigger,
        boolean changed) {}
