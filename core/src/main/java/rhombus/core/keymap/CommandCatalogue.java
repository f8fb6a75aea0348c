package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** All commands in the order in which they are listed, and the triggers that each preset gives them. Immutable. */
public final class CommandCatalogue {
    private final Map<String, Command> commands;
    private final Map<String, List<Binding>> presets;

    /**
     * Puts commands and presets together.
     *
     * @throws IllegalArgumentException if a binding is not of one of the commands, or two have one id
     */
    public CommandCatalogue(List<Command> all, Map<String, List<Binding>> bindings) {
        commands = new LinkedHashMap<>();
        for (Command c : all) {
            if (commands.put(c.id(), c) != null) {
                throw new IllegalArgumentException(say("catalogue.two-commands-are-called", c.id()));
            }
        }
        presets = new LinkedHashMap<>();
        bindings.forEach((preset, list) -> {
            List<String> ids = new ArrayList<>();
            for (Binding b : list) {
                if (commands.get(b.command().id()) != b.command() || ids.contains(b.id())) {
                    throw new IllegalArgumentException(say("catalogue.has-no-place-for-the", preset, b.id()));
                }
                ids.add(b.id());
            }
            presets.put(preset, List.copyOf(list));
        });
    }

    /** The command with this id, or null. */
    public Command command(String id) {
        return commands.get(id);
    }

    /** All commands by id. */
    public Map<String, Command> commands() {
        return commands;
    }

    /** The bindings of a preset, those first that hints name first; or null. */
    public List<Binding> bindings(String preset) {
        return presets.get(preset);
    }

    /**
     * An unchanged preset.
     *
     * @throws IllegalArgumentException if there is none with this id
     */
    public Keymap preset(String id) {
        return Keymap.preset(this, id);
    }

    /**
     * A keymap from what was stored.
     *
     * @throws IllegalArgumentException saying what is wrong with it
     */
    public Keymap keymap(Map<String, Object> stored) {
        return KeymapFile.of(this, stored);
    }

    /**
     * The user's keymaps from what was stored.
     *
     * @throws IllegalArgumentException saying what is wrong with it
     */
    public Keymaps keymaps(Map<String, Object> stored) {
        return Keymaps.of(this, stored);
    }

    /**
     * A keymap of a file, as far as it can be used.
     *
     * @throws IllegalArgumentException saying what is wrong where nothing of it can be used
     */
    public KeymapFile.Read read(Map<String, Object> file) {
        return KeymapFile.read(this, file);
    }
}
