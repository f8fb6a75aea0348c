package rhombus.formats;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.geometry.Aabb;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;

/** Reads uploaded glTF 2.0 into the normal form, computing edges and hierarchies on the way. */
public final class GltfImport {
    private static final Set<String> SUPPORTED =
            Set.of(Lights.NAME, "KHR_mesh_quantization", Visibility.NAME, Materials.STRENGTH, Materials.UNLIT);

    private final Upload upload;
    private final Document doc;
    private final Limits limits;
    private final Progress progress;
    private final Set<String> notes = new LinkedHashSet<>();

    private GltfImport(Upload upload, Limits limits, Progress progress) {
        this.limits = limits;
        this.progress = progress;
        progress.at("Reading the file", 0);
        this.upload = upload;
        this.doc = new Document(upload, limits);
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
        Accessors accessors = new Accessors(gltf, doc, limits, limits.budget(upload.sent()));
        Materials materials = new Materials(gltf, doc, accessors, notes);
        Tree tree = new Tree(gltf, limits);
        List<List<Part>> meshes = meshes(gltf, accessors, materials);
        int scenes = Json.list(gltf, "scenes", "").size();
        if (scenes > 1) {
            notes.add("The file holds " + scenes + " scenes; the default one is shown.");
        }
        for (String unused : List.of("skins", "animations")) {
            if (!Json.list(gltf, unused, "").isEmpty()) {
                notes.add(
                        unused.equals("skins") ? "Skins are shown in their rest pose." : "Animations are not played.");
            }
        }
        NormalWriter writer = new NormalWriter(doc, tree, meshes, materials, limits, progress);
        writer.write();
        if (writer.triangles() == 0) {
            throw new Problem(
                    "meshes",
                    "There is not one triangle in the scene. Rhombus shows meshes; export some with the scene");
        }
        Imported imported = new Imported(
                doc.title(),
                writer.glb(),
                writer.beside().edges(),
                writer.beside().levels(),
                writer.hierarchies(),
                writer.triangles(),
                tree.order.size(),
                List.copyOf(notes));
        progress.at("Checking that it opens", 0.9);
        opens(imported);
        return imported;
    }

    /** Opens what is to be kept with the reader that pages use: what cannot be opened is not kept. */
    private static void opens(Imported imported) {
        try {
            Scene scene = NormalReader.read(imported);
            Aabb b = scene.bounds();
            if (!(b.radius() < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException("its bounds are not finite");
            }
        } catch (RuntimeException e) {
            throw new Problem(
                    "",
                    "The file was read, but the scene made of it cannot be opened (" + Json.shown(e.getMessage())
                            + "). Nothing was stored. Export it again with other settings");
        }
    }

    private void extensions(Map<String, Object> gltf) {
        for (Object o : Json.list(gltf, "extensionsRequired", "")) {
            if (!SUPPORTED.contains(name(o, "extensionsRequired"))) {
                throw new Problem(
                        "extensionsRequired",
                        "the file cannot be shown without " + Json.shown(o)
                                + ", which is not read here. Export it without that extension");
            }
        }
        for (Object o : Json.list(gltf, "extensionsUsed", "")) {
            if (!SUPPORTED.contains(name(o, "extensionsUsed"))) {
                notes.add("The extension " + Json.shown(o) + " is left out.");
            }
        }
    }

    private static String name(Object o, String place) {
        if (o instanceof String s) {
            return s;
        }
        throw new Problem(place, "must hold names alone");
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
