package rhombus.core.submit;

import java.util.function.IntFunction;

/**
 * The corners of a merged batch's triangles by themselves, so that each triangle can have marks of its own: which of its sides are
 * modelled edges, as {@link rhombus.core.geometry.MeshEdges#marks} gives them.
 */
final class UnindexedTriangles {
    final float[] positions;
    final short[] extras;
    final byte[] marks;
    final float[] texture;
    final float[] colors;
    private final DrawBatch batch;
    private final IntFunction<byte[]> marksOf;

    UnindexedTriangles(DrawBatch batch, IntFunction<byte[]> marksOf) {
        this.batch = batch;
        this.marksOf = marksOf;
        int n = batch.indices[0].length;
        positions = new float[n * 3];
        extras = new short[n * 4];
        marks = new byte[n];
        texture = batch.texture == null ? null : new float[n * batch.width];
        colors = batch.colors == null ? null : new float[n * 4];
        for (BatchPart p : batch.parts) {
            if (!p.gone) {
                bake(p);
            }
        }
    }

    void bake(BatchPart p) {
        int[] index = batch.indices[0];
        byte[] own = marksOf.apply(p.mesh);
        int end = p.corner + p.corners();
        for (int i = p.corner; i < end; i++) {
            int v = index[i];
            for (int k = 0; k < 3; k++) {
                positions[i * 3 + k] = batch.positions[v * 3 + k];
            }
            for (int k = 0; k < 4; k++) {
                extras[i * 4 + k] = batch.extras[v * 4 + k];
            }
            for (int k = 0; texture != null && k < batch.width; k++) {
                texture[i * batch.width + k] = batch.texture[v * batch.width + k];
            }
            for (int k = 0; colors != null && k < 4; k++) {
                colors[i * 4 + k] = batch.colors[v * 4 + k];
            }
            if (own != null) {
                byte m = own[(i - p.corner) / 3];
                marks[i] = p.mirrored ? VertexBaking.mirrored(m) : m;
            }
        }
        batch.dirty.add(DirtyRange.CORNERS, p.corner, end);
    }
}
