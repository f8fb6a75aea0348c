package rhombus.core.page;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.habits.AllHabits;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.paint.BatchForm;
import rhombus.core.submit.DetailEasing;
import rhombus.core.submit.DrawBatch;
import rhombus.core.submit.DrawBatches;
import rhombus.core.submit.DrawSubmission;
import rhombus.core.submit.PendingViewports;

/** The meshes of the scene in batches as the painter sends them to the graphics card, and which ranges of these a picture needs. */
public final class BatchReader {
    private final Stage stage;
    private final MeshReader meshes;
    private DrawBatches batches;
    private DrawSubmission submission;
    private final DetailEasing easing = new DetailEasing();
    /** Whether what is drawn moves, so that layers of surfaces are not put in order. */
    private boolean quick;

    private final PendingViewports unfinished = new PendingViewports();

    BatchReader(Stage stage, MeshReader meshes) {
        this.stage = stage;
        this.meshes = meshes;
        meshes.onGeometry = () -> batches.geometryCame();
        open();
    }

    /** Another scene is open. */
    void open() {
        batches = new DrawBatches(meshes::attributes, meshes::sides);
        submission = new DrawSubmission(batches);
    }

    /** Takes over which nodes are made of which meshes now. */
    @PageCall
    public void arrange() {
        batches.sync(stage.scene());
    }

    /** All batches with what they are made of. */
    @PageCall
    public List<BatchForm> batches() {
        List<BatchForm> out = new ArrayList<>();
        for (DrawBatch b : batches.list()) {
            out.add(new BatchForm(
                    b.number,
                    b.sort.name().toLowerCase(),
                    b.mesh,
                    b.sort == DrawBatch.Sort.OWN ? b.node(0) : -1,
                    b.layer(),
                    b.generation()));
        }
        return out;
    }

    /** How many batches there are. */
    @PageCall
    public int count() {
        return batches.list().size();
    }

    /** How many chunks a crowd has. */
    @PageCall
    public int chunks(int batch) {
        return batches.list().get(batch).chunks();
    }

    /** The nodes of a chunk of a crowd that are shown. */
    @PageCall
    public int[] nodes(int batch, int chunk) {
        return batches.list().get(batch).chunkNodes(chunk, stage.scene());
    }

    /** Nodes of a crowd that are ghosts while others are isolated. */
    @PageCall
    public int[] ghosts(int batch) {
        return batches.list().get(batch).dimmedNodes(stage.scene());
    }

    /** Numbers of a merged batch by the name of the buffer; null for what it does not have. */
    @PageCall
    @OrNull
    public float[] floats(int batch, String name) {
        return batches.floats(batch, name);
    }

    /** The same for buffers of 16-bit numbers. */
    @PageCall
    @OrNull
    public short[] shorts(int batch, String name) {
        return batches.shorts(batch, name);
    }

    /** A byte for each corner of a merged batch, which marks the sides that are edges. */
    @PageCall
    public byte[] marks(int batch) {
        return batches.marks(batch);
    }

    /** Indices of a level of a merged batch, or of its lines for -1. */
    @PageCall
    public int[] indices(int batch, int level) {
        return batches.indices(batch, level);
    }

    /**
     * For each batch that was written to since this was last asked: its number, then from where to where, for vertices, indices,
     * parts, corners and lines.
     */
    @PageCall
    public int[] takeDirty() {
        return batches.takeDirty();
    }

    /** Nodes have moved. */
    @PageCall
    public void moved(int[] nodes) {
        List<Integer> some = new ArrayList<>();
        for (int n : nodes) {
            some.add(n);
        }
        batches.moved(stage.scene(), some);
    }

    /** Something else is selected. */
    @PageCall
    public void selected() {
        batches.select(stage.contents().selectedNodes(false), stage.contents().selectedNodes(true));
    }

    /**
     * What a picture needs: runs of batch, form (0 surface, 1 with edges, 2 lines, 3 lines of what is selected, 4 mask, 5 points),
     * level, first range and number of ranges.
     *
     * @param matrices view matrix and projection matrix, 16 numbers each
     * @param view whose look it takes where no other is named; -1 for plain shading
     * @param height of the picture, CSS pixels
     * @param eased whether detail may be left out while views move
     * @param look id of another look, or empty
     */
    @PageCall
    public int[] plan(double[] matrices, int view, double height, boolean eased, String look) {
        DrawSubmission.Wish wish =
                view < 0 ? DrawSubmission.Wish.SURFACES : stage.paint().wish(view, look);
        boolean less = eased && easing.active();
        // A part with another look says nothing of the whole.
        if (eased && look.isEmpty()) {
            unfinished.drawn(view, !less && !(quick && wish.through()));
        }
        submission.plan(
                stage.scene(),
                matrices,
                view < 0 ? null : stage.paint().screen(view, height),
                height,
                wish,
                less ? easing.detail() : DrawSubmission.Detail.FULL);
        return submission.runs();
    }

    /**
     * A frame begins that was asked for at some time.
     *
     * @return pixels to draw for each of the picture, along each side
     */
    @PageCall
    public double frame(double time, double asked) {
        boolean finishing = unfinished.takeFinishing();
        boolean whole = finishing || !stage.habits().on(AllHabits.EASING);
        quick = stage.moving() && !finishing;
        easing.frame(time, asked, stage.moving() && !whole);
        return easing.scale();
    }

    /** The picture of a view in full took so long until it was there, milliseconds. */
    @PageCall
    public void tookInFull(double ms) {
        easing.full(ms);
    }

    /** Whether this frame is of a motion: what takes long is left for the rest after it. */
    @PageCall
    public boolean quick() {
        return quick;
    }

    /** What is left out in what was drawn last, in words; empty for nothing. */
    @PageCall
    public String eased() {
        return easing.words();
    }

    /** Milliseconds after which views that were drawn with less detail are to be drawn in full; -1 where there are none. */
    @PageCall
    public double finishIn() {
        return unfinished.in(stage.moving());
    }

    /** A mark within a view has moved that is not worth a frame of its own while something moves. */
    @PageCall
    public void owe(int view) {
        unfinished.owe(view);
    }

    /** Views that were drawn with less detail are drawn in full with the next frame. */
    @PageCall
    public void finish() {
        unfinished.finish().forEach(v -> stage.changes().view(v));
    }

    /** Where each range starts: bytes into the indices, vertices, or the number of a chunk. */
    @PageCall
    public int[] starts() {
        return submission.starts();
    }

    /** How many indices or vertices each range holds. */
    @PageCall
    public int[] counts() {
        return submission.counts();
    }

    /** For each batch three numbers and three: where its origin lies from the eye, and what these lack. */
    @PageCall
    public float[] offsets() {
        return submission.offsets();
    }

    /** The part of a picture of some pixels in which what is selected lies, with room about it: left, low, width and height. */
    @PageCall
    public double[] masked(double width, double height, double room) {
        return submission.masked(width, height, room);
    }

    /** Whether everything that was wished for is there. */
    @PageCall
    public boolean complete() {
        return submission.complete();
    }
}
