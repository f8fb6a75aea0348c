package rhombus.core.stage.keymaps;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Keymaps;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.StageContext;

/** Keymaps and settings in one file, to take a hand to another machine. */
public final class SettingsFile {
    private static final String FORMAT = "rhombus-hand";
    private static final int VERSION = 1;

    private final StageContext ground;
    private final BindingEditor rebinding;

    /** The file of a stage. */
    public SettingsFile(StageContext ground, BindingEditor rebinding) {
        this.ground = ground;
        this.rebinding = rebinding;
    }

    /** All keymaps and what differs from the usual settings. */
    public Map<String, Object> toPlain() {
        return PlainData.map(
                "format",
                FORMAT,
                "version",
                VERSION,
                "keymaps",
                rebinding.keymaps().all().toPlain(),
                "habits",
                ground.habits().toPlain());
    }

    /**
     * Uses a file: its keymap is in use, beside those that there are; its settings replace those that there are; its looks come to them.
     *
     * @return what of the settings could not be used, with its place
     * @throws IllegalArgumentException saying what is wrong where nothing was changed
     */
    public List<String> use(Map<String, Object> m) {
        if (!FORMAT.equals(m.get("format"))) {
            throw new IllegalArgumentException(say("hand-file.this-is-no-file-of", FORMAT));
        }
        if (PlainData.whole(m.get("version"), 0) != VERSION) {
            throw new IllegalArgumentException(
                    say("hand-file.version-is-not-known-here", PlainData.told(m.get("version"))));
        }
        Keymaps brought;
        try {
            brought = rebinding.keymaps().keymap().catalogue().keymaps(PlainData.map(m.get("keymaps")));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(say("hand-file.keymaps", e.getMessage()));
        }
        Map<String, Object> habits = PlainData.map(m.get("habits"));
        List<String> problems = new ArrayList<>();
        Habits.problems(habits).forEach(p -> problems.add("habits." + p));
        rebinding.keymaps().takeAll(brought);
        // Looks that the file does not know stay; of two with one name the file's counts.
        Habits read = Habits.of(habits);
        ground.settings().use(read.with(ground.habits().looks().and(read.looks())));
        return problems;
    }
}
