package rhombus.formats;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.Plain;
import rhombus.formats.model.Model;
import rhombus.formats.model.Notes;
import rhombus.formats.model.Part;
import rhombus.formats.upload.Budget;
import rhombus.formats.upload.Limits;
import rhombus.formats.upload.Problem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.Upload;

/** Reads glTF 2.0. */
final class GltfImport {
    private static final Set<String> SUPPORTED = Set.of(
            Lights.NAME,
            "KHR_mesh_quantization",
            Visibility.NAME,
            Materials.STRENGTH,
            Materials.UNLIT,
            Meshopt.NAME,
            Meshopt.LATER,
            TexturePlace.NAME,
            Instancing.NAME,
            Draco.NAME,
            Textures.WEBP);

    private final Document doc;
    private final Limits limits;
    private final Budget budget;
    private final Progress progress;
    private final Notes notes = new Notes();

    private GltfImport(Upload upload, Limits limits, Budget budget, Progress progress) {
        this.limits = limits;
        this.budget = budget;
        this.progress = progress;
        this.doc = new Document(upload, limits);
    }

    /**
     * Reads an upload.
     *
     * @throws Problem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    static Model read(Upload upload, Limits limits, Budget budget, Progress progress) {
        return new GltfImport(upload, limits, budget, progress).run();
    }

    private Model run() {
        Map<String, Object> gltf = doc.gltf;
        extensions(gltf);
        Upright.away(gltf);
        OtherScenes.beside(gltf, notes);
        Accessors accessors = new Accessors(gltf, doc, limits, budget);
        Instancing.apart(gltf, accessors, limits);
        List<List<Part>> meshes = meshes(gltf, accessors);
        for (String unused : List.of("skins", "animations")) {
            if (!Json.list(gltf, unused, "").isEmpty()) {
                notes.add(
                        unused.equals("skins") ? "Skins are shown in their rest pose." : "Animations are not played.");
            }
        }
        return new Model(doc.title(), gltf, meshes, (image, place) -> image(accessors, image, place), notes);
    }

    private byte[] image(Accessors accessors, Map<String, Object> image, String place) {
        if (image.get("uri") != null) {
            return doc.resource(Plain.text(image.get("uri"), ""), place + ".uri");
        }
        int view = accessors.viewIndex(image, "bufferView", place);
        if (view < 0) {
            throw new Problem(place, "has neither uri nor bufferView");
        }
        ByteBuffer v = accessors.view(view);
        byte[] b = new byte[v.remaining()];
        v.get(b);
        return b;
    }

    private void extensions(Map<String, Object> gltf) {
        for (Object o : Json.list(gltf, "extensionsRequired", "")) {
            if (!SUPPORTED.contains(name(o, "extensionsRequired"))) {
                throw new Problem(
                        "extensionsRequired",
                        "the file cannot be shown without " + Problem.shown(o)
                                + ", which is not read here. Export it without that extension");
            }
        }
        for (Object o : Json.list(gltf, "extensionsUsed", "")) {
            if (!SUPPORTED.contains(name(o, "extensionsUsed"))) {
                notes.add("The extension " + Problem.shown(o) + " is left out.");
            }
        }
    }

    private static String name(Object o, String place) {
        if (o instanceof String s) {
            return s;
        }
        throw new Problem(place, "must hold names alone");
    }

    private List<List<Part>> meshes(Map<String, Object> gltf, Accessors accessors) {
        List<Object> listed = Json.list(gltf, "meshes", "");
        List<Object> materials = Json.list(gltf, "materials", "");
        Primitives primitives = new Primitives(accessors, materials.size(), notes);
        List<List<Part>> out = new ArrayList<>();
        long triangles = 0;
        for (int i = 0; i < listed.size(); i++) {
            progress.at("Reading meshes", 0.3 * i / listed.size());
            String place = "meshes[" + i + "]";
            List<Object> of = Json.list(Json.map(listed.get(i), place), "primitives", place);
            List<Part> parts = new ArrayList<>();
            for (int k = 0; k < of.size(); k++) {
                String at = place + ".primitives[" + k + "]";
                Map<String, Object> p = Json.map(of.get(k), at);
                Draco.fill(p, accessors, at);
                Part part = primitives.read(p, Coordinates.of(materials, Plain.whole(p.get("material"), -1)), at);
                if (part != null && part.indices().length > 0) {
                    parts.add(part);
                    triangles += part.triangles();
                }
                if (triangles > limits.triangles()) {
                    throw new Problem(place, "the scene has more than " + limits.triangles() + " triangles");
                }
            }
            out.add(parts);
        }
        return out;
    }
}
