package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Checks a change of a keymap before it is made. */
public final class KeymapAnalysis {
    private KeymapAnalysis() {}

    /**
     * What stands against a change.
     *
     * @param refused why it cannot be made as it is, or null
     * @param clash id of the binding that answers the same motion in the same place, or null
     * @param notes what the user should know all the same
     * @param loses what nothing would run any more that nobody can do without, in words
     * @param losesBySwap the same where the binding that clashes gets the trigger that this one had
     * @param free a trigger near it that nothing else answers to, where something is said against this one; or null
     * @param freeModifiers of it
     */
    public record Verdict(
            String refused,
            String clash,
            List<String> notes,
            List<String> loses,
            List<String> losesBySwap,
            Trigger free,
            int freeModifiers) {
        static Verdict refused(String why) {
            return new Verdict(why, null, List.of(), List.of(), List.of(), null, 0);
        }
    }

    /** Looks at giving a binding another trigger. */
    public static Verdict check(
            Keymap map, String bindingId, Trigger t, int mods, Map<String, String> layout, Platform platform) {
        return check(map, map.binding(bindingId), t, mods, layout, platform);
    }

    /** Looks at giving a trigger to a binding, which may be one that the keymap does not have yet. */
    public static Verdict check(
            Keymap map, Binding b, Trigger t, int mods, Map<String, String> layout, Platform platform) {
        Command command = b.command();
        String words = t.words(mods, layout);
        if (!command.fits(t.kind())) {
            return Verdict.refused(
                    say("analysis.needs-you-did", b.words(), command.sort().words(), words));
        }
        Binding wanted = b.with(t, mods);
        String clash = null;
        for (Binding o : map.bindings()) {
            if (!o.id().equals(b.id()) && wanted.clashesWith(o)) {
                if (sameDeed(b, o)) {
                    return Verdict.refused(say("analysis.has-already", b.words(), words));
                }
                clash = o.id();
            }
        }
        List<String> notes = new ArrayList<>();
        Keymap alone = map.with(wanted);
        Keymap then = clash == null ? alone : alone.with(clash, null, 0);
        notes.addAll(BindingWarnings.of(then, wanted, platform, layout));
        notes.addAll(hides(map, then, wanted, clash, layout));
        boolean free = clash == null && notes.isEmpty();
        FreeTriggerFinder.Chord near = free ? null : FreeTriggerFinder.near(map, b, t, mods, platform, layout);
        return new Verdict(
                null,
                clash,
                notes,
                lost(map, then),
                clash == null ? List.of() : lost(map, alone.with(clash, b.trigger(), b.modifiers())),
                near == null ? null : near.trigger(),
                near == null ? 0 : near.modifiers());
    }

    /** What a change takes from others, a sentence each: where something comes before them that did not. */
    static List<String> hides(Keymap before, Keymap after, Binding by, String clash, Map<String, String> layout) {
        List<String> out = new ArrayList<>();
        for (Binding o : TriggerOverlap.covered(before, after, by)) {
            if (!o.id().equals(clash)) {
                String words = o.trigger().words(o.modifiers(), layout);
                out.add(
                        TriggerOverlap.reached(after, o)
                                ? say(
                                        "analysis.comes-before",
                                        o.words(),
                                        words,
                                        by.context().words())
                                : say("analysis.takes-away", o.words(), words));
            }
        }
        return out;
    }

    /** What nobody can do without that a change would leave without any trigger, in words. */
    private static List<String> lost(Keymap before, Keymap after) {
        List<String> had = missing(before);
        return missing(after).stream()
                .filter(id -> !had.contains(id))
                .map(id -> after.catalogue().command(id).words())
                .toList();
    }

    private static boolean sameDeed(Binding a, Binding b) {
        return a.command() == b.command() && a.args().equals(b.args());
    }

    /** Pairs of bindings that answer the same motion in the same place; empty for a sound keymap. */
    public static List<String> clashes(Keymap map) {
        List<String> out = new ArrayList<>();
        List<Binding> l = map.bindings();
        for (int i = 0; i < l.size(); i++) {
            for (int k = i + 1; k < l.size(); k++) {
                if (l.get(i).clashesWith(l.get(k))) {
                    out.add(say("analysis.and", l.get(i).id(), l.get(k).id()));
                }
            }
        }
        return out;
    }

    /** Ids of commands that nobody can do without and that no trigger reaches. */
    public static List<String> missing(Keymap map) {
        List<String> out = new ArrayList<>();
        for (Command c : map.catalogue().commands().values()) {
            boolean there = !c.essential() && !c.has(CommandTrait.INDISPENSABLE)
                    || map.bindings().stream()
                            .anyMatch(b -> b.command() == c && b.trigger() != null && TriggerOverlap.reached(map, b));
            if (!there) {
                out.add(c.id());
            }
        }
        return out;
    }
}
