package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Analysis;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Context;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Presets;
import rhombus.core.plain.Plain;
import rhombus.core.stage.hand.Rebinding;

/** The keymap as the Keys page lists it: every binding with its words and trigger, in the order of the commands. */
public final class KeysPage {
    private KeysPage() {}

    /** Everything it lists; {@code layout} tells what the user's own keyboard prints on its keys. */
    public static Map<String, Object> of(Rebinding rebinding, Map<String, String> layout) {
        Keymap map = rebinding.keymap();
        List<Object> presets = new ArrayList<>();
        Presets.names().forEach((id, name) -> presets.add(Plain.map("id", id, "name", name)));
        List<Object> missing = new ArrayList<>();
        for (String id : Analysis.missing(map)) {
            missing.add(map.catalogue().command(id).words());
        }
        return Plain.map(
                "name", map.name(),
                "preset", map.preset(),
                "presets", presets,
                "changed", map.changes().size(),
                "missing", missing,
                "canUndo", rebinding.canUndo(),
                "bindings", bindings(map, layout));
    }

    private static List<Object> bindings(Keymap map, Map<String, String> layout) {
        List<Object> out = new ArrayList<>();
        for (Command c : map.catalogue().commands().values()) {
            for (Binding b : map.bindings()) {
                if (b.command() == c) {
                    out.add(binding(map, b, layout));
                }
            }
        }
        return out;
    }

    private static Map<String, Object> binding(Keymap map, Binding b, Map<String, String> layout) {
        return Plain.map(
                "id", b.id(),
                "group", b.command().group(),
                "words", b.words(),
                "needs", b.command().sort().words(),
                "where", b.context().words(),
                "special", b.context().compareTo(Context.STAGE) < 0,
                "trigger", b.trigger() == null ? null : b.trigger().words(b.modifiers(), layout),
                "changed", map.changes().containsKey(b.id()));
    }
}
