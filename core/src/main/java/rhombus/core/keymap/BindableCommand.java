package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.words.Messages;

/** What a command can be given one more trigger for: what it does as it is, and in each of the ways it has to be told. */
public final class BindableCommand {
    private BindableCommand() {}

    /** A new binding without a trigger for each thing that a command does; none where it has to be told what only a page knows. */
    public static List<Binding> of(Keymap map, Command command) {
        List<Binding> out = new ArrayList<>();
        String id = map.freshId();
        for (Binding b : map.catalogue().bindings(map.preset())) {
            if (b.command() == command && out.stream().noneMatch(o -> same(o, b))) {
                out.add(new Binding(id, null, 0, b.context(), command, b.args(), b.words()));
            }
        }
        for (Map<String, Object> args : ways(command)) {
            if (out.stream().noneMatch(o -> o.args().equals(args))) {
                out.add(binding(map, id, command, args, BindingContext.STAGE));
            }
        }
        return out;
    }

    private static boolean same(Binding a, Binding b) {
        return a.context() == b.context() && a.args().equals(b.args());
    }

    /** The arguments with which a command can run that nothing binds yet. */
    private static List<Map<String, Object>> ways(Command command) {
        if (command.has(CommandTrait.TOLD)) {
            return List.of();
        }
        List<CommandArgument> needed =
                command.arguments().stream().filter(CommandArgument::required).toList();
        if (needed.isEmpty()) {
            return List.of(Map.of());
        }
        if (needed.size() > 1 || needed.get(0).choices().isEmpty()) {
            return List.of();
        }
        CommandArgument a = needed.get(0);
        return a.choices().stream()
                .filter(c -> !CommandArgument.open(c))
                .map(c -> Map.<String, Object>of(a.name(), c))
                .toList();
    }

    /** A binding without a trigger, with the words of one in the preset that does the same, else with those of the command. */
    static Binding binding(Keymap map, String id, Command command, Map<String, Object> args, BindingContext context) {
        String words = null;
        for (Binding b : map.catalogue().bindings(map.preset())) {
            if (b.command() == command && b.args().equals(args)) {
                words = b.words();
            }
        }
        return new Binding(id, null, 0, context, command, args, words == null ? words(command, args) : words);
    }

    private static String words(Command command, Map<String, Object> args) {
        String plain = Messages.continued(command.words());
        return args.isEmpty()
                ? plain
                : plain + ": " + CommandArgument.choice(args.values().iterator().next());
    }
}
