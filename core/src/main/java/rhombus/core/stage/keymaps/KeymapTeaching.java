package rhombus.core.stage.keymaps;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Keymaps;
import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.TriggerCapture;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.input.InputReceiver;
import rhombus.core.stage.view.StageContext;

/**
 * The hand teaches: it is asked for one motion at a time, what it really does is recognised, and in the end there is a keymap with
 * the settings that go with it, on trial until it is kept or discarded.
 */
public final class KeymapTeaching {
    /** A way shorter than this shows no direction, pixels. */
    private static final double SHORT = 24;
    /** Towards the corner between nearer and farther a way is unclear: up and right are nearer, down and left farther. */
    private static final double CLEAR = 0.35;

    private static final double LEAST_TURN = 0.02;

    private final StageContext ground;
    private final BindingEditor rebinding;
    private final InputReceiver input;
    private final Map<Lesson, DemonstratedMotion> shown = new EnumMap<>(Lesson.class);
    private int step;
    private String told;
    private TaughtKeymap.Made made;
    /** What there was before the trial; null while there is none. */
    private Keymaps before;

    private Habits habitsBefore;

    /** Teaching by the hand that an input watches. */
    public KeymapTeaching(StageContext ground, BindingEditor rebinding, InputReceiver input) {
        this.ground = ground;
        this.rebinding = rebinding;
        this.input = input;
    }

    /** Begins with the first question. */
    @PageCall
    public void begin() {
        discard();
        shown.clear();
        step = 0;
        told = null;
        made = null;
    }

    /** How far it has come. */
    @PageCall
    public TeachingState state(Map<String, String> layout) {
        List<TaughtRow> rows = new ArrayList<>();
        Lesson[] all = Lesson.values();
        for (int k = 0; k < step; k++) {
            DemonstratedMotion s = shown.get(all[k]);
            rows.add(new TaughtRow(
                    all[k].words(),
                    s == null ? say("teaching.as-it-is") : s.trigger().words(s.modifiers(), layout)));
        }
        boolean done = step == all.length;
        if (done && made == null) {
            made = TaughtKeymap.of(rebinding.keymaps().keymap().catalogue(), shown, rebinding.platform(), layout);
        }
        return new TeachingState(
                step, all.length, done ? "" : all[step].asks(), told, rows, done ? notes() : List.of());
    }

    private List<String> notes() {
        List<String> out = new ArrayList<>(made.notes());
        if (Boolean.TRUE.equals(made.habits().get(AllHabits.WHEEL_INVERT.id()))) {
            out.add(say("teaching.turning-the-wheel-away-from"));
        }
        if (Boolean.TRUE.equals(made.habits().get(AllHabits.DOLLY_INVERT.id()))) {
            out.add(say("teaching.dragging-up-and-right-moves"));
        }
        return out;
    }

    /** Looks at what the hand has done; says whether it is over, be it taken or asked for again. */
    @PageCall
    public boolean look(double timeMs, Map<String, String> layout) {
        TriggerCapture c = input.capture();
        if (c == null || step == Lesson.values().length || !c.over(timeMs)) {
            return false;
        }
        input.capture(false);
        Lesson lesson = Lesson.values()[step];
        DemonstratedMotion s = new DemonstratedMotion(meant(lesson, c), c.modifiers(), c.way());
        told = unclear(lesson, s, layout);
        if (told == null) {
            shown.put(lesson, s);
            step++;
        }
        return true;
    }

    /** Fingers that move on a trackpad slide where something follows them, and turn a wheel where it goes by steps. */
    private static Trigger meant(Lesson lesson, TriggerCapture c) {
        if ((lesson == Lesson.ORBIT || lesson == Lesson.PAN) && c.trigger().equals(Trigger.wheel())) {
            return Trigger.slide();
        }
        return lesson == Lesson.NEARER && c.trigger().equals(Trigger.slide()) ? Trigger.wheel() : c.trigger();
    }

    /** Why something has to be shown again, or null. */
    private String unclear(Lesson lesson, DemonstratedMotion s, Map<String, String> layout) {
        String words = s.trigger().words(s.modifiers(), layout);
        Command command = rebinding
                .keymaps()
                .keymap()
                .catalogue()
                .command(lesson.command(s.trigger().kind()));
        if (!command.fits(s.trigger().kind())) {
            return say(
                    "teaching.you-did-to-it-takes",
                    words,
                    lesson.words(),
                    lesson.sort().words());
        }
        for (Map.Entry<Lesson, DemonstratedMotion> e : shown.entrySet()) {
            if (e.getValue().trigger().equals(s.trigger()) && e.getValue().modifiers() == s.modifiers()) {
                return say(
                        "teaching.you-showed-already-to-show", words, e.getKey().words());
            }
        }
        String taken = rebinding.platform().taken(s.trigger(), s.modifiers(), layout);
        if (taken != null) {
            return say("teaching.here-may-never-arrive-show", words, taken);
        }
        return lesson == Lesson.NEARER ? undirected(s) : null;
    }

    /** Why a motion nearer does not tell which way round the hand does it, or null. */
    private static String undirected(DemonstratedMotion s) {
        double nearer = s.way().x() - s.way().y();
        double length = Math.hypot(s.way().x(), s.way().y());
        return switch (s.trigger().kind()) {
            case WHEEL, PINCH ->
                Math.abs(s.way().away()) < LEAST_TURN ? say("teaching.that-went-there-and-back") : null;
            case TWIST -> null;
            default ->
                length < SHORT
                        ? say("teaching.that-was-too-short-to")
                        : Math.abs(nearer) < CLEAR * length ? say("teaching.that-went-neither-up-or") : null;
        };
    }

    /** The preset does what is asked now. */
    @PageCall
    public void skip() {
        if (step < Lesson.values().length) {
            step++;
            told = null;
        }
    }

    /** Asks the question before once more. */
    @PageCall
    public void again() {
        if (step > 0) {
            step--;
            shown.remove(Lesson.values()[step]);
            told = null;
            made = null;
        }
    }

    /** Puts what was taught on trial; says whether there is something to try. */
    @PageCall
    public boolean tryIt() {
        if (made == null || before != null) {
            return false;
        }
        before = rebinding.keymaps().all();
        habitsBefore = ground.habits();
        rebinding.keymaps().use(before.use(made.keymap()));
        made.habits().forEach((id, value) -> ground.settings().set(id, value));
        return true;
    }

    /** Whether something is on trial. */
    @PageCall
    public boolean onTrial() {
        return before != null;
    }

    /** What is on trial stays. */
    @PageCall
    public void keep() {
        if (before != null) {
            rebinding.keymaps().changedFrom(before);
            before = null;
            made = null;
        }
    }

    /** What is on trial is gone, and all is as it was. */
    @PageCall
    public void discard() {
        if (before != null) {
            rebinding.keymaps().use(before);
            ground.settings().use(habitsBefore);
            before = null;
        }
    }
}
