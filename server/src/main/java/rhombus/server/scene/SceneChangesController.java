package rhombus.server.scene;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rhombus.core.scene.UpAxis;
import rhombus.formats.upload.FileBundles;
import rhombus.server.account.SignedIn;
import rhombus.server.common.RequestRefused;
import tools.jackson.databind.json.JsonMapper;

/** What is done to scenes in their list. */
@RestController
public class SceneChangesController {
    private static final int LARGEST = 512 << 10;
    private static final int LONGEST = 1024;
    private static final Set<String> TYPES = Set.of(MediaType.IMAGE_PNG_VALUE, MediaType.IMAGE_JPEG_VALUE);

    private final SceneActions changes;
    private final SceneImports scenes;
    private final JsonMapper json;

    SceneChangesController(SceneActions changes, SceneImports scenes, JsonMapper json) {
        this.changes = changes;
        this.scenes = scenes;
        this.json = json;
    }

    private SceneEntry entry(SignedIn who, String id) {
        return SceneEntry.of(scenes.found(who.id(), id), json);
    }

    /**
     * What is to be changed; what is left out stays.
     *
     * @param name of the scene
     * @param upAxis Y or Z
     * @param unit what the file's numbers are in: m, cm, mm, micron, in or ft
     */
    record Change(
            @Schema(types = {"string", "null"}) String name,
            @Schema(types = {"string", "null"}) String upAxis,
            @Schema(types = {"string", "null"}) String unit) {}

    @PatchMapping("/api/scenes/{id}")
    SceneEntry change(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody Change change)
            throws IOException {
        scenes.found(who.id(), id);
        if (change.name() != null && change.name().isBlank()) {
            throw new RequestRefused(HttpStatus.UNPROCESSABLE_CONTENT, "A scene needs a name.");
        }
        if (change.upAxis() != null || change.unit() != null) {
            changes.stand(who.id(), id, change.upAxis(), change.unit());
        }
        if (change.name() != null) {
            changes.rename(who.id(), id, change.name());
        }
        return entry(who, id);
    }

    /**
     * How large a scene would be.
     *
     * @param unit if its file's numbers were in this one, by its sign
     * @param size along X, Y and Z, in words
     */
    record Size(String unit, String size) {}

    /** How large a scene would be in each unit; none where the format of its file says how large it is. */
    @GetMapping("/api/scenes/{id}/sizes")
    List<Size> sizes(@AuthenticationPrincipal SignedIn who, @PathVariable String id) throws IOException {
        return changes.sizes(who.id(), id);
    }

    /** Copies a scene with its changes, views and Pins. */
    @PostMapping("/api/scenes/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    SceneEntry copy(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        return entry(who, changes.copy(who.id(), id));
    }

    /** Deletes a scene; for an hour it can be brought back. */
    @DeleteMapping("/api/scenes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        changes.remove(who.id(), id);
    }

    /** Brings back a scene that was deleted within the last hour. */
    @PostMapping("/api/scenes/{id}/restore")
    SceneEntry restore(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        changes.restore(who.id(), id);
        return entry(who, id);
    }

    /** A small picture of a scene: as it was seen last, or with an axis upwards that is asked for. */
    @GetMapping("/api/scenes/{id}/cover")
    ResponseEntity<byte[]> cover(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam(required = false) String up,
            @RequestParam(required = false) Integer version)
            throws IOException {
        CoverMapper.Data c = up == null
                ? changes.cover(who.id(), id)
                : new CoverMapper.Data(
                        MediaType.IMAGE_PNG_VALUE,
                        changes.picture(who.id(), id, up.equalsIgnoreCase("z") ? UpAxis.Z : UpAxis.Y));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(c.type()))
                .cacheControl(version == null ? CacheControl.noCache() : CacheControl.maxAge(Duration.ofDays(30)))
                .header("Pragma", "")
                .header("Expires", "")
                .body(c.data());
    }

    /** Keeps how a scene was seen last: a PNG or JPEG of at most 1024 pixels a side. */
    @PutMapping("/api/scenes/{id}/cover")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void seen(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestHeader("Content-Type") String type,
            @RequestBody byte[] picture)
            throws IOException {
        scenes.found(who.id(), id);
        if (!TYPES.contains(type) || picture.length > LARGEST || !isSmall(picture, type)) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "A small picture of a scene is a PNG or JPEG of at most 1024 pixels a side and 512 kB.");
        }
        changes.cover(who.id(), id, type, picture);
    }

    private static boolean isSmall(byte[] picture, String type) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByMIMEType(type);
        ImageReader reader = readers.next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture))) {
            reader.setInput(in, true, true);
            return reader.getWidth(0) <= LONGEST && reader.getHeight(0) <= LONGEST;
        } catch (IOException | RuntimeException e) {
            return false;
        } finally {
            reader.dispose();
        }
    }

    /**
     * Files that somebody chose or dropped.
     *
     * @param files their names, with folders where there are any
     */
    record Chosen(List<String> files) {}

    /** Tells which of the chosen files belong together in an upload: one scene each, with the files beside it. */
    @PostMapping("/api/scenes/bundles")
    List<FileBundles.Bundle> bundles(@RequestBody Chosen chosen) {
        if (chosen.files() == null || chosen.files().size() > 2000) {
            throw new RequestRefused(HttpStatus.UNPROCESSABLE_CONTENT, "Choose at most 2000 files at a time.");
        }
        return FileBundles.of(chosen.files());
    }
}
