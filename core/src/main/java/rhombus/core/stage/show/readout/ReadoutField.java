package rhombus.core.stage.show.readout;

import rhombus.core.keymap.CommandArgument;
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
 * @param name what it is called by those who do not see where it stands, if neither label nor axis says it
 * @param of what it is a number of, where its command needs to be told
 */
public record ReadoutField(
        String command,
        String key,
        String label,
        String text,
        @Maybe String brief,
        @Maybe @OneOf({"x", "y", "z"}) String axis,
        @Maybe String name,
        @Maybe String of) {
    /** A field of the one thing that its command can mean. */
    public ReadoutField(String command, String key, String label, String text, String brief, String axis) {
        this(
                command,
                key,
                label,
                text,
                brief,
                axis,
                label.isEmpty() && axis == null ? CommandArgument.called(key) : null,
                null);
    }

    /** The same field of something that its command is told. */
    ReadoutField of(String what) {
        return new ReadoutField(command, key, label, text, brief, axis, name, what);
    }
}
