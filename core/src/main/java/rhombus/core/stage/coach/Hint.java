package rhombus.core.stage.coach;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * What a trigger does right now.
 *
 * @param trigger in words; several for one deed
 * @param words what it does
 * @param does the same in the words of the film set, or what stands against it
 * @param command its id
 * @param bindings ids of the bindings
 */
public record Hint(
        String trigger, String words, @Maybe String does, @Maybe String command, @Maybe List<String> bindings) {}
