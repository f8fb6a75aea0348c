package rhombus.server.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import rhombus.formats.upload.Progress;
import rhombus.server.common.Refused;

class ImportTurnsTest {
    private static final long LARGE = 100L << 20;

    @Test
    void smallOnesPassALargeOneAndLargeOnesWaitForEachOther() throws Exception {
        ImportTurns turns = new ImportTurns(Duration.ofMinutes(1));
        ImportTurns.Turn running = turns.take(LARGE, w -> {});
        turns.take(ImportTurns.SMALL, w -> {}).close();
        CompletableFuture<ImportTurns.Turn> second = CompletableFuture.supplyAsync(() -> turns.take(LARGE, w -> {}));
        assertThat(second).isNotDone();
        running.close();
        second.get(20, TimeUnit.SECONDS).close();
        turns.take(LARGE, w -> {}).close();
    }

    @Test
    void waitingEndsByCancellingAndByPatience() {
        ImportTurns turns = new ImportTurns(Duration.ofMillis(1200));
        try (ImportTurns.Turn running = turns.take(LARGE, w -> {})) {
            assertThatThrownBy(() -> turns.take(LARGE, w -> {
                        throw new Progress.Cancelled();
                    }))
                    .isInstanceOf(Progress.Cancelled.class);
            assertThatThrownBy(() -> turns.take(LARGE, w -> {}))
                    .isInstanceOf(Refused.class)
                    .hasMessageContaining("Nothing was stored");
        }
        turns.take(LARGE, w -> {}).close();
    }

    @Test
    void aLongQueueIsRefusedAtOnce() throws Exception {
        ImportTurns turns = new ImportTurns(Duration.ofMinutes(1));
        ImportTurns.Turn running = turns.take(LARGE, w -> {});
        var waiting = new java.util.ArrayList<CompletableFuture<Void>>();
        for (int i = 0; i < 14; i++) {
            waiting.add(
                    CompletableFuture.runAsync(() -> turns.take(LARGE, w -> {}).close(), r -> new Thread(r).start()));
        }
        // The two that came too late are answered while all others wait.
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (waiting.stream().filter(CompletableFuture::isDone).count() < 2 && System.nanoTime() < end) {
            Thread.onSpinWait();
        }
        for (var w : waiting) {
            if (w.isDone()) {
                assertThat(w.handle((x, e) -> e).get()).hasMessageContaining("keep the server busy");
            }
        }
        running.close();
        long served = 0;
        for (var w : waiting) {
            served += w.handle((x, e) -> e == null ? 1 : 0).get(20, TimeUnit.SECONDS);
        }
        assertThat(served).isEqualTo(12);
    }
}
