package rhombus.core.page;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.SettingPreview;
import rhombus.core.stage.Stage;
import rhombus.core.stage.show.help.HabitRow;
import rhombus.core.stage.show.help.HabitsList;
import rhombus.core.stage.show.help.PreviewFrame;

/** The user's settings, as the page lists and changes them. */
public final class SettingsPage {
    private final Stage stage;
    private final SettingPreview preview = new SettingPreview();

    SettingsPage(Stage stage) {
        this.stage = stage;
    }

    /** The settings as plain data. */
    @PageCall
    public Map<String, Object> toPlain() {
        return stage.habits().toPlain();
    }

    /** Uses the settings that were kept; whatever does not fit is passed over. */
    @PageCall
    public void use(Map<String, Object> stored) {
        stage.use(Habits.of(stored));
    }

    /** The theme of every machine, or null where each has its own. */
    @PageCall
    @OrNull
    public String theme() {
        String theme = String.valueOf(stage.habits().value(AllHabits.THEME));
        return theme.equals(AllHabits.THEME.usual()) ? null : theme;
    }

    /** Whether the colours of X, Y and Z are those for eyes to which red and green look alike. */
    @PageCall
    public boolean clearAxisColours() {
        return stage.habits().is(AllHabits.AXIS_COLOURS, "clear");
    }

    /** Whether help shows where the pointer rests. */
    @PageCall
    public boolean hoverHelp() {
        return stage.habits().on(AllHabits.HOVER_HELP);
    }

    /** The settings that are meant by words, or all. */
    @PageCall
    public List<HabitRow> list(String search) {
        return HabitsList.of(stage.habits(), search, SettingPreview::shows);
    }

    /** A moment of the preview of a setting with the values that are set; null where there is none. */
    @PageCall
    @OrNull
    public PreviewFrame preview(String id, double timeMs) {
        Habit h = AllHabits.named(id);
        if (h == null || !SettingPreview.shows(h)) {
            return null;
        }
        preview.show(h, stage.habits(), timeMs);
        return preview.frame(timeMs);
    }

    /** Sets a setting by its {@code id}; without a {@code value} it is put back. */
    @PageCall
    public void set(Map<String, Object> change) {
        stage.habit(PlainData.text(change.get("id"), ""), change.get("value"));
    }

    /** Keymaps and settings in one file. */
    @PageCall
    public Map<String, Object> file() {
        return stage.settingsFile().toPlain();
    }

    /** Uses such a file; gives what is to be told of it, or null where all of it is in use. */
    @PageCall
    @OrNull
    public String useFile(Map<String, Object> file) {
        try {
            List<String> left = stage.settingsFile().use(file);
            return left.isEmpty() ? null : say("settings-file.in-use-but", String.join("; ", left));
        } catch (IllegalArgumentException e) {
            return say("settings-file.nothing-was-changed", e.getMessage());
        }
    }
}
