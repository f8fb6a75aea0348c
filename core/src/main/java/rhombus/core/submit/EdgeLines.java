package rhombus.core.submit;

import rhombus.core.geometry.MeshEdges;

/** The modelled edges of a merged batch. */
final class EdgeLines {
    final LineQuads quads;
    private final DrawBatch batch;

    EdgeLines(DrawBatch batch) {
        this.batch = batch;
        int count = 0;
        for (BatchPart p : batch.parts) {
            p.line = count;
            count += p.gone ? 0 : p.shape.edgeCount();
        }
        quads = new LineQuads(count);
        for (BatchPart p : batch.parts) {
            if (!p.gone) {
                bake(p);
            }
        }
    }

    void bake(BatchPart p) {
        int n = p.shape.edgeCount();
        for (int e = 0; e < n; e++) {
            int strength = p.shape.isStrokes()
                    ? colored(p, p.shape.edgeStart(e))
                    : e < p.shape.strongEdges() ? MeshEdges.STRONG : MeshEdges.PLAIN;
            int a = p.vertex + p.shape.edgeStart(e);
            int b = p.vertex + p.shape.edgeEnd(e);
            quads.put(p.line + e, batch.positions, a, b, strength, p.slot);
        }
        batch.dirty.add(DirtyRange.LINES, p.line, p.line + n);
    }

    /** A stroke has the colour of the vertex where it starts, times that of its material. */
    private static int colored(BatchPart p, int vertex) {
        double[] base = p.skin.color();
        float[] own = p.skin.colors();
        return own == null
                ? LineQuads.colored(base[0], base[1], base[2])
                : LineQuads.colored(
                        base[0] * own[vertex * 4], base[1] * own[vertex * 4 + 1], base[2] * own[vertex * 4 + 2]);
    }
}
