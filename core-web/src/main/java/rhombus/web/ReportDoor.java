package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import rhombus.core.stage.Stage;

/** The door for the report on the hand. */
final class ReportDoor implements ReportApi {
    private final Stage stage;
    private final Map<String, String> layout;

    ReportDoor(Stage stage, Map<String, String> layout) {
        this.stage = stage;
        this.layout = layout;
    }

    @Override
    public JSObject state() {
        return Told.of(stage.advice().state(layout));
    }

    @Override
    public boolean follow(String advice) {
        return stage.advice().follow(advice, layout);
    }

    @Override
    public String where() {
        return stage.report().where();
    }

    @Override
    public void restore(JSObject document, String today) {
        stage.report().restore(JsPlain.map(document), today);
    }

    @Override
    public JSObject send() {
        return JsPlain.toJs(stage.report().send());
    }

    @Override
    public void sent(boolean arrived) {
        stage.report().sent(arrived);
    }

    @Override
    public void moved() {
        stage.report().moved();
    }

    @Override
    public void erase(String today) {
        stage.report().erase(today);
    }
}
