package rhombus.core.page;

import java.util.List;
import rhombus.core.geometry.BoxEdges;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;
import rhombus.core.geometry.MeshEdges;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.BinaryArrays;
import rhombus.core.scene.Scene;
import rhombus.core.scene.ShapeMesh;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.paint.Material;
import rhombus.core.submit.VertexAttributes;

/** The geometry of the open scene, as the painter sends it to the graphics card. */
public final class MeshReader {
    /** Triangles whose hierarchies are attached without the hand waiting: some milliseconds of work. */
    private static final int PIECE = 60_000;

    private final Stage stage;
    private SceneFile open;
    private ShapeMeshes shapes = new ShapeMeshes();
    /** Told when edges or coarser triangles have come. */
    Runnable onGeometry = () -> {};

    MeshReader(Stage stage) {
        this.stage = stage;
    }

    private void geometryCame() {
        onGeometry.run();
        stage.edgesCame();
    }

    void open(SceneFile scene) {
        open = scene;
        shapes = new ShapeMeshes();
    }

    /** Takes the edges of all meshes, as they are stored beside the scene. */
    @PageCall
    public void attachEdges(BinaryArrays file) {
        open.edges(file);
        geometryCame();
    }

    /** Takes the coarser triangles of all meshes. */
    @PageCall
    public void attachLevels(BinaryArrays file) {
        open.levels(file);
        geometryCame();
    }

    /** Takes what picking needs; {@link #moreHierarchies} attaches it. */
    @PageCall
    public void attachHierarchies(BinaryArrays file) {
        open.hierarchies(file);
    }

    /** Attaches a piece of it, in some milliseconds; gives false when all of it is. */
    @PageCall
    public boolean moreHierarchies() {
        if (open.moreHierarchies(PIECE)) {
            return true;
        }
        stage.geometryCame();
        return false;
    }

    /** Positions of a mesh, three numbers a vertex, from its origin. */
    @PageCall
    public float[] positions(int mesh) {
        return stage.scene().meshes().get(mesh).positions();
    }

    /** Numbers of another attribute of a mesh by its glTF name, {@code size} a vertex; null where it has none. */
    @PageCall
    @OrNull
    public float[] attribute(int mesh, String name, int size) {
        if (open.has(mesh)) {
            return open.attribute(mesh, name, size);
        }
        ShapeMesh s = shapes.of(stage.scene(), mesh);
        return s == null || !name.equals("NORMAL") ? null : s.normals();
    }

    /** Where a mesh's pictures lie: two coordinates a vertex, four where they lie in two ways; null where it has none. */
    @PageCall
    @OrNull
    public float[] places(int mesh) {
        return open.has(mesh) ? open.places(mesh) : null;
    }

    /** Triangles of a mesh, three vertices each. */
    @PageCall
    public int[] indices(int mesh) {
        return open.has(mesh)
                ? open.indices(mesh)
                : stage.scene().meshes().get(mesh).triangles();
    }

    /** Coarser triangles of a mesh: of a level from 1 on, or of the coarsest it has. */
    @PageCall
    public int[] levelIndices(int mesh, int level) {
        List<Mesh.Level> levels = stage.scene().meshes().get(mesh).levels();
        return levels.get(Math.min(level, levels.size()) - 1).triangles();
    }

    /** Both ends of so many edges of a mesh, six numbers each. */
    @PageCall
    public float[] edgeEnds(int mesh, int from, int count) {
        Mesh m = stage.scene().meshes().get(mesh);
        float[] p = m.positions();
        float[] out = new float[count * 6];
        for (int e = 0; e < count; e++) {
            int a = m.edgeStart(from + e) * 3;
            int b = m.edgeEnd(from + e) * 3;
            for (int k = 0; k < 3; k++) {
                out[e * 6 + k] = p[a + k];
                out[e * 6 + 3 + k] = p[b + k];
            }
        }
        return out;
    }

    /** Both ends of the edges of the box round a mesh, six numbers each. */
    @PageCall
    public float[] boxEnds(int mesh) {
        Mesh m = stage.scene().meshes().get(mesh);
        return BoxEdges.ends(m.bounds(), m.origin());
    }

    /** Strength of each of them. */
    @PageCall
    public byte[] edgeStrength(int mesh, int from, int count) {
        byte[] out = new byte[count];
        int strong = stage.scene().meshes().get(mesh).strongEdges() - from;
        for (int e = 0; e < count; e++) {
            out[e] = e < strong ? MeshEdges.STRONG : MeshEdges.PLAIN;
        }
        return out;
    }

    /** How many edges a mesh has; -1 until they have come. */
    @PageCall
    public int edgeCount(int mesh) {
        Mesh m = stage.scene().meshes().get(mesh);
        return m.hasEdges() ? m.edgeCount() : -1;
    }

    /** A byte a triangle that marks which of its sides are edges; null until they have come. */
    @PageCall
    @OrNull
    public byte[] sides(int mesh) {
        if (open.has(mesh)) {
            return open.marks(mesh);
        }
        ShapeMesh s = shapes.of(stage.scene(), mesh);
        return s == null ? null : s.marks();
    }

    /** What a mesh is drawn with. */
    VertexAttributes attributes(int mesh) {
        Material m = open.has(mesh) ? open.material(mesh) : ShapeMeshes.material();
        float[] uv = m.textured() ? places(mesh) : null;
        return new VertexAttributes(
                attribute(mesh, "NORMAL", 3),
                uv,
                m.twofold() ? 4 : 2,
                attribute(mesh, "COLOR_0", 4),
                m.color(),
                uv == null || m.image() == null ? -1 : m.image().id(),
                m.cutoff(),
                m.blend(),
                m.metallic(),
                m.roughness(),
                m.finish());
    }

    /** What a mesh is made of. */
    @PageCall
    public Material material(int mesh) {
        return open.has(mesh) ? open.material(mesh) : ShapeMeshes.material();
    }

    /** Centre and radius of the ball round a mesh's stored positions. */
    @PageCall
    public double[] ball(int mesh) {
        Mesh m = stage.scene().meshes().get(mesh);
        Vec3 c = m.bounds().center().minus(m.origin());
        return new double[] {c.x(), c.y(), c.z(), m.bounds().radius()};
    }

    /** Node number and mesh number of everything drawn, in turn. */
    @PageCall
    public int[] drawn() {
        Scene scene = stage.scene();
        int[] out = new int[scene.drawnCount() * 2];
        int at = 0;
        for (int i = 0; i < scene.count(); i++) {
            for (int m : scene.node(i).meshes()) {
                out[at++] = i;
                out[at++] = m;
            }
        }
        return out;
    }

    /** World matrix of a node's mesh, its origin included. */
    @PageCall
    public double[] placement(int node, int mesh) {
        double[] w = stage.scene().world(node).clone();
        Vec3 o = Mat4.point(w, stage.scene().meshes().get(mesh).origin());
        w[12] = o.x();
        w[13] = o.y();
        w[14] = o.z();
        return w;
    }
}
