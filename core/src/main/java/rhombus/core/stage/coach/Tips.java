package rhombus.core.stage.coach;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.input.TrackpadDetection;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;

/**
 * Tips for a hand that could have it easier: each comes once, after what it would help with was done some times, near where the
 * eye is; it never comes once the hand has used what it tells of. Which are over is a setting, so that it holds on every machine.
 */
public final class Tips {
    /** Between two tips there is so much peace, milliseconds. */
    static final double PEACE_MS = 15_000;

    private static final String KEY = "{key}";

    /** In this order where several could come. */
    private enum Kind {
        ROSE(Tips::orbits, 4, Set.of("rose.go", "rose.turn"), say("tips.the-rose-in-the-viewports")),
        FRAME(
                c -> c.has(CommandTrait.DOLLIES),
                5,
                Set.of("view.frame-selection", "view.frame-all"),
                say("tips.frames-what-is-selected-at", KEY)),
        TRAIL(
                c -> c.spoken().moves() && c.sort() == Command.Sort.ACTION,
                3,
                Set.of("trail.back"),
                say("tips.goes-back-to-the-view", KEY)),
        PIVOT(Tips::orbits, 9, Set.of("pivot.set-here", "pivot.snap-here"), say("tips.pins-the-pivot-at-the", KEY)),
        SOLO(
                c -> c.sort() == Command.Sort.MOTION || c.sort() == Command.Sort.STEPS,
                12,
                Set.of("board.solo"),
                say("tips.lets-the-viewport-under-the", KEY)),
        LOOKS(
                c -> c.id().equals("display.set"),
                3,
                Set.of("display.swap"),
                say("tips.changes-between-the-last-two", KEY)),
        PIN(c -> c.id().equals("trail.back"), 3, Set.of("pin.add"), say("tips.keeps-a-view-for-good", KEY)),
        WHAT(c -> true, 25, Set.of("app.what"), say("tips.then-point-at-anything-here", KEY)),
        FIND(c -> true, 40, Set.of("app.find"), say("tips.finds-any-command-by-words", KEY)),
        /** Comes by what the wheel does, not by commands. */
        TRACKPAD(c -> false, 1, Set.of("app.use-preset"), say("tips.these-look-like-fingers-on"));

        private final Predicate<Command> after;
        private final int times;
        private final Set<String> used;
        private final String words;

        Kind(Predicate<Command> after, int times, Set<String> used, String words) {
            this.after = after;
            this.times = times;
            this.used = used;
            this.words = words;
        }

        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private final StageContext ground;
    private final UserKeymaps keymaps;
    private final FirstSteps firstSteps;
    private final TrackpadDetection trackpad = new TrackpadDetection();
    private final Map<Kind, Integer> counts = new HashMap<>();
    private Kind now;
    private double x;
    private double y;
    private double lastAt = Double.NEGATIVE_INFINITY;

    /** Listens to what the hand does. */
    public Tips(StageContext ground, UserKeymaps keymaps, FirstSteps firstSteps, HandReport report) {
        this.ground = ground;
        this.keymaps = keymaps;
        this.firstSteps = firstSteps;
        report.heardBy(this::did);
    }

    private static boolean orbits(Command c) {
        return c.has(CommandTrait.TURNS) && c.sort() == Command.Sort.MOTION;
    }

    private boolean on() {
        return ground.habits().is(AllHabits.TIPS, "on");
    }

    private List<String> over() {
        String text = String.valueOf(ground.habits().value(AllHabits.TIPS_OVER));
        return text.isEmpty() ? new ArrayList<>() : new ArrayList<>(Arrays.asList(text.split(",")));
    }

    /** The tip that is there now, or none; {@code layout} tells what the user's own keyboard prints on its keys. */
    public List<Tip> now(Map<String, String> layout) {
        if (now == null || !on()) {
            return List.of();
        }
        boolean pad = now == Kind.TRACKPAD;
        String key = key(now, layout);
        return List.of(new Tip(
                now.id(),
                now.words.replace(KEY, key == null ? say("tips.a-key-of-your-own") : key),
                x,
                y,
                pad ? say("tips.use-that-keymap") : null,
                pad ? "app.use-preset" : null,
                pad ? PlainData.map("preset", KeymapPresets.TRACKPAD) : null));
    }

    /** What does in the keymap as it answers what a tip tells of, or null. */
    private String key(Kind k, Map<String, String> layout) {
        for (Binding b : keymaps.inUse().bindings()) {
            boolean typed = b.trigger() != null && b.trigger().kind() == Trigger.Kind.KEY;
            if (typed && k.used.contains(b.command().id())) {
                return b.trigger().words(b.modifiers(), layout);
            }
        }
        return null;
    }

    private void did(Command c) {
        if (!on()) {
            return;
        }
        for (Kind k : Kind.values()) {
            if (k.used.contains(c.id())) {
                end(k);
            } else if (k.after.test(c)) {
                counts.merge(k, 1, Integer::sum);
                consider(k);
            }
        }
    }

    /** The wheel has turned, or fingers have moved. */
    public void wheel(double deltaX, double deltaY, int deltaMode, double timeMs) {
        boolean slides = keymaps.keymap().bindings().stream()
                .anyMatch(b -> b.trigger() != null && b.trigger().kind() == Trigger.Kind.SLIDE);
        if (trackpad.hears(deltaX, deltaY, deltaMode, timeMs) && !slides && on()) {
            counts.put(Kind.TRACKPAD, 1);
            consider(Kind.TRACKPAD);
        }
    }

    private void consider(Kind k) {
        boolean keyless = k.words.contains(KEY) && key(k, Map.of()) == null;
        if (now != null
                || counts.getOrDefault(k, 0) < k.times
                || keyless
                || ground.now() - lastAt < PEACE_MS
                || !firstSteps.now(Map.of()).isEmpty()
                || over().contains(k.id())) {
            return;
        }
        var view = ground.board().active();
        boolean away = Double.isNaN(ground.pointer().x());
        x = away ? view.x + view.width / 2 : ground.pointer().x();
        y = away ? view.y + view.height / 2 : ground.pointer().y();
        now = k;
        lastAt = ground.now();
        // Told is told: it does not come again, were the page closed now.
        keepOver(k);
    }

    private void end(Kind k) {
        if (now == k) {
            dismiss();
        }
        if (!over().contains(k.id())) {
            keepOver(k);
        }
    }

    /** Puts the tip away. */
    public void dismiss() {
        if (now == null) {
            return;
        }
        now = null;
        lastAt = ground.now();
        ground.changes().add(ChangeTopic.READOUT);
    }

    /** No tip comes any more. */
    public void none() {
        dismiss();
        keep(AllHabits.TIPS.id(), "off");
    }

    /** Every tip may come once more. */
    public void again() {
        counts.clear();
        keep(AllHabits.TIPS_OVER.id(), null);
        keep(AllHabits.TIPS.id(), "on");
    }

    private void keepOver(Kind k) {
        List<String> ids = over();
        ids.add(k.id());
        keep(AllHabits.TIPS_OVER.id(), String.join(",", ids));
    }

    private void keep(String id, Object value) {
        ground.settings().set(id, value);
        ground.changes().application("habits.keep", Map.of());
    }
}
