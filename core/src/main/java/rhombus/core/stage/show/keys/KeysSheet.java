package rhombus.core.stage.show.keys;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Keymap;
import rhombus.core.stage.show.readout.ReadoutRow;

/**
 * A keymap as one sheet to print: what has a trigger, under its headings.
 *
 * @param name of the keymap
 * @param groups headings with their rows
 */
public record KeysSheet(String name, List<Group> groups) {
    /**
     * A heading.
     *
     * @param heading its words
     * @param rows commands with their triggers
     */
    public record Group(String heading, List<ReadoutRow> rows) {}

    /** The sheet of a keymap; {@code layout} tells what the user's own keyboard prints on its keys. */
    public static KeysSheet of(Keymap map, Map<String, String> layout) {
        Map<String, List<ReadoutRow>> groups = new LinkedHashMap<>();
        for (Command c : map.catalogue().commands().values()) {
            // Triggers of one place are told together.
            Map<String, List<String>> places = new LinkedHashMap<>();
            for (Binding b : map.bindings()) {
                if (b.command() == c && b.trigger() != null) {
                    String where = b.context().compareTo(BindingContext.STAGE) < 0
                            ? " " + b.context().words()
                            : "";
                    places.computeIfAbsent(where, w -> new ArrayList<>())
                            .add(b.trigger().words(b.modifiers(), layout));
                }
            }
            if (!places.isEmpty()) {
                List<String> told = new ArrayList<>();
                places.forEach((where, triggers) -> told.add(String.join(" · ", triggers) + where));
                groups.computeIfAbsent(c.group(), g -> new ArrayList<>())
                        .add(new ReadoutRow(c.words(), String.join("; ", told)));
            }
        }
        List<Group> out = new ArrayList<>();
        groups.forEach((heading, rows) -> out.add(new Group(heading, rows)));
        return new KeysSheet(map.name(), out);
    }
}
