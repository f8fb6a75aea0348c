package rhombus.core.stage.input;

import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import rhombus.core.keymap.Command;

/**
 * Something that goes on for a while and ends with one step: a drag, a sweep over a list. A command that comes meanwhile may
 * have to end it first.
 *
 * @param on whether it goes on now
 * @param settle ends it where it is, as if the hand had let go
 * @param own whether a command is part of it
 */
public record Activity(BooleanSupplier on, Runnable settle, Predicate<Command> own) {}
