package rhombus.server.archive;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.formats.ImportedScene;
import rhombus.formats.ReimportedGeometry;
import rhombus.formats.SceneImport;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.upload.FileProblem;
import rhombus.server.common.RequestRefused;
import rhombus.server.drill.OwnDrills;
import rhombus.server.kept.KeptDocuments;
import rhombus.server.picture.EncodedPicture;
import rhombus.server.picture.PictureFiles;
import rhombus.server.picture.PictureMapper;
import rhombus.server.scene.SceneImports;
import rhombus.server.scene.SceneStore;
import rhombus.server.scene.VersionMapper;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Takes an archive apart and puts what is in it beside what is there: all of a scene, or nothing of it. */
@Service
class ArchiveReader {
    private static final int MOST_SCENES = 10_000;
    private static final int MOST_PICTURES = 100;
    private static final int MOST_VERSIONS = 200;

    private final SceneImports scenes;
    private final SceneStore store;
    private final KeptDocuments kept;
    private final PictureMapper pictures;
    private final VersionMapper versions;
    private final OwnDrills drills;
    private final TransactionTemplate transactions;
    private final ArchiveDocuments documents;
    private final JsonMapper json;

    ArchiveReader(
            SceneImports scenes,
            SceneStore store,
            KeptDocuments kept,
            PictureMapper pictures,
            VersionMapper versions,
            OwnDrills drills,
            TransactionTemplate transactions,
            ArchiveDocuments documents,
            JsonMapper json) {
        this.scenes = scenes;
        this.store = store;
        this.kept = kept;
        this.pictures = pictures;
        this.versions = versions;
        this.drills = drills;
        this.transactions = transactions;
        this.documents = documents;
        this.json = json;
    }

    /**
     * What came of it.
     *
     * @param scenes how many came back
     * @param settings how many of boards, habits, keymaps and the hand's report came back
     * @param notes what did not, in sentences
     */
    record CameBack(int scenes, int settings, List<String> notes) {}

    /**
     * Reads an archive.
     *
     * @param settings whether boards, habits and keymaps take the place of those that are there; where there are none they always
     *     come back
     * @throws RequestRefused with 422 if it is no archive
     */
    CameBack read(long owner, InputStream in, boolean settings) throws IOException {
        ArchiveEntries entries = new ArchiveEntries(in);
        ArchiveIndex index = index(entries.next());
        Tally tally = new Tally();
        Map<String, ArchiveIndex.Kept> left = new HashMap<>();
        index.scenes().forEach(k -> left.put(k.folder(), k));
        SceneFolder parcel = null;
        try {
            for (ArchiveEntries.File f = entries.next(); f != null; f = entries.next()) {
                if (f.name().startsWith("documents/")) {
                    setting(owner, f, settings, tally);
                } else if (parcel == null || !parcel.takes(f)) {
                    ArchiveIndex.Kept next = left.remove(f.name().replaceAll("^(scenes/\\d+)/.*", "$1"));
                    if (next != null) {
                        add(owner, parcel, tally);
                        parcel = new SceneFolder(next);
                        parcel.takes(f);
                    }
                }
            }
            add(owner, parcel, tally);
        } catch (RequestRefused e) {
            if (tally.scenes == 0 && tally.settings == 0) {
                throw e;
            }
            tally.notes.add("The file is broken after that: " + e.getMessage());
        }
        return new CameBack(tally.scenes, tally.settings, tally.notes);
    }

    private static final class Tally {
        private int scenes;
        private int settings;
        private final List<String> notes = new ArrayList<>();
    }

    private ArchiveIndex index(ArchiveEntries.File first) {
        if (first == null || !first.name().equals(ArchiveIndex.FILE)) {
            throw ArchiveEntries.broken();
        }
        try {
            ArchiveIndex i = json.readValue(first.bytes(), ArchiveIndex.class);
            if (i.version() > ArchiveIndex.VERSION) {
                throw new RequestRefused(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "This file comes from a newer Rhombus than this one, which cannot read it.");
            }
            if (!ArchiveIndex.FORMAT.equals(i.format()) || i.scenes().size() > MOST_SCENES) {
                throw ArchiveEntries.broken();
            }
            return i;
        } catch (JacksonException e) {
            throw ArchiveEntries.broken();
        }
    }

    // ---- settings --------------------------------------------------------------------------------------------------

    private void setting(long owner, ArchiveEntries.File f, boolean replace, Tally tally) {
        String topic = f.name().replaceAll("^documents/|[.]json$", "");
        if (!AccountArchiveWriter.OF_ACCOUNT.contains(topic)) {
            return;
        }
        KeptDocuments.Loaded there = kept.load(owner, topic, "");
        if (there.body() != null && !replace) {
            return;
        }
        Map<String, Object> body = documents.read(topic, f.bytes(), tally.notes);
        if (body == null) {
            return;
        }
        try {
            kept.save(owner, topic, "", new KeptDocuments.Save(there.version(), body));
            tally.settings++;
        } catch (RequestRefused e) {
            tally.notes.add("“" + topic + "” was changed by another window in this moment and stays as it is there.");
        }
    }

    // ---- scenes ----------------------------------------------------------------------------------------------------

    private void add(long owner, SceneFolder parcel, Tally tally) throws IOException {
        byte[] glb = parcel == null ? null : parcel.file("geometry.glb");
        if (glb == null) {
            return;
        }
        String name = FileProblem.shown(parcel.index.name());
        try {
            scenes.inTurn(parcel.size(), () -> transactions.execute(t -> add(owner, parcel, glb, tally)));
            tally.scenes++;
        } catch (FileProblem e) {
            tally.notes.add("“" + name + "” was left out: its files cannot be used.");
        } catch (RequestRefused e) {
            tally.notes.add("“" + name + "” was left out. " + e.getMessage());
        }
    }

    private String add(long owner, SceneFolder p, byte[] glb, Tally tally) {
        ArchiveIndex.Kept k = p.index;
        ImportedScene i = ReimportedGeometry.of(
                glb, SceneStore.name(k.name()), k.notes().stream().limit(100).toList());
        SceneImport.Answers answers = k.asked()
                ? SceneImport.Answers.NONE
                : new SceneImport.Answers(i.standing().up(), unit(k));
        String id = store.add(owner, null, answers, i, begins -> {});
        Map<String, String> ids = pictures(owner, id, p, tally);
        for (String topic : AccountArchiveWriter.OF_SCENE) {
            Map<String, Object> body =
                    documents.read(topic, renamed(p.file("documents/" + topic + ".json"), ids), tally.notes);
            if (body != null) {
                kept.save(owner, topic, id, new KeptDocuments.Save(0, body));
            }
        }
        drills.bring(owner, id, documents.read("drills", p.file("documents/drills.json"), tally.notes), tally.notes);
        List<ArchiveIndex.Version> old = k.versions();
        for (ArchiveIndex.Version v : old.subList(Math.max(0, old.size() - MOST_VERSIONS), old.size())) {
            Map<String, Object> body =
                    documents.read("edits", renamed(p.file("versions/" + v.number() + ".json"), ids), tally.notes);
            if (body != null) {
                versions.add(owner, id, SceneStore.name(v.name()), v.automatic(), json.writeValueAsString(body));
            }
        }
        return id;
    }

    private static LengthUnit unit(ArchiveIndex.Kept k) {
        return k.unit() == null ? null : LengthUnit.of(k.unit());
    }

    /** Brings its pictures; gives their new ids by the old ones. */
    private Map<String, String> pictures(long owner, String id, SceneFolder p, Tally tally) {
        Map<String, String> ids = new HashMap<>();
        for (ArchiveIndex.Picture i : p.index.pictures()) {
            byte[] bytes = p.file("pictures/" + i.id());
            if (bytes == null || ids.size() >= MOST_PICTURES || !i.id().matches("[A-Za-z0-9_-]{22}")) {
                continue;
            }
            try {
                EncodedPicture e = PictureFiles.read(bytes);
                String to = SceneStore.newId();
                pictures.add(to, owner, id, SceneStore.name(i.name()), e.type(), e.width(), e.height(), e.data());
                ids.put(i.id(), to);
            } catch (RequestRefused e) {
                tally.notes.add(
                        "A picture of “" + FileProblem.shown(p.index.name()) + "” was left out. " + e.getMessage());
            }
        }
        return ids;
    }

    /** Ids are as long as no word of a document, so that replacing them changes nothing else. */
    private static byte[] renamed(byte[] document, Map<String, String> ids) {
        if (document == null || ids.isEmpty()) {
            return document;
        }
        String s = new String(document, StandardCharsets.UTF_8);
        for (var e : ids.entrySet()) {
            s = s.replace(e.getKey(), e.getValue());
        }
        return s.getBytes(StandardCharsets.UTF_8);
    }
}
