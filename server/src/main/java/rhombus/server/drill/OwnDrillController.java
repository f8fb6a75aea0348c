package rhombus.server.drill;

import io.swagger.v3.oas.annotations.media.Schema;
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
import rhombus.server.account.SignedIn;

/** Drills of one's own in a scene. */
@RestController
public class OwnDrillController {
    private final OwnDrills drills;
    private final DrillRuns runs;

    OwnDrillController(OwnDrills drills, DrillRuns runs) {
        this.drills = drills;
        this.runs = runs;
    }

    /**
     * A drill that is to be kept.
     *
     * @param name for people
     * @param made start and goal, as the core gives them
     * @param picture of the goal, an address with the picture in it
     */
    record NewDrill(String name, Map<String, Object> made, String picture) {}

    /**
     * A drill of one's own with what was done in it.
     *
     * @param id names it
     * @param name for people
     * @param made start and goal
     * @param picture of the goal
     * @param runs all of them, the oldest first
     * @param best of them; null before the first
     */
    record OwnListed(
            String id,
            String name,
            Map<String, Object> made,
            String picture,
            List<DrillRuns.DrillRun> runs,
            @Schema(types = {"object", "null"}) DrillRuns.Best best) {}

    private OwnListed listed(long owner, List<DrillRunMapper.Row> all, OwnDrills.Own d) {
        DrillRuns.Of of = runs.of(owner, all, d.id());
        return new OwnListed(d.id(), d.name(), d.made(), d.picture(), of.runs(), of.best());
    }

    /** Those of a scene, the oldest first. */
    @GetMapping("/api/scenes/{id}/drills")
    List<OwnListed> list(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        List<DrillRunMapper.Row> all = runs.all(who.id());
        return drills.list(who.id(), id).stream()
                .map(d -> listed(who.id(), all, d))
                .toList();
    }

    /** Keeps one. */
    @PostMapping("/api/scenes/{id}/drills")
    @ResponseStatus(HttpStatus.CREATED)
    OwnListed add(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody NewDrill d) {
        return listed(who.id(), List.of(), drills.add(who.id(), id, d.name(), d.made(), d.picture()));
    }

    /** Deletes one with its runs. */
    @DeleteMapping("/api/scenes/{id}/drills/{drill}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @PathVariable String drill) {
        drills.remove(who.id(), id, drill);
    }
}
