package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Int32Array;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.Stage;
import rhombus.core.stage.coach.FirstStep;
import rhombus.core.stage.coach.Hint;
import rhombus.core.stage.show.Readout;
import rhombus.core.stage.show.ScreenPoint;
import rhombus.core.stage.show.ShotRow;
import rhombus.core.stage.show.Snapshots;
import rhombus.core.stage.show.ViewportSummary;

/** The door for panels. */
final class ShowDoor implements ShowApi {
    private final Stage stage;
    private final Snapshots snapshots;
    private final Map<String, String> layout;
    private final Same<ViewportSummary> frames = new Same<>(Told::of);
    private final Same<Hint> hints = new Same<>(Told::of);
    private final Same<FirstStep> firstSteps = new Same<>(Told::of);
    private Readout readout;

    ShowDoor(Stage stage, Map<String, String> layout) {
        this.stage = stage;
        snapshots = stage.snapshots();
        this.layout = layout;
    }

    @Override
    public JSObject views() {
        return Js.list(snapshots.views(), Told::of);
    }

    @Override
    public JSObject scene() {
        return Told.of(snapshots.scene());
    }

    @Override
    public JSObject objects() {
        return Js.list(snapshots.objects(), Told::of);
    }

    @Override
    public JSObject pivot(String view) {
        return Told.of(snapshots.pivot(view));
    }

    @Override
    public JSObject trail(String view) {
        return Told.of(snapshots.trail(view));
    }

    @Override
    public JSObject trailEntries(String view) {
        return Js.list(snapshots.trailEntries(view), Told::of);
    }

    @Override
    public String aloud() {
        return snapshots.aloud();
    }

    @Override
    public JSObject rulers() {
        return Js.list(snapshots.rulers(), Told::of);
    }

    @Override
    public JSObject looks(String view) {
        return Js.list(snapshots.looks(view, layout), Told::of);
    }

    @Override
    public JSObject look(String view) {
        return Told.of(snapshots.look(view));
    }

    @Override
    public JSObject backgrounds(String view) {
        return Js.list(snapshots.backgrounds(view), Told::of);
    }

    @Override
    public JSObject lightsFor(String view) {
        return Js.list(snapshots.lightsFor(view), Told::of);
    }

    @Override
    public JSObject choices(String view) {
        return Js.list(snapshots.choices(view), Told::of);
    }

    @Override
    public JSObject boards() {
        return Told.of(snapshots.boards());
    }

    @Override
    public JSObject pins() {
        return Js.list(snapshots.pins(), Told::of);
    }

    @Override
    public JSObject find(String typed) {
        return Js.list(snapshots.find(typed, layout), Told::of);
    }

    @Override
    public void ran(String key) {
        snapshots.ran(key);
    }

    @Override
    public JSObject shotIds() {
        return Js.list(snapshots.shotList().ids(), Js::text);
    }

    @Override
    public JSObject shot(String camera) {
        ShotRow row = snapshots.shotList().row(camera);
        return row == null ? null : Told.of(row);
    }

    @Override
    public String shotsCsv() {
        return snapshots.shotList().csv();
    }

    @Override
    public JSObject cameras() {
        return Js.list(snapshots.cameras(), Told::of);
    }

    @Override
    public JSObject layers() {
        return Js.list(snapshots.layers(), Told::of);
    }

    @Override
    public JSObject history() {
        return Told.of(snapshots.history());
    }

    @Override
    public JSObject frames() {
        return frames.of(snapshots.frames());
    }

    @Override
    public void readout(JSObject target, boolean fresh) {
        Readout now = snapshots.readout();
        Told.change(fresh ? null : readout, now, target);
        readout = now;
    }

    @Override
    public JSObject pick(String view, double x, double y) {
        return Told.of(snapshots.pick(view, x, y));
    }

    @Override
    public JSObject selection() {
        return Js.list(snapshots.selection(), Js::text);
    }

    @Override
    public Int32Array selectedNodes(boolean last) {
        return Int32Array.fromJavaArray(snapshots.selectedNodes(last));
    }

    @Override
    public JSObject firstSteps() {
        return firstSteps.of(stage.firstSteps(layout));
    }

    @Override
    public JSObject hints() {
        return hints.of(snapshots.hints(layout));
    }

    @Override
    public JSObject project(String view, JSObject point) {
        double[] p = PlainData.numbers(JsPlain.fromJs(point), 3);
        ScreenPoint at = p == null ? null : snapshots.onScreen(view, new Vec3(p[0], p[1], p[2]));
        return at == null ? null : Told.of(at);
    }
}
