package rhombus.core.stage.show;

import rhombus.core.plain.Maybe;
import rhombus.core.plain.OneOf;

/**
 * A number that can be copied and typed: what is typed goes to a command under a key.
 *
 * @param command that takes it
 * @param key of its argument
 * @param label before it
 * @param text all of it that counts
 * @param brief the same in four digits
 * @param axis of a coordinate
 */
public record Field(
        String command,
        String key,
        String label,
        String text,
        @Maybe String brief,
        @Maybe @OneOf({"x", "y", "z"}) String axis) {}
