package rhombus.server.export;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rhombus.core.edit.EditDocument;
import rhombus.core.scene.Scene;
import rhombus.core.table.CameraTable;
import rhombus.formats.KeptScene;
import rhombus.formats.out.SceneExport;
import rhombus.server.account.SignedIn;
import rhombus.server.common.AttachmentName;
import rhombus.server.common.RequestRefused;
import rhombus.server.kept.KeptDocuments;
import rhombus.server.scene.AxisParameters;
import rhombus.server.scene.SceneFileStreams;
import rhombus.server.scene.SceneImports;
import rhombus.server.scene.SceneRow;
import tools.jackson.databind.json.JsonMapper;

/** What is in a scene, with the changes that were saved, for other programs. */
@RestController
public class ExportController {
    private final SceneImports scenes;
    private final SceneFileStreams files;
    private final KeptDocuments kept;
    private final JsonMapper json;

    ExportController(SceneImports scenes, SceneFileStreams files, KeptDocuments kept, JsonMapper json) {
        this.scenes = scenes;
        this.files = files;
        this.kept = kept;
        this.json = json;
    }

    /** Whether faces are as they were modelled, or triangles. */
    enum Faces {
        modelled,
        triangles
    }

    /** What is asked for as the whole scene, or the objects named and all below them. */
    enum What {
        scene,
        selection
    }

    /** The scene with its changes, or some of its objects, as a file. */
    @GetMapping("/api/scenes/{id}/export")
    void export(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam(defaultValue = "glb") String format,
            @RequestParam(defaultValue = "scene") What what,
            @RequestParam(required = false) List<String> ids,
            @RequestParam(required = false) String up,
            @RequestParam(required = false) String unit,
            @RequestParam(defaultValue = "triangles") Faces faces,
            HttpServletResponse response)
            throws IOException {
        SceneExport export = wanted(who, id, format, what == What.scene ? null : listed(ids), up, unit, faces);
        response.setContentType(export.type());
        if (export.length() >= 0) {
            response.setContentLengthLong(export.length());
        }
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, AttachmentName.called(export.fileName()));
        export.write(response.getOutputStream());
    }

    /**
     * What an export would be.
     *
     * @param name of the file
     * @param bytes how long it is
     * @param exact whether it is known to the byte
     * @param triangles how many it has
     * @param objects how many it has
     * @param losses what the format cannot hold of what is there, in sentences
     */
    record Preview(String name, long bytes, boolean exact, long triangles, int objects, List<String> losses) {}

    /** Tells what an export would be, before anything is made. */
    @GetMapping("/api/scenes/{id}/export/preview")
    Preview preview(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam(defaultValue = "glb") String format,
            @RequestParam(defaultValue = "scene") What what,
            @RequestParam(required = false) List<String> ids,
            @RequestParam(required = false) String up,
            @RequestParam(required = false) String unit,
            @RequestParam(defaultValue = "triangles") Faces faces)
            throws IOException {
        SceneExport e = wanted(who, id, format, what == What.scene ? null : listed(ids), up, unit, faces);
        return new Preview(e.fileName(), e.about(), e.length() >= 0, e.triangles(), e.objects(), e.losses());
    }

    private static List<String> listed(List<String> ids) {
        return ids == null ? List.of() : ids;
    }

    private SceneExport wanted(
            SignedIn who, String id, String format, List<String> ids, String up, String unit, Faces faces)
            throws IOException {
        SceneRow row = scenes.found(who.id(), id);
        SceneExport.Format f = SceneExport.Format.of(format);
        if (f == null) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "A scene is exported as \"glb\", \"gltf\", \"obj\", \"stl\" or \"ply\"; ask for one of them.");
        }
        KeptScene read = KeptScene.read(files.geometry(who.id(), id));
        Scene scene = changed(who, id, read);
        return new SceneExport(
                new SceneExport.Wanted(
                        f,
                        ids == null ? null : named(scene, ids),
                        AxisParameters.up("up", up),
                        AxisParameters.unit(unit),
                        faces == Faces.modelled),
                new SceneExport.Source(
                        read, scene, files.anywhere(who.id(), id, "geometry"), files.anywhere(who.id(), id, "lines")),
                AttachmentName.inFileSystems(row.name()));
    }

    private static Set<String> named(Scene scene, List<String> ids) {
        Set<String> only = new HashSet<>();
        for (String id : ids) {
            if (scene.indexOf(id) < 0) {
                throw new RequestRefused(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "An object named in \"ids\" is not in the scene as it was saved last. Save and try again.");
            }
            only.add(id);
        }
        if (only.isEmpty()) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT, "Nothing is selected: name the objects to export in \"ids\".");
        }
        return only;
    }

    /** The cameras of a scene as a table; distances in metres, lenses in millimetres, angles in degrees. */
    @GetMapping("/api/scenes/{id}/cameras")
    void cameras(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @RequestParam(defaultValue = "json") String format,
            HttpServletResponse response)
            throws IOException {
        SceneRow row = scenes.found(who.id(), id);
        boolean csv = format.equals("csv");
        if (!csv && !format.equals("json")) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT, "Cameras are told as \"csv\" or \"json\"; ask for one of them.");
        }
        Scene scene = changed(who, id, KeptScene.read(files.geometry(who.id(), id)));
        byte[] body = csv
                ? CameraTable.csv(scene).getBytes(StandardCharsets.UTF_8)
                : json.writeValueAsBytes(CameraTable.plain(scene));
        response.setContentType(csv ? "text/csv;charset=UTF-8" : MediaType.APPLICATION_JSON_VALUE);
        response.setContentLength(body.length);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                AttachmentName.called(row.name() + " - cameras" + (csv ? ".csv" : ".json")));
        response.getOutputStream().write(body);
    }

    private Scene changed(SignedIn who, String id, KeptScene read) {
        Map<String, Object> edits = kept.load(who.id(), "edits", id).body();
        try {
            return edits == null
                    ? read.scene()
                    : EditDocument.read(read.scene(), edits).scene();
        } catch (IllegalArgumentException e) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "What was changed in this scene cannot be used: " + e.getMessage()
                            + ". Bring back a version of it in the page, and export again.");
        }
    }
}
