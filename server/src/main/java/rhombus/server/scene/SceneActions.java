package rhombus.server.scene;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.core.scene.UpAxis;
import rhombus.formats.KeptScene;
import rhombus.formats.ReorientedScene;
import rhombus.formats.SceneOrientation;
import rhombus.formats.model.LengthUnit;
import rhombus.server.common.RequestRefused;
import rhombus.server.kept.KeptDocuments;

/** What is done to scenes in their list: names, how they stand, copies, deletion that can be taken back. */
@Service
public class SceneActions {
    /** So long a deleted scene can be brought back. */
    static final int MINUTES = 60;

    private static final Logger LOG = LoggerFactory.getLogger(SceneActions.class);

    private final SceneImports scenes;
    private final SceneMapper mapper;
    private final SceneStore store;
    private final SceneFileStreams files;
    private final CopyMapper copies;
    private final CoverMapper covers;
    private final KeptDocuments kept;
    private final TransactionTemplate transactions;

    SceneActions(
            SceneImports scenes,
            SceneMapper mapper,
            SceneStore store,
            SceneFileStreams files,
            CopyMapper copies,
            CoverMapper covers,
            KeptDocuments kept,
            TransactionTemplate transactions) {
        this.scenes = scenes;
        this.mapper = mapper;
        this.store = store;
        this.files = files;
        this.copies = copies;
        this.covers = covers;
        this.kept = kept;
        this.transactions = transactions;
    }

    /** How large a scene would be in each unit; none where its file says how large it is. */
    List<SceneChangesController.Size> sizes(long owner, String id) throws IOException {
        if (scenes.found(owner, id).unit() == null) {
            return List.of();
        }
        try (InputStream in = files.geometry(owner, id)) {
            KeptScene kept = KeptScene.read(in);
            return Arrays.stream(LengthUnit.values())
                    .map(u -> new SceneChangesController.Size(u.words(), SceneOrientation.size(kept, u)))
                    .toList();
        }
    }

    /** Gives a scene another name. */
    void rename(long owner, String id, String name) {
        scenes.holding(owner, id, () -> {
            mapper.rename(owner, id, SceneStore.name(name));
            return null;
        });
    }

    /**
     * Makes a scene stand otherwise. Its views begin anew, since they would look somewhere else.
     *
     * @param up Y or Z, or null to leave it
     * @param unit sign of a unit, or null to leave it
     * @throws RequestRefused with 422 if the file itself says how it stands, 409 if what stands at the top was moved since
     */
    void stand(long owner, String id, String up, String unit) throws IOException {
        SceneRow row = scenes.found(owner, id);
        if (row.unit() == null) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "The format of this scene's file says itself which way is up and how large things are.");
        }
        UpAxis newUp = up == null ? UpAxis.valueOf(row.upAxis()) : AxisParameters.up("upAxis", up);
        LengthUnit newUnit = AxisParameters.unit(unit == null ? row.unit() : unit);
        if (newUp.name().equals(row.upAxis()) && newUnit.words().equals(row.unit())) {
            mapper.stand(owner, id, newUp.name(), newUnit.words());
            return;
        }
        // From the first look at the file to the last word of the new one nothing else may put another in its place.
        scenes.inTurn(row.bytes(), () -> {
            transactions.executeWithoutResult(t -> stand(owner, id, new SceneOrientation(newUp, newUnit)));
            return null;
        });
    }

    private void stand(long owner, String id, SceneOrientation as) {
        if (mapper.holdAlone(owner, id) == null) {
            throw RequestRefused.notFound("scene");
        }
        byte[] before = read(owner, id);
        if (!as.unit().words().equals(mapper.find(owner, id).unit()) && isMoved(owner, id, before)) {
            throw new RequestRefused(
                    HttpStatus.CONFLICT,
                    "Objects of this scene were moved or added, in metres, so that another unit would tear it apart. Take these changes back first, or upload the file again.");
        }
        byte[] after = ReorientedScene.standing(before, as);
        mapper.removeFile(id, "geometry", owner);
        store.file(owner, id, "geometry", after);
        mapper.stand(owner, id, as.up().name(), as.unit().words());
        mapper.removeTopic(owner, id, "workspace");
        covers.put(id, owner, "image/png", ReorientedScene.picture(after, as.up()));
    }

    private byte[] read(long owner, String id) {
        try {
            return files.geometry(owner, id).readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether places in metres are among the changes that were saved; changes that cannot be read count as such. */
    private boolean isMoved(long owner, String id, byte[] geometry) {
        Map<String, Object> edits = kept.load(owner, "edits", id).body();
        try {
            return edits != null && ReorientedScene.isMoved(geometry, edits);
        } catch (IllegalArgumentException e) {
            return true;
        }
    }

    /** Copies a scene with its changes, views and Pins; gives the id of the copy. */
    String copy(long owner, String id) {
        SceneRow row = scenes.found(owner, id);
        String to = SceneStore.newId();
        return scenes.holding(owner, id, () -> {
            copies.scene(owner, id, to, SceneStore.name(row.name() + " copy"));
            copies.files(owner, id, to);
            copies.chunks(owner, id, to);
            copies.cover(owner, id, to);
            Map<String, String> pictures = new HashMap<>();
            for (String p : copies.pictures(owner, id)) {
                pictures.put(p, SceneStore.newId());
                copies.picture(owner, p, pictures.get(p), to);
            }
            for (CopyMapper.Document d : copies.kept(owner, id)) {
                String body = d.body();
                // Ids are as long as no word of a document, so that replacing them changes nothing else.
                for (var p : pictures.entrySet()) {
                    body = body.replace(p.getKey(), p.getValue());
                }
                copies.keep(owner, to, d.topic(), body);
            }
            return to;
        });
    }

    /**
     * Deletes a scene, which can be brought back for a while.
     *
     * @throws RequestRefused with 404 if there is no such scene
     */
    void remove(long owner, String id) {
        scenes.found(owner, id);
        if (mapper.remove(owner, id) == 0) {
            throw RequestRefused.notFound("scene");
        }
        clear(owner);
    }

    /**
     * Brings a deleted scene back.
     *
     * @throws RequestRefused with 404 if it is gone for good
     */
    void restore(long owner, String id) {
        if (mapper.restore(owner, id) == 0) {
            throw RequestRefused.notFound("deleted scene; after an hour they are gone for good");
        }
    }

    /** Deletes for good what was deleted long ago, with all that belongs to it; what cannot be now is tried the next time. */
    void clear(long owner) {
        for (String id : mapper.gone(owner, MINUTES)) {
            try {
                transactions.executeWithoutResult(t -> {
                    mapper.removeForGood(owner, id);
                    mapper.removeKept(owner, id);
                });
            } catch (DataAccessException e) {
                LOG.warn("a deleted scene is still there", e);
            }
        }
    }

    /** The small picture of a scene; one that was stored before there were any gets its first one now. */
    CoverMapper.Data cover(long owner, String id) throws IOException {
        SceneRow row = scenes.found(owner, id);
        CoverMapper.Data c = covers.find(owner, id);
        if (c != null) {
            return c;
        }
        byte[] png = picture(owner, id, UpAxis.valueOf(row.upAxis()));
        scenes.holding(owner, id, () -> {
            covers.put(id, owner, "image/png", png);
            return null;
        });
        return new CoverMapper.Data("image/png", png);
    }

    /** A picture of a scene with one axis or the other upwards. */
    byte[] picture(long owner, String id, UpAxis up) throws IOException {
        SceneRow row = scenes.found(owner, id);
        return scenes.inTurn(
                row.bytes(),
                () -> ReorientedScene.picture(files.geometry(owner, id).readAllBytes(), up));
    }

    /** Keeps how a scene was seen last. */
    void cover(long owner, String id, String type, byte[] data) {
        scenes.holding(owner, id, () -> {
            covers.put(id, owner, type, data);
            return null;
        });
    }
}
