package rhombus.formats;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.formats.model.Model;
import rhombus.formats.model.Part;
import rhombus.formats.model.Unit;
import rhombus.formats.obj.ObjImport;
import rhombus.formats.picture.Thumbnail;
import rhombus.formats.ply.PlyImport;
import rhombus.formats.stl.StlImport;
import rhombus.formats.threemf.ThreeMfImport;
import rhombus.formats.upload.Budget;
import rhombus.formats.upload.Limits;
import rhombus.formats.upload.Problem;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.Upload;

/** Reads uploaded files of every format into the normal form, computing edges and hierarchies on the way. */
public final class Import {
    private Import() {}

    /**
     * What a person says of a file whose format does not.
     *
     * @param up the axis that points upwards, or null for what is usual in the format
     * @param unit what the numbers are in, or null for what is usual in the format
     */
    public record Answers(UpAxis up, Unit unit) {
        /** Nothing was said. */
        public static final Answers NONE = new Answers(null, null);
    }

    /**
     * Reads an upload.
     *
     * @throws Problem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static Imported read(Upload upload, Limits limits, Progress progress) {
        return read(upload, Answers.NONE, limits, progress);
    }

    /**
     * Reads an upload of which something is known; what the format itself says counts more.
     *
     * @throws Problem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static Imported read(Upload upload, Answers answers, Limits limits, Progress progress) {
        progress.at("Reading the file", 0);
        Budget budget = limits.budget(upload.sent());
        Model model = clean(model(upload, limits, budget, progress));
        return finished(model, answers, limits, budget, progress);
    }

    /**
     * A newer file of a scene.
     *
     * @param imported what it is with what is kept of the older one
     * @param report which objects are the same, new, or there no more
     */
    public record Update(Imported imported, Newer.Report report) {}

    /**
     * Reads an upload that is a newer file of a kept scene.
     *
     * @param glb the kept scene's geometry file
     * @param answers how that scene stands, which holds for the newer file too
     * @throws Problem if the file cannot be read, naming the place
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static Update newer(byte[] glb, Upload upload, Answers answers, Limits limits, Progress progress) {
        progress.at("Reading the file", 0);
        Budget budget = limits.budget(upload.sent() + glb.length);
        Newer.Laid laid = Newer.over(glb, clean(model(upload, limits, budget, progress)), limits);
        return new Update(finished(laid.model(), answers, limits, budget, progress), laid.report());
    }

    /** Takes away what only this program may write. */
    private static Model clean(Model model) {
        for (Object n : Plain.list(model.gltf().get("nodes"))) {
            if (n instanceof Map<?, ?>) {
                Plain.map(n).remove(Newer.ID);
            }
        }
        return model;
    }

    private static Imported finished(Model model, Answers answers, Limits limits, Budget budget, Progress progress) {
        Standing standing = Standing.of(model.gltf());
        if (standing.unit() != null) {
            standing = new Standing(
                    answers.up == null ? standing.up() : answers.up,
                    answers.unit == null ? standing.unit() : answers.unit);
            standing.into(model.gltf());
        }
        Materials materials = new Materials(model.gltf(), model.images(), budget, model.notes());
        Tree tree = new Tree(model.gltf(), limits);
        NormalWriter writer = new NormalWriter(model.gltf(), tree, drawn(model), materials, limits, progress);
        writer.write();
        if (writer.triangles() + writer.strokes() == 0) {
            throw new Problem(
                    "meshes",
                    "There is not one triangle, line or point in the scene. Rhombus shows meshes; export some with the scene");
        }
        progress.at("Checking that it opens", 0.9);
        return opened(
                new Imported(
                        model.title(),
                        writer.glb(),
                        writer.beside().edges(),
                        writer.beside().levels(),
                        writer.hierarchies(),
                        writer.triangles(),
                        tree.order.size(),
                        standing,
                        null,
                        List.copyOf(model.notes().sentences())),
                writer.colors());
    }

    /** Meshes, with a word on those of which not all is drawn. */
    private static List<List<Part>> drawn(Model model) {
        for (List<Part> parts : model.meshes()) {
            for (Part p : parts) {
                if (p.kind() != Part.Kind.TRIANGLES
                        && p.indices().length / p.kind().corners() > Beside.MOST_STROKES) {
                    model.notes()
                            .add("Of lines or points in one mesh " + Beside.MOST_STROKES
                                    + " are drawn, spread over all; the others are kept.");
                }
            }
        }
        return model.meshes();
    }

    private static Model model(Upload upload, Limits limits, Budget budget, Progress progress) {
        String file = upload.main();
        return switch (Format.of(file, upload.file(file))) {
            case GLTF -> GltfImport.read(upload, limits, budget, progress);
            case OBJ -> ObjImport.read(upload, file, limits, budget, progress);
            case STL -> StlImport.read(upload, file, budget, progress);
            case PLY -> PlyImport.read(upload, file, budget, progress);
            case THREE_MF -> ThreeMfImport.read(upload, file, limits, budget, progress);
        };
    }

    /** Opens what is to be kept with the reader that pages use, and looks at it: what cannot be opened is not kept. */
    private static Imported opened(Imported i, List<float[]> colors) {
        try {
            Scene scene = NormalReader.read(i);
            Aabb b = scene.bounds();
            if (!(b.radius() < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException("its bounds are not finite");
            }
            byte[] picture = Thumbnail.of(scene, scene.up(), colors);
            return new Imported(
                    i.title(),
                    i.glb(),
                    i.edges(),
                    i.levels(),
                    i.hierarchies(),
                    i.triangles(),
                    i.objects(),
                    i.standing(),
                    picture,
                    i.notes());
        } catch (RuntimeException e) {
            throw new Problem(
                    "",
                    "The file was read, but the scene made of it cannot be opened (" + Problem.shown(e.getMessage())
                            + "). Nothing was stored. Export it again with other settings");
        }
    }
}
