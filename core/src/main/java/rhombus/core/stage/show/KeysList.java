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
import rhombus.core.stage.hand.Rebinding;
import rhombus.core.stage.view.Labelled;

/** The keymap as the Keys page lists it: every binding with its words and trigger, in the order of the commands. */
final class KeysList {
    private KeysList() {}

    static KeysPage of(Rebinding rebinding, Map<String, String> layout) {
        Keymap map = rebinding.keymap();
        List<Labelled> presets = new ArrayList<>();
        Presets.names().forEach((id, name) -> presets.add(new Labelled(id, name)));
        List<String> missing = Analysis.missing(map).stream()
                .map(id -> map.catalogue().command(id).words())
                .toList();
        return new KeysPage(
                map.name(),
                map.preset(),
                presets,
                map.changes().size(),
                missing,
                rebinding.canUndo(),
                bindings(map, layout));
    }

    private static List<KeyBinding> bindings(Keymap map, Map<String, String> layout) {
        List<KeyBinding> out = new ArrayList<>();
        for (Command c : map.catalogue().commands().values()) {
            for (Binding b : map.bindings()) {
                if (b.command() == c) {
                    out.add(binding(map, b, layout));
                }
            }
        }
        return out;
    }

    private static KeyBinding binding(Keymap map, Binding b, Map<String, String> layout) {
        return new KeyBinding(
                b.id(),
                b.command().group(),
                b.words(),
                b.command().sort().words(),
                b.context().words(),
                b.context().compareTo(Context.STAGE) < 0,
                b.trigger() == null ? null : b.trigger().words(b.modifiers(), layout),
                map.changes().containsKey(b.id()));
    }
}
