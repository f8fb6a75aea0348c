package rhombus.core.stage.keymaps;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.BindableCommand;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.BindingContext;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandCatalogue;
import rhombus.core.keymap.FreeTriggerFinder;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapAnalysis;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Platform;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.TriggerOverlap;

/**
 * What a hand has shown, made into a keymap and the settings that go with it: the nearest preset, with the hand's own triggers
 * added, what stood in their way removed, and a free trigger near it for whatever would have been left without one.
 */
final class TaughtKeymap {
    private static final String NAME = say("taught.my-hand");
    /** Where a hand shows: in a viewport with nothing special in it. */
    private static final List<BindingContext> PLAIN = TriggerOverlap.situation(BindingContext.PERSPECTIVE);

    private final Platform platform;
    private final Map<String, String> layout;
    private final List<String> notes = new ArrayList<>();
    private final Map<String, Object> habits = new LinkedHashMap<>();
    private Keymap map;

    private TaughtKeymap(Platform platform, Map<String, String> layout) {
        this.platform = platform;
        this.layout = layout;
    }

    /**
     * What comes of it.
     *
     * @param keymap to be tried
     * @param habits values of settings by their ids
     * @param notes what else changed by it, in sentences
     */
    record Made(Keymap keymap, Map<String, Object> habits, List<String> notes) {}

    static Made of(
            CommandCatalogue all,
            Map<Lesson, DemonstratedMotion> shown,
            Platform platform,
            Map<String, String> layout) {
        TaughtKeymap t = new TaughtKeymap(platform, layout);
        t.map = nearest(all, shown);
        List<Binding> lost = new ArrayList<>();
        shown.forEach((lesson, s) -> {
            t.habits(lesson, s);
            t.give(lesson, s, lost);
        });
        t.replace(lost);
        return new Made(t.map.named(NAME), t.habits, t.notes);
    }

    /** The preset that does already most of what the hand has shown. */
    private static Keymap nearest(CommandCatalogue all, Map<Lesson, DemonstratedMotion> shown) {
        Keymap best = null;
        int most = -1;
        for (String preset : KeymapPresets.ALL) {
            Keymap map = all.preset(preset);
            int same = 0;
            for (Map.Entry<Lesson, DemonstratedMotion> e : shown.entrySet()) {
                same += does(map, e.getKey(), e.getValue()) ? 1 : 0;
            }
            if (same > most) {
                most = same;
                best = map;
            }
        }
        return best;
    }

    /** Whether a keymap has just this. What only counts as fine or snapping there is not enough: the next lesson may take it. */
    private static boolean does(Keymap map, Lesson lesson, DemonstratedMotion s) {
        Binding b = TriggerOverlap.answer(map, s.trigger(), s.modifiers(), PLAIN);
        return b != null
                && b.trigger().equals(s.trigger())
                && b.modifiers() == s.modifiers()
                && b.command().id().equals(lesson.command(s.trigger().kind()))
                && b.args().isEmpty();
    }

    private void habits(Lesson lesson, DemonstratedMotion s) {
        if (lesson == Lesson.NEARER) {
            switch (s.trigger().kind()) {
                case WHEEL -> habits.put(AllHabits.WHEEL_INVERT.id(), s.way().away() < 0);
                case DRAG, BOTH, HOLD, PEN, TOUCH, SLIDE ->
                    habits.put(
                            AllHabits.DOLLY_INVERT.id(), s.way().x() - s.way().y() < 0);
                default -> {}
            }
        }
        if (lesson == Lesson.SELECT) {
            habits.put(AllHabits.SELECT_BUTTON.id(), s.trigger().equals(Trigger.click(2)) ? "right" : "left");
        }
    }

    private void give(Lesson lesson, DemonstratedMotion s, List<Binding> lost) {
        // The button that selects is a setting: both buttons change what they do.
        boolean exchanged = lesson == Lesson.SELECT && s.trigger().equals(Trigger.click(2)) && s.modifiers() == 0;
        if (does(map, lesson, s) || exchanged) {
            return;
        }
        Command command = map.catalogue().command(lesson.command(s.trigger().kind()));
        Binding own = plain(command).with(s.trigger(), s.modifiers());
        for (Binding o : map.bindings()) {
            if (own.clashesWith(o)) {
                take(o, lost);
            }
        }
        map = map.with(own);
        Binding answers = TriggerOverlap.answer(map, s.trigger(), s.modifiers(), PLAIN);
        while (answers != null && !answers.id().equals(own.id())) {
            take(answers, lost);
            answers = TriggerOverlap.answer(map, s.trigger(), s.modifiers(), PLAIN);
        }
    }

    private void take(Binding b, List<Binding> lost) {
        lost.add(b);
        map = map.with(b.id(), null, 0);
    }

    private Binding plain(Command command) {
        for (Binding b : BindableCommand.of(map, command)) {
            if (b.args().isEmpty() && b.context() == BindingContext.STAGE) {
                return b;
            }
        }
        return new Binding(map.freshId(), null, 0, BindingContext.STAGE, command, Map.of(), command.words());
    }

    /** What nothing reaches any more gets a free trigger near the one it had, and so does what was bound in another place. */
    private void replace(List<Binding> lost) {
        for (Binding b : lost) {
            boolean other = map.bindings().stream()
                    .anyMatch(o -> o.trigger() != null
                            && o.command() == b.command()
                            && o.args().equals(b.args())
                            && o.context() == b.context());
            if (other) {
                continue;
            }
            FreeTriggerFinder.Chord free = FreeTriggerFinder.near(map, b, b.trigger(), b.modifiers(), platform, layout);
            if (free == null) {
                notes.add(say("taught.has-no-trigger-any-more", b.words()));
            } else {
                map = map.with(b.with(free.trigger(), free.modifiers()));
                notes.add(say("taught.is-now", b.words(), free.trigger().words(free.modifiers(), layout)));
            }
        }
        for (String id : KeymapAnalysis.missing(map)) {
            notes.add(
                    say("taught.no-trigger-reaches", map.catalogue().command(id).words()));
        }
    }
}
