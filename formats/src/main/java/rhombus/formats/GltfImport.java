package rhombus.formats;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.Plain;

/** Reads uploaded glTF 2.0 into the normal form, computing edges and hierarchies on the way. */
public final class GltfImport {
    private static final Set<String> SUPPORTED = Set.of("KHR_lights_punctual", "KHR_mesh_quantization");

    private final Document doc;
    private final Limits limits;
    private final Progress progress;
    private final Set<String> notes = new LinkedHashSet<>();

    private GltfImport(Upload upload, Limits limits, Progress progress) {
        this.limits = limits;
        this.progress = progress;
        progress.at("Reading the file", 0);
        this.doc = new Document(upload);
    }

    /**
     * Reads an upload.
     *
     * @throws Problem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static Imported read(Upload upload, Limits limits, Progress progress) {
        return new GltfImport(upload, limits, progress).run();
    }

    private Imported run() {
        Map<String, Object> gltf = doc.gltf;
        extensions(gltf);
        Accessors accessors = new Accessors(gltf, doc, limits);
        Materials materials = new Materials(gltf, doc, accessors, notes);
        Tree tree = new Tree(gltf, limits);
        List<List<Part>> meshes = meshes(gltf, accessors, materials);
        for (String unused : List.of("skins", "animations")) {
            if (!Json.list(gltf, unused, "").isEmpty()) {
                notes.add(unused.equals("skins") ? "Skins are shown in their rest pose." : "Animations are not played.");
            }
        }
        NormalWriter writer = new NormalWriter(doc, tree, meshes, materials, progress);
        writer.write();
        if (writer.triangles() == 0) {
            throw new Problem("meshes", "There is not one triangle in the scene. Rhombus shows meshes; export some with the scene");
        }
        return new Imported(
                doc.title(), writer.glb(), writer.edges(), writer.hierarchies(), writer.triangles(), tree.order.size(),
                List.copyOf(notes));
    }

    private void extensions(Map<String, Object> gltf) {
        for (Object o : Json.list(gltf, "extensionsRequired", "")) {
            if (!SUPPORTED.contains(o)) {
                throw new Problem("extensionsRequired", "the file cannot be shown without " + o + ", which is not read here. Export it without that extension");
            }
        }
        for (Object o : Json.list(gltf, "extensionsUsed", "")) {
            if (!SUPPORTED.contains(o)) {
                notes.add("The extension " + o + " is left out.");
            }
        }
    }

    private List<List<Part>> meshes(Map<String, Object> gltf, Accessors accessors, Materials materials) {
        List<Object> listed = Json.list(gltf, "meshes", "");
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
                Part part = primitives.read(p, materials.textureSet(Plain.whole(p.get("material"), -1)), at);
                if (part != null && part.triangles().length > 0) {
                    parts.add(part);
                    triangles += part.triangles().length / 3;
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
