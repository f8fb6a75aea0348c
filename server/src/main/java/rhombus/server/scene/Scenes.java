package rhombus.server.scene;

import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.Base64;
import java.util.HexFormat;
import java.util.concurrent.Callable;
import java.util.concurrent.Semaphore;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.formats.GltfImport;
import rhombus.formats.Imported;
import rhombus.formats.Limits;
import rhombus.formats.Progress;
import rhombus.formats.Upload;
import rhombus.server.common.Refused;
import tools.jackson.databind.json.JsonMapper;

/** Imports scenes and keeps their files: all of a scene or nothing of it. */
@Service
public class Scenes {
    private static final int CHUNK = 1 << 20;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final SceneMapper mapper;
    private final ImportMapper imports;
    private final TransactionTemplate transactions;
    private final JsonMapper json;
    /** One large import at a time keeps the memory within its bounds; others wait their turn. */
    private final Semaphore turn = new Semaphore(1, true);

    Scenes(SceneMapper mapper, ImportMapper imports, TransactionTemplate transactions, JsonMapper json) {
        this.mapper = mapper;
        this.imports = imports;
        this.transactions = transactions;
        this.json = json;
    }

    /**
     * Reads an upload and stores the scene.
     *
     * @param name what to call it, or null for the file's own name
     * @param upload gives the files once it is their turn, so that only one large import is in memory at a time
     * @param job id under which progress is told, or null
     * @return id of the scene
     */
    public String add(long owner, String name, Callable<Upload> upload, String job) throws IOException {
        Progress progress = job == null ? Progress.SILENT : new JobProgress(owner, job);
        progress.at("Waiting for another import", 0);
        try {
            turn.acquire();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Refused(HttpStatus.SERVICE_UNAVAILABLE, "The server is stopping. Upload the scene again in a moment.");
        }
        try {
            Imported imported = GltfImport.read(files(upload), Limits.DEFAULT, progress);
            return transactions.execute(t -> store(owner, title(name, imported), imported));
        } finally {
            turn.release();
            if (job != null) {
                imports.remove(owner, job);
            }
        }
    }

    private static Upload files(Callable<Upload> upload) throws IOException {
        try {
            return upload.call();
        } catch (IOException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IOException(e);
        }
    }

    private static String title(String name, Imported i) {
        String s = name == null || name.isBlank() ? i.title() : name;
        s = s.replaceAll("\\p{Cntrl}", " ").strip();
        return s.isEmpty() ? "Untitled" : s.length() > 200 ? s.substring(0, 200) : s;
    }

    private String store(long owner, String name, Imported i) {
        byte[] b = new byte[16];
        RANDOM.nextBytes(b);
        String id = Base64.getUrlEncoder().withoutPadding().encodeToString(b);
        mapper.add(id, owner, name, i.triangles(), i.objects(), json.writeValueAsString(i.notes()));
        file(owner, id, "geometry", i.glb());
        file(owner, id, "edges", i.edges());
        file(owner, id, "hierarchy", i.hierarchies());
        return id;
    }

    private void file(long owner, String scene, String kind, byte[] bytes) {
        mapper.addFile(scene, kind, owner, sha256(bytes), bytes.length);
        for (int seq = 0; seq * (long) CHUNK < bytes.length; seq++) {
            mapper.addChunk(scene, kind, seq, Arrays.copyOfRange(bytes, seq * CHUNK, Math.min(bytes.length, (seq + 1) * CHUNK)));
        }
    }

    private static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
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
    }
}
