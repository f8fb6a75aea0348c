package rhombus.core.stage.show.keys;

/**
 * Something that a trigger can be given to.
 *
 * @param command its id
 * @param which of the things it does
 * @param words what it does
 */
public record TriggerTarget(String command, int which, String words) {}
