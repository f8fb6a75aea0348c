package rhombus.web;

import java.util.ArrayList;
import java.util.List;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int16Array;
import org.teavm.jso.typedarrays.Int32Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.core.habits.AllHabits;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.BatchForm;
import rhombus.core.submit.DetailEasing;
import rhombus.core.submit.DrawBatch;
import rhombus.core.submit.DrawBatches;
import rhombus.core.submit.DrawSubmission;
import rhombus.core.submit.PendingViewports;

/** The door for what is sent to the graphics card. */
final class SubmitDoor implements SubmitApi {
    private final Stage stage;
    private final DrawDoor draw;
    private DrawBatches batches;
    private DrawSubmission submission;
    private final DetailEasing easing = new DetailEasing();
    /** Whether what is drawn moves, so that layers of surfaces are not put in order. */
    private boolean quick;

    private final PendingViewports unfinished = new PendingViewports();

    SubmitDoor(Stage stage, DrawDoor draw) {
        this.stage = stage;
        this.draw = draw;
        draw.onGeometry = () -> batches.geometryCame();
        open();
    }

    /** Another scene is open. */
    void open() {
        batches = new DrawBatches(draw::skin, draw::marksOf);
        submission = new DrawSubmission(batches);
    }

    @Override
    public void arrange() {
        batches.sync(stage.scene());
    }

    @Override
    public JSObject batches() {
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
        return Js.list(out, Told::of);
    }

    @Override
    public int count() {
        return batches.list().size();
    }

    @Override
    public int chunks(int batch) {
        return batches.list().get(batch).chunks();
    }

    @Override
    public Int32Array nodes(int batch, int chunk) {
        return Int32Array.fromJavaArray(batches.list().get(batch).chunkNodes(chunk, stage.scene()));
    }

    @Override
    public Int32Array ghosts(int batch) {
        return Int32Array.fromJavaArray(batches.list().get(batch).dimmedNodes(stage.scene()));
    }

    @Override
    public Float32Array floats(int batch, String name) {
        float[] f = batches.floats(batch, name);
        return f == null ? null : Float32Array.fromJavaArray(f);
    }

    @Override
    public Int16Array shorts(int batch, String name) {
        short[] f = batches.shorts(batch, name);
        return f == null ? null : Int16Array.fromJavaArray(f);
    }

    @Override
    public Int8Array marks(int batch) {
        return Int8Array.fromJavaArray(batches.marks(batch));
    }

    @Override
    public Int32Array indices(int batch, int level) {
        return Int32Array.fromJavaArray(batches.indices(batch, level));
    }

    @Override
    public Int32Array takeDirty() {
        return Int32Array.fromJavaArray(batches.takeDirty());
    }

    @Override
    public void moved(Int32Array nodes) {
        List<Integer> some = new ArrayList<>();
        for (int n : nodes.toJavaArray()) {
            some.add(n);
        }
        batches.moved(stage.scene(), some);
    }

    @Override
    public void selected() {
        batches.select(stage.snapshots().selectedNodes(false), stage.snapshots().selectedNodes(true));
    }

    @Override
    public Int32Array plan(Float64Array matrices, int view, double height, boolean eased, String look) {
        DrawSubmission.Wish wish =
                view < 0 ? DrawSubmission.Wish.SURFACES : stage.snapshots().wish(view, look);
        boolean less = eased && easing.active();
        // A part with another look says nothing of the whole.
        if (eased && look.isEmpty()) {
            unfinished.drawn(view, !less && !(quick && wish.through()));
        }
        submission.plan(
                stage.scene(),
                matrices.toJavaArray(),
                view < 0 ? null : stage.snapshots().screen(view, height),
                height,
                wish,
                less ? easing.detail() : DrawSubmission.Detail.FULL);
        return Int32Array.fromJavaArray(submission.runs());
    }

    @Override
    public double frame(double time, double asked) {
        boolean finishing = unfinished.takeFinishing();
        boolean whole = finishing || !stage.habits().on(AllHabits.EASING);
        quick = stage.moving() && !finishing;
        easing.frame(time, asked, stage.moving() && !whole);
        return easing.scale();
    }

    @Override
    public void tookInFull(double ms) {
        easing.full(ms);
    }

    @Override
    public boolean quick() {
        return quick;
    }

    @Override
    public String eased() {
        return easing.words();
    }

    @Override
    public double finishIn() {
        return unfinished.in(stage.moving());
    }

    @Override
    public void owe(int view) {
        unfinished.owe(view);
    }

    @Override
    public void finish() {
        unfinished.finish().forEach(v -> stage.changes().view(v));
    }

    @Override
    public Int32Array starts() {
        return Int32Array.fromJavaArray(submission.starts());
    }

    @Override
    public Int32Array counts() {
        return Int32Array.fromJavaArray(submission.counts());
    }

    @Override
    public Float32Array offsets() {
        return Float32Array.fromJavaArray(submission.offsets());
    }

    @Override
    public Float64Array masked(double width, double height, double room) {
        return Float64Array.fromJavaArray(submission.masked(width, height, room));
    }

    @Override
    public boolean complete() {
        return submission.complete();
    }
}
