package rhombus.server.drill;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rhombus.core.drill.Drill;
import rhombus.core.drill.Replay;
import rhombus.core.drill.Score;
import rhombus.core.scene.Scene;
import rhombus.server.account.SignedIn;
import rhombus.server.common.Refused;
import rhombus.server.scene.OpenedScenes;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Drills and how their runs went. A run counts once it has been done again here. */
@RestController
public class DrillController {
    private static final int KEEP = 500;
    /** A claim may be so much quicker than what the replay gives, seconds. */
    private static final double QUICKER = 0.5;
    /** And so much slower: where pictures come slowly, the page sees late that all is done. What counts is the replay. */
    private static final double SLOWER = 10;

    private final RunMapper runs;
    private final OpenedScenes scenes;
    private final TransactionTemplate transactions;
    private final JsonMapper json;

    DrillController(RunMapper runs, OpenedScenes scenes, TransactionTemplate transactions, JsonMapper json) {
        this.runs = runs;
        this.scenes = scenes;
        this.transactions = transactions;
        this.json = json;
    }

    /**
     * A drill with what its owner has done in it.
     *
     * @param id names it
     * @param runs all of them, the oldest first
     * @param best of them; null before the first
     */
    record DrillListed(String id, List<DrillRun> runs, @Schema(types = {"object", "null"}) Best best) {}

    /**
     * The best run.
     *
     * @param seconds it took
     * @param course how much of the task was done after each quarter of a second
     */
    record Best(double seconds, List<Double> course) {}

    /**
     * A run.
     *
     * @param seconds it took
     * @param metres the eye went
     * @param back steps back
     * @param lost how often what had to be kept was lost
     * @param at when
     */
    record DrillRun(double seconds, double metres, int back, int lost, Instant at) {
        static DrillRun of(RunMapper.Row r) {
            Instant at = r.createdAt().toInstant(ZoneOffset.UTC);
            return new DrillRun(r.seconds(), r.metres(), r.back(), r.lost(), at);
        }
    }

    /** All drills, from easy to hard. */
    @GetMapping("/api/drills")
    List<DrillListed> list(@AuthenticationPrincipal SignedIn who) {
        List<RunMapper.Row> rows = runs.list(who.id());
        List<DrillListed> out = new ArrayList<>();
        for (Drill d : Drill.ALL) {
            List<RunMapper.Row> mine =
                    rows.stream().filter(r -> r.drill().equals(d.id())).toList();
            RunMapper.Row best = best(mine);
            out.add(new DrillListed(
                    d.id(),
                    mine.stream().map(DrillRun::of).toList(),
                    best == null ? null : new Best(best.seconds(), course(who, best.id()))));
        }
        return out;
    }

    /** The best of some runs, of equals the first; null where there are none. */
    private static RunMapper.Row best(List<RunMapper.Row> of) {
        RunMapper.Row best = null;
        for (RunMapper.Row r : of) {
            if (best == null || Score.better(r.lost(), r.seconds(), best.lost(), best.seconds())) {
                best = r;
            }
        }
        return best;
    }

    private List<Double> course(SignedIn who, long run) {
        return json.readValue(runs.course(who.id(), run), new TypeReference<List<Double>>() {});
    }

    /**
     * A run that somebody says to have done.
     *
     * @param scene in which
     * @param seconds it took, as it was told on the page
     * @param log everything that is needed to do it again
     */
    record Claim(String scene, double seconds, Map<String, Object> log) {}

    /**
     * A run that counts.
     *
     * @param seconds it took
     * @param metres the eye went
     * @param back steps back
     * @param lost how often what had to be kept was lost
     * @param best seconds of the best run so far where this one is not better; null where it is
     */
    record Counted(
            double seconds, double metres, int back, int lost, @Schema(types = {"number", "null"}) Double best) {}

    /** Does a run again; what that gives counts, and what it does not give is refused. */
    @PostMapping("/api/drills/{id}/runs")
    @ResponseStatus(HttpStatus.CREATED)
    Counted run(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody Claim claim)
            throws IOException {
        Drill drill = Drill.named(id);
        if (drill == null) {
            throw Refused.notFound("drill");
        }
        Score s = scenes.with(who.id(), String.valueOf(claim.scene()), scene -> replayed(scene, drill, claim));
        RunMapper.Row before = best(of(who, id));
        transactions.executeWithoutResult(t -> {
            String course = json.writeValueAsString(s.course());
            runs.add(who.id(), id, s.seconds(), s.metres(), s.back(), s.lost(), course);
            runs.removeOld(who.id(), id, KEEP, best(of(who, id)).id());
        });
        boolean better = before == null || Score.better(s.lost(), s.seconds(), before.lost(), before.seconds());
        return new Counted(s.seconds(), s.metres(), s.back(), s.lost(), better ? null : before.seconds());
    }

    private List<RunMapper.Row> of(SignedIn who, String drill) {
        return runs.list(who.id()).stream().filter(r -> r.drill().equals(drill)).toList();
    }

    private static Score replayed(Scene scene, Drill drill, Claim claim) {
        try {
            if (claim.log() == null || !drill.fits(scene)) {
                throw new IllegalArgumentException("There is no log, or the scene has not what the drill needs.");
            }
            Score s = Replay.of(scene, drill, claim.log());
            double more = claim.seconds() - s.seconds();
            if (!(more >= -QUICKER && more <= SLOWER)) {
                throw new IllegalArgumentException("Done again, this run does not take the time that was told.");
            }
            return s;
        } catch (IllegalArgumentException e) {
            throw new Refused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "This run does not count: " + sentence(e.getMessage()) + " Do it once more.");
        }
    }

    private static String sentence(String s) {
        return s == null || s.isEmpty() ? "It cannot be done again." : s.endsWith(".") ? s : s + ".";
    }

    /** Forgets all runs. */
    @DeleteMapping("/api/drills/runs")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@AuthenticationPrincipal SignedIn who) {
        runs.removeAll(who.id());
    }
}
