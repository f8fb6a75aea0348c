package rhombus.web;

import java.util.List;
import java.util.Map;
import org.teavm.jso.JSObject;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.KeyNames;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.SettingPreview;
import rhombus.core.stage.Stage;
import rhombus.core.stage.commands.AllCommands;

/** The door for keymap and settings. */
final class KeysDoor implements KeysApi {
    private final Stage stage;
    private final Map<String, String> layout;
    private final SettingPreview preview = new SettingPreview();

    KeysDoor(Stage stage, Map<String, String> layout) {
        this.stage = stage;
        this.layout = layout;
    }

    @Override
    public void layout(JSObject names) {
        JsPlain.map(names).forEach((code, printed) -> layout.put(code, PlainData.text(printed, "")));
    }

    @Override
    public JSObject keymap() {
        return JsPlain.toJs(stage.keymap().toPlain());
    }

    @Override
    public JSObject keptKeymaps() {
        return JsPlain.toJs(stage.keymaps().kept().toPlain());
    }

    @Override
    public String useKeymaps(JSObject stored) {
        try {
            stage.use(AllCommands.CATALOGUE.keymaps(JsPlain.map(stored)));
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    @Override
    public JSObject triggersOf(String command) {
        return JsPlain.toJs(stage.keymaps().triggersOf(command, layout));
    }

    @Override
    public void chooseKeymap(String name) {
        stage.keymaps().choose(name);
    }

    @Override
    public void copyKeymap(String name) {
        stage.keymaps().copy(name);
    }

    @Override
    public String renameKeymap(String name) {
        return stage.keymaps().rename(name);
    }

    @Override
    public void deleteKeymap() {
        stage.keymaps().delete();
    }

    @Override
    public void mirrorKeymap() {
        stage.keymaps().mirror();
    }

    @Override
    public JSObject keysPage(JSObject wish) {
        return Told.of(stage.snapshots().keys(JsPlain.map(wish), layout));
    }

    @Override
    public JSObject keysPicture(int modifiers, String place) {
        return Told.of(stage.snapshots().keysPicture(modifiers, place, layout));
    }

    @Override
    public JSObject keysSheet() {
        return Told.of(stage.snapshots().keysSheet(layout));
    }

    @Override
    public JSObject printed() {
        return JsPlain.toJs(layout);
    }

    @Override
    public void lookAt(String trigger, int modifiers) {
        stage.rebinding().lookAt(trigger, modifiers);
    }

    @Override
    public JSObject offered() {
        return Told.of(stage.rebinding().offered(layout));
    }

    @Override
    public JSObject bindable(String words) {
        return Js.list(stage.snapshots().giveable(words), Told::of);
    }

    @Override
    public void teach() {
        stage.teaching().begin();
    }

    @Override
    public JSObject teaching() {
        return Told.of(stage.teaching().state(layout));
    }

    @Override
    public boolean taught(double timeMs) {
        return stage.teaching().look(timeMs, layout);
    }

    @Override
    public void skipLesson() {
        stage.teaching().skip();
    }

    @Override
    public void lessonBefore() {
        stage.teaching().again();
    }

    @Override
    public boolean tryTaught() {
        return stage.teaching().tryIt();
    }

    @Override
    public boolean onTrial() {
        return stage.teaching().onTrial();
    }

    @Override
    public void keepTaught() {
        stage.teaching().keep();
    }

    @Override
    public void discardTaught() {
        stage.teaching().discard();
    }

    @Override
    public void typed(String code, String printed, int modifiers) {
        if (KeyNames.learns(code, printed, modifiers)) {
            layout.put(code, printed);
        }
    }

    @Override
    public void platform(String told) {
        stage.rebinding().on(told);
    }

    @Override
    public boolean lookByDoing() {
        return stage.rebinding().look();
    }

    @Override
    public void forgetDone() {
        stage.rebinding().forget();
    }

    @Override
    public JSObject bringKeymap(JSObject file) {
        return Told.of(stage.keymaps().bring(JsPlain.map(file)));
    }

    @Override
    public void keymapCame(JSObject keymap) {
        stage.keymaps().came(JsPlain.map(keymap));
    }

    @Override
    public void useBrought() {
        stage.keymaps().useBrought();
    }

    @Override
    public boolean redoKeymap() {
        return stage.keymaps().redo();
    }

    @Override
    public void resetGroup(String group) {
        stage.keymaps().resetGroup(group);
    }

    @Override
    public void capture(boolean on) {
        stage.input().capture(on);
    }

    @Override
    public JSObject takeBinding(String id, int which) {
        return Told.of(stage.snapshots().taken(id, which, layout));
    }

    @Override
    public JSObject captured() {
        return Told.of(stage.rebinding().captured(layout));
    }

    @Override
    public void rebind(String how, boolean sure) {
        stage.rebinding().apply(how, sure);
    }

    @Override
    public void resetBinding(String binding) {
        stage.keymaps().reset(binding);
    }

    @Override
    public void usePreset(String preset) {
        stage.keymaps().preset(preset);
    }

    @Override
    public boolean undoKeymap() {
        return stage.keymaps().undo();
    }

    @Override
    public JSObject habits() {
        return JsPlain.toJs(stage.habits().toPlain());
    }

    @Override
    public void useHabits(JSObject stored) {
        stage.use(Habits.of(JsPlain.map(stored)));
    }

    @Override
    public String theme() {
        String theme = String.valueOf(stage.habits().value(AllHabits.THEME));
        return theme.equals(AllHabits.THEME.usual()) ? null : theme;
    }

    @Override
    public boolean clearAxisColours() {
        return stage.habits().is(AllHabits.AXIS_COLOURS, "clear");
    }

    @Override
    public JSObject handFile() {
        return JsPlain.toJs(stage.handFile().toPlain());
    }

    @Override
    public String useHandFile(JSObject file) {
        try {
            List<String> left = stage.handFile().use(JsPlain.map(file));
            return left.isEmpty() ? null : "In use, but for this: " + String.join("; ", left) + ".";
        } catch (IllegalArgumentException e) {
            return e.getMessage() + ". Nothing was changed.";
        }
    }

    @Override
    public JSObject habitsPage(String search) {
        return Js.list(stage.snapshots().habits(search, SettingPreview::shows), Told::of);
    }

    @Override
    public JSObject habitPreview(String id, double timeMs) {
        Habit h = AllHabits.named(id);
        if (h == null || !SettingPreview.shows(h)) {
            return null;
        }
        preview.show(h, stage.habits(), timeMs);
        return Told.of(preview.frame(timeMs));
    }

    @Override
    public void setHabit(JSObject change) {
        Map<String, Object> m = JsPlain.map(change);
        stage.habit(PlainData.text(m.get("id"), ""), m.get("value"));
    }
}
