package rhombus.server.scene;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.function.BooleanSupplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.Operation;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.formats.Changed;
import rhombus.formats.Import;
import rhombus.formats.Imported;
import rhombus.formats.KeptScene;
import rhombus.formats.Newer;
import rhombus.formats.model.Unit;
import rhombus.formats.upload.Limits;
import rhombus.formats.upload.Upload;
import rhombus.server.common.Refused;
import rhombus.server.kept.KeptDocuments;
import tools.jackson.databind.json.JsonMapper;

/**
 * Newer files under the work on older ones: one is sent, read and compared, and takes the place of the scene's file only when that is
 * accepted; what was there before is kept and can come back.
 */
@Service
public class Revisions {
    private static final int EARLIER = 5;
    private static final Map<String, String> SHORT =
            Map.of("geometry", "g", "lines", "l", "coarse", "c", "hierarchy", "h");

    private final Scenes scenes;
    private final SceneStore store;
    private final SceneMapper mapper;
    private final RevisionMapper revisions;
    private final CoverMapper covers;
    private final VersionMapper versions;
    private final KeptFiles files;
    private final KeptDocuments kept;
    private final TransactionTemplate transactions;
    private final JsonMapper json;

    Revisions(
            Scenes scenes,
            SceneStore store,
            SceneMapper mapper,
            RevisionMapper revisions,
            CoverMapper covers,
            VersionMapper versions,
            KeptFiles files,
            KeptDocuments kept,
            TransactionTemplate transactions,
            JsonMapper json) {
        this.scenes = scenes;
        this.store = store;
        this.mapper = mapper;
        this.revisions = revisions;
        this.covers = covers;
        this.versions = versions;
        this.files = files;
        this.kept = kept;
        this.transactions = transactions;
        this.json = json;
    }

    /** Reads a newer file and compares it with the one that is there; nothing of the scene changes yet. */
    Newer.Report propose(long owner, String id, long bytes, Callable<Upload> upload, String job) throws IOException {
        SceneRow row = scenes.found(owner, id);
        Import.Answers answers = new Import.Answers(UpAxis.valueOf(row.upAxis()), Unit.of(row.unit()));
        return scenes.working(
                owner,
                bytes + row.bytes(),
                job,
                progress -> Import.newer(
                        files.geometry(owner, id).readAllBytes(),
                        Scenes.files(upload),
                        answers,
                        Limits.DEFAULT,
                        progress),
                (u, timed) -> keep(owner, id, u),
                timing -> {});
    }

    private Newer.Report keep(long owner, String id, Import.Update u) {
        hold(owner, id);
        revisions.list(owner, id).stream()
                .filter(RevisionMapper.Row::proposed)
                .forEach(r -> remove(owner, id, r.seq()));
        int seq = next(owner, id);
        Imported i = u.imported();
        revisions.add(
                owner,
                id,
                seq,
                new RevisionMapper.Row(
                        seq,
                        true,
                        i.triangles(),
                        i.objects(),
                        json.writeValueAsString(i.notes()),
                        (long) i.glb().length + i.edges().length + i.levels().length + i.hierarchies().length,
                        json.writeValueAsString(u.report()),
                        null,
                        null));
        store.file(owner, id, "g@" + seq, i.glb());
        store.file(owner, id, "l@" + seq, i.edges());
        store.file(owner, id, "c@" + seq, i.levels());
        store.file(owner, id, "h@" + seq, i.hierarchies());
        return u.report();
    }

    private void hold(long owner, String id) {
        if (mapper.holdAlone(owner, id) == null) {
            throw Refused.notFound("scene");
        }
    }

    private int next(long owner, String id) {
        return 1
                + revisions.list(owner, id).stream()
                        .mapToInt(RevisionMapper.Row::seq)
                        .max()
                        .orElse(0);
    }

    private void remove(long owner, String id, int seq) {
        SHORT.values().forEach(k -> mapper.removeFile(id, k + "@" + seq, owner));
        revisions.remove(owner, id, seq);
    }

    private RevisionMapper.Row proposed(long owner, String id) {
        return revisions.list(owner, id).stream()
                .filter(RevisionMapper.Row::proposed)
                .findFirst()
                .orElseThrow(() -> Refused.notFound("newer file; it was accepted or discarded already"));
    }

    /**
     * The newer file takes the place of the one that is there, as a step of the history.
     *
     * @return whether it is another one
     */
    boolean accept(long owner, String id) {
        return done(() -> {
            hold(owner, id);
            RevisionMapper.Row r = proposed(owner, id);
            Map<String, Object> edits = kept.load(owner, "edits", id).body();
            if (edits != null && !fits(owner, id, "g@" + r.seq(), edits)) {
                throw new Refused(
                        HttpStatus.CONFLICT,
                        "The scene was changed since the newer file was read. Nothing is lost: send the newer file again.");
            }
            String before = sum(owner, id, "geometry");
            swap(owner, id, r);
            return step(owner, id, before);
        });
    }

    private boolean done(BooleanSupplier what) {
        return Boolean.TRUE.equals(transactions.execute(t -> what.getAsBoolean()));
    }

    /** Whether changes of the scene can be done on a file of it. */
    private boolean fits(long owner, String id, String kind, Map<String, Object> edits) {
        try {
            EditDocument.read(scene(owner, id, kind), edits);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** The scene as a file of it has it. */
    private Scene scene(long owner, String id, String kind) {
        try {
            return KeptScene.read(files.stream(owner, id, kind)).scene();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** SHA-256 of a file of the scene. */
    private String sum(long owner, String id, String kind) {
        return mapper.files(owner, id).stream()
                .filter(f -> f.kind().equals(kind))
                .map(FileRow::sha256)
                .findFirst()
                .orElse("");
    }

    /** That another file lies under the scene now is a step, which can be undone; says whether it is another one. */
    private boolean step(long owner, String id, String before) {
        String after = sum(owner, id, "geometry");
        if (before.equals(after)) {
            return false;
        }
        KeptDocuments.Loaded now = kept.load(owner, "edits", id);
        Map<String, Object> doc = now.body() == null ? EditDocument.none() : now.body();
        Scene base = scene(owner, id, "geometry");
        save(owner, id, now, EditDocument.with(base, doc, new Operation.OtherFile(before, after)));
        return true;
    }

    private void save(long owner, String id, KeptDocuments.Loaded over, Map<String, Object> doc) {
        kept.save(owner, "edits", id, new KeptDocuments.Save(over.version(), doc));
    }

    private void swap(long owner, String id, RevisionMapper.Row in) {
        SceneRow was = scenes.found(owner, id);
        int seq = next(owner, id);
        Map<String, Object> edits = kept.load(owner, "edits", id).body();
        revisions.add(
                owner,
                id,
                seq,
                new RevisionMapper.Row(
                        seq,
                        false,
                        was.triangles(),
                        was.objects(),
                        was.notes(),
                        was.bytes(),
                        null,
                        edits == null ? null : json.writeValueAsString(edits),
                        null));
        SHORT.forEach((kind, letter) -> {
            move(owner, id, kind, letter + "@" + seq);
            move(owner, id, letter + "@" + in.seq(), kind);
        });
        revisions.become(owner, id, in);
        revisions.remove(owner, id, in.seq());
        try {
            byte[] glb = files.geometry(owner, id).readAllBytes();
            covers.put(id, owner, "image/png", Changed.picture(glb, UpAxis.valueOf(was.upAxis())));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        List<RevisionMapper.Row> earlier =
                revisions.list(owner, id).stream().filter(r -> !r.proposed()).toList();
        earlier.stream().skip(EARLIER).forEach(r -> remove(owner, id, r.seq()));
    }

    private void move(long owner, String id, String from, String to) {
        revisions.nameFile(owner, id, from, to);
        revisions.moveChunks(id, from, to);
        mapper.removeFile(id, from, owner);
    }

    /** The newer file is not wanted. */
    void discard(long owner, String id) {
        transactions.executeWithoutResult(t -> {
            hold(owner, id);
            remove(owner, id, proposed(owner, id).seq());
        });
    }

    /** Files that the scene had before, newest first. */
    List<RevisionMapper.Row> earlier(long owner, String id) {
        scenes.found(owner, id);
        return revisions.list(owner, id).stream().filter(r -> !r.proposed()).toList();
    }

    /**
     * An earlier file comes back, as a step of the history. Changes made since then stay where they can be done on it; where they
     * cannot, those of that time come back too, and the ones made since are kept as a version.
     *
     * @return whether it is another one
     */
    boolean bringBack(long owner, String id, int seq) {
        return done(() -> {
            hold(owner, id);
            RevisionMapper.Row r = earlier(owner, id).stream()
                    .filter(o -> o.seq() == seq)
                    .findFirst()
                    .orElseThrow(() -> Refused.notFound("earlier file"));
            String before = sum(owner, id, "geometry");
            KeptDocuments.Loaded now = kept.load(owner, "edits", id);
            swap(owner, id, r);
            if (now.body() != null && !fits(owner, id, "geometry", now.body())) {
                putAside(owner, id, now.body());
                save(owner, id, now, r.edits() == null ? EditDocument.none() : read(r.edits()));
            }
            return step(owner, id, before);
        });
    }

    /**
     * Undoes the step at which another file came, or does it again. What cannot be done on the file that comes is kept as a version.
     *
     * @return whether that file was still kept; if not, the one that is there stays under the scene
     */
    boolean go(long owner, String id, boolean again) {
        return done(() -> {
            hold(owner, id);
            KeptDocuments.Loaded now = kept.load(owner, "edits", id);
            Map<String, Object> doc = now.body() == null ? EditDocument.none() : now.body();
            Operation.OtherFile step = EditDocument.otherFile(doc, again);
            if (step == null) {
                throw new Refused(
                        HttpStatus.CONFLICT, "The next step is another one by now. Open the scene again to see it.");
            }
            int done = Plain.whole(doc.get("done"), 0) + (again ? 1 : -1);
            boolean there = lay(owner, id, again ? step.to() : step.from());
            Map<String, Object> next = EditDocument.at(doc, done);
            if (!fits(owner, id, "geometry", next)) {
                putAside(owner, id, doc);
                // Steps after this one may be about what only the other file has.
                next = EditDocument.upTo(next, Math.max(done, again ? done : done + 1));
            }
            save(owner, id, now, next);
            return there;
        });
    }

    /** Lays a file that the scene had, by its sum, under it; false where it is not kept any more. */
    private boolean lay(long owner, String id, String sum) {
        if (sum.equals(sum(owner, id, "geometry"))) {
            return true;
        }
        return earlier(owner, id).stream()
                .filter(r -> sum(owner, id, "g@" + r.seq()).equals(sum))
                .findFirst()
                .map(r -> {
                    swap(owner, id, r);
                    return true;
                })
                .orElse(false);
    }

    private void putAside(long owner, String id, Map<String, Object> doc) {
        versions.add(owner, id, "Before the earlier file came back", false, json.writeValueAsString(doc));
    }

    @SuppressWarnings("unchecked")
    private Map<String, Object> read(String body) {
        return json.readValue(body, Map.class);
    }
}
