package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.keymap.Command.Sort;
import rhombus.core.keymap.CommandTrait;

/**
 * Collects the commands that an area declares.
 *
 * @param <A> the area
 */
final class CommandDeclarations<A> {
    private final List<CommandSpec<A>> entries = new ArrayList<>();
    private String group = "";
    private boolean joins;
    private boolean replays;

    /** The heading under which the next ones are listed. */
    void group(String name) {
        group = name;
    }

    /** Whether the next ones run beside a drag. */
    void joins(boolean on) {
        joins = on;
    }

    /** Whether recordings may run the next ones: they move, look, select or show and nothing more. */
    void replays(boolean on) {
        replays = on;
    }

    /** Done at once. */
    CommandSpec<A> action(String id) {
        return add(id, Sort.ACTION);
    }

    /** Follows the pointer. */
    CommandSpec<A> motion(String id) {
        return add(id, Sort.MOTION);
    }

    /** Comes in steps of any size. */
    CommandSpec<A> steps(String id) {
        return add(id, Sort.STEPS);
    }

    /** Lasts as long as a key is down. */
    CommandSpec<A> held(String id) {
        return add(id, Sort.HELD);
    }

    /** Goes on as long as an axis is out of its middle. */
    CommandSpec<A> axis(String id) {
        return add(id, Sort.AXIS);
    }

    private CommandSpec<A> add(String id, Sort sort) {
        CommandSpec<A> e = new CommandSpec<>(id, say("command." + id), group, sort);
        entries.add(e);
        if (replays) {
            e.traits(CommandTrait.REPLAYS);
        }
        return joins ? e.joins() : e;
    }

    List<CommandSpec<A>> entries() {
        return entries;
    }
}
