package rhombus.server.scene;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.Base64;
import java.util.HexFormat;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import rhombus.formats.ImportedScene;
import rhombus.formats.SceneImport;
import tools.jackson.databind.json.JsonMapper;

/** Puts scenes into the database; each method is part of a transaction that the caller has opened. */
@Component
public class SceneStore {
    /** Bytes in each row of a file but the last. */
    static final int CHUNK = 1 << 20;

    private static final SecureRandom RANDOM = new SecureRandom();

    private final SceneMapper mapper;
    private final CoverMapper covers;
    private final JsonMapper json;

    SceneStore(SceneMapper mapper, CoverMapper covers, JsonMapper json) {
        this.mapper = mapper;
        this.covers = covers;
        this.json = json;
    }

    /** An id that nothing has yet and nobody can guess. */
    public static String newId() {
        byte[] b = new byte[16];
        RANDOM.nextBytes(b);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(b);
    }

    /** A name as it is kept: one line, not empty, not endless. */
    public static String name(String given) {
        String s = given.replaceAll("\\p{Cntrl}", " ").strip();
        return s.isEmpty() ? "Untitled" : s.length() > 200 ? s.substring(0, 200) : s;
    }

    /**
     * Stores a scene.
     *
     * @param name what to call it, or null for the file's own name
     * @param answers what was known of the file; where both is, nobody is asked
     * @param begins is told in words what is stored next
     * @return id of the scene
     */
    public String add(long owner, String name, SceneImport.Answers answers, ImportedScene i, Consumer<String> begins) {
        String id = newId();
        long bytes = (long) i.glb().length + i.edges().length + i.levels().length + i.hierarchies().length;
        boolean open = i.standing().unit() != null && (answers.up() == null || answers.unit() == null);
        mapper.add(
                id,
                owner,
                name(name == null || name.isBlank() ? i.title() : name),
                i.triangles(),
                i.objects(),
                json.writeValueAsString(i.notes()),
                i.standing().up().name(),
                i.standing().unit() == null ? null : i.standing().unit().words(),
                open,
                bytes);
        file(owner, id, "geometry", i.glb());
        begins.accept("Storing what lies beside");
        file(owner, id, "lines", i.edges());
        file(owner, id, "coarse", i.levels());
        file(owner, id, "hierarchy", i.hierarchies());
        covers.put(id, owner, "image/png", i.picture());
        return id;
    }

    /** Stores a file of a scene that has none of its kind. */
    void file(long owner, String scene, String kind, byte[] bytes) {
        mapper.addFile(scene, kind, owner, sha256(bytes), bytes.length);
        for (int seq = 0; seq * (long) CHUNK < bytes.length; seq++) {
            mapper.addChunk(
                    scene,
                    kind,
                    seq,
                    Arrays.copyOfRange(bytes, seq * CHUNK, Math.min(bytes.length, (seq + 1) * CHUNK)));
        }
    }

    private static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
