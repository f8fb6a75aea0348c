package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import rhombus.core.Effort;

/**
 * Whatever is done while something else is under way, history and scene never part. Every run tries other hands; a hand that
 * fails is told by its seed, and {@code -Dhistory.seed=… -Dhistory.hands=1} tries it again.
 */
class HistoryTest {
    private static final int DEEDS = 200;

    @Test
    void anyHandCanBeUndoneAndDoneAgainToTheBit() {
        long first = Long.getLong("history.seed", Effort.seed("hands") % 1_000_000_000);
        int hands = Integer.getInteger("history.hands", Effort.times(200));
        System.out.println("Hands by the seeds " + first + " to " + (first + hands - 1));
        List<String> failed = new ArrayList<>();
        LongStream.range(first, first + hands).parallel().forEach(seed -> {
            try {
                new RandomHand(Scenes.boxes(), seed).does(DEEDS).letsGo().assertHistoryAndSceneAgree();
            } catch (AssertionError | RuntimeException e) {
                synchronized (failed) {
                    failed.add("seed " + seed + ": " + e);
                }
            }
        });
        assertThat(failed).isEmpty();
    }
}
