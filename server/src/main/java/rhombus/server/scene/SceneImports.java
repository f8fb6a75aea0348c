package rhombus.server.scene;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.formats.CompanionFiles;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;
import rhombus.server.common.RequestRefused;

/** Imports scenes and keeps their files: all of a scene or nothing of it. */
@Service
public class SceneImports {
    /** What {@link SceneStore} makes; anything else names no scene. */
    private static final Pattern ID = Pattern.compile("[A-Za-z0-9_-]{22}");

    private final SceneMapper mapper;
    private final ImportMapper imports;
    private final SceneFileStreams files;
    private final TransactionTemplate transactions;
    private final SceneStore store;
    private final ImportQueue turns = new ImportQueue(Duration.ofMinutes(5));
    private final ScheduledExecutorService pulse = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread t = new Thread(r, "import-pulse");
        t.setDaemon(true);
        return t;
    });

    SceneImports(
            SceneMapper mapper,
            ImportMapper imports,
            SceneFileStreams files,
            TransactionTemplate transactions,
            SceneStore store) {
        this.mapper = mapper;
        this.files = files;
        this.imports = imports;
        this.transactions = transactions;
        this.store = store;
    }

    @PreDestroy
    void end() {
        pulse.shutdownNow();
    }

    /**
     * The scene of an owner.
     *
     * @throws RequestRefused with 404 if there is none, or it is somebody else's
     */
    public SceneRow found(long owner, String id) {
        SceneRow r = ID.matcher(id).matches() ? mapper.find(owner, id) : null;
        if (r == null) {
            throw RequestRefused.notFound("scene");
        }
        return r;
    }

    /**
     * Does something to a scene that must not be deleted meanwhile, in one transaction.
     *
     * @throws RequestRefused with 404 if there is no such scene
     */
    public <T> T holding(long owner, String id, Supplier<T> work) {
        return transactions.execute(t -> {
            if (!ID.matcher(id).matches() || mapper.hold(owner, id) == null) {
                throw RequestRefused.notFound("scene");
            }
            return work.get();
        });
    }

    /**
     * Makes what is missing beside the geometry of a scene that was stored before there were coarser triangles: once, when it
     * is opened.
     *
     * @throws RequestRefused with 404 if there is no such scene
     */
    void complete(long owner, String id) throws IOException {
        found(owner, id);
        if (isComplete(owner, id)) {
            return;
        }
        long size = mapper.files(owner, id).stream().mapToLong(FileRow::size).sum();
        CompanionFiles beside =
                inTurn(size, () -> CompanionFiles.of(files.geometry(owner, id).readAllBytes()));
        transactions.executeWithoutResult(t -> {
            if (mapper.holdAlone(owner, id) == null) {
                throw RequestRefused.notFound("scene");
            }
            // Another window may have been faster.
            if (!isComplete(owner, id)) {
                store.file(owner, id, "lines", beside.edges());
                store.file(owner, id, "coarse", beside.levels());
                mapper.removeFile(id, "edges", owner);
            }
        });
    }

    /** Long work. */
    public interface Work<T> {
        T run() throws IOException;
    }

    /** Does what takes memory once there is room for it. */
    public <T> T inTurn(long bytes, Work<T> work) throws IOException {
        try (ImportQueue.Turn turn = turns.take(bytes, waiting -> {})) {
            return work.run();
        }
    }

    private boolean isComplete(long owner, String id) {
        return mapper.files(owner, id).stream().anyMatch(f -> f.kind().equals("coarse"));
    }

    /**
     * Reads an upload and stores the scene.
     *
     * @param name what to call it, or null for the file's own name
     * @param answers what is known of the file besides
     * @param bytes how large the upload is
     * @param upload gives the files once it is their turn, so that only one large import is in memory at a time
     * @param job id under which progress is told and the import can be cancelled, or null
     * @param timing is told what each part of the work took, as {@link TimedProgress#header} has it
     * @return id of the scene
     */
    public String add(
            long owner,
            String name,
            SceneImport.Answers answers,
            long bytes,
            Callable<UploadedFiles> upload,
            String job,
            Consumer<String> timing)
            throws IOException {
        return working(
                owner,
                bytes,
                job,
                progress -> SceneImport.read(files(upload), answers, UploadLimits.DEFAULT, progress),
                (imported, timed) -> store.add(owner, name, answers, imported, timed::begin),
                timing);
    }

    /** Reads something, telling how far it is. */
    interface Reading<T> {
        T read(Progress progress) throws IOException;
    }

    /** Keeps what was read. */
    interface Keeping<T, R> {
        R keep(T read, TimedProgress timed);
    }

    /**
     * Reads something large when it is its turn and keeps what came of it in one transaction, all or nothing.
     *
     * @param job id under which progress is told and the work can be cancelled, or null
     * @param timing is told what each part of the work took, as {@link TimedProgress#header} has it
     */
    <T, R> R working(
            long owner, long bytes, String job, Reading<T> reading, Keeping<T, R> keeping, Consumer<String> timing)
            throws IOException {
        JobProgress told = job == null ? null : new JobProgress(owner, job);
        TimedProgress progress = new TimedProgress(told == null ? Progress.SILENT : told);
        ScheduledFuture<?> alive = null;
        if (told != null) {
            imports.removeSilent();
            progress.at("Waiting for other imports", 0);
            alive = pulse.scheduleWithFixedDelay(told::touch, 5, 5, TimeUnit.SECONDS);
        }
        try (ImportQueue.Turn turn = turns.take(bytes, waiting -> progress.at(waiting(waiting), 0))) {
            T read = reading.read(progress);
            progress.at("Storing", 0.95);
            R kept = transactions.execute(t -> {
                R out = keeping.keep(read, progress);
                // Last of all: from this moment on, cancelling is answered with the truth.
                if (told != null && imports.store(owner, job) == 0) {
                    throw new Progress.Cancelled();
                }
                return out;
            });
            progress.end();
            timing.accept(progress.header());
            return kept;
        } finally {
            if (told != null) {
                if (alive != null) {
                    alive.cancel(false);
                }
                imports.remove(owner, job);
            }
        }
    }

    private static String waiting(int others) {
        return others > 1 ? "Waiting for " + others + " other imports" : "Waiting for another import";
    }

    static UploadedFiles files(Callable<UploadedFiles> upload) throws IOException {
        try {
            return upload.call();
        } catch (IOException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IOException(e);
        }
    }

    /** Tells the database how far an import is, a few times a second, and learns from it that it was cancelled. */
    private final class JobProgress implements Progress {
        private final long owner;
        private final String job;
        private long last;
        private String words = "";

        JobProgress(long owner, String job) {
            this.owner = owner;
            this.job = job;
        }

        @Override
        public void at(String now, double part) {
            long time = System.nanoTime();
            if (now.equals(words) && time - last < 200_000_000L) {
                return;
            }
            last = time;
            words = now;
            imports.put(owner, job, now, part);
            ImportMapper.Job j = imports.find(owner, job);
            if (j != null && j.cancelled()) {
                throw new Cancelled();
            }
        }

        /** Tells that the server still works at it. */
        void touch() {
            try {
                imports.touch(owner, job);
            } catch (RuntimeException e) {
                // The next touch may come through; the import itself learns soon enough of a database that is gone.
            }
        }
    }
}
