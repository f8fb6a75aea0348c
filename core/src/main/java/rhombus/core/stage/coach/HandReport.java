package rhombus.core.stage.coach;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.BindableCommand;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Keymap;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.input.GestureObserver;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/**
 * Counts what a hand does: by which triggers, what it takes back at once, and what it runs past its triggers. What was counted
 * since the counts were kept last is held apart, so that two windows can count together and nothing is lost or counted twice.
 */
public final class HandReport implements GestureObserver {
    /** Going back by the Trail so soon after a deed takes it back, milliseconds. */
    static final double AT_ONCE_MS = 2500;
    /** Wheel steps closer than this are one use, milliseconds. */
    private static final double BURST_MS = 400;
    /** The largest number of things of one sort that are counted. */
    private static final int MOST = 2000;

    /** What the page does along the way, whatever the user means. */
    private static final Set<String> BESIDES =
            Set.of("board.activate", "select.hover", "rose.aim-here", "rose.aim-away", "walk.stick");

    private static final String FORMAT = "rhombus-hand-report";
    private static final int VERSION = 1;

    /** What is counted. */
    public enum Sort {
        /** Uses of a trigger, by the id of its binding. */
        USED("used"),
        /** Runs of a command, by its id, whatever ran it. */
        RAN("ran"),
        /** Times a command was taken back at once, by its id. */
        BACK("back"),
        /** Runs of a command by the page, by {@link Command#key}. */
        PAGE("page");

        private final String id;

        Sort(String id) {
            this.id = id;
        }
    }

    private final StageContext ground;
    private final Map<Sort, Map<String, Integer>> kept = new HashMap<>();
    /** On its way to where it is kept. */
    private final Map<Sort, Map<String, Integer>> sent = new HashMap<>();

    private final Map<Sort, Map<String, Integer>> fresh = new HashMap<>();
    /** What began anew here and is still in what is kept elsewhere. */
    private final List<String> gone = new ArrayList<>();

    private BooleanSupplier quiet = () -> false;
    private String since = "";

    private Consumer<Command> heard = c -> {};
    private Command running;
    private Command last;
    private Viewport lastView;
    private double lastAt = Double.NEGATIVE_INFINITY;
    private String burst = "";
    private double burstAt = Double.NEGATIVE_INFINITY;

    /** Nothing is counted yet. */
    public HandReport(StageContext ground) {
        this.ground = ground;
        for (Sort s : Sort.values()) {
            kept.put(s, new LinkedHashMap<>());
            sent.put(s, new LinkedHashMap<>());
            fresh.put(s, new LinkedHashMap<>());
        }
    }

    /** Nothing is counted while something else than the user's hand is at work. */
    public void quietWhile(BooleanSupplier what) {
        quiet = what;
    }

    /** Whether the user lets it count. */
    public boolean on() {
        return !ground.habits().is(AllHabits.REPORT, "off");
    }

    // ---- counted ---------------------------------------------------------------------------------------------------

    @Override
    public void used(Binding b, Viewport v) {
        count(Sort.USED, b.id());
        ran(b.command(), v);
    }

    @Override
    public void stepped(Binding b, Viewport v) {
        if (!b.id().equals(burst) || ground.now() - burstAt > BURST_MS) {
            used(b, v);
        }
        burst = b.id();
        burstAt = ground.now();
    }

    /** The page has run a command: counted where a trigger could have. */
    public void byPage(Keymap map, Command c, Map<String, Object> args, Viewport v) {
        if (BESIDES.contains(c.id())) {
            return;
        }
        if (c.sort() == Command.Sort.ACTION
                && BindableCommand.of(map, c).stream().anyMatch(b -> b.args().equals(args))) {
            count(Sort.PAGE, c.key(args));
        }
        ran(c, v);
    }

    /** Who hears of each command that the hand has run, of motions once they are over. */
    void heardBy(Consumer<Command> who) {
        heard = heard.andThen(who);
    }

    @Override
    public void means(Command c) {
        running = running != null && running.has(CommandTrait.LOZENGE) ? c : running;
    }

    @Override
    public void steers(Command c) {
        tell(c);
    }

    private void tell(Command c) {
        if (!quiet.getAsBoolean()) {
            heard.accept(c);
        }
    }

    private void ran(Command c, Viewport v) {
        if (c.sort() == Command.Sort.MOTION) {
            running = c;
        } else {
            tell(c);
        }
        if (c.id().equals("trail.back")) {
            if (last != null && v == lastView && ground.now() - lastAt <= AT_ONCE_MS) {
                count(Sort.BACK, last.id());
            }
            last = null;
            return;
        }
        count(Sort.RAN, c.id());
        // The Trail takes back what is one of its entries, and nothing else.
        last = c.spoken().moves() ? c : null;
        lastView = v;
        lastAt = ground.now();
    }

    @Override
    public void cancelled(Command c) {
        running = null;
        if (c != null) {
            count(Sort.BACK, c.id());
        }
        last = null;
    }

    @Override
    public void released() {
        lastAt = ground.now();
        if (running != null) {
            tell(running);
            running = null;
        }
    }

    private void count(Sort s, String key) {
        if (on()
                && !quiet.getAsBoolean()
                && (fresh.get(s).size() < MOST || fresh.get(s).containsKey(key))) {
            fresh.get(s).merge(key, 1, Integer::sum);
            ground.changes().add(ChangeTopic.KEEP_REPORT);
        }
    }

    /** What was counted of a command begins anew: something was done about it. */
    void forget(Sort s, String key) {
        kept.get(s).remove(key);
        sent.get(s).remove(key);
        fresh.get(s).remove(key);
        gone.add(s.id + ' ' + key);
        ground.changes().add(ChangeTopic.KEEP_REPORT);
    }

    // ---- asked -----------------------------------------------------------------------------------------------------

    /** Since when it counts, as it was told; empty where nobody said. */
    public String since() {
        return since;
    }

    /** How often. */
    public int count(Sort s, Object key) {
        return counts(s).getOrDefault(key, 0);
    }

    /** All counts of a sort. */
    public Map<String, Integer> counts(Sort s) {
        Map<String, Integer> out = new LinkedHashMap<>(kept.get(s));
        add(out, sent.get(s));
        add(out, fresh.get(s));
        return out;
    }

    // ---- kept ------------------------------------------------------------------------------------------------------

    /** Everything counted, with what was counted since it was kept last. */
    public Map<String, Object> toPlain() {
        Map<String, Object> out = PlainData.map("format", FORMAT, "version", VERSION, "since", since);
        for (Sort s : Sort.values()) {
            out.put(s.id, new LinkedHashMap<String, Object>(counts(s)));
        }
        return out;
    }

    private static void add(Map<String, Integer> to, Map<String, Integer> more) {
        more.forEach((k, n) -> to.merge(k, n, Integer::sum));
    }

    private void move(Map<Sort, Map<String, Integer>> from, Map<Sort, Map<String, Integer>> to) {
        for (Sort s : Sort.values()) {
            add(to.get(s), from.get(s));
            from.get(s).clear();
        }
    }

    /** Everything counted, which is on its way to where it is kept from now on. */
    @PageCall
    public Map<String, Object> send() {
        move(fresh, sent);
        return toPlain();
    }

    /** What was sent has arrived, or has not. */
    @PageCall
    public void sent(boolean arrived) {
        move(sent, arrived ? kept : fresh);
        if (arrived) {
            gone.clear();
        }
    }

    /** It is kept in another place from now on, to which everything has to be brought. */
    @PageCall
    public void moved() {
        move(sent, fresh);
        move(kept, fresh);
    }

    /** What was kept, by this window or another; what was counted here since is added to it. Nonsense counts as nothing. */
    @PageCall
    public void restore(Map<String, Object> document, String today) {
        boolean ours = FORMAT.equals(document.get("format")) && PlainData.whole(document.get("version"), 0) == VERSION;
        since = ours ? PlainData.text(document.get("since"), today) : since.isEmpty() ? today : since;
        for (Sort s : Sort.values()) {
            kept.get(s).clear();
            if (!ours) {
                continue;
            }
            PlainData.map(document.get(s.id)).forEach((key, n) -> {
                int count = PlainData.whole(n, 0);
                if (count > 0 && kept.get(s).size() < MOST && !gone.contains(s.id + ' ' + key)) {
                    kept.get(s).put(key, count);
                }
            });
        }
        ground.changes().add(ChangeTopic.KEYMAP);
    }

    /**
     * Looks at what is to be kept.
     *
     * @throws IllegalArgumentException saying what is wrong with it
     */
    public static void check(Map<String, Object> document) {
        if (!FORMAT.equals(document.get("format")) || PlainData.whole(document.get("version"), 0) != VERSION) {
            throw new IllegalArgumentException(say("hand-report.it-is-no-of-version", FORMAT, VERSION));
        }
        for (Sort s : Sort.values()) {
            if (PlainData.map(document.get(s.id)).size() > MOST) {
                throw new IllegalArgumentException(say("hand-report.at-most-things-are-counted", s.id, MOST));
            }
        }
    }

    /** Where it is kept: {@code machine}, {@code account}, or {@code off} for nowhere. */
    @PageCall
    public String where() {
        return String.valueOf(ground.habits().value(AllHabits.REPORT));
    }

    /** Everything that was counted is gone. */
    @PageCall
    public void erase(String today) {
        for (Sort s : Sort.values()) {
            kept.get(s).clear();
            sent.get(s).clear();
            fresh.get(s).clear();
        }
        gone.clear();
        since = today;
        last = null;
        ground.changes().add(ChangeTopic.KEYMAP);
    }
}
