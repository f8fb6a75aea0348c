package rhombus.core.drill;

import static rhombus.core.words.Messages.say;

import java.util.Map;
import java.util.Set;
import rhombus.core.habits.Habits;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Stage;
import rhombus.core.stage.commands.AllCommands;

/** Does a run again from its log, on a stage of its own, and says how it went: nobody needs to be believed. */
public final class RunReplay {
    static final String FORMAT = "rhombus-drill-run";
    static final int VERSION = 1;
    /** Time goes by in steps of so many milliseconds, as it does on a screen. */
    private static final double FRAME_MS = 1000 / 60.0;
    /** So long after the last thing the hand did, milliseconds, a view may still glide to its end. */
    private static final double AFTER_MS = 3000;

    private static final double LONGEST_MS = 1_200_000;

    /** A run of twenty minutes at 60 events a second has 72 000; more is not done again. */
    private static final int MOST = 100_000;
    /** The soonest that a hand does something after it was shown what to do, milliseconds (common practice, no source). */
    private static final double REACTION_MS = 80;

    private static final Set<String> KEYS =
            Set.of("format", "version", "drill", "keymaps", "habits", "still", "waited", "recording");

    private RunReplay() {}

    /**
     * The score of a run.
     *
     * @param scene in which it was done, with what was changed in it
     * @param log what {@link DrillSession#log} gave
     * @throws IllegalArgumentException if the log cannot be read, or if doing it again does not do the task
     */
    public static RunScore of(Scene scene, Drill drill, Map<String, Object> log) {
        if (!FORMAT.equals(log.get("format")) || PlainData.whole(log.get("version"), 0) != VERSION) {
            throw new IllegalArgumentException(say("replay.this-is-no-log-of"));
        }
        if (!drill.id().equals(log.get("drill"))) {
            throw new IllegalArgumentException(say("replay.this-log-is-of-another"));
        }
        for (String key : log.keySet()) {
            if (!KEYS.contains(key)) {
                throw new IllegalArgumentException(say("replay.is-no-part-of-a-log", key));
            }
        }
        if (!(PlainData.number(log.get("waited"), 0) >= REACTION_MS)) {
            throw new IllegalArgumentException(say("replay.no-hand-begins-so-soon", (int) REACTION_MS));
        }
        Map<String, Object> recording = PlainData.map(log.get("recording"));
        int events = PlainData.list(recording.get("events")).size();
        if (events > MOST) {
            throw new IllegalArgumentException(say("replay.too-many-events", events, MOST));
        }
        Stage stage = new Stage();
        stage.use(AllCommands.CATALOGUE.keymaps(PlainData.map(log.get("keymaps"))));
        stage.use(Habits.of(PlainData.map(log.get("habits"))));
        stage.reduceMotion(PlainData.truth(log.get("still"), false));
        size(stage, PlainData.number(recording.get("width"), 0), PlainData.number(recording.get("height"), 0));
        stage.recorder().sizesBy((w, h) -> size(stage, w, h));
        stage.open(scene, "");
        String wrong = stage.documents().openAddress(drill.views(scene));
        wrong = wrong == null ? stage.recorder().bring(recording) : wrong;
        if (wrong != null) {
            throw new IllegalArgumentException(wrong);
        }
        return run(stage, new RunProgress(drill.judge()));
    }

    private static void size(Stage stage, double width, double height) {
        if (!(side(width) && side(height))) {
            throw new IllegalArgumentException(say("replay.the-log-does-not-say"));
        }
        stage.resize(width, height);
    }

    private static boolean side(double d) {
        return d >= 50 && d <= 16_384;
    }

    private static RunScore run(Stage stage, RunProgress course) {
        double length = Math.min(LONGEST_MS, stage.recorder().state().seconds() * 1000) + AFTER_MS;
        // A time at which all clocks have begun.
        double zero = 1000;
        stage.tick(zero);
        course.moment(stage, 0);
        stage.recorder().play(zero);
        for (double t = 0; t <= length; t += FRAME_MS) {
            stage.tick(zero + t);
            course.moment(stage, t / 1000);
            if (course.done()) {
                return course.score(t / 1000);
            }
        }
        throw new IllegalArgumentException(say("replay.done-again-this-run-does"));
    }
}
