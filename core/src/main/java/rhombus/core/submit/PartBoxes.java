package rhombus.core.submit;

import rhombus.core.geometry.BoxEdges;
import rhombus.core.geometry.MeshEdges;

/** A box for each part of a merged batch, along the axes of its mesh. */
final class PartBoxes {
    /** Lines of a box. */
    static final int LINES = BoxEdges.COUNT;

    final LineQuads quads;
    private final DrawBatch batch;

    PartBoxes(DrawBatch batch) {
        this.batch = batch;
        quads = new LineQuads(batch.points.length / 4 * LINES);
        for (BatchPart p : batch.parts) {
            if (!p.gone) {
                bake(p);
            }
        }
    }

    void bake(BatchPart p) {
        float[] corners = BoxEdges.corners(p.shape.bounds(), p.world, batch.origin);
        int first = p.slot * LINES;
        for (int e = 0; e < LINES; e++) {
            quads.put(first + e, corners, BoxEdges.from(e), BoxEdges.to(e), MeshEdges.STRONG, p.slot);
        }
        batch.dirty.add(DirtyRange.BOXES, first, first + LINES);
    }
}
