package rhombus.core.stage.show.help;

import java.util.List;
import java.util.Map;
import rhombus.core.plain.Maybe;
import rhombus.core.stage.view.NamedOption;

/**
 * A command as the list of all commands shows it.
 *
 * @param key names it with what it is told
 * @param command its id
 * @param words what it is called
 * @param group heading
 * @param trigger what runs it, in words; none where nothing does
 * @param on what it would be done to now; empty where that is said by its words
 * @param runs whether it can be run from here; else it is done by the hand alone
 * @param args what it is told
 * @param ask what can be typed for it before it runs
 */
public record FoundCommand(
        String key,
        String command,
        String words,
        String group,
        @Maybe String trigger,
        String on,
        boolean runs,
        Map<String, Object> args,
        List<NamedOption> ask) {}
