package rhombus.core.submit;

import rhombus.core.geometry.MeshEdges;

/**
 * The modelled edges of a merged batch as quads that are widened on the screen: four corners a line. {@code ends} holds six numbers
 * a corner, both ends of its line; {@code corners} four whole numbers: which end it belongs to, which side of the line, the
 * strength of the edge, and the number of its part.
 */
final class Lines {
    final float[] ends;
    final short[] corners;
    final int[] indices;
    private final Batch batch;

    Lines(Batch batch) {
        this.batch = batch;
        int count = 0;
        for (Part p : batch.parts) {
            p.line = count;
            count += p.gone ? 0 : p.shape.edgeCount();
        }
        ends = new float[count * 24];
        corners = new short[count * 16];
        indices = new int[count * 6];
        for (int i = 0; i < count; i++) {
            int v = i * 4;
            int to = i * 6;
            indices[to] = indices[to + 3] = v;
            indices[to + 1] = v + 1;
            indices[to + 2] = indices[to + 4] = v + 2;
            indices[to + 5] = v + 3;
        }
        for (Part p : batch.parts) {
            if (!p.gone) {
                bake(p);
            }
        }
    }

    void bake(Part p) {
        int n = p.shape.edgeCount();
        for (int e = 0; e < n; e++) {
            int a = (p.vertex + p.shape.edgeStart(e)) * 3;
            int b = (p.vertex + p.shape.edgeEnd(e)) * 3;
            for (int k = 0; k < 4; k++) {
                int corner = (p.line + e) * 4 + k;
                for (int c = 0; c < 3; c++) {
                    ends[corner * 6 + c] = batch.positions[a + c];
                    ends[corner * 6 + 3 + c] = batch.positions[b + c];
                }
                corners[corner * 4] = (short) (k >> 1);
                corners[corner * 4 + 1] = (short) (k == 1 || k == 2 ? 1 : -1);
                corners[corner * 4 + 2] = e < p.shape.strongEdges() ? MeshEdges.STRONG : MeshEdges.PLAIN;
                corners[corner * 4 + 3] = (short) p.slot;
            }
        }
        batch.dirty.add(Dirty.LINES, p.line, p.line + n);
    }
}
