package rhombus.formats;

import java.io.ByteArrayOutputStream;
import java.util.List;
import rhombus.core.geometry.Bvh;
import rhombus.core.geometry.BvhBuilder;
import rhombus.core.geometry.Mesh;
import rhombus.core.scene.Scene;
import rhombus.formats.picture.Thumbnail;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.UploadLimits;

/** A geometry file that was kept elsewhere and comes back: looked at as if a stranger had written it, and what lies beside it made anew. */
public final class ReimportedGeometry {
    private ReimportedGeometry() {}

    /**
     * The scene, ready to be kept.
     *
     * @param glb in normal form
     * @param notes what of the file that it came from is not shown
     * @throws FileProblem if it cannot be opened, or is larger than any scene that is taken
     */
    public static ImportedScene of(byte[] glb, String title, List<String> notes) {
        try {
            KeptScene kept = KeptScene.of(glb);
            Scene scene = kept.scene(glb);
            long triangles = triangles(scene);
            if (triangles > UploadLimits.DEFAULT.triangles()
                    || scene.count() > UploadLimits.DEFAULT.nodes()
                    || !(scene.bounds().radius() < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException("it is larger than any scene that is taken");
            }
            CompanionFiles beside = CompanionFiles.of(scene);
            ByteArrayOutputStream hierarchies = new ByteArrayOutputStream();
            for (Mesh m : scene.meshes()) {
                put(hierarchies, BvhBuilder.of(m.positions(), m.triangles()));
            }
            Scene whole = NormalReader.read(glb, beside.edges(), beside.levels(), hierarchies.toByteArray());
            return new ImportedScene(
                    title,
                    glb,
                    beside.edges(),
                    beside.levels(),
                    hierarchies.toByteArray(),
                    (int) triangles,
                    scene.count(),
                    SceneOrientation.of(kept.gltf()),
                    Thumbnail.of(whole, whole.up(), MeshColors.of(kept.gltf())),
                    notes);
        } catch (RuntimeException e) {
            throw new FileProblem(
                    "", "The geometry of “" + title + "” cannot be opened (" + FileProblem.shown(e.getMessage()) + ")");
        }
    }

    /** A hierarchy as it is kept. */
    static void put(ByteArrayOutputStream out, Bvh bvh) {
        for (byte[] b : new byte[][] {
            ChunkWriter.of(bvh.nodes().length), ChunkWriter.of(bvh.nodes()), ChunkWriter.of(bvh.order())
        }) {
            out.write(b, 0, b.length);
        }
    }

    private static long triangles(Scene scene) {
        long n = 0;
        for (int i = 0; i < scene.count(); i++) {
            for (int m : scene.node(i).meshes()) {
                Mesh mesh = scene.meshes().get(m);
                n += mesh.isStrokes() ? 0 : mesh.triangleCount();
            }
        }
        return n;
    }
}
