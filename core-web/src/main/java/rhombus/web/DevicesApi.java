package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.boundary.Gives;
import rhombus.boundary.OrNothing;
import rhombus.core.stage.coach.RecorderState;
import rhombus.core.stage.input.DevicesState;

/** Gamepads and 3D mice, and recordings of what a hand does. */
public interface DevicesApi extends JSObject {
    /** What a gamepad reports now, in the form of the W3C Gamepad interface; whether that is something else than before. */
    boolean gamepad(int index, String id, String mapping, Float64Array axes, Float64Array buttons, double time);

    void gamepadGone(int index, double time);

    /** A device that may be a 3D mouse, with the {@code collections} of WebHID; gives why it cannot be used, or null. */
    @OrNothing
    String hidOpened(int number, String name, @Gives(Map.class) JSObject descriptor);

    void hidReport(int number, int report, Int8Array bytes, double time);

    void hidGone(int number, double time);

    /** All of them with what they report and what is made of it. */
    @Gives(DevicesState.class)
    JSObject seen();

    /** Begins a recording. */
    void record();

    /** Ends a recording or its replay. */
    void stop();

    void play(double time);

    @Gives(RecorderState.class)
    JSObject recorder();

    @Gives(Map.class)
    JSObject recording();

    /** Takes over a recording of a file; gives what is wrong with it, or null. */
    @OrNothing
    String bringRecording(@Gives(Map.class) JSObject file);
}
