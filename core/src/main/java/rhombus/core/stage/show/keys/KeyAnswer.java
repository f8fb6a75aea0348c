package rhombus.core.stage.show.keys;

/**
 * What a motion of the hand does in a place.
 *
 * @param where the place
 * @param words what it does
 * @param binding that answers
 */
public record KeyAnswer(String where, String words, String binding) {}
