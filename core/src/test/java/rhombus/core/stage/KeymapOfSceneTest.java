package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Keymaps;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.view.Pose;

/** A scene may have a keymap of its own, and keymaps may change under the hand. */
class KeymapOfSceneTest {
    private static final int RIGHT = 2;

    private static Keymap own(String name) {
        return AllCommands.CATALOGUE
                .preset(KeymapPresets.RHOMBUS)
                .with("home", Trigger.key("F9"), 0)
                .named(name);
    }

    /** Two keymaps, the first of them in use. */
    private static Keymaps two() {
        return new Keymaps(own("Usual"), List.of(own("Lesson")));
    }

    private static Hand opened(Keymaps kept, Map<String, Object> workspace) {
        Hand h = new Hand();
        h.stage.use(kept);
        h.stage.documents().restore(workspace);
        return h;
    }

    @Test
    void aSceneKeepsItsOwnKeymapAndOthersKeepTheirs() {
        Hand h = opened(two(), Map.of());
        h.run("app.keymap-here", null, "on", true);
        h.stage.keymaps().choose("Lesson");

        Keymaps kept = h.stage.keymaps().kept();
        assertThat(kept.active().name()).isEqualTo("Usual");
        Hand again = opened(kept, h.stage.documents().workspace());
        assertThat(again.stage.keymap().name()).isEqualTo("Lesson");
        assertThat(again.stage.keymaps().elsewhere()).isEqualTo("Usual");
        assertThat(opened(kept, new Hand().stage.documents().workspace())
                        .stage
                        .keymap()
                        .name())
                .isEqualTo("Usual");
    }

    @Test
    void aPresetCanBeTheKeymapOfASceneToo() {
        Hand h = opened(two(), Map.of());
        h.run("app.keymap-here", null, "on", true);
        h.stage.keymaps().preset(KeymapPresets.TRACKPAD);
        Hand again = opened(h.stage.keymaps().kept(), h.stage.documents().workspace());
        assertThat(again.stage.keymap().preset()).isEqualTo(KeymapPresets.TRACKPAD);
        assertThat(again.stage.keymaps().kept().active().name()).isEqualTo("Usual");
    }

    @Test
    void letGoItIsTheKeymapOfAllScenes() {
        Hand h = opened(two(), Map.of());
        h.run("app.keymap-here", null, "on", true);
        h.stage.keymaps().choose("Lesson");
        h.run("app.keymap-here", null, "on", false);
        assertThat(h.stage.keymaps().kept().active().name()).isEqualTo("Lesson");
        assertThat(h.stage.keymaps().ofScene()).isNull();
    }

    @Test
    void renamedItIsFoundAgain() {
        Hand h = opened(two(), Map.of());
        h.run("app.keymap-here", null, "on", true);
        assertThat(h.stage.keymaps().rename("Mine")).isNull();
        Hand again = opened(h.stage.keymaps().kept(), h.stage.documents().workspace());
        assertThat(again.stage.keymap().name()).isEqualTo("Mine");
        assertThat(again.notices()).isEmpty();
    }

    @Test
    void oneThatWasDeletedElsewhereIsToldAndTheUsualOneIsInUse() {
        Hand h = opened(two(), Map.of());
        h.run("app.keymap-here", null, "on", true);
        h.stage.keymaps().choose("Lesson");
        Map<String, Object> workspace = h.stage.documents().workspace();

        Hand again = opened(new Keymaps(own("Usual"), List.of()), workspace);
        assertThat(again.stage.keymap().name()).isEqualTo("Usual");
        assertThat(again.notices())
                .contains("The keymap “Lesson” of this scene is not there any more; “Usual” is in use.");
    }

    /** Another window saves the user's keymaps: this scene goes on with its own, as it is there now. */
    @Test
    void keymapsThatWereChangedInAnotherWindowLeaveTheScenesOwnInUse() {
        Hand h = opened(two(), Map.of());
        h.run("app.keymap-here", null, "on", true);
        h.stage.keymaps().choose("Lesson");
        Keymap changed = own("Lesson").with("home", Trigger.key("F8"), 0);
        h.stage.use(new Keymaps(own("Third"), List.of(changed, own("Usual"))));
        assertThat(h.stage.keymap()).isEqualTo(changed);
        assertThat(h.stage.keymaps().kept().active().name()).isEqualTo("Third");
    }

    static List<String> presets() {
        return KeymapPresets.ALL;
    }

    private static Pose dragged(String toPreset) {
        Hand h = new Hand();
        h.move(700, 600, 0);
        h.move(700, 600, RIGHT);
        for (int i = 1; i <= 20; i++) {
            if (i == 7 && toPreset != null) {
                h.stage.keymaps().preset(toPreset);
            }
            h.move(700 + 9 * i, 600 - 4 * i, RIGHT);
        }
        h.move(880, 520, 0);
        return h.pose(3);
    }

    /** The drag that runs goes on to its end by the old keymap, event by event; the next one goes by the new one. */
    @ParameterizedTest
    @MethodSource("presets")
    void aKeymapThatChangesInMidDragLosesNoEvent(String preset) {
        assertThat(dragged(preset)).isEqualTo(dragged(null));
    }

    @Test
    void afterTheDragTheNewKeymapAnswers() {
        Hand h = new Hand();
        h.move(700, 600, 0);
        h.move(700, 600, RIGHT);
        h.move(740, 600, RIGHT);
        h.stage.keymaps().preset(KeymapPresets.MODIFIER_DRAG);
        h.move(760, 600, RIGHT);
        h.move(760, 600, 0);
        Pose landed = h.pose(3);
        h.drag(700, 600, 60, 0, RIGHT, 0);
        assertThat(h.pose(3)).isEqualTo(landed);
    }
}
