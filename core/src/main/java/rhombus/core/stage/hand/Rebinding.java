package rhombus.core.stage.hand;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Analysis;
import rhombus.core.keymap.Bindable;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Capture;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapFile;
import rhombus.core.keymap.Keymaps;
import rhombus.core.keymap.Letters;
import rhombus.core.keymap.Mirror;
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
    private final Deque<Keymaps> before = new ArrayDeque<>();
    private final Deque<Keymaps> after = new ArrayDeque<>();
    private Keymaps all;
    private Keymap brought;
    private Trigger done;
    private int doneModifiers;
    private boolean pointed;
    private Binding binding;
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
        this.all = new Keymaps(resolver.keymap(), List.of());
    }

    /** The keymap in use, with all its triggers. */
    public Keymap keymap() {
        return all.active();
    }

    /** All keymaps of the user. */
    public Keymaps all() {
        return all;
    }

    /** The keymap as it answers: without what the settings switch off. */
    public Keymap inUse() {
        return resolver.keymap();
    }

    /** The triggers of a command as it answers, in words. */
    public List<Object> triggersOf(String commandId, Map<String, String> layout) {
        return inUse().bindings().stream()
                .filter(b -> b.command().id().equals(commandId) && b.trigger() != null)
                .<Object>map(b -> b.trigger().words(b.modifiers(), layout))
                .toList();
    }

    /** The settings have changed, and with them what is switched off. */
    public void habits() {
        resolver.use(lettersOn() ? keymap() : keymap().without(Letters::single));
        ground.changes().add(Topic.READOUT);
    }

    /** Whether shortcuts of a single character are on. */
    public boolean lettersOn() {
        return ground.habits().on(AllHabits.LETTERS);
    }

    /** The system the browser runs on, in its own words. */
    public void on(String told) {
        platform = Platform.of(told);
    }

    /** The system the browser runs on. */
    public Platform platform() {
        return platform;
    }

    /** Uses the keymaps that were kept. */
    public void use(Keymaps kept) {
        all = kept;
        habits();
        ground.changes().add(Topic.KEYMAP);
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
        pointed = false;
        input.capture(false);
        return true;
    }

    /**
     * A motion of the hand is looked for that was pointed at, not done. Of a key that is pressing and holding it.
     *
     * @param id of the trigger
     */
    public void lookAt(String id, int mods) {
        done = Trigger.named(id);
        doneModifiers = mods;
        pointed = true;
    }

    /** Whether a binding answers to what is looked for. */
    public boolean looksFor(Binding b) {
        if (done == null || b.trigger() == null || b.modifiers() != doneModifiers) {
            return false;
        }
        boolean oneKey = pointed && done.kind().ofKey() && b.trigger().kind().ofKey();
        return oneKey ? done.code().equals(b.trigger().code()) : done.equals(b.trigger());
    }

    /** Whether a command can be given what is looked for; a key that was pointed at can be pressed or held. */
    public boolean fits(Command c) {
        boolean held = pointed && done != null && done.kind() == Trigger.Kind.KEY && c.fits(Trigger.Kind.HOLD);
        return done != null && (c.fits(done.kind()) || held);
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
        before.push(all);
        use(after.pop());
        ground.changes().add(Topic.KEEP_KEYMAP);
        return true;
    }

    /** Whether there is a change to take back. */
    public boolean canUndo() {
        return !before.isEmpty();
    }

    /** What a command can be given one more trigger for; {@link #take} chooses one of them. */
    public List<Binding> fresh(String commandId) {
        Command c = keymap().catalogue().command(commandId);
        return c == null ? List.of() : Bindable.of(keymap(), c);
    }

    /**
     * The binding whose trigger is looked for from now on: one that is there, or one that is to be added.
     *
     * @param id of a binding, or of a command that gets one more
     * @param which of those that {@link #fresh} tells of the command
     * @return the binding, or null if there is none
     */
    public Binding take(String id, int which) {
        binding = keymap().binding(id);
        if (binding == null) {
            List<Binding> some = fresh(id);
            binding = which < some.size() ? some.get(which) : null;
        }
        trigger = null;
        return binding;
    }

    /** What the hand has done for the binding that was taken and what stands against it; null while it is undecided. */
    public Captured captured(Map<String, String> layout) {
        Capture c = input.capture();
        if (c == null || c.trigger() == null || binding == null) {
            return null;
        }
        input.capture(false);
        pointed = false;
        return judged(meant(c.trigger()), c.modifiers(), layout);
    }

    /** What stands against giving the binding that was taken the trigger that is looked for; null where there is none. */
    public Captured offered(Map<String, String> layout) {
        return done == null || binding == null ? null : judged(meant(done), doneModifiers, layout);
    }

    private Captured judged(Trigger t, int mods, Map<String, String> layout) {
        trigger = t;
        modifiers = mods;
        Analysis.Verdict v = Analysis.check(keymap(), binding, trigger, modifiers, layout, platform);
        clash = v.clash();
        free = v.free();
        freeModifiers = v.freeModifiers();
        Binding other = clash == null ? null : keymap().binding(clash);
        return new Captured(
                trigger.words(modifiers, layout),
                v.refused(),
                other == null ? null : other.words(),
                binding.trigger() != null,
                v.notes(),
                v.free() == null ? null : v.free().words(v.freeModifiers(), layout));
    }

    /** Fingers that move on a trackpad turn a wheel for what goes by steps, and slide for what follows the hand. */
    private Trigger meant(Trigger t) {
        if (pointed && t.kind() == Trigger.Kind.KEY && binding.command().sort() == Command.Sort.MOTION) {
            return Trigger.hold(t.code());
        }
        boolean turned = t.equals(Trigger.wheel()) || t.equals(Trigger.slide());
        return switch (binding.command().sort()) {
            case STEPS -> turned ? Trigger.wheel() : t;
            case MOTION -> turned ? Trigger.slide() : t;
            default -> t;
        };
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
                change(keymap().with(binding.with(free, freeModifiers)));
                trigger = null;
            }
            return;
        }
        if (trigger == null || clash != null && how.equals("set")) {
            return;
        }
        Keymap next = keymap().with(binding.with(trigger, modifiers));
        if (clash != null) {
            next = how.equals("swap")
                    ? next.with(clash, binding.trigger(), binding.modifiers())
                    : next.with(clash, null, 0);
        }
        change(next);
        trigger = null;
    }

    /** The presets' own triggers again for all bindings of the commands under a heading. */
    public void resetGroup(String group) {
        Keymap next = keymap();
        for (Binding b : keymap().bindings()) {
            if (b.command().group().equals(group) && next.differs(b.id())) {
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
            KeymapFile.Read r = keymap().catalogue().read(file);
            brought = r.keymap();
            List<String> problems = new ArrayList<>(r.problems());
            for (String clash : Analysis.clashes(brought)) {
                problems.add(clash + " answer the same motion in the same place; only one of them will");
            }
            return new BroughtKeys(brought.name(), null, problems, brought.differing());
        } catch (IllegalArgumentException e) {
            return new BroughtKeys("", e.getMessage(), List.of(), 0);
        }
    }

    /** Uses what can be used of the file that was looked at, as a change that can be taken back. */
    public void useBrought() {
        if (brought != null) {
            change(all.use(brought));
            brought = null;
        }
    }

    /** The preset's own trigger again for one binding, or for all where the id is empty. */
    public void reset(String bindingId) {
        Keymap map = keymap();
        change(bindingId.isEmpty() ? map.catalogue().preset(map.preset()) : map.reset(bindingId));
    }

    /** A preset as it comes is in use; what was in use is kept where it is more than a preset. */
    public void preset(String id) {
        change(all.usePreset(id));
    }

    /** Another keymap of the user's is in use. */
    public void choose(String name) {
        change(all.use(name));
    }

    /** A copy under another name is in use. */
    public void copy(String name) {
        change(all.copy(name));
    }

    /**
     * Another name for the keymap in use.
     *
     * @return what is wrong with the name, or null
     */
    public String rename(String name) {
        try {
            change(all.rename(name));
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    /** Keymaps that were brought: the one that was in use there is so here, and what there is stays beside them. */
    void take(Keymaps brought) {
        Keymaps next = all;
        for (int i = brought.others().size() - 1; i >= 0; i--) {
            next = next.use(brought.others().get(i));
        }
        change(
                brought.active().own()
                        ? next.use(brought.active())
                        : next.usePreset(brought.active().preset()));
    }

    /** The keymap in use is gone; its preset is in use again. */
    public void delete() {
        change(all.delete());
    }

    /** The keymap for the other hand. */
    public void mirror() {
        change(Mirror.of(keymap()));
    }

    /** Goes on to the next of the user's keymaps, and says which it is. */
    public void next() {
        if (!keymap().own() && all.others().isEmpty()) {
            ground.changes().notice("There is no other keymap to switch to; the Keys page makes them.", null, null);
            return;
        }
        change(all.next());
        ground.changes().notice("Keymap: " + keymap().name() + ".", null, null);
    }

    private void change(Keymap next) {
        change(all.with(next));
    }

    /** The keymaps in use were tried, and stay: a change that can be taken back. */
    void changedFrom(Keymaps was) {
        before.push(was);
        after.clear();
        ground.changes().add(Topic.KEYMAP, Topic.KEEP_KEYMAP);
    }

    private void change(Keymaps next) {
        if (next.equals(all)) {
            return;
        }
        before.push(all);
        after.clear();
        use(next);
        ground.changes().add(Topic.KEEP_KEYMAP);
    }

    /** Takes the last change back. */
    public boolean undo() {
        if (before.isEmpty()) {
            return false;
        }
        after.push(all);
        use(before.pop());
        ground.changes().add(Topic.KEEP_KEYMAP);
        return true;
    }
}
