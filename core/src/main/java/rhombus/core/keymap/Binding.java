package rhombus.core.keymap;

import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * A trigger with exact modifiers in a context, and the command it runs.
 *
 * @param id names the binding within its preset, so that a copy can say what it changes
 * @param trigger what the hand does; null for a command that no trigger reaches any more
 * @param modifiers bits of {@link Modifiers}, exactly these
 * @param context where it holds
 * @param command what it runs
 * @param args arguments of the command
 * @param words what it does, as listed
 */
public record Binding(
        String id,
        Trigger trigger,
        int modifiers,
        BindingContext context,
        Command command,
        Map<String, Object> args,
        String words) {

    /** The same with another trigger. */
    public Binding with(Trigger t, int mods) {
        return new Binding(id, t, mods, context, command, args, words);
    }

    /** Whether both answer the same motion in the same place. */
    public boolean clashesWith(Binding o) {
        return trigger != null && trigger.equals(o.trigger) && modifiers == o.modifiers && context == o.context;
    }

    /** As plain data. */
    public Map<String, Object> toPlain() {
        return PlainData.map(
                "id",
                id,
                "trigger",
                trigger == null ? null : trigger.toPlain(),
                "modifiers",
                Modifiers.names(modifiers),
                "context",
                context.id(),
                "command",
                command.id(),
                "args",
                args.isEmpty() ? null : args);
    }
}
