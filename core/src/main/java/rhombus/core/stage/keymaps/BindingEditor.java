package rhombus.core.stage.keymaps;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.keymap.BindableCommand;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.KeyNames;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapAnalysis;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Platform;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.TriggerCapture;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.input.InputReceiver;

/** Changing the keymap by doing: what was done, what stands against it, and the change. */
public final class BindingEditor {
    private final UserKeymaps keymaps;
    private final InputReceiver input;
    private Trigger done;
    private int doneModifiers;
    private boolean pointed;
    private Binding binding;
    private Trigger trigger;
    private int modifiers;
    private String clash;
    private boolean loses;
    private boolean losesBySwap;
    private Trigger free;
    private int freeModifiers;
    private Platform platform = Platform.LINUX;

    /** Changes the keymap in use by what the hand does. */
    public BindingEditor(UserKeymaps keymaps, InputReceiver input) {
        this.keymaps = keymaps;
        this.input = input;
    }

    /** The user's keymaps, one of which is changed. */
    public UserKeymaps keymaps() {
        return keymaps;
    }

    private Keymap keymap() {
        return keymaps.keymap();
    }

    /** The system the browser runs on, in its own words. */
    @PageCall
    public void runsOn(String told) {
        platform = Platform.of(told);
    }

    /** The system the browser runs on. */
    public Platform platform() {
        return platform;
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
    @PageCall
    public boolean look() {
        TriggerCapture c = input.capture();
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
    @PageCall
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
    @PageCall
    public void forget() {
        done = null;
    }

    /** What a command can be given one more trigger for; {@link #take} chooses one of them. */
    public List<Binding> fresh(String commandId) {
        Command c = keymap().catalogue().command(commandId);
        return c == null ? List.of() : BindableCommand.of(keymap(), c);
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
    @PageCall
    @OrNull
    public CapturedTrigger captured(Map<String, String> layout) {
        TriggerCapture c = input.capture();
        if (c != null && c.alone() != null && binding != null) {
            String key = KeyNames.of(c.alone(), layout);
            int modifier = Modifiers.ofCode(c.alone());
            input.capture(false);
            trigger = null;
            return CapturedTrigger.refused(
                    modifier == 0 ? key : Modifiers.name(modifier),
                    modifier == 0
                            ? say("rebinding.tab-goes-on")
                            : say("rebinding.alone-is-no-trigger", Modifiers.name(modifier)));
        }
        if (c == null || c.trigger() == null || binding == null) {
            return null;
        }
        input.capture(false);
        pointed = false;
        return judged(meant(c.trigger()), c.modifiers(), layout);
    }

    /** What stands against giving the binding that was taken the trigger that is looked for; null where there is none. */
    @PageCall
    @OrNull
    public CapturedTrigger offered(Map<String, String> layout) {
        return done == null || binding == null ? null : judged(meant(done), doneModifiers, layout);
    }

    private CapturedTrigger judged(Trigger t, int mods, Map<String, String> layout) {
        trigger = t;
        modifiers = mods;
        KeymapAnalysis.Verdict v = KeymapAnalysis.check(keymap(), binding, trigger, modifiers, layout, platform);
        clash = v.clash();
        loses = !v.loses().isEmpty();
        losesBySwap = !v.losesBySwap().isEmpty();
        free = v.free();
        freeModifiers = v.freeModifiers();
        Binding other = clash == null ? null : keymap().binding(clash);
        return new CapturedTrigger(
                trigger.words(modifiers, layout),
                v.refused(),
                other == null ? null : other.words(),
                binding.trigger() != null,
                v.notes(),
                v.loses(),
                v.losesBySwap(),
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

    /** Makes the change that was captured last, where nothing is lost by it that nobody can do without. */
    public void apply(String how) {
        apply(how, false);
    }

    /**
     * Makes the change that was captured last.
     *
     * @param how {@code set}, or with a clash {@code swap} (the other gets this binding's trigger) or {@code replace}
     *     (the other gets none); with a clash {@code set} does nothing; {@code free} gives the free trigger that was told
     * @param sure whether the user has said yes to what is lost by it; without that a change that loses something does nothing
     */
    @PageCall
    public void apply(String how, boolean sure) {
        if (how.equals("free")) {
            if (free != null && trigger != null) {
                keymaps.change(keymap().with(binding.with(free, freeModifiers)));
                trigger = null;
            }
            return;
        }
        boolean lost = how.equals("swap") ? losesBySwap : loses;
        if (trigger == null || clash != null && how.equals("set") || lost && !sure) {
            return;
        }
        Keymap next = keymap().with(binding.with(trigger, modifiers));
        if (clash != null) {
            next = how.equals("swap")
                    ? next.with(clash, binding.trigger(), binding.modifiers())
                    : next.with(clash, null, 0);
        }
        keymaps.change(next);
        trigger = null;
    }
}
