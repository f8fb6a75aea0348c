package rhombus.core.drill;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Keymaps;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.boards.BoardTabRow;
import rhombus.core.stage.view.StoredView;

/** A drill on somebody's stage: it begins on a board of its own, and what the hand does is recorded. */
public final class DrillSession {
    private final Stage stage;
    private Drill drill;
    private RunProgress course;
    private double seconds;
    private double startedMs;
    private String before = "";
    private double[] race = {};
    private double[] path = {};
    private int edits;

    /** On a stage, which stays as it is until a drill begins. */
    public DrillSession(Stage stage) {
        this.stage = stage;
    }

    /** Ids of the drills that the scene has all for. */
    @PageCall
    public List<String> there() {
        return stage.scene() == null
                ? List.of()
                : Drill.ALL.stream()
                        .filter(d -> d.fits(stage.scene()))
                        .map(Drill::id)
                        .toList();
    }

    /**
     * Begins a drill; the clock starts with the first thing the hand does.
     *
     * @param course of a run to race with; empty for none
     * @param path of the same run
     * @return what stands against it, or null
     */
    @PageCall
    @OrNull
    public String start(String id, double[] course, double[] path, double nowMs) {
        return start(Drill.named(id), course, path, nowMs);
    }

    /** Begins a drill that somebody made, as {@link Drill#own} reads it. */
    @PageCall
    @OrNull
    public String startOwn(String id, Map<String, Object> made, double[] course, double[] path, double nowMs) {
        try {
            return start(Drill.own(id, made), course, path, nowMs);
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    /** The active view, to be the start or the goal of a drill. */
    @PageCall
    public Map<String, Object> here() {
        return StoredView.pose(new ObservedStage(stage).pose());
    }

    /** What stands against a drill that somebody makes, or null. */
    @PageCall
    @OrNull
    public static String against(Map<String, Object> made) {
        try {
            Drill.own("", made);
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    private String start(Drill d, double[] ghost, double[] itsPath, double nowMs) {
        if (d == null || stage.scene() == null || !d.fits(stage.scene())) {
            return say("practice.this-drill-needs-things-that");
        }
        end(nowMs);
        before = stage.boards().boards().tabs().stream()
                .filter(BoardTabRow::on)
                .map(BoardTabRow::id)
                .findFirst()
                .orElse("");
        String wrong = stage.documents().openAddress(d.views(stage.scene()));
        if (wrong == null) {
            drill = d;
            race = ghost;
            path = itsPath;
            course = new RunProgress(d.judge());
            seconds = 0;
            startedMs = nowMs;
            edits = stage.contents().history().done();
            stage.recorder().record(true);
            course.moment(stage, 0);
            race();
        }
        return wrong;
    }

    /** Time has gone by, or the hand has done something, milliseconds. */
    public void tick(double nowMs) {
        if (drill == null || course.done()) {
            return;
        }
        double from = stage.recorder().began();
        if (Double.isNaN(from)) {
            return;
        }
        seconds = Math.max(0, nowMs - from) / 1000;
        course.moment(stage, seconds);
        race();
        if (course.done()) {
            stage.recorder().finish(nowMs);
            // Whoever walks has no pointer to go on with.
            if (stage.views().all().stream().anyMatch(v -> v.walking() != null)) {
                stage.command("walk.leave", Map.of(), null, nowMs);
            }
        }
    }

    /** The run to race with is seen where its eye was by now. */
    private void race() {
        Vec3[] place = RunScore.place(path, seconds);
        stage.companion().at(place == null ? null : place[0], place == null ? null : place[1]);
    }

    /** What is going on. */
    public DrillState state() {
        int goal = drill == null ? -1 : drill.goal(stage.scene());
        return drill == null
                ? new DrillState(null, 0, 0, null, false, 0, null, 1)
                : new DrillState(
                        drill.id(),
                        seconds,
                        course.part(),
                        race.length == 0 ? null : RunScore.at(race, seconds),
                        course.done(),
                        course.lost(),
                        goal < 0 ? null : stage.scene().node(goal).id(),
                        goal < 0 ? 1 : stage.scene().node(goal).camera().aspect());
    }

    /** Everything that somebody needs to do the run again. */
    @PageCall
    public Map<String, Object> log() {
        return PlainData.map(
                "format",
                RunReplay.FORMAT,
                "version",
                RunReplay.VERSION,
                "drill",
                drill == null ? null : drill.id(),
                "keymaps",
                new Keymaps(stage.keymap(), List.of()).toPlain(),
                "habits",
                stage.habits().toPlain(),
                "still",
                stage.reducedMotion() ? true : null,
                "waited",
                Math.max(0, stage.recorder().firstDeed() - startedMs),
                "recording",
                stage.recorder().toPlain());
    }

    /** Leaves the drill; its board goes with it. */
    @PageCall
    public void end(double nowMs) {
        if (drill == null) {
            return;
        }
        stage.recorder().stop();
        stage.companion().at(null, null);
        drill = null;
        course = null;
        // What was hidden or moved for it is as it was.
        stage.documents().backTo(edits);
        stage.documents().closeAddress();
        stage.command("board.go", Map.of("board", before), null, nowMs);
    }

    /** What is going on at a time. */
    @PageCall
    public DrillState stateAt(double nowMs) {
        tick(nowMs);
        return state();
    }
}
