package rhombus.core.stage.show.help;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandArgument;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.WordSearch;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.NamedOption;
import rhombus.core.stage.view.PlateCaptions;
import rhombus.core.stage.view.SentenceWords;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Every command, found by words: what it is called, what runs it, and what it would be done to now. */
public final class CommandSearch {
    private static final int MOST = 14;
    /** Commands of these headings are done to what is selected. */
    private static final Set<String> ON_SELECTION =
            Set.of(say("group.objects"), say("group.layers"), say("group.change-the-scene"), say("group.pictures"));
    /** Commands of these headings are done to no viewport. */
    private static final Set<String> ON_ALL =
            Set.of(say("group.application"), say("group.board"), say("group.pins"), say("group.select"));
    /** A command that was run lately counts so much more, less for each one since. */
    private static final double LATELY = 0.08;

    private final StageContext ground;
    private final SubjectParts subject;
    private final UserKeymaps keymaps;
    /** Everything there is to find, made once for a keymap. */
    private List<Item> all = List.of();

    private Keymap allOf;

    /** Finds the commands of a stage, with the triggers of the keymap in use. */
    public CommandSearch(StageContext ground, SubjectParts subject, UserKeymaps keymaps) {
        this.keymaps = keymaps;
        this.ground = ground;
        this.subject = subject;
    }

    /** A command with what it is told. */
    private record Item(
            Command command,
            Map<String, Object> args,
            String words,
            List<Binding> bindings,
            String key,
            List<String> name,
            List<String> more) {
        static Item of(Command c, Map<String, Object> args, String words, List<Binding> bindings) {
            List<String> more = WordSearch.words(c.group() + " " + c.id() + " " + c.words());
            return new Item(c, args, words, bindings, c.key(args), WordSearch.words(words), more);
        }
    }

    /** What was run from the list. */
    @PageCall
    public void ran(String key) {
        ground.recent().ran(key);
        ground.changes().add(ChangeTopic.KEEP);
    }

    /** Commands that are meant by what was typed, the best first; without anything the ones run last, then all. */
    @PageCall
    public List<FoundCommand> find(String typed, Map<String, String> layout) {
        Keymap map = keymaps.inUse();
        WordSearch search = new WordSearch(typed);
        record Scored(Item item, double score) {}
        List<Scored> found = new ArrayList<>();
        for (Item i : items(map)) {
            int lately = ground.recent().place(i.key);
            double recent = lately < 0 ? 0 : LATELY / (1 + lately);
            if (search.empty()) {
                found.add(new Scored(i, lately < 0 ? 0 : 100 - lately));
                continue;
            }
            double score = search.score(i.name, i.more);
            if (score > 0) {
                found.add(new Scored(i, score + recent));
            }
        }
        // What scores alike stays in the order of the headings.
        found.sort(Comparator.comparingDouble((Scored s) -> -s.score));
        return found.stream()
                .limit(search.empty() ? found.size() : MOST)
                .map(s -> row(s.item, layout))
                .toList();
    }

    /** Every command once for each thing that a trigger tells it, or that it can choose from. */
    private List<Item> items(Keymap map) {
        if (allOf != map) {
            all = itemsOf(map);
            allOf = map;
        }
        return all;
    }

    private static List<Item> itemsOf(Keymap map) {
        // By id: a command is a record, and to hash it is to hash all it holds.
        Map<String, Map<Map<String, Object>, List<Binding>>> byArgs = new LinkedHashMap<>();
        for (String id : map.catalogue().commands().keySet()) {
            byArgs.put(id, new LinkedHashMap<>());
        }
        for (Binding b : map.bindings()) {
            byArgs.get(b.command().id())
                    .computeIfAbsent(b.args(), k -> new ArrayList<>())
                    .add(b);
        }
        List<Item> out = new ArrayList<>();
        byArgs.forEach((id, given) -> {
            Command c = map.catalogue().command(id);
            CommandArgument choice = needed(c);
            if (choice == null && given.isEmpty()) {
                given.put(Map.of(), List.of());
            }
            if (choice != null) {
                choice.choices().forEach(v -> given.computeIfAbsent(Map.of(choice.name(), v), k -> List.of()));
            }
            given.forEach((args, bindings) -> {
                if (complete(c, args)) {
                    out.add(Item.of(c, args, called(c, args, bindings, given.size()), bindings));
                }
            });
        });
        return out;
    }

    /** The one choice without which a command does nothing, or null. */
    private static CommandArgument needed(Command c) {
        List<CommandArgument> required =
                c.arguments().stream().filter(CommandArgument::required).toList();
        return required.size() == 1 && required.get(0).type() == CommandArgument.Type.CHOICE ? required.get(0) : null;
    }

    /** Whether nothing is missing that only a page can tell. */
    private static boolean complete(Command c, Map<String, Object> args) {
        return c.arguments().stream().noneMatch(a -> a.required() && !args.containsKey(a.name()));
    }

    private static String called(Command c, Map<String, Object> args, List<Binding> bindings, int ways) {
        if (args.isEmpty() || ways == 1) {
            return c.words();
        }
        String way = bindings.isEmpty()
                ? String.join(
                        ", ",
                        args.values().stream().map(CommandArgument::choice).toList())
                : bindings.get(0).words();
        // "Orbit one step: orbit one step left" says everything twice.
        boolean says =
                WordSearch.words(way).contains(WordSearch.words(c.words()).get(0));
        return says ? SentenceWords.capital(way) : c.words() + ": " + way;
    }

    private FoundCommand row(Item i, Map<String, String> layout) {
        List<String> triggers = new ArrayList<>();
        for (Binding b : i.bindings) {
            String words = b.trigger() == null ? null : b.trigger().words(b.modifiers(), layout);
            if (words != null && !triggers.contains(words) && triggers.size() < 2) {
                triggers.add(words);
            }
        }
        return new FoundCommand(
                i.key,
                i.command.id(),
                i.words,
                i.command.group(),
                triggers.isEmpty() ? null : String.join(" " + say("finding.or") + " ", triggers),
                on(i.command),
                i.command.sort() == Command.Sort.ACTION,
                i.args,
                asked(i));
    }

    /** What can be typed for it: numbers and names that it is not told already. */
    private static List<NamedOption> asked(Item i) {
        List<NamedOption> out = new ArrayList<>();
        if (!i.bindings.isEmpty() && i.args.isEmpty()) {
            // A key runs it without asking.
            return out;
        }
        for (CommandArgument a : i.command.arguments()) {
            boolean typed = a.type() == CommandArgument.Type.TYPED
                    || a.type() == CommandArgument.Type.TEXT && a.name().equals("name");
            if (typed && !i.args.containsKey(a.name())) {
                out.add(new NamedOption(a.name(), CommandArgument.called(a.name())));
            }
        }
        return out;
    }

    private String on(Command c) {
        if (ON_SELECTION.contains(c.group())) {
            return subject.selection().isEmpty() ? say("finding.nothing-is-selected") : subject.names();
        }
        Viewport v = ground.board().active();
        return ON_ALL.contains(c.group()) ? "" : PlateCaptions.title(ground, v);
    }
}
