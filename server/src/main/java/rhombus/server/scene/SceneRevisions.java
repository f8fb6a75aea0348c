package rhombus.server.scene;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.formats.ImportedScene;
import rhombus.formats.KeptScene;
import rhombus.formats.NewerFileMerge;
import rhombus.formats.ReorientedScene;
import rhombus.formats.SceneImport;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;
import rhombus.server.common.RequestRefused;
import rhombus.server.kept.KeptDocuments;
import tools.jackson.databind.json.JsonMapper;

/**
 * The files of a scene: a newer one is sent, read and compared, and waits; those that the scene had before are kept. How one takes the
 * place of another is a step of the history ({@link FileHistorySteps}).
 */
@Service
public class SceneRevisions {
    private static final int EARLIER = 5;
    private static final Map<String, String> SHORT =
            Map.of("geometry", "g", "lines", "l", "coarse", "c", "hierarchy", "h");

    private final SceneImports scenes;
    private final SceneStore store;
    private final SceneMapper mapper;
    private final RevisionMapper revisions;
    private final CoverMapper covers;
    private final SceneFileStreams files;
    private final KeptDocuments kept;
    private final TransactionTemplate transactions;
    private final JsonMapper json;

    SceneRevisions(
            SceneImports scenes,
            SceneStore store,
            SceneMapper mapper,
            RevisionMapper revisions,
            CoverMapper covers,
            SceneFileStreams files,
            KeptDocuments kept,
            TransactionTemplate transactions,
            JsonMapper json) {
        this.scenes = scenes;
        this.store = store;
        this.mapper = mapper;
        this.revisions = revisions;
        this.covers = covers;
        this.files = files;
        this.kept = kept;
        this.transactions = transactions;
        this.json = json;
    }

    /** Reads a newer file and compares it with the one that is there; nothing of the scene changes yet. */
    NewerFileMerge.Report propose(long owner, String id, long bytes, Callable<UploadedFiles> upload, String job)
            throws IOException {
        SceneRow row = scenes.found(owner, id);
        SceneImport.Answers answers = new SceneImport.Answers(UpAxis.valueOf(row.upAxis()), LengthUnit.of(row.unit()));
        return scenes.working(
                owner,
                bytes + row.bytes(),
                job,
                progress -> SceneImport.newer(
                        files.geometry(owner, id).readAllBytes(),
                        SceneImports.files(upload),
                        answers,
                        UploadLimits.DEFAULT,
                        progress),
                (u, timed) -> keep(owner, id, u),
                timing -> {});
    }

    private NewerFileMerge.Report keep(long owner, String id, SceneImport.Update u) {
        hold(owner, id);
        revisions.list(owner, id).stream()
                .filter(RevisionMapper.Row::proposed)
                .forEach(r -> remove(owner, id, r.seq()));
        int seq = next(owner, id);
        ImportedScene i = u.imported();
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

    /** Holds the scene for a change by one at a time; refuses where there is none. */
    void hold(long owner, String id) {
        if (mapper.holdAlone(owner, id) == null) {
            throw RequestRefused.notFound("scene");
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

    /** The newer file that waits for an answer. */
    RevisionMapper.Row proposed(long owner, String id) {
        return revisions.list(owner, id).stream()
                .filter(RevisionMapper.Row::proposed)
                .findFirst()
                .orElseThrow(() -> RequestRefused.notFound("newer file; it was accepted or discarded already"));
    }

    /** The scene as a file of it has it. */
    Scene scene(long owner, String id, String kind) {
        try {
            return KeptScene.read(files.stream(owner, id, kind)).scene();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** SHA-256 of a file of the scene. */
    String sum(long owner, String id, String kind) {
        return mapper.files(owner, id).stream()
                .filter(f -> f.kind().equals(kind))
                .map(FileRow::sha256)
                .findFirst()
                .orElse("");
    }

    /** Lays another file of the scene under it; the one that was there is an earlier one from now on. */
    void swap(long owner, String id, RevisionMapper.Row in) {
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
            covers.put(id, owner, "image/png", ReorientedScene.picture(glb, UpAxis.valueOf(was.upAxis())));
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
}
