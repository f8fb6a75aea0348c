package rhombus.core.stage.show.keys;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * A trigger of a command as the Keys page shows it.
 *
 * @param id names the binding
 * @param words what it does
 * @param needs what kind of trigger fits
 * @param where it holds
 * @param special whether it holds in a special place only
 * @param trigger in words
 * @param changed whether it differs from the preset
 * @param usual its trigger in the preset, in words, where it differs
 * @param own whether the preset does not have it
 * @param notes what is to be known of it: hidden, never reached, kept by browser or system
 */
public record KeyBinding(
        String id,
        String words,
        String needs,
        String where,
        boolean special,
        @Maybe String trigger,
        boolean changed,
        @Maybe String usual,
        boolean own,
        List<String> notes) {}
