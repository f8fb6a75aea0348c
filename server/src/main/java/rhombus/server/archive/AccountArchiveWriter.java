package rhombus.server.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;
import rhombus.server.account.SignedIn;
import rhombus.server.drill.OwnDrills;
import rhombus.server.kept.KeptDocument;
import rhombus.server.kept.KeptMapper;
import rhombus.server.picture.PictureMapper;
import rhombus.server.scene.CoverMapper;
import rhombus.server.scene.SceneFileStreams;
import rhombus.server.scene.SceneMapper;
import rhombus.server.scene.SceneRow;
import rhombus.server.scene.VersionMapper;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Writes everything that somebody has into one zip, piece by piece. */
@Service
class AccountArchiveWriter {
    /** What is kept with the account. */
    static final List<String> OF_ACCOUNT = List.of("boards", "habits", "hand-report", "keymap");
    /** What is kept with each scene. */
    static final List<String> OF_SCENE = List.of("edits", "pins", "workspace");

    private final SceneMapper scenes;
    private final SceneFileStreams files;
    private final KeptMapper kept;
    private final CoverMapper covers;
    private final PictureMapper pictures;
    private final VersionMapper versions;
    private final OwnDrills drills;
    private final JsonMapper json;

    AccountArchiveWriter(
            SceneMapper scenes,
            SceneFileStreams files,
            KeptMapper kept,
            CoverMapper covers,
            PictureMapper pictures,
            VersionMapper versions,
            OwnDrills drills,
            JsonMapper json) {
        this.scenes = scenes;
        this.files = files;
        this.kept = kept;
        this.covers = covers;
        this.pictures = pictures;
        this.versions = versions;
        this.drills = drills;
        this.json = json;
    }

    /** Writes all of it; of a scene that is deleted meanwhile no more comes. */
    void write(SignedIn who, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        zip.setLevel(Deflater.BEST_SPEED);
        List<SceneRow> rows = scenes.list(who.id());
        List<ArchiveIndex.Kept> listed = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            listed.add(kept(who.id(), rows.get(i), "scenes/" + (i + 1)));
        }
        put(
                zip,
                ArchiveIndex.FILE,
                json.writeValueAsBytes(
                        new ArchiveIndex(ArchiveIndex.FORMAT, ArchiveIndex.VERSION, who.name(), listed)));
        for (String topic : OF_ACCOUNT) {
            document(zip, who.id(), topic, "", "documents/" + topic + ".json");
        }
        for (int i = 0; i < rows.size(); i++) {
            scene(zip, who.id(), rows.get(i).id(), listed.get(i));
        }
        zip.finish();
    }

    private ArchiveIndex.Kept kept(long owner, SceneRow r, String folder) {
        List<ArchiveIndex.Version> v = new ArrayList<>();
        versions.list(owner, r.id())
                .forEach(row -> v.add(0, new ArchiveIndex.Version(row.seq(), row.name(), row.automatic())));
        return new ArchiveIndex.Kept(
                folder,
                r.name(),
                r.upAxis(),
                r.unit(),
                r.asked(),
                json.readValue(r.notes(), new TypeReference<List<String>>() {}),
                pictures.list(owner, r.id()).stream()
                        .map(p -> new ArchiveIndex.Picture(p.id(), p.name()))
                        .toList(),
                v);
    }

    private void scene(ZipOutputStream zip, long owner, String id, ArchiveIndex.Kept k) throws IOException {
        zip.putNextEntry(new ZipEntry(k.folder() + "/geometry.glb"));
        files.geometry(owner, id).transferTo(zip);
        for (String topic : OF_SCENE) {
            document(zip, owner, topic, id, k.folder() + "/documents/" + topic + ".json");
        }
        Map<String, Object> own = drills.document(owner, id);
        if (own != null) {
            put(zip, k.folder() + "/documents/drills.json", json.writeValueAsBytes(own));
        }
        CoverMapper.Data cover = covers.find(owner, id);
        if (cover != null) {
            put(zip, k.folder() + "/cover", cover.data());
        }
        for (ArchiveIndex.Picture p : k.pictures()) {
            PictureMapper.Data d = pictures.data(owner, id, p.id());
            if (d != null) {
                put(zip, k.folder() + "/pictures/" + p.id(), d.data());
            }
        }
        for (ArchiveIndex.Version v : k.versions()) {
            String body = versions.body(owner, id, v.number());
            if (body != null) {
                put(zip, k.folder() + "/versions/" + v.number() + ".json", body.getBytes(StandardCharsets.UTF_8));
            }
        }
    }

    private void document(ZipOutputStream zip, long owner, String topic, String subject, String name)
            throws IOException {
        KeptDocument d = kept.find(owner, topic, subject);
        if (d != null) {
            put(zip, name, d.body().getBytes(StandardCharsets.UTF_8));
        }
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
    }
}
