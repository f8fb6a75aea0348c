package rhombus.core.stage.keymaps;

/**
 * A motion and how the hand does it.
 *
 * @param motion in words
 * @param trigger in words, or that it stays as it is
 */
public record TaughtRow(String motion, String trigger) {}
