package rhombus.core.stage.show.keys;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * A command on the Keys page, with all its triggers side by side.
 *
 * @param command its id
 * @param words what it is called
 * @param group heading
 * @param triggers all its bindings
 * @param beside the triggers it has in the preset that is compared with, where these differ
 * @param more what one more trigger can do, in words; none where the command has to be told what only a page knows
 */
public record KeyRow(
        String command,
        String words,
        String group,
        List<KeyBinding> triggers,
        @Maybe String beside,
        List<String> more) {}
