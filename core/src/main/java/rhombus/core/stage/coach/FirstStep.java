package rhombus.core.stage.coach;

/**
 * What a new hand is asked to do next.
 *
 * @param number from 1 on
 * @param of so many
 * @param words what to do
 * @param trigger what does it, with the device that is in the hand, in words
 */
public record FirstStep(int number, int of, String words, String trigger) {}
