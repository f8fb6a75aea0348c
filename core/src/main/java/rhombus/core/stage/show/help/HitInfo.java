package rhombus.core.stage.show.help;

import rhombus.core.plain.OrNull;

/**
 * What is at a point of the stage.
 *
 * @param thing its kind: {@code grip}, {@code rose}, {@code rim}, {@code handle}, {@code object}, {@code camera}, {@code light},
 *     {@code picture}, {@code locked} for an object that clicks pass over, or {@code nothing}
 * @param name of an object, or empty
 * @param command what it does, where that is a command
 */
public record HitInfo(String thing, String name, @OrNull String command) {}
