package rhombus.server.scene;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rhombus.core.edit.EditDocument;
import rhombus.server.account.SignedIn;
import rhombus.server.common.RequestRefused;
import rhombus.server.kept.KeptDocuments;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What was changed in a scene since its import, and versions of it to return to. */
@RestController
public class EditsController {
    private static final String TOPIC = "edits";
    /** How long editing goes on until the state before is kept as a version by itself. */
    private static final int MINUTES = 10;
    /** Versions kept by themselves. */
    private static final int AUTOMATIC = 30;

    private static final int MOST = 200;
    private static final int LONGEST_NAME = 200;

    private final SceneImports scenes;
    private final VersionMapper versions;
    private final KeptDocuments kept;
    private final JsonMapper json;

    EditsController(SceneImports scenes, VersionMapper versions, KeptDocuments kept, JsonMapper json) {
        this.scenes = scenes;
        this.versions = versions;
        this.kept = kept;
        this.json = json;
    }

    @GetMapping("/api/scenes/{id}/edits")
    KeptDocuments.Loaded edits(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        scenes.found(who.id(), id);
        return kept.load(who.id(), TOPIC, id);
    }

    @PutMapping("/api/scenes/{id}/edits")
    KeptDocuments.Saved save(
            @AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody KeptDocuments.Save save) {
        KeptDocuments.Save checked = save.checked("changes of the scene", EditDocument::check);
        // The save and the version kept of the state before it: both or neither.
        return scenes.holding(who.id(), id, () -> {
            Map<String, Object> before = versions.within(who.id(), id, MINUTES) > 0
                    ? null
                    : kept.load(who.id(), TOPIC, id).body();
            KeptDocuments.Saved saved = kept.save(who.id(), TOPIC, id, checked);
            if (before != null) {
                add(who, id, "Before", true, before);
                versions.removeOld(who.id(), id, AUTOMATIC);
            }
            return saved;
        });
    }

    private void add(SignedIn who, String id, String name, boolean automatic, Map<?, ?> body) {
        try {
            versions.add(who.id(), id, name, automatic, json.writeValueAsString(body));
        } catch (DuplicateKeyException e) {
            if (!automatic) {
                throw new RequestRefused(
                        HttpStatus.CONFLICT, "Another window kept a version in this moment. Try again.");
            }
        }
    }

    @GetMapping("/api/scenes/{id}/versions")
    List<Version> list(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        scenes.found(who.id(), id);
        return versions.list(who.id(), id).stream()
                .map(r -> new Version(
                        r.seq(), r.name(), r.automatic(), r.createdAt().toInstant(ZoneOffset.UTC)))
                .toList();
    }

    /**
     * A version as listed.
     *
     * @param id its number within the scene
     * @param name as the user calls it
     * @param automatic whether it was kept by itself
     * @param createdAt when
     */
    record Version(int id, String name, boolean automatic, Instant createdAt) {}

    /**
     * What a version holds.
     *
     * @param body the changes of the scene
     */
    record VersionBody(Map<String, Object> body) {}

    /**
     * A version to keep.
     *
     * @param name as the user calls it
     * @param body the changes of the scene
     */
    record NewVersion(String name, Map<String, Object> body) {}

    @PostMapping("/api/scenes/{id}/versions")
    @ResponseStatus(HttpStatus.CREATED)
    List<Version> keep(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody NewVersion v) {
        scenes.found(who.id(), id);
        String name = v.name() == null ? "" : v.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT, "A version needs a name of 1 to 200 characters.");
        }
        Map<String, Object> body = new KeptDocuments.Save(0, v.body())
                .checked("version", EditDocument::check)
                .body();
        return scenes.holding(who.id(), id, () -> {
            if (versions.list(who.id(), id).size() >= MOST) {
                throw new RequestRefused(
                        HttpStatus.UNPROCESSABLE_CONTENT, "This scene has 200 versions. Delete one to keep another.");
            }
            add(who, id, name, false, body);
            return list(who, id);
        });
    }

    @GetMapping("/api/scenes/{id}/versions/{seq}")
    VersionBody one(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @PathVariable int seq) {
        scenes.found(who.id(), id);
        String body = versions.body(who.id(), id, seq);
        if (body == null) {
            throw RequestRefused.notFound("version");
        }
        return new VersionBody(json.readValue(body, new TypeReference<>() {}));
    }

    @DeleteMapping("/api/scenes/{id}/versions/{seq}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @PathVariable int seq) {
        scenes.found(who.id(), id);
        if (versions.remove(who.id(), id, seq) == 0) {
            throw RequestRefused.notFound("version");
        }
    }
}
