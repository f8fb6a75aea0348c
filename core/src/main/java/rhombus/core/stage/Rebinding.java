package rhombus.core.stage;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Analysis;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Capture;
import rhombus.core.keymap.Commands;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.Plain;

/** Changing the keymap by doing: what was done, what stands against it, and the change with its undo. */
public final class Rebinding {
    private final Stage stage;
    private final Deque<Keymap> before = new ArrayDeque<>();
    private String binding = "";
    private Trigger trigger;
    private int modifiers;
    private String clash;

    Rebinding(Stage stage) {
        this.stage = stage;
    }

    /** Everything the Keys page lists. */
    public Map<String, Object> page(Map<String, String> layout) {
        List<Object> presets = new ArrayList<>();
        Presets.names().forEach((id, name) -> presets.add(Plain.map("id", id, "name", name)));
        List<Object> missing = new ArrayList<>();
        for (String id : Analysis.missing(stage.keymap())) {
            missing.add(Commands.named(id).words());
        }
        return Plain.map(
                "name", stage.keymap().name(),
                "preset", stage.keymap().preset(),
                "presets", presets,
                "changed", stage.keymap().changes().size(),
                "missing", missing,
                "canUndo", !before.isEmpty(),
                "bindings", stage.snapshots().bindings(layout));
    }

    /** What the hand has done for a binding so far and what stands against it; null while it is undecided. */
    public Map<String, Object> captured(String bindingId, Map<String, String> layout) {
        Capture c = stage.capture();
        if (c == null || c.trigger() == null || stage.keymap().binding(bindingId) == null) {
            return null;
        }
        binding = bindingId;
        trigger = c.trigger();
        modifiers = c.modifiers();
        stage.capture(false);
        Analysis.Verdict v = Analysis.check(stage.keymap(), binding, trigger, modifiers, layout);
        clash = v.clash();
        Binding other = clash == null ? null : stage.keymap().binding(clash);
        Binding own = stage.keymap().binding(binding);
        return Plain.map(
                "words", trigger.words(modifiers, layout),
                "refused", v.refused(),
                "clash", other == null ? null : other.words(),
                "canSwap", own.trigger() != null,
                "notes", new ArrayList<Object>(v.notes()));
    }

    /**
     * Makes the change that was captured last.
     *
     * @param how {@code set}, or with a clash {@code swap} (the other gets this binding's trigger) or {@code replace}
     *     (the other gets none); with a clash {@code set} does nothing
     */
    public void apply(String how) {
        if (trigger == null || clash != null && how.equals("set")) {
            return;
        }
        Keymap map = stage.keymap();
        Binding own = map.binding(binding);
        Keymap next = map.with(binding, trigger, modifiers);
        if (clash != null) {
            next = how.equals("swap")
                    ? next.with(clash, own.trigger(), own.modifiers())
                    : next.with(clash, null, 0);
        }
        use(next);
        trigger = null;
    }

    /** The preset's own trigger again for one binding, or for all where the id is empty. */
    public void reset(String bindingId) {
        Keymap map = stage.keymap();
        use(bindingId.isEmpty() ? Keymap.preset(map.preset()) : map.reset(bindingId));
    }

    /** Another preset, without the changes of the present keymap. */
    public void preset(String id) {
        use(Keymap.preset(id));
    }

    private void use(Keymap next) {
        before.push(stage.keymap());
        stage.use(next);
    }

    /** Takes the last change back. */
    public boolean undo() {
        if (before.isEmpty()) {
            return false;
        }
        stage.use(before.pop());
        return true;
    }
}
