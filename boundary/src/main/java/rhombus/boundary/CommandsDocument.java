package rhombus.boundary;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandCatalogue;
import rhombus.core.keymap.KeymapPresets;

/** Writes the list of all commands for the documentation. */
final class CommandsDocument {
    private CommandsDocument() {}

    static String of(CommandCatalogue catalogue) {
        StringBuilder s = new StringBuilder(
                "# Commands\n\nMade in the build from what the areas declare (`core`, package `stage.commands`).\n"
                        + "Triggers are those of the preset Rhombus on a US keyboard; what other presets have besides follows.\n");
        String group = "";
        for (Command c : catalogue.commands().values()) {
            if (!c.group().equals(group)) {
                group = c.group();
                s.append("\n## ")
                        .append(group)
                        .append("\n\n| command | what it does | arguments | triggers |\n|---|---|---|---|\n");
            }
            s.append("| `")
                    .append(c.id())
                    .append("` | ")
                    .append(c.words())
                    .append(" | ")
                    .append(arguments(c))
                    .append(" | ")
                    .append(triggers(catalogue, c))
                    .append(" |\n");
        }
        return s.toString();
    }

    private static String arguments(Command c) {
        return c.arguments().stream()
                .map(a -> "`" + a.name() + "` " + a.words() + (a.required() ? "" : ", or nothing"))
                .collect(Collectors.joining("; "));
    }

    private static String triggers(CommandCatalogue catalogue, Command c) {
        List<String> own = triggers(catalogue, c, KeymapPresets.RHOMBUS);
        List<String> all = new ArrayList<>(own);
        for (String preset : KeymapPresets.ALL) {
            String besides = triggers(catalogue, c, preset).stream()
                    .filter(t -> !own.contains(t))
                    .collect(Collectors.joining("; "));
            if (!besides.isEmpty()) {
                all.add(KeymapPresets.names().get(preset) + ": " + besides);
            }
        }
        return String.join("; ", all);
    }

    private static List<String> triggers(CommandCatalogue catalogue, Command c, String preset) {
        return catalogue.bindings(preset).stream()
                .filter(b -> b.command() == c)
                .map(CommandsDocument::words)
                .toList();
    }

    private static String words(Binding b) {
        String where = b.context() == BindingContext.STAGE || b.context() == BindingContext.APPLICATION
                ? ""
                : " " + b.context().words();
        return b.trigger().words(b.modifiers(), Map.of()) + where + " (" + b.words() + ")";
    }
}
