package rhombus.formats;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.PlainData;
import rhombus.formats.model.ImportNotes;
import rhombus.formats.model.ModelPart;
import rhombus.formats.model.ReadModel;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Reads glTF 2.0. */
final class GltfImport {
    private static final Set<String> SUPPORTED = Set.of(
            GltfLights.NAME,
            "KHR_mesh_quantization",
            NodeVisibility.NAME,
            GltfMaterials.STRENGTH,
            GltfMaterials.UNLIT,
            MeshoptBuffers.NAME,
            MeshoptBuffers.LATER,
            TextureTransform.NAME,
            Instancing.NAME,
            DracoPrimitives.NAME,
            RenumberedTextures.WEBP);

    private final GltfDocument doc;
    private final UploadLimits limits;
    private final ByteBudget budget;
    private final Progress progress;
    private final ImportNotes notes = new ImportNotes();

    private GltfImport(UploadedFiles upload, UploadLimits limits, ByteBudget budget, Progress progress) {
        this.limits = limits;
        this.budget = budget;
        this.progress = progress;
        this.doc = new GltfDocument(upload, limits);
    }

    /**
     * Reads an upload.
     *
     * @throws FileProblem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    static ReadModel read(UploadedFiles upload, UploadLimits limits, ByteBudget budget, Progress progress) {
        return new GltfImport(upload, limits, budget, progress).run();
    }

    private ReadModel run() {
        Map<String, Object> gltf = doc.gltf;
        extensions(gltf);
        UpAxisConversion.away(gltf);
        UnshownScenes.beside(gltf, notes);
        Accessors accessors = new Accessors(gltf, doc, limits, budget);
        Instancing.apart(gltf, accessors, limits);
        List<List<ModelPart>> meshes = meshes(gltf, accessors);
        for (String unused : List.of("skins", "animations")) {
            if (!JsonReader.list(gltf, unused, "").isEmpty()) {
                notes.add(
                        unused.equals("skins") ? "Skins are shown in their rest pose." : "Animations are not played.");
            }
        }
        return new ReadModel(doc.title(), gltf, meshes, (image, place) -> image(accessors, image, place), notes);
    }

    private byte[] image(Accessors accessors, Map<String, Object> image, String place) {
        if (image.get("uri") != null) {
            return doc.resource(PlainData.text(image.get("uri"), ""), place + ".uri");
        }
        int view = accessors.viewIndex(image, "bufferView", place);
        if (view < 0) {
            throw new FileProblem(place, "has neither uri nor bufferView");
        }
        ByteBuffer v = accessors.view(view);
        byte[] b = new byte[v.remaining()];
        v.get(b);
        return b;
    }

    private void extensions(Map<String, Object> gltf) {
        for (Object o : JsonReader.list(gltf, "extensionsRequired", "")) {
            if (!SUPPORTED.contains(name(o, "extensionsRequired"))) {
                throw new FileProblem(
                        "extensionsRequired",
                        "the file cannot be shown without " + FileProblem.shown(o)
                                + ", which is not read here. Export it without that extension");
            }
        }
        for (Object o : JsonReader.list(gltf, "extensionsUsed", "")) {
            if (!SUPPORTED.contains(name(o, "extensionsUsed"))) {
                notes.add("The extension " + FileProblem.shown(o) + " is left out.");
            }
        }
    }

    private static String name(Object o, String place) {
        if (o instanceof String s) {
            return s;
        }
        throw new FileProblem(place, "must hold names alone");
    }

    private List<List<ModelPart>> meshes(Map<String, Object> gltf, Accessors accessors) {
        List<Object> listed = JsonReader.list(gltf, "meshes", "");
        List<Object> materials = JsonReader.list(gltf, "materials", "");
        MeshPrimitives primitives = new MeshPrimitives(accessors, materials.size(), notes);
        List<List<ModelPart>> out = new ArrayList<>();
        long triangles = 0;
        for (int i = 0; i < listed.size(); i++) {
            progress.at("Reading meshes", 0.3 * i / listed.size());
            String place = "meshes[" + i + "]";
            List<Object> of = JsonReader.list(JsonReader.map(listed.get(i), place), "primitives", place);
            List<ModelPart> parts = new ArrayList<>();
            for (int k = 0; k < of.size(); k++) {
                String at = place + ".primitives[" + k + "]";
                Map<String, Object> p = JsonReader.map(of.get(k), at);
                DracoPrimitives.fill(p, accessors, at);
                ModelPart part = primitives.read(
                        p, TextureCoordinates.of(materials, PlainData.whole(p.get("material"), -1)), at);
                if (part != null && part.indices().length > 0) {
                    parts.add(part);
                    triangles += part.triangles();
                }
                if (triangles > limits.triangles()) {
                    throw new FileProblem(place, "the scene has more than " + limits.triangles() + " triangles");
                }
            }
            out.add(parts);
        }
        return out;
    }
}
