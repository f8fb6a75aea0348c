package rhombus.server.drill;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.core.drill.RunScore;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Runs that count, and which of them is the best. */
@Service
class DrillRuns {
    private static final int KEEP = 500;

    private final DrillRunMapper runs;
    private final TransactionTemplate transactions;
    private final JsonMapper json;

    DrillRuns(DrillRunMapper runs, TransactionTemplate transactions, JsonMapper json) {
        this.runs = runs;
        this.transactions = transactions;
        this.json = json;
    }

    /**
     * The best run.
     *
     * @param seconds it took
     * @param course how much of the task was done after each quarter of a second
     * @param path where the eye was at each of these times, and what it looked at; empty for a run from before paths were kept
     */
    record Best(double seconds, List<Double> course, List<Double> path) {}

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
        static DrillRun of(DrillRunMapper.Row r) {
            Instant at = r.createdAt().toInstant(ZoneOffset.UTC);
            return new DrillRun(r.seconds(), r.metres(), r.back(), r.lost(), at);
        }
    }

    /**
     * All runs of a drill.
     *
     * @param runs the oldest first
     * @param best of them, or null
     */
    record Of(List<DrillRun> runs, Best best) {}

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

    /** All runs of an owner, of all drills. */
    List<DrillRunMapper.Row> all(long owner) {
        return runs.list(owner);
    }

    /** Those of a drill among all of an owner. */
    Of of(long owner, List<DrillRunMapper.Row> all, String drill) {
        List<DrillRunMapper.Row> mine =
                all.stream().filter(r -> r.drill().equals(drill)).toList();
        DrillRunMapper.Row best = best(mine);
        return new Of(mine.stream().map(DrillRun::of).toList(), best == null ? null : best(owner, best));
    }

    /** The best of some runs, of equals the first; null where there are none. */
    private static DrillRunMapper.Row best(List<DrillRunMapper.Row> of) {
        DrillRunMapper.Row best = null;
        for (DrillRunMapper.Row r : of) {
            if (best == null || RunScore.better(r.lost(), r.seconds(), best.lost(), best.seconds())) {
                best = r;
            }
        }
        return best;
    }

    private Best best(long owner, DrillRunMapper.Row run) {
        DrillRunMapper.Way way = runs.way(owner, run.id());
        return new Best(run.seconds(), numbers(way.course()), way.path() == null ? List.of() : numbers(way.path()));
    }

    private List<Double> numbers(String text) {
        return json.readValue(text, new TypeReference<List<Double>>() {});
    }

    private DrillRunMapper.Row bestOf(long owner, String drill) {
        return best(
                runs.list(owner).stream().filter(r -> r.drill().equals(drill)).toList());
    }

    /** Keeps a run. */
    Counted add(long owner, String drill, RunScore s) {
        DrillRunMapper.Row before = bestOf(owner, drill);
        transactions.executeWithoutResult(t -> {
            String course = json.writeValueAsString(s.course());
            String path = json.writeValueAsString(s.path());
            runs.add(owner, drill, s.seconds(), s.metres(), s.back(), s.lost(), course, path);
            runs.removeOld(owner, drill, KEEP, bestOf(owner, drill).id());
        });
        boolean better = before == null || RunScore.better(s.lost(), s.seconds(), before.lost(), before.seconds());
        return new Counted(s.seconds(), s.metres(), s.back(), s.lost(), better ? null : before.seconds());
    }

    /** Forgets all runs. */
    void forget(long owner) {
        runs.removeAll(owner);
    }
}
