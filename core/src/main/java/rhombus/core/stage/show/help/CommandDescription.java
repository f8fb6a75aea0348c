package rhombus.core.stage.show.help;

import java.util.List;

/**
 * A command for somebody who asks what something is.
 *
 * @param name what it is called
 * @param triggers what does it with the keymap in use, in words
 */
public record CommandDescription(String name, List<String> triggers) {}
