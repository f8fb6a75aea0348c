package rhombus.server.scene;

import java.io.IOException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import rhombus.formats.NewerFileMerge;
import rhombus.server.account.SignedIn;

/** Newer files of a scene, and those that it had before. */
@RestController
public class RevisionController {
    private final SceneRevisions revisions;
    private final FileHistorySteps steps;

    RevisionController(SceneRevisions revisions, FileHistorySteps steps) {
        this.revisions = revisions;
        this.steps = steps;
    }

    /** Reads a newer file and tells what is the same, new, or there no more; it takes no place before that is accepted. */
    @PostMapping("/api/scenes/{id}/file")
    @ResponseStatus(HttpStatus.CREATED)
    NewerFileMerge.Report propose(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam("file") List<MultipartFile> files,
            @RequestParam(name = "import", required = false) String job)
            throws IOException {
        if (job != null) {
            SceneController.named(job);
        }
        long bytes = files.stream().mapToLong(MultipartFile::getSize).sum();
        return revisions.propose(who.id(), id, bytes, () -> SceneController.unpacked(files), job);
    }

    /**
     * What came of laying another file under a scene.
     *
     * @param file whether another file lies under it now; not if it was the same, or is not kept any more
     */
    record Laid(boolean file) {}

    @PostMapping("/api/scenes/{id}/file/accept")
    Laid accept(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        return new Laid(steps.accept(who.id(), id));
    }

    @DeleteMapping("/api/scenes/{id}/file")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        revisions.discard(who.id(), id);
    }

    /**
     * A file that the scene had before.
     *
     * @param id its number within the scene
     * @param until when another took its place
     * @param triangles how many it has
     * @param objects how many it has
     */
    record Earlier(int id, Instant until, int triangles, int objects) {}

    @GetMapping("/api/scenes/{id}/files")
    List<Earlier> earlier(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        return revisions.earlier(who.id(), id).stream()
                .map(r -> new Earlier(r.seq(), r.createdAt().toInstant(ZoneOffset.UTC), r.triangles(), r.objects()))
                .toList();
    }

    @PostMapping("/api/scenes/{id}/file/undo")
    Laid undo(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        return new Laid(steps.go(who.id(), id, false));
    }

    @PostMapping("/api/scenes/{id}/file/redo")
    Laid redo(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        return new Laid(steps.go(who.id(), id, true));
    }

    @PostMapping("/api/scenes/{id}/files/{number}/back")
    Laid back(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @PathVariable int number) {
        return new Laid(steps.bringBack(who.id(), id, number));
    }
}
