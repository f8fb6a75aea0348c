package rhombus.formats;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Mesh;
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
        return finished(model, stand(model, answers), limits, budget, progress);
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
        Model model = clean(model(upload, limits, budget, progress));
        // First of all, so that what is kept of the older file, which stands already, is not scaled once more.
        Standing standing = stand(model, answers);
        Newer.Laid laid = Newer.over(glb, model, limits);
        return new Update(finished(laid.model(), standing, limits, budget, progress), laid.report());
    }

    /** Takes away what only this program may write. */
    private static Model clean(Model model) {
        for (String list : List.of("nodes", "images")) {
            for (Object o : Plain.list(model.gltf().get(list))) {
                if (o instanceof Map<?, ?>) {
                    Plain.map(o).keySet().removeAll(Newer.OWN);
                }
            }
        }
        return model;
    }

    /** Lets a model stand as was answered, where its format says nothing. */
    private static Standing stand(Model model, Answers answers) {
        Standing standing = Standing.of(model.gltf());
        if (standing.unit() != null) {
            standing = new Standing(
                    answers.up == null ? standing.up() : answers.up,
                    answers.unit == null ? standing.unit() : answers.unit);
            standing.into(model.gltf());
        }
        return standing;
    }

    private static Imported finished(Model model, Standing standing, Limits limits, Budget budget, Progress progress) {
        Materials materials = new Materials(model.gltf(), model.images(), budget, model.notes());
        Tree tree = new Tree(model.gltf(), limits);
        noteStrokes(model);
        NormalWriter writer = new NormalWriter(model.gltf(), tree, model.meshes(), materials, limits, progress);
        writer.write();
        if (writer.triangles() + writer.strokes() == 0) {
            throw new Problem(
                    "meshes",
                    "There is not one triangle, line or point in the scene. Rhombus shows meshes; export some with the scene");
        }
        progress.at("Checking that it opens", 0.9);
        byte[] edges = writer.beside().edges();
        byte[] levels = writer.beside().levels();
        return new Imported(
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
    private static void noteStrokes(Model model) {
        for (List<Part> parts : model.meshes()) {
            for (Part p : parts) {
                if (p.kind() != Mesh.Kind.TRIANGLES && p.count() > Beside.MOST_STROKES) {
                    model.notes()
                            .add("Of lines or points in one mesh " + Beside.MOST_STROKES
                                    + " are drawn, spread over all; the others are kept.");
                }
            }
        }
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
    private static byte[] picture(NormalWriter writer, byte[] edges, byte[] levels) {
        try {
            Scene scene = NormalReader.read(writer.glb(), edges, levels, writer.hierarchies());
            Aabb b = scene.bounds();
            if (!(b.radius() < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException("its bounds are not finite");
            }
            return Thumbnail.of(scene, scene.up(), writer.colors());
        } catch (RuntimeException e) {
            throw new Problem(
                    "",
                    "The file was read, but the scene made of it cannot be opened (" + Problem.shown(e.getMessage())
                            + "). Nothing was stored. Export it again with other settings");
        }
    }
}
