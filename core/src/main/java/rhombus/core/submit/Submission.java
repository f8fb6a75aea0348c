package rhombus.core.submit;

import java.util.Arrays;
import rhombus.core.display.DisplayMode;
import rhombus.core.display.EdgeThinning;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.view.Screen;

/**
 * What a picture needs of the batches: runs, each a form of a batch with ranges of its buffers. Only what may be seen is in it, and
 * neighbours in a buffer are one range.
 */
public final class Submission {
    /** Filled triangles. */
    public static final int SURFACE = 0;
    /** Filled triangles with edges on them. */
    public static final int EDGED = 1;
    /** Lines. */
    public static final int LINES = 2;
    /** Lines of what is selected, over the others. */
    public static final int PICKED = 3;
    /** Filled triangles of what is selected, for its outline. */
    public static final int MASK = 4;

    private static final int FORMS = 5;
    /** Numbers of a run: batch, form, level, first range, number of ranges. */
    public static final int RUN = 5;

    /** How a picture draws. */
    public record Wish(boolean surfaces, DisplayMode.Edging edging, boolean outline) {
        /** What a way of drawing wants. */
        public static Wish of(DisplayMode mode, boolean outline) {
            return new Wish(mode.surfaces(), mode.edging(), outline);
        }
    }

    private final Batches batches;
    private final Ranges[] ranges = new Ranges[FORMS * (Batch.LEVELS + 1)];
    private int[] runs = new int[64];
    private int runCount;
    private final Ranges all = new Ranges();
    private float[] offsets = new float[0];
    private boolean complete;

    /** Submissions of some batches. */
    public Submission(Batches batches) {
        this.batches = batches;
        for (int i = 0; i < ranges.length; i++) {
            ranges[i] = new Ranges();
        }
    }

    /**
     * Works out what a picture needs.
     *
     * @param matrices view matrix and projection matrix, column-major
     * @param screen of the viewport whose edges are drawn; null where no edges are wanted
     * @param height of the picture, pixels
     * @param tolerance how far from its place a surface may be, pixels; 0 for exactly where it is
     */
    public void plan(Scene scene, double[] matrices, Screen screen, double height, Wish wish, double tolerance) {
        runCount = 0;
        all.clear();
        complete = true;
        Frustum frustum = new Frustum(matrices, height);
        if (offsets.length < batches.list().size() * 6) {
            offsets = new float[batches.list().size() * 6];
        }
        for (Batch b : batches.list()) {
            if (b.sort == Batch.Sort.CROWD) {
                crowd(b, scene, frustum, screen, wish, tolerance);
            } else {
                parts(b, scene, frustum, screen, wish, tolerance);
            }
            finish(b, frustum.eye());
        }
    }

    private void parts(Batch b, Scene scene, Frustum f, Screen screen, Wish wish, double tolerance) {
        for (int i = 0; i < b.parts.size(); i++) {
            Part p = b.parts.get(i);
            if (p.gone || !scene.shown(p.node)) {
                continue;
            }
            Aabb box = scene.bounds(p.node);
            if (!f.shows(box)) {
                continue;
            }
            if (wish.surfaces) {
                surface(p, f, box, screen, wish, tolerance);
            }
            if (wish.edging == DisplayMode.Edging.LINES) {
                lines(p, box, screen);
            }
            if (wish.outline && p.selected) {
                ranges(MASK, 0).add(p.corner * 4, p.corners(), 4);
            }
        }
    }

    private void surface(Part p, Frustum f, Aabb box, Screen screen, Wish wish, double tolerance) {
        if (wish.edging == DisplayMode.Edging.ON_SURFACE
                && EdgeThinning.showOnSurface(EdgeThinning.area(screen, box), p.shape.triangleCount())) {
            if (p.shape.hasEdges()) {
                ranges(EDGED, 0).add(p.corner, p.corners(), 1);
                return;
            }
            complete = false;
        }
        int level = level(p, tolerance == 0 ? 0 : f.metresPerPixel(box) * tolerance);
        if (level == 0) {
            ranges(SURFACE, 0).add(p.corner * 4, p.corners(), 4);
        } else if (p.batch.sort == Batch.Sort.OWN) {
            ranges(SURFACE, level).add(0, p.level(level).length, 4);
        } else {
            p.batch.level(level);
            ranges(SURFACE, level).add(p.coarse[level - 1] * 4, p.level(level).length, 4);
        }
    }

    /** The coarsest level that lies within some metres of the full surface. */
    private static int level(Part p, double metres) {
        int level = 0;
        while (level < p.shape.levels().size() && p.shape.levels().get(level).bound() * p.scale <= metres) {
            level++;
        }
        return level;
    }

    private void lines(Part p, Aabb box, Screen screen) {
        if (!p.shape.hasEdges()) {
            complete = false;
            return;
        }
        int count = EdgeThinning.count(EdgeThinning.room(screen, box), p.shape.edgeCount());
        int first = p.batch.sort == Batch.Sort.MERGED ? p.line * 24 : 0;
        if (p.batch.sort == Batch.Sort.MERGED && p.batch.lines == null) {
            // Where each part's lines start is known once they are made.
            batches.indices(p.batch.number, -1);
            first = p.line * 24;
        }
        ranges(p.selected ? PICKED : LINES, 0).add(first, count * 6, 4);
    }

    /** Instances are drawn all in the same way; how many edges each has goes by one that stands at the focus. */
    private void crowd(Batch b, Scene scene, Frustum f, Screen screen, Wish wish, double tolerance) {
        double metres = Double.POSITIVE_INFINITY;
        Part any = null;
        boolean picked = false;
        for (int i = 0; i < b.parts.size(); i++) {
            Part p = b.parts.get(i);
            if (p.gone || !scene.shown(p.node)) {
                continue;
            }
            any = p;
            picked |= p.selected;
            if (tolerance > 0 && !p.shape.levels().isEmpty()) {
                Aabb box = scene.bounds(p.node);
                metres = f.shows(box) ? Math.min(metres, f.metresPerPixel(box) * tolerance) : metres;
            }
        }
        if (any == null) {
            return;
        }
        double side = screen == null
                ? 0
                : any.shape.bounds().radius()
                        * 2
                        / screen.metresPerPixel(screen.pose().focus());
        if (wish.surfaces) {
            boolean edged = wish.edging == DisplayMode.Edging.ON_SURFACE
                    && EdgeThinning.showOnSurface(side * side, any.shape.triangleCount());
            complete &= !edged || any.shape.hasEdges();
            if (edged && any.shape.hasEdges()) {
                ranges(EDGED, 0).add(0, any.corners(), 4);
            } else {
                int level = tolerance == 0 ? 0 : level(any, metres);
                int[] t = level == 0 ? any.shape.triangles() : any.level(level);
                ranges(SURFACE, level).add(0, t.length, 4);
            }
        }
        if (wish.edging == DisplayMode.Edging.LINES) {
            complete &= any.shape.hasEdges();
            if (any.shape.hasEdges()) {
                ranges(LINES, 0).add(0, EdgeThinning.count(side * side + 8 * side, any.shape.edgeCount()) * 6, 4);
            }
        }
        if (wish.outline && picked) {
            ranges(MASK, 0).add(0, any.corners(), 4);
        }
    }

    private Ranges ranges(int form, int level) {
        return ranges[form * (Batch.LEVELS + 1) + level];
    }

    /** Takes over what was gathered of a batch. */
    private void finish(Batch b, Vec3 eye) {
        Vec3 away = b.origin.minus(eye);
        for (int k = 0; k < 3; k++) {
            float high = (float) away.get(k);
            offsets[b.number * 6 + k] = high;
            offsets[b.number * 6 + 3 + k] = (float) (away.get(k) - high);
        }
        for (int i = 0; i < ranges.length; i++) {
            Ranges r = ranges[i];
            if (r.count == 0) {
                continue;
            }
            if ((runCount + 1) * RUN > runs.length) {
                runs = Arrays.copyOf(runs, runs.length * 2);
            }
            int at = runCount++ * RUN;
            runs[at] = b.number;
            runs[at + 1] = i / (Batch.LEVELS + 1);
            runs[at + 2] = i % (Batch.LEVELS + 1);
            runs[at + 3] = all.count;
            runs[at + 4] = r.count;
            all.append(r);
            r.clear();
        }
    }

    /** The runs, {@link #RUN} numbers each. */
    public int[] runs() {
        return Arrays.copyOf(runs, runCount * RUN);
    }

    /** Where each range starts: bytes into the indices, or vertices where corners stand by themselves. */
    public int[] starts() {
        return all.starts;
    }

    /** How many indices or vertices each range holds. */
    public int[] counts() {
        return all.counts;
    }

    /**
     * For each batch where its origin lies from the eye, metres: three numbers, and three for what these lack. Added one after the
     * other to a position in the batch they give the place relative to the eye without the noise that one large number would have.
     */
    public float[] offsets() {
        return offsets;
    }

    /** Whether everything that was wished for is there. */
    public boolean complete() {
        return complete;
    }

    /** A growing list of ranges. */
    private static final class Ranges {
        private int[] starts = new int[16];
        private int[] counts = new int[16];
        private int count;

        void clear() {
            count = 0;
        }

        /** Adds a range; one that begins where the last one ends makes that longer. */
        void add(int start, int length, int unit) {
            if (length == 0) {
                return;
            }
            if (count > 0 && starts[count - 1] + counts[count - 1] * unit == start) {
                counts[count - 1] += length;
                return;
            }
            room(count + 1);
            starts[count] = start;
            counts[count++] = length;
        }

        void append(Ranges r) {
            room(count + r.count);
            System.arraycopy(r.starts, 0, starts, count, r.count);
            System.arraycopy(r.counts, 0, counts, count, r.count);
            count += r.count;
        }

        private void room(int wanted) {
            if (wanted > starts.length) {
                starts = Arrays.copyOf(starts, Math.max(wanted, starts.length * 2));
                counts = Arrays.copyOf(counts, starts.length);
            }
        }
    }
}
