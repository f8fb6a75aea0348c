package rhombus.core.stage.commands;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * An area of work: what it declares, and how it is made for a stage.
 *
 * @param <A> its class
 */
public final class CommandArea<A> {
    private final Function<CommandServices, A> make;
    private final List<CommandSpec<A>> entries;

    /** An area with what it declares. */
    CommandArea(Function<CommandServices, A> make, Consumer<CommandDeclarations<A>> declares) {
        CommandDeclarations<A> d = new CommandDeclarations<>();
        declares.accept(d);
        this.make = make;
        this.entries = d.entries();
    }

    /** The commands as declared, whatever the stage. */
    public List<CommandSpec<A>> entries() {
        return entries;
    }

    /** The commands on a stage. */
    List<CommandHandler> on(CommandServices work) {
        A area = make.apply(work);
        return entries.stream().map(e -> e.on(area)).toList();
    }
}
