package rhombus.core.stage.coach;

/**
 * What the recorder of a hand does.
 *
 * @param recording whether it records
 * @param playing whether it plays
 * @param events how many it holds
 * @param seconds how long they last
 * @param at how far it has played, seconds
 */
public record RecorderState(boolean recording, boolean playing, int events, double seconds, double at) {}
