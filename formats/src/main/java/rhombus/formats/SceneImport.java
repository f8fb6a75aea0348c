package rhombus.formats;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mesh;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.formats.model.LengthUnit;
import rhombus.formats.model.ModelPart;
import rhombus.formats.model.ReadModel;
import rhombus.formats.obj.ObjImport;
import rhombus.formats.picture.Thumbnail;
import rhombus.formats.ply.PlyImport;
import rhombus.formats.stl.StlImport;
import rhombus.formats.threemf.ThreeMfImport;
import rhombus.formats.upload.ByteBudget;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

/** Reads uploaded files of every format into the normal form, computing edges and hierarchies on the way. */
public final class SceneImport {
    private SceneImport() {}

    /**
     * What a person says of a file whose format does not.
     *
     * @param up the axis that points upwards, or null for what is usual in the format
     * @param unit what the numbers are in, or null for what is usual in the format
     */
    public record Answers(UpAxis up, LengthUnit unit) {
        /** Nothing was said. */
        public static final Answers NONE = new Answers(null, null);
    }

    /**
     * Reads an upload.
     *
     * @throws FileProblem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static ImportedScene read(UploadedFiles upload, UploadLimits limits, Progress progress) {
        return read(upload, Answers.NONE, limits, progress);
    }

    /**
     * Reads an upload of which something is known; what the format itself says counts more.
     *
     * @throws FileProblem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static ImportedScene read(UploadedFiles upload, Answers answers, UploadLimits limits, Progress progress) {
        progress.at("Reading the file", 0);
        ByteBudget budget = limits.budget(upload.sent());
        ReadModel model = clean(model(upload, limits, budget, progress));
        return finished(model, stand(model, answers), limits, budget, progress);
    }

    /**
     * A newer file of a scene.
     *
     * @param imported what it is with what is kept of the older one
     * @param report which objects are the same, new, or there no more
     */
    public record Update(ImportedScene imported, NewerFileMerge.Report report) {}

    /**
     * Reads an upload that is a newer file of a kept scene.
     *
     * @param glb the kept scene's geometry file
     * @param answers how that scene stands, which holds for the newer file too
     * @throws FileProblem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static Update newer(
            byte[] glb, UploadedFiles upload, Answers answers, UploadLimits limits, Progress progress) {
        progress.at("Reading the file", 0);
        ByteBudget budget = limits.budget(upload.sent() + glb.length);
        ReadModel model = clean(model(upload, limits, budget, progress));
        // First of all, so that what is kept of the older file, which stands already, is not scaled once more.
        SceneOrientation standing = stand(model, answers);
        NewerFileMerge.Laid laid = NewerFileMerge.over(glb, model, limits);
        return new Update(finished(laid.model(), standing, limits, budget, progress), laid.report());
    }

    /** Takes away what only this program may write. */
    private static ReadModel clean(ReadModel model) {
        for (String list : List.of("nodes", "images")) {
            for (Object o : PlainData.list(model.gltf().get(list))) {
                if (o instanceof Map<?, ?>) {
                    PlainData.map(o).keySet().removeAll(NewerFileMerge.OWN);
                }
            }
        }
        return model;
    }

    /** Lets a model stand as was answered, where its format says nothing. */
    private static SceneOrientation stand(ReadModel model, Answers answers) {
        SceneOrientation standing = SceneOrientation.of(model.gltf());
        if (standing.unit() != null) {
            standing = new SceneOrientation(
                    answers.up == null ? standing.up() : answers.up,
                    answers.unit == null ? standing.unit() : answers.unit);
            standing.into(model.gltf());
        }
        return standing;
    }

    private static ImportedScene finished(
            ReadModel model, SceneOrientation standing, UploadLimits limits, ByteBudget budget, Progress progress) {
        GltfMaterials materials = new GltfMaterials(model.gltf(), model.images(), budget, model.notes());
        DocumentTree tree = new DocumentTree(model.gltf(), limits);
        noteStrokes(model);
        NormalWriter writer = new NormalWriter(model.gltf(), tree, model.meshes(), materials, limits, progress);
        writer.write();
        if (writer.triangles() + writer.strokes() == 0) {
            throw new FileProblem(
                    "meshes",
                    "There is not one triangle, line or point in the scene. Rhombus shows meshes; export some with the scene");
        }
        progress.at("Checking that it opens", 0.9);
        byte[] edges = writer.beside().edges();
        byte[] levels = writer.beside().levels();
        return new ImportedScene(
                model.title(),
                writer.glb(),
                edges,
                levels,
                writer.hierarchies(),
                writer.triangles(),
                tree.order.size(),
                standing,
                picture(writer, edges, levels),
                List.copyOf(model.notes().sentences()));
    }

    /** A word on meshes of which not all is drawn. */
    private static void noteStrokes(ReadModel model) {
        for (List<ModelPart> parts : model.meshes()) {
            for (ModelPart p : parts) {
                if (p.kind() != Mesh.Kind.TRIANGLES && p.count() > CompanionFiles.MOST_STROKES) {
                    model.notes()
                            .add("Of lines or points in one mesh " + CompanionFiles.MOST_STROKES
                                    + " are drawn, spread over all; the others are kept.");
                }
            }
        }
    }

    private static ReadModel model(UploadedFiles upload, UploadLimits limits, ByteBudget budget, Progress progress) {
        String file = upload.main();
        return switch (FileFormat.of(file, upload.file(file))) {
            case GLTF -> GltfImport.read(upload, limits, budget, progress);
            case OBJ -> ObjImport.read(upload, file, limits, budget, progress);
            case STL -> StlImport.read(upload, file, budget, progress);
            case PLY -> PlyImport.read(upload, file, budget, progress);
            case THREE_MF -> ThreeMfImport.read(upload, file, limits, budget, progress);
        };
    }

    /** Opens what is to be kept with the reader that pages use, and looks at it: what cannot be opened is not kept. */
    private static byte[] picture(NormalWriter writer, byte[] edges, byte[] levels) {
        try {
            Scene scene = NormalReader.read(writer.glb(), edges, levels, writer.hierarchies());
            Aabb b = scene.bounds();
            if (!(b.radius() < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException("its bounds are not finite");
            }
            return Thumbnail.of(scene, scene.up(), writer.colors());
        } catch (RuntimeException e) {
            throw new FileProblem(
                    "",
                    "The file was read, but the scene made of it cannot be opened (" + FileProblem.shown(e.getMessage())
                            + "). Nothing was stored. Export it again with other settings");
        }
    }
}
