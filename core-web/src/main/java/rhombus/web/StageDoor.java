package rhombus.web;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.ArrayBuffer;
import org.teavm.jso.typedarrays.Int32Array;
import rhombus.core.drill.DrillSession;
import rhombus.core.stage.Stage;

/** The door of one stage. */
final class StageDoor implements StageApi {
    private final Stage stage = new Stage();
    private final Map<String, String> layout = new HashMap<>();
    private final InputDoor input = new InputDoor(stage);
    private final DrawDoor draw = new DrawDoor(stage);
    private final SubmitDoor submit = new SubmitDoor(stage, draw);
    private final ShowDoor show = new ShowDoor(stage, layout);
    private final KeptDoor kept = new KeptDoor(stage);
    private final KeysDoor keys = new KeysDoor(stage, layout);
    private final DevicesDoor devices = new DevicesDoor(stage);
    private final ReportDoor report = new ReportDoor(stage, layout);
    private final DrillSession practice = new DrillSession(stage);
    private final DrillDoor drills = new DrillDoor(practice);
    private final HelpDoor help = new HelpDoor(stage, layout);

    @Override
    public InputApi getInput() {
        return input;
    }

    @Override
    public DrawApi getDraw() {
        return draw;
    }

    @Override
    public SubmitApi getSubmit() {
        return submit;
    }

    @Override
    public ShowApi getShow() {
        return show;
    }

    @Override
    public KeptApi getKept() {
        return kept;
    }

    @Override
    public KeysApi getKeys() {
        return keys;
    }

    @Override
    public DevicesApi getDevices() {
        return devices;
    }

    @Override
    public ReportApi getReport() {
        return report;
    }

    @Override
    public DrillApi getDrills() {
        return drills;
    }

    @Override
    public HelpApi getHelp() {
        return help;
    }

    @Override
    public void openScene(ArrayBuffer glb, String title) {
        OpenScene open = new OpenScene(glb);
        draw.open(open);
        submit.open();
        stage.open(open.scene, title);
    }

    @Override
    public void resize(double width, double height) {
        stage.resize(width, height);
    }

    @Override
    public boolean command(String id, JSObject args, String view, double time) {
        return stage.command(id, JsPlain.map(args), view, time);
    }

    @Override
    public void tick(double time) {
        stage.tick(time);
        practice.tick(time);
    }

    @Override
    public boolean animating() {
        return stage.animating();
    }

    @Override
    public void reduceMotion(boolean reduce) {
        stage.reduceMotion(reduce);
    }

    @Override
    public JSObject takeChanges() {
        return Told.of(stage.snapshots().changed());
    }

    @Override
    public Int32Array takeMoved() {
        List<Integer> moved = stage.changes().takeMoved();
        int[] out = new int[moved.size()];
        for (int i = 0; i < out.length; i++) {
            out[i] = moved.get(i);
        }
        return Int32Array.fromJavaArray(out);
    }

    @Override
    public JSObject takeNotices() {
        return Js.list(stage.changes().takeNotices(), Told::of);
    }

    @Override
    public JSObject takeApplication() {
        return Js.list(stage.changes().takeApplication(), Told::of);
    }
}
