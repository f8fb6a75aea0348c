package rhombus.server.drill;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rhombus.core.drill.Drill;
import rhombus.core.drill.RunReplay;
import rhombus.core.drill.RunScore;
import rhombus.core.scene.Scene;
import rhombus.server.account.SignedIn;
import rhombus.server.common.RequestRefused;
import rhombus.server.scene.LoadedScenes;

/** Drills and how their runs went. A run counts once it has been done again here. */
@RestController
public class DrillController {
    /** A claim may be so much quicker than what the replay gives, seconds. */
    private static final double QUICKER = 0.5;
    /** And so much slower: where pictures come slowly, the page sees late that all is done. What counts is the replay. */
    private static final double SLOWER = 10;

    private final DrillRuns runs;
    private final OwnDrills own;
    private final LoadedScenes scenes;

    DrillController(DrillRuns runs, OwnDrills own, LoadedScenes scenes) {
        this.runs = runs;
        this.own = own;
        this.scenes = scenes;
    }

    /**
     * A drill with what its owner has done in it.
     *
     * @param id names it
     * @param runs all of them, the oldest first
     * @param best of them; null before the first
     */
    record DrillListed(
            String id, List<DrillRuns.DrillRun> runs, @Schema(types = {"object", "null"}) DrillRuns.Best best) {}

    /** All drills, from easy to hard. */
    @GetMapping("/api/drills")
    List<DrillListed> list(@AuthenticationPrincipal SignedIn who) {
        List<DrillRunMapper.Row> all = runs.all(who.id());
        return Drill.ALL.stream()
                .map(d -> {
                    DrillRuns.Of of = runs.of(who.id(), all, d.id());
                    return new DrillListed(d.id(), of.runs(), of.best());
                })
                .toList();
    }

    /**
     * A run that somebody says to have done.
     *
     * @param scene in which
     * @param seconds it took, as it was told on the page
     * @param log everything that is needed to do it again
     */
    record Claim(String scene, double seconds, Map<String, Object> log) {}

    /** Does a run again; what that gives counts, and what it does not give is refused. */
    @PostMapping("/api/drills/{id}/runs")
    @ResponseStatus(HttpStatus.CREATED)
    DrillRuns.Counted run(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody Claim claim)
            throws IOException {
        String scene = String.valueOf(claim.scene());
        Drill drill = named(who.id(), scene, id);
        RunScore s = scenes.with(who.id(), scene, opened -> replayed(opened, drill, claim));
        return runs.add(who.id(), id, s);
    }

    private Drill named(long owner, String scene, String id) {
        OwnDrills.Own mine = own.find(owner, scene, id);
        Drill drill = mine == null ? Drill.named(id) : Drill.own(id, mine.made());
        if (drill == null) {
            throw RequestRefused.notFound("drill");
        }
        return drill;
    }

    private static RunScore replayed(Scene scene, Drill drill, Claim claim) {
        try {
            if (claim.log() == null || !drill.fits(scene)) {
                throw new IllegalArgumentException("There is no log, or the scene has not what the drill needs.");
            }
            RunScore s = RunReplay.of(scene, drill, claim.log());
            double more = claim.seconds() - s.seconds();
            if (!(more >= -QUICKER && more <= SLOWER)) {
                throw new IllegalArgumentException("Done again, this run does not take the time that was told.");
            }
            return s;
        } catch (IllegalArgumentException e) {
            throw new RequestRefused(
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
        runs.forget(who.id());
    }
}
