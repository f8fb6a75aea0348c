package rhombus.web;

import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.Stage;

/** The door for gamepads, 3D mice and recordings. */
final class DevicesDoor implements DevicesApi {
    private final Stage stage;

    DevicesDoor(Stage stage) {
        this.stage = stage;
    }

    @Override
    public boolean gamepad(int index, String id, String mapping, Float64Array axes, Float64Array buttons, double time) {
        return stage.devices().gamepad(index, id, mapping, axes.toJavaArray(), buttons.toJavaArray(), time);
    }

    @Override
    public void gamepadGone(int index, double time) {
        stage.devices().gamepadGone(index, time);
    }

    @Override
    public String hidOpened(int number, String name, JSObject descriptor) {
        return stage.devices()
                .hidOpened(number, name, PlainData.list(JsPlain.map(descriptor).get("collections")));
    }

    @Override
    public void hidReport(int number, int report, Int8Array bytes, double time) {
        stage.devices().hidReport(number, report, bytes.toJavaArray(), time);
    }

    @Override
    public void hidGone(int number, double time) {
        stage.devices().hidGone(number, time);
    }

    @Override
    public JSObject seen() {
        return Told.of(stage.devices().state());
    }

    @Override
    public void record() {
        stage.recorder().record();
    }

    @Override
    public void stop() {
        stage.recorder().stop();
    }

    @Override
    public void play(double time) {
        stage.recorder().play(time);
    }

    @Override
    public JSObject recorder() {
        return Told.of(stage.recorder().state());
    }

    @Override
    public JSObject recording() {
        return JsPlain.toJs(stage.recorder().toPlain());
    }

    @Override
    public String bringRecording(JSObject file) {
        return stage.recorder().bring(JsPlain.map(file));
    }
}
