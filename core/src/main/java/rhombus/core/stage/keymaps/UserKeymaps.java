package rhombus.core.stage.keymaps;

import static rhombus.core.words.Messages.say;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.CharacterShortcuts;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapAnalysis;
import rhombus.core.keymap.KeymapFile;
import rhombus.core.keymap.Keymaps;
import rhombus.core.keymap.MirroredKeymap;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;

/** The user's keymaps: which is in use, what is done with them as a whole, and the undo of every change. */
public final class UserKeymaps {
    private final StageContext ground;
    private final InputResolver resolver;
    private final Deque<Keymaps> before = new ArrayDeque<>();
    private final Deque<Keymaps> after = new ArrayDeque<>();
    private Keymaps all;
    private Keymap brought;
    /** Name of the keymap of all other scenes, where this one has a keymap of its own; else null. */
    private String elsewhere;

    /** The keymaps of a hand, the one in use being that of a resolver. */
    public UserKeymaps(StageContext ground, InputResolver resolver) {
        this.ground = ground;
        this.resolver = resolver;
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
    @PageCall
    public List<String> triggersOf(String commandId, Map<String, String> layout) {
        return inUse().bindings().stream()
                .filter(b -> b.command().id().equals(commandId) && b.trigger() != null)
                .map(b -> b.trigger().words(b.modifiers(), layout))
                .toList();
    }

    /** The settings have changed, and with them what is switched off. */
    public void habits() {
        resolver.use(lettersOn() ? keymap() : keymap().without(CharacterShortcuts::single));
        ground.changes().add(ChangeTopic.READOUT);
    }

    /** Whether shortcuts of a single character are on. */
    public boolean lettersOn() {
        return ground.habits().on(AllHabits.LETTERS);
    }

    /**
     * Uses the keymaps that were kept. A scene that has a keymap of its own goes on with that one if it is among them. What
     * was changed before cannot be taken back any more: that would also take back what came from another window.
     */
    public void use(Keymaps kept) {
        before.clear();
        after.clear();
        String mine = elsewhere == null ? null : keymap().name();
        Keymaps there = mine == null ? null : kept.named(mine);
        elsewhere = there == null ? null : kept.active().name();
        show(there == null ? kept : there);
    }

    private void show(Keymaps next) {
        all = next;
        habits();
        ground.changes().add(ChangeTopic.KEYMAP);
    }

    /** All keymaps as they are kept for the user: with the one in use that is so in scenes without one of their own. */
    public Keymaps kept() {
        Keymaps usual = elsewhere == null ? null : all.named(elsewhere);
        return usual == null ? all : usual;
    }

    /** Name of the keymap of all other scenes; null where this scene has none of its own. */
    public String elsewhere() {
        return elsewhere;
    }

    /** The keymap in use is that of this scene only from now on, or that of all scenes. */
    public void onlyHere(boolean on) {
        elsewhere = !on ? null : elsewhere == null ? keymap().name() : elsewhere;
        ground.changes().add(ChangeTopic.KEYMAP, ChangeTopic.KEEP, ChangeTopic.KEEP_KEYMAP);
    }

    /** Name of the keymap that this scene has of its own, as it is kept with its views; null where it has none. */
    public String ofScene() {
        return elsewhere == null ? null : keymap().name();
    }

    /** The scene was kept with a keymap of its own, or with none where the name is null. */
    public void ofScene(String name) {
        Keymaps there = name == null ? null : kept().named(name);
        if (name != null && there == null) {
            ground.changes()
                    .notice(
                            say(
                                    "user-keymaps.the-keymap-of-this-scene",
                                    name,
                                    kept().active().name()),
                            null,
                            null);
        }
        Keymaps usual = kept();
        elsewhere = there == null ? null : usual.active().name();
        show(there == null ? usual : there);
    }

    /** Whether there is a change to take back. */
    public boolean canUndo() {
        return !before.isEmpty();
    }

    /** Takes the last change back. */
    @PageCall
    public boolean undo() {
        if (before.isEmpty()) {
            return false;
        }
        after.push(all);
        show(before.pop());
        keep();
        return true;
    }

    /** Whether there is a change to make again. */
    public boolean canRedo() {
        return !after.isEmpty();
    }

    /** Makes the change again that was taken back last. */
    @PageCall
    public boolean redo() {
        if (after.isEmpty()) {
            return false;
        }
        before.push(all);
        show(after.pop());
        keep();
        return true;
    }

    /** The preset's own trigger again for one binding, or for all where the id is empty. */
    @PageCall
    public void reset(String bindingId) {
        Keymap map = keymap();
        change(bindingId.isEmpty() ? map.bare() : map.reset(bindingId));
    }

    /** The presets' own triggers again for all bindings of the commands under a heading. */
    @PageCall
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

    /** A preset as it comes is in use; what was in use is kept where it is more than a preset. */
    @PageCall
    public void preset(String id) {
        change(all.usePreset(id));
    }

    /** Another keymap of the user's is in use. */
    @PageCall
    public void choose(String name) {
        change(all.use(name));
    }

    /** A copy under another name is in use. */
    @PageCall
    public void copy(String name) {
        change(all.copy(name));
    }

    /**
     * Another name for the keymap in use.
     *
     * @return what is wrong with the name, or null
     */
    @PageCall
    @OrNull
    public String rename(String name) {
        try {
            Keymaps next = all.rename(name);
            if (keymap().name().equals(elsewhere)) {
                elsewhere = next.active().name();
            }
            change(next);
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    /** Keymaps that were brought: the one that was in use there is so here, and what there is stays beside them. */
    void takeAll(Keymaps brought) {
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
    @PageCall
    public void delete() {
        change(all.delete());
    }

    /** The keymap for the other hand. */
    @PageCall
    public void mirror() {
        change(MirroredKeymap.of(keymap()));
    }

    /** Goes on to the next of the user's keymaps, and says which it is. */
    public void next() {
        if (!keymap().own() && all.others().isEmpty()) {
            ground.changes().notice(say("user-keymaps.there-is-no-other-keymap"), null, null);
            return;
        }
        change(all.next());
        ground.changes().notice(say("user-keymaps.keymap", keymap().name()), null, null);
    }

    /** Looks at a keymap file; nothing changes yet. */
    @PageCall
    public ImportedKeymap bring(Map<String, Object> file) {
        brought = null;
        try {
            KeymapFile.Read r = keymap().catalogue().read(file);
            brought = r.keymap();
            List<String> problems = new ArrayList<>(r.problems());
            for (String clash : KeymapAnalysis.clashes(brought)) {
                problems.add(say("user-keymaps.answer-the-same-motion-in", clash));
            }
            return new ImportedKeymap(brought.name(), null, problems, brought.differing());
        } catch (IllegalArgumentException e) {
            return new ImportedKeymap("", e.getMessage(), List.of(), 0);
        }
    }

    /** A keymap came with an address: told, with the way to use it; nothing changes yet. */
    @PageCall
    public void came(Map<String, Object> keymap) {
        ImportedKeymap seen = bring(keymap);
        if (seen.refused() != null) {
            ground.changes().notice(say("user-keymaps.the-keymap-of-this-address", seen.refused()), null, null);
            return;
        }
        String left = seen.problems().isEmpty()
                ? ""
                : say("user-keymaps.and-cannot-be-used", seen.problems().size());
        ground.changes()
                .notice(
                        say("user-keymaps.the-keymap-came-with-the", seen.name(), seen.changes(), left),
                        say("user-keymaps.use-it"),
                        "app.take-keymap");
    }

    /** Uses what can be used of the file that was looked at, as a change that can be taken back. */
    @PageCall
    public boolean useBrought() {
        if (brought == null) {
            return false;
        }
        change(all.use(brought));
        brought = null;
        return true;
    }

    /** The keymap in use changes, as a step that can be taken back. */
    public void change(Keymap next) {
        change(all.with(next));
    }

    /** The keymaps in use were tried, and stay: a change that can be taken back. */
    void changedFrom(Keymaps was) {
        before.push(was);
        after.clear();
        ground.changes().add(ChangeTopic.KEYMAP);
        keep();
    }

    private void change(Keymaps next) {
        if (next.equals(all)) {
            return;
        }
        before.push(all);
        after.clear();
        show(next);
        keep();
    }

    private void keep() {
        ground.changes().add(ChangeTopic.KEEP_KEYMAP);
        if (elsewhere != null) {
            ground.changes().add(ChangeTopic.KEEP);
        }
    }

    /** The keymap in use as plain data. */
    @PageCall
    public Map<String, Object> current() {
        return keymap().toPlain();
    }

    /** All keymaps as they are kept for the user, as plain data. */
    @PageCall
    public Map<String, Object> toPlain() {
        return kept().toPlain();
    }

    /** Uses the keymaps that were kept; gives what is wrong with them, or null. */
    @PageCall
    @OrNull
    public String useKept(Map<String, Object> stored) {
        try {
            use(keymap().catalogue().keymaps(stored));
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }
}
