package rhombus.web;

import java.util.Map;
import org.teavm.jso.JSObject;
import rhombus.core.glossary.Glossary;
import rhombus.core.habits.AllHabits;
import rhombus.core.stage.Stage;

/** The door to what things are. */
final class HelpDoor implements HelpApi {
    private final Stage stage;
    private final Map<String, String> layout;

    HelpDoor(Stage stage, Map<String, String> layout) {
        this.stage = stage;
        this.layout = layout;
    }

    @Override
    public JSObject about(String command) {
        return Told.of(stage.asking().about(command, layout));
    }

    @Override
    public boolean hovering() {
        return stage.habits().on(AllHabits.HOVER_HELP);
    }

    @Override
    public JSObject tips() {
        return Js.list(stage.tips(layout), Told::of);
    }

    @Override
    public JSObject at(double x, double y) {
        return Told.of(stage.asking().at(x, y));
    }

    @Override
    public JSObject picture(String word, double part) {
        return Told.of(Glossary.at(word, part));
    }
}
