package rhombus.server.scene;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import rhombus.core.stage.boards.Pins;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;
import rhombus.server.account.SignedIn;
import rhombus.server.common.RequestRefused;
import rhombus.server.kept.KeptDocuments;
import tools.jackson.databind.json.JsonMapper;

/** Scenes of the one who asks; anybody else's answer 404. */
@RestController
public class SceneController {
    private final SceneImports scenes;
    private final SceneMapper mapper;
    private final ImportMapper imports;
    private final KeptDocuments kept;
    private final SceneActions changes;
    private final JsonMapper json;

    SceneController(
            SceneImports scenes,
            SceneMapper mapper,
            ImportMapper imports,
            KeptDocuments kept,
            SceneActions changes,
            JsonMapper json) {
        this.scenes = scenes;
        this.mapper = mapper;
        this.imports = imports;
        this.kept = kept;
        this.changes = changes;
        this.json = json;
    }

    @GetMapping("/api/scenes")
    List<SceneEntry> list(@AuthenticationPrincipal SignedIn who) {
        changes.clear(who.id());
        return mapper.list(who.id()).stream().map(this::listed).toList();
    }

    private SceneEntry listed(SceneRow r) {
        return SceneEntry.of(r, json);
    }

    @PostMapping("/api/scenes")
    @ResponseStatus(HttpStatus.CREATED)
    SceneDetail add(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam("file") List<MultipartFile> files,
            @RequestParam(name = "name", required = false) String name,
            @RequestParam(name = "upAxis", required = false) String up,
            @RequestParam(name = "unit", required = false) String unit,
            @RequestParam(name = "import", required = false) String job,
            HttpServletResponse response)
            throws IOException {
        if (job != null) {
            named(job);
        }
        long bytes = files.stream().mapToLong(MultipartFile::getSize).sum();
        SceneImport.Answers answers =
                new SceneImport.Answers(AxisParameters.up("upAxis", up), AxisParameters.unit(unit));
        String id = scenes.add(
                who.id(),
                name,
                answers,
                bytes,
                () -> unpacked(files),
                job,
                timing -> response.setHeader("Server-Timing", timing));
        return found(who, id);
    }

    static UploadedFiles unpacked(List<MultipartFile> files) throws IOException {
        UploadedFiles upload = new UploadedFiles(UploadLimits.DEFAULT);
        for (MultipartFile f : files) {
            String original = f.getOriginalFilename();
            upload.add(original == null || original.isBlank() ? "scene.glb" : unescaped(original), f.getBytes());
        }
        return upload;
    }

    /** Browsers escape three characters of a file's name in a form, and no others (HTML, multipart/form-data encoding algorithm). */
    private static String unescaped(String name) {
        return name.replace("%22", "\"").replace("%0D", "\r").replace("%0A", "\n");
    }

    private SceneDetail found(SignedIn who, String id) {
        SceneEntry entry = listed(scenes.found(who.id(), id));
        Map<String, SceneDetail.SceneFile> files = new HashMap<>();
        for (FileRow f : mapper.files(who.id(), id)) {
            String href = "/api/scenes/" + id + "/files/" + f.kind() + "/" + f.sha256();
            files.put(f.kind(), new SceneDetail.SceneFile(f.size(), href));
        }
        return new SceneDetail(
                entry, files.get("geometry"), files.get("lines"), files.get("coarse"), files.get("hierarchy"));
    }

    @GetMapping("/api/scenes/{id}")
    SceneDetail one(@AuthenticationPrincipal SignedIn who, @PathVariable String id) throws IOException {
        scenes.complete(who.id(), id);
        SceneDetail m = found(who, id);
        mapper.opened(who.id(), id);
        return m;
    }

    /** Streams a file chunk by chunk; its address holds its hash, so a browser may keep it for good. */
    @GetMapping("/api/scenes/{id}/files/{kind}/{sha256}")
    void file(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @PathVariable String kind,
            @PathVariable String sha256,
            HttpServletResponse response)
            throws IOException {
        scenes.found(who.id(), id);
        FileRow file = mapper.files(who.id(), id).stream()
                .filter(f -> f.kind().equals(kind) && f.sha256().equals(sha256))
                .findFirst()
                .orElseThrow(() -> RequestRefused.notFound("file"));
        response.setContentType(kind.equals("geometry") ? "model/gltf-binary" : "application/octet-stream");
        response.setHeader(
                "Cache-Control",
                CacheControl.maxAge(Duration.ofDays(365))
                        .cachePrivate()
                        .immutable()
                        .getHeaderValue());
        response.setHeader("Pragma", "");
        response.setHeader("Expires", "");
        response.setContentLengthLong(file.size());
        for (int seq = 0; ; seq++) {
            ChunkRow c = mapper.chunk(who.id(), id, kind, seq);
            if (c == null) {
                return;
            }
            response.getOutputStream().write(c.data());
        }
    }

    @GetMapping("/api/scenes/{id}/workspace")
    KeptDocuments.Loaded workspace(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        scenes.found(who.id(), id);
        return kept.load(who.id(), "workspace", id);
    }

    @PutMapping("/api/scenes/{id}/workspace")
    KeptDocuments.Saved save(
            @AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody KeptDocuments.Save save) {
        return scenes.holding(who.id(), id, () -> kept.save(who.id(), "workspace", id, save));
    }

    @GetMapping("/api/scenes/{id}/pins")
    KeptDocuments.Loaded pins(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        scenes.found(who.id(), id);
        return kept.load(who.id(), "pins", id);
    }

    @PutMapping("/api/scenes/{id}/pins")
    KeptDocuments.Saved savePins(
            @AuthenticationPrincipal SignedIn who, @PathVariable String id, @RequestBody KeptDocuments.Save save) {
        KeptDocuments.Save checked = save.checked("Pins", Pins::check);
        return scenes.holding(who.id(), id, () -> kept.save(who.id(), "pins", id, checked));
    }

    /**
     * How far an import is.
     *
     * @param words what is being done
     * @param part how much of it is done, 0 to 1
     */
    record ImportState(String words, double part) {}

    @GetMapping("/api/imports/{job}")
    ImportState progress(@AuthenticationPrincipal SignedIn who, @PathVariable String job) {
        ImportMapper.Job j = imports.find(who.id(), job);
        if (j == null) {
            throw RequestRefused.notFound("import");
        }
        return new ImportState(j.words(), j.part());
    }

    /** Nothing will be stored; 409 if it has been. */
    @DeleteMapping("/api/imports/{job}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@AuthenticationPrincipal SignedIn who, @PathVariable String job) {
        named(job);
        imports.cancel(who.id(), job);
        ImportMapper.Job j = imports.find(who.id(), job);
        if (j != null && j.stored()) {
            throw new RequestRefused(
                    HttpStatus.CONFLICT,
                    "It was too late to cancel: the scene is stored. Delete it from the list if it is not wanted.");
        }
    }

    static void named(String job) {
        if (!job.matches("[A-Za-z0-9-]{1,40}")) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT, "\"import\" must be 1 to 40 letters, digits or hyphens.");
        }
    }
}
