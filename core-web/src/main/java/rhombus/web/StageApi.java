package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import org.teavm.jso.JSProperty;
import org.teavm.jso.typedarrays.ArrayBuffer;
import org.teavm.jso.typedarrays.Int32Array;
import rhombus.boundary.Gives;
import rhombus.boundary.OrNothing;
import rhombus.core.stage.view.Notice;
import rhombus.core.stage.view.PageRequest;
import rhombus.core.stage.view.StageChanges;

/** One scene on its stage, from opening to closing. Nothing of it is shared with another. */
public interface StageApi extends JSObject {
    @JSProperty
    InputApi getInput();

    @JSProperty
    DrawApi getDraw();

    @JSProperty
    SubmitApi getSubmit();

    @JSProperty
    ShowApi getShow();

    @JSProperty
    KeptApi getKept();

    @JSProperty
    KeysApi getKeys();

    @JSProperty
    DevicesApi getDevices();

    @JSProperty
    ReportApi getReport();

    @JSProperty
    HelpApi getHelp();

    @JSProperty
    DrillApi getDrills();

    /** Shows a scene's file. */
    void openScene(ArrayBuffer glb, String title);

    void resize(double width, double height);

    /** Runs a command on a viewport, or on the active one where there is no id. */
    boolean command(String id, @Gives(Map.class) JSObject args, @OrNothing String view, double time);

    void tick(double time);

    boolean animating();

    void reduceMotion(boolean reduce);

    @Gives(value = StageChanges.class, orNull = true)
    JSObject takeChanges();

    Int32Array takeMoved();

    @Gives(value = Notice.class, list = true)
    JSObject takeNotices();

    @Gives(value = PageRequest.class, list = true)
    JSObject takeApplication();
}
