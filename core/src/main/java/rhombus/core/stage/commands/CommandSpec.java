package rhombus.core.stage.commands;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandArgument;
import rhombus.core.keymap.CommandPhrase;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.InterruptPolicy;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.motion.GrabPoint;
import rhombus.core.stage.motion.Motion;

/**
 * One command as its area declares it: what it is called, what it can be told, which triggers the presets give it, and
 * what it does. All words of a declaration stand here, one after the other, so that whoever declares a command finds them
 * in one place: that is why this file is long.
 *
 * @param <A> the area
 */
public final class CommandSpec<A> {

    /** A trigger of some presets. */
    private record Given(
            List<String> presets,
            String id,
            Trigger trigger,
            int modifiers,
            BindingContext context,
            Map<String, Object> args,
            String words) {}

    private final String id;
    private final String words;
    private final String group;
    private final Command.Sort sort;
    private final EnumSet<CommandTrait> traits = EnumSet.noneOf(CommandTrait.class);
    private final List<CommandArgument> arguments = new ArrayList<>();
    private final List<Given> triggers = new ArrayList<>();
    private boolean repeats;
    private boolean essential;
    private boolean anytime;
    private int rank;
    private InterruptPolicy meanwhile = InterruptPolicy.SETTLES;
    private CommandPhrase spoken = CommandPhrase.NOTHING;
    private Command.Exchange exchange;
    private String otherwise;
    private Command command;
    private BiPredicate<A, CommandCall> does;
    private BiFunction<A, GrabPoint, Motion> starts;
    private BoundArea.Steps<A> steps;
    private BoundArea.Lasts<A> lasts;
    private BiFunction<A, CommandCall, String> told = (a, c) -> null;

    CommandSpec(String id, String words, String group, Command.Sort sort) {
        this.id = id;
        this.words = words;
        this.group = group;
        this.sort = sort;
    }

    // ---- what it is ------------------------------------------------------------------------------------------------

    /** A keymap without it would leave the user stuck. */
    CommandSpec<A> essential() {
        essential = true;
        return this;
    }

    /** A key held down does it again and again. */
    CommandSpec<A> repeats() {
        repeats = true;
        return this;
    }

    /** It can be run before a scene is open. */
    CommandSpec<A> anytime() {
        anytime = true;
        return this;
    }

    /** It runs beside a drag: it changes nothing that a drag changes or takes back. */
    CommandSpec<A> joins() {
        meanwhile = InterruptPolicy.JOINS;
        return this;
    }

    /** It runs once a drag is over: nobody asks for it with the hand that drags. */
    CommandSpec<A> waits() {
        meanwhile = InterruptPolicy.WAITS;
        return this;
    }

    /** It does not run during a drag. */
    CommandSpec<A> refusedMeanwhile() {
        meanwhile = InterruptPolicy.REFUSED;
        return this;
    }

    CommandSpec<A> traits(CommandTrait... some) {
        traits.addAll(Arrays.asList(some));
        return this;
    }

    /** What it is called in hints and in the Trail. */
    CommandSpec<A> spoken(CommandPhrase s) {
        spoken = s;
        return this;
    }

    /** A motion's name, the same in every view. */
    CommandSpec<A> called(String name) {
        return called(name, name, "");
    }

    /** A motion's name, its name in a flat view, and what it does in the words of the film set. */
    CommandSpec<A> called(String name, String flat, String film) {
        return spoken(new CommandPhrase(name, flat, film, "", ""));
    }

    /** What its entry in the Trail is called; <code>{}</code> stands for where it led. */
    CommandSpec<A> trail(String deed) {
        return spoken(new CommandPhrase("", "", "", deed, ""));
    }

    /** Hints tell its keys as one; {@code all} is what they do together, or empty where their own words say it. */
    CommandSpec<A> ways(String all) {
        traits.add(CommandTrait.WAYS);
        return spoken(new CommandPhrase("", "", "", "", all));
    }

    /** What a click does instead where the buttons that select and list are exchanged. */
    CommandSpec<A> exchangedFor(String other, Map<String, Object> args, String hint) {
        exchange = new Command.Exchange(other, args, hint);
        return this;
    }

    /** The motion that takes its place where it has nothing to take hold of. */
    CommandSpec<A> otherwise(String motion) {
        otherwise = motion;
        return this;
    }

    /** Hints name what has a smaller rank first; usual is 0. */
    CommandSpec<A> rank(int r) {
        rank = r;
        return this;
    }

    // ---- what it can be told ---------------------------------------------------------------------------------------

    private CommandSpec<A> argument(String name, CommandArgument.Type type, boolean required, String... choices) {
        arguments.add(new CommandArgument(name, type, List.of(choices), required));
        return this;
    }

    CommandSpec<A> text(String... names) {
        return each(CommandArgument.Type.TEXT, names);
    }

    CommandSpec<A> truth(String... names) {
        return each(CommandArgument.Type.TRUTH, names);
    }

    CommandSpec<A> number(String... names) {
        return each(CommandArgument.Type.NUMBER, names);
    }

    CommandSpec<A> whole(String... names) {
        return each(CommandArgument.Type.WHOLE, names);
    }

    CommandSpec<A> typed(String... names) {
        return each(CommandArgument.Type.TYPED, names);
    }

    CommandSpec<A> texts(String... names) {
        return each(CommandArgument.Type.TEXTS, names);
    }

    CommandSpec<A> choice(String name, List<String> choices) {
        return argument(name, CommandArgument.Type.CHOICE, false, choices.toArray(new String[0]));
    }

    CommandSpec<A> choice(String name, String... choices) {
        return argument(name, CommandArgument.Type.CHOICE, false, choices);
    }

    /** One of some words, without which it does nothing. */
    CommandSpec<A> needs(String name, String... choices) {
        return argument(
                name, choices.length == 0 ? CommandArgument.Type.TEXT : CommandArgument.Type.CHOICE, true, choices);
    }

    CommandSpec<A> needs(String name, List<String> choices) {
        return needs(name, choices.toArray(new String[0]));
    }

    /** A place: its number, or one of some words. */
    CommandSpec<A> place(String name, String... choices) {
        return argument(name, CommandArgument.Type.PLACE, true, choices);
    }

    private CommandSpec<A> each(CommandArgument.Type type, String... names) {
        for (String n : names) {
            argument(n, type, false);
        }
        return this;
    }

    // ---- its triggers ----------------------------------------------------------------------------------------------

    /** A trigger of every preset. */
    CommandSpec<A> on(String binding, Trigger t, int mods, BindingContext c, String hint) {
        return on(binding, t, mods, c, Map.of(), hint);
    }

    CommandSpec<A> on(String binding, Trigger t, int mods, BindingContext c, Map<String, Object> args, String hint) {
        triggers.add(new Given(KeymapPresets.ALL, binding, t, mods, c, args, hint));
        return this;
    }

    /** A trigger of one preset. */
    CommandSpec<A> only(String preset, String binding, Trigger t, int mods, BindingContext c, String hint) {
        return only(List.of(preset), binding, t, mods, c, Map.of(), hint);
    }

    /** A trigger of some presets. */
    CommandSpec<A> only(
            List<String> presets,
            String binding,
            Trigger t,
            int mods,
            BindingContext c,
            Map<String, Object> args,
            String hint) {
        triggers.add(new Given(presets, binding, t, mods, c, args, hint));
        return this;
    }

    /** A trigger of all presets but some. */
    CommandSpec<A> except(List<String> presets, String binding, Trigger t, int mods, BindingContext c, String hint) {
        List<String> others =
                KeymapPresets.ALL.stream().filter(p -> !presets.contains(p)).toList();
        return only(others, binding, t, mods, c, Map.of(), hint);
    }

    /** A key of every preset, in every viewport. */
    CommandSpec<A> key(String binding, String code, int mods, String hint) {
        return on(binding, Trigger.key(code), mods, BindingContext.STAGE, hint);
    }

    CommandSpec<A> key(String binding, String code, int mods, Map<String, Object> args, String hint) {
        return on(binding, Trigger.key(code), mods, BindingContext.STAGE, args, hint);
    }

    // ---- what it does ----------------------------------------------------------------------------------------------

    void does(BiConsumer<A, CommandCall> what) {
        tries((a, c) -> {
            what.accept(a, c);
            return true;
        });
    }

    /** The same for what may find nothing to do it to. */
    void tries(BiPredicate<A, CommandCall> what) {
        does = what;
    }

    void starts(BiFunction<A, GrabPoint, Motion> what) {
        starts = what;
    }

    void steps(BoundArea.Steps<A> what) {
        steps = what;
    }

    void lasts(BoundArea.Lasts<A> what) {
        lasts = what;
    }

    /** What a hint says instead of the binding's words, here and now. */
    CommandSpec<A> told(BiFunction<A, CommandCall, String> what) {
        told = what;
        return this;
    }

    // ---- for the runner --------------------------------------------------------------------------------------------

    /** The command; the same each time. */
    public Command command() {
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
    public boolean handled() {
        return switch (sort) {
            case ACTION -> does != null;
            case MOTION, AXIS -> starts != null;
            case STEPS -> steps != null;
            case HELD -> lasts != null;
        };
    }

    /** The command on an area that works on a stage. */
    CommandHandler on(A area) {
        return new BoundArea<>(area, command(), anytime, does, starts, steps, lasts, told);
    }
}
