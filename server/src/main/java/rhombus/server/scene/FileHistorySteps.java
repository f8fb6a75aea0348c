package rhombus.server.scene;

import java.util.Map;
import java.util.function.BooleanSupplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.core.edit.EditDocument;
import rhombus.core.edit.EditOperation;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.server.common.RequestRefused;
import rhombus.server.kept.KeptDocuments;
import tools.jackson.databind.json.JsonMapper;

/** Other files under the work on a scene, each as a step of its history that can be undone and done again. */
@Service
public class FileHistorySteps {
    private final SceneRevisions revisions;
    private final VersionMapper versions;
    private final KeptDocuments kept;
    private final TransactionTemplate transactions;
    private final JsonMapper json;

    FileHistorySteps(
            SceneRevisions revisions,
            VersionMapper versions,
            KeptDocuments kept,
            TransactionTemplate transactions,
            JsonMapper json) {
        this.revisions = revisions;
        this.versions = versions;
        this.kept = kept;
        this.transactions = transactions;
        this.json = json;
    }

    /**
     * The newer file takes the place of the one that is there, as a step of the history.
     *
     * @return whether it is another one
     */
    boolean accept(long owner, String id) {
        return done(() -> {
            revisions.hold(owner, id);
            RevisionMapper.Row r = revisions.proposed(owner, id);
            Map<String, Object> edits = kept.load(owner, "edits", id).body();
            if (edits != null && !fits(owner, id, "g@" + r.seq(), edits)) {
                throw new RequestRefused(
                        HttpStatus.CONFLICT,
                        "The scene was changed since the newer file was read. Nothing is lost: send the newer file again.");
            }
            String before = revisions.sum(owner, id, "geometry");
            revisions.swap(owner, id, r);
            return step(owner, id, before);
        });
    }

    private boolean done(BooleanSupplier what) {
        return Boolean.TRUE.equals(transactions.execute(t -> what.getAsBoolean()));
    }

    /**
     * An earlier file comes back, as a step of the history. Changes made since then stay where they can be done on it; where they
     * cannot, those of that time come back too, and the ones made since are kept as a version.
     *
     * @return whether it is another one
     */
    boolean bringBack(long owner, String id, int seq) {
        return done(() -> {
            revisions.hold(owner, id);
            RevisionMapper.Row r = revisions.earlier(owner, id).stream()
                    .filter(o -> o.seq() == seq)
                    .findFirst()
                    .orElseThrow(() -> RequestRefused.notFound("earlier file"));
            String before = revisions.sum(owner, id, "geometry");
            KeptDocuments.Loaded now = kept.load(owner, "edits", id);
            revisions.swap(owner, id, r);
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
            revisions.hold(owner, id);
            KeptDocuments.Loaded now = kept.load(owner, "edits", id);
            Map<String, Object> doc = changes(now);
            EditOperation.OtherFile step = EditDocument.otherFile(doc, again);
            if (step == null) {
                throw new RequestRefused(
                        HttpStatus.CONFLICT, "The next step is another one by now. Open the scene again to see it.");
            }
            int done = PlainData.whole(doc.get("done"), 0) + (again ? 1 : -1);
            boolean there = lay(owner, id, again ? step.to() : step.from());
            Map<String, Object> next = EditDocument.at(doc, done);
            if (!fits(owner, id, "geometry", next)) {
                putAside(owner, id, doc);
                // Steps after this one may be about what only the other file has.
                next = EditDocument.upTo(next, again ? done : done + 1);
                if (!fits(owner, id, "geometry", next)) {
                    throw new RequestRefused(
                            HttpStatus.CONFLICT,
                            "The steps before this one need the file that is there now, so it stays. Nothing has changed.");
                }
            }
            save(owner, id, now, next);
            return there;
        });
    }

    /** Lays a file that the scene had, by its sum, under it; false where it is not kept any more. */
    private boolean lay(long owner, String id, String sum) {
        if (sum.equals(revisions.sum(owner, id, "geometry"))) {
            return true;
        }
        return revisions.earlier(owner, id).stream()
                .filter(r -> revisions.sum(owner, id, "g@" + r.seq()).equals(sum))
                .findFirst()
                .map(r -> {
                    revisions.swap(owner, id, r);
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

    /** Whether changes of the scene can be done on a file of it. */
    private boolean fits(long owner, String id, String kind, Map<String, Object> edits) {
        try {
            EditDocument.read(revisions.scene(owner, id, kind), edits);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** That another file lies under the scene now is a step, which can be undone; says whether it is another one. */
    private boolean step(long owner, String id, String before) {
        String after = revisions.sum(owner, id, "geometry");
        if (before.equals(after)) {
            return false;
        }
        KeptDocuments.Loaded now = kept.load(owner, "edits", id);
        Map<String, Object> doc = changes(now);
        Scene base = revisions.scene(owner, id, "geometry");
        save(owner, id, now, EditDocument.with(base, doc, new EditOperation.OtherFile(before, after)));
        return true;
    }

    private static Map<String, Object> changes(KeptDocuments.Loaded kept) {
        return kept.body() == null ? EditDocument.none() : kept.body();
    }

    private void save(long owner, String id, KeptDocuments.Loaded over, Map<String, Object> doc) {
        kept.save(owner, "edits", id, new KeptDocuments.Save(over.version(), doc));
    }
}
