package rhombus.core.submit;

import java.util.Arrays;
import rhombus.core.display.EdgeThinning;
import rhombus.core.display.LineCoverage;
import rhombus.core.display.Look;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.DisplayOverride;
import rhombus.core.scene.Scene;
import rhombus.core.view.Screen;

/**
 * What a picture needs of the batches: runs, each a form of a batch with ranges of its buffers. Only what may be seen is in it, and
 * neighbours in a buffer are one range.
 */
public final class DrawSubmission {
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

    /** Squares as large as what they stand for. */
    public static final int POINTS = 5;

    /** A box for each object, as lines. */
    public static final int BOXES = 6;
    /** Those of what is selected, over the others. */
    public static final int PICKED_BOXES = 7;
    /** Lines that are seen faintly through everything. */
    public static final int FAINT = 8;
    /** Filled triangles that let through what lies behind them, drawn after all others. */
    public static final int VEIL = 9;
    /** Filled triangles of what is not isolated, hardly seen. */
    public static final int GHOST = 10;

    /** So many lines of an object are drawn however crowded it is: a box, a board, a beam. */
    private static final int FEW = 40;

    private static final int FORMS = 11;
    /** Numbers of a run: batch, form, level, first range, number of ranges. */
    public static final int RUN = 5;

    /**
     * How a picture draws.
     *
     * @param surfaces whether surfaces are filled
     * @param edging how edges are drawn
     * @param boxes whether a box stands for each object
     * @param through whether surfaces let through what lies behind them
     * @param outline whether what is selected is outlined
     * @param ways whether objects are drawn in ways of their own
     * @param ghosts whether what is not isolated is hardly seen, and not left out
     */
    public record Wish(
            boolean surfaces,
            Look.Edging edging,
            boolean boxes,
            boolean through,
            boolean outline,
            boolean ways,
            boolean ghosts) {
        /** Surfaces alone. */
        public static final Wish SURFACES = new Wish(true, Look.Edging.NONE, false, false, false, false, false);
        /** Nothing. */
        public static final Wish NOTHING = new Wish(false, Look.Edging.NONE, false, false, false, false, false);

        /** What a look wants. */
        public static Wish of(Look look, boolean outline, boolean ways, boolean ghosts) {
            return new Wish(look.surfaces(), look.edging(), look.boxes(), look.through(), outline, ways, ghosts);
        }

        /** What a way of its own makes of an object: less than the others have, never more. */
        DisplayOverride own(DisplayOverride way, boolean selected) {
            DisplayOverride now = ways && !boxes ? way.now(selected) : DisplayOverride.USUAL;
            if (now == DisplayOverride.TRANSLUCENT && edging.hides()) {
                // Of surfaces that only hide nothing is left when they do not.
                return DisplayOverride.WIRE;
            }
            return now == DisplayOverride.WIRE && !surfaces
                            || now == DisplayOverride.TRANSLUCENT && (!surfaces || through)
                    ? DisplayOverride.USUAL
                    : now;
        }

        /** Whether anything is drawn at all. */
        public boolean anything() {
            return surfaces || boxes || lines();
        }

        /** Whether any lines are drawn: beside those that are wished for they stand in for edges on surfaces that are not filled. */
        boolean lines() {
            return edging.lines() || edging.faint() || wire();
        }

        /** Whether edges on surfaces are drawn, and nothing else of these. */
        boolean wire() {
            return edging.onSurface() && !surfaces;
        }
    }

    /**
     * How exactly it draws.
     *
     * @param tolerance how far from its place a surface may be, pixels; 0 for exactly where it is
     * @param small what is smaller on the screen, pixels, is drawn as a square of its size; 0 for nothing
     * @param lines part of the lines that is drawn
     */
    public record Detail(double tolerance, double small, double lines) {
        /** Everything as it is. */
        public static final Detail FULL = new Detail(0, 0, 1);
    }

    private final DrawBatches batches;
    private final Ranges[] ranges = new Ranges[FORMS * (DrawBatch.LEVELS + 1)];
    private int[] runs = new int[64];
    private int runCount;
    private final Ranges all = new Ranges();
    private float[] offsets = new float[0];
    private final double[] masked = new double[4];
    private boolean complete;
    private LineCoverage crowding;
    private Detail detail = Detail.FULL;

    /** Submissions of some batches. */
    public DrawSubmission(DrawBatches batches) {
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
     */
    public void plan(Scene scene, double[] matrices, Screen screen, double height, Wish wish, Detail detail) {
        this.detail = detail;
        runCount = 0;
        all.clear();
        complete = true;
        Arrays.fill(masked, 0, 2, 1);
        Arrays.fill(masked, 2, 4, -1);
        ViewFrustum frustum = new ViewFrustum(matrices, height);
        if (offsets.length < batches.list().size() * 6) {
            offsets = new float[batches.list().size() * 6];
        }
        crowding = wish.lines() && screen != null ? crowding(scene, frustum, screen) : null;
        for (DrawBatch b : batches.list()) {
            if (b.sort == DrawBatch.Sort.CROWD) {
                crowd(b, scene, frustum, screen, wish);
            } else {
                parts(b, scene, frustum, screen, wish);
            }
            finish(b, frustum.eye());
        }
    }

    /** What all parts that are seen and not selected would cover. */
    private LineCoverage crowding(Scene scene, ViewFrustum f, Screen screen) {
        LineCoverage out = new LineCoverage(screen);
        for (DrawBatch b : batches.list()) {
            for (int i = 0; b.sort != DrawBatch.Sort.CROWD && i < b.parts.size(); i++) {
                BatchPart p = b.parts.get(i);
                if (p.gone || p.selected || p.shape.isStrokes() || !p.shape.hasEdges() || !scene.shown(p.node)) {
                    continue;
                }
                Aabb box = scene.coarseBounds(p.node);
                if (f.shows(box)) {
                    int count = EdgeThinning.count(EdgeThinning.room(screen, box), p.shape.edgeCount());
                    out.add(box, count * EdgeThinning.length(screen, box, edgeLength(p, box)));
                }
            }
        }
        return out;
    }

    private void parts(DrawBatch b, Scene scene, ViewFrustum f, Screen screen, Wish wish) {
        for (int i = 0; i < b.parts.size(); i++) {
            BatchPart p = b.parts.get(i);
            boolean ghost = wish.ghosts && scene.dimmed(p.node);
            if (p.gone || !scene.shown(p.node) && !ghost) {
                continue;
            }
            Aabb box = scene.coarseBounds(p.node);
            if (!f.shows(box)) {
                continue;
            }
            if (p.shape.isStrokes()) {
                if (wish.anything()) {
                    strokes(p, wish.boxes, ghost);
                }
                continue;
            }
            if (ghost) {
                ranges(GHOST, 0).add(p.corner * 4, p.corners(), 4);
                continue;
            }
            DisplayOverride own = wish.own(scene.way(p.node), p.selected);
            if (wish.outline && p.selected) {
                ranges(MASK, 0).add(p.corner * 4, p.corners(), 4);
                f.cover(box, masked);
            }
            if (own != DisplayOverride.USUAL) {
                inItsWay(own, p, box, screen, wish.edging.onSurface());
                continue;
            }
            boolean edged = (wish.surfaces || wish.wire()) && surface(p, f, box, screen, wish);
            // What is selected stands out in lines of its own.
            if (wish.edging.lines() || wish.wire() && (!edged || p.selected)) {
                lines(p, box, screen, p.selected ? PICKED : LINES);
            }
            if (wish.edging.faint()) {
                lines(p, box, screen, FAINT);
            }
            if (wish.boxes) {
                box(p);
            }
        }
    }

    /** Lines and points of a file are drawn in every look. */
    private void strokes(BatchPart p, boolean asBox, boolean ghost) {
        if (asBox && !ghost) {
            box(p);
        } else if (!p.shape.hasEdges()) {
            complete = false;
        } else {
            ranges(ghost ? FAINT : p.selected ? PICKED : LINES, 0)
                    .add(firstLine(p), thinned(p.shape.edgeCount()) * LineQuads.INDICES, 4);
        }
    }

    /** Where in its batch's indices a part's lines start, bytes. */
    private int firstLine(BatchPart p) {
        if (p.batch.sort != DrawBatch.Sort.MERGED) {
            return 0;
        }
        if (p.batch.lines == null) {
            // Where each part's lines start is known once they are made.
            batches.indices(p.batch.number, -1);
        }
        return p.line * LineQuads.INDICES * 4;
    }

    private void box(BatchPart p) {
        int first = p.batch.sort == DrawBatch.Sort.MERGED ? p.slot * PartBoxes.LINES * LineQuads.INDICES * 4 : 0;
        ranges(p.selected ? PICKED_BOXES : BOXES, 0).add(first, PartBoxes.LINES * LineQuads.INDICES, 4);
    }

    private void inItsWay(DisplayOverride own, BatchPart p, Aabb box, Screen screen, boolean edged) {
        if (own == DisplayOverride.BOX) {
            box(p);
        }
        if (own == DisplayOverride.TRANSLUCENT) {
            ranges(VEIL, 0).add(p.corner * 4, p.corners(), 4);
        }
        if (screen != null && (own == DisplayOverride.WIRE || own == DisplayOverride.TRANSLUCENT && edged)) {
            lines(p, box, screen, p.selected ? PICKED : LINES);
        }
    }

    /** Gives whether it is drawn with edges on it. */
    private boolean surface(BatchPart p, ViewFrustum f, Aabb box, Screen screen, Wish wish) {
        boolean eased = detail.tolerance > 0 || detail.small > 0;
        double metres = eased ? f.metresPerPixel(box) : 0;
        if (wish.surfaces && p.batch.points != null && isSmall(p, metres)) {
            ranges(POINTS, 0).add(p.slot, 1, 1);
            return true;
        }
        int level = level(p, metres * detail.tolerance);
        if (level == 0
                && wish.edging.onSurface()
                && EdgeThinning.showOnSurface(EdgeThinning.area(screen, box), p.shape.triangleCount())) {
            if (p.shape.hasEdges()) {
                ranges(EDGED, 0).add(p.corner, p.corners(), 1);
                return true;
            }
            complete = false;
        }
        if (!wish.surfaces) {
            return false;
        }
        if (level == 0) {
            ranges(SURFACE, 0).add(p.corner * 4, p.corners(), 4);
        } else if (p.batch.sort == DrawBatch.Sort.OWN) {
            ranges(SURFACE, level).add(0, p.level(level).length, 4);
        } else {
            p.batch.level(level);
            ranges(SURFACE, level).add(p.coarse[level - 1] * 4, p.level(level).length, 4);
        }
        return false;
    }

    private boolean isSmall(BatchPart p, double metresPerPixel) {
        return detail.small > 0 && p.batch.points[p.slot * 4 + 3] < detail.small * metresPerPixel;
    }

    /** The coarsest level that lies within some metres of the full surface. */
    private static int level(BatchPart p, double metres) {
        int level = 0;
        while (level < p.shape.levels().size() && p.shape.levels().get(level).bound() * p.scale <= metres) {
            level++;
        }
        return level;
    }

    private void lines(BatchPart p, Aabb box, Screen screen, int form) {
        if (!p.shape.hasEdges()) {
            complete = false;
            return;
        }
        double room = EdgeThinning.room(screen, box);
        int total = p.shape.edgeCount();
        int count = thinned(
                p.selected
                        ? EdgeThinning.countSelected(room, total, EdgeThinning.length(screen, box, edgeLength(p, box)))
                        : shared(EdgeThinning.count(room, total), box));
        ranges(form, 0).add(firstLine(p), count * LineQuads.INDICES, 4);
    }

    private int shared(int lines, Aabb box) {
        return crowding == null || lines <= FEW ? lines : Math.max(FEW, (int) Math.ceil(lines * crowding.share(box)));
    }

    /** Mean length of a part's edges, metres: as large in the world as the boxes say. */
    private static double edgeLength(BatchPart p, Aabb box) {
        double own = p.shape.bounds().radius();
        return own == 0 ? 0 : p.shape.edgeLength() * box.radius() / own;
    }

    private int thinned(int lines) {
        return (int) Math.ceil(lines * detail.lines);
    }

    /**
     * Instances, chunk by chunk: the start of a range is the number of its chunk. How many edges each has goes by one that stands at
     * the focus.
     */
    private void crowd(DrawBatch b, Scene scene, ViewFrustum f, Screen screen, Wish wish) {
        BatchPart any = b.parts.get(0);
        double side = screen == null
                ? 0
                : any.shape.bounds().radius()
                        * 2
                        / screen.metresPerPixel(screen.pose().focus());
        boolean edged = wish.edging.onSurface() && EdgeThinning.showOnSurface(side * side, any.shape.triangleCount());
        complete &= any.shape.hasEdges() || !edged && !wish.lines();
        int wires =
                any.shape.hasEdges() ? thinned(EdgeThinning.count(side * side + 8 * side, any.shape.edgeCount())) : 0;
        int lines = wish.lines() ? wires : 0;
        for (int i = 0; i < b.chunks.length; i++) {
            InstanceChunk c = b.chunks[i];
            if (c.shown == 0 || !f.shows(c.box)) {
                continue;
            }
            DisplayOverride own = wish.own(c.way, false);
            if (own != DisplayOverride.USUAL) {
                boolean veil = own == DisplayOverride.TRANSLUCENT;
                int count = veil
                        ? any.corners()
                        : own == DisplayOverride.BOX ? PartBoxes.LINES * LineQuads.INDICES : wires * LineQuads.INDICES;
                ranges(veil ? VEIL : own == DisplayOverride.BOX ? BOXES : LINES, 0)
                        .add(i, count, 0);
                continue;
            }
            double metres = f.metresPerPixel(c.box);
            // What holds for the largest holds for all.
            boolean small = wish.surfaces && isSmall(c.largest, metres);
            int level = level(c.largest, metres * detail.tolerance);
            boolean withEdges = edged && level == 0 && any.shape.hasEdges();
            if (small) {
                points(b, c, scene);
            } else if (wish.surfaces || withEdges) {
                ranges(withEdges ? EDGED : SURFACE, level)
                        .add(i, level == 0 ? any.corners() : any.level(level).length, 0);
            }
            boolean drawn = wish.edging.lines() || wish.wire() && !withEdges;
            ranges(LINES, 0).add(i, drawn ? lines * LineQuads.INDICES : 0, 0);
            ranges(FAINT, 0).add(i, wish.edging.faint() ? lines * LineQuads.INDICES : 0, 0);
            ranges(BOXES, 0).add(i, wish.boxes ? PartBoxes.LINES * LineQuads.INDICES : 0, 0);
        }
        if (wish.ghosts && scene.isolated() != null && b.dimmedNodes(scene).length > 0) {
            ranges(GHOST, 0).add(0, any.corners(), 0);
        }
        boolean picked = false;
        for (int i = 0; wish.outline && b.picked > 0 && i < b.parts.size(); i++) {
            BatchPart p = b.parts.get(i);
            if (p.selected && !p.gone && scene.shown(p.node)) {
                picked = true;
                f.cover(scene.coarseBounds(p.node), masked);
            }
        }
        if (picked) {
            ranges(MASK, 0).add(0, any.corners(), 0);
        }
    }

    private void points(DrawBatch b, InstanceChunk c, Scene scene) {
        if (c.shown == c.to - c.from) {
            ranges(POINTS, 0).add(c.from, c.to - c.from, 1);
            return;
        }
        for (int i = c.from; i < c.to; i++) {
            BatchPart p = b.parts.get(i);
            if (!p.gone && scene.shown(p.node)) {
                ranges(POINTS, 0).add(i, 1, 1);
            }
        }
    }

    private Ranges ranges(int form, int level) {
        return ranges[form * (DrawBatch.LEVELS + 1) + level];
    }

    /** Takes over what was gathered of a batch. */
    private void finish(DrawBatch b, Vec3 eye) {
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
            runs[at + 1] = i / (DrawBatch.LEVELS + 1);
            runs[at + 2] = i % (DrawBatch.LEVELS + 1);
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

    /**
     * The part of the picture in which what is selected lies, in pixels from its lower left corner: left, low, width and height; no
     * size for nothing.
     *
     * @param room about it, pixels
     */
    public double[] masked(double width, double height, double room) {
        double x = Math.max(0, Math.floor((masked[0] + 1) / 2 * width) - room);
        double y = Math.max(0, Math.floor((masked[1] + 1) / 2 * height) - room);
        double right = Math.min(width, Math.ceil((masked[2] + 1) / 2 * width) + room);
        double high = Math.min(height, Math.ceil((masked[3] + 1) / 2 * height) + room);
        boolean none = masked[2] < masked[0] || masked[3] < masked[1];
        return none ? new double[4] : new double[] {x, y, Math.max(0, right - x), Math.max(0, high - y)};
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

        /** Adds a range; one that begins where the last one ends makes that longer, unless the unit is 0. */
        void add(int start, int length, int unit) {
            if (length == 0) {
                return;
            }
            if (unit > 0 && count > 0 && starts[count - 1] + counts[count - 1] * unit == start) {
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
