package rhombus.core.stage.show;

import java.util.List;

/**
 * A command on the Keys page, with all its triggers side by side.
 *
 * @param command its id
 * @param words what it is called
 * @param group heading
 * @param triggers all its bindings
 */
public record KeyRow(String command, String words, String group, List<KeyBinding> triggers) {}
