package rhombus.web;

import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Float64Array;
import rhombus.core.drill.DrillSession;

/** The door to tasks for hand and eye. */
final class DrillDoor implements DrillApi {
    private final DrillSession practice;

    DrillDoor(DrillSession practice) {
        this.practice = practice;
    }

    @Override
    public JSObject there() {
        return Js.list(practice.there(), Js::text);
    }

    @Override
    public String start(String id, Float64Array course, Float64Array path, double time) {
        return practice.start(id, course.toJavaArray(), path.toJavaArray(), time);
    }

    @Override
    public String startOwn(String id, JSObject made, Float64Array course, Float64Array path, double time) {
        return practice.startOwn(id, JsPlain.map(made), course.toJavaArray(), path.toJavaArray(), time);
    }

    @Override
    public JSObject here() {
        return JsPlain.toJs(practice.here());
    }

    @Override
    public String against(JSObject made) {
        return DrillSession.against(JsPlain.map(made));
    }

    @Override
    public JSObject state(double time) {
        practice.tick(time);
        return Told.of(practice.state());
    }

    @Override
    public JSObject log() {
        return JsPlain.toJs(practice.log());
    }

    @Override
    public void end(double time) {
        practice.end(time);
    }
}
