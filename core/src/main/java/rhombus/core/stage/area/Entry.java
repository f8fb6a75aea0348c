package rhombus.core.stage.area;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import rhombus.core.keymap.Argument;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Context;
import rhombus.core.keymap.Meanwhile;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Spoken;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.Grab;
import rhombus.core.stage.motion.Motion;

/**
 * One command as its area declares it: what it is called, what it can be told, which triggers the presets give it, and
 * what it does. All words of a declaration stand here, one after the other, so that whoever declares a command finds them
 * in one place: that is why this file is long.
 *
 * @param <A> the area
 */
final class Entry<A> {
    /** Does something that comes in steps. */
    interface Steps<A> {
        void by(A area, Call call, double steps);
    }

    /** Does something that lasts as long as a key is down. */
    interface Lasts<A> {
        void until(A area, Call call, boolean down, boolean tap);
    }

    /** A trigger of some presets. */
    private record Given(
            List<String> presets,
            String id,
            Trigger trigger,
            int modifiers,
            Context context,
            Map<String, Object> args,
            String words) {}

    private final String id;
    private final String words;
    private final String group;
    private final Command.Sort sort;
    private final EnumSet<Trait> traits = EnumSet.noneOf(Trait.class);
    private final List<Argument> arguments = new ArrayList<>();
    private final List<Given> triggers = new ArrayList<>();
    private boolean repeats;
    private boolean essential;
    private boolean anytime;
    private int rank;
    private Meanwhile meanwhile = Meanwhile.SETTLES;
    private Spoken spoken = Spoken.NOTHING;
    private Command.Exchange exchange;
    private String otherwise;
    private Command command;
    private BiPredicate<A, Call> does;
    private BiFunction<A, Grab, Motion> starts;
    private Steps<A> steps;
    private Lasts<A> lasts;
    private BiFunction<A, Call, String> told = (a, c) -> null;

    Entry(String id, String words, String group, Command.Sort sort) {
        this.id = id;
        this.words = words;
        this.group = group;
        this.sort = sort;
    }

    // ---- what it is ------------------------------------------------------------------------------------------------

    /** A keymap without it would leave the user stuck. */
    Entry<A> essential() {
        essential = true;
        return this;
    }

    /** A key held down does it again and again. */
    Entry<A> repeats() {
        repeats = true;
        return this;
    }

    /** It can be run before a scene is open. */
    Entry<A> anytime() {
        anytime = true;
        return this;
    }

    /** It runs beside a drag: it changes nothing that a drag changes or takes back. */
    Entry<A> joins() {
        meanwhile = Meanwhile.JOINS;
        return this;
    }

    /** It runs once a drag is over: nobody asks for it with the hand that drags. */
    Entry<A> waits() {
        meanwhile = Meanwhile.WAITS;
        return this;
    }

    /** It does not run during a drag. */
    Entry<A> refusedMeanwhile() {
        meanwhile = Meanwhile.REFUSED;
        return this;
    }

    Entry<A> traits(Trait... some) {
        traits.addAll(Arrays.asList(some));
        return this;
    }

    /** What it is called in hints and in the Trail. */
    Entry<A> spoken(Spoken s) {
        spoken = s;
        return this;
    }

    /** A motion's name, the same in every view. */
    Entry<A> called(String name) {
        return called(name, name, "");
    }

    /** A motion's name, its name in a flat view, and what it does in the words of the film set. */
    Entry<A> called(String name, String flat, String film) {
        return spoken(new Spoken(name, flat, film, "", ""));
    }

    /** What its entry in the Trail is called; <code>{}</code> stands for where it led. */
    Entry<A> trail(String deed) {
        return spoken(new Spoken("", "", "", deed, ""));
    }

    /** Hints tell its keys as one; {@code all} is what they do together, or empty where their own words say it. */
    Entry<A> ways(String all) {
        traits.add(Trait.WAYS);
        return spoken(new Spoken("", "", "", "", all));
    }

    /** What a click does instead where the buttons that select and list are exchanged. */
    Entry<A> exchangedFor(String other, Map<String, Object> args, String hint) {
        exchange = new Command.Exchange(other, args, hint);
        return this;
    }

    /** The motion that takes its place where it has nothing to take hold of. */
    Entry<A> otherwise(String motion) {
        otherwise = motion;
        return this;
    }

    /** Hints name what has a smaller rank first; usual is 0. */
    Entry<A> rank(int r) {
        rank = r;
        return this;
    }

    // ---- what it can be told ---------------------------------------------------------------------------------------

    private Entry<A> argument(String name, Argument.Type type, boolean required, String... choices) {
        arguments.add(new Argument(name, type, List.of(choices), required));
        return this;
    }

    Entry<A> text(String... names) {
        return each(Argument.Type.TEXT, names);
    }

    Entry<A> truth(String... names) {
        return each(Argument.Type.TRUTH, names);
    }

    Entry<A> number(String... names) {
        return each(Argument.Type.NUMBER, names);
    }

    Entry<A> whole(String... names) {
        return each(Argument.Type.WHOLE, names);
    }

    Entry<A> typed(String... names) {
        return each(Argument.Type.TYPED, names);
    }

    Entry<A> texts(String... names) {
        return each(Argument.Type.TEXTS, names);
    }

    Entry<A> choice(String name, List<String> choices) {
        return argument(name, Argument.Type.CHOICE, false, choices.toArray(new String[0]));
    }

    Entry<A> choice(String name, String... choices) {
        return argument(name, Argument.Type.CHOICE, false, choices);
    }

    /** One of some words, without which it does nothing. */
    Entry<A> needs(String name, String... choices) {
        return argument(name, choices.length == 0 ? Argument.Type.TEXT : Argument.Type.CHOICE, true, choices);
    }

    Entry<A> needs(String name, List<String> choices) {
        return needs(name, choices.toArray(new String[0]));
    }

    /** A place: its number, or one of some words. */
    Entry<A> place(String name, String... choices) {
        return argument(name, Argument.Type.PLACE, true, choices);
    }

    private Entry<A> each(Argument.Type type, String... names) {
        for (String n : names) {
            argument(n, type, false);
        }
        return this;
    }

    // ---- its triggers ----------------------------------------------------------------------------------------------

    /** A trigger of every preset. */
    Entry<A> on(String binding, Trigger t, int mods, Context c, String hint) {
        return on(binding, t, mods, c, Map.of(), hint);
    }

    Entry<A> on(String binding, Trigger t, int mods, Context c, Map<String, Object> args, String hint) {
        triggers.add(new Given(Presets.ALL, binding, t, mods, c, args, hint));
        return this;
    }

    /** A trigger of one preset. */
    Entry<A> only(String preset, String binding, Trigger t, int mods, Context c, String hint) {
        return only(List.of(preset), binding, t, mods, c, Map.of(), hint);
    }

    /** A trigger of some presets. */
    Entry<A> only(
            List<String> presets,
            String binding,
            Trigger t,
            int mods,
            Context c,
            Map<String, Object> args,
            String hint) {
        triggers.add(new Given(presets, binding, t, mods, c, args, hint));
        return this;
    }

    /** A trigger of all presets but some. */
    Entry<A> except(List<String> presets, String binding, Trigger t, int mods, Context c, String hint) {
        List<String> others =
                Presets.ALL.stream().filter(p -> !presets.contains(p)).toList();
        return only(others, binding, t, mods, c, Map.of(), hint);
    }

    /** A key of every preset, in every viewport. */
    Entry<A> key(String binding, String code, int mods, String hint) {
        return on(binding, Trigger.key(code), mods, Context.STAGE, hint);
    }

    Entry<A> key(String binding, String code, int mods, Map<String, Object> args, String hint) {
        return on(binding, Trigger.key(code), mods, Context.STAGE, args, hint);
    }

    // ---- what it does ----------------------------------------------------------------------------------------------

    void does(BiConsumer<A, Call> what) {
        tries((a, c) -> {
            what.accept(a, c);
            return true;
        });
    }

    /** The same for what may find nothing to do it to. */
    void tries(BiPredicate<A, Call> what) {
        does = what;
    }

    void starts(BiFunction<A, Grab, Motion> what) {
        starts = what;
    }

    void steps(Steps<A> what) {
        steps = what;
    }

    void lasts(Lasts<A> what) {
        lasts = what;
    }

    /** What a hint says instead of the binding's words, here and now. */
    Entry<A> told(BiFunction<A, Call, String> what) {
        told = what;
        return this;
    }

    // ---- for the runner --------------------------------------------------------------------------------------------

    /** The command; the same each time. */
    Command command() {
        if (command == null) {
            command = new Command(
                    id,
                    words,
                    group,
                    sort,
                    repeats,
                    essential,
                    traits,
                    spoken,
                    exchange,
                    otherwise,
                    List.copyOf(arguments),
                    meanwhile);
        }
        return command;
    }

    int rank() {
        return rank;
    }

    /** Its bindings in a preset. */
    List<Binding> bindings(String preset) {
        return triggers.stream()
                .filter(g -> g.presets.contains(preset))
                .map(g -> new Binding(g.id, g.trigger, g.modifiers, g.context, command(), g.args, g.words))
                .toList();
    }

    /** Whether it does what its sort says. */
    boolean handled() {
        return switch (sort) {
            case ACTION -> does != null;
            case MOTION, AXIS -> starts != null;
            case STEPS -> steps != null;
            case HELD -> lasts != null;
        };
    }

    /** The command on an area that works on a stage. */
    Deed on(A area) {
        return new Bound<>(area, command(), anytime, does, starts, steps, lasts, told);
    }
}
