package rhombus.server.scene;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntConsumer;
import org.springframework.http.HttpStatus;
import rhombus.server.common.RequestRefused;

/**
 * Whose turn it is to import: one large scene at a time keeps the memory within its bounds, and small ones pass it. Nobody
 * waits without end, and waiting can be cancelled.
 */
final class ImportQueue {
    /** Uploads up to this many bytes count as small. */
    static final long SMALL = 8L << 20;

    private static final int LONGEST_QUEUE = 12;

    private final Semaphore small = new Semaphore(1, true);
    private final Semaphore large = new Semaphore(1, true);
    private final AtomicInteger waiting = new AtomicInteger();
    private final Duration patience;

    ImportQueue(Duration patience) {
        this.patience = patience;
    }

    /** A turn, to be given back. */
    interface Turn extends AutoCloseable {
        @Override
        void close();
    }

    /**
     * Waits for a turn.
     *
     * @param bytes of the upload
     * @param asked is run every half second while waiting, with how many wait before this one; throws to stop waiting
     * @throws RequestRefused with 503 if there is no turn within the patience of a person
     */
    Turn take(long bytes, IntConsumer asked) {
        Semaphore lane = bytes <= SMALL ? small : large;
        int before = waiting.getAndIncrement();
        try {
            if (before >= LONGEST_QUEUE) {
                throw full();
            }
            long end = System.nanoTime() + patience.toNanos();
            while (!lane.tryAcquire(500, TimeUnit.MILLISECONDS)) {
                asked.accept(lane.getQueueLength());
                if (System.nanoTime() > end) {
                    throw full();
                }
            }
            return lane::release;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new RequestRefused(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "The server is stopping. Nothing was stored; upload the scene again in a moment.");
        } finally {
            waiting.decrementAndGet();
        }
    }

    private static RequestRefused full() {
        return new RequestRefused(
                HttpStatus.SERVICE_UNAVAILABLE,
                "Other imports keep the server busy. Nothing was stored; upload the scene again in some minutes.");
    }
}
