package rhombus.core.submit;

import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Mesh;

/** One use of a mesh by a node, and where in its batch it lies. */
final class BatchPart {
    /** More layers than this have the colour of the last. */
    static final int MOST_LAYERS = 63;
    /** What the number of a layer is multiplied by where it is told with what {@link VertexAttributes#packed} tells. */
    private static final float LAYER = 0x1p18f;

    final int node;
    final int mesh;
    final Mesh shape;
    final VertexAttributes skin;
    DrawBatch batch;
    /** Number within the batch: where its colour and what is selected stand. */
    int slot;
    /** First vertex in the batch. */
    int vertex;
    /** First index in the batch, the same as its first corner where corners stand by themselves. */
    int corner;
    /** First index of each coarser level, in that level's own array. */
    final int[] coarse = new int[DrawBatch.LEVELS];
    /** First line in the batch. */
    int line;
    /** How much larger the node makes it, at most. */
    double scale = 1;
    /** Where its node puts it. */
    double[] world;
    /** Whether the node turns it inside out. */
    boolean mirrored;

    /** Number of the layer its node lies on from 1 to {@link #MOST_LAYERS}, 0 for none. */
    int layer;

    boolean selected;
    boolean gone;

    BatchPart(int node, int mesh, Mesh shape, VertexAttributes skin) {
        this.node = node;
        this.mesh = mesh;
        this.shape = shape;
        this.skin = skin;
    }

    /** Takes over how large the node makes it now. */
    void measure(double[] to) {
        world = to;
        scale = VertexBaking.scale(to);
        mirrored = Mat4.determinant(to) < 0;
    }

    /** What is told of it beside its colour, but for how it is selected. */
    float told() {
        return skin.packed() + LAYER * layer;
    }

    int vertices() {
        return shape.positions().length / 3;
    }

    int corners() {
        return shape.triangles().length;
    }

    /** Coarser triangles of a level, or of the coarsest it has; null where it has none. */
    int[] level(int level) {
        int have = Math.min(level, shape.levels().size());
        return have == 0 ? null : shape.levels().get(have - 1).triangles();
    }
}
