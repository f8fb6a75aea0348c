package rhombus.core.stage.coach;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.keymap.BindableCommand;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.FreeTriggerFinder;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.keymaps.BindingEditor;
import rhombus.core.stage.view.StageContext;

/** What the counts of a hand say, and what could be made better by one press of a button. How often is often is ours. */
public final class ReportAdvice {
    /** Run past its triggers so often, something deserves one. */
    static final int OFTEN = 5;
    /** Taken back at once so often, and so large a part of the times, something goes against the hand. */
    static final int BACK = 4;

    static final double PART = 0.25;
    /** So large a part of all uses by one device, and so many of them, make it the hand's own. */
    static final double MAINLY = 0.6;

    static final int USES = 30;
    private static final int MOST = 3;
    private static final int ROWS = 12;
    private static final double SLOWER = 0.7;

    private final StageContext ground;
    private final HandReport report;
    /** The keymap as it would be if every advice until now were followed. */
    private Keymap offered;

    private final BindingEditor rebinding;

    /** Says what a report means for the keymap in use. */
    public ReportAdvice(StageContext ground, HandReport report, BindingEditor rebinding) {
        this.ground = ground;
        this.report = report;
        this.rebinding = rebinding;
    }

    private Keymap map() {
        return rebinding.keymaps().keymap();
    }

    /** What could be made better, and how. */
    private record Way(String id, String words, String deed, double weight, Runnable does) {}

    /** The report as the page shows it. */
    @PageCall
    public ReportState state(Map<String, String> layout) {
        int uses = report.counts(HandReport.Sort.USED).values().stream()
                .mapToInt(n -> n)
                .sum();
        return new ReportState(
                report.on(),
                report.since(),
                uses,
                used(uses, layout),
                back(),
                page(layout),
                ways(layout).stream()
                        .limit(MOST)
                        .map(w -> new ReportState.Advice(w.id, w.words, w.deed))
                        .toList());
    }

    /** Follows a piece of advice; gives false if it does not stand any more. */
    @PageCall
    public boolean follow(String id, Map<String, String> layout) {
        for (Way w : ways(layout)) {
            if (w.id.equals(id)) {
                w.does.run();
                return true;
            }
        }
        return false;
    }

    private List<ReportState.UsedTrigger> used(int uses, Map<String, String> layout) {
        return most(HandReport.Sort.USED).stream()
                .map(e -> {
                    Binding b = map().binding(e.getKey());
                    return b == null || b.trigger() == null
                            ? null
                            : new ReportState.UsedTrigger(
                                    b.trigger().words(b.modifiers(), layout),
                                    b.words(),
                                    e.getValue(),
                                    e.getValue() / (double) uses);
                })
                .filter(u -> u != null)
                .limit(ROWS)
                .toList();
    }

    private List<Map.Entry<String, Integer>> most(HandReport.Sort s) {
        return report.counts(s).entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, Integer> e) -> -e.getValue()))
                .toList();
    }

    private List<ReportState.TakenBack> back() {
        return most(HandReport.Sort.BACK).stream()
                .filter(e -> map().catalogue().command(e.getKey()) != null)
                .limit(ROWS)
                .map(e -> new ReportState.TakenBack(
                        map().catalogue().command(e.getKey()).words(),
                        e.getValue(),
                        Math.max(e.getValue(), report.count(HandReport.Sort.RAN, e.getKey()))))
                .toList();
    }

    private List<ReportState.ByPage> page(Map<String, String> layout) {
        List<ReportState.ByPage> out = new ArrayList<>();
        for (Map.Entry<String, Integer> e : most(HandReport.Sort.PAGE)) {
            Binding meant = meant(e.getKey());
            if (meant != null && out.size() < ROWS) {
                Binding b = bound(meant);
                String trigger = b == null ? null : b.trigger().words(b.modifiers(), layout);
                out.add(new ReportState.ByPage(meant.words(), e.getValue(), trigger));
            }
        }
        return out;
    }

    /** A new binding without a trigger for what the page ran; null for what there is no more. */
    private Binding meant(String key) {
        String id = key.indexOf(' ') < 0 ? key : key.substring(0, key.indexOf(' '));
        Command c = map().catalogue().command(id);
        return c == null
                ? null
                : BindableCommand.of(map(), c).stream()
                        .filter(b -> c.key(b.args()).equals(key))
                        .findFirst()
                        .orElse(null);
    }

    /** The trigger that does the same, a key before anything else; null where there is none. */
    private Binding bound(Binding meant) {
        List<Binding> same = map().bindings().stream()
                .filter(b -> b.trigger() != null
                        && b.command() == meant.command()
                        // A key may tell more than the page does, such as that it was a key.
                        && b.args().entrySet().containsAll(meant.args().entrySet()))
                .toList();
        return same.stream()
                .filter(b -> b.trigger().kind().ofKey())
                .findFirst()
                .orElse(same.isEmpty() ? null : same.get(0));
    }

    // ---- ways ------------------------------------------------------------------------------------------------------

    private List<Way> ways(Map<String, String> layout) {
        List<Way> out = new ArrayList<>();
        offered = map();
        report.counts(HandReport.Sort.PAGE).forEach((key, n) -> {
            Binding meant = n < OFTEN ? null : meant(key);
            if (meant != null && bound(meant) == null) {
                giveKey(out, key, n, meant, layout);
            }
        });
        report.counts(HandReport.Sort.BACK).forEach((id, n) -> {
            int of = Math.max(n, report.count(HandReport.Sort.RAN, id));
            if (n >= BACK && n >= PART * of) {
                againstTheHand(out, id, n, of);
            }
        });
        device(out);
        report.counts(HandReport.Sort.PAGE).forEach((key, n) -> {
            Binding meant = n < OFTEN ? null : meant(key);
            Binding b = meant == null ? null : bound(meant);
            if (b != null) {
                learn(out, key, n, b, layout);
            }
        });
        out.sort(Comparator.comparingDouble(w -> -w.weight));
        return out;
    }

    private void giveKey(List<Way> out, String key, int n, Binding meant, Map<String, String> layout) {
        char first = Character.toUpperCase(meant.command().words().charAt(0));
        String code = first >= 'A' && first <= 'Z' ? "Key" + first : "KeyK";
        Binding added =
                new Binding(offered.freshId(), null, 0, meant.context(), meant.command(), meant.args(), meant.words());
        FreeTriggerFinder.Chord free =
                FreeTriggerFinder.near(offered, added, Trigger.key(code), 0, rebinding.platform(), layout);
        if (free == null) {
            return;
        }
        // What is offered here is not offered again.
        offered = offered.with(added.with(free.trigger(), free.modifiers()));
        String trigger = free.trigger().words(free.modifiers(), layout);
        out.add(new Way(
                "key " + key,
                say("hand-advice.you-ran-times-from-the", meant.words(), n, trigger),
                say("hand-advice.give-it", trigger),
                n,
                () -> {
                    rebinding.keymaps().change(map().with(meant.with(free.trigger(), free.modifiers())));
                    report.forget(HandReport.Sort.PAGE, key);
                }));
    }

    private void learn(List<Way> out, String key, int n, Binding b, Map<String, String> layout) {
        String trigger = b.trigger().words(b.modifiers(), layout);
        out.add(new Way(
                "learn " + key,
                say("hand-advice.you-ran-times-from-the-2", b.words(), n, trigger),
                say("hand-advice.i-will-use", trigger),
                n / 2.0,
                () -> report.forget(HandReport.Sort.PAGE, key)));
    }

    private void againstTheHand(List<Way> out, String id, int n, int of) {
        Command c = map().catalogue().command(id);
        Habit turns = id.equals("navigate.dolly-steps")
                ? AllHabits.WHEEL_INVERT
                : id.equals("navigate.dolly")
                        ? AllHabits.DOLLY_INVERT
                        : id.equals("navigate.look") ? AllHabits.LOOK_INVERT_Y : null;
        if (c == null) {
            return;
        }
        String seen = say("hand-advice.you-took-back-at-once", c.words(), n, of);
        if (turns != null) {
            boolean on = ground.habits().on(turns);
            String does =
                    on ? say("hand-advice.its-direction-may-be-the") : say("hand-advice.its-direction-may-go-against");
            out.add(new Way(
                    "turn " + id,
                    seen + " " + does,
                    say("hand-advice.turn-it-round"),
                    n * 2.0,
                    () -> set(turns, !on, id)));
        } else if (id.equals("navigate.orbit")) {
            double speed = Math.max(0.1, Math.rint(ground.habits().number(AllHabits.ORBIT_SPEED) * SLOWER * 10) / 10);
            if (speed < ground.habits().number(AllHabits.ORBIT_SPEED)) {
                out.add(new Way(
                        "slower " + id,
                        seen + " " + say("hand-advice.it-may-be-too-fast"),
                        say("hand-advice.orbit-at", speed),
                        n * 2.0,
                        () -> set(AllHabits.ORBIT_SPEED, speed, id)));
            }
        }
    }

    private void set(Habit h, Object value, String command) {
        ground.settings().set(h.id(), value);
        report.forget(HandReport.Sort.BACK, command);
    }

    /** Whoever mostly uses one device has a preset made for it. */
    private void device(List<Way> out) {
        int all = 0;
        int pen = 0;
        int fingers = 0;
        for (Map.Entry<String, Integer> e : report.counts(HandReport.Sort.USED).entrySet()) {
            Binding b = map().binding(e.getKey());
            if (b == null || b.trigger() == null) {
                continue;
            }
            all += e.getValue();
            switch (b.trigger().kind()) {
                case PEN, PEN_TAP -> pen += e.getValue();
                case TOUCH, TAP, PRESS, PINCH, TWIST -> fingers += e.getValue();
                default -> {}
            }
        }
        if (all >= USES && pen >= MAINLY * all) {
            preset(out, KeymapPresets.PEN, say("hand-advice.a-pen"), pen, all);
        }
        if (all >= USES && fingers >= MAINLY * all) {
            preset(out, KeymapPresets.TOUCH, say("hand-advice.your-fingers"), fingers, all);
        }
    }

    private void preset(List<Way> out, String preset, String by, int n, int all) {
        if (!map().preset().equals(preset)) {
            String name = KeymapPresets.names().get(preset);
            out.add(new Way(
                    "preset " + preset,
                    say("hand-advice.of-your-last-motions-were", n, all, by, name),
                    say("hand-advice.use", name),
                    n / 4.0,
                    () -> rebinding.keymaps().preset(preset)));
        }
    }
}
