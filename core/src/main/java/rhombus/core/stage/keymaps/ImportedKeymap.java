package rhombus.core.stage.keymaps;

import java.util.List;
import rhombus.core.plain.Maybe;

/**
 * What a keymap file holds.
 *
 * @param name of the keymap
 * @param refused why nothing of it can be used
 * @param problems what of it cannot be used, each with its place
 * @param changes how many changes can
 */
public record ImportedKeymap(String name, @Maybe String refused, List<String> problems, int changes) {}
