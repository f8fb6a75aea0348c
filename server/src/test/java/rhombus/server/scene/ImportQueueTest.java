package rhombus.server.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import rhombus.formats.upload.Progress;
import rhombus.server.common.RequestRefused;

class ImportQueueTest {
    private static final long LARGE = 100L << 20;

    @Test
    void smallOnesPassALargeOneAndLargeOnesWaitForEachOther() throws Exception {
        ImportQueue turns = new ImportQueue(Duration.ofMinutes(1));
        ImportQueue.Turn running = turns.take(LARGE, w -> {});
        turns.take(ImportQueue.SMALL, w -> {}).close();
        CompletableFuture<ImportQueue.Turn> second = CompletableFuture.supplyAsync(() -> turns.take(LARGE, w -> {}));
        assertThat(second).isNotDone();
        running.close();
        second.get(20, TimeUnit.SECONDS).close();
        turns.take(LARGE, w -> {}).close();
    }

    @Test
    void waitingEndsByCancellingAndByPatience() {
        ImportQueue turns = new ImportQueue(Duration.ofMillis(1200));
        try (ImportQueue.Turn running = turns.take(LARGE, w -> {})) {
            assertThatThrownBy(() -> turns.take(LARGE, w -> {
                        throw new Progress.Cancelled();
                    }))
                    .isInstanceOf(Progress.Cancelled.class);
            assertThatThrownBy(() -> turns.take(LARGE, w -> {}))
                    .isInstanceOf(RequestRefused.class)
                    .hasMessageContaining("Nothing was stored");
        }
        turns.take(LARGE, w -> {}).close();
    }

    @Test
    void aLongQueueIsRefusedAtOnce() throws Exception {
        ImportQueue turns = new ImportQueue(Duration.ofMinutes(1));
        ImportQueue.Turn running = turns.take(LARGE, w -> {});
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
