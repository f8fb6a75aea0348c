package rhombus.core.stage.hand;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Analysis;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Capture;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Platform;
import rhombus.core.keymap.Resolver;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Topic;

/** Changing the keymap by doing: what was done, what stands against it, and the change with its undo. */
public final class Rebinding {
    private final Ground ground;
    private final Resolver resolver;
    private final Input input;
    private final Deque<Keymap> before = new ArrayDeque<>();
    private final Deque<Keymap> after = new ArrayDeque<>();
    private Keymap brought;
    private Trigger done;
    private int doneModifiers;
    private String binding = "";
    private Trigger trigger;
    private int modifiers;
    private String clash;
    private Trigger free;
    private int freeModifiers;
    private Platform platform = Platform.LINUX;

    /** Changes the keymap of a resolver by what the hand does. */
    public Rebinding(Ground ground, Resolver resolver, Input input) {
        this.ground = ground;
        this.resolver = resolver;
        this.input = input;
    }

    /** The keymap in use. */
    public Keymap keymap() {
        return resolver.keymap();
    }

    /** The system the browser runs on, in its own words. */
    public void on(String told) {
        platform = Platform.of(told);
    }

    /** The system the browser runs on. */
    public Platform platform() {
        return platform;
    }

    /** Uses another keymap. */
    public void use(Keymap map) {
        resolver.use(map);
        ground.changes().add(Topic.KEYMAP, Topic.READOUT);
    }

    /** What the hand did to find out what it does; null while nothing is looked for so. */
    public Trigger done() {
        return done;
    }

    /** The modifiers that were down. */
    public int doneModifiers() {
        return doneModifiers;
    }

    /** What the hand has done is what is looked for; says whether it is decided already. */
    public boolean look() {
        Capture c = input.capture();
        if (c == null || c.trigger() == null) {
            return false;
        }
        done = c.trigger();
        doneModifiers = c.modifiers();
        input.capture(false);
        return true;
    }

    /** Nothing is looked for by doing any more. */
    public void forget() {
        done = null;
    }

    /** Whether there is a change to make again. */
    public boolean canRedo() {
        return !after.isEmpty();
    }

    /** Makes the change again that was taken back last. */
    public boolean redo() {
        if (after.isEmpty()) {
            return false;
        }
        before.push(keymap());
        use(after.pop());
        return true;
    }

    /** Whether there is a change to take back. */
    public boolean canUndo() {
        return !before.isEmpty();
    }

    /** What the hand has done for a binding so far and what stands against it; null while it is undecided. */
    public Captured captured(String bindingId, Map<String, String> layout) {
        Capture c = input.capture();
        if (c == null || c.trigger() == null || keymap().binding(bindingId) == null) {
            return null;
        }
        binding = bindingId;
        trigger = c.trigger();
        modifiers = c.modifiers();
        input.capture(false);
        Analysis.Verdict v = Analysis.check(keymap(), binding, trigger, modifiers, layout, platform);
        clash = v.clash();
        free = v.free();
        freeModifiers = v.freeModifiers();
        Binding other = clash == null ? null : keymap().binding(clash);
        Binding own = keymap().binding(binding);
        return new Captured(
                trigger.words(modifiers, layout),
                v.refused(),
                other == null ? null : other.words(),
                own.trigger() != null,
                v.notes(),
                v.free() == null ? null : v.free().words(v.freeModifiers(), layout));
    }

    /**
     * Makes the change that was captured last.
     *
     * @param how {@code set}, or with a clash {@code swap} (the other gets this binding's trigger) or {@code replace}
     *     (the other gets none); with a clash {@code set} does nothing; {@code free} gives the free trigger that was told
     */
    public void apply(String how) {
        if (how.equals("free")) {
            if (free != null && trigger != null) {
                change(keymap().with(binding, free, freeModifiers));
                trigger = null;
            }
            return;
        }
        if (trigger == null || clash != null && how.equals("set")) {
            return;
        }
        Keymap map = keymap();
        Binding own = map.binding(binding);
        Keymap next = map.with(binding, trigger, modifiers);
        if (clash != null) {
            next = how.equals("swap") ? next.with(clash, own.trigger(), own.modifiers()) : next.with(clash, null, 0);
        }
        change(next);
        trigger = null;
    }

    /** The presets' own triggers again for all bindings of the commands under a heading. */
    public void resetGroup(String group) {
        Keymap next = keymap();
        for (Binding b : keymap().bindings()) {
            if (b.command().group().equals(group) && next.changes().containsKey(b.id())) {
                next = next.reset(b.id());
            }
        }
        if (next != keymap()) {
            change(next);
        }
    }

    /** Looks at a keymap file; nothing changes yet. */
    public BroughtKeys bring(Map<String, Object> file) {
        brought = null;
        try {
            Keymap.Read r = keymap().catalogue().read(file);
            brought = r.keymap();
            List<String> problems = new ArrayList<>(r.problems());
            for (String clash : Analysis.clashes(brought)) {
                problems.add(clash + " answer the same motion in the same place; only one of them will");
            }
            return new BroughtKeys(
                    brought.name(), null, problems, brought.changes().size());
        } catch (IllegalArgumentException e) {
            return new BroughtKeys("", e.getMessage(), List.of(), 0);
        }
    }

    /** Uses what can be used of the file that was looked at, as a change that can be taken back. */
    public void useBrought() {
        if (brought != null) {
            change(brought);
            brought = null;
        }
    }

    /** The preset's own trigger again for one binding, or for all where the id is empty. */
    public void reset(String bindingId) {
        Keymap map = keymap();
        change(bindingId.isEmpty() ? map.catalogue().preset(map.preset()) : map.reset(bindingId));
    }

    /** Another preset, without the changes of the present keymap. */
    public void preset(String id) {
        change(keymap().catalogue().preset(id));
    }

    private void change(Keymap next) {
        before.push(keymap());
        after.clear();
        use(next);
    }

    /** Takes the last change back. */
    public boolean undo() {
        if (before.isEmpty()) {
            return false;
        }
        after.push(keymap());
        use(before.pop());
        return true;
    }
}
