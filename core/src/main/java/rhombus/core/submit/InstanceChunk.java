package rhombus.core.submit;

import java.util.Arrays;
import java.util.List;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.DisplayOverride;
import rhombus.core.scene.Scene;

/** Instances that lie near each other, so that they can be left out or drawn coarsely together. */
final class InstanceChunk {
    /** Instances of a chunk at most. */
    static final int MOST = 128;
    /** Cells along each side of the box round all of them. */
    private static final int CELLS = 1023;

    final int from;
    final int to;
    Aabb box = Aabb.EMPTY;
    int shown;
    /** How all of those shown are drawn, if there is one such way for them. */
    DisplayOverride way = DisplayOverride.USUAL;
    /** Of those shown, the one that its node makes largest; null where none is shown. */
    BatchPart largest;

    private InstanceChunk(int from, int to) {
        this.from = from;
        this.to = to;
    }

    /** Puts parts into an order in which neighbours follow each other, and cuts that into chunks. */
    static InstanceChunk[] of(List<BatchPart> parts, Scene scene) {
        Aabb all = Aabb.EMPTY;
        for (BatchPart p : parts) {
            all = all.union(scene.coarseBounds(p.node));
        }
        // A Morton code (G. M. Morton, 1966) and the place in the list in one number.
        double[] keys = new double[parts.size()];
        for (int i = 0; i < keys.length; i++) {
            Vec3 c = scene.coarseBounds(parts.get(i).node).center().minus(all.min());
            double code = 0;
            int x = cell(c.x(), all.size().x());
            int y = cell(c.y(), all.size().y());
            int z = cell(c.z(), all.size().z());
            for (int bit = 9; bit >= 0; bit--) {
                code = code * 8 + (x >> bit & 1) + 2 * (y >> bit & 1) + 4 * (z >> bit & 1);
            }
            keys[i] = code * keys.length + i;
        }
        Arrays.sort(keys);
        BatchPart[] sorted = new BatchPart[keys.length];
        for (int i = 0; i < keys.length; i++) {
            sorted[i] = parts.get((int) (keys[i] % keys.length));
        }
        for (int i = 0; i < sorted.length; i++) {
            sorted[i].slot = i;
            parts.set(i, sorted[i]);
        }
        InstanceChunk[] out = new InstanceChunk[(sorted.length + MOST - 1) / MOST];
        for (int i = 0; i < out.length; i++) {
            out[i] = new InstanceChunk(i * MOST, Math.min(sorted.length, (i + 1) * MOST));
            out[i].look(parts, scene);
        }
        return out;
    }

    private static int cell(double at, double size) {
        return size > 0 ? (int) Math.min(CELLS, Math.max(0, at / size * CELLS)) : 0;
    }

    /** Takes over where its parts are and which are shown. */
    void look(List<BatchPart> parts, Scene scene) {
        box = Aabb.EMPTY;
        shown = 0;
        largest = null;
        way = null;
        for (int i = from; i < to; i++) {
            BatchPart p = parts.get(i);
            if (!p.gone && scene.shown(p.node)) {
                box = box.union(scene.coarseBounds(p.node));
                shown++;
                DisplayOverride own = scene.way(p.node);
                way = way == null || way == own ? own : DisplayOverride.USUAL;
                if (largest == null || p.scale > largest.scale) {
                    largest = p;
                }
            }
        }
        way = way == null ? DisplayOverride.USUAL : way;
    }
}
