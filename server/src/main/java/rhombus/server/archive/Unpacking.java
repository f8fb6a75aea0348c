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
import rhombus.formats.Import;
import rhombus.formats.Imported;
import rhombus.formats.Reopened;
import rhombus.formats.model.Unit;
import rhombus.formats.upload.Problem;
import rhombus.server.common.Refused;
import rhombus.server.drill.OwnDrills;
import rhombus.server.kept.KeptDocuments;
import rhombus.server.picture.Encoded;
import rhombus.server.picture.PictureFiles;
import rhombus.server.picture.PictureMapper;
import rhombus.server.scene.SceneStore;
import rhombus.server.scene.Scenes;
import rhombus.server.scene.VersionMapper;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Takes an archive apart and puts what is in it beside what is there: all of a scene, or nothing of it. */
@Service
class Unpacking {
    private static final int MOST_SCENES = 10_000;
    private static final int MOST_PICTURES = 100;
    private static final int MOST_VERSIONS = 200;

    private final Scenes scenes;
    private final SceneStore store;
    private final KeptDocuments kept;
    private final PictureMapper pictures;
    private final VersionMapper versions;
    private final OwnDrills drills;
    private final TransactionTemplate transactions;
    private final Documents documents;
    private final JsonMapper json;

    Unpacking(
            Scenes scenes,
            SceneStore store,
            KeptDocuments kept,
            PictureMapper pictures,
            VersionMapper versions,
            OwnDrills drills,
            TransactionTemplate transactions,
            Documents documents,
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
     * @throws Refused with 422 if it is no archive
     */
    CameBack read(long owner, InputStream in, boolean settings) throws IOException {
        Entries entries = new Entries(in);
        Index index = index(entries.next());
        Tally tally = new Tally();
        Map<String, Index.Kept> left = new HashMap<>();
        index.scenes().forEach(k -> left.put(k.folder(), k));
        Parcel parcel = null;
        try {
            for (Entries.File f = entries.next(); f != null; f = entries.next()) {
                if (f.name().startsWith("documents/")) {
                    setting(owner, f, settings, tally);
                } else if (parcel == null || !parcel.takes(f)) {
                    Index.Kept next = left.remove(f.name().replaceAll("^(scenes/\\d+)/.*", "$1"));
                    if (next != null) {
                        add(owner, parcel, tally);
                        parcel = new Parcel(next);
                        parcel.takes(f);
                    }
                }
            }
            add(owner, parcel, tally);
        } catch (Refused e) {
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

    private Index index(Entries.File first) {
        if (first == null || !first.name().equals(Index.FILE)) {
            throw Entries.broken();
        }
        try {
            Index i = json.readValue(first.bytes(), Index.class);
            if (i.version() > Index.VERSION) {
                throw new Refused(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "This file comes from a newer Rhombus than this one, which cannot read it.");
            }
            if (!Index.FORMAT.equals(i.format()) || i.scenes().size() > MOST_SCENES) {
                throw Entries.broken();
            }
            return i;
        } catch (JacksonException e) {
            throw Entries.broken();
        }
    }

    // ---- settings --------------------------------------------------------------------------------------------------

    private void setting(long owner, Entries.File f, boolean replace, Tally tally) {
        String topic = f.name().replaceAll("^documents/|[.]json$", "");
        if (!Belongings.OF_ACCOUNT.contains(topic)) {
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
        } catch (Refused e) {
            tally.notes.add("“" + topic + "” was changed by another window in this moment and stays as it is there.");
        }
    }

    // ---- scenes ----------------------------------------------------------------------------------------------------

    private void add(long owner, Parcel parcel, Tally tally) throws IOException {
        byte[] glb = parcel == null ? null : parcel.file("geometry.glb");
        if (glb == null) {
            return;
        }
        String name = Problem.shown(parcel.index.name());
        try {
            scenes.inTurn(parcel.size(), () -> transactions.execute(t -> add(owner, parcel, glb, tally)));
            tally.scenes++;
        } catch (Problem e) {
            tally.notes.add("“" + name + "” was left out: its files cannot be used.");
        } catch (Refused e) {
            tally.notes.add("“" + name + "” was left out. " + e.getMessage());
        }
    }

    private String add(long owner, Parcel p, byte[] glb, Tally tally) {
        Index.Kept k = p.index;
        Imported i = Reopened.of(
                glb, SceneStore.name(k.name()), k.notes().stream().limit(100).toList());
        Import.Answers answers = k.asked()
                ? Import.Answers.NONE
                : new Import.Answers(i.standing().up(), unit(k));
        String id = store.add(owner, null, answers, i, begins -> {});
        Map<String, String> ids = pictures(owner, id, p, tally);
        for (String topic : Belongings.OF_SCENE) {
            Map<String, Object> body =
                    documents.read(topic, renamed(p.file("documents/" + topic + ".json"), ids), tally.notes);
            if (body != null) {
                kept.save(owner, topic, id, new KeptDocuments.Save(0, body));
            }
        }
        drills.bring(owner, id, documents.read("drills", p.file("documents/drills.json"), tally.notes), tally.notes);
        List<Index.Version> old = k.versions();
        for (Index.Version v : old.subList(Math.max(0, old.size() - MOST_VERSIONS), old.size())) {
            Map<String, Object> body =
                    documents.read("edits", renamed(p.file("versions/" + v.number() + ".json"), ids), tally.notes);
            if (body != null) {
                versions.add(owner, id, SceneStore.name(v.name()), v.automatic(), json.writeValueAsString(body));
            }
        }
        return id;
    }

    private static Unit unit(Index.Kept k) {
        return k.unit() == null ? null : Unit.of(k.unit());
    }

    /** Brings its pictures; gives their new ids by the old ones. */
    private Map<String, String> pictures(long owner, String id, Parcel p, Tally tally) {
        Map<String, String> ids = new HashMap<>();
        for (Index.Picture i : p.index.pictures()) {
            byte[] bytes = p.file("pictures/" + i.id());
            if (bytes == null || ids.size() >= MOST_PICTURES || !i.id().matches("[A-Za-z0-9_-]{22}")) {
                continue;
            }
            try {
                Encoded e = PictureFiles.read(bytes);
                String to = SceneStore.newId();
                pictures.add(to, owner, id, SceneStore.name(i.name()), e.type(), e.width(), e.height(), e.data());
                ids.put(i.id(), to);
            } catch (Refused e) {
                tally.notes.add("A picture of “" + Problem.shown(p.index.name()) + "” was left out. " + e.getMessage());
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
