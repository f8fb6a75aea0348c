package rhombus.core.stage.show.keys;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.BindingWarnings;
import rhombus.core.keymap.CharacterShortcuts;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapAnalysis;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.WordSearch;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.keymaps.BindingEditor;
import rhombus.core.stage.view.NamedOption;

/** The keymap as the Keys page shows it: a row for each command with all its triggers, as far as it is looked for. */
final class KeysList {
    private static final List<NamedOption> DEVICES = List.of(
            new NamedOption("keyboard", say("labelled.keyboard")),
            new NamedOption("mouse", say("labelled.mouse")),
            new NamedOption("trackpad", say("labelled.trackpad")),
            new NamedOption("touch", say("labelled.touch")),
            new NamedOption("pen", say("labelled.pen")),
            new NamedOption("gamepad", say("labelled.gamepad")),
            new NamedOption("mouse3d", say("labelled.mouse3d")));

    private static final String FIND = "app.find";

    private final BindingEditor rebinding;
    private final Keymap map;
    private final Map<String, String> layout;
    private final WordSearch asked;
    private final String text;
    private final String device;
    private final String place;
    private final boolean changed;
    /** The preset that is compared with, or null. */
    private final Keymap beside;

    private KeysList(BindingEditor rebinding, Map<String, Object> wish, Map<String, String> layout) {
        this.rebinding = rebinding;
        this.map = rebinding.keymaps().keymap();
        this.layout = layout;
        this.text = PlainData.text(wish.get("search"), "").strip().toLowerCase();
        this.asked = new WordSearch(text);
        this.device = PlainData.text(wish.get("device"), "");
        this.place = PlainData.text(wish.get("place"), "");
        this.changed = PlainData.truth(wish.get("changed"), false);
        String compare = PlainData.text(wish.get("compare"), "");
        this.beside = KeymapPresets.ALL.contains(compare) ? map.catalogue().preset(compare) : null;
    }

    /**
     * The page.
     *
     * @param wish what is looked for: {@code search}, {@code device}, {@code place}, {@code changed}, and {@code compare}, the id
     *     of a preset of which only what differs is shown
     */
    static KeysPage of(BindingEditor rebinding, Map<String, Object> wish, Map<String, String> layout) {
        return new KeysList(rebinding, wish, layout).page();
    }

    /** The binding whose trigger is looked for, as a row of the page; null where there is none. */
    static KeyBinding taken(BindingEditor rebinding, String id, int which, Map<String, String> layout) {
        Binding b = rebinding.take(id, which);
        return b == null ? null : new KeysList(rebinding, Map.of(), layout).binding(b);
    }

    private KeysPage page() {
        List<NamedOption> presets = new ArrayList<>();
        KeymapPresets.names().forEach((id, name) -> presets.add(new NamedOption(id, name)));
        List<NamedOption> places = new ArrayList<>();
        for (BindingContext c : BindingContext.values()) {
            places.add(new NamedOption(c.id(), c.words()));
        }
        List<KeyRow> rows = new ArrayList<>();
        Set<String> groups = new LinkedHashSet<>();
        for (Command c : map.catalogue().commands().values()) {
            KeyRow row = row(c);
            if (row != null) {
                rows.add(row);
                groups.add(c.group());
            }
        }
        Trigger done = rebinding.done();
        return new KeysPage(
                map.name(),
                map.preset(),
                map.own(),
                rebinding.keymaps().all().others().stream()
                        .map(Keymap::name)
                        .sorted()
                        .toList(),
                presets,
                KeymapPresets.hand(map.preset()),
                rebinding.keymaps().elsewhere(),
                find(),
                !rebinding.keymaps().lettersOn(),
                map.differing(),
                KeymapAnalysis.missing(map).stream()
                        .map(id -> map.catalogue().command(id).words())
                        .toList(),
                rebinding.keymaps().canUndo(),
                rebinding.keymaps().canRedo(),
                List.copyOf(groups),
                DEVICES,
                places,
                rows,
                done == null ? null : done.words(rebinding.doneModifiers(), layout),
                done == null ? List.of() : answers(done));
    }

    /** How the list of all commands is opened, as things are; null where only the page's button does. */
    private String find() {
        List<String> triggers = rebinding.keymaps().triggersOf(FIND, layout);
        return triggers.isEmpty() ? null : triggers.get(0).toString();
    }

    /** What a binding that was changed has in the preset. */
    private String usual(Binding b) {
        Binding original = map.changes().containsKey(b.id()) ? map.reset(b.id()).binding(b.id()) : null;
        return original == null ? null : original.trigger().words(original.modifiers(), layout);
    }

    private List<String> notes(Binding b) {
        List<String> out = new ArrayList<>(
                map.differs(b.id()) ? BindingWarnings.of(map, b, rebinding.platform(), layout) : List.of());
        if (!rebinding.keymaps().lettersOn() && CharacterShortcuts.single(b)) {
            out.add(say("keys-list.off-single-character-shortcuts-are"));
        }
        return out;
    }

    /** What was done does, in each place in which it does anything. */
    private List<KeyAnswer> answers(Trigger done) {
        List<KeyAnswer> out = new ArrayList<>();
        for (BindingContext c : BindingContext.values()) {
            for (Binding b : map.bindings()) {
                if (b.context() == c && rebinding.looksFor(b)) {
                    boolean held = b.trigger().kind() == Trigger.Kind.HOLD && done.kind() != Trigger.Kind.HOLD;
                    out.add(new KeyAnswer(c.words(), held ? say("keys-list.held", b.words()) : b.words(), b.id()));
                }
            }
        }
        return out;
    }

    /** The row of a command, or null where it is not looked for. */
    private KeyRow row(Command c) {
        if (beside != null && told(map, c).equals(told(beside, c))) {
            return null;
        }
        List<KeyBinding> triggers = new ArrayList<>();
        boolean meant = meant(c.words() + " " + c.group());
        boolean any = false;
        for (Binding b : map.bindings()) {
            if (b.command() != c) {
                continue;
            }
            any = true;
            if (wanted(b) && (meant || meant(b.words()) || shows(b))) {
                triggers.add(binding(b));
            }
        }
        boolean bare = (!any || beside != null)
                && meant
                && device.isEmpty()
                && place.isEmpty()
                && !changed
                && rebinding.done() == null;
        return triggers.isEmpty() && !bare
                ? null
                : new KeyRow(c.id(), c.words(), c.group(), triggers, beside == null ? null : inOther(c), more(c));
    }

    private String inOther(Command c) {
        List<String> told = told(beside, c);
        return told.isEmpty() ? say("keys-list.no-trigger") : String.join(" · ", told);
    }

    /** The triggers that a keymap gives a command, in words, with their places where these are special ones. */
    private List<String> told(Keymap of, Command c) {
        return of.bindings().stream()
                .filter(b -> b.command() == c && b.trigger() != null)
                .map(b -> b.trigger().words(b.modifiers(), layout)
                        + (b.context().compareTo(BindingContext.STAGE) < 0
                                ? " " + b.context().words()
                                : ""))
                .sorted()
                .toList();
    }

    /** What one more trigger of a command would do, in words. */
    private List<String> more(Command c) {
        return rebinding.fresh(c.id()).stream()
                .map(b -> b.context().compareTo(BindingContext.STAGE) < 0
                        ? b.words() + ", " + b.context().words()
                        : b.words())
                .toList();
    }

    /** What is meant by words and the trigger that is looked for fits, the best first. */
    static List<TriggerTarget> giveable(BindingEditor rebinding, String words) {
        WordSearch asked = new WordSearch(words);
        List<TriggerTarget> out = new ArrayList<>();
        Map<TriggerTarget, Double> scores = new HashMap<>();
        for (Command c : rebinding.keymaps().keymap().catalogue().commands().values()) {
            List<Binding> some = rebinding.fits(c) ? rebinding.fresh(c.id()) : List.of();
            for (int k = 0; k < some.size(); k++) {
                Binding b = some.get(k);
                double score = asked.score(b.words() + " " + c.words() + " " + c.group());
                if (score > 0) {
                    String special = b.context().compareTo(BindingContext.STAGE) < 0
                            ? ", " + b.context().words()
                            : "";
                    TriggerTarget g = new TriggerTarget(c.id(), k, b.words() + special);
                    out.add(g);
                    scores.put(g, score);
                }
            }
        }
        out.sort(Comparator.comparingDouble(g -> -scores.get(g)));
        return out;
    }

    private boolean meant(String words) {
        return asked.empty() && text.isEmpty() || asked.score(words) > 0;
    }

    /** Whether its trigger is what was typed, such as "ctrl+z". */
    private boolean shows(Binding b) {
        return b.trigger() != null
                && !text.isEmpty()
                && b.trigger().words(b.modifiers(), layout).toLowerCase().contains(text);
    }

    private boolean wanted(Binding b) {
        if (rebinding.done() != null && !rebinding.looksFor(b)) {
            return false;
        }
        return (device.isEmpty() || devices(b).contains(device))
                && (place.isEmpty() || place.equals(b.context().id()))
                && (!changed || map.differs(b.id()));
    }

    private static List<String> devices(Binding b) {
        if (b.trigger() == null) {
            return List.of();
        }
        return b.trigger().kind() == Trigger.Kind.PINCH
                ? List.of("touch", "trackpad")
                : List.of(device(b.trigger().kind()));
    }

    /** The device that makes a sort of trigger, the first of them where two do. */
    static String device(Trigger.Kind kind) {
        return switch (kind) {
            case KEY, HOLD -> "keyboard";
            case CLICK, DOUBLE, DRAG, BOTH, WHEEL -> "mouse";
            case SLIDE -> "trackpad";
            case PINCH, TOUCH, TAP, PRESS, TWIST -> "touch";
            case PEN, PEN_TAP -> "pen";
            case GAMEPAD, GAMEPAD_AXIS -> "gamepad";
            case MOUSE3D, MOUSE3D_AXIS -> "mouse3d";
        };
    }

    private KeyBinding binding(Binding b) {
        return new KeyBinding(
                b.id(),
                b.words(),
                b.command().sort().words(),
                b.context().words(),
                b.context().compareTo(BindingContext.STAGE) < 0,
                b.trigger() == null ? null : b.trigger().words(b.modifiers(), layout),
                map.differs(b.id()),
                usual(b),
                map.added().contains(b),
                notes(b));
    }
}
